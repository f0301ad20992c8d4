import highs from 'highs';
import { describe, expect, test } from 'vitest';
import type { FillMap } from '../../src/core/gear';
import {
  comfortNow,
  evenPlan,
  loftVolumeCm3,
  overfill,
  powerCm3PerG,
  powerOn,
  warmthClo,
  type EvenNode,
} from '../../src/core/loft';
import { seededRandom } from '../../src/core/units/seeded';

describe('fill arithmetic', () => {
  test.each([
    {
      source: 'definitions: 1 in = 2.54 cm, 1 oz = 28.349523125 g (NIST Handbook 44)',
      power: 1,
      basis: 'in3-per-oz',
      cm3: 0.578,
    },
    { source: '800 × 16.387064 ÷ 28.349523125', power: 800, basis: 'in3-per-oz', cm3: 462.43 },
    { source: '800 × 16.387064 ÷ 30', power: 800, basis: 'in3-per-30g', cm3: 436.99 },
    { source: 'as it is', power: 462, basis: 'cm3-per-g', cm3: 462 },
  ] as const)('$power $basis: $source', ({ power, basis, cm3 }) =>
    expect(powerCm3PerG(power, basis)).toBeCloseTo(cm3, cm3 < 1 ? 4 : 2),
  );
  test('800 by the ounce is 846.6 by 30 g (30 ÷ 28.3495)', () =>
    expect(powerOn(800, 'in3-per-oz', 'in3-per-30g')).toBeCloseTo(846.58, 1));
  test('volume and overfill: 420 g of 750 in 120 L sewn', () => {
    expect(loftVolumeCm3(420, 750, 'in3-per-oz')).toBeCloseTo(420 * 750 * 0.578038, 0);
    expect(overfill(420, 750, 'in3-per-oz', 120_000)).toBeCloseTo(1.517, 3);
  });
  test('insulation: 50 mm at 0.0375 W/(m·K) is 1.333 m²K/W, 8.6 clo (1 clo = 0.155 m²K/W, ISO 9920)', () => {
    expect(warmthClo(50).middle).toBeCloseTo(8.6, 1);
    expect(warmthClo(50).low).toBeLessThan(warmthClo(50).middle);
    expect(warmthClo(50).high).toBeCloseTo(0.05 / 0.035 / 0.155, 6);
  });
  test('a comfort rating of −5 °C at 0.8 of its loft: 33 − 38 × 0.8 = 2.6 °C (skin temperature from memory)', () => {
    expect(comfortNow(-5, 0.8).middle).toBeCloseTo(2.6, 9);
    expect(comfortNow(-5, 0.8).low).toBeCloseTo(2.2, 9);
    expect(comfortNow(-5, 0.8).high).toBeCloseTo(3, 9);
    expect(comfortNow(-5, 1)).toEqual({ low: -5, middle: -5, high: -5 });
  });
});

/** A random layout: a grid with some openings shut, some baffles fuller. */
function layout(seed: number, most: number): { nodes: EvenNode[]; openings: NonNullable<FillMap['openings']> } {
  const next = seededRandom(seed);
  const wide = 1 + Math.floor(next() * 6);
  const long = 2 + Math.floor(next() * (most / wide - 1));
  const nodes = Array.from({ length: wide * long }, (_, n) => ({
    baffle: `b${n}`,
    grams: Math.round(next() * 20_000) / 1000,
    target: Math.round((2 + next() * 12) * 1000) / 1000,
  }));
  const openings: { from: string; to: string; state: 'open' | 'tied' | 'sewn' }[] = [];
  const shut = next() * 0.5;
  const join = (a: number, b: number): void => {
    const luck = next();
    openings.push({ from: `b${a}`, to: `b${b}`, state: luck < shut / 2 ? 'sewn' : luck < shut ? 'tied' : 'open' });
  };
  for (let row = 0; row < long; row++)
    for (let column = 0; column < wide; column++) {
      const n = row * wide + column;
      if (column + 1 < wide) join(n, n + 1);
      if (row + 1 < long) join(n, n + wide);
    }
  return { nodes, openings };
}

/** The same problem as a linear programme, for a solver that knows nothing of ours; targets by joined group, as they are defined. */
function asProgramme({ nodes, openings }: ReturnType<typeof layout>): string {
  const open = openings.filter((o) => o.state === 'open');
  const group = new Map(nodes.map((x) => [x.baffle, x.baffle]));
  for (let again = true; again;) {
    again = false;
    for (const { from, to } of open) {
      const [a, b] = [group.get(from)!, group.get(to)!];
      if (a !== b) {
        const low = a < b ? a : b;
        group.set(from, low);
        group.set(to, low);
        again = true;
      }
    }
  }
  const sums = new Map<string, { grams: number; target: number }>();
  for (const x of nodes) {
    const sum = sums.get(group.get(x.baffle)!) ?? { grams: 0, target: 0 };
    sums.set(group.get(x.baffle)!, { grams: sum.grams + x.grams, target: sum.target + x.target });
  }
  const rows = nodes.map((x) => {
    const sum = sums.get(group.get(x.baffle)!)!;
    const surplus = x.grams - (x.target * sum.grams) / sum.target;
    const out = open.flatMap((o, k) =>
      o.from === x.baffle ? [`+ f${k} - r${k}`] : o.to === x.baffle ? [`- f${k} + r${k}`] : [],
    );
    return out.length > 0 ? ` c_${x.baffle}: ${out.join(' ')} = ${surplus.toFixed(9)}` : '';
  });
  const cost = open.map((_, k) => `f${k} + r${k}`).join(' + ');
  // Each group's last row follows from its others; leaving it out keeps rounding from making the programme infeasible.
  const last = new Map(nodes.filter((x) => rows[nodes.indexOf(x)] !== '').map((x) => [group.get(x.baffle)!, x.baffle]));
  const kept = rows.filter((row, n) => row !== '' && last.get(group.get(nodes[n]!.baffle)!) !== nodes[n]!.baffle);
  return `Minimize\n obj: ${cost || '0 z'}\nSubject To\n${kept.join('\n') || ' c: z = 0'}\nEnd`;
}

describe('evening is least work', () => {
  const RUNS = 520;
  test(`agrees with HiGHS, a linear solver from the registry, on ${RUNS} random layouts with shut openings`, async () => {
    const solver = await highs();
    let moved = 0;
    for (let seed = 0; seed < RUNS; seed++) {
      const asked = layout(seed, 36);
      const ours = evenPlan(asked.nodes, asked.openings);
      const theirs = solver.solve(asProgramme(asked));
      expect(theirs.Status).toBe('Optimal');
      // Ours moves whole milligrams: half of one for each baffle, through as many openings at most.
      const rounding = 0.0005 * asked.nodes.length ** 2 * 0.5 + 1e-6;
      expect(Math.abs(ours.gramHops - theirs.ObjectiveValue)).toBeLessThan(Math.min(rounding, 0.002 * ours.gramHops + 0.02));
      if (ours.gramHops > 0) moved++;
    }
    expect(moved).toBeGreaterThan(RUNS * 0.9);
  });
});
