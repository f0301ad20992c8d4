import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { finishStep, foldRun, recordOf, startRun } from '../../src/core/run';
import { runForOthers } from '../../src/core/run/for-others';
import { planItem } from '../../src/core/programme';

const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const AT = Date.parse('2027-01-03T08:00:00Z');

describe('a programme for somebody else to carry out', () => {
  test.each(['itm-parka', 'itm-smock', 'itm-quilt', 'itm-boots'])(
    '%s: the same steps and words, where it stands, without the owner’s machines and bottles',
    (id) => {
      const item = kit.items.find((i) => i.id === id)!;
      let run = startRun(planItem(kit, item), id, 'run-1', AT);
      for (let n = 0; n < 3; n++) run = finishStep(run, AT + n * 60_000);
      const record = recordOf(run);
      // There is something to leave out.
      if (id !== 'itm-boots') expect(JSON.stringify(record)).toMatch(/"(supplyId|washerId|dryerId)":/);
      const handed = runForOthers(record);
      expect(JSON.stringify(handed)).not.toMatch(/"(supplyId|washerId|dryerId|load)":/);
      const [then, was] = [foldRun(handed), foldRun(record)];
      expect([then.currentId, then.status]).toEqual([was.currentId, was.status]);
      expect(then.programme.steps.map((s) => [s.id, s.text, s.settings.doseMl])).toEqual(
        was.programme.steps.map((s) => [s.id, s.text, s.settings.doseMl]),
      );
    },
  );
});
