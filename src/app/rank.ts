import type { Item, Kit } from '../core/gear';
import { nextLook } from '../core/due';
import type { Aim } from '../core/gear';
import { latestInspection } from '../core/programme';
import type { ProgrammeOutline } from '../workers';

export type Need = 'blocked' | 'urgent' | 'due' | 'look' | 'fresh' | 'safety';

export interface Ranked {
  readonly item: Item;
  readonly programme: ProgrammeOutline | null;
  readonly need: Need;
  /** More is sooner. */
  readonly weight: number;
  /** Day of the next look, ISO. */
  readonly lookOn: string;
}

const AIM_WEIGHT: Partial<Record<Aim, number>> = {
  repair: 60,
  wash: 50,
  renew: 45,
  air: 40,
  reactivate: 35,
  rinse: 30,
  fluff: 25,
  'spot-clean': 15,
  downgrade: 10,
};

/** What an item needs, by performance first and the calendar second. */
export function rankItem(kit: Kit, item: Item, programme: ProgrammeOutline | null, today: string): Ranked {
  const seen = latestInspection(kit.inspections, item.id);
  const cared = (kit.log ?? [])
    .filter((entry) => entry.type === 'care' && entry.itemId === item.id && entry.nextDue)
    .sort((a, b) => (a.at < b.at ? 1 : -1))[0];
  const lookOn = cared?.nextDue ?? nextLook(item, (seen?.at ?? item.boughtOn ?? today).slice(0, 10)).on;
  const aims = programme?.aims ?? [];
  const weight =
    Math.max(0, ...aims.map((aim) => AIM_WEIGHT[aim] ?? 0)) +
    (seen?.damp ? 30 : 0) +
    (seen?.clumped ? 10 : 0) +
    (seen?.soil ?? 0) * 3;
  let need: Need;
  if (aims.includes('refer'))
    need =
      item.marks?.includes('life-safety') ||
      aims.length === 0 ||
      (programme?.confidence === 'high' && programme.steps.length === 1 && programme.steps[0]?.key === 'refer-life-safety')
        ? 'safety'
        : 'blocked';
  else if (!seen) need = 'look';
  else if (aims.length > 0) need = weight >= 62 || (seen.damp ?? false) ? 'urgent' : 'due';
  else if (lookOn > today) need = 'fresh';
  // By the calendar, a day that has come is due; by what it shows, it is a day to look.
  else need = kit.preferences?.schools?.WHEN === 'calendar' ? 'due' : 'look';
  return { item, programme, need, weight: need === 'look' ? 5 : weight, lookOn };
}

export const NEED_WORDS: Record<Need, string> = {
  blocked: 'not at home',
  urgent: 'soon',
  due: 'due',
  look: 'look it over',
  fresh: 'fine',
  safety: 'maker only',
};
