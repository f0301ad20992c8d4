import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { readWashDay } from '../../src/core/formats';
import { planDay, type DayRequest } from '../../src/core/washday';
import { askedOf, gather } from '../../src/core/washday/asked';
import { findDay } from '../../src/core/washday/search';
import { brokenLaws, only } from '../wash-day-laws';
import { household, item, seen } from './arbitraries';

const DEMO = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const IDS = DEMO.items.map((i) => i.id);
const START = Date.parse('2027-01-08T08:00:00Z');
const at = (hours: number): string => `${new Date(START + hours * 3_600_000).toISOString().slice(0, 19)}Z`;

/** Random days over the things of the demo kit: hours, quiet nights, one or two people, limits. */
const request: fc.Arbitrary<DayRequest> = fc
  .record({
    ids: fc.subarray(IDS, { minLength: 1, maxLength: 7 }),
    begin: fc.integer({ min: 0, max: 23 }),
    people: fc.integer({ min: 0, max: 2 }),
    long: fc.integer({ min: 4, max: 14 }),
    quiet: fc.boolean(),
    until: fc.option(fc.integer({ min: 6, max: 90 }), { nil: undefined }),
    due: fc.option(fc.integer({ min: 6, max: 60 }), { nil: undefined }),
    prefer: fc.constantFrom('earliest' as const, 'fewest-visits' as const, 'least-energy' as const),
    home: fc.option(household, { nil: undefined, freq: 2 }),
    second: fc.constantFrom(undefined, 'vented' as const, 'heat-pump' as const, 'commercial' as const),
  })
  .map(({ ids, begin, people, long, quiet, until, due, prefer, home, second }): DayRequest => {
    const kit = only(DEMO, ids);
    const equipment = home ? (home.equipment ?? {}) : (kit.equipment ?? {});
    const dryers = [...(equipment.dryers ?? []), ...(second ? [{ id: 'second', kind: second, drumLitres: 112 }] : [])];
    return {
      format: 'umbrastic/day-request',
      version: 1,
      kit: { ...kit, equipment: { ...equipment, dryers }, ...(home ? { supplies: home.supplies ?? [] } : {}) },
      items: ids,
      from: at(begin),
      ...(people === 0
        ? {}
        : {
            hands: Array.from({ length: people }, (_, n) => ({
              name: `p${n}`,
              windows: Array.from({ length: 20 }, (_, d) => ({ from: at(24 * d + n * 2), to: at(24 * d + n * 2 + long) })),
            })),
          }),
      ...(quiet ? { quiet: Array.from({ length: 20 }, (_, d) => ({ from: at(24 * d + 14), to: at(24 * d + 23) })) } : {}),
      ...(until === undefined ? {} : { until: at(begin + until) }),
      ...(due === undefined || ids[0] === undefined ? {} : { due: { [ids[0]]: at(begin + due) } }),
      prefer,
    };
  });
/** Days over things and households of every kind, also such as nobody has. */
const strange: fc.Arbitrary<DayRequest> = fc
  .record({
    things: fc.array(fc.record({ thing: item, look: fc.option(seen, { nil: undefined }) }), { minLength: 1, maxLength: 6 }),
    home: household,
    base: request,
  })
  .map(({ things, home, base: { items: _items, due: _due, ...base } }): DayRequest => ({
    ...base,
    kit: {
      format: 'umbrastic/kit',
      version: 1,
      items: things.map(({ thing }, n) => ({ ...thing, id: `i${n}` })),
      inspections: things.flatMap(({ look }, n) => (look ? [{ ...look, id: `s${n}`, itemId: `i${n}` }] : [])),
      ...home,
    },
    together: [['i0', 'i1']].filter(() => things.length > 1),
  }));
const FEW = { proof: 400, tries: 4, ways: 60 };

describe('a wash day keeps its laws', () => {
  test('whatever is asked: hours, quiet, racks, order, what may not wait, envelopes, the bound', () => {
    fc.assert(
      fc.property(request, (asked) => {
        expect(brokenLaws(asked, planDay(asked, FEW))).toEqual([]);
      }),
      { numRuns: 30, seed: 16 },
    );
  });
  test('for any thing in any household', () => {
    fc.assert(
      fc.property(strange, (asked) => {
        const day = planDay(asked, FEW);
        expect(brokenLaws(asked, day)).toEqual([]);
        expect(readWashDay(JSON.stringify(day)).status).toBe('read');
      }),
      { numRuns: 150, seed: 22 },
    );
  });
  test('asked for a day in time and no other, it finds the same, or none where there is none', () => {
    let spared = 0;
    fc.assert(
      fc.property(strange, fc.constantFrom(3, 10, 20), (asked, hours) => {
        const tight = { ...asked, until: new Date(Date.parse(asked.from) + hours * 3_600_000).toISOString() };
        const made = askedOf(tight, gather(tight).members);
        const [any, inTime] = [findDay(made, FEW).found, findDay(made, { ...FEW, inTime: true }).found];
        if (any?.late === 0) expect(inTime?.placed).toEqual(any.placed);
        else expect(inTime?.late).not.toBe(0);
        if (any && !inTime) spared++;
      }),
      { numRuns: 60, seed: 31 },
    );
    expect(spared).toBeGreaterThan(0);
  });
  test('the same request gives the same day', () => {
    fc.assert(
      fc.property(request, (asked) => {
        expect(planDay(asked, FEW)).toEqual(planDay(structuredClone(asked), FEW));
      }),
      { numRuns: 8, seed: 5 },
    );
  });
  test('more effort never gives a later day, and never a looser bound than a proof', () => {
    fc.assert(
      fc.property(request, (asked) => {
        const free = { ...asked, prefer: 'earliest' as const };
        delete free.until;
        delete free.due;
        const [some, more] = [
          planDay(free, { proof: 50, tries: 2, ways: 400 }),
          planDay(free, { proof: 3000, tries: 12, ways: 400 }),
        ];
        expect(Date.parse(more.finish)).toBeLessThanOrEqual(Date.parse(some.finish));
        if (more.status === 'optimal') expect(Date.parse(some.bound.finish)).toBeLessThanOrEqual(Date.parse(more.finish));
      }),
      { numRuns: 12, seed: 9 },
    );
  });
});
