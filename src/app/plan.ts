import type { Programme } from '../core/document';
import { latestInspection, type Item, type Kit } from '../core/gear';
import type { Plan } from '../core/programme';
import { plan, writeProgramme } from '../core/programme';

/* Planning on the page itself: what all is known and said comes with it. Pages that only list what was planned take `usePlanning`. */

export interface Planned {
  readonly plan: Plan;
  readonly programme: Programme;
}
/** One item's plan as it was last seen. */
export function planOf(kit: Kit, item: Item): Planned {
  const made = plan({ item, inspection: latestInspection(kit.inspections, item.id), kit });
  return { plan: made, programme: writeProgramme(made) };
}

/** The plan of a thing, or, when it needs no wash now, the plan of its next one: taken as dirty. */
export function nextWashOf(kit: Kit, item: Item): Plan {
  const { plan: now } = planOf(kit, item);
  if (now.facts.has('aim:wash') || now.facts.has('life-safety')) return now;
  const seen = latestInspection(kit.inspections, item.id);
  const dirty = { ...(seen ?? { id: 'next-wash', itemId: item.id, at: '1970-01-01T00:00:00Z' }), soil: DIRTY };
  return plan({ item, inspection: dirty, kit });
}
const DIRTY = 3;
