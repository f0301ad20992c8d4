import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { loftOf } from '../../src/core/loft';

describe('loft by the ruler', () => {
  test.each([
    // From the definition: thickness now over thickness when new, thick baffles counting for more.
    { readings: [{ baffle: '1', nowMm: 40, newMm: 50 }], ratio: 0.8 },
    {
      readings: [
        { baffle: '1', nowMm: 30, newMm: 30 },
        { baffle: '2', nowMm: 30, newMm: 60 },
      ],
      ratio: 0.67,
    },
    { readings: [{ baffle: '1', nowMm: 30 }], ratio: null },
    { readings: [], ratio: null },
  ])('$ratio', ({ readings, ratio }) => expect(loftOf(readings).ratio).toBe(ratio));
  test('names the thin places', () => {
    const readings = [
      { baffle: 'collar', nowMm: 20, newMm: 40 },
      { baffle: 'back', nowMm: 50, newMm: 50 },
    ];
    expect(loftOf(readings)).toMatchObject({ thin: ['collar'], measured: 2 });
  });
  test('is between the lowest and the highest baffle, and leaves out what is no thickness', () => {
    const reading = fc.record({
      baffle: fc.string(),
      nowMm: fc.double({ min: 1, max: 200, noNaN: true }),
      newMm: fc.double({ min: 1, max: 200, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(reading, { minLength: 1, maxLength: 20 }), (readings) => {
        const { ratio, measured } = loftOf([
          ...readings,
          { baffle: 'x', nowMm: Number.NaN, newMm: 5 },
          { baffle: 'y', nowMm: -3, newMm: 5 },
        ]);
        const each = readings.map((r) => r.nowMm / r.newMm);
        expect(measured).toBe(readings.length);
        expect(ratio).toBeGreaterThanOrEqual(Math.min(...each) - 0.01);
        expect(ratio).toBeLessThanOrEqual(Math.max(...each) + 0.01);
      }),
    );
  });
});
