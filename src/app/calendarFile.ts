import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import ICAL from 'ical.js';
import type { CalendarEntry } from '../core/telling/calendar';
import { dayOf } from '../core/units/day';
import type { EventEntry } from '../core/gear';
import { alarmFor, calendarOf, emptyCalendar } from './dayFiles';
import { MINUTE_MS } from '../core/units/time';

const PRODUCT = '-//Umbrastic//What is ahead//EN';
/** What stands behind every id that this app gives out. */
const OURS = '@umbrastic';
/** What has an hour rings at that hour. */
const ALARM_MIN = 0;

/**
 * What is ahead as a calendar (RFC 5545): days as whole days, rings with their hour and an alarm. Ids are those of the things meant, and the
 * count of changes grows with the instant, so that a later file updates what an earlier one wrote.
 * @param stamp when it was written, RFC 3339.
 */
export function aheadFile(entries: readonly CalendarEntry[], stamp: string): string {
  const calendar = emptyCalendar(PRODUCT);
  const sequence = Math.floor(Date.parse(stamp) / MINUTE_MS);
  for (const { id, title, text, on, at } of entries) {
    const event = new ICAL.Component('vevent');
    event.updatePropertyWithValue('uid', `${encodeURIComponent(id)}${OURS}`);
    event.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(new Date(stamp), true));
    event.updatePropertyWithValue('sequence', sequence);
    event.updatePropertyWithValue('summary', title);
    if (text) event.updatePropertyWithValue('description', text);
    if (at !== undefined) {
      event.updatePropertyWithValue('dtstart', ICAL.Time.fromJSDate(new Date(at), true));
      event.addSubcomponent(alarmFor(title, ALARM_MIN));
    } else {
      event.updatePropertyWithValue('dtstart', ICAL.Time.fromDateString(on));
      event.updatePropertyWithValue('transp', 'TRANSPARENT');
    }
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

const MOST_TIMES = 500;
const LONGEST_NAME = 200;
/** An id that the same event has in every file, short whatever the file calls it. */
const idOf = (uid: string): string => `cal-${bytesToHex(sha256(utf8ToBytes(uid))).slice(0, 24)}`;
/**
 * Events of a calendar file from a day on, as days that the kit must be ready for; what this app wrote itself is passed over. Of repeating ones
 * the next. Ids follow those of the file, so that reading it again changes what was read before.
 * @param today ISO day. @param at when it was read, RFC 3339.
 * @throws Error with a sentence for people when it is no calendar.
 */
export function eventsFrom(text: string, today: string, at: string): EventEntry[] {
  const events = new Map<string, EventEntry>();
  for (const component of calendarOf(text).getAllSubcomponents('vevent')) {
    const event = new ICAL.Event(component);
    if (!event.startDate || !event.uid || event.uid.endsWith(OURS)) continue;
    const on = nextDay(event, today);
    const name = (event.summary ?? '').trim().slice(0, LONGEST_NAME);
    if (on === null || name === '') continue;
    const place = (event.location ?? '').trim().slice(0, LONGEST_NAME);
    const id = idOf(event.uid);
    events.set(id, { id, type: 'event', at, name, on, ...(place ? { place } : {}) });
  }
  return [...events.values()].sort((a, b) => (a.on ?? '').localeCompare(b.on ?? ''));
}
/** The first day from today on at which it begins; null when all are past. */
function nextDay(event: ICAL.Event, today: string): string | null {
  const day = (time: ICAL.Time): string => (time.isDate ? time.toString() : dayOf(time.toJSDate().toISOString()));
  if (!event.isRecurring()) return day(event.startDate) >= today ? day(event.startDate) : null;
  const times = event.iterator();
  for (let n = 0, next = times.next(); next && n < MOST_TIMES; n++, next = times.next()) if (day(next) >= today) return day(next);
  return null;
}
