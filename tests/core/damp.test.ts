import { describe, expect, test } from 'vitest';
import { bodyOf, soaked, waterAfter } from '../../src/core/drying';
import type { WeighIn } from '../../src/core/gear';
import { plan, writeProgramme } from '../../src/core/programme';
import { answerCheck, current, finishStep, pauseTimer, startRun, startTimer, tick, weighIn, type Run } from '../../src/core/run';
import { dampOf, doubtOf, dryingMinutes, learnDrying } from '../../src/core/run/damp';
import { DIRTY, down, KIT, shell } from '../make';

const MIN = 60_000;
const thing = down({ id: 'x' });
const made = plan({ item: thing, inspection: { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...DIRTY }, kit: KIT });
function atDryer(): Run {
  let run = startRun(writeProgramme(made), 'Jacket', 'r', 0);
  for (let n = 0; n < 40 && current(run)?.do !== 'tumble'; n++)
    run = current(run)?.check ? answerCheck(run, true, 0) : finishStep(run, 0);
  return run;
}
interface Weighed {
  readonly massG: number;
  readonly dryMin: number;
}
const weighed = (massG: number, dryMin: number): Weighed => ({ massG, dryMin });
/** The run with these weights taken in it. */
const withWeights = (run: Run, list: readonly Weighed[]): Run =>
  list.reduce((r, { massG, dryMin }) => weighIn(r, { massG, after: 'round', dryMin }, r.seenAtMs), run);
const damp = (run: Run, list: readonly Weighed[], nowMs: number, hands?: { clump: boolean; dampCore: boolean }) =>
  dampOf(withWeights(run, list), current(run)!, thing, [], { airC: 20, rhPercent: 50 }, nowMs, hands)!;
/** Rounds of an hour that ran to their end and were answered "not yet". */
const rounds = (count: number): Run => {
  let run = atDryer();
  for (let n = 0; n < count; n++) run = answerCheck(startTimer(run, n * 60 * MIN), false, (n + 1) * 60 * MIN);
  return run;
};

describe('minutes of drying', () => {
  test('rounds that ran, and what has run of this one; a pause adds nothing', () => {
    const start = atDryer();
    const step = current(start)!;
    expect(dryingMinutes(start, step, 99 * MIN)).toBe(0);
    const one = startTimer(start, 0);
    expect(dryingMinutes(one, step, 25 * MIN)).toBeCloseTo(25, 9);
    const paused = pauseTimer(one, 25 * MIN);
    expect(dryingMinutes(paused, step, 90 * MIN)).toBeCloseTo(25, 9);
    const rung = tick(one, 61 * MIN);
    expect(dryingMinutes(rung, step, 300 * MIN)).toBe(60);
    const two = startTimer(rung, 100 * MIN);
    expect(dryingMinutes(two, step, 110 * MIN)).toBeCloseTo(70, 9);
  });
  test('a round may be shorter than planned; what was dried before it still counts', () => {
    const start = atDryer();
    const step = current(start)!;
    const short = startTimer(start, 0, 25);
    expect(startTimer(short, 1)).toBe(short);
    expect(dryingMinutes(short, step, 40 * MIN)).toBe(25);
    const more = startTimer(tick(short, 26 * MIN), 40 * MIN, 35);
    expect(more.steps[step.id]?.endsAtMs).toBe(75 * MIN);
    expect(dryingMinutes(more, step, 50 * MIN)).toBeCloseTo(35, 9);
  });
  test('a round that is answered early counts what ran, or what the hands say ran', () => {
    const step = current(atDryer())!;
    const early = answerCheck(startTimer(atDryer(), 0), false, 3000);
    expect(dryingMinutes(early, step, 90 * MIN)).toBeCloseTo(0.05, 9);
    const told = answerCheck(startTimer(atDryer(), 0), false, 3000, { ranMin: 40 });
    expect(dryingMinutes(told, step, 90 * MIN)).toBe(40);
  });
  test('a drum stops when it rings; what hangs dries on', () => {
    expect(dryingMinutes(answerCheck(startTimer(atDryer(), 0), false, 300 * MIN), current(atDryer())!, 0)).toBe(60);
    const hung = writeProgramme(
      plan({ item: shell(), inspection: { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...DIRTY }, kit: KIT }),
    );
    let run = startRun(hung, 'S', 'r', 0);
    for (let n = 0; n < 40 && current(run)?.do !== 'line-dry'; n++)
      run = current(run)?.check ? answerCheck(run, true, 0) : finishStep(run, 0);
    const line = current(run)!;
    expect(dryingMinutes(startTimer(run, 0, 60), line, 90 * MIN)).toBe(90);
  });
});

describe('how dry it is', () => {
  const hour = tick(startTimer(atDryer(), 0), 61 * MIN);
  test('before any weight it says what the plan says, with room for doubt', () => {
    const fresh = damp(startTimer(atDryer(), 0), [], 0);
    const planned = (current(hour)?.unattendedMin ?? 0) - 60;
    expect(fresh.estimate.left.middle).toBeGreaterThan(planned * 0.6);
    expect(fresh.estimate.left.middle).toBeLessThan(planned * 1.6);
    expect(fresh.estimate.left.high / fresh.estimate.left.low).toBeGreaterThan(1.5);
    expect(fresh.weighed).toEqual([]);
  });
  test('a heavy weight lengthens, a light one shortens; both make it surer', () => {
    const none = damp(hour, [], 61 * MIN).estimate.left;
    const heavy = damp(hour, [weighed(750, 60)], 61 * MIN).estimate.left;
    const light = damp(hour, [weighed(450, 60)], 61 * MIN).estimate.left;
    expect(heavy.middle).toBeGreaterThan(none.middle);
    expect(light.middle).toBeLessThan(none.middle);
    for (const surer of [heavy, light])
      expect((surer.high - surer.low) / surer.middle).toBeLessThan((none.high - none.low) / none.middle);
  });
  test('dry needs the band, the last hour and the hands; weights of other runs do not count', () => {
    const far = rounds(4);
    const list = [weighed(700, 60), weighed(436, 180), weighed(433, 240)];
    expect(damp(far, list, 300 * MIN).judged).toEqual({ status: 'not-yet', missing: ['look'] });
    expect(damp(far, list, 300 * MIN, { clump: false, dampCore: false }).judged).toEqual({ status: 'dry' });
    expect(damp(far, list, 300 * MIN, { clump: true, dampCore: false }).judged).toMatchObject({ missing: ['clump'] });
    const other: WeighIn = { itemId: 'x', at: '2027-01-03T09:00:00Z', massG: 433, after: 'round', runId: 'other', dryMin: 240 };
    const at = dampOf(far, current(far)!, thing, [other], undefined, 300 * MIN, { clump: false, dampCore: false });
    expect(at?.judged).toMatchObject({ missing: ['weigh-now'] });
    expect(damp(far, list.slice(1), 300 * MIN, { clump: false, dampCore: false }).judged).toEqual({ status: 'dry' });
    expect(damp(far, list.slice(2), 300 * MIN, { clump: false, dampCore: false }).judged).toMatchObject({
      missing: ['hour-unknown'],
    });
  });
  test('the next round is what is likely left; at the end it is long enough to tell the last hour', () => {
    const wet = damp(hour, [weighed(750, 60)], 61 * MIN);
    expect(wet.nextRoundMin).toBe(60);
    const nearly = damp(hour, [weighed(520, 30), weighed(446, 60)], 61 * MIN);
    expect(nearly.nextRoundMin).toBeLessThan(60);
    expect(nearly.nextRoundMin).toBeGreaterThanOrEqual(10);
    expect(damp(hour, [weighed(436, 30), weighed(432, 60)], 61 * MIN).nextRoundMin).toBe(45);
  });
  test('the weight before the wash is the dry weight, moved with the air', () => {
    const before: WeighIn = { itemId: 'x', at: '2027-01-03T08:00:00Z', massG: 440, after: 'dry', rhPercent: 80 };
    const at = dampOf(hour, current(hour)!, thing, [before], { airC: 20, rhPercent: 50 }, 61 * MIN)!;
    expect(at.expectedG).toBeLessThan(440);
    expect(at.expectedG).toBeGreaterThan(420);
  });
  test('weights teach the thing its pace: planned shorter and surer the next time', () => {
    const done = rounds(1);
    // A thing that dries 1.4 times as fast and evens out in 0.7 of the time.
    const m = current(hour)!.settings.dryModel!;
    const quick = { ...bodyOf(0.43, m.coreFactor, m.exchangeS * 0.7) };
    const list = [0, 15, 30, 45, 60].map((min) => {
      const w = waterAfter(quick, soaked(quick, m.heldKgPerKg), m.rateKgPerS * 1.4, min * 60);
      return weighed(Math.round(430 + (w.shellKg + w.coreKg) * 1000), min);
    });
    const taught = learnDrying(thing, withWeights(done, list), [], { airC: 20, rhPercent: 50 }, 125 * MIN);
    expect(taught.learned?.dryRuns).toBe(1);
    expect(taught.learned?.dryRate ?? 0).toBeGreaterThan(0.1);
    expect(learnDrying(thing, withWeights(done, list.slice(0, 1)), [], undefined, 125 * MIN)).toBe(thing);
    const again = learnDrying(taught, withWeights(done, list), [], { airC: 20, rhPercent: 50 }, 125 * MIN);
    expect(again.learned?.dryRuns).toBe(2);
    const fresh = startTimer(atDryer(), 0);
    const before = dampOf(fresh, current(fresh)!, thing, [], undefined, 0)!.estimate.left;
    const after = dampOf(fresh, current(fresh)!, taught, [], undefined, 0)!.estimate.left;
    expect(after.middle).toBeLessThan(before.middle);
    expect(after.high - after.low).toBeLessThan(before.high - before.low);
  });
  test('odd weights are asked about', () => {
    const at = damp(hour, [weighed(600, 30)], 61 * MIN);
    expect([doubtOf(1.4, at, thing), doubtOf(300, at, thing), doubtOf(700, at, thing), doubtOf(520, at, thing)]).toEqual([
      'pounds',
      'lighter-than-dry',
      'heavier-than-before',
      null,
    ]);
  });
  test('a step that dries nothing has no curve; a line has one', () => {
    const run = startRun(writeProgramme(made), 'J', 'r', 0);
    expect(dampOf(run, current(run)!, thing, [], undefined, 0)).toBeNull();
    const hung = writeProgramme(
      plan({ item: shell(), inspection: { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...DIRTY }, kit: KIT }),
    );
    const line = hung.steps.find((s) => s.do === 'line-dry');
    expect(line?.settings.dryModel?.rateKgPerS).toBeGreaterThan(0);
    expect(dampOf(startRun(hung, 'S', 'r', 0), line!, shell(), [], undefined, 0)?.estimate.left.middle).toBeGreaterThan(30);
  });
});
