import { byItem, type Item, type Kit } from '../gear';

/*
 * The texts by which an answer is known again: what the plan of a thing rests on. Apart from the planning itself, which a page that has its
 * answers does not fetch.
 */

/** The parts of a kit that every plan rests on, as text. */
export const groundOf = (kit: Kit): string => JSON.stringify({ ...kit, items: [], inspections: [], log: [] });
/** What of a kit is one thing's own: a long kit is not searched anew for every item. */
export function ownParts(kit: Kit): (item: Item) => Kit {
  const looks = byItem(kit.inspections);
  const logs = byItem(kit.log ?? []);
  return (item) => ({ ...kit, inspections: looks.get(item.id) ?? [], log: logs.get(item.id) ?? [] });
}
/** What only the plan of this thing rests on, as text. @param own the kit with what is this thing's own. */
export const textOf = (item: Item, own: Kit): string => JSON.stringify([item, own.inspections, own.log]);
