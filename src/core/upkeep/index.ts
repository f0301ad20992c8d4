/**
 * Machines kept fit for technical loads: what is due, whether one is clean enough for a load and why, and the guided purge.
 * Refuses: repairing machines.
 */
import type { Dryer, Equipment, LogEntry, Residue, UpkeepTask, Washer } from '../gear';
import { DOSING_FIGURES } from '../knowledge';
import { HOT_EMPTY_DAYS, UPKEEP } from '../knowledge/upkeep';
import { hardnessClass } from '../units';
import { addDays, dayOf, daysBetween } from '../units/day';

export { purgeProgramme } from './purge';

export type UpkeepState = 'due' | 'fine' | 'unknown' | 'habit';
export interface UpkeepLine {
  readonly machine: Washer | Dryer;
  readonly task: UpkeepTask;
  /** Days between, or null for every load or a habit. */
  readonly everyDays: number | null;
  readonly lastOn: string | null;
  readonly dueOn: string | null;
  readonly state: UpkeepState;
}

/** The newest day on which a task was done to a machine, or null. */
export function lastDone(log: readonly LogEntry[], machineId: string, task: UpkeepTask): string | null {
  const days = log
    .filter((e) => e.type === 'upkeep' && e.machineId === machineId && (e.tasks ?? []).includes(task))
    .map((e) => dayOf(e.at))
    .sort();
  return days[days.length - 1] ?? null;
}

/** True when a dryer ran since its lint was last cleared. */
function lintIsDue(dryerId: string, log: readonly LogEntry[]): boolean {
  const cleared = log
    .filter((e) => e.type === 'upkeep' && e.machineId === dryerId && (e.tasks ?? []).includes('lint'))
    .map((e) => e.at)
    .sort()
    .pop();
  return log.some((e) => e.type === 'care' && e.dryerId === dryerId && (cleared === undefined || e.at > cleared));
}

/**
 * Every task of every machine, due ones first.
 * @param today ISO day.
 */
export function upkeepOf(equipment: Equipment, log: readonly LogEntry[], today: string): UpkeepLine[] {
  const hardness = hardnessClass(equipment.waterHardnessMgPerL ?? DOSING_FIGURES.usualHardness.value);
  const lines: UpkeepLine[] = [];
  for (const machine of [...(equipment.washers ?? []), ...(equipment.dryers ?? [])]) {
    for (const record of UPKEEP.filter((r) => r.for.includes(machine.kind))) {
      const everyDays = typeof record.everyDays === 'object' && record.everyDays ? record.everyDays[hardness] : record.everyDays;
      const lastOn = lastDone(log, machine.id, record.id);
      const dueOn = everyDays === null || lastOn === null ? null : addDays(lastOn, everyDays);
      const state: UpkeepState =
        record.id === 'lint'
          ? lintIsDue(machine.id, log)
            ? 'due'
            : 'habit'
          : everyDays === null
            ? 'habit'
            : dueOn === null
              ? 'unknown'
              : dueOn <= today
                ? 'due'
                : 'fine';
      lines.push({ machine, task: record.id, everyDays, lastOn, dueOn, state });
    }
  }
  const rank: Record<UpkeepState, number> = { due: 0, unknown: 1, fine: 2, habit: 3 };
  return lines.sort((a, b) => rank[a.state] - rank[b.state] || ((a.dueOn ?? '') < (b.dueOn ?? '') ? -1 : 1));
}

/** What a load asks of a machine. */
export interface LoadAsks {
  /** Repellent, wicking, absorbent, filled or scent-critical: residues would spoil it. */
  readonly sensitive: boolean;
  readonly scentFree: boolean;
  /** It has a colour that bleach would take. */
  readonly coloured: boolean;
}
export type CleanReason = Residue | 'standing' | 'hot-overdue' | 'hot-unknown' | 'clean';
export interface CleanVerdict {
  /** `better`: it will do, but an empty hot cycle first is wiser. */
  readonly verdict: 'clean' | 'better' | 'purge' | 'rinse';
  readonly reasons: readonly CleanReason[];
}

/** Is it clean enough for this load? @param today ISO day. */
export function cleanEnough(washer: Washer, asks: LoadAsks, log: readonly LogEntry[], today: string): CleanVerdict {
  if ((washer.unrinsed ?? []).length > 0) return { verdict: 'rinse', reasons: ['standing'] };
  const minds: Record<Residue, boolean> = {
    workshop: true,
    bleach: asks.coloured || asks.sensitive,
    softener: asks.sensitive,
    powder: asks.sensitive,
    perfume: asks.scentFree,
  };
  const left = [...new Set(washer.lastLoads ?? [])].filter((residue) => minds[residue]);
  if (left.length > 0) return { verdict: 'purge', reasons: left };
  const isDrum = washer.kind !== 'tub' && washer.kind !== 'basin';
  if (asks.sensitive && isDrum) {
    const hot = lastDone(log, washer.id, 'hot-empty');
    if (hot === null) return { verdict: 'better', reasons: ['hot-unknown'] };
    if (daysBetween(hot, today) > HOT_EMPTY_DAYS) return { verdict: 'better', reasons: ['hot-overdue'] };
  }
  return { verdict: 'clean', reasons: ['clean'] };
}
