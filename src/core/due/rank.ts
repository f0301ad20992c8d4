import { RHYTHM_FIGURES } from '../knowledge';
import { onceFor } from '../once';
import { byItem, latestByItem, type Aim, type Inspection, type Item, type Kit, type LogEntry } from '../gear';
import type { Programme, ProgrammeStep } from '../document';
import { usesSince } from '../facts';
import { dueOf, eventsAhead, goesAlong, type Ahead, type Forecast } from './forecast';

/*
 * What every list shows of what is due: one state, one day and one order for a thing, whichever page asks. Refuses: deciding on care.
 */

/** In the order in which lists show them. */
const NEEDS = ['under-way', 'urgent', 'due', 'unplanned', 'look', 'blocked', 'fresh', 'safety', 'lent', 'away'] as const;
export type Need = (typeof NEEDS)[number];
const PLACE_OF = Object.fromEntries(NEEDS.map((need, place) => [need, place])) as Record<Need, number>;

/** What of a programme decides when a thing is due. */
export interface Outline extends Pick<Programme, 'aims' | 'verdict' | 'because'> {
  readonly steps: readonly Pick<ProgrammeStep, 'id' | 'key' | 'when' | 'phase' | 'attendedMin' | 'unattendedMin'>[];
  /** Days of ordinary use until the next look. */
  readonly lookDays: number;
  /** It could not be planned, and why. */
  readonly failed?: string;
}
export interface Ranked<O extends Outline = Outline> {
  readonly item: Item;
  readonly programme: O | null;
  /** The newest look, or null. */
  readonly seen: Inspection | null;
  readonly need: Need;
  /** More is sooner, among those of one state. */
  readonly weight: number;
  /** The day of the next look or care, ISO: today when it is due, before today when it has been for some time. */
  readonly on: string;
  /** It is the day that its owner has set. */
  readonly planned: boolean;
  /** How that day came about; null when a look, not a day, says so. */
  readonly forecast: Forecast | null;
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
/** Days until the next look while the programme is not there yet. */
export const USUAL_DAYS = RHYTHM_FIGURES.usualDays.value;
/** From this weight on it is the first to be seen to. */
const URGENT_FROM = 62;

interface Planned<O extends Outline> {
  readonly item: Item;
  readonly programme: O | null;
  readonly seen: Inspection | null;
  /** Its own lines of the record. */
  readonly log: readonly LogEntry[];
  readonly event: Ahead | null;
  /** By the calendar, a day that has come is due; by what it shows, it is a day to look. */
  readonly calendar: boolean;
  readonly underWay: boolean;
}

/** The day that its owner has set, while it holds: nothing was recorded since, and no outing comes before it. */
function plannedDay({ planned }: Item, seen: Inspection | null, log: readonly LogEntry[], event: Ahead | null): string | null {
  if (!planned) return null;
  const since = Date.parse(planned.since);
  const passed = [...log.filter((e) => e.type === 'care'), ...(seen ? [seen] : [])].some(({ at }) => Date.parse(at) > since);
  return passed || (event !== null && event.readyBy < planned.on) ? null : planned.on;
}

function rankItem<O extends Outline>(known: Planned<O>, today: string): Ranked<O> {
  const { item, programme, seen, log, event, calendar, underWay } = known;
  const careMin = (programme?.steps ?? []).reduce((sum, s) => sum + s.attendedMin + s.unattendedMin, 0);
  const forecast = dueOf({ item, log, seen, rhythmDays: programme?.lookDays ?? USUAL_DAYS, careMin, today, event });
  const aims = programme?.aims ?? [];
  const weight =
    Math.max(0, ...aims.map((aim) => AIM_WEIGHT[aim] ?? 0)) +
    (seen?.damp ? 30 : 0) +
    (seen?.clumped ? 10 : 0) +
    (seen?.soil ?? 0) * 3;
  const set = plannedDay(item, seen, log, event);
  const day = set !== null && set < forecast.on ? set : forecast.on;
  const needOf = (): Need => {
    if (underWay) return 'under-way';
    if (item.archivedOn || item.retiredOn) return 'away';
    if (item.lent) return 'lent';
    if (programme?.failed !== undefined) return 'unplanned';
    if (aims.includes('refer')) return programme?.steps[0]?.key === 'refer-life-safety' ? 'safety' : 'blocked';
    // Nobody ever looked: no day can be told from it, but a use says enough.
    if (!seen && !(aims.length > 0 && usesSince(item.id, seen, log).length > 0)) return 'look';
    if (!seen) return 'due';
    if (aims.length > 0) return weight >= URGENT_FROM || (seen.damp ?? false) ? 'urgent' : 'due';
    if (day > today) return 'fresh';
    return calendar ? 'due' : 'look';
  };
  const need = needOf();
  const quiet = need === 'away' || need === 'lent';
  // What it shows, not a day, says so; or nobody ever looked.
  const shown = need === 'under-way' || ((need === 'urgent' || need === 'due') && aims.length > 0) || (need === 'look' && !seen);
  return {
    item,
    programme,
    seen,
    need,
    weight: quiet ? 0 : weight,
    on: shown ? (need === 'due' && set !== null && set > today ? set : today) : day,
    planned: set !== null && (shown ? need === 'due' && set > today : set === day),
    forecast: shown ? null : forecast,
  };
}

const inTurn = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
/** Small letters: what compares by the rules of a language has a browser read all that it knows of languages first. */
const nameOf = onceFor((item: Item): string => (item.name ?? item.kind).toLowerCase());
/** The order of every list: by state, then by what is lost, then by day, then by name. */
export const byNeed = (a: Ranked, b: Ranked): number =>
  PLACE_OF[a.need] - PLACE_OF[b.need] || b.weight - a.weight || inTurn(a.on, b.on) || inTurn(nameOf(a.item), nameOf(b.item));
/** Those that want care now; what is under way has it. */
export const needsCare = ({ need }: Ranked): boolean => need === 'urgent' || need === 'due';
/** What would not be ready for an outing today: in want of care, or in the middle of it. */
export const notReady = (row: Ranked): boolean => needsCare(row) || row.need === 'under-way';

/**
 * What stands between the things that go along and an event: those that want care, are in it or must go elsewhere, and how many nobody ever
 * looked over, which are not known to be ready.
 */
export function readinessOf<O extends Outline>(
  rows: readonly Ranked<O>[],
  event: Pick<Ahead, 'itemIds'>,
): { readonly unready: Ranked<O>[]; readonly unseen: number } {
  const along = rows.filter((r) => goesAlong(event, r.item.id));
  return {
    unready: along.filter((r) => notReady(r) || r.need === 'blocked'),
    unseen: along.filter((r) => r.need === 'look' && !r.seen).length,
  };
}

/**
 * What to do today: the first of what wants care, in the order of the list, that the day has hands for; the first always.
 * @param handsMin minutes of hands of one of them.
 */
export function forToday<R>(rows: readonly R[], handsMin: (row: R) => number): R[] {
  const chosen: R[] = [];
  let left = RHYTHM_FIGURES.handsADayMin.value;
  for (const row of rows) {
    const hands = handsMin(row);
    if (hands > left && chosen.length > 0) continue;
    chosen.push(row);
    left -= hands;
  }
  return chosen;
}
/** Each thing that goes along to an event, and whether it is ready for it. */
export const readyByThing = <O extends Outline>(
  rows: readonly Ranked<O>[],
  event: Pick<Ahead, 'itemIds'>,
): readonly { readonly row: Ranked<O>; readonly state: 'ready' | 'not-ready' | 'unseen' }[] => {
  const { unready } = readinessOf(rows, event);
  return rows
    .filter((r) => goesAlong(event, r.item.id))
    .map((row) => ({ row, state: unready.includes(row) ? 'not-ready' : row.need === 'look' && !row.seen ? 'unseen' : 'ready' }));
};

/**
 * Puts every item of a kit in the order of all lists, whenever more of its programmes are known: the lists of the kit are read once, and an item
 * whose programme is the one of before keeps its row. @param underWay ids of things in a run. @param today ISO day.
 */
export function rankerOf<O extends Outline>(
  kit: Kit,
  today: string,
  underWay: ReadonlySet<string>,
): (programmes: Readonly<Record<string, O>> | null) => Ranked<O>[] {
  const seen = latestByItem(kit.inspections);
  const logs = byItem(kit.log ?? []);
  const events = eventsAhead(kit.log ?? [], today);
  const calendar = kit.preferences?.schools?.WHEN === 'calendar';
  const rows = new Map<string, Ranked<O>>();
  const rowOf = (item: Item, programme: O | null): Ranked<O> => {
    const known = rows.get(item.id);
    if (known?.programme === programme) return known;
    const row = rankItem(
      {
        item,
        programme,
        seen: seen.get(item.id) ?? null,
        log: logs.get(item.id) ?? [],
        event: events.find((e) => goesAlong(e, item.id)) ?? null,
        calendar,
        underWay: underWay.has(item.id),
      },
      today,
    );
    rows.set(item.id, row);
    return row;
  };
  return (programmes) => kit.items.map((item) => rowOf(item, programmes?.[item.id] ?? null)).sort(byNeed);
}
/** Every item of a kit in the order of all lists, once. @param underWay ids of things in a run. @param today ISO day. */
export const rankAll = <O extends Outline>(
  kit: Kit,
  programmes: Readonly<Record<string, O>> | null,
  today: string,
  underWay: ReadonlySet<string>,
): Ranked<O>[] => rankerOf<O>(kit, today, underWay)(programmes);
