import ical from 'node-ical';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { aheadFile, eventsFrom } from '../../src/app/calendarFile';
import { rankAll } from '../../src/core/due/rank';
import { planItem } from '../../src/core/programme';
import { startRun, startTimer } from '../../src/core/run';
import { aheadOfKit, type CalendarEntry } from '../../src/core/telling/calendar';
import { upkeepOf } from '../../src/core/upkeep';
import { down } from '../make';

const NOW = Date.parse('2027-01-03T08:00:00Z');
const TODAY = '2027-01-03';
const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
const { kit } = makeDemoKit(NOW);
const programmes = Object.fromEntries(kit.items.map((item) => [item.id, { ...planItem(kit, item), lookDays: 90 }]));
const ranked = rankAll(kit, programmes, TODAY, new Set());
const upkeep = upkeepOf(kit.equipment ?? {}, kit.log ?? [], TODAY);
const run = startTimer(startRun(planItem(kit, down()), 'Parka', 'r1', NOW), NOW);
const ahead = aheadOfKit({ ranked, log: kit.log ?? [], runs: [run], upkeep }, TODAY, dayOf);
const STAMP = '2027-01-03T08:00:00Z';
const read = (text: string) => Object.values(ical.sync.parseICS(text)).filter((e): e is ical.VEvent => e?.type === 'VEVENT');

describe('what is ahead, as a calendar (RFC 5545)', () => {
  test('another parser reads every line back: its day as a whole day, its title, one id each', () => {
    const text = aheadFile(ahead, STAMP);
    const events = read(text);
    expect(events.length).toBe(ahead.length);
    expect(new Set(events.map((e) => e.uid)).size).toBe(ahead.length);
    expect(events.map((e) => e.summary).sort()).toEqual(ahead.map((a) => a.title).sort());
    for (const event of events.filter((e) => e.datetype === 'date')) {
      const entry = ahead.find((a) => event.uid === `${encodeURIComponent(a.id)}@umbrastic`);
      const [y, m, d] = [event.start.getFullYear(), event.start.getMonth() + 1, event.start.getDate()];
      expect(`${y}-${String(m).padStart(2, '0')}-${String(d).padStart(2, '0')}`).toBe(entry?.on);
    }
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
  });
  test('has what is due, looks ahead, the crossing with the day before it, and upkeep', () => {
    const by = (id: string): CalendarEntry | undefined => ahead.find((a) => a.id === id);
    expect(by('event-log-tour')).toMatchObject({ title: 'Long crossing of Lanternmere, two hut nights', on: '2027-01-15' });
    expect(by('ready-log-tour')).toMatchObject({ on: '2027-01-14' });
    for (const row of ranked.filter((r) => r.need === 'fresh')) expect(by(`due-${row.item.id}`)?.on).toBe(row.on);
    for (const row of ranked.filter((r) => r.need === 'due')) expect(by(`due-${row.item.id}`)?.on).toBe(TODAY);
    for (const need of ['away', 'lent', 'safety'] as const)
      for (const row of ranked.filter((r) => r.need === need)) expect(by(`due-${row.item.id}`)).toBeUndefined();
    expect(ahead.some((a) => a.id.startsWith('upkeep-w-cellar-'))).toBe(true);
    expect(ahead.map((a) => a.on)).toEqual([...ahead.map((a) => a.on)].sort());
  });
  test('what runs rings at its hour, once it is started', () => {
    const timed: CalendarEntry = { id: 'run-1', title: 'Quilt: round ends', text: '', on: TODAY, at: NOW + 3_600_000 };
    const [event] = read(aheadFile([timed], STAMP));
    expect(event?.start.getTime()).toBe(NOW + 3_600_000);
    expect(event?.alarms).toHaveLength(1);
  });
  test('a later file updates an earlier one: the same ids, a higher count', () => {
    const sequence = (text: string): number[] => [...text.matchAll(/SEQUENCE:(\d+)/g)].map((m) => Number(m[1]));
    const [first, later] = [aheadFile(ahead, STAMP), aheadFile(ahead, '2027-01-03T09:00:00Z')];
    expect(read(first).map((e) => e.uid)).toEqual(read(later).map((e) => e.uid));
    sequence(first).forEach((n, at) => expect(sequence(later)[at]).toBeGreaterThan(n));
    expect(Math.max(...sequence(later))).toBeLessThan(2 ** 31);
  });
  test('any id is one: of other letters, spaces, line ends', () => {
    const odd = aheadFile([{ id: 'due-a b/č\r\nEND:VEVENT', title: 'x', text: '', on: TODAY }], STAMP);
    expect(read(odd).length).toBe(1);
  });
});

describe('outings out of a calendar file', () => {
  const file = (...events: string[]): string =>
    `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\n${events.map((e) => `BEGIN:VEVENT\r\nDTSTAMP:20270101T000000Z\r\n${e}\r\nEND:VEVENT\r\n`).join('')}END:VCALENDAR\r\n`;
  const text = file(
    'UID:a\r\nDTSTART;VALUE=DATE:20270201\r\nSUMMARY:Hut week\r\nLOCATION:Upper hut',
    'UID:past\r\nDTSTART;VALUE=DATE:20261201\r\nSUMMARY:Over',
    'UID:weekly\r\nDTSTART;VALUE=DATE:20261206\r\nSUMMARY:Round of the lake\r\nRRULE:FREQ=WEEKLY',
    'UID:due-x@umbrastic\r\nDTSTART;VALUE=DATE:20270203\r\nSUMMARY:Ours',
    'UID:nameless\r\nDTSTART;VALUE=DATE:20270203',
  );
  test('those ahead, with their place; of repeating ones the next; none of what this app wrote', () => {
    expect(eventsFrom(text, TODAY, STAMP).map(({ name, on, place }) => [name, on, place])).toEqual([
      ['Round of the lake', '2027-01-03', undefined],
      ['Hut week', '2027-02-01', 'Upper hut'],
    ]);
  });
  test('read again, each is the one that it was; a long id is as good as a short one', () => {
    const moved = text.replace('20270201', '20270208');
    const id = (t: string): string | undefined => eventsFrom(t, TODAY, STAMP).find((e) => e.name === 'Hut week')?.id;
    expect(id(moved)).toBe(id(text));
    const long = 'A'.repeat(120);
    const two = file(
      `UID:${long}1\r\nDTSTART;VALUE=DATE:20270201\r\nSUMMARY:One`,
      `UID:${long}2\r\nDTSTART;VALUE=DATE:20270202\r\nSUMMARY:Two`,
    );
    const ids = eventsFrom(two, TODAY, STAMP).map((e) => e.id);
    expect(new Set(ids).size).toBe(2);
    for (const one of ids) expect(one.length).toBeLessThanOrEqual(60);
  });
  test('what is no calendar says so', () => {
    expect(() => eventsFrom('hello', TODAY, STAMP)).toThrow('This file is no calendar that can be read. Nothing was changed.');
  });
});
