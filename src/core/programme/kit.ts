import { latestInspection, type Item, type Kit } from '../gear';
import type { Knowledge } from '../knowledge';
import { KNOWLEDGE } from '../knowledge';
import type { Programme } from '../document';
import { writeProgramme } from './document';
import { plan } from './plan';

/** The programme of one item of a kit, as it was last seen. */
export function planItem(
  kit: Pick<Kit, 'equipment' | 'supplies' | 'preferences' | 'inspections' | 'log'>,
  item: Item,
  knowledge: Knowledge = KNOWLEDGE,
): Programme {
  return writeProgramme(plan({ item, inspection: latestInspection(kit.inspections, item.id), kit }, knowledge));
}
