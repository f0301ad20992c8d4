import { useKit, usePlanning } from '../../app/kit';
import { useRanked } from '../../app/ranked';
import { useOpenRuns } from '../../app/runs';
import { useSecond } from '../../app/UnderWay';
import { forToday, needsCare, type Ranked } from '../../core/due/rank';
import { today } from '../../app/now';
import { minutesOf } from '../../core/document';
import { upkeepOf } from '../../core/upkeep';
import type { ProgrammeOutline } from '../../workers';

/** As many as a day has, and as many of the rest as are shown before "Show all". */
export const SHOWN = 5;
export const handsOf = (programme: ProgrammeOutline | null): number => minutesOf(programme?.steps ?? []).hands;

/** What needs care, sorted by what is to be done with it. */
function sortedOf(planned: readonly Ranked<ProgrammeOutline>[]) {
  const wanting = planned.filter(needsCare);
  const needs = wanting.filter((r) => !r.planned);
  const later = wanting.filter((r) => r.planned);
  const elsewhere = planned.filter((r) => r.need === 'blocked');
  const unplanned = planned.filter((r) => r.need === 'unplanned');
  const looks = planned.filter((r) => r.need === 'look');
  const shown = forToday(needs, (r) => handsOf(r.programme)).slice(0, SHOWN);
  const rest = needs.filter((r) => !shown.includes(r));
  return { needs, later, elsewhere, unplanned, looks, shown, rest };
}
export type Sorted = ReturnType<typeof sortedOf>;

/** What is under way, what is due and how far the kit was looked through; null while the store is read. */
export function useNow() {
  const kit = useKit();
  const planning = usePlanning(kit);
  const { programmes } = planning;
  const open = useOpenRuns();
  const runs = open ?? [];
  const now = useSecond(runs.length > 0);
  const ranked = useRanked(kit, programmes);
  if (!kit || !open) return null;
  // Rows wait until all was looked through: a list that grows and sorts itself anew is pressed wrongly.
  const known = programmes !== null && !(planning.state !== 'done' && planning.state !== 'stopped' && planning.first);
  const planned = known ? (ranked ?? []) : [];
  const dirtyMachines = (kit.equipment?.washers ?? []).filter(
    (w) => (w.lastLoads ?? []).length > 0 || (w.unrinsed ?? []).length > 0,
  );
  const upkeep = upkeepOf(kit.equipment ?? {}, kit.log ?? [], today()).filter((l) => l.state === 'due');
  return { kit, planning, runs, now, known, planned, sorted: sortedOf(planned), dirtyMachines, upkeep };
}
export type NowHere = NonNullable<ReturnType<typeof useNow>>;
