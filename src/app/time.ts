import { daysBetween, hourOf, shortName, wordsOf } from '../core/units/day';
import { today } from './now';
import { DAY_MIN, MINUTE_MS } from '../core/units/time';

/*
 * Days and hours as pages say them, in English and on the clock of this place. Every page says some: the first one must not wait for a library
 * of all languages.
 */

const ISO = /^\d{4}-\d\d-(\d\d)(T.+)?$/;
/** A day is its first instant here; an instant is itself. Invalid where the text is neither: the language itself reads days into many words. */
function dateOf(iso: string): Date {
  const [, day, time] = ISO.exec(iso) ?? [];
  const date = new Date(day === undefined ? NaN : time === undefined ? `${iso}T00:00:00` : iso);
  // The 31st of February is no 3rd of March.
  return time === undefined && date.getDate() !== Number(day) ? new Date(NaN) : date;
}
const isValid = (date: Date): boolean => !Number.isNaN(date.getTime());
const isToday = (date: Date): boolean => date.toDateString() === new Date().toDateString();

/** From the longest on, min. A day of 23 or 25 hours is a day; months and years are of 30 and 365 days. */
const SPANS = [
  { unit: 'year', min: 525_600, byTheDay: true },
  { unit: 'month', min: 43_200, byTheDay: true },
  { unit: 'day', min: DAY_MIN, byTheDay: false },
  { unit: 'hour', min: 60, byTheDay: false },
  { unit: 'minute', min: 1, byTheDay: false },
] as const;
const SECOND = { unit: 'second', min: 1 / 60, byTheDay: false } as const;
/** "3 days ago", "in 12 days". @param at the instant. @param now the one it is told at. */
export function distanceText(at: Date, now: Date): string {
  const ms = at.getTime() - now.getTime();
  const minutes = Math.abs(ms) / MINUTE_MS;
  const onClocks = Math.abs(ms / MINUTE_MS - at.getTimezoneOffset() + now.getTimezoneOffset());
  const { unit, min } = SPANS.find((span) => (span.byTheDay ? onClocks : minutes) >= span.min) ?? SECOND;
  const whole = Math.round((min >= DAY_MIN ? onClocks : minutes) / min);
  const [n, of] = unit === 'month' && whole === 12 ? [1, 'year'] : [whole, unit];
  const text = `${n} ${of}${n === 1 ? '' : 's'}`;
  return at > now ? `in ${text}` : `${text} ago`;
}

/** "today, 17:40", "3 days ago", "in 12 days". */
export function whenText(iso: string): string {
  const at = dateOf(iso);
  if (!isValid(at)) return iso;
  if (iso.length > 10 && isToday(at)) return `today, ${hourOf(at)}`;
  return distanceText(at, new Date());
}
/** "17:40", and "Fri 17:40" on another day. */
export function clockText(ms: number): string {
  const at = new Date(ms);
  return isToday(at) ? hourOf(at) : `${shortName(wordsOf(at).weekday)} ${hourOf(at)}`;
}
/** "3 Jan 2027"; what is no day, as an earlier version may have kept it, stands as it is, and kills no page. */
export function dayText(iso: string): string {
  const at = dateOf(iso);
  if (!isValid(at)) return iso;
  const { day, month, year } = wordsOf(at);
  return `${day} ${shortName(month)} ${year}`;
}
/** Whole days from today to a day; negative when it is past. */
export const daysUntil = (day: string): number => daysBetween(today(), day);
/** The instant at which a day begins here. */
export const midnightOf = (day: string): number => dateOf(day).getTime();
/** "today at 17:40", "Fri 4 Dec at 17:40". */
export function atText(ms: number): string {
  const at = new Date(ms);
  const { weekday, day, month } = wordsOf(at);
  return `${isToday(at) ? 'today' : `${shortName(weekday)} ${day} ${shortName(month)}`} at ${hourOf(at)}`;
}
