import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { FillMap } from '../../src/core/gear';
import { afterMoves, evenness, evenPlan, movesOf, panelOf, spreadOf, type EvenNode } from '../../src/core/loft';
import { anchorsOf, fillByLight, homographyOf, LIGHT_MODELS, reduce, seenAt } from '../../src/core/loft/light';

const some = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });
const STATES = ['open', 'open', 'open', 'tied', 'sewn'] as const;
/** Any graph of baffles: chains, grids, rings, islands. */
const graph = fc.integer({ min: 1, max: 24 }).chain((count) =>
  fc.record({
    nodes: fc
      .array(fc.record({ grams: some(0, 30), target: some(0.5, 20) }), { minLength: count, maxLength: count })
      .map((list) => list.map((x, n): EvenNode => ({ baffle: `b${n}`, ...x }))),
    openings: fc
      .array(fc.tuple(fc.nat(count - 1), fc.nat(count - 1), fc.constantFrom(...STATES)), { maxLength: 40 })
      .map((list) => list.filter(([a, b]) => a !== b).map(([a, b, state]) => ({ from: `b${a}`, to: `b${b}`, state }))),
  }),
);
const sum = (list: readonly { grams: number }[]): number => list.reduce((all, x) => all + x.grams, 0);

describe('evening', () => {
  test('fill is neither made nor lost, and no baffle ends below nothing', () => {
    fc.assert(
      fc.property(graph, ({ nodes, openings }) => {
        const { after } = evenPlan(nodes, openings);
        expect([...after.values()].reduce((all, g) => all + g, 0)).toBeCloseTo(sum(nodes), 6);
        for (const grams of after.values()) expect(grams).toBeGreaterThan(-1e-6);
      }),
      { numRuns: 300 },
    );
  });
  test('joined baffles end at the same fullness, within a milligram or few', () => {
    fc.assert(
      fc.property(graph, ({ nodes, openings }) => {
        const { after } = evenPlan(nodes, openings);
        for (const { from, to, state } of openings) {
          if (state !== 'open') continue;
          const full = (id: string): number => (after.get(id) ?? 0) / (nodes.find((x) => x.baffle === id)?.target ?? 1);
          expect(Math.abs(full(from) - full(to))).toBeLessThan(0.03 * nodes.length);
        }
      }),
      { numRuns: 300 },
    );
  });
  test('only open openings are used, each one way', () => {
    fc.assert(
      fc.property(graph, ({ nodes, openings }) => {
        const used = new Set<string>();
        for (const { from, to, grams } of evenPlan(nodes, openings).flows) {
          expect(grams).toBeGreaterThan(0);
          const key = [from, to].sort().join(' ');
          expect(used.has(key)).toBe(false);
          used.add(key);
          expect(openings.some((o) => o.state === 'open' && [o.from, o.to].sort().join(' ') === key)).toBe(true);
        }
      }),
      { numRuns: 300 },
    );
  });
  test('what is already even needs no move; evening twice needs none', () => {
    fc.assert(
      fc.property(graph, ({ nodes, openings }) => {
        const even = nodes.map((x) => ({ ...x, grams: x.target }));
        expect(evenPlan(even, openings).gramHops).toBeLessThan(0.001 * nodes.length ** 2);
        const { after } = evenPlan(nodes, openings);
        const again = nodes.map((x) => ({ ...x, grams: Math.max(0, after.get(x.baffle) ?? 0) }));
        expect(evenPlan(again, openings).gramHops).toBeLessThan(0.001 * nodes.length ** 2);
      }),
      { numRuns: 200 },
    );
  });
  test('moves for fingers: whole pinches, in an order in which no baffle runs empty, and warmer at the end', () => {
    fc.assert(
      fc.property(graph, ({ nodes, openings }) => {
        const { flows } = evenPlan(nodes, openings);
        const { moves, minutes } = movesOf(nodes, flows);
        const held = new Map(nodes.map((x) => [x.baffle, x.grams]));
        for (const { from, to, pinches, grams } of moves) {
          expect(Number.isInteger(pinches) && pinches > 0).toBe(true);
          held.set(from, (held.get(from) ?? 0) - grams);
          held.set(to, (held.get(to) ?? 0) + grams);
          expect(held.get(from)).toBeGreaterThan(-1e-9);
        }
        expect(sum(afterMoves(nodes, moves))).toBeCloseTo(sum(nodes), 6);
        expect(minutes).toBeGreaterThanOrEqual(moves.length);
      }),
      { numRuns: 300 },
    );
  });
});

describe('a spread from a ruler', () => {
  const map = fc.array(fc.record({ volumeCm3: some(100, 5000), newThicknessMm: some(10, 90), nowMm: some(1, 90) }), {
    minLength: 1,
    maxLength: 30,
  });
  const made = (list: { volumeCm3: number; newThicknessMm: number; nowMm: number }[], every = 1) => {
    const baffles = list.map((b, n) => ({ id: `b${n}`, volumeCm3: b.volumeCm3, newThicknessMm: b.newThicknessMm }));
    const readings = new Map(list.flatMap((b, n) => (n % every === 0 ? [[`b${n}`, { nowMm: b.nowMm }] as const] : [])));
    return { fill: { baffles } as FillMap, readings };
  };
  test('shares out exactly the fill there is, never below nothing, surest where measured', () => {
    fc.assert(
      fc.property(map, some(20, 2000), fc.integer({ min: 1, max: 4 }), (list, fillG, every) => {
        const { fill, readings } = made(list, every);
        const spread = spreadOf(fill, fillG, readings)!;
        expect(sum(spread)).toBeCloseTo(fillG, 6);
        expect(spread.reduce((all, s) => all + s.target, 0)).toBeCloseTo(fillG, 6);
        for (const s of spread) expect(s.grams >= 0 && s.sd >= 0).toBe(true);
        expect(evenness(spread)).toBeLessThanOrEqual(1 + 1e-9);
      }),
    );
  });
  test('a thicker reading never means less fill there', () => {
    fc.assert(
      fc.property(map, some(1, 30), (list, more) => {
        const { fill, readings } = made(list);
        const before = spreadOf(fill, 400, readings)!;
        const after = spreadOf(fill, 400, new Map(readings).set('b0', { nowMm: list[0]!.nowMm + more }))!;
        expect(after[0]!.grams).toBeGreaterThanOrEqual(before[0]!.grams - 1e-9);
      }),
    );
  });
});

describe('by light', () => {
  const map = panelOf({
    name: 's',
    style: 'box',
    xMm: 0,
    yMm: 0,
    widthMm: 300,
    heightMm: 200,
    rows: 2,
    columns: 3,
    thicknessMm: 40,
  });
  const corners = [
    [0.2, 0.2],
    [0.8, 0.22],
    [0.78, 0.8],
    [0.18, 0.78],
  ] as const;
  test('whatever the picture shows: the grams are the fill, none below nothing, and a darker baffle never holds less', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 20, max: 150 }), { minLength: 6, maxLength: 6 }),
        fc.constantFrom(...LIGHT_MODELS),
        some(20, 900),
        (codes, model, fillG) => {
          const [width, height] = [90, 80];
          const back = homographyOf(
            corners.map(([x, y]) => [x * width, y * height]),
            anchorsOf(map),
          )!;
          const rgba = new Uint8ClampedArray(width * height * 4).fill(220);
          for (let n = 0; n < width * height; n++) {
            const [x, y] = seenAt(back, [(n % width) + 0.5, Math.floor(n / width) + 0.5]);
            if (x < 0 || y < 0 || x >= 300 || y >= 200) continue;
            rgba.fill(codes[Math.floor(y / 100) * 3 + Math.floor(x / 100)] ?? 0, n * 4, n * 4 + 3);
          }
          const result = fillByLight(reduce(rgba, width, height), null, map, fillG, { corners, cloth: [[0.05, 0.05]], model });
          if (result.status !== 'measured') throw new Error(result.status);
          expect(sum(result.spread)).toBeCloseTo(fillG, 4);
          result.spread.forEach((a, n) => {
            expect(a.grams).toBeGreaterThanOrEqual(0);
            expect(a.sd).toBeGreaterThanOrEqual(0);
            result.spread.forEach((b, m) => {
              if ((codes[n] ?? 0) < (codes[m] ?? 0) - 12) expect(a.grams).toBeGreaterThan(b.grams);
            });
          });
        },
      ),
      { numRuns: 40 },
    );
  });
});
