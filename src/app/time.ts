import { format, formatDistanceStrict, isSameDay, parseISO } from 'date-fns';

/** The clock of this device; everything below the app is handed its instants. */
export const nowMs = (): number => Date.now();
export const nowIso = (): string => `${new Date().toISOString().slice(0, 19)}Z`;
/** Today as a day of this place. */
export const today = (): string => format(new Date(), 'yyyy-MM-dd');
export const newId = (prefix: string): string => `${prefix}-${crypto.randomUUID().slice(0, 13)}`;

/** "today, 17:40", "3 days ago", "in 12 days". */
export function whenText(iso: string): string {
  const at = parseISO(iso);
  if (iso.length > 10 && isSameDay(at, new Date())) return `today, ${format(at, 'HH:mm')}`;
  return formatDistanceStrict(at, new Date(), { addSuffix: true });
}
export const clockText = (ms: number): string => format(ms, isSameDay(ms, Date.now()) ? 'HH:mm' : 'EEE HH:mm');
export const dayText = (day: string): string => format(parseISO(day), 'd MMM yyyy');
/** Whole days from today to a day; negative when it is past. */
export const daysUntil = (day: string): number =>
  Math.round((Date.parse(`${day}T00:00:00Z`) - Date.parse(`${today()}T00:00:00Z`)) / 86_400_000);
