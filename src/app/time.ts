import { format, formatDistanceStrict, isSameDay, isValid, parseISO } from 'date-fns';
import { daysBetween } from '../core/units/day';
import { today } from './now';

/** "today, 17:40", "3 days ago", "in 12 days". */
export function whenText(iso: string): string {
  const at = parseISO(iso);
  if (!isValid(at)) return iso;
  if (iso.length > 10 && isSameDay(at, new Date())) return `today, ${format(at, 'HH:mm')}`;
  return formatDistanceStrict(at, new Date(), { addSuffix: true });
}
export const clockText = (ms: number): string => format(ms, isSameDay(ms, Date.now()) ? 'HH:mm' : 'EEE HH:mm');
/** "3 Jan 2027"; what is no day, as an earlier version may have kept it, stands as it is, and kills no page. */
export const dayText = (day: string): string => (isValid(parseISO(day)) ? format(parseISO(day), 'd MMM yyyy') : day);
/** Whole days from today to a day; negative when it is past. */
export const daysUntil = (day: string): number => daysBetween(today(), day);
/** The instant at which a day begins here. */
export const midnightOf = (day: string): number => parseISO(day).getTime();
/** "today at 17:40", "Fri 4 Dec at 17:40". */
export const atText = (ms: number): string =>
  `${isSameDay(ms, Date.now()) ? 'today' : format(ms, 'EEE d MMM')} at ${format(ms, 'HH:mm')}`;
