/**
 * One programme being carried out: a pure state machine over instants passed in. Timers are kept as the instant they end, so that reload
 * and sleep cannot lose them. Refuses: reading a clock, storing, sounding alarms.
 */
import type { DoneStep } from '../gear';
import type { Programme, ProgrammeStep } from '../document';
import { RINSING_FIGURES } from '../knowledge';

/** What the timer of a step is at: an instant at which it ends or ended, what was left when it was paused, or nothing. */
type Timer =
  | { readonly state: 'running' | 'rung'; readonly endsAtMs: number; readonly leftMs: null }
  | { readonly state: 'paused'; readonly endsAtMs: null; readonly leftMs: number }
  | { readonly state: 'waiting' | 'done' | 'passed' | 'failed' | 'skipped'; readonly endsAtMs: null; readonly leftMs: null };
export type StepState = Timer['state'];

interface StepCarried {
  readonly stepId: string;
  /** How often it was carried through. */
  readonly times: number;
  readonly round: number;
  /** Minutes of the present round when it was set for this once, and of all rounds before it; absent: the step's own. */
  readonly roundMin?: number;
  readonly beforeMin?: number;
  readonly finishedAtMs: number | null;
  readonly note: string;
  /** Baffles in which a clump or damp core was felt at the last look. */
  readonly clumps?: readonly string[];
}
export type StepRun = StepCarried & Timer;
const STILL = { endsAtMs: null, leftMs: null } as const;

export interface Run {
  readonly id: string;
  readonly itemId: string;
  readonly itemName: string;
  /** Set when it is a machine that is looked after; `itemId` is then its id. */
  readonly machineId?: string;
  readonly programme: Programme;
  readonly startedAtMs: number;
  readonly status: 'live' | 'finished' | 'stopped';
  readonly currentId: string | null;
  readonly steps: Readonly<Record<string, StepRun>>;
  /** Steps reached through a failed check. */
  readonly unlocked: readonly string[];
  /** Latest instant this run has seen, ms; a clock set back shows against it. */
  readonly seenAtMs: number;
  readonly finishedAtMs: number | null;
}

const MINUTE = 60_000;
/** A wet thing left longer than this after its timer is told of it, minutes. */
const LATE_AFTER_MIN = 10;

/** Minutes of one more rinse in a drum. */
export const RINSE_MIN = RINSING_FIGURES.rinseMin.value;
/** True for rinses that are counted fill by fill, by hand. */
export const isCounted = (step: ProgrammeStep): boolean => step.do === 'bath-rinse';
/** Fresh fills that carrying a rinse through once more brings: in a bath each answer is one, in a drum a repeat is one more. */
export const fillsOnce = (step: ProgrammeStep, times: number): number =>
  isCounted(step) || times > 0 ? 1 : (step.settings.rinses ?? 0);

/** Timer length of a step: one round where it goes in rounds, one rinse where it is repeated for suds, else all it runs by itself. */
export function timerMinutes(step: ProgrammeStep, times = 0): number {
  const { rounds, checkEveryMin } = step.settings;
  if (times > 0 && step.do === 'machine-rinse') return RINSE_MIN;
  return rounds !== undefined && checkEveryMin !== undefined && rounds > 0
    ? Math.min(checkEveryMin, Math.max(1, step.unattendedMin))
    : step.unattendedMin;
}

export const stepOf = (run: Run, id: string | null): ProgrammeStep | undefined => run.programme.steps.find((s) => s.id === id);
export const current = (run: Run): ProgrammeStep | undefined => stepOf(run, run.currentId);

const waiting = (stepId: string): StepRun => ({
  stepId,
  state: 'waiting',
  ...STILL,
  times: 0,
  round: 0,
  finishedAtMs: null,
  note: '',
});

/** Starts a run. Steps that only a failed check reaches wait behind it. */
export function startRun(programme: Programme, itemName: string, id: string, nowMs: number, machineId?: string): Run {
  const steps: Record<string, StepRun> = {};
  for (const step of programme.steps) {
    steps[step.id] = waiting(step.id);
  }
  return {
    id,
    itemId: programme.itemId,
    itemName,
    ...(machineId === undefined ? {} : { machineId }),
    programme,
    startedAtMs: nowMs,
    status: 'live',
    currentId: programme.steps.find((s) => s.when === 'always')?.id ?? null,
    steps,
    unlocked: [],
    seenAtMs: nowMs,
    finishedAtMs: null,
  };
}

function change(run: Run, id: string, patch: Partial<StepCarried> & (Timer | { readonly state?: never }), nowMs: number): Run {
  const step = run.steps[id];
  if (!step) return run;
  return { ...run, seenAtMs: Math.max(run.seenAtMs, nowMs), steps: { ...run.steps, [id]: { ...step, ...patch } as StepRun } };
}

/** Minutes of rounds that have ended, and of the present one. */
export function roundsOf(step: ProgrammeStep, now: StepRun): { readonly beforeMin: number; readonly roundMin: number } {
  const each = timerMinutes(step);
  return { beforeMin: now.beforeMin ?? Math.max(0, now.round - 1) * each, roundMin: now.roundMin ?? each };
}

/** Starts the timer of the current step, or its next round. @param minutes length of this round; the step's own when left out. */
export function startTimer(run: Run, nowMs: number, minutes?: number): Run {
  const step = current(run);
  const now = step && run.steps[step.id];
  if (!step || !now || now.state === 'running') return run;
  const { beforeMin, roundMin } = roundsOf(step, now);
  const length = minutes ?? timerMinutes(step, now.times);
  return change(
    run,
    step.id,
    {
      state: 'running',
      endsAtMs: nowMs + length * MINUTE,
      leftMs: null,
      round: now.round + 1,
      roundMin: length,
      beforeMin: now.round === 0 ? 0 : beforeMin + roundMin,
      finishedAtMs: null,
    },
    nowMs,
  );
}

export function pauseTimer(run: Run, nowMs: number): Run {
  const now = run.currentId ? run.steps[run.currentId] : undefined;
  if (now?.state !== 'running') return run;
  return change(run, now.stepId, { state: 'paused', leftMs: Math.max(0, now.endsAtMs - nowMs), endsAtMs: null }, nowMs);
}

export function resumeTimer(run: Run, nowMs: number): Run {
  const now = run.currentId ? run.steps[run.currentId] : undefined;
  if (now?.state !== 'paused') return run;
  return change(run, now.stepId, { state: 'running', endsAtMs: nowMs + now.leftMs, leftMs: null }, nowMs);
}

/** Lets time pass: a timer that has ended rings. Returns the same run when nothing changed. */
export function tick(run: Run, nowMs: number): Run {
  const now = run.currentId ? run.steps[run.currentId] : undefined;
  if (run.status !== 'live' || now?.state !== 'running' || nowMs < now.endsAtMs) return run;
  return change(run, now.stepId, { state: 'rung', endsAtMs: now.endsAtMs, leftMs: null }, nowMs);
}

/** Milliseconds left on the current timer, 0 when it has ended, null when there is none. */
export function leftMs(run: Run, nowMs: number): number | null {
  const now = run.currentId ? run.steps[run.currentId] : undefined;
  if (!now) return null;
  if (now.state === 'paused') return now.leftMs;
  return now.endsAtMs === null ? null : Math.max(0, now.endsAtMs - nowMs);
}

/** Minutes by which the answer to an ended timer is late; 0 when in time. */
export function lateMinutes(run: Run, nowMs: number): number {
  const now = run.currentId ? run.steps[run.currentId] : undefined;
  if (now?.state !== 'rung' && now?.state !== 'running') return 0;
  const late = Math.floor((nowMs - now.endsAtMs) / MINUTE);
  return late > LATE_AFTER_MIN ? late : 0;
}

function following(run: Run, fromId: string): string | null {
  const { steps } = run.programme;
  const at = steps.findIndex((s) => s.id === fromId);
  for (const step of steps.slice(at + 1)) {
    const state = run.steps[step.id]?.state;
    const over = state === 'done' || state === 'passed' || state === 'skipped';
    if ((step.when === 'always' && !over) || (run.unlocked.includes(step.id) && !over)) return step.id;
  }
  return null;
}

function advance(run: Run, fromId: string, nowMs: number): Run {
  const next = following(run, fromId);
  return next === null ? { ...run, currentId: null, status: 'finished', finishedAtMs: nowMs } : { ...run, currentId: next };
}

function close(run: Run, state: 'done' | 'passed' | 'failed' | 'skipped', nowMs: number, note: string): Run {
  const now = run.currentId ? run.steps[run.currentId] : undefined;
  if (!now) return run;
  const late = lateMinutes(run, nowMs);
  const said = [now.note, note, late > 0 ? `answered ${late} min late` : ''].filter(Boolean).join('; ');
  return change(
    run,
    now.stepId,
    { state, endsAtMs: null, leftMs: null, times: now.times + 1, finishedAtMs: nowMs, note: said },
    nowMs,
  );
}

/** Still suds at the end of a step that has no look of its own: one more rinse comes next. The new step is kept in this run only. */
export function addRinse(run: Run, rinse: ProgrammeStep, nowMs: number): Run {
  const id = run.currentId;
  if (id === null || run.programme.steps.some((s) => s.id === rinse.id)) return run;
  const steps = [...run.programme.steps];
  steps.splice(steps.findIndex((s) => s.id === id) + 1, 0, rinse);
  const added: Run = {
    ...run,
    programme: { ...run.programme, steps },
    steps: { ...run.steps, [rinse.id]: waiting(rinse.id) },
  };
  return finishStep(added, nowMs, 'still suds');
}

/** Writes something down at the current step; it stands in the record with it. */
export function noteStep(run: Run, text: string, nowMs: number): Run {
  const now = run.currentId ? run.steps[run.currentId] : undefined;
  const said = text.trim();
  return !now || said === '' ? run : change(run, now.stepId, { note: [now.note, said].filter(Boolean).join('; ') }, nowMs);
}

/** Marks a baffle as clumped at this look, or takes the mark away again. */
export function markClump(run: Run, baffle: string, nowMs: number): Run {
  const now = run.currentId ? run.steps[run.currentId] : undefined;
  if (!now) return run;
  const before = now.clumps ?? [];
  const clumps = before.includes(baffle) ? before.filter((b) => b !== baffle) : [...before, baffle];
  return change(run, now.stepId, { clumps }, nowMs);
}
/** Baffles in which clumps were felt at the newest look of a run that has any; oldest marks are passed over. */
export const clumpsOf = (run: Run): readonly string[] =>
  run.programme.steps
    .map((s) => run.steps[s.id]?.clumps)
    .filter((c) => c !== undefined)
    .at(-1) ?? [];

/** The step is done; on to the next. */
export function finishStep(run: Run, nowMs: number, note = ''): Run {
  const id = run.currentId;
  return id === null ? run : advance(close(run, 'done', nowMs, note), id, nowMs);
}

export function skipStep(run: Run, nowMs: number, reason: string): Run {
  const id = run.currentId;
  return id === null ? run : advance(close(run, 'skipped', nowMs, reason), id, nowMs);
}

/**
 * Answers the check of the current step. Passed: on. Failed: to the step the check names. When that step waits behind the check, it and
 * the steps behind the same check that follow it are opened; when it is an earlier step or this one, it is done again.
 */
export function answerCheck(run: Run, passed: boolean, nowMs: number, note = ''): Run {
  const step = current(run);
  if (!step) return run;
  if (passed) return advance(close(run, 'passed', nowMs, note), step.id, nowMs);
  const target = stepOf(run, step.check?.else ?? step.id) ?? step;
  if (target.id === step.id) {
    const closed = close(run, 'failed', nowMs, note);
    return change(closed, step.id, { state: 'waiting', ...STILL }, nowMs);
  }
  const failed = close(run, 'failed', nowMs, note);
  if (target.when === 'always')
    return { ...change(failed, target.id, { state: 'waiting', ...STILL }, nowMs), currentId: target.id };
  const { steps } = run.programme;
  const opened: string[] = [];
  for (const next of steps.slice(steps.findIndex((s) => s.id === target.id))) {
    if (next.when !== 'if-failed') break;
    opened.push(next.id);
  }
  let reopened: Run = { ...failed, unlocked: [...new Set([...run.unlocked, ...opened])], currentId: target.id };
  for (const id of opened) reopened = change(reopened, id, { state: 'waiting', ...STILL }, nowMs);
  return reopened;
}

/** Goes back one step that was carried through. */
export function stepBack(run: Run, nowMs: number): Run {
  const { steps } = run.programme;
  const at = run.currentId ? steps.findIndex((s) => s.id === run.currentId) : steps.length;
  for (let i = at - 1; i >= 0; i--) {
    const step = steps[i];
    const state = step && run.steps[step.id]?.state;
    if (step && state && state !== 'waiting') {
      return {
        ...change(run, step.id, { state: 'waiting', ...STILL, finishedAtMs: null }, nowMs),
        currentId: step.id,
        status: 'live',
        finishedAtMs: null,
      };
    }
  }
  return run;
}

export const stopRun = (run: Run, nowMs: number): Run => ({ ...run, status: 'stopped', currentId: null, finishedAtMs: nowMs });

/** Moves every running timer by the same amount, when the device's clock was set and no time passed. */
export function shiftClock(run: Run, byMs: number): Run {
  const steps: Record<string, StepRun> = {};
  for (const [id, step] of Object.entries(run.steps))
    steps[id] =
      step.state === 'running' || step.state === 'rung' ? { ...step, endsAtMs: step.endsAtMs + byMs, state: 'running' } : step;
  return { ...run, steps, seenAtMs: run.seenAtMs + byMs };
}

/** A clock set back shows as an instant earlier than one already seen: the timers move with it. Returns the same run otherwise. */
export function mendClock(run: Run, nowMs: number): Run {
  const back = run.seenAtMs - nowMs;
  return back > MINUTE ? shiftClock(run, -back) : run;
}

/** The record lines of a run's steps. */
export function doneSteps(run: Run): DoneStep[] {
  return run.programme.steps.flatMap((step) => {
    const state = run.steps[step.id];
    if (!state || state.times === 0) return [];
    const outcome = state.state === 'passed' || state.state === 'failed' || state.state === 'skipped' ? state.state : 'done';
    return [
      {
        stepId: step.id,
        do: step.do,
        outcome,
        times: state.times,
        ...(state.finishedAtMs === null ? {} : { at: new Date(state.finishedAtMs).toISOString() }),
        ...(state.note ? { note: state.note } : {}),
      },
    ];
  });
}
