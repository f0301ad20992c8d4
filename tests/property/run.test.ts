import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Inspection, Item } from '../../src/core/gear';
import type { ProgrammeStep } from '../../src/core/document';
import {
  addRinse,
  answerCheck,
  chooseWay,
  current,
  finishStep,
  foldRun,
  gradeDrops,
  lookAfterAll,
  markClump,
  measureLoft,
  noteStep,
  pauseTimer,
  plannedUse,
  putAwayAsItIs,
  recordOf,
  resumeTimer,
  type Run,
  seeWhole,
  shiftClock,
  skipStep,
  startRun,
  startTimer,
  stepBack,
  stopRun,
  weighIn,
} from '../../src/core/run';
import { inForce } from '../../src/core/run/events';
import { finishRun } from '../../src/core/run/finish';
import { lookOf, wayOf, waysOf } from '../../src/core/run/looks';
import { rinseAfter } from '../../src/core/run/rinsed';
import { canvas, comp, down, downBag, item, KIT, label, programme, shell, type KitPart, type Seen, withSchool } from '../make';

/* A run is the fold of what happened. Whatever is pressed, in whatever order, the record says what was done, once. */

const T0 = Date.parse('2027-01-03T08:00:00Z');
const layer = item('base-layer', [comp('face', 'polyester-knit')], { repellency: 'none', label: label(40, 'normal') });
const CASES: readonly (readonly [Item, Seen, KitPart])[] = [
  [down({ repellency: 'finish' }), { soil: 2, clumped: true }, {}],
  [downBag(), { soil: 3 }, withSchool('DOWN-PLACE', 'bathtub')],
  [shell(), { soil: 2, droplet: { hood: 1, shoulders: 1 } }, {}],
  [shell(), { soil: 0, odour: 0, droplet: { hood: 2 } }, {}],
  [
    layer,
    {
      soil: 2,
      odour: 2,
      stains: [
        { soil: 'blood', place: 'cuff' },
        { soil: 'body-oil', place: 'collar' },
      ],
    },
    {},
  ],
  [canvas(), { soil: 3, odour: 1, stains: [{ soil: 'scuff', place: 'toe' }] }, {}],
  [item('boot', [comp('upper', 'leather')]), { soil: 2, odour: 2, stains: [{ soil: 'yellowing' }] }, {}],
  [down(), { soil: 0, odour: 0, loftRatio: 0.9 }, {}],
  [layer, { soil: 1, odour: 2, stains: [{ soil: 'wax', place: 'hem' }] }, {}],
];
const PROGRAMMES = CASES.map(([thing, seen, kit]) => programme(thing, seen, kit));

/** One press, told by two numbers; what makes no sense where one stands does nothing. */
type Press = readonly [kind: number, choice: number, minutes: number];
const press = (run: Run, [kind, choice, minutes]: Press): Run => {
  const now = run.seenAtMs + minutes * 60_000;
  const step = current(run);
  if (!step) return kind % 3 === 0 ? stepBack(run, now) : run;
  if (run.open.length > 0) return choice % 2 ? putAwayAsItIs(run, now) : lookAfterAll(run, run.open[0] as string, now);
  if (run.steps[step.id]?.state === 'asking') {
    const ways = waysOf(run.programme, step);
    return chooseWay(run, ways[choice % ways.length]!.id, now);
  }
  const answer = (passed: boolean): Run => {
    if (lookOf(step)?.id === 'drops' && choice % 2) return gradeDrops(run, { hood: passed ? 5 : 1 }, now);
    if (lookOf(step)?.id === 'whole' && choice % 2) return seeWhole(run, { soil: passed ? 0 : 2, odour: 0 }, now);
    return answerCheck(run, passed, now);
  };
  switch (kind) {
    case 0:
    case 1:
    case 2:
      return step.check ? answer(true) : finishStep(run, now);
    case 3:
      return step.check ? answer(false) : finishStep(run, now);
    case 4:
      return startTimer(run, now, (choice % 90) + 1);
    case 5:
      return choice % 2 ? pauseTimer(run, now) : resumeTimer(run, now);
    case 6:
      return stepBack(run, now);
    case 7:
      return skipStep(run, now, 'no time');
    case 8:
      return weighIn(run, { massG: 400 + choice, after: 'round', dryMin: choice }, now);
    case 9:
      return choice % 2 ? noteStep(run, 'odd', now) : measureLoft(run, [{ baffle: '1', nowMm: 30, newMm: 40 }], now);
    case 10: {
      const more = rinseAfter(step);
      return more ? addRinse(run, more, now) : markClump(run, 'b1', now);
    }
    default:
      return choice % 7 === 0 ? stopRun(run, now) : shiftClock(run, choice * 1000);
  }
};
const walk = fc.record({
  at: fc.nat({ max: CASES.length - 1 }),
  presses: fc.array(fc.tuple(fc.nat({ max: 11 }), fc.nat({ max: 200 }), fc.nat({ max: 90 })), { maxLength: 120 }),
});
/** Mostly forward, with a look failed or a step left out now and then. */
const towardsTheEnd = fc.record({
  at: fc.nat({ max: CASES.length - 1 }),
  presses: fc.array(fc.tuple(fc.constantFrom(0, 0, 1, 2, 3, 7), fc.nat({ max: 200 }), fc.nat({ max: 90 })), {
    minLength: 30,
    maxLength: 90,
  }),
});
const walked = ({ at, presses }: { at: number; presses: Press[] }): Run =>
  presses.reduce(press, startRun(PROGRAMMES[at]!, 'it', 'run-1', T0));
const before = (at: number): Inspection => ({ ...CASES[at]![1], id: 'before', itemId: 'x', at: '2027-01-02T08:00:00Z' });
const AT = { iso: '2027-01-03T20:00:00Z', today: '2027-01-03', logId: 'l', inspectionId: 'after' };
const ended = (run: Run, at: number) => finishRun(run, CASES[at]![0], before(at), { ...KIT, ...CASES[at]![2] }, AT);
const RUNS = { numRuns: 400 };

/** mL of each agent, by how often each step was carried through. */
function byTimes(run: Run): Record<string, number> {
  const ml: Record<string, number> = {};
  for (const step of run.programme.steps)
    for (const use of plannedUse(step)) ml[use.class] = (ml[use.class] ?? 0) + use.ml * (run.steps[step.id]?.times ?? 0);
  return Object.fromEntries(Object.entries(ml).filter(([, n]) => n > 0));
}

describe('random walks of answers', () => {
  test('the stored record gives the same run', () =>
    fc.assert(
      fc.property(walk, (w) => {
        const run = walked(w);
        expect(foldRun(structuredClone(recordOf(run)))).toEqual(run);
      }),
      RUNS,
    ));
  test('what was used is what was carried through: nothing twice, nothing forgotten, whatever was gone back over', () =>
    fc.assert(
      fc.property(walk, (w) => {
        const run = walked(w);
        const used: Record<string, number> = {};
        for (const e of inForce(run.events)) if (e.type === 'used') used[e.class] = (used[e.class] ?? 0) + e.ml;
        expect(used).toEqual(byTimes(run));
        const { entry, supplies } = ended(run, w.at);
        const recorded: Record<string, number> = {};
        for (const s of entry.supplies ?? []) recorded[s.class ?? ''] = (recorded[s.class ?? ''] ?? 0) + (s.ml ?? 0);
        expect(recorded).toEqual(used);
        for (const bottle of { ...KIT, ...CASES[w.at]![2] }.supplies ?? []) {
          const now = supplies.find((s) => s.id === bottle.id);
          if (bottle.remainingMl === undefined) continue;
          const off = (entry.supplies ?? []).find((s) => s.supplyId === bottle.id)?.ml ?? 0;
          expect(now?.remainingMl).toBeCloseTo(bottle.remainingMl - off, 6);
          expect(now?.remainingMl).toBeGreaterThanOrEqual(0);
        }
      }),
      RUNS,
    ));
  test('one step back after any move is where one was', () =>
    fc.assert(
      fc.property(walk, fc.nat({ max: 3 }), fc.nat({ max: 200 }), (w, kind, choice) => {
        const run = walked(w);
        const next = press(run, [kind, choice, 1]);
        fc.pre(next !== run && current(run) !== undefined);
        const back = stepBack(next, next.seenAtMs);
        expect(back.currentId).toBe(run.currentId);
        expect(back.status).toBe(run.status);
        expect(back.steps).toEqual(run.steps);
        expect(byTimes(back)).toEqual(byTimes(run));
      }),
      RUNS,
    ));
  test('nothing is put away past an open look', () =>
    fc.assert(
      fc.property(towardsTheEnd, (w) => {
        const run = walked(w);
        const stored = run.programme.steps.findIndex((s) => s.phase === 'store' && run.steps[s.id]?.state === 'done');
        fc.pre(stored >= 0 && !run.putAwayAsItIs);
        const closed = (step: ProgrammeStep): boolean => {
          const state = run.steps[step.id]!;
          return state.state === 'passed' || (state.way !== undefined && ['leave', 'moves'].includes(wayOf(state.way).does));
        };
        const looks = run.programme.steps.slice(0, stored).filter((s) => s.when === 'always' && lookOf(s));
        for (const step of looks)
          if (!closed(step))
            expect(looks.some((l) => run.steps[l.id]?.state === 'passed' && lookOf(l)?.covers?.includes(lookOf(step)!.id))).toBe(
              true,
            );
      }),
      RUNS,
    ));
  test('where no look passed nothing became fine', () =>
    fc.assert(
      fc.property(walk, (w) => {
        const run = walked(w);
        const was = before(w.at);
        const { inspection } = ended(run, w.at);
        fc.pre(inspection !== null);
        const now = inspection!;
        for (const mark of now.stains ?? [])
          expect(was.stains?.map((s) => [s.soil, s.place])).toContainEqual([mark.soil, mark.place]);
        const looked = inForce(run.events).some((e) => (e.type === 'look' && e.passed) || e.type === 'seen');
        if (looked) return;
        expect((now.stains ?? []).map((s) => s.soil)).toEqual((was.stains ?? []).map((s) => s.soil));
        for (const field of ['soil', 'odour'] as const)
          if (now[field] !== undefined && was[field] !== undefined)
            expect(now[field]).toBeGreaterThanOrEqual(Math.min(1, was[field]));
        expect(now.damp).not.toBe(false);
        if (now.clumped === false) expect(was.clumped).toBe(false);
      }),
      RUNS,
    ));
  test('a look that failed too often asks; it never goes round for ever', () =>
    fc.assert(
      fc.property(fc.nat({ max: CASES.length - 1 }), (at) => {
        let run = startRun(PROGRAMMES[at]!, 'it', 'run-1', T0);
        let asked = 0;
        for (let n = 0; n < 600 && current(run); n++) {
          const step = current(run)!;
          if (run.open.length > 0) run = putAwayAsItIs(run, T0 + n);
          else if (run.steps[step.id]?.state === 'asking') {
            asked++;
            const ways = waysOf(run.programme, step);
            run = chooseWay(run, ways.at(-1)!.id, T0 + n);
          } else run = step.check ? answerCheck(run, false, T0 + n) : finishStep(run, T0 + n);
        }
        expect(run.status).toBe('finished');
        expect(asked).toBeGreaterThan(0);
        const { inspection } = ended(run, at);
        expect(inspection?.stains?.length ?? 0).toBe(before(at).stains?.length ?? 0);
        expect(inspection?.soil).not.toBe(before(at).soil === 0 ? -1 : 0);
      }),
      { numRuns: 30 },
    ));
});
