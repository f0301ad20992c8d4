import type { LogEntry } from '../../src/core/gear';
import { describe, expect, test } from 'vitest';
import type { Programme } from '../../src/core/document';
import {
  answerCheck,
  current,
  finishStep,
  lateMinutes,
  leftMs,
  measureLoft,
  mendClock,
  pauseTimer,
  resumeTimer,
  type Run,
  shiftClock,
  skipStep,
  startRun,
  startTimer,
  stepBack,
  stopRun,
  tick,
} from '../../src/core/run';
import { finishRun } from '../../src/core/run/finish';
import { doneSteps } from '../../src/core/run/report';
import { CLEAN, down, programme, shell, withEquipment, type KitPart, KIT } from '../make';

const T0 = Date.parse('2027-01-03T08:00:00Z');
const MIN = 60_000;
const begin = (p: Programme): Run => startRun(p, 'it', 'run-1', T0);
/** Goes through everything up to a step, as if all were fine. */
function upTo(run: Run, key: string, now = T0): Run {
  let at = run;
  while (current(at) && current(at)?.key !== key) at = current(at)?.check ? answerCheck(at, true, now) : finishStep(at, now);
  return at;
}
const wet = (): Run => begin(programme(down({ repellency: 'finish' }), { soil: 2, clumped: true }));

describe('timers are instants', () => {
  test('a timer is right after any pause in looking, and rings once', () => {
    const started = startTimer(upTo(wet(), 'tumble-down'), T0);
    expect(leftMs(started, T0 + 10 * MIN)).toBe(50 * MIN);
    expect(tick(started, T0 + 59 * MIN)).toBe(started);
    const rung = tick(started, T0 + 3 * 60 * MIN);
    expect(rung.steps[rung.currentId!]?.state).toBe('elapsed');
    expect(lateMinutes(rung, T0 + 100 * MIN)).toBe(40);
    expect(lateMinutes(rung, T0 + 65 * MIN)).toBe(0);
  });
  test('pausing keeps what is left', () => {
    const paused = pauseTimer(startTimer(upTo(wet(), 'tumble-down'), T0), T0 + 20 * MIN);
    expect(leftMs(paused, T0 + 500 * MIN)).toBe(40 * MIN);
    expect(leftMs(resumeTimer(paused, T0 + 500 * MIN), T0 + 510 * MIN)).toBe(30 * MIN);
  });
  test('a clock set back moves the timers with it; one set forward is moved when the user says so', () => {
    const started = tick(startTimer(upTo(wet(), 'tumble-down'), T0), T0 + MIN);
    const mended = mendClock(started, T0 - 60 * MIN);
    expect(leftMs(mended, T0 - 60 * MIN)).toBe(60 * MIN);
    expect(mendClock(started, T0 + MIN)).toBe(started);
    const rung = tick(started, T0 + 61 * MIN);
    expect(leftMs(shiftClock(rung, 60 * MIN), T0 + 61 * MIN)).toBe(59 * MIN);
  });
  test('rounds are counted, and one that runs is not begun twice', () => {
    let run = startTimer(upTo(wet(), 'tumble-down'), T0);
    expect(startTimer(run, T0 + MIN)).toBe(run);
    run = startTimer(answerCheck(run, false, T0 + 61 * MIN), T0 + 61 * MIN);
    expect(run.steps[run.currentId!]?.round).toBe(2);
  });
});

describe('checks branch', () => {
  test('suds: the same rinse again, then on', () => {
    const at = upTo(wet(), 'rinse-machine');
    const again = answerCheck(at, false, T0);
    expect(current(again)?.key).toBe('rinse-machine');
    expect(current(answerCheck(again, true, T0))?.key).toBe('lift-wet');
  });
  test('drops still soak in: spray, warm, and the same drops again', () => {
    const at = upTo(wet(), 'droplet-test');
    expect(current(answerCheck(at, true, T0))?.key).toBe('measure-loft');
    let run = answerCheck(at, false, T0);
    const seen: string[] = [];
    while (current(run)?.when === 'if-failed') {
      seen.push(current(run)!.key);
      run = finishStep(run, T0);
    }
    expect(seen).toEqual(['spray-if-failed', 'dry-sprayed', 'reheat-tumble']);
    expect(current(run)?.key).toBe('droplet-test');
    expect(current(answerCheck(run, true, T0))?.key).toBe('measure-loft');
  });
  test('not dry on the scale: one more round, and on the scale again before anything is stored', () => {
    const run = answerCheck(upTo(wet(), 'weigh-loft'), false, T0);
    expect(current(run)?.key).toBe('dry-again');
    const again = finishStep(run, T0);
    expect(current(again)?.key).toBe('weigh-loft');
    expect(current(upTo(answerCheck(again, true, T0), 'store-loose'))?.key).toBe('store-loose');
  });
  test('skip keeps its reason, back undoes one step, stop ends it and can be taken back', () => {
    const skipped = skipStep(wet(), T0, 'no dryer here');
    expect(doneSteps(skipped)[0]).toMatchObject({ outcome: 'skipped', why: 'no dryer here' });
    expect(stepBack(skipped, T0).currentId).toBe(wet().currentId);
    const stopped = stopRun(skipped, T0);
    expect(stopped).toMatchObject({ status: 'stopped', currentId: null });
    expect(stepBack(stopped, T0)).toMatchObject({ status: 'live', currentId: skipped.currentId });
  });
  test('a step of a soak in two parts rings at the kneading', () => {
    const p = programme(down(), { soil: 2 }, { preferences: { schools: { 'DOWN-PLACE': 'bathtub' } } });
    const tub = upTo(begin(p), 'wash-tub');
    expect(current(tub)?.settings.soakParts).toEqual([20, 20]);
    const first = startTimer(tub, T0);
    expect(leftMs(first, T0)).toBe(20 * MIN);
    const second = startTimer(tick(first, T0 + 20 * MIN), T0 + 22 * MIN);
    expect(leftMs(second, T0 + 22 * MIN)).toBe(20 * MIN);
    expect(finishStep(second, T0 + 42 * MIN).steps[tub.currentId!]?.spells).toEqual([20, 20]);
  });
});

describe('a finished run', () => {
  const at = { iso: '2027-01-03T18:00:00Z', today: '2027-01-03', logId: 'log-1', inspectionId: 'ins-9' };
  const residue: KitPart = withEquipment({
    washers: [{ id: 'w1', kind: 'front-loader', drumLitres: 58, lastLoads: ['softener'] }],
  });
  const finished = (fail: boolean, log: readonly LogEntry[] = []) => {
    const thing = down({ repellency: 'finish' });
    let run = begin(programme(thing, { soil: 2, clumped: true }, residue));
    if (fail) run = answerCheck(upTo(run, 'droplet-test'), false, T0);
    run = measureLoft(upTo(run, 'measure-loft'), [{ baffle: '1', nowMm: 38.8, newMm: 40 }], T0);
    run = upTo(run, 'nothing');
    return finishRun(
      run,
      thing,
      { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', soil: 2, clumped: true },
      { ...KIT, ...residue, log: [...log] },
      at,
    );
  };
  test('clears a machine of what was in it before its purge, and of nothing that was washed there since', () => {
    const line = (hoursLater: number, more: object): LogEntry => ({
      id: `l${hoursLater}`,
      type: 'care',
      itemId: 'y',
      at: new Date(T0 + hoursLater * 60 * MIN).toISOString(),
      washerId: 'w1',
      ...more,
    });
    const powder = { supplies: [{ class: 'powder', ml: 60 }] };
    const left = (...log: LogEntry[]) => finished(false, log).washers.find((w) => w.id === 'w1')?.lastLoads;
    expect(left(line(1, powder))).toEqual(['powder']);
    expect(left(line(1, { steps: [{ stepId: 's', do: 'treat-grease', outcome: 'done' }] }))).toEqual(['workshop']);
    // Before the purge, in another machine, or with nothing that stays: it is clean.
    expect(left(line(-1, powder), line(2, { ...powder, washerId: 'w2' }), line(3, {}))).toEqual([]);
  });
  test('is recorded with what it took and when to look again', () => {
    const { entry, supplies, washers, inspection } = finished(false);
    expect(entry).toMatchObject({
      type: 'care',
      aims: ['wash', 'reactivate'],
      nextDue: '2027-05-03',
      washerId: 'w1',
      did: ['washed', 'warmed'],
      supplies: [{ supplyId: 's1', class: 'down-cleaner', ml: 100 }],
    });
    expect(supplies.find((s) => s.id === 's1')?.remainingMl).toBe(400);
    expect(washers.find((w) => w.id === 'w1')?.lastLoads).toEqual([]);
    expect(inspection).toMatchObject({
      soil: 0,
      odour: 0,
      loftRatio: 0.97,
      clumped: false,
      damp: false,
      droplet: { shoulders: 4 },
    });
    expect(programme(down({ repellency: 'finish' }), inspection!).aims).toEqual([]);
  });
  test('takes the proofer off only when it was used', () => {
    expect(finished(false).supplies.find((s) => s.id === 's4')?.remainingMl).toBe(300);
    expect(finished(true).supplies.find((s) => s.id === 's4')?.remainingMl).toBeLessThan(300);
  });
  test('a renewal by branch is recorded as a renewal, with what it took', () => {
    const { entry } = finished(true);
    expect(entry.aims).toContain('renew');
    expect(entry.did).toContain('renewed');
    expect(entry.supplies?.map((s) => s.class)).toEqual(['down-cleaner', 'spray-proofer']);
  });
  test('where everything was skipped nothing is claimed, and there is no look', () => {
    const thing = shell();
    const before = { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...CLEAN, droplet: { hood: 3, chest: 5 } };
    let run = begin(programme(thing, before));
    while (current(run)) run = skipStep(run, T0, 'no time');
    const result = finishRun(run, thing, before, KIT, at);
    expect(result.inspection).toBeNull();
    expect(result.entry).toMatchObject({ aims: [], did: [], supplies: [] });
  });
});
