import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { CareEntry, Inspection, LogEntry, UseEntry } from '../../src/core/gear';
import {
  exposureOf,
  indexOf,
  leaks,
  leastThatHelps,
  type Repellency,
  repellencyCurve,
  repellencyOf,
  treatmentOf,
} from '../../src/core/repellency';
import { gainsText, helpText, repellencyText } from '../../src/core/telling/repellency';

const DAY = 86_400_000;
const START = Date.UTC(2026, 5, 1);
const iso = (days: number): string => new Date(START + days * DAY).toISOString();
const drops = (day: number, grade: number): Inspection => ({
  id: `i${day}`,
  itemId: 'x',
  at: iso(day),
  droplet: { shoulders: grade, chest: grade },
});
const care = (day: number, ...did: NonNullable<CareEntry['did']>): LogEntry => ({
  type: 'care',
  id: `c${day}`,
  at: iso(day),
  itemId: 'x',
  did,
});
const use = (day: number, hours: number, more: Partial<UseEntry> = {}): LogEntry => ({
  type: 'use',
  id: `u${day}`,
  at: iso(day),
  itemId: 'x',
  hours,
  ...more,
});
const of = (
  looks: Inspection[],
  log: LogEntry[],
  day: number,
  finish: 'reduced' | 'long-chain' | 'fluorine-free' = 'reduced',
): Repellency => {
  const told = repellencyOf({ id: 'x', kind: 'jacket', finish }, looks, log, START + day * DAY);
  if (!told) throw new Error('no answer');
  return told;
};
const dayText = (day: string): string => day;
const all = (): boolean => true;

describe('the index', () => {
  test('zones that rain and straps reach first count double', () => {
    expect(indexOf({ shoulders: 2, chest: 5 }, 'jacket')).toBeCloseTo((2 * 70 + 100) / 3, 9);
    expect(indexOf({ chest: 2, shoulders: 5 }, 'jacket')).toBeCloseTo((70 + 2 * 100) / 3, 9);
    expect(indexOf({}, 'jacket')).toBeNull();
  });
  test('what was done: heat, a wash, both, a renewal whatever stood before it', () => {
    expect(treatmentOf({ did: ['warmed'] })).toBe('heat');
    expect(treatmentOf({ did: ['washed'] })).toBe('wash');
    expect(treatmentOf({ did: ['washed', 'warmed'] })).toBe('wash-heat');
    expect(treatmentOf({ did: ['washed', 'renewed', 'warmed'] })).toBe('renew');
    expect(treatmentOf({ did: ['aired'] })).toBeNull();
    expect(treatmentOf({})).toBeNull();
  });
  test('hours in rain and of hard use count more; a night without hours for what is usual', () => {
    expect(exposureOf({ hours: 3, weather: ['rain'] })).toBeGreaterThan(exposureOf({ hours: 3 }));
    expect(exposureOf({ hours: 3, hard: true })).toBeGreaterThan(exposureOf({ hours: 3 }));
    expect(exposureOf({ nights: 2 })).toBe(2 * exposureOf({}));
  });
});

describe('followed over time', () => {
  test('before the first test nothing is said; a value carried over from an earlier look is no test', () => {
    const look = { ...drops(1, 4), asOf: { droplet: iso(0) } };
    expect(repellencyOf({ id: 'x', kind: 'jacket' }, [], [use(1, 5)], START + 9 * DAY)).toBeNull();
    expect(repellencyOf({ id: 'x', kind: 'jacket' }, [look], [], START + 9 * DAY)).toBeNull();
  });
  test('a finish that lasts longer is expected to fade more slowly', () => {
    const log = [10, 20, 30].map((d) => use(d, 8));
    const now = (finish: 'long-chain' | 'reduced' | 'fluorine-free'): number => of([drops(0, 5)], log, 31, finish).now.value;
    expect(now('long-chain')).toBeGreaterThan(now('reduced'));
    expect(now('reduced')).toBeGreaterThan(now('fluorine-free'));
  });
  test('what a care gave back is told by its kind, and learnt', () => {
    const looks = [drops(0, 2), drops(1, 4), drops(30, 2), drops(31, 4)];
    const told = of(looks, [care(0.5, 'warmed'), use(10, 20), care(30.5, 'warmed')], 32);
    expect(told.gains).toHaveLength(1);
    expect(told.gains[0]).toMatchObject({ treatment: 'heat', times: 2 });
    expect(told.gains[0]?.gain).toBeGreaterThan(12);
    const never = of([drops(0, 2), drops(1, 2), drops(30, 2), drops(31, 2)], [care(0.5, 'warmed'), care(30.5, 'warmed')], 32);
    expect(never.chances.heat).toBeLessThan(told.chances.heat);
    expect(gainsText(told)).toMatch(/^Heat alone gave back \d+ of 100, twice\.$/);
  });
  test('two renewals that did not bring it to the mark: it is worn out, and no third is advised', () => {
    const looks = [drops(0, 1), drops(1, 1), drops(40, 1), drops(41, 1)];
    const told = of(looks, [care(0.5, 'washed', 'renewed', 'warmed'), care(40.5, 'washed', 'renewed', 'warmed')], 42);
    expect(told.worn).toBe(true);
    expect(leastThatHelps(told, all)).toBeNull();
    expect(helpText(told, all)).toContain('worn out');
    expect(of(looks.slice(0, 2), [care(0.5, 'renewed')], 2).worn).toBe(false);
  });
  test('a leak is mended first, whatever the face does; what only looks bad is no leak', () => {
    expect(leaks({ damage: [{ kind: 'delamination' }] })).toBe(true);
    expect(leaks({ damage: [{ kind: 'hole', cosmetic: true }, { kind: 'feather' }] })).toBe(false);
    expect(leaks(null)).toBe(false);
    expect(helpText(of([drops(0, 0)], [], 1), all, true)).toContain('mended first');
  });
  test('a good one is left alone; one that is far gone is not', () => {
    expect(leastThatHelps(of([drops(0, 5)], [], 1), all)).toBe('leave');
    expect(['renew', null]).toContain(leastThatHelps(of([drops(0, 0)], [], 1), all));
    expect(repellencyText(of([drops(0, 0)], [], 1), dayText)).toMatch(/^It no longer sheds rain: /);
    expect(repellencyText(of([drops(0, 5)], [use(0.5, 4)], 1), dayText)).toMatch(/^It sheds rain: .* falls below 70 about 20/);
  });
  test('where no use is written down, days stand for it', () => {
    expect(of([drops(0, 5)], [], 200).now.value).toBeLessThan(of([drops(0, 5)], [], 10).now.value);
    expect(of([drops(0, 5)], [use(1, 1)], 200).now.value).toBeGreaterThan(of([drops(0, 5)], [], 200).now.value);
  });
});

const history = fc.record({
  grades: fc.array(fc.integer({ min: 0, max: 5 }), { minLength: 1, maxLength: 4 }),
  uses: fc.array(fc.record({ day: fc.integer({ min: 1, max: 90 }), hours: fc.integer({ min: 1, max: 12 }) }), { maxLength: 6 }),
  cares: fc.array(
    fc.record({
      day: fc.integer({ min: 1, max: 90 }),
      what: fc.constantFrom('warmed' as const, 'washed' as const, 'renewed' as const),
    }),
    { maxLength: 3 },
  ),
});
describe('laws', () => {
  interface History {
    readonly grades: readonly number[];
    readonly uses: readonly { readonly day: number; readonly hours: number }[];
    readonly cares: readonly { readonly day: number; readonly what: 'warmed' | 'washed' | 'renewed' }[];
  }
  const build = ({ grades, uses, cares }: History) => ({
    looks: grades.map((g, n) => drops(n * 20, g)),
    log: [
      ...uses.map((u, n) => ({ ...use(u.day + n / 100, u.hours) })),
      ...cares.map((c, n) => care(c.day + 0.5 + n / 100, c.what)),
    ],
  });
  test('bounds in order and within 0 and 100; chances grow from leaving to renewing', () => {
    fc.assert(
      fc.property(history, (h) => {
        const { looks, log } = build(h);
        const told = of(looks, log, 100);
        const curve = repellencyCurve({ id: 'x', kind: 'jacket', finish: 'reduced' }, looks, log, START + 100 * DAY);
        // It ends where the thing stands now, and passes each test and each side of each care.
        expect(curve.at(-1)).toMatchObject(told.now);
        expect(curve.map((p) => p.at)).toEqual(expect.arrayContaining(told.tests.map((t) => t.at)));
        for (const { at } of told.cares) expect(curve.filter((p) => p.at === at).length).toBeGreaterThanOrEqual(2);
        for (const p of [told.now, ...curve]) {
          expect(p.low).toBeGreaterThanOrEqual(0);
          expect(p.high).toBeLessThanOrEqual(100);
          expect(p.low <= p.value && p.value <= p.high).toBe(true);
        }
        const { leave, heat, renew } = told.chances;
        const both = told.chances['wash-heat'];
        expect(leave <= heat + 1e-9 && heat <= both + 1e-9 && heat <= renew + 1e-9).toBe(true);
        if (told.below) expect(told.below.low <= told.below.value && told.below.value <= told.below.high).toBe(true);
      }),
      { numRuns: 40 },
    );
  });
  test('more wear, and more rain, after the last test never raises it; a renewal after it never lowers it', () => {
    fc.assert(
      fc.property(history, fc.integer({ min: 1, max: 10 }), (h, hours) => {
        const { looks, log } = build(h);
        const now = (more: LogEntry[]): number => of(looks, [...log, ...more], 100).now.value;
        const worn = now([use(95, hours)]);
        // Where use is written down at all: its first line ends that days stand for it.
        if (h.uses.length > 0) expect(worn).toBeLessThanOrEqual(now([]) + 1e-9);
        expect(now([use(95, hours, { weather: ['rain'] })])).toBeLessThanOrEqual(worn + 1e-9);
        expect(now([care(96, 'renewed')])).toBeGreaterThanOrEqual(now([]) - 1e-9);
      }),
      { numRuns: 40 },
    );
  });
});
