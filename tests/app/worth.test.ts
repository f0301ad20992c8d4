import { describe, expect, test } from 'vitest';
import { currencyOf, reckon } from '../../src/app/worth';
import type { Item, Kit } from '../../src/core/gear';
import { down } from '../make';

/* Reckoned by hand: 300 paid, a care of 12 of money and 90 minutes behind it, 45 minutes ahead that take 4 of money, an hour counted 20. */
const AHEAD = { money: 4, minutes: 45 };
const thing = (change: Partial<Item> = {}): Item => down({ id: 'itm', price: { amount: 300, currency: 'EUR' }, ...change });
const kit = (currency?: string): Kit => ({
  format: 'umbrastic/kit',
  version: 1,
  items: [],
  inspections: [],
  log: [
    {
      id: 'log-1',
      type: 'care',
      itemId: 'itm',
      at: '2027-01-02T10:00:00Z',
      did: ['washed'],
      handsMin: 90,
      takes: { kWh: 1, litres: 50, money: 12 },
    },
    { id: 'use-1', type: 'use', itemId: 'itm', at: '2027-01-02T12:00:00Z' },
    { id: 'use-2', type: 'use', itemId: 'other', at: '2027-01-02T12:00:00Z' },
  ],
  preferences: { ...(currency === undefined ? {} : { currency }), prices: { hourOfHands: 20 } },
});

describe('what a thing costs and brings', () => {
  test('money is counted in the kit’s currency, in euro where none is said', () => {
    expect([currencyOf(kit()), currencyOf(kit('NOK'))]).toEqual(['EUR', 'NOK']);
  });
  test('what was paid, what its care took, and what is ahead', () => {
    const r = reckon(kit(), thing(), AHEAD);
    expect([r.currency, r.paid, r.perHour, r.ahead]).toEqual(['EUR', 300, 20, AHEAD]);
    expect(r.spent).toMatchObject({ money: 12, minutes: 90, cares: 1 });
    expect(r.sold).toBeNull();
  });
  test('money of another currency than the kit’s is not added up with it: minutes are', () => {
    const r = reckon(kit('NOK'), thing(), AHEAD);
    expect([r.currency, r.perHour, r.ahead]).toEqual(['EUR', null, { money: 0, minutes: 45 }]);
    expect(r.spent).toMatchObject({ money: 0, minutes: 90, unpriced: true });
  });
  test('what is sold has no work ahead of it', () => {
    const r = reckon(kit(), thing({ worth: { sold: { amount: 210, on: '2027-01-03' } } }), AHEAD);
    expect(r.ahead).toEqual({ money: 0, minutes: 0 });
    expect(r.sold).not.toBeNull();
  });
});
