import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Kit, LoadEntry } from '../../src/core/gear';
import {
  addRinse,
  answerCheck,
  chooseWay,
  current,
  finishStep,
  foldRun,
  putAwayAsItIs,
  recordOf,
  type Run,
  skipStep,
  startTimer,
  stopRun,
} from '../../src/core/run';
import { inForce } from '../../src/core/run/events';
import { backTogether, beforeTheDoor, gathered, pressAt, sharedAs, takeOut, tickStep } from '../../src/core/run/load';
import { waysOf } from '../../src/core/run/looks';
import { rinseAfter } from '../../src/core/run/rinsed';
import { makeDemoKit } from '../../demo/kit';
import { WEEKEND } from '../../demo/weekend';
import { planItem } from '../../src/core/programme';
import { carryLoad, planDay } from '../../src/core/washday';
import { begin, loadKit, T0, writeDown } from '../load-cases';

/* Whatever is pressed, by whomever, in whatever order: what a drum did is done to all that were in it, and counts once. */
const LOADS = [
  begin(loadKit(), ['parka', 'vest']),
  begin(loadKit(), ['shell', 'trousers']),
  begin(loadKit(), ['studs', 'towels']),
  begin(loadKit(true), ['shell', 'trousers']),
];
type Press = readonly [who: number, kind: number, choice: number];
const put = (runs: readonly Run[], next: readonly Run[]): Run[] => runs.map((r) => next.find((n) => n.id === r.id) ?? r);

function press(runs: readonly Run[], [who, kind, choice]: Press, n: number): readonly Run[] {
  const run = runs[who % runs.length]!;
  const now = T0 + n * 60_000;
  const here = (change: (r: Run) => Run): Run[] => put(runs, pressAt(runs, run.id, change));
  if (kind === 8) {
    const back = backTogether(run, runs, now);
    return 'runs' in back ? put(runs, back.runs) : runs;
  }
  const step = current(run);
  if (!step) return runs;
  if (kind === 9) {
    const ticks = beforeTheDoor(run).filter((l) => l.tick);
    const tick = ticks[choice % Math.max(1, ticks.length)];
    return tick ? put(runs, [tickStep(run, tick.step.id, choice % 3 > 0, now)]) : runs;
  }
  if (kind === 10)
    return choice % 9 === 0 ? put(runs, [takeOut(run, now)]) : choice % 11 === 0 ? here((r) => stopRun(r, now)) : runs;
  if (run.open.length > 0) return here((r) => putAwayAsItIs(r, now));
  if (run.steps[step.id]?.state === 'asking') {
    const ways = waysOf(run.programme, step);
    return here((r) => chooseWay(r, ways[choice % ways.length]!.id, now));
  }
  if (kind === 7) return here((r) => skipStep(r, now, 'no time'));
  if (kind === 6) return here((r) => startTimer(r, now, (choice % 90) + 1));
  if (kind === 5 && rinseAfter(step)) return here((r) => addRinse(r, rinseAfter(current(r)!)!, now));
  const passed = kind !== 4;
  return here((r) => (current(r)?.check ? answerCheck(r, passed, now) : finishStep(r, now)));
}
const walk = fc.record({
  at: fc.nat({ max: LOADS.length - 1 }),
  presses: fc.array(
    fc.tuple(fc.nat({ max: 3 }), fc.constantFrom(0, 0, 0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 9, 10), fc.nat({ max: 200 })),
    { maxLength: 110 },
  ),
});
const walked = ({ at, presses }: { at: number; presses: Press[] }): readonly Run[] =>
  presses.reduce<readonly Run[]>((runs, p, n) => press(runs, p, n), LOADS[at]!.runs);
const usedOf = (runs: readonly Run[]): Map<string, number> => {
  // A press for all has one instant, one agent: it is one pour, in however many runs it stands.
  const pours = new Map<string, { cls: string; ml: number }>();
  for (const run of runs)
    inForce(run.events).forEach((e, n) => {
      if (e.type !== 'used') return;
      const key = e.together ? `${e.at}/${e.class}/${sharedAs({ ...run, alone: false }, e.stepId)}` : `${run.id}/${n}`;
      pours.set(key, { cls: e.class, ml: e.ml });
    });
  const sum = new Map<string, number>();
  for (const { cls, ml } of pours.values()) sum.set(cls, (sum.get(cls) ?? 0) + ml);
  return sum;
};
const RUNS = { numRuns: 200 };

describe('random walks through a load', () => {
  test('each stored record gives the same run', () =>
    fc.assert(
      fc.property(walk, (w) => {
        for (const run of walked(w)) expect(foldRun(structuredClone(recordOf(run)))).toEqual(run);
      }),
      RUNS,
    ));
  test('the bottles give what was poured, once, in whatever order the things are written down', () =>
    fc.assert(
      fc.property(walk, fc.boolean(), (w, turned) => {
        const runs = walked(w);
        const order = turned ? [...runs].reverse() : runs;
        const full: Kit = LOADS[w.at]!.kit;
        const after = order.reduce((kit, run) => writeDown(kit, run, runs), full);
        for (const [cls, ml] of usedOf(runs)) {
          const sum = (kit: Kit): number =>
            (kit.supplies ?? []).filter((s) => s.class === cls).reduce((n, s) => n + (s.remainingMl ?? 0), 0);
          expect(sum(full) - sum(after)).toBeCloseTo(Math.min(ml, sum(full)), 6);
        }
        const lines = after.log!.filter((e): e is LoadEntry => e.type === 'load');
        expect(lines.length).toBe(runs.some((r) => inForce(r.events).some((e) => e.together)) ? 1 : 0);
      }),
      RUNS,
    ));
  test('nobody is shut in, or out: a shared step is pressed only when all that come to it stand there', () =>
    fc.assert(
      fc.property(walk, (w) => {
        let runs: readonly Run[] = LOADS[w.at]!.runs;
        w.presses.forEach((p, n) => {
          const next = press(runs, p, n);
          next.forEach((run, i) => {
            const was = runs[i]!;
            const fresh = run.events.slice(was.events.length).filter((e) => e.together && e.type !== 'undone');
            for (const e of fresh) {
              const name = sharedAs(was, e.stepId);
              if (name === null) continue;
              for (const other of runs) {
                const own = other.programme.steps.find((s) => sharedAs(other, s.id) === name);
                const state = own && other.steps[own.id];
                const comes =
                  other.status === 'live' &&
                  !other.alone &&
                  own?.when === 'always' &&
                  state?.state === 'waiting' &&
                  state.times === 0;
                if (comes) expect(other.currentId).toBe(own.id);
              }
            }
          });
          runs = next;
        });
      }),
      RUNS,
    ));
  test('those that stayed in the drum had the same of it', () =>
    fc.assert(
      fc.property(walk, (w) => {
        const runs = walked(w);
        const timesOf = (run: Run, name: string): number =>
          run.programme.steps
            .filter((s) => sharedAs(run, s.id) === name)
            .reduce((n, s) => n + (run.steps[s.id]?.together?.times ?? 0), 0);
        const names = new Set(runs.flatMap((r) => r.programme.steps.flatMap((s) => sharedAs(r, s.id) ?? [])));
        for (const name of names) {
          const those = runs.filter(
            (r) => r.status !== 'stopped' && !r.alone && r.programme.steps.some((s) => sharedAs(r, s.id) === name),
          );
          const passedBy = those.filter((r) => gathered(r, runs)?.name !== name);
          if (those.length < 2 || passedBy.length !== those.length) continue;
          expect(new Set(those.map((r) => timesOf(r, name))).size).toBe(1);
        }
      }),
      RUNS,
    ));
});

describe('any load of the club’s things', () => {
  const { kit } = makeDemoKit(T0);
  const FEW = { proof: 200, tries: 3, ways: 60 };
  test('is carried out whole: what the drum does stands in the programme of each, and nothing of its own is lost', () =>
    fc.assert(
      fc.property(fc.subarray([...WEEKEND.items], { minLength: 2, maxLength: 6 }), (items) => {
        const day = planDay({ format: 'umbrastic/day-request', version: 1, kit, items, from: '2027-01-09T08:00:00Z' }, FEW);
        for (const load of day.loads.filter((l) => l.purpose === 'wash')) {
          const things = carryLoad(kit, day, load);
          expect(things.map((t) => t.item.id)).toEqual(load.itemIds);
          const drum = day.tasks.filter((t) => t.loadId === load.id && ['machine-wash', 'machine-rinse'].includes(t.do));
          for (const { item, programme, shared } of things) {
            for (const task of drum.filter((t) => t.itemIds.includes(item.id))) {
              const steps = programme.steps.filter(
                (s) => s.when === 'always' && s.do === task.do && s.settings.washerId === load.washerId,
              );
              expect(steps).toHaveLength(1);
              expect(shared[steps[0]!.id]).toBe(load.itemIds.length > 1 && task.itemIds.length > 1 ? task.id : undefined);
            }
            const left = new Set(programme.steps.map((s) => s.id));
            for (const step of planItem(kit, item).steps)
              if (step.settings.washerId === undefined) expect(left).toContain(step.id);
            expect(new Set(programme.steps.map((s) => s.id)).size).toBe(programme.steps.length);
          }
          const orders = things.map((t) => t.programme.steps.flatMap((s) => t.shared[s.id] ?? []));
          for (const order of orders)
            for (const other of orders)
              expect(order.filter((n) => other.includes(n))).toEqual(other.filter((n) => order.includes(n)));
        }
      }),
      { numRuns: 25 },
    ));
});
