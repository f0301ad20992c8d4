import { describe, expect, test } from 'vitest';
import { THRESHOLDS } from '../../src/core/knowledge';
import { fillBench, fillFrom } from '../../src/core/bench';
import { readKit } from '../../src/core/formats';
import type { FillMap } from '../../src/core/gear';
import {
  areaMm2,
  evenPlan,
  levellingOf,
  layoutOf,
  loftVerdict,
  movesOf,
  panelOf,
  spreadOf,
  START_LAYOUTS,
  volumeOf,
  type Panel,
  type StartLayout,
} from '../../src/core/loft';
import { plan } from '../../src/core/programme';
import { apartText, levellingText, moveText } from '../../src/core/telling/loft';
import { makeDemoKit } from '../../demo/kit';
import { down, KIT } from '../make';

const panel = (rest: Partial<Panel>): Panel => ({
  name: 'p',
  style: 'horizontal',
  xMm: 0,
  yMm: 0,
  widthMm: 600,
  heightMm: 300,
  rows: 3,
  columns: 1,
  thicknessMm: 50,
  ...rest,
});
const area = (map: FillMap): number => map.baffles.reduce((sum, b) => sum + areaMm2(b.polygonMm ?? []), 0);

describe('layouts', () => {
  test.each<[string, Partial<Panel>, number, number]>([
    ['three strips across, joined in a chain', {}, 3, 2],
    ['three strips down', { style: 'vertical' }, 3, 2],
    ['two rows of three boxes, joined like a grid', { style: 'box', rows: 2, columns: 3 }, 6, 7],
    ['three chevrons', { style: 'chevron' }, 3, 2],
    ['one', { rows: 1 }, 1, 0],
  ])('%s', (_, rest, baffles, openings) => {
    const made = panelOf(panel(rest));
    expect([made.baffles.length, made.openings.length]).toEqual([baffles, openings]);
    expect(area(made)).toBeCloseTo(600 * 300, -2);
    expect(new Set(made.baffles.map((b) => b.id)).size).toBe(baffles);
    for (const o of made.openings) expect(o).toMatchObject({ state: 'open', widthMm: 25 });
  });
  test('nonsense is refused', () => {
    expect(() => panelOf(panel({ widthMm: 0 }))).toThrow('size above 0');
    expect(() => panelOf(panel({ rows: 1.5 }))).toThrow('whole row');
    expect(() => panelOf(panel({ rows: 0 }))).toThrow('whole row');
  });
  test.each(Object.keys(START_LAYOUTS) as StartLayout[])('%s: its panels are not joined, and a kit file takes it', (kind) => {
    const map = layoutOf(START_LAYOUTS[kind]);
    const panelNames = START_LAYOUTS[kind].map((p) => p.name);
    const of = (id: string): string | undefined => panelNames.find((n) => id.startsWith(`${n} `));
    for (const o of map.openings) expect(of(o.from)).toBe(of(o.to));
    const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
    const items = kit.items.map((i) => (i.id === 'itm-parka' ? { ...i, fillMap: map } : i));
    expect(readKit(JSON.stringify({ ...kit, items })).status).toBe('read');
  });
});

const three: FillMap = {
  baffles: ['a', 'b', 'c'].map((id) => ({ id, volumeCm3: 1000, newThicknessMm: 50 })),
  openings: [
    { from: 'a', to: 'b' },
    { from: 'b', to: 'c' },
  ],
};
const mm = (...list: number[]): Map<string, { nowMm: number }> => new Map(list.map((nowMm, n) => ['abc'.charAt(n), { nowMm }]));

describe('from a ruler', () => {
  test('volume: as recorded, else drawn area × thickness, else unknown', () => {
    expect(volumeOf({ id: 'a', volumeCm3: 900, polygonMm: [], newThicknessMm: 9 })).toBe(900);
    expect(
      volumeOf({
        id: 'a',
        polygonMm: [
          [0, 0],
          [100, 0],
          [100, 50],
          [0, 50],
        ],
        newThicknessMm: 40,
      }),
    ).toBe(200);
    expect(volumeOf({ id: 'a', newThicknessMm: 40 })).toBeNull();
  });
  test('60 g over 75, 50 and 25 mm: 30, 20 and 10 g (by hand)', () => {
    expect(spreadOf(three, 60, mm(75, 50, 25))!.map((s) => Math.round(s.grams * 1000) / 1000)).toEqual([30, 20, 10]);
    expect(spreadOf(three, 60, mm(75, 50, 25))!.map((s) => s.target)).toEqual([20, 20, 20]);
  });
  test('one that was not measured is like the mean of the others, and less sure', () => {
    const spread = spreadOf(
      three,
      60,
      new Map([
        ['a', { nowMm: 40 }],
        ['c', { nowMm: 60 }],
      ]),
    )!;
    expect(spread.map((s) => s.ratio)).toEqual([0.8, null, 1.2]);
    expect(spread[1]!.grams).toBeCloseTo(20, 9);
    expect(spread[1]!.sd).toBeGreaterThan(2 * spread[0]!.sd);
  });
  test('a reading carries its own thickness when new; nothing measured, no volume: nothing is told', () => {
    expect(
      spreadOf(
        three,
        60,
        new Map([
          ['a', { nowMm: 40, newMm: 40 }],
          ['b', { nowMm: 50 }],
          ['c', { nowMm: 50 }],
        ]),
      )![0]!.grams,
    ).toBeCloseTo(20, 9);
    expect(spreadOf(three, 60, new Map())).toBeNull();
    expect(spreadOf({ baffles: [{ id: 'a' }] }, 60, mm(5))).toBeNull();
    expect(spreadOf({ baffles: [] }, 60, mm(5))).toBeNull();
    expect(() => spreadOf(three, 0, mm(5))).toThrow('more than 0 g');
  });
});

describe('evening', () => {
  test('10 g from a through b to c: 20 gram·hops, in that order (by hand)', () => {
    const even = levellingOf(three, 60, mm(75, 50, 25))!;
    expect(even.plan.flows.map((f) => [f.from, f.to, f.grams])).toEqual([
      ['a', 'b', 10],
      ['b', 'c', 10],
    ]);
    expect(even.plan.gramHops).toBeCloseTo(20, 6);
    expect(even.moves.map((m) => `${m.from}${m.to}${m.pinches}`)).toEqual(['ab10', 'bc10']);
    expect(even.after.map((x) => x.grams)).toEqual([20, 20, 20]);
    expect(even.warmthAfter).toBeCloseTo(1, 9);
    // 3 baffles of 1.5, 1 and 0.5 of even: 3 ÷ (1/1.5 + 1 + 2) = 0.818 of the warmth.
    expect(even.warmthNow).toBeCloseTo(0.818, 3);
    expect(levellingText(even)).toBe('20 pinches in 2 moves: about 13 min of handwork, and it is 22 % warmer.');
  });
  test('through an empty baffle: it is filled before it gives', () => {
    const nodes = [
      { baffle: 'a', grams: 40, target: 20 },
      { baffle: 'b', grams: 0, target: 10 },
      { baffle: 'c', grams: 0, target: 10 },
    ];
    const { moves } = movesOf(nodes, evenPlan(nodes, three.openings!).flows);
    expect(moves.map((m) => [m.from, m.to, m.pinches])).toEqual([
      ['a', 'b', 20],
      ['b', 'c', 10],
    ]);
  });
  test('a shut opening keeps its side as it is, and says so', () => {
    const shut = {
      ...three,
      openings: [
        { from: 'a', to: 'b', state: 'sewn' as const },
        { from: 'b', to: 'c' },
      ],
    };
    const { plan: made } = levellingOf(shut, 60, mm(75, 50, 25))!;
    expect(made.flows.map((f) => [f.from, f.to, f.grams])).toEqual([['b', 'c', 5]]);
    expect(made.apart.map((g) => [g.baffles, Math.round(g.off * 100)])).toEqual([
      [['a'], 50],
      [['b', 'c'], -25],
    ]);
    expect(apartText(made.apart[0]!)).toMatch(/^a: 50 % more down than the rest, and no open way/);
    expect(apartText({ baffles: ['a', 'b', 'c', 'd', 'e'], off: -0.25 })).toMatch(/^a, b, c and 2 more: 25 % less/);
  });
  test('even, or nearly: leave it', () => {
    expect(levellingText(levellingOf(three, 60, mm(50, 50, 50))!)).toContain('lies evenly');
    expect(levellingText(levellingOf(three, 60, mm(52, 50, 48))!)).toContain('Leave it');
    expect(moveText({ from: 'a', to: 'b', pinches: 1, grams: 1 })).toBe('One pinch from a into b');
  });
  test('nonsense is refused', () => {
    expect(() => evenPlan([{ baffle: 'a', grams: -1, target: 1 }], [])).toThrow('0 or more');
    expect(() => evenPlan([{ baffle: 'a', grams: Number.NaN, target: 1 }], [])).toThrow('0 or more');
    expect(() => evenPlan([{ baffle: 'a', grams: 1, target: 1 }], [{ from: 'a', to: 'z' }])).toThrow('no baffle z');
  });
  test('openings that name what is not there, or lead back, are passed over on the page', () =>
    expect(
      levellingOf(
        {
          ...three,
          openings: [
            { from: 'a', to: 'z' },
            { from: 'a', to: 'a' },
          ],
        },
        60,
        mm(75, 50, 25),
      )!.moves,
    ).toEqual([]));
});

describe('the bench of loft and fill', () => {
  const ask = (fields: Record<string, string>): ReturnType<typeof fillBench> =>
    fillBench((name) => fields[name] ?? null, THRESHOLDS);
  test('420 g of 750 by the ounce, 120 L sewn, 40 of 50 mm, rated −5 °C (by hand)', () => {
    const { answer } = ask({ fill: '420', power: '750', sewn: '120', now: '40', whenNew: '50', rated: '-5' });
    expect(answer?.litres).toBeCloseTo(182.08, 1);
    expect(answer?.overfill).toBeCloseTo(1.517, 3);
    expect(answer?.comfort?.middle).toBeCloseTo(2.6, 9);
    expect(answer?.verdict).toBe('wash');
    expect(answer?.waterG).toBe(1680);
    expect(answer?.powers['in3-per-30g']).toBeCloseTo(793.7, 1);
  });
  test.each([
    [0.5, 'mend'],
    [0.6, 'wash'],
    [0.84, 'wash'],
    [0.85, 'fluff'],
    [0.94, 'fluff'],
    [0.95, 'fluff'],
    [0.96, 'leave'],
  ] as const)('%d: %s', (ratio, verdict) => expect(loftVerdict(ratio, THRESHOLDS)).toBe(verdict));
  test('the owner’s own lines move it', () => {
    const get = (name: string): string | null => ({ now: '45', whenNew: '50' })[name] ?? null;
    expect(fillBench(get, THRESHOLDS).answer?.verdict).toBe('fluff');
    expect(fillBench(get, { loftWash: 0.92, loftFluff: 0.97 }).answer?.verdict).toBe('wash');
    expect(fillBench(get, { loftWash: 0.7, loftFluff: 0.8 }).answer?.verdict).toBe('leave');
  });
  test('a fault stands by its field and there is no answer', () => {
    for (const bad of [{ fill: '0' }, { whenNew: '0' }, { power: 'much' }, { now: '-3' }, { rated: '99' }]) {
      const { read, answer } = ask(bad);
      expect(answer).toBeNull();
      expect(Object.keys(read.faults)).toEqual(Object.keys(bad));
    }
  });
  test('a thing brings its fill, its power and its readings; else its ratio', () => {
    const thing = down({
      components: [{ part: 'fill', material: 'down', attributes: { fillMassG: 120, fillPowerCuInPerOz: 800 } }],
    });
    const look = { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z' };
    const from = (rest: object): object => fillFrom(plan({ item: thing, inspection: { ...look, ...rest }, kit: KIT }));
    expect(
      from({
        loft: [
          { baffle: 'a', nowMm: 40, newMm: 50 },
          { baffle: 'b', nowMm: 30, newMm: 40 },
        ],
      }),
    ).toEqual({
      fill: '120',
      power: '800',
      basis: 'in3-per-oz',
      now: '35',
      whenNew: '45',
    });
    expect(from({ loftRatio: 0.8 })).toMatchObject({ now: '40', whenNew: '50' });
    expect(from({})).not.toHaveProperty('now');
  });
});
