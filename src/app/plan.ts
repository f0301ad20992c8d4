import type { ZoneSpray } from '../core/dosing/spray';
import type { Programme } from '../core/document';
import { latestInspection, type Item, type Kit, type SupplyClass } from '../core/gear';
import { KNOWLEDGE, zonesOf } from '../core/knowledge';
import type { Treatment } from '../core/repellency';
import type { Plan } from '../core/programme';
import { plan, writeProgramme } from '../core/programme';
import { takes, worthOf } from '../core/energy/takes';
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

/** The same, or null for what cannot be planned: where many are listed, one silences no other. */
export function planIfPossible(kit: Kit, item: Item): Planned | null {
  try {
    return planOf(kit, item);
  } catch {
    return null;
  }
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

/** Hands, money and proofer that a way of bringing a finish back would take, planned for the thing as it would be then. */
export interface WayTakes extends Ahead {
  readonly proofer: { readonly class: SupplyClass; readonly ml: number } | null;
  /** It may be treated so at all: its plan has such a step. */
  readonly possible: boolean;
  /** A step of it warms the face. */
  readonly warms: boolean;
  /** Of a coat: zone by zone where it is sprayed, and what to heed at it. */
  readonly spray: readonly ZoneSpray[];
  readonly cautions: readonly string[];
}
const NOTHING: WayTakes = { minutes: 0, money: 0, proofer: null, possible: false, warms: false, spray: [], cautions: [] };
/** Soil and drops at which a plan does just that. */
const AS_FOR = { wash: [DIRTY, 5], heat: [0, 3], 'wash-heat': [DIRTY, 3], renew: [0, 1] } as const;
export function takesOf(kit: Kit, item: Item, way: Treatment | 'leave'): WayTakes {
  if (way === 'leave') return { ...NOTHING, possible: true };
  const [soil, grade] = AS_FOR[way];
  const droplet = Object.fromEntries(zonesOf(item.kind, KNOWLEDGE).map((zone) => [zone, grade]));
  try {
    const made = plan({
      item,
      inspection: { id: 'way', itemId: item.id, at: '1970-01-01T00:00:00Z', soil, odour: 0, droplet },
      kit,
    });
    const { steps } = writeProgramme(made);
    const coat = way === 'renew' ? steps.find((s) => s.settings.proofer !== undefined) : undefined;
    const { proofer: cls, prooferMl: ml } = coat?.settings ?? {};
    const warms = steps.some((s) => s.phase === 'repel' && s.do.startsWith('heat-'));
    const washes = made.facts.has('aim:wash');
    const possible = { wash: washes, heat: warms, 'wash-heat': washes && warms, renew: coat !== undefined }[way];
    const certain = {
      ...aheadOf(steps, takes(made).money),
      possible,
      warms,
      spray: coat?.settings.spray ?? [],
      cautions: coat?.cautions ?? [],
    };
    if (!coat || !cls || ml === undefined) return { ...certain, proofer: null };
    // A coat that a plan puts on only when heat did not help is certain here.
    const bottle = kit.supplies?.find((s) => s.class === cls && worthOf(s, ml) !== null);
    const extra =
      coat.when === 'always' ? { minutes: 0, money: 0 } : { minutes: coat.attendedMin, money: worthOf(bottle, ml) ?? 0 };
    return {
      ...certain,
      minutes: certain.minutes + extra.minutes,
      money: certain.money + extra.money,
      proofer: { class: cls, ml },
    };
  } catch {
    return NOTHING;
  }
}

/** Each way of bringing the finish of a thing back, as it could be done to it. */
export type Ways = Readonly<Record<Exclude<Treatment, 'wash'>, WayTakes>>;
export const waysOf = (kit: Kit, item: Item): Ways => ({
  heat: takesOf(kit, item, 'heat'),
  'wash-heat': takesOf(kit, item, 'wash-heat'),
  renew: takesOf(kit, item, 'renew'),
});
/** Whether a thing may be treated so: planned when it is asked, once. */
export function canFor(kit: Kit, item: Item): (way: Treatment) => boolean {
  const known = new Map<Treatment, boolean>();
  return (way) => {
    const can = known.get(way) ?? takesOf(kit, item, way).possible;
    known.set(way, can);
    return can;
  };
}
