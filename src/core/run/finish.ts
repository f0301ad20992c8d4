import { afterwards } from './afterwards';
import type {
  CareEntry,
  Equipment,
  Inspection,
  Item,
  Kit,
  LoadEntry,
  Supply,
  UpkeepEntry,
  UpkeepTask,
  Washer,
  WeighIn,
} from '../gear';
import { nextLook } from '../due';
import { KNOWLEDGE } from '../knowledge';
import type { Run } from './state';
import { learnDrying } from './damp';
import { eventsOf, residues, takeOff } from './left';
import { partOf, sharedAny } from './load';
import { loadRecord } from './load-record';
import { aimsDone, caresOf, carried, doneSteps, photosOf, plannedMinutes, tookMinutes } from './report';
import { learnRinse, rinsedIn } from './rinsed';
import { tookOf } from './took';

/** What a finished run changes in the kit. */
export interface RunResult {
  readonly entry: CareEntry;
  readonly supplies: readonly Supply[];
  readonly washers: readonly Washer[];
  /** How the thing is now, from what the run itself looked at; null when nothing was done to it. */
  readonly inspection: Inspection | null;
  /** The thing with what the run taught about it; null when it taught nothing. */
  readonly item: Item | null;
  /** Weights that were taken in it. */
  readonly weighIns: readonly WeighIn[];
  /** What was done once for all things of its drum; null when it had the drum to itself. */
  readonly load: LoadEntry | null;
}
/** The step that puts a thing into the freezer. */
const FREEZING = 'store-flask';

/** Minutes of hands in what was carried out, as they were planned; of what is done once for a whole drum, this thing's share. */
function handsMinutes(run: Run): number {
  const sharers = run.load?.members.length ?? 1;
  const all = run.programme.steps.map((step) => {
    const share = run.load?.shared[step.id] === undefined ? 1 : 1 / sharers;
    return step.attendedMin * carried(run, step.id) * share;
  });
  return Math.round(all.reduce((sum, minutes) => sum + minutes, 0));
}

/** The weights of a run, as rows of the record. */
const weightsOf = (run: Run): WeighIn[] =>
  eventsOf(run, 'weighed').map((e) => ({
    itemId: run.itemId,
    at: new Date(e.at).toISOString(),
    massG: e.massG,
    after: e.after,
    runId: run.id,
    ...(e.dryMin === undefined ? {} : { dryMin: e.dryMin }),
    ...(e.rhPercent === undefined ? {} : { rhPercent: e.rhPercent }),
  }));

/** True when it was moved to dirtier jobs. */
const downgraded = (run: Run): boolean => run.programme.steps.some((s) => s.do === 'downgrade' && carried(run, s.id) > 0);
/** True when it was put into the freezer at its end. */
const froze = (run: Run): boolean => run.programme.steps.some((s) => s.key === FREEZING && carried(run, s.id) > 0);
/** A dry mass for a thing that had none: weighed dry before the wash, or when it was found dry after it. */
function learnMass(item: Item, run: Run): Item {
  if (item.massG !== undefined) return item;
  const dry = eventsOf(run, 'weighed').filter((e) => {
    const step = run.programme.steps.find((s) => s.id === e.stepId);
    return e.after === 'dry' && (step?.phase === 'prepare-item' || run.steps[e.stepId]?.state === 'passed');
  });
  const massG = dry.at(-1)?.massG;
  return massG === undefined ? item : { ...item, massG };
}

/**
 * The record of a run that ended, finished or stopped: the log entry with when to look again, supplies deducted, machine residues, and the
 * state that the run's own looks showed. Pure: ids and the instant are passed in.
 */
export function finishRun(
  run: Run,
  item: Item,
  before: Inspection | null,
  kit: Pick<Kit, 'equipment' | 'supplies' | 'weighIns' | 'preferences' | 'log'>,
  at: { readonly iso: string; readonly today: string; readonly logId: string; readonly inspectionId: string },
  note = '',
  mates: readonly Run[] = [],
): RunResult {
  // What was done for all of a drum stands in its own line, and is taken off once.
  const own = run.load ? partOf(run, 'own') : run;
  const load = sharedAny(run) ? loadRecord(run, mates, kit) : null;
  const { supplies, used } = takeOff(own, load?.supplies ?? kit.supplies ?? []);
  // How soon a whole drum was clear says nothing of one thing in it.
  const rinsed = rinsedIn(own);
  const taught = learnMass(
    learnDrying(learnRinse(item, rinsed), run, kit.weighIns ?? [], kit.equipment?.room, run.finishedAtMs ?? run.seenAtMs),
    run,
  );
  const lower = downgraded(run) && item.jobClass ? KNOWLEDGE.settings.lowerJob[item.jobClass] : undefined;
  const learned =
    froze(run) || lower
      ? { ...taught, ...(froze(run) ? { inFreezer: true } : {}), ...(lower ? { jobClass: lower } : {}) }
      : taught;
  const usedMachine = (key: 'washerId' | 'dryerId', ...verbs: readonly string[]): string | undefined =>
    run.programme.steps.find(
      (s) => (verbs.length === 0 || verbs.includes(s.do)) && s.settings[key] !== undefined && carried(run, s.id) > 0,
    )?.settings[key];
  const washerId = usedMachine('washerId', 'machine-wash');
  const dryerId = usedMachine('dryerId');
  const due = nextLook(item, at.today);
  const inspection = afterwards(run, item, before, at.iso, at.inspectionId);
  const photos = photosOf(run);
  const took = tookOf(own, kit);
  const entry: CareEntry = {
    id: at.logId,
    type: 'care',
    itemId: run.itemId,
    at: at.iso,
    startedAt: new Date(run.startedAtMs).toISOString(),
    runId: run.id,
    verdict: run.planned.verdict,
    aims: aimsDone(run),
    did: caresOf(run),
    method: run.planned.method,
    steps: doneSteps(run),
    supplies: used,
    tookMin: tookMinutes(run),
    handsMin: handsMinutes(run),
    plannedMin: plannedMinutes(run),
    takes: took,
    ...(load ? { loadId: load.entry.id } : {}),
    nextDue: due.on,
    dueReason: due.reason,
    ...(run.status === 'stopped' ? { stopped: true } : {}),
    ...(run.putAwayAsItIs ? { asItIs: true } : {}),
    ...(before ? { before: before.id } : {}),
    ...(inspection ? { after: inspection.id } : {}),
    ...(photos.length > 0 ? { photos } : {}),
    ...(washerId ? { washerId } : {}),
    ...(dryerId === undefined ? {} : { dryerId }),
    ...(rinsed ? { rinsed: { by: rinsed.by, clearAfter: rinsed.clearAfter } } : {}),
    ...(note ? { note } : {}),
  };
  return {
    entry,
    supplies,
    washers: residues(own, load?.washers ?? kit.equipment?.washers ?? [], at.iso, kit.log ?? []),
    load: load?.entry ?? null,
    inspection,
    item: learned === item ? null : learned,
    weighIns: weightsOf(run),
  };
}

/** What a finished purge of a machine changes: its residues are gone, and the log keeps what was done to it. */
export function finishPurge(
  run: Run,
  { washers = [] }: Pick<Equipment, 'washers'>,
  supplies: readonly Supply[],
  at: { readonly iso: string; readonly logId: string },
): { readonly entry: UpkeepEntry; readonly washers: readonly Washer[]; readonly supplies: readonly Supply[] } {
  const did = (verb: string): boolean => run.programme.steps.some((s) => s.do === verb && carried(run, s.id) > 0);
  const tasks: UpkeepTask[] = [
    ...(did('purge-machine') ? (['hot-empty'] as const) : []),
    ...(did('wipe-drawer') ? (['drawer'] as const) : []),
    ...(did('keep-dry') ? (['door'] as const) : []),
  ];
  const off = takeOff(run, supplies);
  return {
    entry: {
      id: at.logId,
      type: 'upkeep',
      at: at.iso,
      machineId: run.machineId ?? run.itemId,
      tasks,
      steps: doneSteps(run),
      ...(off.used.length > 0 ? { supplies: off.used } : {}),
    },
    washers: residues(run, washers, at.iso, []),
    supplies: off.supplies,
  };
}
