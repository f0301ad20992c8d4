import { dayAsWritten, hourAsWritten } from '../core/units/day';
import ICAL from 'ical.js';
import type { DayTask, Span, WashDay } from '../core/washday';
import { SUPPLY_WORDS } from '../core/words';
import { howMany, mdText } from '../core/words/text';

/* A line is 75 octets at most (RFC 5545, 3.1); the space that a continued one begins with counts. */
ICAL.foldLength = 74;

const PRODUCT = '-//Umbrastic//Wash day//EN';
const utc = (instant: string): ICAL.Time => ICAL.Time.fromJSDate(new Date(instant), true);
/** Minutes before, at which a calendar rings. */
const ALARM_MIN = 5;

/** An empty calendar. @param product who wrote it. */
export function emptyCalendar(product: string): ICAL.Component {
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', product);
  return calendar;
}
/** What rings so many minutes before. */
export function alarmFor(title: string, minutes: number): ICAL.Component {
  const alarm = new ICAL.Component('valarm');
  alarm.updatePropertyWithValue('action', 'DISPLAY');
  alarm.updatePropertyWithValue('description', title);
  alarm.updatePropertyWithValue('trigger', new ICAL.Duration({ minutes, isNegative: minutes > 0 }));
  return alarm;
}

function eventOf(uid: string, stamp: string, span: Span, summary: string, text: string): ICAL.Component {
  const event = new ICAL.Component('vevent');
  event.updatePropertyWithValue('uid', uid);
  event.updatePropertyWithValue('dtstamp', utc(stamp));
  event.updatePropertyWithValue('dtstart', utc(span.from));
  event.updatePropertyWithValue('dtend', utc(span.to));
  event.updatePropertyWithValue('summary', summary);
  if (text) event.updatePropertyWithValue('description', text);
  event.addSubcomponent(alarmFor(summary, ALARM_MIN));
  return event;
}

/**
 * The turns of a day as a calendar (RFC 5545): one event each time somebody is needed, with an alarm five minutes before.
 * @param tasks of which tasks; all of the day when absent. @param stamp when it was written, RFC 3339.
 */
export function calendarFile(day: WashDay, stamp: string, tasks: readonly DayTask[] = day.tasks): string {
  const calendar = emptyCalendar(PRODUCT);
  for (const task of tasks)
    task.attended.forEach((span, n) => {
      const more = task.attended.length > 1 ? ` (${n + 1} of ${task.attended.length})` : '';
      const title = task.text.split(/[.:] /)[0] ?? task.text;
      const uid = `${task.id}-${n}-${Date.parse(span.from)}@umbrastic`;
      calendar.addSubcomponent(eventOf(uid, stamp, span, `${title.slice(0, 100)}${more}`, `${task.text}\nBy ${span.by}.`));
    });
  return `${calendar.toString()}\r\n`;
}

/**
 * A calendar file as it is read.
 * @throws Error with a sentence for people when it is none.
 */
export function calendarOf(text: string): ICAL.Component {
  try {
    return new ICAL.Component(ICAL.parse(text) as unknown as string);
  } catch {
    throw new Error('This file is no calendar that can be read. Nothing was changed.');
  }
}

/**
 * Hours that a calendar file says are taken, between two instants; repeating events are followed, whole days and free time are passed over.
 * @throws Error with a sentence for people when it is no calendar.
 */
export function busyHours(text: string, from: string, to: string): Span[] {
  const root = calendarOf(text);
  const [first, last] = [Date.parse(from), Date.parse(to)];
  const busy: Span[] = [];
  const add = (begin: ICAL.Time, end: ICAL.Time): void => {
    const [a, z] = [begin.toJSDate().getTime(), end.toJSDate().getTime()];
    if (!begin.isDate && a < last && z > first && z > a)
      busy.push({ from: new Date(a).toISOString(), to: new Date(z).toISOString() });
  };
  for (const zone of root.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
  for (const component of root.getAllSubcomponents('vevent')) {
    if (component.getFirstPropertyValue('transp') === 'TRANSPARENT') continue;
    const event = new ICAL.Event(component);
    if (!event.startDate) continue;
    if (!event.isRecurring()) {
      add(event.startDate, event.endDate);
      continue;
    }
    const times = event.iterator();
    for (let n = 0, next = times.next(); next && n < MOST_TIMES; n++, next = times.next()) {
      if (next.toJSDate().getTime() > last) break;
      const one = event.getOccurrenceDetails(next);
      add(one.startDate, one.endDate);
    }
  }
  return busy.sort((a, b) => a.from.localeCompare(b.from));
}
const MOST_TIMES = 5000;

/** A day as Markdown: verdict, loads, and the turns in their order. */
export function dayMarkdown(day: WashDay, nameOf: (id: string) => string): string {
  const clock = (instant: string): string => `${dayAsWritten(instant)} ${hourAsWritten(instant)}`;
  const lines = [`# ${mdText(day.verdict)}`, '', '## Loads', ''];
  for (const load of day.loads) {
    const { tempC, spinRpm, rinses, cleaner, doseMl } = load.settings;
    const set = [
      tempC === undefined ? '' : `${tempC} °C`,
      spinRpm === undefined ? '' : `${spinRpm} rpm`,
      rinses === undefined ? '' : howMany(rinses, 'rinse'),
      cleaner ? `${doseMl === undefined ? '' : `${doseMl} mL `}${SUPPLY_WORDS[cleaner]}` : '',
    ].filter(Boolean);
    lines.push(
      `- **${mdText(load.id)}** ${load.itemIds.map((id) => mdText(nameOf(id))).join(', ') || load.purpose}: ${set.join(', ')}`,
    );
  }
  lines.push('', '## When you are needed', '');
  const turns = day.tasks.flatMap((task) => task.attended.map((span) => ({ span, task })));
  turns.sort((a, b) => Date.parse(a.span.from) - Date.parse(b.span.from));
  for (const { span, task } of turns)
    lines.push(`- ${clock(span.from)}–${hourAsWritten(span.to)} ${mdText(span.by)}: ${mdText(task.text)}`);
  if (day.cautions.length > 0) lines.push('', '## Careful', '', ...day.cautions.map((c) => `- ${mdText(c)}`));
  return `${lines.join('\n')}\n`;
}
