import { describe, expect, test } from 'vitest';
import type { Inspection, Item } from '../../src/core/gear';
import type { WayId } from '../../src/core/knowledge';
import { answerCheck, chooseWay, current, finishStep, putAwayAsItIs, skipStep, startRun, type Run } from '../../src/core/run';
import { lookOf } from '../../src/core/run/looks';
import { finishRun } from '../../src/core/run/finish';
import { comp, item, KIT, label, programme, shell, type KitPart, type Seen } from '../make';

/* What the record says after a run is what was seen, never what was planned. Common practice, no source. */
const T0 = Date.parse('2027-01-03T08:00:00Z');
const AT = { iso: '2027-01-03T10:00:00Z', today: '2027-01-03', logId: 'l', inspectionId: 'after' };
const seen = (thing: Item, rest: Seen): Inspection => ({ ...rest, id: 'before', itemId: thing.id, at: '2027-01-02T08:00:00Z' });

/** A way out that leaves it as it is. */
const LEAVE: Readonly<Record<string, WayId>> = {
  marks: 'leave-marks',
  drops: 'leave-drops',
  whole: 'leave-seen',
  treated: 'leave-marks',
  leak: 'leave-leak',
  rubber: 'leave-marks',
  nap: 'leave-marks',
};

/**
 * Carries a programme through; each step is answered as told by its key, else as if all were fine. "never" fails until the ways out are
 * offered, and leaves it as it is.
 */
function after(
  thing: Item,
  before: Seen,
  how: Record<string, 'never' | 'once' | 'skip'> = {},
  kit: KitPart = {},
): Inspection | null {
  let run: Run = startRun(programme(thing, before, kit), 'it', 'run-1', T0);
  const failed = new Set<string>();
  for (let n = 0; n < 80 && current(run); n++) {
    const step = current(run)!;
    const wish = how[step.key];
    if (run.open.length > 0) run = putAwayAsItIs(run, T0);
    else if (run.steps[step.id]?.state === 'asking') run = chooseWay(run, LEAVE[lookOf(step)?.id ?? ''] as WayId, T0);
    else if (wish === 'skip') run = skipStep(run, T0, 'no time');
    else if (wish === 'never' || (wish === 'once' && !failed.has(step.key))) {
      failed.add(step.key);
      run = answerCheck(run, false, T0);
    } else run = step.check ? answerCheck(run, true, T0) : finishStep(run, T0);
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
  test('not yet, treated again, and gone at the same look: it is gone', () =>
    expect(after(layer, STAINED, { 'look-wet': 'once' })?.stains).toBeUndefined());
  test('never gone at the look while wet, and left: it keeps its name and place, and has set', () => {
    const now = after(layer, STAINED, { 'look-wet': 'never' });
    expect(now?.stains).toEqual([{ soil: 'body-oil', place: 'collar', set: true }]);
    expect(now?.soil).toBe(1);
    expect(programme(layer, now ?? {}).verdict).not.toContain('Leave it alone');
  });
  test('a look that was skipped says nothing', () =>
    expect(after(layer, STAINED, { 'look-wet': 'skip', 'look-done': 'skip' })?.stains).toEqual([
      { soil: 'body-oil', place: 'collar', set: true },
    ]));
  test('leather whose marks are looked at by nobody keeps them', () => {
    const boots = item('boot', [comp('upper', 'leather')], { label: null });
    const before: Seen = { soil: 2, odour: 1, stains: [{ soil: 'scuff' }, { soil: 'yellowing' }] };
    const now = after(boots, before, { 'treat-hide': 'skip', 'look-wet': 'skip', 'look-done': 'skip' });
    expect(now?.stains?.map((s) => s.soil)).toEqual(['scuff', 'yellowing']);
    // Nobody smelled it after the wash: that is not known, and never "none".
    expect(now?.odour).toBeUndefined();
  });
});

describe('without a look at all of them', () => {
  test('each mark goes by the look of its own treatment, not by another’s', () => {
    const before: Seen = { soil: 1, odour: 0, stains: [{ soil: 'blood' }, { soil: 'scuff' }] };
    const made = programme(layer, { ...before, soil: 2 });
    const bare = { ...made, steps: made.steps.filter((s) => !['look-wet', 'treat-again', 'look-done'].includes(s.key)) };
    expect(bare.steps.some((s) => s.key === 'treat-blood')).toBe(true);
    let run: Run = startRun(bare, 'it', 'run-1', T0);
    while (current(run)) {
      const step = current(run);
      if (run.open.length > 0) run = putAwayAsItIs(run, T0);
      else if (!step?.check) run = finishStep(run, T0);
      else if (step.key === 'treat-other') run = skipStep(run, T0, 'no time');
      else run = answerCheck(run, true, T0);
    }
    const now = finishRun(run, layer, seen(layer, before), KIT, AT).inspection;
    expect(now?.stains).toEqual([{ soil: 'scuff', set: true }]);
  });
});

describe('what was not done changes nothing', () => {
  test('where all was skipped there is no new look: the old one stands', () => {
    const skipped = Object.fromEntries(programme(layer, STAINED).steps.map((s) => [s.key, 'skip'] as const));
    expect(after(layer, { ...STAINED, soils: ['sweat'] }, skipped)).toBeNull();
  });
  test('a warming keeps what was known of soil and smell, with the day it is from', () => {
    const before: Seen = { soil: 0, odour: 0, droplet: { hood: 3 } };
    const now = after(shell(), before);
    expect(now).toMatchObject({ soil: 0, odour: 0, asOf: { soil: '2027-01-02T08:00:00Z', odour: '2027-01-02T08:00:00Z' } });
    expect(now?.asOf?.droplet).toBeUndefined();
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

describe('marks on two parts of one thing', () => {
  const shoe = item('shoe', [comp('upper', 'leather'), comp('trim', 'rubber')], { colour: { class: 'white' }, label: null });
  const before: Seen = {
    soil: 1,
    stains: [
      { soil: 'yellowing', place: 'rubber toe' },
      { soil: 'grease', place: 'side' },
    ],
  };
  const kit = { supplies: [{ id: 'p', class: 'peroxide-cream' as const }] };
  const left = (how: Record<string, 'never' | 'once' | 'skip'>): string[] | undefined =>
    after(shoe, before, how, kit)?.stains?.map((s) => `${s.soil}, ${s.place}`);
  test('are gone when the look of each passes', () => expect(left({})).toBeUndefined());
  test('each stays by its own look: the leather’s', () => expect(left({ 'treat-hide': 'never' })).toEqual(['grease, side']));
  test('each stays by its own look: the rubber’s, which is whitened and not only scrubbed', () =>
    expect(left({ 'peroxide-rubber': 'never' })).toEqual(['yellowing, rubber toe']));
  test('a look that was left out speaks of its own mark alone', () =>
    expect(left({ 'treat-hide': 'skip' })).toEqual(['grease, side']));
});

describe('a leak', () => {
  const through: Seen = { soil: 2, droplet: { shoulders: 0 } };
  test('that is found in a run and left is damage in the record; where it is dry inside there is none', () => {
    expect(after(shell(), through, { 'check-leak': 'never' })?.damage).toEqual([{ kind: 'leak' }]);
    expect(after(shell(), through)?.damage).toBeUndefined();
  });
});

describe('what a finished run makes of the thing', () => {
  const through = (thing: Item, before: Seen): Item | null => {
    let run: Run = startRun(programme(thing, before), 'it', 'run-1', T0);
    for (let n = 0; n < 80 && current(run); n++) {
      const step = current(run)!;
      run = step.check ? answerCheck(run, true, T0) : finishStep(run, T0);
    }
    return finishRun(run, thing, seen(thing, before), KIT, AT).item;
  };
  test('a cloth that went down a class is of that class; from the last one nothing is left to go down to', () => {
    const cloth = (jobClass: 'paint' | 'dirty'): Item =>
      item('cloth', [comp('face', 'split-microfibre')], { jobClass, massG: 40 });
    const spoilt: Seen = { soil: 1, stains: [{ soil: 'wax', set: true }] };
    expect(through(cloth('paint'), spoilt)?.jobClass).toBe('general');
    expect(through(cloth('dirty'), spoilt)).toBeNull();
  });
  test('a flask that was put away is in the freezer; a shirt is not', () => {
    expect(through(item('soft-flask', [comp('shell', 'tpu')], { massG: 40 }), { soil: 1 })?.inFreezer).toBe(true);
    expect(through(item('base-layer', [comp('face', 'polyester-knit')], { massG: 150 }), { soil: 2 })?.inFreezer).toBeUndefined();
  });
});
