import ical from 'node-ical';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { busyHours, calendarFile, dayMarkdown } from '../../src/app/dayFiles';
import { endOfDay, newWish, requestOf, without } from '../../src/app/dayHours';
import { planDay } from '../../src/core/washday';

const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const day = planDay({
  format: 'umbrastic/day-request',
  version: 1,
  kit,
  items: ['itm-bib', 'itm-parka'],
  from: '2027-01-08T08:00:00Z',
});
const STAMP = '2027-01-03T08:00:00Z';
const ms = (instant: string): number => Date.parse(instant);

describe('the calendar of a day', () => {
  test('is read back by another parser: every turn with its times and an alarm (RFC 5545)', () => {
    const text = calendarFile(day, STAMP);
    const events = Object.values(ical.sync.parseICS(text)).filter((e) => e?.type === 'VEVENT');
    const turns = day.tasks.flatMap((t) => t.attended);
    expect(events.map((e) => e.start.getTime()).sort()).toEqual(turns.map((t) => ms(t.from)).sort());
    expect(events.map((e) => e.end?.getTime()).sort()).toEqual(turns.map((t) => ms(t.to)).sort());
    for (const event of events) expect(event.alarms).toHaveLength(1);
    expect(new Set(events.map((e) => e.uid)).size).toBe(turns.length);
    // No line is longer than 75 octets.
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    const [one] = day.tasks;
    if (!one) throw new Error('there is work');
    expect(calendarFile(day, STAMP, [one]).match(/BEGIN:VEVENT/g)).toHaveLength(one.attended.length);
  });
  test('busy hours are read: single and repeating ones, not whole days, not free time', () => {
    const event = (lines: string): string =>
      `BEGIN:VEVENT\r\nUID:${lines.length}\r\nDTSTAMP:20270101T000000Z\r\n${lines}\r\nEND:VEVENT\r\n`;
    const file = [
      'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\n',
      event('DTSTART:20270108T090000Z\r\nDTEND:20270108T110000Z'),
      event('DTSTART:20270108T130000Z\r\nDTEND:20270108T133000Z\r\nRRULE:FREQ=DAILY;COUNT=3'),
      event('DTSTART;VALUE=DATE:20270109\r\nDTEND;VALUE=DATE:20270110'),
      event('DTSTART:20270108T150000Z\r\nDTEND:20270108T160000Z\r\nTRANSP:TRANSPARENT'),
      event('DTSTART:20260108T090000Z\r\nDTEND:20260108T110000Z'),
      'END:VCALENDAR\r\n',
    ].join('');
    expect(busyHours(file, '2027-01-08T00:00:00Z', '2027-01-20T00:00:00Z').map((s) => s.from.slice(0, 16))).toEqual([
      '2027-01-08T09:00',
      '2027-01-08T13:00',
      '2027-01-09T13:00',
      '2027-01-10T13:00',
    ]);
    expect(() => busyHours('no calendar', STAMP, STAMP)).toThrow(
      'This file is no calendar that can be read. Nothing was changed.',
    );
  });
  test('Markdown holds the verdict, every load and every turn, and no name breaks it', () => {
    const text = dayMarkdown(day, (id) => `*${id}*`);
    expect(text.startsWith('# ')).toBe(true);
    expect(text).toContain('\\*itm-parka\\*');
    // What is poured is called as on the page.
    expect(text).toContain('mL down cleaner');
    expect(text).not.toMatch(/[a-z]-cleaner/);
    expect(text.match(/^- \d{4}-\d\d-\d\d /gm)).toHaveLength(day.tasks.flatMap((t) => t.attended).length);
  });
});

describe('a wish becomes a request', () => {
  const now = new Date('2027-01-08T09:07:00Z');
  const wish = { ...newWish(['itm-bib', 'gone']), from: '2027-01-01T08:00:00Z' };
  test('things that are gone are passed over, and what would begin in the past begins now', () => {
    const request = requestOf(wish, kit, now);
    expect(request.items).toEqual(['itm-bib']);
    expect(ms(request.from)).toBeGreaterThanOrEqual(now.getTime() - 1);
  });
  test('hours are the same every day, nights go over midnight, busy hours are taken out', () => {
    const request = requestOf({ ...wish, from: '2027-01-09T08:00:00Z' }, kit, now);
    const [first] = request.quiet ?? [];
    expect(ms(first?.to ?? '') - ms(first?.from ?? '')).toBe(9 * 3_600_000);
    const [open] = request.hands?.[0]?.windows ?? [];
    expect(ms(open?.to ?? '') - ms(open?.from ?? '')).toBe(14 * 3_600_000);
    const busy = [{ from: open?.from ?? '', to: new Date(ms(open?.from ?? '') + 3_600_000).toISOString() }];
    const left = without(request.hands?.[0]?.windows ?? [], busy);
    const asked = { ...wish, from: '2027-01-09T08:00:00Z', people: [{ name: 'Bo', from: '08:00', to: '22:00', busy }] };
    expect(requestOf(asked, kit, now).hands?.[0]?.windows).toEqual(left);
    expect(ms(left[0]?.to ?? '') - ms(left[0]?.from ?? '')).toBe(13 * 3_600_000);
  });
  test('the end of a day is of this place', () => {
    expect(new Date(endOfDay('2027-01-09')).getHours()).toBe(22);
  });
});
