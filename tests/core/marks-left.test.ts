import { describe, expect, test } from 'vitest';
import type { Inspection, Item } from '../../src/core/gear';
import { answerCheck, current, finishStep, skipStep, startRun, type Run } from '../../src/core/run';
import { finishRun } from '../../src/core/run/finish';
import { comp, item, KIT, label, programme, shell, type Seen } from '../make';

/* What the record says after a run is what was seen, never what was planned. Common practice, no source. */
const T0 = Date.parse('2027-01-03T08:00:00Z');
const AT = { iso: '2027-01-03T10:00:00Z', today: '2027-01-03', logId: 'l', inspectionId: 'after' };
const seen = (thing: Item, rest: Seen): Inspection => ({ ...rest, id: 'before', itemId: thing.id, at: '2027-01-02T08:00:00Z' });

/** Carries a programme through; each step is answered as told by its key, else as if all were fine. */
function after(thing: Item, before: Seen, how: Record<string, 'not yet' | 'skip'> = {}): Inspection | null {
  let run: Run = startRun(programme(thing, before), 'it', 'run-1', T0);
  for (let n = 0; n < 80 && current(run); n++) {
    const step = current(run);
    const wish = how[step?.key ?? ''];
    if (wish === 'skip') run = skipStep(run, T0, 'no time');
    else if (wish === 'not yet') {
      // "Not yet" is said once; where the step is then asked again, going on leaves the answer as it was.
      run = answerCheck(run, false, T0);
      if (current(run)?.key === step?.key) run = skipStep(run, T0, 'gave up');
    } else run = step?.check ? answerCheck(run, true, T0) : finishStep(run, T0);
  }
  expect(current(run)).toBeUndefined();
  return finishRun(run, thing, seen(thing, before), KIT, AT).inspection;
}

const layer = item('base-layer', [comp('face', 'polyester-knit')], { repellency: 'none', label: label(40, 'normal') });
const STAINED: Seen = { soil: 2, odour: 1, stains: [{ soil: 'body-oil', place: 'collar', set: false }] };

describe('a mark stays until a look says that it is gone', () => {
  test('gone at the look while wet: it is gone, and the thing is clean', () => {
    const now = after(layer, STAINED);
    expect(now?.stains).toBeUndefined();
    expect(now).toMatchObject({ soil: 0, odour: 0 });
  });
  test('not yet at the look while wet: it keeps its name and place, and has set', () => {
    const now = after(layer, STAINED, { 'look-wet': 'not yet' });
    expect(now?.stains).toEqual([{ soil: 'body-oil', place: 'collar', set: true }]);
    expect(now?.soil).toBe(1);
    expect(programme(layer, now ?? {}).verdict).not.toContain('Leave it alone');
  });
  test('a look that was skipped says nothing', () =>
    expect(after(layer, STAINED, { 'look-wet': 'skip' })?.stains).toEqual([{ soil: 'body-oil', place: 'collar', set: true }]));
  test('leather whose marks no step looks at keeps them', () => {
    const boots = item('boot', [comp('upper', 'leather')], { label: null });
    const now = after(boots, { soil: 2, odour: 1, stains: [{ soil: 'scuff' }, { soil: 'yellowing' }] }, { 'look-wet': 'skip' });
    expect(now?.stains?.map((s) => s.soil)).toEqual(['scuff', 'yellowing']);
  });
});

describe('without a look at all of them', () => {
  test('each mark goes by the look of its own treatment, not by another’s', () => {
    const before: Seen = { soil: 1, odour: 0, stains: [{ soil: 'blood' }, { soil: 'scuff' }] };
    const made = programme(layer, { ...before, soil: 2 });
    const bare = { ...made, steps: made.steps.filter((s) => s.key !== 'look-wet' && s.key !== 'treat-again') };
    expect(bare.steps.some((s) => s.key === 'treat-blood')).toBe(true);
    let run: Run = startRun(bare, 'it', 'run-1', T0);
    while (current(run)) {
      const step = current(run);
      if (!step?.check) run = finishStep(run, T0);
      else if (step.key === 'treat-other') run = skipStep(run, T0, 'no time');
      else run = answerCheck(run, true, T0);
    }
    const now = finishRun(run, layer, seen(layer, before), KIT, AT).inspection;
    expect(now?.stains).toEqual([{ soil: 'scuff', set: true }]);
  });
});

describe('what was not done changes nothing', () => {
  test('a wash that was skipped leaves soil, smell and marks as they were', () => {
    const skipped = Object.fromEntries(programme(layer, STAINED).steps.map((s) => [s.key, 'skip'] as const));
    expect(after(layer, { ...STAINED, soils: ['sweat'] }, skipped)).toMatchObject({
      soil: 2,
      odour: 1,
      soils: ['sweat'],
      stains: STAINED.stains,
    });
  });
});

describe('drops are recorded where they were tried', () => {
  test.each([
    ['jacket', ['shoulders', 'hood', 'back', 'sleeves']],
    ['trousers', ['seat', 'knees', 'hem']],
  ] as const)('%s', (kind, zones) =>
    expect(Object.keys(after({ ...shell(), kind }, { soil: 2, odour: 0 })?.droplet ?? {})).toEqual(zones),
  );
});
