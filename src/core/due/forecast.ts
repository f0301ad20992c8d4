import { dayOf, daysBetween } from '../units/day';
import { isHardUse } from '../facts';
import { isEntry, lookedAt, type Inspection, type Item, type LogEntry } from '../gear';
import { addDays } from '../units/day';
import { RHYTHM_FIGURES } from '../knowledge';
import { DAY_MIN } from '../units/time';

export interface ForecastInput {
  /** ISO day of the last care or look. */
  readonly from: string;
  /** Days of ordinary use until the next look, by the calendar. */
  readonly rhythmDays: number;
  readonly today: string;
  /** The item's own lines of the record, in any order. */
  readonly log: readonly LogEntry[];
  /** The next day the kit must be ready for, and how long the usual care takes. */
  readonly event?: { readonly name: string; readonly on: string; readonly careDays: number } | undefined;
}
export interface Forecast {
  /** ISO day. */
  readonly on: string;
  /** What moved the day: the calendar, the uses that came before earlier washes, hard use, or an outing. */
  readonly by: 'calendar' | 'uses' | 'hard-use' | 'event';
  /** Days each way that the learned day may be off; null without learning. */
  readonly plusMinusDays: number | null;
  readonly usesSince: number;
  /** Mean number of uses between earlier washes; null until two such stretches are known. */
  readonly usesBetween: number | null;
  readonly usesPerWeek: number | null;
  readonly hardShare: number;
}

/** With mostly hard use the calendar comes this much sooner. */
const HARD_PACE = RHYTHM_FIGURES.hardPace.value;
/** Uses are counted over this many days for the present pace. */
const PACE_DAYS = RHYTHM_FIGURES.paceDays.value;

const isWash = (e: LogEntry): boolean => e.type === 'care' && (e.aims ?? []).some((aim) => aim === 'wash' || aim === 'rinse');

/** Uses in each stretch between two washes, oldest first. */
function stretches(log: readonly LogEntry[]): number[] {
  const lines = log.filter((e) => e.type === 'use' || isWash(e)).sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const counts: number[] = [];
  let uses: number | null = null;
  for (const line of lines) {
    if (line.type === 'use') {
      if (uses !== null) uses += 1;
    } else {
      if (uses !== null && uses > 0) counts.push(uses);
      uses = 0;
    }
  }
  return counts;
}

/**
 * When a thing is due next. Use comes first: once two stretches between washes are known, their mean number of uses and the present pace give
 * a day and how far it may be off. The calendar backs it up, sooner with hard use. An outing pulls the day forward so that care is done before.
 */
export function forecast({ from, rhythmDays, today, log, event }: ForecastInput): Forecast {
  const uses = log.filter(isEntry('use'));
  const since = uses.filter((e) => dayOf(e.at) >= dayOf(from));
  const recent = uses.filter((e) => daysBetween(e.at, today) <= PACE_DAYS && daysBetween(e.at, today) >= 0);
  const perDay = recent.length / PACE_DAYS;
  const counts = stretches(log);
  const hardShare = since.length > 0 ? since.filter(isHardUse).length / since.length : 0;
  const base = {
    usesSince: since.length,
    usesBetween: counts.length >= 2 ? counts.reduce((sum, n) => sum + n, 0) / counts.length : null,
    usesPerWeek: recent.length > 0 ? perDay * 7 : null,
    hardShare,
  };
  const hard = hardShare > 0.5 && since.length >= 2;
  const calendar = addDays(dayOf(from), Math.round(rhythmDays * (hard ? HARD_PACE : 1)));
  let on = calendar;
  let by: Forecast['by'] = hard ? 'hard-use' : 'calendar';
  let plusMinusDays: number | null = null;
  if (base.usesBetween !== null && perDay > 0) {
    const left = Math.max(0, base.usesBetween - since.length);
    const learned = addDays(today, Math.ceil(left / perDay));
    const spread = Math.sqrt(counts.reduce((sum, n) => sum + (n - (base.usesBetween ?? 0)) ** 2, 0) / (counts.length - 1));
    plusMinusDays = Math.max(1, Math.round(Math.sqrt(spread ** 2 + left) / perDay));
    if (learned < on) {
      on = learned;
      by = 'uses';
    }
  }
  if (event && on <= event.on && event.on >= today) {
    const before = addDays(event.on, -Math.max(1, event.careDays));
    if (before < on) {
      on = before < today ? today : before;
      by = 'event';
    }
  }
  return { ...base, on, by, plusMinusDays };
}

export interface DueInput {
  readonly item: Item;
  /** The item's own lines of the record. */
  readonly log: readonly LogEntry[];
  /** Its newest look, or null. */
  readonly seen: Inspection | null;
  readonly rhythmDays: number;
  /** Minutes its care takes now, hands and waiting together. */
  readonly careMin: number;
  readonly today: string;
  readonly event: Pick<Ahead, 'name' | 'readyBy'> | null;
}

/** When an item is due, from its own record: counted from its last care or look, whichever is later, else from the day it was bought. */
export function dueOf({ item, log, seen, rhythmDays, careMin, today, event }: DueInput): Forecast {
  const cared = log.filter((e) => e.type === 'care').map((e) => dayOf(e.at));
  const from = [...cared, ...(seen ? [dayOf(lookedAt(seen))] : [])].sort().at(-1) ?? item.boughtOn ?? today;
  return forecast({
    from,
    rhythmDays,
    today,
    log,
    event: event ? { name: event.name, on: event.readyBy, careDays: Math.ceil(careMin / DAY_MIN) } : undefined,
  });
}

export interface Ahead {
  readonly id: string;
  readonly name: string;
  /** ISO day of the event, and the day by which all must be ready. */
  readonly on: string;
  readonly readyBy: string;
  /** Things that go along; null = all of the kit. */
  readonly itemIds: readonly string[] | null;
}
/** The days ahead that the kit must be ready for, nearest first. */
export function eventsAhead(log: readonly LogEntry[], today: string): Ahead[] {
  const events = log.flatMap((e): Ahead[] =>
    e.type === 'event' && e.on && e.on >= today
      ? [{ id: e.id, name: e.name ?? 'the next outing', on: e.on, readyBy: e.readyBy ?? e.on, itemIds: e.itemIds ?? null }]
      : [],
  );
  return events.sort((a, b) => (a.readyBy < b.readyBy ? -1 : a.readyBy > b.readyBy ? 1 : a.id < b.id ? -1 : 1));
}
/** True when a thing goes along. */
export const goesAlong = ({ itemIds }: Pick<Ahead, 'itemIds'>, itemId: string): boolean => itemIds?.includes(itemId) ?? true;
/** The next one that a thing goes along to, or null; without a thing, the next of all. */
export const nextEvent = (log: readonly LogEntry[], today: string, itemId?: string): Ahead | null =>
  eventsAhead(log, today).find((e) => itemId === undefined || goesAlong(e, itemId)) ?? null;
