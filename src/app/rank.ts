import { dueOf, nextEvent } from '../core/due/forecast';
import type { Aim, Inspection, Item, Kit, LogEntry } from '../core/gear';
import { latestByItem } from '../core/programme';
import type { ProgrammeOutline } from '../workers';

export type Need = 'blocked' | 'urgent' | 'due' | 'look' | 'fresh' | 'safety' | 'lent' | 'away';

export interface Ranked {
  readonly item: Item;
  readonly programme: ProgrammeOutline | null;
  /** The newest look, or null. */
  readonly seen: Inspection | null;
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

/** What ranking reads of an item, gathered once for a whole kit. */
export interface Known {
  readonly item: Item;
  readonly programme: ProgrammeOutline | null;
  /** The newest look, or null. */
  readonly seen: Inspection | null;
  /** Its own lines of the record. */
  readonly log: readonly LogEntry[];
  readonly event: ReturnType<typeof nextEvent>;
  /** By the calendar, a day that has come is due; by what it shows, it is a day to look. */
  readonly calendar: boolean;
}

/** What an item needs, by performance first and the calendar second. */
function rankItem({ item, programme, seen, log, event, calendar }: Known, today: string): Ranked {
  const careMin = (programme?.steps ?? []).reduce((sum, s) => sum + s.attendedMin + s.unattendedMin, 0);
  const lookOn = dueOf({ item, log, seen, rhythmDays: programme?.lookDays ?? 90, careMin, today, event }).on;
  const aims = programme?.aims ?? [];
  const weight =
    Math.max(0, ...aims.map((aim) => AIM_WEIGHT[aim] ?? 0)) +
    (seen?.damp ? 30 : 0) +
    (seen?.clumped ? 10 : 0) +
    (seen?.soil ?? 0) * 3;
  let need: Need;
  if (item.archivedOn || item.retiredOn) need = 'away';
  else if (item.lent) need = 'lent';
  else if (aims.includes('refer')) need = programme?.steps[0]?.key === 'refer-life-safety' ? 'safety' : 'blocked';
  else if (!seen) need = 'look';
  else if (aims.length > 0) need = weight >= 62 || (seen.damp ?? false) ? 'urgent' : 'due';
  else if (lookOn > today) need = 'fresh';
  else need = calendar ? 'due' : 'look';
  const quiet = need === 'away' || need === 'lent';
  return { item, programme, seen, need, weight: quiet ? 0 : need === 'look' ? 5 : weight, lookOn };
}

/** Every item of a kit, ranked; each list of the kit is read once. */
export function rankAll(kit: Kit, programmes: Readonly<Record<string, ProgrammeOutline>> | null, today: string): Ranked[] {
  const seen = latestByItem(kit.inspections);
  const logs = new Map<string, LogEntry[]>();
  for (const entry of kit.log ?? []) {
    if (!entry.itemId) continue;
    const list = logs.get(entry.itemId);
    if (list) list.push(entry);
    else logs.set(entry.itemId, [entry]);
  }
  const event = nextEvent(kit.log ?? [], today);
  const calendar = kit.preferences?.schools?.WHEN === 'calendar';
  return kit.items.map((item) =>
    rankItem(
      {
        item,
        programme: programmes?.[item.id] ?? null,
        seen: seen.get(item.id) ?? null,
        log: logs.get(item.id) ?? [],
        event,
        calendar,
      },
      today,
    ),
  );
}

export const NEED_WORDS: Record<Need, string> = {
  blocked: 'not at home',
  urgent: 'soon',
  due: 'due',
  look: 'look it over',
  fresh: 'fine',
  safety: 'maker only',
  lent: 'lent',
  away: 'put away',
};
