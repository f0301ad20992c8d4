import { isEntry, type Item, type LogEntry, type Outing, type UseEntry } from '../gear';
import { OUTING_KINDS } from '../knowledge';

/** Things that may have been used on an outing, those of the last such outing first, then by kind; put away, retired and lent ones are not. */
export function thingsFor(
  outing: Outing,
  items: readonly Item[],
  log: readonly LogEntry[],
): { readonly likely: Item[]; readonly others: Item[] } {
  const here = items.filter((i) => !i.archivedOn && !i.retiredOn && !i.lent);
  const last = new Set(lastOuting(outing, log).map((e) => e.itemId));
  const kinds = OUTING_KINDS[outing];
  const rank = (item: Item): number => (last.has(item.id) ? -1 : kinds.indexOf(item.kind));
  const likely = here
    .filter((i) => last.has(i.id) || kinds.includes(i.kind))
    .sort((a, b) => rank(a) - rank(b) || (a.name ?? a.kind).localeCompare(b.name ?? b.kind));
  return { likely, others: here.filter((i) => !likely.includes(i)) };
}

/** The uses of the newest outing of a sort; empty when there was none. */
export function lastOuting(outing: Outing, log: readonly LogEntry[]): UseEntry[] {
  const uses = log.filter(isEntry('use')).filter((e) => e.outing === outing && e.outingId !== undefined);
  const newest = uses.reduce<UseEntry | null>((a, b) => (a && a.at >= b.at ? a : b), null);
  return newest ? uses.filter((e) => e.outingId === newest.outingId) : [];
}

/** What was said of an outing: the same of every thing that came back from it. */
export type OutingSaid = Omit<UseEntry, 'id' | 'type' | 'itemId' | 'outing' | 'outingId' | 'name'>;
/** One line of use for each thing. @param newId makes an id that nothing has. */
export const usesOf = (
  outing: Outing,
  itemIds: readonly string[],
  said: OutingSaid,
  newId: (prefix: string) => string,
): UseEntry[] => {
  const outingId = newId('out');
  return itemIds.map((itemId) => ({ ...said, id: newId('use'), type: 'use', itemId, outing, outingId }));
};
