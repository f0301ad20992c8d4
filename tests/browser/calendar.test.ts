import ical from 'node-ical';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { faultsOf, newFolder, visit } from './visit';

test('what is ahead goes into one’s own calendar, and outings come out of it: only those that are chosen, and once', async () => {
  const v = await visit({ path: '/record' });
  await v.sees('Save what is ahead');
  const events = Object.values(ical.sync.parseICS(readFileSync(await v.saved('Save what is ahead'), 'utf8')));
  const titles = events.flatMap((e) => (e?.type === 'VEVENT' ? [String(e.summary)] : []));
  expect(titles).toContain('Long crossing of Lanternmere, two hut nights');
  // The quilt is in the dryer: its ring has an hour.
  expect(titles.some((t) => t.startsWith('Hut quilt: ') && t.endsWith(' ends'))).toBe(true);
  const year = new Date().getFullYear() + 1;
  const event = (uid: string, day: string, name: string): string =>
    `BEGIN:VEVENT\r\nUID:${uid}\r\nDTSTAMP:20260101T000000Z\r\nDTSTART;VALUE=DATE:${year}${day}\r\nSUMMARY:${name}\r\nEND:VEVENT\r\n`;
  const folder = newFolder();
  const path = join(folder, 'mine.ics');
  writeFileSync(
    path,
    `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\n${event('a', '0601', 'Hut week')}${event('b', '0602', 'Dentist')}END:VCALENDAR\r\n`,
  );
  await v.file('Outings from a calendar file', path);
  await v.sees('2 days ahead in that calendar');
  expect(await faultsOf(v)).toEqual([]);
  await (await v.named(`Hut week, 1 Jun ${year}`, 'checkbox')).evaluate((e) => (e as HTMLElement).click());
  await v.press('Take 1 outing');
  await v.sees('1 outing from the calendar.');
  const outings = async (): Promise<unknown[]> => (await v.rows('log')).filter((e) => String(e.id).startsWith('cal-'));
  expect((await outings()).length).toBe(1);
  // Read again it is the same one, and chosen already.
  await v.file('Outings from a calendar file', path);
  await v.sees('read before');
  await v.press('Take 1 outing');
  await v.sees('1 outing from the calendar.');
  expect((await outings()).length).toBe(1);
  writeFileSync(path, 'no calendar');
  await v.file('Outings from a calendar file', path);
  await v.sees('This file is no calendar that can be read. Nothing was changed.');
  expect(v.errors).toEqual([]);
  await v.close();
});
