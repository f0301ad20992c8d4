import type { DoneStep, Kit, LoadEntry, Supply, Took, UsedSupply, Washer } from '../gear';
import type { Run } from './state';
import { residues, takeOff } from './left';
import { partOf, sharedAny } from './load';
import { doneSteps } from './report';
import { tookOf } from './took';

/* What was done once for all things of a drum: one line of the record, however many of them are written down, and in whatever order. */

/** The id of the record's line for a load. */
export const loadLogId = (loadId: string): string => `log-${loadId}`;

/** The bottles with what one line took off them put back. */
function putBack(supplies: readonly Supply[], used: readonly UsedSupply[]): Supply[] {
  return supplies.map((s) => {
    const ml = used.filter((u) => u.supplyId === s.id).reduce((sum, u) => sum + (u.ml ?? 0), 0);
    return ml === 0 || s.remainingMl === undefined ? s : { ...s, remainingMl: s.remainingMl + ml };
  });
}
/** Each shared work as the run has it that knows most of it: every work once. */
function sharedParts(runs: readonly Run[]): Run[] {
  const most = [...runs].sort((a, b) => togetherOf(b) - togetherOf(a) || (a.id < b.id ? -1 : 1));
  const counted = new Set<string>();
  return most.map((run) => {
    const before = new Set(counted);
    for (const step of run.programme.steps) {
      const name = run.load?.shared[step.id];
      if (name !== undefined && (run.steps[step.id]?.together?.times ?? 0) > 0) counted.add(name);
    }
    return partOf(run, 'together', (name) => name !== null && !before.has(name.replace(/-suds$/, '')));
  });
}
const togetherOf = (run: Run): number => run.events.filter((e) => e.together).length;
const plus = (a: Took, b: Took): Took => {
  const money = (a.money ?? 0) + (b.money ?? 0);
  return {
    kWh: Math.round((a.kWh + b.kWh) * 100) / 100,
    litres: a.litres + b.litres,
    ...(money > 0 ? { money: Math.round(money * 100) / 100 } : {}),
    ...(a.unpriced || b.unpriced ? { unpriced: true } : {}),
  };
};

/**
 * The line of the record for a load, and what it leaves in bottles and machines. A line that is there already is written anew: what it took is put
 * back first, so that it counts once.
 */
export function loadRecord(
  run: Run,
  mates: readonly Run[],
  kit: Pick<Kit, 'equipment' | 'supplies' | 'preferences' | 'log'>,
): { readonly entry: LoadEntry; readonly supplies: readonly Supply[]; readonly washers: readonly Washer[] } | null {
  if (!run.load) return null;
  const id = loadLogId(run.load.id);
  const before = (kit.log ?? []).find((e): e is LoadEntry => e.id === id && e.type === 'load');
  const those = [run, ...mates.filter((m) => m.id !== run.id && m.status !== 'dropped')].filter(sharedAny);
  const parts = sharedParts(those);
  let supplies: readonly Supply[] = putBack(kit.supplies ?? [], before?.supplies ?? []);
  const used: UsedSupply[] = [];
  let takes: Took = { kWh: 0, litres: 0 };
  for (const part of parts) {
    const off = takeOff(part, supplies);
    supplies = off.supplies;
    used.push(...off.used);
    takes = plus(takes, tookOf(part, kit));
  }
  const steps = parts.flatMap(doneSteps).filter((s) => (s.times ?? 0) > 0);
  const at = steps.map((s) => s.at ?? '').reduce((a, b) => (a > b ? a : b), '') || new Date(run.seenAtMs).toISOString();
  const washerId = parts.flatMap((p) => p.programme.steps).find((s) => s.do === 'machine-wash')?.settings.washerId;
  const entry: LoadEntry = {
    id,
    type: 'load',
    at,
    name: run.load.name,
    itemIds: run.load.members.map((m) => m.itemId).filter((itemId) => those.some((r) => r.itemId === itemId)),
    startedAt: new Date(run.startedAtMs).toISOString(),
    steps,
    supplies: used,
    takes,
    ...(washerId === undefined ? {} : { washerId }),
  };
  const washers = kit.equipment?.washers ?? [];
  const timesIn = (some: readonly DoneStep[] = []): number => some.reduce((sum, s) => sum + (s.times ?? 0), 0);
  const more = timesIn(steps) > timesIn(before?.steps);
  return {
    entry,
    supplies,
    // What went through a machine since is not forgotten because a line is written anew.
    washers: more ? parts.reduce<readonly Washer[]>((all, part) => residues(part, all, at, kit.log ?? []), washers) : washers,
  };
}
