import { addMonths } from 'date-fns';
import { DAY_MS } from './time';

/** Days that a field takes, both ends included: YYYY-MM-DD with four figures of a year, as the format has it. */
export const FIRST_DAY = '1900-01-01';
export const LAST_DAY = '2199-12-31';

const two = (n: number): string => String(n).padStart(2, '0');
/**
 * The day on which an instant falls at the place where this runs, YYYY-MM-DD: a use in the morning is of that day, wherever on earth that
 * morning is. A day stays itself. @param at ISO day or RFC 3339 instant.
 */
export function dayOf(at: string): string {
  const d = new Date(at);
  if (at.length <= 10 || Number.isNaN(d.getTime())) return at.slice(0, 10);
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
}
/** Whole days from one to another, each an ISO day or an instant; negative when the second comes first. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(dayOf(to)) - Date.parse(dayOf(from))) / DAY_MS);
/** The instant at noon of a day at the place where this runs. */
export const noonOf = (day: string): string => `${new Date(`${day}T12:00:00`).toISOString().slice(0, 19)}Z`;
/** An ISO day so many days later. */
export const addDays = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
/** An ISO day so many years later by the calendar, to the nearest month. */
export const addYears = (day: string, years: number): string =>
  dayOf(addMonths(new Date(`${day}T12:00:00`), Math.round(years * 12)).toISOString());
/** The year of an ISO day. */
export const yearOf = (day: string): number => Number(day.slice(0, 4));
/** Day and hour of an RFC 3339 instant in the offset that it is written in, "2027-01-03" and "11:40": a wash day is told where it is done. */
export const dayAsWritten = (instant: string): string => instant.slice(0, 10);
/** The hour of an instant in the offset that it is written in, "11:40". */
export const hourAsWritten = (instant: string): string => instant.slice(11, 16);
/** The hour of a clock, "11:40", at the place where this runs. */
export const hourOf = (at: Date): string => `${two(at.getHours())}:${two(at.getMinutes())}`;
/** An instant in the offset of the place where this runs, on a whole minute: "2027-01-09T08:00:00+01:00". */
export function instantHere(at: Date): string {
  const shift = -at.getTimezoneOffset();
  const offset =
    shift === 0 ? 'Z' : `${shift > 0 ? '+' : '-'}${two(Math.floor(Math.abs(shift) / 60))}:${two(Math.abs(shift) % 60)}`;
  return `${dayOf(at.toISOString())}T${hourOf(at)}:00${offset}`;
}

/*
 * The names of days and months, in English: a library of all languages takes a phone milliseconds a name, and a chart has a dozen.
 */
const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;
/** A day in words, at the place where this runs; NaN in figures, and empty names, of an invalid one. */
export interface DayWords {
  /** "Sunday". */
  readonly weekday: string;
  /** "3". */
  readonly day: string;
  /** "January". */
  readonly month: string;
  /** "2027". */
  readonly year: string;
}
/** The words of a day. */
export const wordsOf = (at: Date): DayWords => ({
  weekday: WEEKDAYS[at.getDay()] ?? '',
  day: String(at.getDate()),
  month: MONTHS[at.getMonth()] ?? '',
  year: String(at.getFullYear()),
});
/** "Sun", "Jan". */
export const shortName = (name: string): string => name.slice(0, 3);
/** The month of a day or of a month, "March" of "2027-03"; empty for what is neither. */
export const monthAsWritten = (day: string): string => MONTHS[Number(day.slice(5, 7)) - 1] ?? '';
/** The weekday on which an instant falls in the offset that it is written in, "Sunday". */
export const weekdayAsWritten = (instant: string): string => wordsOf(new Date(`${dayAsWritten(instant)}T12:00:00`)).weekday;
