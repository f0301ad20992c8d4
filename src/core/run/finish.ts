import type { Inspection, Item, Kit, LogEntry, Supply, Washer } from '../gear';
import { nextLook } from '../due';
import type { Run } from './index';
import { doneSteps } from './index';

/** What a finished run changes in the kit. */
export interface RunResult {
  readonly entry: LogEntry;
  readonly supplies: readonly Supply[];
  readonly washers: readonly Washer[];
  /** How the thing is now, from what the run itself checked; null when nothing was. */
  readonly inspection: Inspection | null;
}

/** Zones that the drop test at the end of a run looks at. */
const TESTED_ZONES = ['hood', 'shoulders', 'back', 'sleeves'] as const;

function carried(run: Run, stepId: string): number {
  const state = run.steps[stepId];
  return !state || state.state === 'skipped' ? 0 : state.times;
}

/** Supplies used, mL by class. A dose counts once for every time its step was carried out. */
function usedMl(run: Run): Map<string, number> {
  const used = new Map<string, number>();
  for (const { id, settings } of run.programme.steps) {
    const times = carried(run, id);
    if (times === 0) continue;
    if (settings.cleaner && settings.doseMl)
      used.set(settings.cleaner, (used.get(settings.cleaner) ?? 0) + settings.doseMl * times);
    if (settings.proofer && settings.prooferMl)
      used.set(settings.proofer, (used.get(settings.proofer) ?? 0) + settings.prooferMl * times);
  }
  return used;
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

function afterwards(
  run: Run,
  before: Inspection | null,
  at: string,
  loftRatio: number | undefined,
  id: string,
): Inspection | null {
  const { aims } = run.programme;
  if (aims.length === 0 || aims.includes('refer')) return null;
  const passed = (verb: string): boolean => run.programme.steps.some((s) => s.do === verb && run.steps[s.id]?.state === 'passed');
  const washed = aims.includes('wash') || aims.includes('rinse');
  const cleaned = washed || aims.includes('spot-clean');
  const next: Inspection = { id, itemId: run.itemId, at };
  const soil = cleaned ? 0 : before?.soil;
  if (soil !== undefined) next.soil = soil;
  const odour = washed || aims.includes('air') ? 0 : before?.odour;
  if (odour !== undefined) next.odour = odour;
  if (passed('droplet-test')) next.droplet = Object.fromEntries(TESTED_ZONES.map((zone) => [zone, 4]));
  else if (before?.droplet && !washed) next.droplet = before.droplet;
  if (loftRatio !== undefined) next.loftRatio = loftRatio;
  if (passed('weigh-dry') || passed('tumble')) {
    next.clumped = false;
    next.damp = false;
  }
  const kept = (before?.damage ?? []).filter(
    () => !run.programme.steps.some((s) => (s.do === 'mend' || s.do === 'work-feather-in') && carried(run, s.id) > 0),
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
  kit: Pick<Kit, 'equipment' | 'supplies'>,
  at: { readonly iso: string; readonly today: string; readonly logId: string; readonly inspectionId: string },
  measured: { readonly loftRatio?: number; readonly note?: string } = {},
): RunResult {
  const used = usedMl(run);
  const taken: { supplyId: string; ml: number }[] = [];
  const supplies = (kit.supplies ?? []).map((supply) => {
    const want = used.get(supply.class) ?? 0;
    if (want <= 0 || supply.remainingMl === undefined || supply.remainingMl <= 0) return supply;
    const ml = Math.min(want, supply.remainingMl);
    used.set(supply.class, want - ml);
    taken.push({ supplyId: supply.id, ml });
    return { ...supply, remainingMl: supply.remainingMl - ml };
  });
  const due = nextLook(item, at.today);
  const washStep = run.programme.steps.find((s) => s.do === 'machine-wash');
  const entry: LogEntry = {
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
    ...(measured.note ? { note: measured.note } : {}),
  };
  return {
    entry,
    supplies,
    washers: residues(run, kit.equipment?.washers ?? []),
    inspection: afterwards(run, before, at.iso, measured.loftRatio, at.inspectionId),
  };
}
