import type { Inspection, Item, LogEntry, UseEntry, Weather } from '../gear';
import { isEntry, lookedAt } from '../gear';
import { RHYTHM_FIGURES, type FactSet } from '../knowledge';
import { DAY_MS } from '../units/time';

const WET_WEATHER: ReadonlySet<Weather> = new Set(['rain', 'snow', 'damp']);
const HARD_WEATHER: ReadonlySet<Weather> = new Set(['rain', 'snow']);
const YEAR_MS = 365 * DAY_MS;

/** True when a use was harder than usual: said so, or in rain or snow. */
export const isHardUse = (use: UseEntry): boolean => use.hard === true || (use.weather ?? []).some((w) => HARD_WEATHER.has(w));
/** True when a use wetted the thing. */
const isWetUse = (use: UseEntry): boolean => (use.weather ?? []).some((w) => WET_WEATHER.has(w));

/** True of a care that washed. */
const isWash = (e: LogEntry): boolean => e.type === 'care' && (e.did ?? e.aims ?? []).some((x) => x === 'washed' || x === 'wash');

/** A thing's own lines of a record. */
function ownLines(itemId: string, log: readonly LogEntry[]): LogEntry[] {
  const own: LogEntry[] = [];
  for (const entry of log) if (entry.itemId === itemId) own.push(entry);
  return own;
}

/**
 * The uses of a thing that neither a look nor a care has come after.
 * @param log lines of the record; those of other things are passed over.
 */
export const usesSince = (itemId: string, seen: Inspection | null, log: readonly LogEntry[]): UseEntry[] =>
  usesAfter(seen, ownLines(itemId, log));

function usesAfter(seen: Inspection | null, own: readonly LogEntry[]): UseEntry[] {
  if (own.length === 0) return [];
  let from = seen ? Date.parse(lookedAt(seen)) : -Infinity;
  for (const e of own) if (e.type === 'care') from = Math.max(from, Date.parse(e.at));
  return own.filter(isEntry('use')).filter((e) => Date.parse(e.at) > from);
}

/** How often it was washed in a machine in the year before the newest line of its record or its newest look. */
export function machineWashesInYear(itemId: string, seen: Inspection | null, log: readonly LogEntry[]): number {
  const own = ownLines(itemId, log);
  const now = Math.max(seen ? Date.parse(seen.at) : 0, ...own.map((e) => Date.parse(e.at)));
  return own.filter((e) => isWash(e) && e.type === 'care' && e.method === 'machine' && now - Date.parse(e.at) < YEAR_MS).length;
}

/** True when it was bought lately and nothing in its own record says that it was ever washed. */
function isNew({ boughtOn }: Pick<Item, 'boughtOn'>, seen: Inspection | null, own: readonly LogEntry[]): boolean {
  if (boughtOn === undefined || !seen) return false;
  const age = (Date.parse(seen.at) - Date.parse(boughtOn)) / DAY_MS;
  return age >= 0 && age <= RHYTHM_FIGURES.newDays.value && !own.some(isWash);
}

/** What its use since the newest look or care says of it. */
export function usedFacts(
  item: Pick<Item, 'id' | 'boughtOn'>,
  seen: Inspection | null,
  log: readonly LogEntry[],
  facts: FactSet,
): void {
  const own = ownLines(item.id, log);
  if (isNew(item, seen, own)) facts.add('new-thing');
  const uses = usesAfter(seen, own);
  if (uses.length === 0) return;
  facts.add('used');
  if (uses.some(isHardUse)) facts.add('used-hard');
  if (uses.some(isWetUse)) facts.add('used-wet');
  if (uses.some((u) => (u.nights ?? 0) > 0)) facts.add('used-nights');
}
