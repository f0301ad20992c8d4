import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import Papa from 'papaparse';
import type { CareEntry, Inspection, Item, Kit, LogEntry } from '../../src/core/gear';
import { csvOf } from '../../src/core/formats/csv';
import { monthText, yearRows, yearText, yearTookText } from '../../src/core/telling/year';
import { effectsOf, measureOf, statesOf } from '../../src/core/year/effects';
import { wornIn, yearRecord, yearsIn } from '../../src/core/year';
import { WEARS } from '../../src/core/gear/vocabulary';
import { shell } from '../make';

const care = (id: string, day: string, did: CareEntry['did'], more: Partial<CareEntry> = {}): CareEntry => ({
  id,
  type: 'care',
  itemId: 'x',
  at: `${day}T12:00:00Z`,
  ...(did ? { did } : {}),
  ...more,
});
const kitOf = (log: LogEntry[], inspections: Inspection[] = []): Pick<Kit, 'items' | 'inspections' | 'log'> => ({
  items: [shell({ id: 'x', name: 'Shell' }), shell({ id: 'y', name: 'Other' })] as Item[],
  inspections,
  log,
});

describe('a year of the record', () => {
  test('what a drum took for all stands once; what nothing came of is no care', () => {
    const log: LogEntry[] = [
      care('a', '2027-02-03', ['washed', 'renewed'], { loadId: 'l', takes: { kWh: 0.5, litres: 0, money: 1 } }),
      care('b', '2027-02-03', ['washed'], { itemId: 'y', loadId: 'l', takes: { kWh: 0, litres: 0 } }),
      {
        id: 'l',
        type: 'load',
        at: '2027-02-03T12:00:00Z',
        itemIds: ['x', 'y'],
        takes: { kWh: 1, litres: 50, money: 2, unpriced: true },
      },
      care('c', '2027-07-01', ['warmed'], { tookMin: 40, plannedMin: 30 }),
      care('d', '2027-07-02', ['aired']),
      care('e', '2027-07-03', undefined),
      care('f', '2026-12-30', ['washed'], { takes: { kWh: 9, litres: 90, money: 9 } }),
      { id: 'u', type: 'use', itemId: 'x', at: '2026-12-30T12:00:00Z', on: '2027-01-01' },
    ];
    const y = yearRecord(kitOf(log), 2027);
    expect(y).toMatchObject({
      cares: 4,
      washes: 2,
      without: 2,
      renewed: 1,
      mended: 0,
      uses: 1,
      kWh: 1.5,
      litres: 50,
      money: 3,
      unpriced: true,
      tookMin: 40,
      plannedMin: 30,
    });
    expect(y.months[1]).toEqual({
      month: '2027-02',
      washes: 2,
      without: 0,
      litres: 50,
      kWh: 1.5,
      money: 3,
      tookMin: 0,
      plannedMin: 0,
    });
    expect(y.months[6]).toMatchObject({ month: '2027-07', washes: 0, without: 2, tookMin: 40, plannedMin: 30 });
    expect(y.things.map((t) => [t.item.id, t.cares, t.uses])).toEqual([
      ['x', 3, 1],
      ['y', 1, 0],
    ]);
    expect(yearsIn(kitOf(log), 2028)).toEqual([2028, 2027, 2026]);
    expect(yearText(y, true, 'EUR')).toBe(
      'This year: care 4 times, two of them without a wash; 1 finish renewed; 3.00 EUR of what has a price.',
    );
    expect(yearTookText(y)).toBe(
      'About 50 L of water and 1.5 kWh, worked out and not metered; 40 min from first to last press where 30 min were planned; 1 use written down.',
    );
  });
  test('loft: the last of each thing that was measured in it, not what was carried over', () => {
    const look = (id: string, itemId: string, day: string, loftRatio: number, more: Partial<Inspection> = {}): Inspection => ({
      id,
      itemId,
      at: `${day}T12:00:00Z`,
      loftRatio,
      ...more,
    });
    const seen = [
      look('1', 'x', '2027-02-01', 0.8),
      look('2', 'x', '2027-03-01', 0.96),
      look('3', 'y', '2027-03-01', 0.9),
      look('4', 'x', '2027-04-01', 0.5, { asOf: { loftRatio: '2026-01-01T12:00:00Z' } }),
      look('5', 'x', '2028-01-05', 0.7),
    ];
    expect(yearRecord(kitOf([], seen), 2027).loft).toBeCloseTo(0.93, 9);
    expect(yearRecord(kitOf([], seen), 2025).loft).toBeNull();
    expect(yearText(yearRecord(kitOf([], seen), 2025), false, 'EUR')).toBe('2025: no care is recorded.');
  });
  test('what wears out as it was last seen', () => {
    const look = (day: string, wear: Inspection['wear']): Inspection => ({
      id: day,
      itemId: 'x',
      at: `${day}T12:00:00Z`,
      ...(wear ? { wear } : {}),
    });
    expect(wornIn(kitOf([], [look('2027-01-01', ['pilling']), look('2027-02-01', ['pilling', 'stiff-zip'])]))[0]?.wear).toEqual([
      'pilling',
      'stiff-zip',
    ]);
    expect(wornIn(kitOf([], [look('2027-01-01', ['pilling']), look('2027-02-01', [])]))).toEqual([]);
  });
  test('laws: months sum up to the year; figures go out and come back (papaparse)', () => {
    const one = fc.record({
      month: fc.integer({ min: 1, max: 12 }),
      did: fc.constantFrom<NonNullable<CareEntry['did']>>(['washed'], ['aired'], ['washed', 'renewed'], ['mended']),
      litres: fc.integer({ min: 0, max: 90 }),
    });
    fc.assert(
      fc.property(fc.array(one, { maxLength: 30 }), (list) => {
        const log = list.map(({ month, did, litres }, n) =>
          care(`c${n}`, `2027-${String(month).padStart(2, '0')}-15`, did, { takes: { kWh: 0, litres } }),
        );
        const y = yearRecord(kitOf(log), 2027);
        const sum = (of: (m: (typeof y.months)[number]) => number): number => y.months.reduce((all, m) => all + of(m), 0);
        expect(sum((m) => m.washes)).toBe(y.washes);
        expect(sum((m) => m.without)).toBe(y.without);
        expect(y.washes + y.without).toBe(list.length);
        expect(sum((m) => m.litres)).toBe(list.reduce((all, e) => all + e.litres, 0));
        const back = Papa.parse<Record<string, string>>(csvOf(yearRows(y, 'EUR')).replace('\uFEFF', ''), { header: true }).data;
        expect(back).toHaveLength(12);
        expect(back.reduce((all, row) => all + Number(row.washes), 0)).toBe(y.washes);
      }),
      { numRuns: 60 },
    );
    expect(monthText('2027-03')).toBe('March');
  });
});

describe('what care did', () => {
  const look = (id: string, day: string, more: Partial<Inspection>): Inspection => ({
    id,
    itemId: 'x',
    at: `${day}T12:00:00Z`,
    ...more,
  });
  const LOOKS = [
    look('b1', '2027-01-01', { soil: 4, odour: 3, loftRatio: 0.8, droplet: { hood: 2 } }),
    look('a1', '2027-01-02', { soil: 0, odour: 0, loftRatio: 0.9, droplet: { hood: 5 } }),
    look('b2', '2027-05-01', { soil: 2, odour: 3, asOf: { odour: '2027-04-01T12:00:00Z' } }),
    look('a2', '2027-05-02', { soil: 1, odour: 0 }),
  ];
  const LOG = [
    care('c1', '2027-01-01', ['washed'], { before: 'b1', after: 'a1' }),
    care('c2', '2027-05-01', ['washed'], { before: 'b2', after: 'a2' }),
    care('c3', '2027-06-01', ['aired'], { before: 'a2' }),
    care('c4', '2028-01-01', ['renewed', 'washed'], { before: 'b1', after: 'a1' }),
  ];
  test('means of what was looked at before and after; what a look only carried over counts for nothing', () => {
    const kit = kitOf(LOG, LOOKS);
    // Soil 4 of 4 and 2 of 4 are 0 and 50 % clean; 0 and 1 are 100 and 75 %.
    expect(effectsOf(kit, 'clean', 2027)).toMatchObject([{ did: ['washed'], before: 25, after: 87.5 }]);
    expect(effectsOf(kit, 'clean', 2027)[0]?.lines.map((l) => l.entry.id)).toEqual(['c2', 'c1']);
    expect(effectsOf(kit, 'smell', 2027)[0]?.lines.map((l) => l.entry.id)).toEqual(['c1']);
    expect(effectsOf(kit, 'loft').map((e) => [e.did.join(), e.before, e.after])).toEqual([
      ['washed', 80, 90],
      ['renewed,washed', 80, 90],
    ]);
    expect(effectsOf(kit, 'drops', 2029)).toEqual([]);
  });
  test('better is never less: every measure grows as a thing gets cleaner, loftier or sheds more', () =>
    fc.assert(
      fc.property(fc.nat(4), fc.nat(4), fc.nat(3), fc.nat(3), (s1, s2, o1, o2) => {
        const of = (soil: number, odour: number) => look('l', '2027-01-01', { soil: soil as 0, odour: odour as 0 });
        const [a, b] = [of(s1, o1), of(s2, o2)];
        if (s1 <= s2) expect(measureOf(a, 'jacket', 'clean')!).toBeGreaterThanOrEqual(measureOf(b, 'jacket', 'clean')!);
        if (o1 <= o2) expect(measureOf(a, 'jacket', 'smell')!).toBeGreaterThanOrEqual(measureOf(b, 'jacket', 'smell')!);
        for (const measure of ['clean', 'smell'] as const) expect(measureOf(a, 'jacket', measure)).toBeLessThanOrEqual(100);
      }),
    ));
  test('over time: looks and dry weights by their day, the weight as a share of the first; what says nothing is no point', () => {
    const points = statesOf(
      {
        inspections: [...LOOKS, look('w', '2027-07-01', { wear: WEARS.slice(0, 2) }), look('n', '2027-07-02', { note: 'x' })],
        weighIns: [
          { itemId: 'x', at: '2027-03-01T12:00:00Z', massG: 500, after: 'dry' },
          { itemId: 'x', at: '2027-06-01T12:00:00Z', massG: 450, after: 'dry' },
          { itemId: 'x', at: '2027-06-02T12:00:00Z', massG: 900, after: 'spin' },
          { itemId: 'y', at: '2027-06-02T12:00:00Z', massG: 900, after: 'dry' },
        ],
      },
      { id: 'x', kind: 'jacket' },
    );
    expect(points.map((p) => p.lookId)).toEqual(['b1', 'a1', null, 'b2', 'a2', null, 'w']);
    expect(points.map((p) => p.weight)).toEqual([null, null, 100, null, null, 90, null]);
    expect(points.at(-1)).toMatchObject({ wear: 2, clean: null });
    expect(points[3]).toMatchObject({ clean: 50, smell: null });
  });
});
