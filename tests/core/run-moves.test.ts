import { describe, expect, test } from 'vitest';
import {
  answerCheck,
  canGoBack,
  clumpsOf,
  current,
  finishStep,
  isUntouched,
  markClump,
  moveTo,
  noteStep,
  startRun,
  startTimer,
  stepBack,
  type Run,
} from '../../src/core/run';
import { hasMove } from '../../src/core/run/events';
import { plannedMinutes } from '../../src/core/run/report';
import { down, KIT, programme, WASHER } from '../make';

/* What a run says of itself between two presses: whether there is one to go back over, whether anything was done, where clumps were felt, and where it goes on. */
const T0 = Date.parse('2027-01-03T08:00:00Z');
const MIN = 60_000;
const SECOND = { ...WASHER, id: 'w2' } as NonNullable<typeof WASHER>;
const wet = (): Run => startRun(programme(down(), { soil: 2, clumped: true }), 'it', 'run-1', T0);
function upTo(run: Run, key: string): Run {
  let at = run;
  while (current(at) && current(at)?.key !== key) at = current(at)?.check ? answerCheck(at, true, T0) : finishStep(at, T0);
  return at;
}

describe('a run', () => {
  test('can be gone back over as far as something was pressed, and no further', () => {
    const fresh = wet();
    expect([canGoBack(fresh), hasMove(fresh.events)]).toEqual([false, false]);
    const once = finishStep(fresh, T0);
    expect([canGoBack(once), hasMove(once.events)]).toEqual([true, true]);
    expect(canGoBack(stepBack(once, T0 + MIN))).toBe(false);
    // A note is no press that moved the work.
    expect(canGoBack(noteStep(fresh, 'It smells of smoke.', T0))).toBe(false);
  });
  test('is untouched until something was carried out or a timer runs, and again when that is gone back over', () => {
    const fresh = wet();
    expect(isUntouched(fresh)).toBe(true);
    expect(isUntouched(noteStep(fresh, 'It smells of smoke.', T0))).toBe(true);
    expect(isUntouched(finishStep(fresh, T0))).toBe(false);
    const timed = { ...fresh.programme.steps[0]!, attendedMin: 5, unattendedMin: 48 };
    const alone = startRun({ ...fresh.programme, steps: [timed] }, 'it', 'run-2', T0);
    expect([isUntouched(alone), isUntouched(startTimer(alone, T0))]).toEqual([true, false]);
    expect(isUntouched(stepBack(finishStep(fresh, T0), T0 + MIN))).toBe(true);
  });
  test('knows the baffles in which clumps were felt at its newest look', () => {
    const drying = startTimer(upTo(wet(), 'tumble-down'), T0);
    expect(clumpsOf(drying)).toEqual([]);
    const felt = markClump(markClump(drying, 'back 2', T0 + MIN), 'left 1', T0 + MIN);
    expect(clumpsOf(felt)).toEqual(['back 2', 'left 1']);
    // Pressed again it is gone.
    expect(clumpsOf(markClump(felt, 'back 2', T0 + 2 * MIN))).toEqual(['left 1']);
  });
  test('goes on in another machine from here on; what lies behind stays where it was', () => {
    const kit = { equipment: { ...KIT.equipment, washers: [...(KIT.equipment?.washers ?? []), SECOND] } };
    const run = upTo(startRun(programme(down(), { soil: 2 }, kit), 'it', 'run-1', T0), 'rinse-machine');
    const washerOf = (r: Run, phase: string): (string | undefined)[] =>
      r.programme.steps.filter((s) => s.phase === phase && s.settings.washerId !== undefined).map((s) => s.settings.washerId);
    const [before] = washerOf(run, 'wash');
    const other = before === 'w1' ? 'w2' : 'w1';
    const moved = moveTo(run, { washerId: other }, T0);
    expect(new Set(washerOf(moved, 'wash'))).toEqual(new Set([before]));
    expect(current(moved)?.settings.washerId).toBe(other);
    expect(new Set(washerOf(moved, 'rinse'))).toEqual(new Set([other]));
  });
  test('knows what its plan gave it, hands and waiting, without what only a failed check would bring, whatever came to it later', () => {
    const p = programme(down(), { soil: 2 });
    const takes = [
      { attendedMin: 5, unattendedMin: 0, when: 'always' },
      { attendedMin: 10, unattendedMin: 48, when: 'always' },
      { attendedMin: 3, unattendedMin: 20, when: 'if-failed' },
    ] as const;
    const run = startRun({ ...p, steps: takes.map((t, n) => ({ ...p.steps[n]!, ...t })) }, 'it', 'run-1', T0);
    expect(plannedMinutes(run)).toBe(63);
    expect(plannedMinutes(finishStep(startTimer(finishStep(run, T0), T0), T0 + 90 * MIN))).toBe(63);
  });
});
