import type { Programme } from '../core/document';
import { latestInspection, type Item, type Kit } from '../core/gear';
import type { Plan } from '../core/programme';
import { plan, writeProgramme } from '../core/programme';
import { takes } from '../core/energy/takes';
import { aheadOf, type Ahead } from '../core/worth';

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

/** Hands and money of the work that a thing's plan asks for now; nothing for one that nobody looked over, or that cannot be planned. */
export function workAhead(kit: Kit, item: Item): Ahead {
  if (!latestInspection(kit.inspections, item.id)) return { money: 0, minutes: 0 };
  try {
    const { plan: made, programme } = planOf(kit, item);
    return aheadOf(programme.steps, takes(made).money);
  } catch {
    return { money: 0, minutes: 0 };
  }
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
