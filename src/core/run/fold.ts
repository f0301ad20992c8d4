import type { WayId } from '../knowledge';
import type { Programme, ProgrammeStep } from '../document';
import { inForce, type RunEvent, type RunRecord, type RunStatus } from './events';
import { lookOf, remedyOf, triesOf, waysOf, wayOf } from './looks';

/*
 * A run is the fold of its events. Pure: the same events give the same run. Refuses: reading a clock, storing, asking.
 */

/** What the timer of a step is at: an instant at which it ends or ended, what was left when it was paused, or nothing. */
type Timer =
  | { readonly state: 'running' | 'rung'; readonly endsAtMs: number; readonly leftMs: null }
  | { readonly state: 'paused'; readonly endsAtMs: null; readonly leftMs: number }
  /** `asking`: its look has failed too often, and a way out is to be chosen; `failed`: it was left as it is. */
  | {
      readonly state: 'waiting' | 'done' | 'passed' | 'failed' | 'skipped' | 'asking';
      readonly endsAtMs: null;
      readonly leftMs: null;
    };
export type StepState = Timer['state'];

/** A look as it was answered. */
export interface Looked {
  readonly atMs: number;
  readonly passed: boolean;
  readonly proof?: 'weights' | 'hand';
}
interface StepCarried {
  readonly stepId: string;
  /** How often it was carried through. */
  readonly times: number;
  readonly round: number;
  /** Minutes for which the present round was set. */
  readonly roundMin: number;
  /** Minutes that each ended round really ran, since the thing was last wetted; and those before. */
  readonly spells: readonly number[];
  readonly before: readonly number[];
  /** Events before this instant belong to an earlier pass, ms. */
  readonly sinceMs: number;
  readonly finishedAtMs: number | null;
  readonly notes: readonly string[];
  readonly looks: readonly Looked[];
  /** Failed looks since the last that passed or since the wash began anew. */
  readonly failures: number;
  /** The way out that was last chosen. */
  readonly way?: WayId;
  /** Why it was left out. */
  readonly why?: string;
  /** The longest it sat after its timer had ended, minutes. */
  readonly satMin: number;
  /** Baffles in which a clump or damp core was felt at the last look. */
  readonly clumps?: readonly string[];
}
export type StepRun = StepCarried & Timer;

interface Detour {
  readonly checkId: string;
  readonly at: string;
  readonly left: readonly string[];
}
/** A run as it stands: the record, and what follows from it. */
export interface Run extends Omit<RunRecord, 'programme'> {
  /** As it was planned. */
  readonly planned: Programme;
  /** With steps that were taken in and machines that were changed. */
  readonly programme: Programme;
  readonly currentId: string | null;
  readonly steps: Readonly<Record<string, StepRun>>;
  /** Steps reached through a failed look. */
  readonly unlocked: readonly string[];
  readonly detours: readonly Detour[];
  /** Looks that nothing has closed, while one stands before putting away. */
  readonly open: readonly string[];
  readonly putAwayAsItIs: boolean;
  /** Latest instant this run has seen, ms; a clock set back shows against it. */
  readonly seenAtMs: number;
  /** By how much the clock was set while it ran, ms. */
  readonly clockMs: number;
  readonly finishedAtMs: number | null;
}

const STILL = { endsAtMs: null, leftMs: null } as const;
const MINUTE = 60_000;

const waiting = (stepId: string, sinceMs: number): StepRun => ({
  stepId,
  state: 'waiting',
  ...STILL,
  times: 0,
  round: 0,
  roundMin: 0,
  spells: [],
  before: [],
  sinceMs,
  finishedAtMs: null,
  notes: [],
  looks: [],
  failures: 0,
  satMin: 0,
});

export const stepIn = (programme: Programme, id: string | null): ProgrammeStep | undefined =>
  programme.steps.find((s) => s.id === id);

type Patch = Partial<StepCarried> & (Timer | { readonly state?: never });
function patched(run: Run, id: string, patch: Patch): Run {
  const step = run.steps[id];
  return step ? { ...run, steps: { ...run.steps, [id]: { ...step, ...patch } as StepRun } } : run;
}

/** True for drying that goes on by itself when its timer has ended: no machine stops. */
const driesOn = (step: ProgrammeStep): boolean =>
  step.phase === 'dry' && step.settings.dryerId === undefined && step.settings.heat === undefined;

/** Minutes that the present round has run by an instant. */
export function ranBy(step: ProgrammeStep, now: StepRun, atMs: number): number {
  if (now.state === 'paused') return Math.max(0, now.roundMin - now.leftMs / MINUTE);
  if (now.state !== 'running' && now.state !== 'rung') return 0;
  const ran = now.roundMin - (now.endsAtMs - atMs) / MINUTE;
  return Math.max(0, driesOn(step) ? ran : Math.min(now.roundMin, ran));
}
/** The present round ends: what it ran is counted, and how long it sat. */
function endRound(run: Run, id: string, atMs: number, told?: number): Run {
  const now = run.steps[id];
  const step = stepIn(run.programme, id);
  if (!now || !step || (now.state !== 'running' && now.state !== 'rung' && now.state !== 'paused')) return run;
  const ran = told ?? ranBy(step, now, atMs);
  const sat = now.endsAtMs === null ? 0 : Math.max(0, Math.floor((atMs - now.endsAtMs) / MINUTE));
  return patched(run, id, {
    state: 'waiting',
    ...STILL,
    spells: [...now.spells, Math.round(ran * 100) / 100],
    satMin: Math.max(now.satMin, sat),
  });
}

const OVER: ReadonlySet<StepState> = new Set(['done', 'passed', 'failed', 'skipped']);
/** The next step of the programme that is not over, whatever was done on detours. */
function following(run: Run, fromId: string): string | null {
  const { steps } = run.programme;
  const at = steps.findIndex((s) => s.id === fromId);
  for (const step of steps.slice(at + 1))
    if (step.when === 'always' && !OVER.has(run.steps[step.id]?.state ?? 'waiting')) return step.id;
  return null;
}

/** Looks that no answer has closed: failed ones that nothing was decided on, skipped ones, and those put off to a later look. */
function openLooks(run: Run): string[] {
  const looks = run.programme.steps.flatMap((step) => {
    const look = lookOf(step);
    const state = run.steps[step.id];
    return look && state && (step.when === 'always' || run.unlocked.includes(step.id)) ? [{ step, look, state }] : [];
  });
  const passed = looks.filter(({ state }) => state.state === 'passed');
  return looks.flatMap(({ step, look, state }) => {
    const decided = state.state === 'failed' && state.way !== undefined && ['leave', 'moves'].includes(wayOf(state.way).does);
    if (state.state === 'passed' || state.state === 'waiting' || decided) return [];
    return passed.some((p) => p.look.covers?.includes(look.id)) ? [] : [step.id];
  });
}

/** Stands at a step; before anything is put away, every look must have been closed. */
function standAt(run: Run, id: string | null, atMs: number): Run {
  if (id === null) return { ...run, currentId: null, status: 'finished', finishedAtMs: atMs, open: [] };
  const store = stepIn(run.programme, id)?.phase === 'store';
  return { ...run, currentId: id, open: store && !run.putAwayAsItIs ? openLooks(run) : [] };
}

function advance(run: Run, fromId: string, atMs: number): Run {
  const detour = run.detours.at(-1);
  if (detour?.at !== fromId) return standAt(run, following(run, fromId), atMs);
  const [next, ...left] = detour.left;
  const outer = run.detours.slice(0, -1);
  if (next === undefined) {
    // The remedy is done: the same look again.
    const again = patched({ ...run, detours: outer }, detour.checkId, { state: 'waiting', ...STILL });
    return standAt(again, detour.checkId, atMs);
  }
  const on = patched({ ...run, detours: [...outer, { ...detour, at: next, left }] }, next, { state: 'waiting', ...STILL });
  return standAt(on, next, atMs);
}

/** Sends the work to a remedy, and back to the same look. */
function remedy(run: Run, step: ProgrammeStep, ids: readonly string[], atMs: number): Run {
  const [first, ...left] = ids;
  if (first === undefined || first === step.id)
    return standAt(patched(run, step.id, { state: 'waiting', ...STILL }), step.id, atMs);
  const opened: Run = {
    ...patched(patched(run, step.id, { state: 'waiting', ...STILL }), first, { state: 'waiting', ...STILL }),
    unlocked: [...new Set([...run.unlocked, ...ids.filter((id) => stepIn(run.programme, id)?.when === 'if-failed')])],
    detours: [...run.detours, { checkId: step.id, at: first, left }],
  };
  return standAt(opened, first, atMs);
}

/** From the wash on, everything is done again. */
function washAgain(run: Run, step: ProgrammeStep, atMs: number): Run {
  const { steps } = run.programme;
  const from = steps.findIndex((s) => s.phase === 'wash' && s.when === 'always');
  const to = steps.findIndex((s) => s.id === step.id);
  let next: Run = { ...run, detours: [] };
  for (const { id } of steps.slice(from, to + 1)) {
    const now = next.steps[id];
    if (now)
      next = patched(next, id, {
        state: 'waiting',
        ...STILL,
        round: 0,
        failures: 0,
        before: [...now.before, ...now.spells],
        spells: [],
        sinceMs: atMs,
      });
  }
  return standAt(next, steps[from]?.id ?? step.id, atMs);
}

function chosenWay(run: Run, step: ProgrammeStep, way: WayId, atMs: number): Run {
  const record = wayOf(way);
  const chosen = patched(run, step.id, { way });
  switch (record.does) {
    case 'wash':
      return washAgain(chosen, step, atMs);
    case 'moves':
    case 'leave':
    case 'later':
      return advance(
        patched(record.does === 'moves' ? toLaunderette(chosen) : chosen, step.id, {
          state: 'failed',
          ...STILL,
          finishedAtMs: atMs,
        }),
        step.id,
        atMs,
      );
    case 'elsewhere': {
      const moved = toLaunderette(chosen);
      return remedy(moved, step, remedyOf(moved.programme, step, Number.MAX_SAFE_INTEGER), atMs);
    }
    case 'again':
      return remedy(chosen, step, remedyOf(chosen.programme, step, Number.MAX_SAFE_INTEGER, record), atMs);
  }
}

/** Another machine or place for some steps: one dryer or place takes the other's. */
function withSettings(
  run: Run,
  which: (step: ProgrammeStep) => boolean,
  to: { readonly washerId?: string; readonly dryerId?: string; readonly place?: string },
): Run {
  const steps = run.programme.steps.map((step) => {
    if (!which(step)) return step;
    const { dryerId, place, ...rest } = step.settings;
    const dries = to.dryerId !== undefined || to.place !== undefined;
    const kept = dries ? rest : { ...rest, ...(dryerId ? { dryerId } : {}), ...(place ? { place } : {}) };
    return { ...step, settings: { ...kept, ...to } };
  });
  return { ...run, programme: { ...run.programme, steps } };
}

/** All its drying in a dryer is done in a large one elsewhere. */
const toLaunderette = (run: Run): Run => withSettings(run, (s) => s.settings.dryerId !== undefined, { place: 'launderette' });

function looked(run: Run, step: ProgrammeStep, event: Extract<RunEvent, { type: 'look' }>): Run {
  const { at, passed, proof, ranMin } = event;
  const ended = endRound(run, step.id, at, ranMin);
  const now = ended.steps[step.id] as StepRun;
  const failures = passed ? 0 : now.failures + 1;
  const answered = patched(ended, step.id, {
    times: now.times + 1,
    failures,
    looks: [...now.looks, { atMs: at, passed, ...(proof ? { proof } : {}) }],
    finishedAtMs: at,
    ...(passed ? { state: 'passed', ...STILL } : {}),
  } as Patch);
  if (passed) return advance(answered, step.id, at);
  const ids = remedyOf(run.programme, step, failures);
  if ((failures >= triesOf(step) || ids.length === 0) && waysOf(run.programme, step).length > 0)
    return patched(answered, step.id, { state: 'asking', ...STILL });
  return remedy(answered, step, ids, at);
}

function apply(run: Run, event: RunEvent): Run {
  const seen: Run = { ...run, seenAtMs: event.at };
  const step = stepIn(seen.programme, event.stepId);
  const now = step && seen.steps[step.id];
  if (event.type === 'clock') {
    let moved: Run = { ...seen, clockMs: seen.clockMs + event.byMs };
    for (const one of Object.values(seen.steps))
      if (one.state === 'running' || one.state === 'rung')
        moved = patched(moved, one.stepId, { state: 'running', endsAtMs: one.endsAtMs + event.byMs, leftMs: null });
    return moved;
  }
  if (event.type === 'stopped') return { ...seen, status: 'stopped', currentId: null, finishedAtMs: event.at, open: [] };
  if (!step || !now) return seen;
  const here = seen.currentId === step.id;
  switch (event.type) {
    case 'noted':
      return patched(seen, step.id, { notes: [...now.notes, event.text] });
    case 'clump': {
      const before = now.clumps ?? [];
      const rest = before.filter((b) => b !== event.baffle);
      return patched(seen, step.id, { clumps: event.felt ? [...rest, event.baffle] : rest });
    }
    case 'moved': {
      const from = seen.programme.steps.findIndex((s) => s.id === step.id);
      const later = new Set(seen.programme.steps.slice(from).map((s) => s.id));
      const same = (s: ProgrammeStep): boolean =>
        event.to.washerId === undefined
          ? s.settings.dryerId === step.settings.dryerId && s.settings.place === step.settings.place && s.phase === step.phase
          : s.settings.washerId === step.settings.washerId && s.settings.washerId !== undefined;
      return withSettings(seen, (s) => later.has(s.id) && same(s), event.to);
    }
    case 'was': {
      const { outcome, times, minutes, why } = event;
      const looks = step.check && times > 0 ? [{ atMs: event.at, passed: outcome === 'passed' }] : [];
      const was = { times, spells: minutes, round: minutes.length, looks, ...(why ? { why } : {}) };
      const unlocked = step.when === 'always' ? seen.unlocked : [...new Set([...seen.unlocked, step.id])];
      if (outcome === 'now') return { ...patched(seen, step.id, was), unlocked, currentId: step.id };
      const over = patched(seen, step.id, { ...was, state: outcome, ...STILL, finishedAtMs: event.at } as Patch);
      return standAt({ ...over, unlocked }, following(over, step.id), event.at);
    }
    case 'used':
    case 'filled':
    case 'weighed':
    case 'loft':
    case 'drops':
    case 'seen':
    case 'photograph':
    case 'undone':
      return seen;
  }
  // What follows moves the work, and only where one stands.
  if (!here || seen.status !== 'live') return seen;
  switch (event.type) {
    case 'timer': {
      if ((now.state === 'running' && event.at < now.endsAtMs) || now.state === 'paused' || now.state === 'asking') return seen;
      const ended = endRound(seen, step.id, event.at);
      return patched(ended, step.id, {
        state: 'running',
        endsAtMs: event.at + event.minutes * MINUTE,
        leftMs: null,
        round: now.round + 1,
        roundMin: event.minutes,
        finishedAtMs: null,
      });
    }
    case 'paused':
      return now.state === 'running' && event.at < now.endsAtMs
        ? patched(seen, step.id, { state: 'paused', leftMs: now.endsAtMs - event.at, endsAtMs: null })
        : seen;
    case 'resumed':
      return now.state === 'paused'
        ? patched(seen, step.id, { state: 'running', endsAtMs: event.at + now.leftMs, leftMs: null })
        : seen;
    case 'done': {
      if (seen.open.length > 0) return seen;
      const ended = endRound(seen, step.id, event.at, event.ranMin);
      return advance(
        patched(ended, step.id, { state: 'done', ...STILL, times: now.times + 1, finishedAtMs: event.at }),
        step.id,
        event.at,
      );
    }
    case 'look':
      return now.state === 'asking' ? seen : looked(seen, step, event);
    case 'way':
      return now.state === 'asking' ? chosenWay(seen, step, event.way, event.at) : seen;
    case 'skipped': {
      const ended = endRound(seen, step.id, event.at);
      return advance(
        patched(ended, step.id, { state: 'skipped', ...STILL, finishedAtMs: event.at, why: event.why }),
        step.id,
        event.at,
      );
    }
    case 'taken-in': {
      if (seen.steps[event.step.id]) return seen;
      const steps = [...seen.programme.steps];
      steps.splice(steps.findIndex((s) => s.id === step.id) + 1, 0, event.step);
      return {
        ...seen,
        programme: { ...seen.programme, steps },
        steps: { ...seen.steps, [event.step.id]: waiting(event.step.id, event.at) },
      };
    }
    case 'as-it-is':
      return { ...seen, putAwayAsItIs: true, open: [] };
    case 'back-to':
      return seen.open.includes(event.checkId)
        ? standAt(patched(seen, event.checkId, { state: 'waiting', ...STILL, failures: 0 }), event.checkId, event.at)
        : seen;
  }
}

/** The run as it stands after its events. */
export function foldRun(record: RunRecord): Run {
  const { programme, ...rest } = record;
  const steps: Record<string, StepRun> = {};
  for (const step of programme.steps) steps[step.id] = waiting(step.id, record.startedAtMs);
  const start: Run = {
    ...rest,
    planned: programme,
    programme,
    status: 'live',
    currentId: programme.steps.find((s) => s.when === 'always')?.id ?? null,
    steps,
    unlocked: [],
    detours: [],
    open: [],
    putAwayAsItIs: false,
    seenAtMs: record.startedAtMs,
    clockMs: 0,
    finishedAtMs: null,
  };
  const run = inForce(record.events).reduce(apply, start);
  const kept: RunStatus = record.status === 'written' || record.status === 'dropped' ? record.status : run.status;
  // An undone line took time too.
  return { ...run, status: kept, seenAtMs: record.events.at(-1)?.at ?? run.seenAtMs };
}

/** What of a run is stored. */
export function recordOf(run: Run): RunRecord {
  const { id, itemId, itemName, machineId, planned, startedAtMs, status, events } = run;
  return {
    id,
    itemId,
    itemName,
    ...(machineId === undefined ? {} : { machineId }),
    programme: planned,
    startedAtMs,
    status,
    events,
  };
}
