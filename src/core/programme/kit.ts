import type { Inspection, Item, Kit } from '../gear';
import type { Knowledge } from '../knowledge';
import { KNOWLEDGE } from '../knowledge';
import type { Programme } from '../document';
import { writeProgramme } from './document';
import { plan } from './plan';

/** The newest inspection of an item by its time, or null. */
export function latestInspection(inspections: readonly Inspection[], itemId: string): Inspection | null {
  let newest: Inspection | null = null;
  for (const inspection of inspections) {
    if (inspection.itemId !== itemId) continue;
    if (!newest || Date.parse(inspection.at) >= Date.parse(newest.at)) newest = inspection;
  }
  return newest;
}

/** The newest inspection of every item that has one. */
export function latestByItem(inspections: readonly Inspection[]): Map<string, Inspection> {
  const newest = new Map<string, Inspection>();
  for (const inspection of inspections) {
    const known = newest.get(inspection.itemId);
    if (!known || Date.parse(inspection.at) >= Date.parse(known.at)) newest.set(inspection.itemId, inspection);
  }
  return newest;
}

/** The programme of one item of a kit, as it was last seen. */
export function planItem(
  kit: Pick<Kit, 'equipment' | 'supplies' | 'preferences' | 'inspections' | 'log'>,
  item: Item,
  knowledge: Knowledge = KNOWLEDGE,
): Programme {
  return writeProgramme(plan({ item, inspection: latestInspection(kit.inspections, item.id), kit }, knowledge));
}
