import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { forToday } from '../../src/core/due/rank';
import { RHYTHM_FIGURES } from '../../src/core/knowledge';

/* What a day has hands for. */
const DAY = RHYTHM_FIGURES.handsADayMin.value;
const own = (minutes: number): number => minutes;
describe('what to do today', () => {
  test('the first always, then whatever still fits, in order', () => {
    expect(forToday([DAY + 60, 10, 20], own)).toEqual([DAY + 60]);
    expect(forToday([DAY - 30, 40, 20, 5], own)).toEqual([DAY - 30, 20, 5]);
    expect(forToday([], own)).toEqual([]);
  });
  test('never more than the day has but for one that is longer by itself; nothing that fits is left out', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 40 }), (rows) => {
        const keyed = rows.map((minutes, n) => ({ minutes, n }));
        const chosen = forToday(keyed, (r) => r.minutes);
        const sum = chosen.reduce((all, r) => all + r.minutes, 0);
        expect(chosen[0]).toBe(keyed[0]);
        expect(chosen.length === 1 || sum <= DAY).toBe(true);
        expect(chosen).toEqual(keyed.filter((r) => chosen.includes(r)));
        for (const r of keyed) if (!chosen.includes(r)) expect(sum + r.minutes).toBeGreaterThan(DAY);
      }),
    );
  });
});
