import type { WayId } from '../knowledge';
import type { ProgrammeStep } from '../document';
import type { RunEvent } from './events';
import { lookOf, remedyOf, triesOf, waysOf, wayOf } from './looks';
import { endRound, patched, STILL, stepIn, type Patch, type Run, type StepRun, type StepState } from './state';

/* What moves the work on: to the next step, to a remedy and back, out of a look that keeps failing. */

const OVER: ReadonlySet<StepState> = new Set(['done', 'passed', 'failed', 'skipped']);
/** The next step of the programme that is not over, whatever was done on detours. */
export function following(run: Run, fromId: string): string | null {
  const { steps } = run.programme;
  const at = steps.findIndex((s) => s.id === fromId);
  for (const step of steps.slice(at + 1))
    if (step.when === 'always' && !OVER.has(run.steps[step.id]?.state ?? 'waiting')) return step.id;
  return null;
}

/** A small step is ticked, or its tick is taken away, wherever one stands; one then stands at the first that is not over. */
export function ticked(run: Run, step: ProgrammeStep, has: boolean, atMs: number): Run {
  const now = run.steps[step.id];
  if (!now || (now.state === 'done') === has || OVER.has(now.state) !== (now.state === 'done')) return run;
  const next = patched(run, step.id, {
    state: has ? 'done' : 'waiting',
    ...STILL,
    times: now.times + (has ? 1 : -1),
    finishedAtMs: has ? atMs : null,
  } as Patch);
  if (run.detours.length > 0) return next;
  const first = next.programme.steps.find((s) => s.when === 'always' && !OVER.has(next.steps[s.id]?.state ?? 'waiting'));
  return standAt(next, first?.id ?? null, atMs);
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
export function standAt(run: Run, id: string | null, atMs: number): Run {
  if (id === null) return { ...run, currentId: null, status: 'finished', finishedAtMs: atMs, open: [] };
  const store = stepIn(run.programme, id)?.phase === 'store';
  return { ...run, currentId: id, open: store && !run.putAwayAsItIs ? openLooks(run) : [] };
}

/** Stands at what comes after a step: the next of a detour, or of the programme. */
export function advance(run: Run, fromId: string, atMs: number): Run {
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

/** Goes the way out that was chosen for a failed look. */
export function chosenWay(run: Run, step: ProgrammeStep, way: WayId, atMs: number): Run {
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
export function withSettings(
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

/** What a look leads to: on when it passed, else to its remedy or to the question of causes. */
export function looked(run: Run, step: ProgrammeStep, event: Extract<RunEvent, { type: 'look' }>): Run {
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
