import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { CareEntry, LogEntry } from '../../src/core/gear';
import { casesText, keptText, leavesOutText, outlookText, soldText } from '../../src/core/telling/worth';
import { digitsOf, moneyText } from '../../src/core/units/money';
import { isStop, keptOf, outlookOf, shareBelow, shareRisesLess, soldOf, spentOn, type Spent } from '../../src/core/worth';
import { invented } from '../make';

const NONE: Spent = { money: 0, minutes: 0, untimed: 0, cares: 0, unpriced: false };
const care = (more: Partial<CareEntry>): LogEntry =>
  invented<CareEntry>({ id: 'c', type: 'care', at: '2027-01-03T08:00:00Z', itemId: 'a', ...more });
const amount = fc.double({ min: 0, max: 1000, noNaN: true });
const span = fc.tuple(amount, amount).map(([a, b]) => ({ low: Math.min(a, b), high: Math.max(a, b) }));

describe('a pair that was sold', () => {
  /* Common practice, no source: profit = sold − paid − fees − post − supplies; an hour = profit / hours. Worked by hand. */
  test('bought for 18, sold for 52 with 2.50 fees and 6 post, 1.50 of supplies, two hours: 24 left, 12 an hour', () => {
    const spent = { ...NONE, money: 1.5, minutes: 120, cares: 1 };
    const sold = soldOf({ on: '2027-01-03', amount: 52, fees: 2.5, post: 6 }, 18, spent);
    expect(sold.profit).toBeCloseTo(24, 9);
    expect(sold.perHour).toBeCloseTo(12, 9);
    expect(sold.percent).toBeCloseTo((100 * 24) / 19.5, 9);
    expect(soldText(sold, spent, 52, 'EUR')).toBe(
      'Sold for 52.00 EUR: it left 24.00 EUR (123 % of what was put in), 12.00 EUR an hour for 2 h.',
    );
  });
  test('a loss is called one; without hours or anything put in, nothing is divided by nothing', () => {
    const sold = soldOf({ on: '2027-01-03', amount: 10 }, 30, NONE);
    expect(soldText(sold, NONE, 10, 'EUR')).toBe('Sold for 10.00 EUR: 20.00 EUR less than it cost (−67 % of what was put in).');
    expect(soldOf({ on: '2027-01-03', amount: 10 }, null, NONE)).toEqual({ profit: 10, perHour: null, percent: null });
  });
});

describe('before the work', () => {
  /* The case of practice: 12 to 60 left, 15 an hour wanted for 1 h 46: 26.5; (26.5 − 12) / 48 of all cases lie below. */
  const input = {
    paid: 20,
    spent: NONE,
    ahead: { money: 3, minutes: 106 },
    asFound: { low: 18, high: 30 },
    after: { low: 35, high: 83 },
    perHour: 15,
  };
  test('what it leaves, in how many cases its hours bring too little, and what the work adds', () => {
    const o = outlookOf(input);
    expect([o.after, o.asFound]).toEqual([
      { low: 12, high: 60 },
      { low: -2, high: 10 },
    ]);
    expect(o.below).toBeCloseTo((26.5 - 12) / 48, 9);
    expect(o.adds?.all).toEqual({ low: 2, high: 62 });
    expect(o.professional).toBeCloseTo(29.5, 9);
    expect(isStop(o)).toBe(false);
    expect(outlookText(o, 15, 106, 'EUR')).toBe(
      'At this estimate it leaves 12.00 to 60.00 EUR; an hour brings less than 15.00 EUR in 3 of 10 cases. The 1 h 46 of work ahead add 2.00 to 62.00 EUR (1.13 to 35.09 EUR an hour), an hour of it less than 15.00 EUR in 4 of 10 cases.',
    );
  });
  test('work that no longer pays is stopped, before anything else is said', () => {
    const o = outlookOf({ ...input, asFound: { low: 14, high: 20 }, after: { low: 18, high: 26 } });
    expect(isStop(o)).toBe(true);
    expect(outlookText(o, 15, 106, 'EUR')).toMatch(
      /^Stop here: the 1 h 46 of work ahead bring less than 15\.00 EUR an hour in every case\. /,
    );
  });
  test('without a wage nothing is judged; without a guess nothing is said', () => {
    const o = outlookOf({ ...input, perHour: null });
    expect([o.below, o.adds?.below, o.professional, isStop(o)]).toEqual([null, null, null, false]);
    expect(outlookText(outlookOf({ ...input, after: null }), 15, 106, 'EUR')).toBeNull();
  });
  test('more paid, more hours, a higher wage never make it better; a better price never worse', () =>
    fc.assert(
      fc.property(
        span,
        span,
        amount,
        amount,
        amount,
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        (asFound, after, paid, minutes, wage, more) => {
          const of = (change: object) =>
            outlookOf({ paid, spent: NONE, ahead: { money: 1, minutes: minutes + 1 }, asFound, after, perHour: wage, ...change });
          const was = of({});
          for (const worse of [
            of({ paid: paid + more }),
            of({ ahead: { money: 1, minutes: minutes + 1 + more } }),
            of({ perHour: wage + more }),
          ])
            expect(worse.below!).toBeGreaterThanOrEqual(was.below! - 1e-9);
          const better = of({ after: { low: after.low + more, high: after.high + more } });
          expect(better.below!).toBeLessThanOrEqual(was.below! + 1e-9);
          expect(better.adds!.below!).toBeLessThanOrEqual(was.adds!.below! + 1e-9);
          expect(was.below! >= 0 && was.below! <= 1 && was.adds!.below! >= 0 && was.adds!.below! <= 1).toBe(true);
        },
      ),
    ));
  /* Against plain counting over a grid of both prices, which shares nothing with the sum under test. */
  test('the share of cases is what counting them gives', () =>
    fc.assert(
      fc.property(span, span, fc.double({ min: -500, max: 1500, noNaN: true }), (from, to, sum) => {
        fc.pre(from.high - from.low > 1 && to.high - to.low > 1);
        const n = 120;
        let [less, lower] = [0, 0];
        for (let i = 0; i < n; i++) {
          const price = to.low + ((to.high - to.low) * (i + 0.5)) / n;
          if (price < sum) lower++;
          for (let j = 0; j < n; j++) if (price - (from.low + ((from.high - from.low) * (j + 0.5)) / n) < sum) less++;
        }
        expect(shareBelow(to, sum)).toBeCloseTo(lower / n, 1);
        expect(Math.abs(shareRisesLess(from, to, sum) - less / n ** 2)).toBeLessThan(0.02);
      }),
      { numRuns: 60 },
    ));
  test('a guess of one figure is that figure', () => {
    expect([shareBelow({ low: 5, high: 5 }, 5), shareBelow({ low: 5, high: 5 }, 5.1)]).toEqual([0, 1]);
    expect(shareRisesLess({ low: 5, high: 5 }, { low: 10, high: 20 }, 10)).toBeCloseTo(0.5, 9);
    expect(shareRisesLess({ low: 0, high: 10 }, { low: 10, high: 10 }, 5)).toBeCloseTo(0.5, 9);
  });
  test.each([
    [0, 'in no case'],
    [0.02, 'in fewer than 1 of 10 cases'],
    [0.3, 'in 3 of 10 cases'],
    [0.98, 'in more than 9 of 10 cases'],
    [1, 'in every case'],
  ])('%s is "%s"', (share, text) => expect(casesText(share)).toBe(text));
});

describe('what care came to', () => {
  test('sums its own, its share of a drum, and says what is not known', () => {
    const log = [
      care({ id: 'c1', takes: { kWh: 1, litres: 1, money: 2 }, handsMin: 30 }),
      care({ id: 'c2', loadId: 'l', takes: { kWh: 0, litres: 0, money: 1, unpriced: true } }),
      care({ id: 'c3', itemId: 'b', loadId: 'l' }),
      invented<LogEntry>({ id: 'l', type: 'load', at: '2027-01-03T08:00:00Z', takes: { kWh: 1, litres: 9, money: 3 } }),
    ];
    expect(spentOn('a', log)).toEqual({ money: 4.5, minutes: 30, untimed: 1, cares: 2, unpriced: true });
    expect(leavesOutText(spentOn('a', log), false)).toBe(
      'Left out: what was paid for it is not recorded; something that was used has no price; the minutes of one care are not recorded.',
    );
    expect(leavesOutText(spentOn('nobody', log), true)).toBeNull();
  });
});

describe('a thing that is kept', () => {
  /* Worked by hand: 400 paid four years ago, 40 of care, 110 uses, meant for 20 years. */
  test('costs so much a use and a year', () => {
    const kept = keptOf({ boughtOn: '2023-01-03', targetYears: 20 }, 400, { ...NONE, money: 40 }, 110, '2027-01-03');
    expect(kept.perUse).toBeCloseTo(4, 9);
    expect(kept.perYear).toBeCloseTo(110, 9);
    expect(kept.perYearAtTarget).toBeCloseTo(30, 9);
    expect(keptText(kept, 20, 'EUR')).toBe(
      'It costs 4.00 EUR a use so far, 110.00 EUR a year so far, 30.00 EUR a year if it lasts 20 years.',
    );
  });
  test('a new one has no year yet, an unpriced one no cost', () => {
    expect(keptOf({ boughtOn: '2027-01-01', targetYears: 5 }, 100, NONE, 0, '2027-01-03')).toEqual({
      perUse: null,
      perYear: null,
      perYearAtTarget: null,
    });
    expect(keptText(keptOf({ boughtOn: '2020-01-01' }, null, NONE, 9, '2027-01-03'), undefined, 'EUR')).toBeNull();
  });
});

/* ISO 4217: minor units of a currency are 2 for EUR, 0 for JPY, 3 for KWD. */
describe('money', () => {
  test.each([
    ['EUR', 2, 12.345, '12.35 EUR'],
    ['JPY', 0, 1240.4, '1240 JPY'],
    ['KWD', 3, 1.5, '1.500 KWD'],
    ['shells', 2, -0.001, '0.00 shells'],
    ['EUR', 2, -3, '−3.00 EUR'],
  ])('%s has %s figures behind the point', (currency, digits, of, text) => {
    expect(digitsOf(currency)).toBe(digits);
    expect(moneyText(of, currency)).toBe(text);
  });
});
