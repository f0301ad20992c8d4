import type { Programme, ProgrammeStep } from '../document';
import { inForce, moveBefore, type Relaid, type RunEvent, type RunLoad } from './events';
import { foldRun, recordOf } from './fold';
import type { Run, StepRun } from './state';
import { press, stepBack, written } from './index';
import { isBare } from './ticks';

/*
 * Several things in one drum. Each has a run of its own; a press at a step that they share is written into the run of each, in one go, and counts
 * once. Refuses: storing, words.
 */

/**
 * Starts the runs of a load, one for each thing. A thing that has the drum to itself shares nothing.
 * @param idOf gives the run of a thing its id.
 */
export function startLoad(
  things: readonly (Pick<RunLoad, 'shared' | 'beside'> & {
    readonly itemId: string;
    readonly name: string;
    readonly programme: Programme;
  })[],
  load: Pick<RunLoad, 'id' | 'name'>,
  idOf: (itemId: string) => string,
  nowMs: number,
): Run[] {
  const members = things.map(({ itemId, name }) => ({ runId: idOf(itemId), itemId, name }));
  return things.map(({ itemId, name, programme, shared, beside }) =>
    foldRun({
      id: idOf(itemId),
      itemId,
      itemName: name,
      ...(things.length > 1 ? { load: { ...load, members, shared, beside } } : {}),
      programme,
      startedAtMs: nowMs,
      status: 'live',
      events: [],
    }),
  );
}

/** The name under which a step is shared with the others of its load, or null. */
export function sharedAs(run: Run, stepId: string | null): string | null {
  if (!run.load || run.alone || stepId === null) return null;
  // A rinse that was taken in for suds is as shared as the wash behind which it stands.
  const own = stepId.replace(/-suds$/, '');
  const name = run.load.shared[own];
  return name === undefined ? null : own === stepId ? name : `${name}-suds`;
}
const nameHere = (run: Run): string | null => sharedAs(run, run.currentId);
const isThere = (run: Run): boolean => run.status === 'live' && !run.alone;
const isAhead = (state: StepRun | undefined): boolean =>
  state !== undefined && !['done', 'passed', 'failed', 'skipped'].includes(state.state);

/** Who stands at a shared step, and who has something of its own to do first. */
export interface Gathered {
  readonly name: string;
  readonly here: readonly Run[];
  readonly missing: readonly Run[];
}
/** True for one that still comes to the step of this name. */
function comesTo(run: Run, name: string): boolean {
  return (
    isThere(run) &&
    run.programme.steps.some(
      (s) => (s.when === 'always' || run.unlocked.includes(s.id)) && sharedAs(run, s.id) === name && isAhead(run.steps[s.id]),
    )
  );
}
/**
 * Where a run stands with the others of its load; null when it stands at a step of its own.
 * @param mates every run of the load that there still is, itself too.
 */
export function gathered(run: Run, mates: readonly Run[]): Gathered | null {
  const name = nameHere(run);
  if (name === null || run.status !== 'live') return null;
  const those = mates.filter((m) => isThere(m) && (m.id === run.id || nameHere(m) === name || comesTo(m, name)));
  return {
    name,
    here: those.filter((m) => nameHere(m) === name),
    missing: those.filter((m) => nameHere(m) !== name),
  };
}
/** Those whose drying is begun with one press: in the same dryer, and not begun. */
export function besideHere(run: Run, mates: readonly Run[]): readonly Run[] {
  const nameOf = (r: Run): string | undefined => (r.currentId && !r.alone ? r.load?.beside[r.currentId] : undefined);
  const name = nameOf(run);
  if (name === undefined) return [run];
  return mates.filter(
    (m) => m.id === run.id || (isThere(m) && nameOf(m) === name && m.currentId && m.steps[m.currentId]?.state === 'waiting'),
  );
}

/** One press in all of these runs, at one instant, by which it is known again. Those that it does not move stay the very same. */
export function together(runs: readonly Run[], press: (run: Run) => Run): readonly Run[] {
  let at: number | undefined;
  return runs.map((run) => {
    const next = press(run);
    if (next === run || next.events.length === run.events.length) return next;
    const fresh = next.events.slice(run.events.length);
    const instant = (at ??= fresh[0]?.at ?? run.seenAtMs);
    const events = [...run.events, ...fresh.map((e): RunEvent => ({ ...e, at: instant, together: true }))];
    return foldRun({ ...recordOf(next), events });
  });
}

/**
 * A press in one run of a load. At a shared step it is made for all that stand there, and only when nobody is missing: nothing is left in a shoe
 * when the door shuts.
 * @returns the runs that it was made in.
 */
export function pressAt(runs: readonly Run[], id: string, change: (run: Run) => Run): readonly Run[] {
  const run = runs.find((r) => r.id === id);
  if (!run) return [];
  const all = gathered(run, runs);
  if (!all) return [change(run)];
  return all.missing.length > 0 ? [] : together(all.here, change);
}

/** How a load stands as a whole. */
export interface LoadState {
  /** The run through which a shared step is worked on, when everybody is there for it. */
  readonly lead: Run | null;
  /** Those that still go into the drum. */
  readonly ahead: readonly Run[];
  /** Those that come to no shared step any more. */
  readonly apart: readonly Run[];
}
/** @param runs every run of the load that there still is. */
export function loadState(runs: readonly Run[]): LoadState {
  const names = (run: Run): string[] => [...new Set(run.programme.steps.flatMap((s) => sharedAs(run, s.id) ?? []))];
  const ahead = runs.filter((r) => names(r).some((name) => nameHere(r) === name || comesTo(r, name)));
  return {
    lead: ahead.find((r) => gathered(r, runs)?.missing.length === 0) ?? null,
    ahead,
    apart: runs.filter((r) => !ahead.includes(r)),
  };
}

/** True for a small step before the drum: nothing to wait for, nothing to look at, nothing to measure. */
export const isTick = (run: Run, step: ProgrammeStep): boolean =>
  isBare(step) && (step.phase === 'prepare-item' || step.phase === 'pretreat') && run.programme.steps.indexOf(step) < doorOf(run);
/** The place of the first step in the drum with the others; what is done to the machine beforehand is not yet behind its door. */
const doorOf = (run: Run): number =>
  Math.max(
    0,
    run.programme.steps.findIndex((s) => run.load?.shared[s.id] !== undefined && s.phase !== 'prepare-machine'),
  );
/** The steps of a thing's own before the door of the drum shuts, and how far each is. */
export function beforeTheDoor(
  run: Run,
): readonly { readonly step: ProgrammeStep; readonly done: boolean; readonly tick: boolean }[] {
  return run.programme.steps
    .slice(0, doorOf(run))
    .filter((s) => run.load?.shared[s.id] === undefined && (s.when === 'always' || run.unlocked.includes(s.id)))
    .map((step) => ({ step, done: !isAhead(run.steps[step.id]), tick: isTick(run, step) }));
}

/**
 * Goes back over the last press. One that was made for all is gone back over in all, unless one has gone on since.
 * @returns the runs as they are then, or the one that has gone on.
 */
export function backTogether(
  run: Run,
  mates: readonly Run[],
  nowMs: number,
): { readonly runs: readonly Run[] } | { readonly goneOn: Run } {
  const last = moveBefore(run.events);
  if (!last?.together) return { runs: [stepBack(run, nowMs)] };
  const name = sharedAs({ ...run, alone: false }, last.stepId);
  const same = (m: Run, e: RunEvent | undefined): boolean =>
    e?.together === true && e.at === last.at && e.type === last.type && sharedAs({ ...m, alone: false }, e.stepId) === name;
  const those = mates.filter((m) => m.id === run.id || inForce(m.events).some((e) => same(m, e)));
  const goneOn = those.find((m) => m.status === 'written' || m.status === 'dropped' || !same(m, moveBefore(m.events)));
  return goneOn ? { goneOn } : { runs: together(those, (r) => stepBack(r, nowMs)) };
}

/** Ticks something small, or takes the tick away. */
export const tickStep = (run: Run, stepId: string, has: boolean, nowMs: number): Run =>
  press(run, stepId, { type: 'ticked', has }, nowMs);
/** Ticks all of these with one press, which is gone back over as one. */
export function tickAll(run: Run, stepIds: readonly string[], nowMs: number): Run {
  const [first, ...also] = stepIds;
  return first === undefined
    ? run
    : press(run, first, { type: 'ticked', has: true, ...(also.length > 0 ? { also } : {}) }, nowMs);
}
/** It is taken out of its load, and goes on by itself. */
export const takeOut = (run: Run, nowMs: number): Run =>
  run.load && !run.alone && run.currentId ? press(run, run.currentId, { type: 'alone' }, nowMs) : run;
/** It is in its load again; not when it has gone on by itself since. */
export function backIn(run: Run, nowMs: number): Run {
  return run.alone && moveBefore(run.events)?.type === 'alone' ? stepBack(run, nowMs) : run;
}
/**
 * Steps that have not begun as they are to be carried out from now on; those that stand so already, or have begun, stay.
 * @param steps by the same ids.
 */
export function relay(run: Run, steps: readonly ProgrammeStep[], nowMs: number): Run {
  let next = run;
  for (const { id, title, text, settings, unattendedMin } of steps) {
    const now = next.programme.steps.find((s) => s.id === id);
    const state = next.steps[id];
    if (!now || !state || state.state !== 'waiting' || state.times > 0 || state.spells.length > 0) continue;
    const as: Relaid = { title, text, settings, unattendedMin };
    const was: Relaid = { title: now.title, text: now.text, settings: now.settings, unattendedMin: now.unattendedMin };
    if (JSON.stringify(as) !== JSON.stringify(was)) next = written(next, id, { type: 'relaid', ...as }, nowMs);
  }
  return next;
}

/** What of a run was done once for the whole drum, or what was its own: the same run with only that carried out. */
export function partOf(run: Run, of: 'together' | 'own', which: (shared: string | null) => boolean = () => true): Run {
  const wanted = of === 'together';
  const nameOf = (id: string): string | null => sharedAs({ ...run, alone: false }, id);
  const steps = Object.fromEntries(
    Object.entries(run.steps).map(([id, state]): [string, StepRun] => {
      const { times = 0, rounds = [] } = state.together ?? {};
      const takes = which(nameOf(id));
      const spells = [...state.before, ...state.spells].filter((_, n) => rounds.includes(n) === wanted && takes);
      return [id, { ...state, before: [], spells, times: takes ? (wanted ? times : state.times - times) : 0 }];
    }),
  );
  return {
    ...run,
    steps,
    events: run.events.filter((e) => (e.together === true) === wanted && which(nameOf(e.stepId))),
  };
}
/** True when something of it was done in a drum with others. */
export const sharedAny = (run: Run): boolean => run.load !== undefined && inForce(run.events).some((e) => e.together);
