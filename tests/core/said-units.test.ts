import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { handbook } from '../../src/core/handbook';
import { planItem } from '../../src/core/programme';
import { handOver } from '../../src/core/telling/hand-over';
import { allInUnits, keepTogether, inUnits } from '../../src/core/units/said';

/* Whoever reads °F and ounces reads them in every sentence; the file stays metric. */
const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const us = (text: string): string => inUnits(text, 'us');
/** A metric figure that a sentence still has: not in a name in quotes, nor in a compound unit. */
const METRIC = /\d[\u00a0 ](?:°C|mL|L|kg|g|mm|cm|km|m)(?![\w/²³·’-])/;
const open = (text: string): string => text.replace(/“[^”]*”/g, '');

describe('a sentence in the units of its reader', () => {
  // 1 US fl oz = 29.573 53 mL, 1 oz = 28.349 52 g, 1 in = 25.4 mm, 1 US gal = 3.785 412 L, 1 US tsp = 4.928 922 mL: NIST Handbook 44, appendix C.
  test.each([
    ['at 30 °C with 100 mL', 'at 86 °F with 3.4 US fl oz'],
    ['back within 11 g of its dry weight (454 g)', 'back within 0.39 oz of its dry weight (16 oz)'],
    ['a guess between 20 and 50 mL', 'a guess between 0.68 and 1.7 US fl oz'],
    ['5–8 cm clear', '2–3.1 in clear'],
    ['refill with 10 L of water', 'refill with 2.64 US gal of water'],
    ['with 5 mL of soap', 'with 1 US tsp of soap'],
    ['rated −5 °C, −30 °C at most', 'rated 23 °F, −22 °F at most'],
    ['between -5 and 5 °C', 'between 23 and 41 °F'],
    ['2.5 kg dry', '5.51 lb dry'],
  ])('“%s”', (metric, said) => expect(us(metric)).toBe(said));
  test('what is no quantity of daily life, no unit, or a name off a dial stays', () => {
    for (const text of [
      'on “Wool 30 °C”, spin 600 rpm',
      '600 mg/L of hardness',
      '40 g/m² cloth',
      'about 20 min, then 2 h 15',
      'a 10-denier shell of 850 fill power',
      'step 5 of 9',
      '4.186 kJ/(kg·K)',
    ])
      expect(us(text)).toBe(text);
  });
  test('metric readers get the very same', () => {
    fc.assert(fc.property(fc.string(), (text) => inUnits(text, 'metric') === text));
    const programme = planItem(kit, kit.items[0]!);
    expect(allInUnits(programme, 'metric')).toBe(programme);
  });
  test('said twice is said once', () => {
    for (const item of kit.items) {
      const once = allInUnits(planItem(kit, item), 'us');
      expect(allInUnits(once, 'us')).toEqual(once);
    }
  });
});

describe('no metric figure is left for a reader of °F', () => {
  const textsIn = (value: unknown): string[] =>
    typeof value === 'string'
      ? [value]
      : value !== null && typeof value === 'object'
        ? Object.values(value).flatMap(textsIn)
        : [];
  test('in any programme, on paper or on the page', () => {
    const metric = kit.items.flatMap((item) => textsIn(handOver(planItem(kit, item), 'x')));
    expect(metric.filter((t) => METRIC.test(open(t))).length).toBeGreaterThan(50);
    for (const item of kit.items) {
      const programme = planItem(kit, item);
      for (const text of textsIn(allInUnits([programme, handOver(programme, 'x')], 'us'))) {
        expect(open(text), text).not.toMatch(METRIC);
        // A list shares no unit: what stands before the last figure would stay behind.
        expect(open(text), text).not.toMatch(/\d, [a-z ]*\d+(?:\.\d+)? and [a-z ]*\d+(?:\.\d+)? (US|°F|oz|lb|in)\b/);
      }
    }
  });
  test('nor in the handbook', () => {
    for (const text of textsIn(allInUnits(handbook(), 'us'))) expect(open(text), text).not.toMatch(METRIC);
  });
});

describe('a number and its unit', () => {
  // SI Brochure (9th edition) 5.4.3: the unit follows the number after a space, and the two are not parted.
  test.each([
    ['take 17 mL at 30 °C', 'take 17\u00a0mL at 30\u00a0°C'],
    ['3.4 US fl oz, 87 %', '3.4\u00a0US fl oz, 87\u00a0%'],
    ['2 h 10 min', '2\u00a0h\u00a010\u00a0min'],
    ['about 1 h 54 of handwork', 'about 1\u00a0h\u00a054 of handwork'],
    ['2 mats, 5 hands', '2 mats, 5 hands'],
    ['a 600-fill', 'a 600-fill'],
  ])('“%s” is never parted at a line’s end', (text, said) => expect(keepTogether(text)).toBe(said));
});
