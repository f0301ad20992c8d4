/*
 * Frozen. Version 3: a run is kept as what happened in it instead of as where it stood. Weights taken in a run under way become its lines.
 */
export const version = 3;

interface Row {
  readonly [field: string]: unknown;
}
const MINUTE = 60_000;
const num = (value: unknown): number | null => (typeof value === 'number' && Number.isFinite(value) ? value : null);
const rows = (value: unknown): Row[] => (Array.isArray(value) ? (value as Row[]) : []);

const TIMED = new Set(['running', 'rung', 'paused']);
/** Minutes of one round, as version 2 counted them. */
function roundMinutes(step: Row): number {
  const settings = (step.settings ?? {}) as Row;
  const rounds = num(settings.rounds);
  const every = num(settings.checkEveryMin);
  const whole = num(step.unattendedMin) ?? 0;
  return rounds !== null && every !== null && rounds > 0 ? Math.min(every, Math.max(1, whole)) : whole;
}

/** What a step took of its bottles. */
function usesOf(settings: Row): Row[] {
  return (
    [
      [settings.cleaner, settings.doseMl],
      [settings.proofer, settings.prooferMl],
    ] as const
  ).flatMap(([cls, ml]) =>
    cls && num(ml) ? [{ type: 'used', class: cls, ml, ...(settings.supplyId ? { supplyId: settings.supplyId } : {}) }] : [],
  );
}
/** The minutes of its rounds, the present one last. */
function roundsOf(step: Row, state: Row): { readonly round: number; readonly ended: number[] } {
  const each = roundMinutes(step);
  const rounds = num(state.round) ?? 0;
  const full = num(state.beforeMin) ?? Math.max(0, rounds - 1) * each;
  const round = num(state.roundMin) ?? each;
  return { round, ended: [...(full > 0 ? [full] : []), ...(rounds > 0 ? [round] : [])] };
}
type Put = (at: number, stepId: unknown, lines: readonly Row[]) => void;
/** The steps that were done or begun, as they stood. @returns the last instant of them. */
function tellSteps(row: Row, programme: Row, states: Readonly<Record<string, Row>>, started: number, put: Put): number {
  let last = started;
  let now: { step: Row; state: Row; round: number; was: Row } | null = null;
  const usedIn: Row[] = [];
  for (const step of rows(programme.steps)) {
    const state = states[step.id as string];
    if (!state) continue;
    const at = Math.max(last, num(state.finishedAtMs) ?? last);
    const uses = usesOf((step.settings ?? {}) as Row);
    for (const baffle of Array.isArray(state.clumps) ? (state.clumps as unknown[]) : [])
      put(last, step.id, [{ type: 'clump', baffle, felt: true }]);
    if (typeof state.note === 'string' && state.note !== '') put(last, step.id, [{ type: 'noted', text: state.note }]);
    const { round, ended } = roundsOf(step, state);
    const times = num(state.times) ?? 0;
    if (row.currentId === step.id) {
      now = {
        step,
        state,
        round,
        was: { type: 'was', outcome: 'now', times, minutes: TIMED.has(String(state.state)) ? ended.slice(0, -1) : ended },
      };
      usedIn.push(...Array.from({ length: times }, () => uses).flat());
      continue;
    }
    if (times === 0) continue;
    const skipped = state.state === 'skipped';
    const outcome = skipped || state.state === 'passed' || state.state === 'failed' ? state.state : 'done';
    // A step that was skipped after rounds had them all the same.
    const carried = skipped ? times - 1 : times;
    put(at, step.id, [
      ...Array.from({ length: carried }, () => uses).flat(),
      {
        type: 'was',
        outcome,
        times: carried,
        minutes: ended,
        ...(skipped ? { why: String(state.note || 'no reason given') } : {}),
      },
    ]);
    last = at;
  }
  if (now) {
    const { step, state, round, was } = now;
    put(last, step.id, [...usedIn, was]);
    if ((state.state === 'running' || state.state === 'rung') && num(state.endsAtMs) !== null)
      put((num(state.endsAtMs) as number) - round * MINUTE, step.id, [{ type: 'timer', minutes: round }]);
    if (state.state === 'paused' && num(state.leftMs) !== null) {
      put(last, step.id, [{ type: 'timer', minutes: round }]);
      put(last + round * MINUTE - (num(state.leftMs) as number), step.id, [{ type: 'paused' }]);
    }
  }
  return last;
}
/** Weights that were kept apart, as lines of the run. */
function tellWeights(row: Row, programme: Row, states: Readonly<Record<string, Row>>, weighIns: readonly Row[], put: Put): void {
  for (const w of weighIns) {
    const drying = rows(programme.steps).find((s) => s.phase === 'dry' && states[s.id as string]);
    const stepId = w.dryMin === undefined ? (row.currentId ?? drying?.id) : drying?.id;
    if (stepId !== undefined)
      put(Date.parse(String(w.at)), stepId, [
        {
          type: 'weighed',
          massG: w.massG,
          after: w.after ?? 'round',
          ...(w.dryMin === undefined ? {} : { dryMin: w.dryMin }),
          ...(w.rhPercent === undefined ? {} : { rhPercent: w.rhPercent }),
        },
      ]);
  }
}

/**
 * Before: a run with `steps` by id, each with state, times, round, note; after: a run with `events`. What single answers were was never kept;
 * each step is told as it stood. A row that is already so is given back as it is.
 * @param weighIns weights of this run that were kept apart.
 * @param written whether its result is in the record.
 */
export function run(row: Row, weighIns: readonly Row[], written: boolean): Row {
  if (Array.isArray(row.events)) return row;
  const programme = (row.programme ?? {}) as Row;
  const states = (row.steps ?? {}) as Readonly<Record<string, Row>>;
  const started = num(row.startedAtMs) ?? 0;
  const events: Row[] = [];
  let act = 0;
  const put: Put = (at, stepId, lines) => {
    act += 1;
    for (const line of lines) events.push({ ...line, at, stepId, act });
  };
  const last = tellSteps(row, programme, states, started, put);
  tellWeights(row, programme, states, weighIns, put);
  if (row.status === 'stopped')
    put(num(row.finishedAtMs) ?? last, row.currentId ?? rows(programme.steps)[0]?.id ?? '', [{ type: 'stopped' }]);
  return {
    id: row.id,
    itemId: row.itemId,
    itemName: row.itemName,
    ...(row.machineId === undefined ? {} : { machineId: row.machineId }),
    programme,
    startedAtMs: started,
    status: written ? 'written' : row.status === 'stopped' ? 'dropped' : row.status,
    events,
  };
}
