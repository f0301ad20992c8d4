import type { CareEntry, Inspection, Item, Kind, Kit, Soil, Supply, UpkeepEntry, UpkeepTask, Washer } from '../gear';
import { nextLook } from '../due';
import { exposedZones, KNOWLEDGE } from '../knowledge';
import type { Run } from './index';
import { doneSteps } from './index';
import { learnDrying } from './damp';
import { learnRinse, rinsedIn } from './rinsed';

/** What a finished run changes in the kit. */
export interface RunResult {
  readonly entry: CareEntry;
  readonly supplies: readonly Supply[];
  readonly washers: readonly Washer[];
  /** How the thing is now, from what the run itself checked; null when nothing was. */
  readonly inspection: Inspection | null;
  /** The thing with what the run taught about it; null when it taught nothing. */
  readonly item: Item | null;
}

function carried(run: Run, stepId: string): number {
  const state = run.steps[stepId];
  return !state || state.state === 'skipped' ? 0 : state.times;
}

/** Takes what was used off the bottles: off the one that was meant first, then off the others of its class. Never below empty. */
function takeOff(
  run: Run,
  supplies: readonly Supply[],
): { readonly supplies: Supply[]; readonly taken: { supplyId: string; ml: number }[] } {
  const left = new Map(supplies.map((s) => [s.id, s.remainingMl]));
  const taken = new Map<string, number>();
  for (const { id, settings } of run.programme.steps) {
    const times = carried(run, id);
    for (const [cls, ml] of [
      [settings.cleaner, settings.doseMl],
      [settings.proofer, settings.prooferMl],
    ] as const) {
      let want = cls && ml ? ml * times : 0;
      const bottles = supplies.filter((s) => s.class === cls);
      for (const { id: bottle } of bottles.sort(
        (a, b) => Number(b.id === settings.supplyId) - Number(a.id === settings.supplyId),
      )) {
        const has = left.get(bottle) ?? 0;
        const out = Math.min(want, has);
        if (out <= 0) continue;
        want -= out;
        left.set(bottle, has - out);
        taken.set(bottle, (taken.get(bottle) ?? 0) + out);
      }
    }
  }
  return {
    supplies: supplies.map((s) => {
      const rest = left.get(s.id);
      return rest === undefined || rest === s.remainingMl ? s : { ...s, remainingMl: rest };
    }),
    taken: [...taken].map(([supplyId, ml]) => ({ supplyId, ml })),
  };
}

/** A purge clears a machine's residues; powder, bleach and greasy loads leave their own. */
function residues(run: Run, washers: readonly Washer[]): Washer[] {
  return washers.map((washer) => {
    let left = [...(washer.lastLoads ?? [])];
    for (const step of run.programme.steps) {
      if (step.settings.washerId !== washer.id || carried(run, step.id) === 0) continue;
      if (step.do === 'purge-machine' || step.do === 'purge-scent') left = [];
      if (step.settings.cleaner === 'powder') left.push('powder');
      if (step.settings.cleaner === 'chlorine-bleach') left.push('bleach');
      if (step.do === 'machine-wash' && run.programme.steps.some((s) => s.do === 'treat-grease')) left.push('workshop');
    }
    return { ...washer, lastLoads: [...new Set(left)] };
  });
}

/** Treatments whose look is about these marks only. */
const SPEAKS_OF: Readonly<Record<string, readonly Soil[]>> = {
  'treat-blood': ['blood'],
  'treat-grease': ['grease', 'wax'],
  'treat-sweat-yellow': ['yellowing'],
};

/**
 * The marks that are still there: all that were, until a look said that they are gone. What outlived a treatment has set.
 * The look while it is wet speaks of all of them; where there is none, each mark by its own
 * treatment's look, and one without by those that speak of any.
 */
function marksLeft(run: Run, before: Inspection | null): NonNullable<Inspection['stains']> {
  const marks = before?.stains ?? [];
  const looks = run.programme.steps.filter((s) => s.check && (s.key === 'look-wet' || s.phase === 'pretreat'));
  const passed = (steps: typeof looks): boolean => steps.length > 0 && steps.every((s) => run.steps[s.id]?.state === 'passed');
  const whole = looks.filter((s) => s.key === 'look-wet');
  const left = marks.filter(({ soil }) => {
    const own = looks.filter((s) => SPEAKS_OF[s.key]?.includes(soil));
    return !passed(whole.length > 0 ? whole : own.length > 0 ? own : looks.filter((s) => !SPEAKS_OF[s.key]));
  });
  const tried = run.programme.steps.some((s) => (s.phase === 'pretreat' || s.phase === 'wash') && carried(run, s.id) > 0);
  return tried ? left.map((mark) => ({ ...mark, set: true })) : left;
}

/** Soil that a thing shows when marks are left on it. */
const MARKS_SOIL = 1;

function afterwards(
  run: Run,
  kind: Kind,
  before: Inspection | null,
  at: string,
  loftRatio: number | undefined,
  id: string,
): Inspection | null {
  const { aims } = run.programme;
  if (aims.length === 0 || aims.includes('refer')) return null;
  const { steps } = run.programme;
  const passed = (verb: string): boolean => steps.some((s) => s.do === verb && run.steps[s.id]?.state === 'passed');
  const did = (...phases: string[]): boolean => steps.some((s) => phases.includes(s.phase) && carried(run, s.id) > 0);
  // Only what was really done counts: a wash that was skipped leaves soil and smell as they were.
  const washed = (aims.includes('wash') || aims.includes('rinse')) && did('wash', 'rinse');
  const cleaned = washed || (aims.includes('spot-clean') && did('pretreat'));
  const marks = marksLeft(run, before);
  const next: Inspection = { id, itemId: run.itemId, at };
  const soil = !cleaned ? before?.soil : marks.length > 0 ? MARKS_SOIL : 0;
  if (soil !== undefined) next.soil = soil;
  const odour = washed || (aims.includes('air') && did('dry')) ? 0 : before?.odour;
  if (odour !== undefined) next.odour = odour;
  if (marks.length > 0) next.stains = marks;
  if (!washed && before?.soils) next.soils = before.soils;
  if (passed('droplet-test')) next.droplet = Object.fromEntries(exposedZones(kind, KNOWLEDGE).map((zone) => [zone, 4]));
  else if (before?.droplet && !washed) next.droplet = before.droplet;
  if (loftRatio !== undefined) next.loftRatio = loftRatio;
  if (passed('weigh-dry') || passed('tumble')) {
    next.clumped = false;
    next.damp = false;
  }
  const kept = (before?.damage ?? []).filter(
    () => !steps.some((s) => (s.do === 'mend' || s.do === 'work-feather-in') && carried(run, s.id) > 0),
  );
  if (kept.length > 0) next.damage = kept;
  return next;
}

/**
 * The record of a finished run: the log entry with when to look again, supplies deducted, machine residues, and the state that the run's
 * own checks showed. Pure: ids and the instant are passed in.
 */
export function finishRun(
  run: Run,
  item: Item,
  before: Inspection | null,
  kit: Pick<Kit, 'equipment' | 'supplies' | 'weighIns'>,
  at: { readonly iso: string; readonly today: string; readonly logId: string; readonly inspectionId: string },
  measured: { readonly loftRatio?: number; readonly note?: string } = {},
): RunResult {
  const { supplies, taken } = takeOff(run, kit.supplies ?? []);
  const rinsed = rinsedIn(run);
  const learned = learnDrying(
    learnRinse(item, rinsed),
    run,
    kit.weighIns ?? [],
    kit.equipment?.room,
    run.finishedAtMs ?? run.seenAtMs,
  );
  const dryerId = run.programme.steps.find((s) => s.settings.dryerId !== undefined && carried(run, s.id) > 0)?.settings.dryerId;
  const due = nextLook(item, at.today);
  const washStep = run.programme.steps.find((s) => s.do === 'machine-wash');
  const entry: CareEntry = {
    id: at.logId,
    type: 'care',
    itemId: run.itemId,
    at: at.iso,
    aims: [...run.programme.aims],
    method: run.programme.method,
    steps: doneSteps(run),
    supplies: taken,
    nextDue: due.on,
    dueReason: due.reason,
    ...(washStep?.settings.washerId ? { washerId: washStep.settings.washerId } : {}),
    ...(dryerId === undefined ? {} : { dryerId }),
    ...(rinsed ? { rinsed: { by: rinsed.by, clearAfter: rinsed.clearAfter } } : {}),
    ...(measured.note ? { note: measured.note } : {}),
  };
  return {
    entry,
    supplies,
    washers: residues(run, kit.equipment?.washers ?? []),
    inspection: afterwards(run, item.kind, before, at.iso, measured.loftRatio, at.inspectionId),
    item: learned === item ? null : learned,
  };
}

/** What a finished purge of a machine changes: its residues are gone, and the log keeps what was done to it. */
export function finishPurge(
  run: Run,
  washers: readonly Washer[],
  at: { readonly iso: string; readonly logId: string },
): { readonly entry: UpkeepEntry; readonly washers: readonly Washer[] } {
  const did = (verb: string): boolean => run.programme.steps.some((s) => s.do === verb && carried(run, s.id) > 0);
  const tasks: UpkeepTask[] = [
    ...(did('purge-machine') ? (['hot-empty'] as const) : []),
    ...(did('wipe-drawer') ? (['drawer'] as const) : []),
    ...(did('keep-dry') ? (['door'] as const) : []),
  ];
  return {
    entry: { id: at.logId, type: 'upkeep', at: at.iso, machineId: run.machineId ?? run.itemId, tasks, steps: doneSteps(run) },
    washers: residues(run, washers),
  };
}
