import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import type { Inspection, Kit, LogEntry } from '../../src/core/gear';
import { shell } from '../make';
import { faultsOf, giveKit, soon, visit } from './visit';

const care = (n: number, day: string, did: string[]): LogEntry =>
  ({ id: `c${n}`, type: 'care', itemId: 'x', at: `${day}T12:00:00Z`, did, takes: { kWh: 1, litres: 40, money: 2 } }) as LogEntry;
const kit = (log: LogEntry[], inspections: Inspection[] = []): Kit => ({
  format: 'umbrastic/kit',
  version: 1,
  title: 'Test shelf',
  items: [{ ...shell(), id: 'x', name: 'Grey shell' }],
  inspections,
  log,
});
const LOOKS: Inspection[] = [
  { id: 'look-1', itemId: 'x', at: '2025-03-01T12:00:00Z', soil: 3, odour: 1, droplet: { shoulders: 2, hood: 3 } },
  {
    id: 'look-2',
    itemId: 'x',
    at: '2025-03-09T12:00:00Z',
    soil: 3,
    asOf: { soil: '2025-03-01T12:00:00Z' },
    droplet: { shoulders: 5 },
    stains: [{ soil: 'mud', place: 'left cuff', spot: { side: 'front', x: 0.2, y: 0.6 } }],
  },
];

describe('the record', () => {
  test('what care did is drawn by what was looked at, opens its cares, and goes out; a thing’s curves open the look behind a point', async () => {
    const v = await visit();
    const done = { ...care(1, '2025-03-05', ['washed']), before: 'look-1', after: 'look-3' } as LogEntry;
    const clean: Inspection = { id: 'look-3', itemId: 'x', at: '2025-03-06T12:00:00Z', soil: 0, odour: 0 };
    await giveKit(v, kit([done], [...LOOKS, clean]));
    await v.go('/record');
    await v.choose('Year', '2025');
    for (const [name, label] of [
      ['Water', 'Water by month in 2025: 40 litres'],
      ['Money', 'Money by month in 2025: 2 EUR'],
      ['Hours', 'Hours by month in 2025: 0 hours from first to last press, 0 hours planned'],
    ] as const) {
      await v.press(name);
      await v.page.waitForSelector(`[role=img][aria-label="${label}"] svg`);
    }
    await v.page.waitForSelector('[role=img][aria-label="How clean, before and after: washed 25 to 100 %"] svg');
    await v.press('Free of smell');
    await v.page.waitForSelector('[role=img][aria-label="Free of smell, before and after: washed 67 to 100 %"] svg');
    const rows = Papa.parse<string[]>(readFileSync(await v.saved('Save these figures'), 'utf8').replace('\uFEFF', '')).data;
    expect(rows).toEqual([
      ['care', 'times', 'smell_before_percent', 'smell_after_percent'],
      ['washed', '1', '67', '100'],
    ]);
    expect(
      readFileSync(await v.saved('Save this chart'))
        .subarray(1, 4)
        .toString(),
    ).toBe('PNG');
    await v.press('Washed');
    await v.press('Grey shell, 5 Mar 2025');
    await v.page.waitForFunction(() => location.pathname === '/record/c1');
    await v.go('/kit/x');
    await v.press('Its figures');
    const heads = await v.page.$$eval('[aria-label="How it stood, look by look"] thead th', (all) =>
      all.map((h) => h.textContent),
    );
    expect(heads).toEqual(['Day', 'clean, %', 'free of smell, %', 'drops, %']);
    // What the chart says is what stands in the table beneath it, and what goes out.
    const cells = await v.page.$$eval('[aria-label="How it stood, look by look"] tbody tr', (all) =>
      all.map((r) => [...r.querySelectorAll('th, td')].map((c) => (c as HTMLElement).innerText.trim())),
    );
    expect(cells.map((r) => r.slice(1))).toEqual([
      ['–', '–', '100'],
      ['100', '100', '–'],
      ['25', '67', '75'],
    ]);
    await v.page.waitForSelector('[role=img][aria-label$="clean 25 to 100 %, free of smell 67 to 100 %, drops 75 to 100 %"] svg');
    const sent = Papa.parse<string[]>(readFileSync(await v.saved('Save its figures'), 'utf8').replace('\uFEFF', '')).data;
    expect(sent.slice(1).map((r) => [r[1], r[2], r[4]])).toEqual([
      ['25', '67', '75'],
      ['100', '100', ''],
      ['', '', '100'],
    ]);
    expect(await faultsOf(v)).toEqual([]);
    // The last point of the chart, by the pointer.
    await v.page.$eval('figure svg.recharts-surface', (e) => e.scrollIntoView({ block: 'center' }));
    await v.page.waitForSelector('figure .recharts-line-dot');
    // No curve runs through the name of what was done.
    await soon(async () => {
      const { names, curves } = await v.page.$eval('figure svg.recharts-surface', (svg) => {
        const boxes = (what: string): { text: string | null; box: DOMRect }[] =>
          [...svg.querySelectorAll(what)].map((e) => ({ text: e.textContent, box: e.getBoundingClientRect() }));
        return {
          names: boxes('text')
            .filter(({ text }) => /^(wash|warm|renew)/.test(text ?? ''))
            .map(({ box }) => box.bottom),
          curves: boxes('.recharts-line-curve').map(({ box }) => box.top),
        };
      });
      expect([names.length, curves.length].every((n) => n > 0)).toBe(true);
      expect(Math.max(...names)).toBeLessThanOrEqual(Math.min(...curves));
    });
    const dot = (await v.page.$$('figure .recharts-line-dot')).at(-1);
    const box = (await dot!.boundingBox())!;
    await soon(async () => {
      await v.page.mouse.move(box.x - 8, box.y + box.height / 2);
      await v.page.mouse.move(box.x + box.width / 2, box.y + box.height / 2, { steps: 4 });
      await v.page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
      expect(v.page.url()).toContain('/record/look/');
    });
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a year in one sentence, its months in a chart and a table that go out alike, one month’s lines by press; a past look zone by zone', async () => {
    const v = await visit();
    await giveKit(
      v,
      kit(
        [care(1, '2025-03-02', ['washed', 'renewed']), care(2, '2025-03-20', ['warmed']), care(3, '2025-08-02', ['washed'])],
        LOOKS,
      ),
    );
    await v.go('/record');
    await v.sees('This year: no care is recorded.');
    await v.choose('Year', '2025');
    await v.sees('2025: care 3 times, one of them without a wash; 1 finish renewed; 6.00 EUR.');
    await v.sees('About 120 L of water and 3.0 kWh');
    await v.page.waitForSelector('[role=img][aria-label="Cares by month in 2025: 2 with a wash, 1 without"] svg');
    await v.press('Month by month');
    const rows = await v.page.$$eval('[aria-label="Cares of 2025 by month"] tbody tr', (all) =>
      all.map((r) => [...r.querySelectorAll('th, td')].map((c) => (c as HTMLElement).innerText.trim())),
    );
    expect(rows[2]).toEqual(['March', '1', '1', '80', '2.0', '4.00', '0.0', '0.0']);
    const out = Papa.parse<string[]>(readFileSync(await v.saved('Save its figures'), 'utf8').replace('\uFEFF', '')).data;
    expect(out.slice(1).map((r) => r.slice(1, 4))).toEqual(rows.map((r) => r.slice(1, 4)));
    const png = readFileSync(await v.saved('Save the chart'));
    expect(png.subarray(1, 4).toString()).toBe('PNG');
    const chart = await v.page.$eval('svg.recharts-surface', (e) => e.getBoundingClientRect().width);
    expect(png.readUInt32BE(16)).toBe(Math.ceil(chart * 2));
    expect(png.length).toBeGreaterThan(2000);
    expect(await faultsOf(v)).toEqual([]);
    // On paper the year alone, without a control.
    await soon(async () => {
      await v.page.emulateMediaType('print');
      const paper = await v.page.evaluate(() => ({
        is: matchMedia('print').matches,
        text: document.body.innerText,
        buttons: [...document.querySelectorAll('main button')].filter((e) => e.checkVisibility()).length,
      }));
      expect(paper.is).toBe(true);
      expect(paper.text).toContain('Test shelf, 2025');
      expect(paper.text).not.toContain('This browser');
      expect(paper.buttons).toBe(0);
    });
    await v.page.emulateMediaType('screen');
    await v.press('March');
    await v.sees('March 2025: 2 lines.');
    expect(await v.page.$$eval('[aria-label="Care record"] li', (all) => all.length)).toBe(2);
    await v.press('All of it');
    await soon(async () => expect(await v.page.$$eval('[aria-label="Care record"] li', (all) => all.length)).toBe(3));
    await v.press('Thing by thing');
    await v.press('Grey shell');
    await v.press('Past looks: 2');
    await v.press('9 Mar 2025');
    await v.sees('Grey shell, as it was seen on 9 Mar 2025.');
    await v.sees('dirty, of 1 Mar 2025');
    await v.sees('left cuff');
    expect(await v.all(/front: (.+, )?shoulders 5(, .+)?/, 'img')).toHaveLength(1);
    expect(await faultsOf(v)).toEqual([]);
    await v.press('The look before, 1 Mar 2025');
    await v.sees('as it was seen on 1 Mar 2025');
    await v.go('/record/look/nobody');
    await v.sees('This look is not in the record.');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('5 000 lines: the newest stand there, the rest on demand; on a phone', async () => {
    const v = await visit({ width: 390, height: 844 });
    const log = Array.from({ length: 5000 }, (_, n) =>
      care(n, new Date(Date.UTC(2012, 0, 1) + n * 86_400_000).toISOString().slice(0, 10), [n % 3 ? 'washed' : 'aired']),
    );
    await giveKit(v, kit(log));
    await v.go('/record');
    await v.sees('Show all 5000 lines');
    expect(await v.page.$$eval('[aria-label="Care record"] li', (all) => all.length)).toBe(40);
    await v.choose('Year', '2024');
    await v.sees('2024: care 366 times');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('a thing for somebody', () => {
  test('goes out with its record and pictures, comes in beside what another has, twice is once, and is undone', async () => {
    const mine = await visit({ path: '/kit/itm-white-shoes' });
    await soon(async () => expect((await mine.rows('photos')).filter((p) => p.itemId === 'itm-white-shoes')).toHaveLength(4));
    const file = await mine.saved('As a file for somebody');
    const theirs = await visit();
    await giveKit(theirs, kit([care(1, '2025-03-02', ['washed'])], LOOKS));
    await theirs.go('/record');
    const open = async (): Promise<void> => {
      await theirs.file('Import a kit', file);
      await theirs.sees('Take it in beside your things?');
    };
    await open();
    await theirs.sees('Taken in beside yours, nothing of yours changes: White canvas shoes would come');
    await theirs.press('Take it in beside mine');
    await theirs.sees('1 thing came in.');
    expect((await theirs.rows('items')).map((i) => i.id).sort()).toEqual(['itm-white-shoes', 'x']);
    const photos = (await theirs.rows('photos')).length;
    expect(photos).toBe(4);
    expect((await theirs.rows('log')).filter((e) => e.itemId === 'itm-white-shoes').length).toBeGreaterThan(0);
    expect((await theirs.rows('inspections')).filter((e) => e.itemId === 'x')).toHaveLength(2);
    await open();
    await theirs.sees('All of its things are here already');
    await theirs.press('Keep mine');
    await theirs.press('Undo');
    await soon(async () => expect((await theirs.rows('items')).map((i) => i.id)).toEqual(['x']));
    expect(await theirs.rows('photos')).toEqual([]);
    expect([...mine.errors, ...theirs.errors]).toEqual([]);
    await mine.close();
    await theirs.close();
  });
});
