import type { Inspection, Item, LogEntry, UseEntry, Weather } from '../gear';
import { isEntry } from '../gear';
import type { Fact } from '../knowledge';

const WET_WEATHER: ReadonlySet<Weather> = new Set(['rain', 'snow', 'damp']);
const HARD_WEATHER: ReadonlySet<Weather> = new Set(['rain', 'snow']);
const YEAR_MS = 365 * 86_400_000;

/** True when a use was harder than usual: said so, or in rain or snow. */
export const isHardUse = (use: UseEntry): boolean => use.hard === true || (use.weather ?? []).some((w) => HARD_WEATHER.has(w));
/** True when a use wetted the thing. */
const isWetUse = (use: UseEntry): boolean => (use.weather ?? []).some((w) => WET_WEATHER.has(w));

/**
 * The uses of a thing that neither a look nor a care has come after.
 * @param log lines of the record; those of other things are passed over.
 */
export function usesSince(itemId: string, seen: Inspection | null, log: readonly LogEntry[]): UseEntry[] {
  let from = seen ? Date.parse(seen.at) : -Infinity;
  for (const e of log) if (e.itemId === itemId && e.type === 'care') from = Math.max(from, Date.parse(e.at));
  return log.filter(isEntry('use')).filter((e) => e.itemId === itemId && Date.parse(e.at) > from);
}

/** How often it was washed in a machine in the year before the newest line of its record or its newest look. */
export function machineWashesInYear(itemId: string, seen: Inspection | null, log: readonly LogEntry[]): number {
  const own = log.filter((e) => e.itemId === itemId);
  const now = Math.max(seen ? Date.parse(seen.at) : 0, ...own.map((e) => Date.parse(e.at)));
  return own.filter(
    (e) =>
      e.type === 'care' &&
      e.method === 'machine' &&
      (e.did ?? e.aims ?? []).some((x) => x === 'washed' || x === 'wash') &&
      now - Date.parse(e.at) < YEAR_MS,
  ).length;
}

/** How long a thing counts as new, days. */
const NEW_DAYS = 120;
/** True when it was bought lately and nothing in its record says that it was ever washed. */
export function isNew(item: Pick<Item, 'id' | 'boughtOn'>, seen: Inspection | null, log: readonly LogEntry[]): boolean {
  if (item.boughtOn === undefined || !seen) return false;
  const age = (Date.parse(seen.at) - Date.parse(item.boughtOn)) / 86_400_000;
  const washed = log.some(
    (e) => e.itemId === item.id && e.type === 'care' && (e.did ?? e.aims ?? []).some((x) => x === 'washed' || x === 'wash'),
  );
  return age >= 0 && age <= NEW_DAYS && !washed;
}

/** What its use since the newest look or care says of it. */
export function usedFacts(
  item: Pick<Item, 'id' | 'boughtOn'>,
  seen: Inspection | null,
  log: readonly LogEntry[],
  facts: Set<Fact>,
): void {
  if (isNew(item, seen, log)) facts.add('new-thing');
  const uses = usesSince(item.id, seen, log);
  if (uses.length === 0) return;
  facts.add('used');
  if (uses.some(isHardUse)) facts.add('used-hard');
  if (uses.some(isWetUse)) facts.add('used-wet');
  if (uses.some((u) => (u.nights ?? 0) > 0)) facts.add('used-nights');
}
