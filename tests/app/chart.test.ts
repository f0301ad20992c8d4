import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { roomForNames } from '../../src/ui/chart';

describe('names over the verticals of a chart', () => {
  const named = (...marks: [at: number, name: string][]): string[] =>
    [
      ...roomForNames(
        marks.map(([at, name]) => ({ at, name })),
        0,
        100,
      ),
    ].map(({ at }) => String(at));

  test('all are said where there is room; one that would run into the name before is not', () => {
    expect(named([10, 'wash'], [40, 'wash'], [90, 'renew the finish'])).toEqual(['10', '40', '90']);
    expect(named([10, 'wash'], [12, 'wash'], [40, 'wash'])).toEqual(['10', '40']);
    // Four letters stand beside four where a long name would not.
    expect(named([50, 'wash'], [65, 'wash'])).toEqual(['50', '65']);
    expect(named([50, 'wash'], [65, 'renew the finish'])).toEqual(['50']);
    expect(named()).toEqual([]);
  });
  test('the first always has its name, and whatever comes, no two names of a phone’s chart touch', () => {
    const mark = fc.record({ at: fc.integer({ min: 0, max: 1000 }), name: fc.constantFrom('wash', 'air', 'warm the finish') });
    fc.assert(
      fc.property(fc.array(mark, { minLength: 1, maxLength: 60 }), (marks) => {
        marks.sort((a, b) => a.at - b.at);
        const kept = [...roomForNames(marks, 0, 1000)];
        expect(kept[0]).toBe(marks[0]);
        // Six px a letter at a size of 12 px, over 250 px (common practice, no source).
        const ends = kept.map(({ at, name }) => ({ from: at / 4 - 3 * name.length, to: at / 4 + 3 * name.length }));
        ends.slice(1).forEach(({ from }, n) => expect(from).toBeGreaterThan(ends[n]!.to));
      }),
    );
  });
});
