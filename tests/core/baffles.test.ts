import { describe, expect, test } from 'vitest';
import type { FillMap, Inspection, Item, LogEntry } from '../../src/core/gear';
import {
  addPanel,
  areaMm2,
  levellingFrom,
  fillGrams,
  layoutOf,
  loftRecord,
  migrationOf,
  moveBaffle,
  movePoint,
  panelOf,
  removeBaffle,
  renameBaffle,
  splitBaffle,
  START_LAYOUTS,
  tiesOf,
  toggleOpening,
  levellingOf,
} from '../../src/core/loft';
import { careText, fadeText, migrationText, tieText } from '../../src/core/telling/loft';
import { down, downBag, programme, step } from '../make';

const PANEL = { name: 'p', xMm: 0, yMm: 0, widthMm: 400, heightMm: 300, thicknessMm: 50 } as const;
const strips = (rows: number): Required<FillMap> => panelOf({ ...PANEL, style: 'vertical', rows, columns: 1 });
const outline = (map: FillMap, id: string) => map.baffles.find((b) => b.id === id)?.polygonMm;

describe('a foot box cut differentially', () => {
  const foot = panelOf({ ...PANEL, style: 'foot-box', rows: 2, columns: 3 });
  test('narrows, and holds more than it measures flat: the volume between two cylinders', () => {
    expect(foot.baffles).toHaveLength(6);
    const first = foot.baffles[0]!;
    // Mean width of the upper row: 400 × (1 − 0.3 × 0.25) = 370 mm round, so r = 370 / 2π; a third of the ring, 150 mm high.
    const r = 370 / (2 * Math.PI);
    const ring = (Math.PI * ((r + 50) ** 2 - r ** 2) * 150) / 3 / 1000;
    expect(first.volumeCm3).toBeGreaterThan(ring * 0.99);
    expect(first.volumeCm3).toBeLessThan(ring * 1.01);
    expect(first.volumeCm3!).toBeGreaterThan((areaMm2(first.polygonMm!) * 50) / 1000);
    expect(foot.baffles[3]?.volumeCm3).toBeLessThan(first.volumeCm3!);
  });
  test('is joined as boxes are: across and down', () => expect(foot.openings).toHaveLength(2 * 2 + 3));
  test('the bag has one', () => expect(layoutOf(START_LAYOUTS.bag).baffles.filter((b) => b.volumeCm3).length).toBe(6));
});

describe('changing a layout', () => {
  test('a corner takes the corners that lie on it along, and a volume that was written is worked out anew', () => {
    const map = { ...strips(2), baffles: strips(2).baffles.map((b) => ({ ...b, volumeCm3: 1 })) };
    const next = movePoint(map, 'p 1', 1, [20, 0]);
    expect(outline(next, 'p 1')?.[1]).toEqual([220, 0]);
    expect(outline(next, 'p 2')?.[0]).toEqual([220, 0]);
    expect(next.baffles.every((b) => b.volumeCm3 === undefined)).toBe(true);
    expect(movePoint(map, 'p 1', 9, [1, 1])).toBe(map);
  });
  test('a whole baffle goes alone', () => {
    const next = moveBaffle(strips(2), 'p 2', [5, -5]);
    expect(outline(next, 'p 2')?.[0]).toEqual([205, -5]);
    expect(outline(next, 'p 1')).toEqual(outline(strips(2), 'p 1'));
  });
  test('a name goes with its openings; a taken or empty one changes nothing', () => {
    const map = strips(3);
    const next = renameBaffle(map, 'p 2', ' collar ');
    expect(next.baffles.map((b) => b.id)).toEqual(['p 1', 'collar', 'p 3']);
    expect(next.openings?.map((o) => [o.from, o.to])).toEqual([
      ['p 1', 'collar'],
      ['collar', 'p 3'],
    ]);
    for (const name of ['p 1', '  ', 'p 2']) expect(renameBaffle(map, 'p 2', name)).toBe(map);
  });
  test('a baffle that goes takes its openings; the last one stays', () => {
    expect(removeBaffle(strips(3), 'p 2').openings).toEqual([]);
    const one = strips(1);
    expect(removeBaffle(one, 'p 1')).toBe(one);
  });
  test('an opening is made and taken away from either side', () => {
    const made = toggleOpening(strips(3), 'p 3', 'p 1');
    expect(made.openings).toHaveLength(3);
    expect(toggleOpening(made, 'p 1', 'p 3').openings).toHaveLength(2);
    const map = strips(2);
    expect(toggleOpening(map, 'p 1', 'p 1')).toBe(map);
    expect(toggleOpening(map, 'p 1', 'none')).toBe(map);
  });
  test.each([
    [
      'side-by-side',
      [200, 300],
      [
        ['p 1', 'p 1 2'],
        ['p 1 2', 'p 2'],
      ],
    ],
    [
      'above',
      [400, 150],
      [
        ['p 1', 'p 1 2'],
        ['p 1', 'p 2'],
      ],
    ],
  ] as const)('parted %s: half the area each, joined, and its neighbour at the nearer half', (way, [w, h], joined) => {
    const map: FillMap = {
      baffles: [
        ...strips(1).baffles,
        {
          id: 'p 2',
          polygonMm: [
            [400, 0],
            [500, 0],
            [500, 120],
            [400, 120],
          ],
          newThicknessMm: 50,
        },
      ],
      openings: [{ from: 'p 1', to: 'p 2', state: 'open' }],
    };
    const next = splitBaffle(map, 'p 1', way);
    expect(areaMm2(outline(next, 'p 1')!)).toBe(w * h);
    expect(areaMm2(outline(next, 'p 1 2')!)).toBe(w * h);
    expect(next.openings?.map((o) => [o.from, o.to].sort()).sort()).toEqual(joined.map((j) => [...j].sort()).sort());
  });
  test('a chevron is left whole', () => {
    const map = panelOf({ ...PANEL, style: 'chevron', rows: 2, columns: 1 });
    expect(splitBaffle(map, 'p 1', 'above')).toBe(map);
  });
  test('a panel is added below all that is drawn, under a free name', () => {
    const next = addPanel(strips(2), { ...PANEL, style: 'box', rows: 1, columns: 2 });
    expect(next.baffles.map((b) => b.id)).toEqual(['p 1', 'p 2', 'p 3 1', 'p 3 2']);
    const third = addPanel(next, { ...PANEL, style: 'box', rows: 1, columns: 2 });
    expect(new Set(third.baffles.map((b) => b.id)).size).toBe(6);
    expect(outline(next, 'p 3 1')?.[0]).toEqual([0, 330]);
    expect(addPanel({ baffles: [] }, { ...PANEL, style: 'box', rows: 1, columns: 1 }).baffles[0]?.polygonMm?.[0]).toEqual([0, 0]);
  });
});

describe('drum and ties', () => {
  test.each([
    ['one-way', 2, 'some'],
    ['one-way', 3, 'high'],
    ['both-ways', 5, 'some'],
    ['both-ways', 6, 'high'],
    ['tub', 9, 'low'],
    ['one-way', 1, 'low'],
  ] as const)('%s, a run of %i: %s [from memory]', (drum, rows, risk) => {
    const found = migrationOf(strips(rows), drum);
    expect(found.risk).toBe(risk);
    expect(found.run).toHaveLength(rows);
  });
  test('a tie in the middle halves the run; sewn counts the same; all shut is said', () => {
    const map = strips(6);
    const tied = { ...map, openings: map.openings.map((o, n) => (n === 2 ? { ...o, state: 'tied' as const } : o)) };
    expect(migrationOf(tied, 'one-way').run).toHaveLength(3);
    const shut = migrationOf({ ...map, openings: map.openings.map((o) => ({ ...o, state: 'sewn' as const })) }, 'one-way');
    expect([shut.risk, migrationText(shut, 'one-way')]).toEqual(['low', 'Every opening is shut: its fill stays where it is.']);
  });
  test('ties stand where most went through', () => {
    const spread = [30, 10, 5].map((grams, n) => ({ baffle: `p ${n + 1}`, grams, sd: 1, target: 15, ratio: null }));
    // 15 g go from the first to the second, of which 10 on to the third.
    expect(tiesOf(levellingFrom(strips(3), spread).plan)).toEqual([
      { from: 'p 1', to: 'p 2', grams: 15 },
      { from: 'p 2', to: 'p 3', grams: 10 },
    ]);
    expect(tieText('forbids')).toContain('does not want');
    expect(tieText('requires')).toContain('as the maker says');
    expect(tieText(undefined)).toContain('If its maker');
  });
});

describe('the loft over the years', () => {
  const look = (day: string, loftRatio: number, mm?: number): Inspection => ({
    id: day,
    itemId: 'x',
    at: `${day}T08:00:00Z`,
    loftRatio,
    ...(mm === undefined ? {} : { loft: [{ baffle: 'a', nowMm: mm, newMm: 50 }] }),
  });
  const wash = (day: string): LogEntry => ({ id: day, type: 'care', itemId: 'x', at: `${day}T08:00:00Z`, aims: ['wash'] });
  test('by hand: 10 % a year between washes, and 4 mm given back', () => {
    const record = loftRecord(
      [
        look('2025-01-01', 1),
        look('2026-01-01', 0.9, 45),
        look('2026-02-01', 0.98, 49),
        look('2027-02-01', 0.882),
        { ...look('2026-06-01', 0.1), itemId: 'y' },
      ],
      [wash('2026-01-20'), { ...wash('2026-03-03'), itemId: 'y' }],
      'x',
    );
    expect(record.fadePerYear).toBeCloseTo(0.1, 2);
    expect(record.cares).toEqual([{ at: '2026-01-20T08:00:00Z', aims: ['wash'], before: 0.9, after: 0.98, gaveBackMm: 4 }]);
    expect(record.recovery).toBeCloseTo(0.08, 9);
    // 0.882 → 0.85 at 10 % a year: ln(0.882/0.85) / −ln 0.9 = 0.351 years.
    expect(record.belowAt(0.85)?.slice(0, 7)).toBe('2027-06');
    expect(careText(record.cares[0]!)).toBe('Washing gave back 4.0 mm, 90 % to 98 % of new.');
    expect(fadeText(record, 0.85)).toContain('Between washes it loses 10 % a year.');
  });
  test('looks far from a care say nothing of it; too short a time nothing of a year', () => {
    const record = loftRecord(
      [look('2025-01-01', 0.9), look('2026-12-01', 0.9), look('2026-12-04', 0.8)],
      [wash('2026-01-20')],
      'x',
    );
    expect(record.cares[0]).toMatchObject({ before: null, after: null, gaveBackMm: null });
    expect(record.fadePerYear).toBeNull();
    expect(record.belowAt(0.5)).toBeNull();
    expect(careText(record.cares[0]!)).toContain('nobody looked');
  });
  test('a wash that took loft is called so', () => {
    const record = loftRecord([look('2026-01-01', 0.9), look('2026-02-01', 0.8)], [wash('2026-01-20')], 'x');
    expect(careText(record.cares[0]!)).toBe('Washing took 90 % to 80 % of new.');
  });
});

test('fill is summed over its places; without any it is 0', () => {
  const two = {
    components: [1, 2].map(() => ({ part: 'fill' as const, material: 'down' as const, attributes: { fillMassG: 60 } })),
  };
  expect(fillGrams(two)).toBe(120);
  expect(fillGrams({ components: down().components.filter((c) => c.part !== 'fill') })).toBe(0);
});

describe('the minutes of evening in a plan', () => {
  const map: FillMap = {
    baffles: ['a', 'b', 'c', 'd'].map((id) => ({ id, volumeCm3: 2000, newThicknessMm: 50 })),
    openings: [
      { from: 'a', to: 'b', state: 'open' },
      { from: 'b', to: 'c', state: 'open' },
      { from: 'c', to: 'd', state: 'open' },
    ],
  };
  const jacket = downBag({ fillMap: map, massG: 600 });
  const filled = {
    ...jacket,
    components: jacket.components.map((c) => (c.part === 'fill' ? { ...c, attributes: { fillMassG: 200 } } : c)),
  };
  const minutes = (thing: Item, mm?: readonly number[]): number | undefined =>
    step(
      programme(thing, {
        soil: 2,
        ...(mm ? { loft: mm.map((nowMm, n) => ({ baffle: 'abcd'[n] as string, nowMm, newMm: 50 })) } : {}),
      }),
      'even-fill',
    )?.attendedMin;
  test('are those of its own evening plan where its baffles were measured', () => {
    const readings = [20, 40, 45, 70];
    const evening = levellingOf(map, 200, new Map(readings.map((nowMm, n) => ['abcd'[n] as string, { nowMm, newMm: 50 }])));
    expect(evening!.moves.length).toBeGreaterThan(0);
    expect(minutes(filled, readings)).toBe(Math.max(10, Math.ceil(evening!.minutes)));
    expect(minutes(filled, readings)).toBeGreaterThan(minutes(filled, [50, 50, 50, 50])!);
  });
  test('else go by the number of baffles, else by what such a thing takes', () => {
    expect(minutes(filled)).toBe(12);
    expect(minutes(downBag())).toBe(60);
  });
});
