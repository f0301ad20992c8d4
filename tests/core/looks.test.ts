import { describe, expect, test } from 'vitest';
import { KNOWLEDGE } from '../../src/core/knowledge';
import { LOOKS, WAYS } from '../../src/core/knowledge/looks';
import {
  answerCheck,
  chooseWay,
  current,
  cutShort,
  finishStep,
  gradeDrops,
  lookAfterAll,
  noteStep,
  photographed,
  putAwayAsItIs,
  type Run,
  skipStep,
  startRun,
  startTimer,
  stepBack,
  stepOf,
  wayHere,
  zonesHere,
} from '../../src/core/run';
import { finishRun } from '../../src/core/run/finish';
import { occupant, otherPlaces } from '../../src/core/run/in-use';
import { lookOf, measuresLoft, triesOf, waysOf } from '../../src/core/run/looks';
import { doneSteps } from '../../src/core/run/report';
import { weightText } from '../../src/core/telling/drying';
import { satText, stepText, usedText } from '../../src/core/telling/run';
import { comp, down, item, KIT, type KitPart, label, programme, type Seen, shell } from '../make';
import type { Equipment } from '../../src/core/gear';

/* Looks, their remedies and their ways out. Common practice, no source. */
const T0 = Date.parse('2027-01-03T08:00:00Z');
const MIN = 60_000;
const at = (run: Run): string | undefined => current(run)?.key;
function upTo(run: Run, key: string): Run {
  let next = run;
  for (let n = 0; n < 80 && current(next) && at(next) !== key; n++)
    next = current(next)?.check ? answerCheck(next, true, T0) : finishStep(next, T0);
  return next;
}
const fails = (run: Run): Run => answerCheck(run, false, T0);
const ways = (run: Run): string[] => waysOf(run.programme, current(run)!).map((w) => w.id);
const layer = item('base-layer', [comp('face', 'polyester-knit')], { repellency: 'none', label: label(40, 'normal') });
const start = (thing = layer, seen = {}, kit = {}): Run => startRun(programme(thing, seen, kit), 'it', 'r', T0);
const STAINED: Seen = { soil: 2, stains: [{ soil: 'body-oil', place: 'collar' }] };

describe('the table of looks', () => {
  test('every step with a look has its row, and every row its steps', () => {
    const checks = KNOWLEDGE.steps.filter((s) => s.check).map((s) => s.id);
    const rows = LOOKS.flatMap((l) => l.at as readonly string[]);
    expect([...checks].sort()).toEqual(rows.filter((key) => key !== 'purge-look').sort());
  });
  test('every way is offered somewhere, and every look can be left', () => {
    expect(WAYS.filter((w) => !LOOKS.some((l) => (l.ways as readonly string[]).includes(w.id)))).toEqual([]);
    for (const look of LOOKS)
      expect({ look: look.id, leaves: look.ways.some((id) => WAYS.find((w) => w.id === id)?.does === 'leave') }).toEqual({
        look: look.id,
        leaves: true,
      });
  });
});

describe('the loft', () => {
  test('is measured when it is dry and has lain, not at the scale; in a run of an earlier version at its weighing, which asks for it', () => {
    const { programme: now } = start(down(), { soil: 2 });
    const measuring = (of: Pick<typeof now, 'steps'>): string[] => of.steps.filter((s) => measuresLoft(s, of)).map((s) => s.key);
    expect(measuring(now)).toEqual(['measure-loft']);
    expect(now.steps.find((s) => s.key === 'measure-loft')).toMatchObject({ unattendedMin: 10, mayWait: true });
    expect(measuring({ steps: now.steps.filter((s) => s.key !== 'measure-loft') })).toEqual(['weigh-loft']);
    expect(measuring(start(shell(), { soil: 2 }).programme)).toEqual([]);
  });
});

describe('a mark', () => {
  test('rests as long as its rung says, wiped alone or before a wash; treated again, as long as the next', () => {
    const rests = (seen: Seen): Record<string, number> =>
      Object.fromEntries(
        start(layer, seen)
          .programme.steps.filter((s) => ['spot-clean', 'treat-other', 'treat-again'].includes(s.key))
          .map((s) => [s.key, s.unattendedMin]),
      );
    const dye = { stains: [{ soil: 'dye' as const, place: 'hem' }] };
    expect(rests({ soil: 1, ...dye })).toEqual({ 'spot-clean': 15 });
    expect(rests({ soil: 3, ...dye })).toEqual({ 'treat-other': 15, 'treat-again': 60 });
    // One rung that rests is all that it has.
    expect(rests({ soil: 3, stains: [{ soil: 'mud', place: 'hem' }] })).toEqual({ 'treat-other': 10, 'treat-again': 10 });
    expect(rests({ soil: 1 })).toEqual({ 'spot-clean': 0 });
  });
  test('not gone: treated, rinsed, and looked at again while wet; then the ways out; up a rung is tried once more', () => {
    let run = fails(upTo(start(layer, STAINED), 'look-wet'));
    expect(at(run)).toBe('treat-again');
    run = finishStep(run, T0);
    expect(at(run)).toBe('rinse-treated');
    run = finishStep(run, T0);
    expect(at(run)).toBe('look-wet');
    run = fails(run);
    expect(run.steps[run.currentId!]?.state).toBe('asking');
    expect(ways(run)).toEqual(['rung-up', 'wash-again', 'specialist', 'leave-marks']);
    const up = chooseWay(run, 'rung-up', T0);
    expect(at(up)).toBe('treat-again');
    // What was chosen is said where it is done.
    expect(wayHere(up)).toBe('rung-up');
    expect(wayHere(upTo(up, 'look-done'))).toBeNull();
    expect(at(upTo(up, 'look-wet'))).toBe('look-wet');
    const again = chooseWay(run, 'wash-again', T0);
    expect(current(again)?.phase).toBe('wash');
    expect(at(upTo(again, 'look-wet'))).toBe('look-wet');
    expect(current(chooseWay(run, 'specialist', T0))?.phase).not.toBe('verify');
  });
  test('a treatment before the wash can be left to it', () => {
    let run = upTo(start(layer, { soil: 2, stains: [{ soil: 'blood', place: 'cuff' }] }), 'treat-blood');
    for (let n = 0; n < 3; n++) run = fails(run);
    expect(ways(run)[0]).toBe('to-the-wash');
    const on = chooseWay(run, 'to-the-wash', T0);
    const done = upTo(on, 'nothing');
    expect(done.open).toEqual([]);
    expect(done.status).toBe('finished');
  });
});

describe('suds', () => {
  test('have an end: twice the counted fills, then what to do', () => {
    let run = upTo(start(down(), { soil: 2 }), 'rinse-machine');
    const most = triesOf(current(run)!);
    expect(most).toBeGreaterThanOrEqual(2);
    for (let n = 0; n < most; n++) {
      expect(at(run)).toBe('rinse-machine');
      run = fails(run);
    }
    expect(run.steps[run.currentId!]?.state).toBe('asking');
    expect(ways(run)).toContain('soak-plain');
    const left = chooseWay(run, 'leave-suds', T0);
    const thing = down();
    const result = finishRun(upTo(left, 'nothing'), thing, null, KIT, {
      iso: '2027-01-03T10:00:00Z',
      today: '2027-01-03',
      logId: 'l',
      inspectionId: 'i',
    });
    expect(result.inspection?.soils).toEqual(['residue']);
  });
});

describe('drops', () => {
  const renewed = (): Run =>
    upTo(start(shell(), { soil: 4, droplet: { hood: 0, shoulders: 0, back: 0, sleeves: 0 } }), 'droplet-test');
  test('a planned renewal that fails is warmed once, then coated anew; then the ways out', () => {
    let run = renewed();
    expect(run.planned.aims).toContain('renew');
    run = gradeDrops(run, { hood: 2, back: 5 }, T0);
    expect(current(run)?.do).toMatch(/^heat-/);
    run = upTo(run, 'droplet-test');
    run = gradeDrops(run, { hood: 2 }, T0);
    expect(current(run)?.do).toMatch(/proof$/);
    run = upTo(run, 'droplet-test');
    run = gradeDrops(run, { hood: 2 }, T0);
    expect(run.steps[run.currentId!]?.state).toBe('asking');
    expect(ways(run)).toEqual(['this-zone', 'wash-again', 'specialist', 'leave-drops']);
    const zone = chooseWay(run, 'this-zone', T0);
    expect(current(zone)?.do).toMatch(/proof$/);
    expect([wayHere(zone), zonesHere(zone)]).toEqual(['this-zone', ['hood']]);
    expect([wayHere(start(layer, STAINED)), zonesHere(run)]).toEqual([null, []]);
    const left = upTo(chooseWay(run, 'leave-drops', T0), 'nothing');
    const result = finishRun(left, shell(), null, KIT, {
      iso: '2027-01-03T10:00:00Z',
      today: '2027-01-03',
      logId: 'l',
      inspectionId: 'i',
    });
    expect(result.inspection?.droplet).toEqual({ hood: 2, back: 5 });
    // Planned once, and once more by the remedy.
    expect(result.entry.supplies?.find((s) => s.class === 'spray-proofer')?.ml).toBe(
      2 * (left.planned.steps.find((s) => s.do === 'spray-proof')?.settings.prooferMl ?? 0),
    );
  });
  test('a place that soaked in and is not tried again soaks in still', () => {
    const run = upTo(gradeDrops(renewed(), { hood: 2, back: 5 }, T0), 'droplet-test');
    expect(at(gradeDrops(run, { back: 5 }, T0))).not.toBe('store-hung');
    expect(gradeDrops(run, { back: 5 }, T0).steps[run.currentId!]?.failures).toBe(2);
    expect(gradeDrops(run, { hood: 4 }, T0).steps[run.currentId!]?.state).toBe('passed');
  });
  test('grades are the answer', () => {
    expect(at(gradeDrops(renewed(), { hood: 4, back: 5 }, T0))).not.toBe('droplet-test');
    expect(gradeDrops(renewed(), {}, T0).steps[renewed().currentId!]?.times).toBe(0);
  });
});

describe('before anything is put away', () => {
  const skipped = (): Run => upTo(skipStep(upTo(start(down(), { soil: 2 }), 'weigh-loft'), T0, 'no scale'), 'store-loose');
  test('a look that was skipped stands open, and is taken after all', () => {
    const run = skipped();
    expect(run.open.map((id) => stepOf(run, id)?.key)).toEqual(['weigh-loft']);
    expect(finishStep(run, T0)).toBe(run);
    const back = lookAfterAll(run, run.open[0]!, T0);
    expect(at(back)).toBe('weigh-loft');
    const on = upTo(back, 'store-loose');
    expect(on.open).toEqual([]);
    expect(finishStep(on, T0).status).toBe('finished');
  });
  test('or it is put away as it is, which is recorded so', () => {
    const done = finishStep(putAwayAsItIs(skipped(), T0), T0);
    expect(done.status).toBe('finished');
    const { entry, inspection } = finishRun(done, down(), null, KIT, {
      iso: '2027-01-03T10:00:00Z',
      today: '2027-01-03',
      logId: 'l',
      inspectionId: 'i',
    });
    expect(entry.asItIs).toBe(true);
    expect(inspection?.damp).toBeUndefined();
  });
});

describe('time is what passed', () => {
  test('a round that is ended early asks; one that ran does not', () => {
    const run = startTimer(upTo(start(down(), { soil: 2 }), 'tumble-down'), T0);
    expect(cutShort(run, T0 + 3000)).toBeCloseTo(0.05, 9);
    expect(cutShort(run, T0 + 58 * MIN)).toBeNull();
    expect(cutShort(run, T0 + 90 * MIN)).toBeNull();
  });
  test('the record says what ran, and how long it sat', () => {
    const run = startTimer(upTo(start(shell(), { soil: 0, odour: 0, droplet: { hood: 2 } }), 'heat-tumble'), T0);
    const early = finishStep(run, T0 + 3000);
    const line = doneSteps(early).find((s) => s.do === 'heat-tumble')!;
    expect(line).toMatchObject({ minutes: [0.1], plannedMin: 20 });
    expect(stepText(line)).toBe('less than a minute; 20 min were planned.');
    const late = doneSteps(finishStep(run, T0 + 60 * MIN)).find((s) => s.do === 'heat-tumble')!;
    expect(late).toMatchObject({ minutes: [10], satMin: 50 });
    expect(stepText(late)).toContain('sat 50 min after the alarm');
  });
});

describe('in use', () => {
  const drying = (id: string): Run => ({ ...startTimer(upTo(start(down(), { soil: 2 }), 'tumble-down'), T0), id });
  test('a dryer that turns is taken until its timer ends, by whoever is in it', () => {
    const waiting = upTo(start(down(), { soil: 2 }), 'tumble-down');
    const step = current(waiting)!;
    const other = drying('other');
    expect(occupant(step, [other], waiting.id)?.untilMs).toBe(T0 + 60 * MIN);
    expect(occupant(step, [{ ...other, id: waiting.id }], waiting.id)).toBeNull();
    expect(occupant(step, [{ ...waiting, id: 'third' }], waiting.id)).toBeNull();
    expect(occupant(step, [{ ...other, status: 'stopped' }], waiting.id)).toBeNull();
    expect(occupant({ ...step, settings: { ...step.settings, dryerId: 'another' } }, [other], waiting.id)).toBeNull();
    const two: Equipment = {
      dryers: [
        { id: step.settings.dryerId!, kind: 'vented' },
        { id: 'd9', kind: 'vented', name: 'Attic' },
      ],
    };
    expect(otherPlaces(step, two, [other], waiting.id)).toEqual([{ name: 'Attic', to: { dryerId: 'd9' } }]);
  });
  test('a look has no place, and its own row', () => {
    expect(
      occupant(
        programme(layer, STAINED).steps.find((s) => s.key === 'look-wet')!,
        [drying('o')],
        'x',
      ),
    ).toBeNull();
    expect(lookOf(programme(layer, STAINED).steps.find((s) => s.key === 'look-wet')!)?.id).toBe('marks');
  });
});

describe('what it really took', () => {
  const at = { iso: '2027-01-03T10:00:00Z', today: '2027-01-03', logId: 'l', inspectionId: 'i' };
  const bath: KitPart = {
    preferences: { schools: { 'DOWN-PLACE': 'bathtub' }, prices: { electricityPerKWh: 0.3, waterPerM3: 4 } },
  };
  const run = (): Run => upTo(start(down(), { soil: 2 }, bath), 'wash-tub');
  const took = (r: Run) => finishRun(r, down(), null, { ...KIT, ...bath }, at).entry;
  test('measured litres and millilitres count, and not the planned ones', () => {
    const planned = took(finishStep(run(), T0));
    const measured = took(finishStep(run(), T0, { usedMl: { 'down-cleaner': 70 }, litres: 60 }));
    expect(planned.supplies).toEqual([{ supplyId: 's1', class: 'down-cleaner', ml: 100 }]);
    expect(measured.supplies).toEqual([{ supplyId: 's1', class: 'down-cleaner', ml: 70 }]);
    const litres = current(run())?.settings.litresPerFill ?? 0;
    expect((measured.takes?.litres ?? 0) - (planned.takes?.litres ?? 0)).toBe(60 - litres);
  });
  test('an hour of a drum that turned takes twice what half an hour did, whatever was planned', () => {
    const dry = upTo(start(down(), { soil: 0, odour: 0, loftRatio: 0.9 }), 'fluff');
    const half = took(answerCheck(startTimer(dry, T0), true, T0 + 3000, { ranMin: 30 })).takes?.kWh ?? 0;
    const whole = took(answerCheck(startTimer(dry, T0), true, T0 + 3000, { ranMin: 60 })).takes?.kWh ?? 0;
    expect(half).toBeGreaterThan(0);
    expect(whole).toBeCloseTo(2 * half, 1);
  });
  test('a step that is gone back over took nothing', () => {
    const done = finishStep(run(), T0);
    expect(took(stepBack(done, T0)).supplies).toEqual([]);
    expect(took(stepBack(done, T0)).takes?.litres).toBeLessThan(took(done).takes?.litres ?? 0);
  });
});

describe('notes and photographs', () => {
  test('stay with their step, also when one has gone on or back', () => {
    const first = start(layer, STAINED);
    const id = first.currentId!;
    const on = finishStep(noteStep(first, '  odd seam ', T0), T0);
    const run = stepBack(photographed(on, 'pho-1', id, T0), T0);
    expect(run.currentId).toBe(id);
    const { entry } = finishRun(upTo(run, 'nothing'), layer, null, KIT, {
      iso: '2027-01-03T10:00:00Z',
      today: '2027-01-03',
      logId: 'l',
      inspectionId: 'i',
    });
    expect(entry.photos).toEqual(['pho-1']);
    expect(entry.steps?.[0]).toMatchObject({ stepId: id, note: 'odd seam' });
    expect(noteStep(first, '   ', T0)).toBe(first);
  });
});

describe('what is said is true of the step', () => {
  const vest = programme(down(), { soil: 2 });
  const stepFor = (key: string, of = vest) => of.steps.find((s) => s.key === key)!;
  test('a purge or a rest that sat did not dry; what was put on may have; wet down may clump; what hangs went on drying', () => {
    expect(satText({ ...vest.steps[0]!, phase: 'prepare-machine', settings: {} }, down())).toBe('No harm done.');
    expect(satText(stepFor('treat-blood', programme(layer, { soil: 2, stains: [{ soil: 'blood' }] })), layer)).toContain(
      'dried in',
    );
    expect(satText(stepFor('tumble-down'), down())).toContain('clumps');
    expect(
      satText(
        programme(shell(), { soil: 2 }).steps.find((s) => s.do === 'line-dry')!,
        shell(),
      ),
    ).toContain('went on drying');
  });
  test('a way out fits the place: a dryer is no airier, and a line no dryer', () => {
    const asked = (run: Run): string[] => waysOf(run.programme, current(run)!).map((w) => w.id);
    const tumbled = asked(upTo(start(down(), { soil: 2 }), 'tumble-down'));
    expect([tumbled.includes('bigger-dryer'), tumbled.includes('airier')]).toEqual([true, false]);
    const hung = asked(upTo(start(shell(), { soil: 2 }), 'line-dry'));
    expect([hung.includes('bigger-dryer'), hung.includes('airier')]).toEqual([false, true]);
  });
  test('a weight before the wash is a dry weight, one after it is compared with it', () => {
    expect(weightText(431, null, true)).toEqual({ text: '431 g: this is its dry weight from now on.', back: true });
    expect(weightText(431, null, false).text).toContain('was never recorded');
    expect(weightText(432, 430, false)).toEqual({
      text: '432 g: within 6 g of its 430 g when dry. The weight is back.',
      back: true,
    });
    expect(weightText(445, 430, false)).toMatchObject({
      back: false,
      text: '445 g: 15 g more than its 430 g when dry. There is water in it.',
    });
    expect(weightText(445, 430, true).text).toContain('empty pockets');
    expect(weightText(400, 430, false).text).toContain('Is everything on the scale?');
  });
  test('what came from no recorded bottle says so', () =>
    expect([
      usedText({ supplyId: 'a', ml: 20.4 }, [{ id: 'a', class: 'vinegar', name: 'Jar' }]),
      usedText({ class: 'vinegar', ml: 5 }),
    ]).toEqual(['20 mL Jar', '5 mL white vinegar, more than the cupboard knew of']));
});
