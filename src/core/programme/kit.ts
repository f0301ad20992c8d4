import type { Inspection, Item, Kit } from '../gear';
import type { Knowledge } from '../knowledge';
import { KNOWLEDGE } from '../knowledge';
import type { Programme } from './document';
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

/** The programme of one item of a kit, as it was last seen. */
export function planItem(
  kit: Pick<Kit, 'equipment' | 'supplies' | 'preferences' | 'inspections'>,
  item: Item,
  knowledge: Knowledge = KNOWLEDGE,
): Programme {
  return writeProgramme(plan({ item, inspection: latestInspection(kit.inspections, item.id), kit }, knowledge));
}
