import fc from 'fast-check';
import Qty from 'js-quantities';
import { describe, expect, test } from 'vitest';
import { FIRST_DAY, LAST_DAY } from '../../src/core/units/day';
import {
  convert,
  fitsRange,
  quantityText,
  rangeText,
  readQuantity,
  shownUnit,
  toShown,
  type Measure,
  type Unit,
} from '../../src/core/units/quantity';
import { checkPart, type KitPart } from '../../src/core/formats';

/** What js-quantities, a library of the registry, calls each of our units. */
const OUTSIDE: Readonly<Record<Measure, Readonly<Partial<Record<Unit, string>>>>> = {
  mass: { g: 'g', kg: 'kg', oz: 'oz', lb: 'lb' },
  volume: { mL: 'ml', L: 'l', 'US fl oz': 'floz', 'US gal': 'gal' },
  temperature: { '°C': 'tempC', '°F': 'tempF', K: 'tempK' },
  length: { mm: 'mm', cm: 'cm', m: 'm', in: 'in', ft: 'ft' },
  distance: { km: 'km', mi: 'mi' },
  duration: { min: 'min', h: 'h', s: 's' },
};
const PAIRS = Object.values(OUTSIDE).flatMap((names) => {
  const units = Object.entries(names) as [Unit, string][];
  return units.flatMap(([from, a]) => units.map(([to, b]) => ({ from, to, a, b })));
});

describe('units', () => {
  test.each(PAIRS)('$from to $to as js-quantities has it', ({ from, to, a, b }) => {
    const outside = Qty(37.5, a).to(b).scalar;
    // Its factors have nine figures.
    expect(Math.abs(convert(37.5, from, to) / outside - 1)).toBeLessThan(1e-7);
  });
  test('one of another measure is refused', () => expect(() => convert(1, 'g', 'mL')).toThrow('g cannot be told in mL'));
  // NIST Handbook 44 (2024), appendix C: exact.
  test.each([
    ['4 oz', 'g', 113.398],
    ['1 lb', 'g', 453.592],
    ['1 gal', 'L', 3.78541],
    ['16 fl oz', 'mL', 473.176],
    ['12"', 'mm', 304.8],
    ['26.2 miles', 'km', 42.165],
  ] as const)('%s is in %s %d', (text, unit, wanted) => {
    expect(readQuantity(text, unit, unit)).toBeCloseTo(wanted, 2);
  });
  // SP 811, B.8: t/°C = (t/°F − 32)/1.8.
  test.each([
    ['86 F', 30],
    ['86°F', 30],
    ['32 f', 0],
    ['30', 30],
    ['30 °C', 30],
  ])('%s is %d °C', (text, wanted) => expect(readQuantity(text, '°C', '°C')).toBeCloseTo(wanted, 9));
});

describe('as people type', () => {
  test.each([
    ['1,5 kg', 1500],
    ['  1.5KG ', 1500],
    ['1 500', 1500],
    ['1 500 g', 1500],
    ['.5 kg.', 500],
    ['2 pounds', 907.18474],
  ])('“%s” is %d g', (text, wanted) => expect(readQuantity(text, 'g', 'g')).toBeCloseTo(wanted, 5));
  test.each(['', '   '])('“%s” is nothing', (text) => expect(readQuantity(text, 'g', 'g')).toBeUndefined());
  test.each(['kg', '4 F', '86 °C', '1,5,5', '1.2.3', '4 lemons', 'four oz', '1e3', '--3', '∞'])('“%s” is no weight', (text) =>
    expect(readQuantity(text, 'g', 'g')).toBeNaN(),
  );
  test('a figure alone is in the unit that is shown; m is metres, or minutes where minutes are asked', () => {
    expect(readQuantity('4', 'g', 'oz')).toBeCloseTo(113.398, 2);
    expect(readQuantity('2 m', 'mm', 'mm')).toBe(2000);
    expect(readQuantity('2 m', 'min', 'min')).toBe(2);
  });
  test('what is shown and read again is the value to four figures, in either system', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PAIRS.map(({ from }) => from)),
        fc.double({ min: 0.01, max: 50_000, noNaN: true }),
        fc.constantFrom('metric' as const, 'us' as const),
        (unit, value, system) => {
          const shown = shownUnit(unit, system);
          const text = String(toShown(value, unit, shown));
          if (/e/.test(text)) return;
          const read = readQuantity(text, unit, shown) ?? Number.NaN;
          // Four figures of what is shown; of a temperature, whose zero lies elsewhere, half a degree more.
          const slack = shown === unit ? 1e-9 : 0.001 * value + (shown === '°F' ? 0.5 : 0);
          expect(Math.abs(read - value)).toBeLessThanOrEqual(slack);
        },
      ),
    );
  });
  test('in metric nothing is changed by being shown', () => {
    expect(toShown(113.3980925, 'g', 'g')).toBe(113.3980925);
    expect(quantityText(113.3980925, 'g')).toBe('113.4 g');
  });
});

describe('ranges', () => {
  test.each([
    [{}, 0, false],
    [{}, 0.001, true],
    [{ min: 0 }, 0, true],
    [{ min: 0 }, -0.1, false],
    [{ min: -20, max: 45 }, -20, true],
    [{ max: 45 }, 45, true],
    [{ max: 45 }, 45.01, false],
    [{ whole: true }, 2.5, false],
    [{ whole: true }, 2, true],
    [{}, Number.NaN, false],
    [{}, Infinity, true],
    [{ max: 5 }, Infinity, false],
  ])('%o and %d: %s', (range, n, fits) => expect(fitsRange(n, range)).toBe(fits));
  test('are said as one would', () => {
    expect(rangeText({})).toBe('a number above 0');
    expect(rangeText({ max: 5 })).toBe('a number above 0, up to 5');
    expect(rangeText({ min: 0 })).toBe('a number of 0 or more');
    expect(rangeText({ min: 1, max: 9, whole: true })).toBe('a whole number from 1 to 9');
  });
  test('days of a field are days of the format, four figures of a year', () => {
    for (const day of [FIRST_DAY, LAST_DAY])
      expect(checkPart({ list: 'supplies', row: { id: 's', class: 'down-cleaner', expiresOn: day } })).toEqual([]);
  });
});

describe('one row, held to the rules of the whole document', () => {
  const parts: readonly [string, KitPart, readonly string[]][] = [
    [
      'a bottle',
      { list: 'supplies', row: { id: 's', class: 'down-cleaner', remainingMl: -1, expiresOn: '12029-05-01' } },
      ['remainingMl', 'expiresOn'],
    ],
    [
      'an event',
      { list: 'log', row: { id: 'e', type: 'event', at: '2027-01-03T08:00:00Z', name: 'x'.repeat(300), on: 'soon' } },
      ['name', 'on'],
    ],
    ['machines', { list: 'equipment', row: { racks: [{ id: 'r', kind: 'line', metres: 0 }] } }, ['racks[0].metres']],
    ['prices', { list: 'preferences', row: { currency: 'x'.repeat(40) } }, ['currency']],
  ];
  test.each(parts)('%s names its own fields', (_name, part, wanted) => {
    expect(checkPart(part).map((f) => f.path)).toEqual(expect.arrayContaining([...wanted]));
  });
  test('what is sound has no fault, and a thing that other lists would name is not asked for', () => {
    expect(checkPart({ list: 'log', row: { id: 'u', type: 'use', at: '2027-01-03T08:00:00Z', itemId: 'nobody' } })).toEqual([]);
    expect(checkPart({ list: 'supplies', row: { id: 's', class: 'down-cleaner', remainingMl: 10 } })).toEqual([]);
  });
});
