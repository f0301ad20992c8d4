import type { ProgrammeStep } from '../document';
import { inForce, type RunEvent, type RunRecord, type RunStatus } from './events';
import { advance, chosenWay, following, looked, standAt, ticked, withSettings } from './moves';
import { endRound, patched, STILL, stepIn, waiting, type Patch, type Run, type StepRun } from './state';
import { MINUTE_MS } from '../units/time';

/*
 * A run is the fold of its events. Pure: the same events give the same run. Refuses: reading a clock, storing, asking.
 */

const roundsOf = ({ before, spells }: StepRun): number => before.length + spells.length;
/** An event, and what of it was done once for a whole drum. */
function apply(run: Run, event: RunEvent): Run {
  const next = happened(run, event);
  const [was, is] = [run.steps[event.stepId], next.steps[event.stepId]];
  if (!event.together || !was || !is || is === was) return next;
  const { times, rounds } = was.together ?? { times: 0, rounds: [] };
  const more = Array.from({ length: roundsOf(is) - roundsOf(was) }, (_, n) => roundsOf(was) + n);
  return patched(next, event.stepId, { together: { times: times + is.times - was.times, rounds: [...rounds, ...more] } });
}
/** Events that are written down and move nothing by themselves, wherever one stands. */
const WRITTEN = [
  'noted',
  'clump',
  'moved',
  'ticked',
  'alone',
  'relaid',
  'was',
  'used',
  'filled',
  'weighed',
  'loft',
  'drops',
  'seen',
  'photograph',
  'undone',
] as const;
type Written = Extract<RunEvent, { readonly type: (typeof WRITTEN)[number] }>;
const isWritten = (event: RunEvent): event is Written => (WRITTEN as readonly string[]).includes(event.type);
type Moving = Exclude<RunEvent, Written | { readonly type: 'clock' | 'stopped' }>;

/** What was found of a step that was done before these events were kept. */
function asItWas(seen: Run, step: ProgrammeStep, event: Extract<RunEvent, { readonly type: 'was' }>): Run {
  const { outcome, times, minutes, why } = event;
  const looks = step.check && times > 0 ? [{ atMs: event.at, passed: outcome === 'passed' }] : [];
  const was = { times, spells: minutes, round: minutes.length, looks, ...(why ? { why } : {}) };
  const unlocked = step.when === 'always' ? seen.unlocked : [...new Set([...seen.unlocked, step.id])];
  if (outcome === 'now') return { ...patched(seen, step.id, was), unlocked, currentId: step.id };
  const over = patched(seen, step.id, { ...was, state: outcome, ...STILL, finishedAtMs: event.at } as Patch);
  return standAt({ ...over, unlocked }, following(over, step.id), event.at);
}
/** The settings of a step, and of those after it that are done at the same place, moved elsewhere. */
function movedElsewhere(seen: Run, step: ProgrammeStep, event: Extract<RunEvent, { readonly type: 'moved' }>): Run {
  const from = seen.programme.steps.findIndex((s) => s.id === step.id);
  const later = new Set(seen.programme.steps.slice(from).map((s) => s.id));
  const same = (s: ProgrammeStep): boolean =>
    event.to.washerId === undefined
      ? s.settings.dryerId === step.settings.dryerId && s.settings.place === step.settings.place && s.phase === step.phase
      : s.settings.washerId === step.settings.washerId && s.settings.washerId !== undefined;
  return withSettings(seen, (s) => later.has(s.id) && same(s), event.to);
}
function written(seen: Run, step: ProgrammeStep, now: StepRun, event: Written): Run {
  switch (event.type) {
    case 'noted':
      return patched(seen, step.id, { notes: [...now.notes, event.text] });
    case 'clump': {
      const before = now.clumps ?? [];
      const rest = before.filter((b) => b !== event.baffle);
      return patched(seen, step.id, { clumps: event.felt ? [...rest, event.baffle] : rest });
    }
    case 'moved':
      return movedElsewhere(seen, step, event);
    case 'ticked':
      return seen.status === 'live'
        ? [step.id, ...(event.also ?? [])].reduce((r, id) => {
            const one = stepIn(r.programme, id);
            return one && r.status === 'live' ? ticked(r, one, event.has, event.at) : r;
          }, seen)
        : seen;
    case 'alone':
      return { ...seen, alone: true };
    case 'relaid': {
      const { title, text, settings, unattendedMin } = event;
      const relaid = (s: ProgrammeStep): ProgrammeStep => (s.id === step.id ? { ...s, title, text, settings, unattendedMin } : s);
      return { ...seen, programme: { ...seen.programme, steps: seen.programme.steps.map(relaid) } };
    }
    case 'was':
      return asItWas(seen, step, event);
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
}
/** What moves the work on, where one stands. */
function movedOn(seen: Run, step: ProgrammeStep, now: StepRun, event: Moving): Run {
  switch (event.type) {
    case 'timer': {
      if ((now.state === 'running' && event.at < now.endsAtMs) || now.state === 'paused' || now.state === 'asking') return seen;
      const ended = endRound(seen, step.id, event.at);
      return patched(ended, step.id, {
        state: 'running',
        endsAtMs: event.at + event.minutes * MINUTE_MS,
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
function happened(run: Run, event: RunEvent): Run {
  const seen: Run = { ...run, seenAtMs: event.at };
  const step = stepIn(seen.programme, event.stepId);
  const now = step && seen.steps[step.id];
  if (event.type === 'clock') {
    let moved: Run = { ...seen, clockMs: seen.clockMs + event.byMs };
    for (const one of Object.values(seen.steps))
      if (one.state === 'running' || one.state === 'elapsed')
        moved = patched(moved, one.stepId, { state: 'running', endsAtMs: one.endsAtMs + event.byMs, leftMs: null });
    return moved;
  }
  if (event.type === 'stopped') return { ...seen, status: 'stopped', currentId: null, finishedAtMs: event.at, open: [] };
  if (!step || !now) return seen;
  if (isWritten(event)) return written(seen, step, now, event);
  // What follows moves the work, and only where one stands.
  return seen.currentId === step.id && seen.status === 'live' ? movedOn(seen, step, now, event) : seen;
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
    alone: false,
    seenAtMs: record.startedAtMs,
    clockMs: 0,
    finishedAtMs: null,
  };
  const run = inForce(record.events).reduce(apply, start);
  const kept: RunStatus = record.status === 'written' || record.status === 'dropped' ? record.status : run.status;
  // An undone line took time too.
  return { ...run, status: kept, seenAtMs: record.events.at(-1)?.at ?? run.seenAtMs };
}

/** The run with more lines: the same as folding all of them anew, but that only the new ones are gone through. */
export function extended(run: Run, more: readonly RunEvent[]): Run {
  const events = [...run.events, ...more];
  if (more.some((e) => e.type === 'undone') || run.status === 'written' || run.status === 'dropped')
    return foldRun({ ...recordOf(run), events });
  return { ...more.reduce(apply, run), events, seenAtMs: more.at(-1)?.at ?? run.seenAtMs };
}

/** What of a run is stored. */
export function recordOf(run: Run): RunRecord {
  const { id, itemId, itemName, machineId, load, planned, startedAtMs, status, events } = run;
  return {
    id,
    itemId,
    itemName,
    ...(machineId === undefined ? {} : { machineId }),
    ...(load === undefined ? {} : { load }),
    programme: planned,
    startedAtMs,
    status,
    events,
  };
}
