import type {
  CareEntry,
  Droplet,
  Equipment,
  Inspection,
  InspectionField,
  Item,
  Kit,
  Soil,
  Stain,
  LoadEntry,
  Supply,
  UpkeepEntry,
  UpkeepTask,
  Washer,
  WeighIn,
} from '../gear';
import { nextLook } from '../due';
import { surfaceAt } from '../facts';
import { exposedZones, KNOWLEDGE, type LookId, type Surface } from '../knowledge';
import { loftOf } from '../loft';
import { inForce, type RunEvent } from './events';
import type { Run, StepRun } from './state';
import { gradesOf, looseFill } from './index';
import { learnDrying } from './damp';
import { eventsOf, residues, takeOff } from './left';
import { partOf, sharedAny } from './load';
import { loadRecord } from './load-record';
import { lookOf, wayOf } from './looks';
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

/** Treatments whose look is about these marks only. */
const SPEAKS_OF: Readonly<Record<string, readonly Soil[]>> = {
  'treat-blood': ['blood'],
  'treat-grease': ['grease', 'wax'],
  'treat-sweat-yellow': ['yellowing'],
};
/** The step that puts a thing into the freezer. */
const FREEZING = 'store-flask';
/** What a mending mends. */
const MENDS: Readonly<Record<string, readonly string[]>> = {
  'mend-hole': ['hole', 'seam'],
  'feather-in': ['feather'],
  'mend-part': ['zip', 'sole', 'crack'],
};

/** The looks of a run by name, with how each ended. */
function looksOf(run: Run): readonly { readonly key: string; readonly id: LookId; readonly state: StepRun }[] {
  return run.programme.steps.flatMap((step) => {
    const look = lookOf(step);
    const state = run.steps[step.id];
    return look && state ? [{ key: step.key, id: look.id, state }] : [];
  });
}

/** The looks that speak of one mark where it lies. */
function looksAt({ soil }: Stain, surface: Surface, looks: ReturnType<typeof looksOf>): ReturnType<typeof looksOf> {
  const keys = (...some: readonly string[]): typeof looks => looks.filter((l) => some.includes(l.key));
  switch (surface) {
    case 'rubber':
    case 'foam': {
      const whitened = soil === 'yellowing' ? keys('peroxide-rubber') : [];
      return whitened.length > 0 ? whitened : looks.filter((l) => l.id === 'rubber' && l.key !== 'peroxide-rubber');
    }
    case 'nap':
      return looks.filter((l) => l.id === 'nap');
    case 'leather':
    case 'patent':
      return keys('treat-hide');
    default:
      return looks.filter((l) => l.id === 'treated' && SPEAKS_OF[l.key]?.includes(soil));
  }
}

/**
 * The marks that are still there: all that were, until a look said that they are gone. What outlived a treatment has set. The looks while wet
 * and at the whole thing speak of all of them, but not of what was knowingly left; where nobody looks at all, each mark goes by its own
 * treatment's look, and one without by those that speak of any.
 */
function marksLeft(
  run: Run,
  item: Pick<Item, 'kind' | 'components'>,
  before: Inspection | null,
): NonNullable<Inspection['stains']> {
  const marks = before?.stains ?? [];
  const looks = looksOf(run);
  const at = (id: LookId): typeof looks => looks.filter((l) => l.id === id);
  const passed = (some: typeof looks): boolean => some.length > 0 && some.every((l) => l.state.state === 'passed');
  const knowingly = (some: typeof looks): boolean =>
    some.some(({ state }) => state.state === 'failed' && state.way !== undefined && wayOf(state.way).does === 'leave');
  const wet = at('marks');
  const treated = at('treated');
  const isGone = (mark: NonNullable<Inspection['stains']>[number]): boolean => {
    const own = looksAt(mark, surfaceAt(item, mark), looks);
    if (knowingly(own) || knowingly(wet)) return false;
    if (passed(wet) || passed(at('whole'))) return true;
    return wet.length === 0 && passed(own.length > 0 ? own : treated.filter((l) => !SPEAKS_OF[l.key] && l.key !== 'treat-hide'));
  };
  const left = marks.filter((mark) => !isGone(mark));
  const tried = run.programme.steps.some((s) => (s.phase === 'pretreat' || s.phase === 'wash') && carried(run, s.id) > 0);
  return tried ? left.map((mark) => ({ ...mark, set: true })) : left;
}

/** Soil that a thing shows when marks are left on it. */
const MARKS_SOIL = 1;
/** A look that passed by eye says that the loft is as new. */
const AS_NEW = 1;
const PASSED_GRADE = KNOWLEDGE.thresholds.dropFine;

interface Ended {
  readonly run: Run;
  readonly item: Pick<Item, 'kind' | 'components'>;
  readonly before: Inspection | null;
  readonly did: ReturnType<typeof caresOf>;
  readonly looks: ReturnType<typeof looksOf>;
  /** The state in which a look was left; null when it was not taken. */
  readonly ended: (look: LookId) => StepRun['state'] | null;
  /** True when a look failed and was left by this way out. */
  readonly left: (way: NonNullable<StepRun['way']>) => boolean;
  readonly wetted: boolean;
  readonly whole: boolean;
  readonly seen: Extract<RunEvent, { readonly type: 'seen' }> | undefined;
  /** Keeps fields as they were before, each with the day it is from. */
  readonly keep: (...fields: InspectionField[]) => void;
}

/** Soil, marks and smell after the run. */
function cleanAfter(next: Inspection, { run, item, before, did, ended, left, wetted, whole, seen, keep }: Ended): void {
  const cleaned = wetted || did.includes('spot-cleaned');
  const marks = marksLeft(run, item, before);
  const looked = (['treated', 'rubber', 'nap'] as const).some((look) => ended(look) === 'passed');

  if (seen) next.soil = seen.soil;
  else if (whole) next.soil = 0;
  else if (wetted) {
    if (marks.length > 0) next.soil = MARKS_SOIL;
  } else if (cleaned && (before?.soil ?? 0) <= MARKS_SOIL && (looked || marks.length > 0))
    next.soil = marks.length > 0 ? MARKS_SOIL : 0;
  else keep('soil');
  if (marks.length > 0) {
    next.stains = marks;
    next.soil = Math.max(next.soil ?? 0, MARKS_SOIL);
  }
  if (!wetted) keep('soils');
  if (left('leave-suds')) {
    next.soils = ['residue'];
    next.soil = Math.max(next.soil ?? 0, MARKS_SOIL);
  }

  if (seen) next.odour = seen.odour;
  else if (whole || ended('smell') === 'passed') next.odour = 0;
  else if (!wetted) keep('odour');
}
/** Drops after the run. */
function dropsAfter(next: Inspection, { run, item, did, ended, wetted, keep }: Ended): void {
  const grades = run.programme.steps.reduce<Droplet>(
    (all, step) => (lookOf(step)?.id === 'drops' ? { ...all, ...gradesOf(run, step.id) } : all),
    {},
  );
  const reproofed = did.includes('renewed') || did.includes('warmed');
  if (Object.keys(grades).length > 0) {
    next.droplet = grades;
    const { test } = eventsOf(run, 'drops').at(-1) ?? {};
    if (test) next.dropTest = test;
  } else if (ended('drops') === 'passed')
    next.droplet = Object.fromEntries(exposedZones(item.kind, KNOWLEDGE).map((zone) => [zone, PASSED_GRADE]));
  else if (!wetted && !reproofed) keep('droplet');
}
/** Loft, damp and clumps after the run. */
function fillAfter(next: Inspection, { run, item, did, looks, ended, left, wetted, keep }: Ended): void {
  const readings = eventsOf(run, 'loft').at(-1)?.readings;
  const ratio = readings && loftOf(readings).ratio;
  if (readings) {
    next.loft = readings.map((r) => ({ ...r }));
    if (ratio !== null && ratio !== undefined) next.loftRatio = ratio;
  } else if (ended('loft') === 'passed') next.loftRatio = AS_NEW;
  else if (!wetted && !did.includes('fluffed')) keep('loftRatio', 'loft', 'fromStorage');

  const dry = ended('weighed') ?? ended('dry');
  const clumps = looks.some((l) => (l.state.clumps ?? []).length > 0 && l.state.state !== 'passed');
  if (left('leave-damp')) next.damp = true;
  else if (dry === 'passed') next.damp = false;
  else if (!wetted) keep('damp');
  // Only loose filling lumps; nothing else is felt for it.
  if (clumps) next.clumped = true;
  else if (dry === 'passed' && looseFill(item)) next.clumped = false;
  else if (!wetted) keep('clumped');
}
/** Damage after the run: less what was mended, with a leak that was found and left. */
function damageAfter(next: Inspection, { run, before, looks }: Ended): void {
  const mended = run.programme.steps.flatMap((s) => (carried(run, s.id) > 0 ? (MENDS[s.key] ?? []) : []));
  const damage = (before?.damage ?? []).filter((d) => !mended.includes(d.kind));
  // A leak that was found and left is known from now on.
  const leaks = looks.some((l) => l.id === 'leak' && l.state.state === 'failed');
  if (leaks && !damage.some((d) => d.kind === 'leak')) damage.push({ kind: 'leak' });
  if (damage.length > 0) next.damage = damage;
}

/**
 * How the thing is after the run: what its looks and measurements saw. What none of them looked at keeps its last value with the day it is
 * from, or is unknown where the work may have changed it. Never fine by itself.
 */
export function afterwards(
  run: Run,
  item: Pick<Item, 'kind' | 'components'>,
  before: Inspection | null,
  at: string,
  id: string,
): Inspection | null {
  const did = caresOf(run);
  const events = inForce(run.events);
  if (did.length === 0 && !events.some((e) => e.type === 'loft' || e.type === 'drops' || e.type === 'seen' || e.type === 'look'))
    return null;
  const next: Inspection = { id, itemId: run.itemId, at };
  const asOf: Partial<Record<InspectionField, string>> = {};
  const keep = <F extends InspectionField>(...fields: F[]): void => {
    for (const field of fields) {
      const value = before?.[field];
      if (value === undefined || before === null) continue;
      next[field] = value;
      asOf[field] = before.asOf?.[field] ?? before.at;
    }
  };
  const looks = looksOf(run);
  const ended = (look: LookId): StepRun['state'] | null => {
    const some = looks.filter((l) => l.id === look && (l.state.times > 0 || l.state.state === 'skipped'));
    return some.at(-1)?.state.state ?? null;
  };
  const left = (way: NonNullable<StepRun['way']>): boolean =>
    looks.some(({ state }) => state.state === 'failed' && state.way === way);
  const wetted = did.includes('washed') || did.includes('rinsed');
  const seen = eventsOf(run, 'seen').at(-1);
  const whole = ended('whole') === 'passed';
  const end: Ended = { run, item, before, did, looks, ended, left, wetted, whole, seen, keep };
  cleanAfter(next, end);
  dropsAfter(next, end);
  fillAfter(next, end);
  keep('discoloured', 'wear');
  damageAfter(next, end);
  if (Object.keys(asOf).length > 0) next.asOf = asOf;
  return next;
}

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
