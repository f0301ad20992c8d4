import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { rangeOf } from '../../src/core/units/weighted';

/** By the definition: everything as often as it weighs, in order, and the one at that share of the way. */
function counted(list: readonly { one: number; weight: number }[], share: number): number {
  const all = list.flatMap(({ one, weight }) => Array.from({ length: weight }, () => one)).sort((a, b) => a - b);
  return all[Math.max(0, Math.ceil(share * all.length - 1e-9) - 1)] ?? 0;
}

describe('where nine in ten of a list lie', () => {
  test('is what counting gives, whatever lies at the same place, far out or without an end', () => {
    const value = fc.oneof(
      fc.double({ noNaN: true, min: -1e9, max: 1e9 }),
      fc.integer({ min: 0, max: 4 }),
      fc.constantFrom(-Infinity, Infinity, 0, -0, 1e308, -1e308),
    );
    const list = fc.array(fc.record({ one: value, weight: fc.integer({ min: 1, max: 20 }) }), { maxLength: 60 });
    fc.assert(
      fc.property(list, (all) => {
        const { low, value, high } = rangeOf(all, (one) => one);
        const near = (a: number, b: number): boolean => Object.is(a + 0, b + 0);
        return near(low, counted(all, 0.05)) && near(value, counted(all, 0.5)) && near(high, counted(all, 0.95));
      }),
      { numRuns: 500 },
    );
  });
  test('a heap of equal ones, of unequal weight, and nothing', () => {
    const all = Array.from({ length: 100 }, (_, n) => ({ one: n + 1, weight: 0.1 }));
    expect(rangeOf(all, (one) => one)).toEqual({ low: 5, value: 50, high: 95 });
    expect(
      rangeOf(
        [
          { one: 7, weight: 0.9 },
          { one: 3, weight: 0.06 },
          { one: 9, weight: 0.04 },
        ],
        (one) => one,
      ),
    ).toEqual({ low: 3, value: 7, high: 7 });
    expect(rangeOf([], () => 1)).toEqual({ value: 0, low: 0, high: 0 });
  });
});
