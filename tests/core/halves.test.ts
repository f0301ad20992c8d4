import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { CareEntry, HalvesEntry, Inspection, Item, Kit, LogEntry } from '../../src/core/gear';
import { lookedAt, seenAnew } from '../../src/core/gear';
import { readKit } from '../../src/core/formats';
import { alike, contradicted, testWay } from '../../src/core/repellency/drop-test';
import { halvesOf, unread } from '../../src/core/repellency/halves';
import { leakAnswer } from '../../src/core/repellency/leak';
import { pairOf, proofersOf, type ProoferRecord, type Renewal } from '../../src/core/repellency/proofers';
import {
  halfHowText,
  halfQuestion,
  halfReadText,
  halvesText,
  leakHowText,
  halvesVerdict,
  proofersText,
} from '../../src/core/telling/drops';
import { drunkText, testWayText, zonesText } from '../../src/core/telling/repellency';
import { zoneName } from '../../src/core/words/zones';
import { shell } from '../make';

const day = (n: number): string => new Date(Date.UTC(2027, 0, 1) + n * 86_400_000).toISOString();
const halves = (rest: Partial<HalvesEntry> = {}): HalvesEntry => ({
  id: 'h',
  type: 'halves',
  itemId: 'x',
  at: day(0),
  half: 'left',
  treatment: 'renew',
  supplies: [{ supplyId: 'b', class: 'spray-proofer', ml: 30 }],
  ...rest,
});
const read = (n: number, treated: number, untreated: number) => ({ at: day(n), treated, untreated });
const worn = (n: number, hours: number): LogEntry => ({ id: `u${n}`, type: 'use', itemId: 'x', at: day(n), hours });

describe('how drops are tried', () => {
  test('from 10 cm, a minute, unless said otherwise (common practice, no source)', () => {
    expect(testWay()).toEqual({ water: 'tap', heightMm: 100, drops: 5, waitS: 60 });
    expect(testWay({ water: 'distilled', waitS: 90 })).toMatchObject({ water: 'distilled', waitS: 90, heightMm: 100 });
    expect(testWayText(testWay({ waitS: 90, drops: 1 }))).toBe(
      '1 drop of tap water from 10 cm on each place; after 1 min 30 s shake them off and look.',
    );
  });
  test('cloth that drank a drop within the wait is wet: 4 or 5 contradicts that, 3 does not', () => {
    const way = testWay();
    const drunkS = { hood: 20, back: 20, chest: 75 };
    expect(contradicted({ hood: 4, back: 3, chest: 5, sleeves: 5 }, { drunkS }, way)).toEqual(['hood']);
  });
  test('tests are alike when all four of their figures are, said or not', () => {
    expect(alike(undefined, { water: 'tap', heightMm: 100, drops: 5, waitS: 60 })).toBe(true);
    for (const other of [{ water: 'distilled' as const }, { heightMm: 200 }, { drops: 6 }, { waitS: 30 }])
      expect(alike({}, other)).toBe(false);
  });
  test('zones are called as on that thing, the worst first', () => {
    const name = (zone: string): string => zoneName(zone, 'boot');
    expect(zonesText({ toe: 2, body: 3, hem: 5 }, name)).toBe(
      'Toe 2, wet beyond the drops; sides 3, wet where drops fell; the rest beads.',
    );
    expect(zonesText({ toe: 5 }, name)).toBe('Drops bead wherever they were tried.');
    expect(zonesText({}, name)).toBe('');
    expect(drunkText({ drunkS: { toe: 8, hem: 75 } }, name)).toBe(
      'Soaked in: toe after 8 s and edge above the sole after 1 min 15 s.',
    );
    expect(zoneName('hem', 'gloves')).toBe('cuff');
    expect(zoneName('hem', 'jacket')).toBe('hem');
  });
  test('a drop test is no look over: what else was seen keeps its day', () => {
    const whole: Inspection = {
      id: 'i',
      itemId: 'x',
      at: day(0),
      soil: 2,
      odour: 1,
      stains: [{ soil: 'mud' }],
      note: 'of that day',
    };
    const next = seenAnew(whole, { id: 'j', itemId: 'x', at: day(5), droplet: { hood: 3 }, dropTest: { water: 'tap' } });
    expect(next).toEqual({
      id: 'j',
      itemId: 'x',
      at: day(5),
      soil: 2,
      odour: 1,
      stains: [{ soil: 'mud' }],
      droplet: { hood: 3 },
      dropTest: { water: 'tap' },
      asOf: { soil: day(0), odour: day(0) },
    });
    expect(lookedAt(next)).toBe(day(0));
    expect(seenAnew(null, next)).toBe(next);
    // What was carried over keeps its first day.
    expect(seenAnew(next, { id: 'k', itemId: 'x', at: day(9), stains: [] }).asOf).toEqual({
      soil: day(0),
      odour: day(0),
      droplet: day(5),
    });
  });
  test('water through is a leak; a dark face with dry paper is none; both dry comes from inside (common practice, no source)', () => {
    expect(leakAnswer(true, true)).toBe('leak');
    expect(leakAnswer(true, false)).toBe('leak');
    expect(leakAnswer(false, true)).toBe('wet-face');
    expect(leakAnswer(false, false)).toBe('inside');
  });
});

describe('one half treated', () => {
  test('read at once and after wear: it helped, and it lasts or does not', () => {
    const entry = halves({ readings: [read(20, 3, 3), read(1, 5, 3)] });
    const [one] = halvesOf([entry, worn(5, 4), worn(30, 9)], 'x');
    if (!one) throw new Error('not found');
    expect(one.readings.map((r) => [r.days, r.hours])).toEqual([
      [1, 0],
      [20, 4],
    ]);
    expect(one).toMatchObject({ verdict: 'helped', lasts: false });
    expect(halvesVerdict(one)).toContain('did not last');
    expect(halfReadText(one.readings[1]!)).toBe('After 20 days and 4 h of wear: treated 3 of 5, untreated 3 of 5.');
    const kept = halvesOf([halves({ readings: [read(1, 5, 3), read(20, 4, 3)] })], 'x')[0]!;
    expect(kept).toMatchObject({ verdict: 'helped', lasts: true });
    expect(halvesOf([halves({ readings: [read(1, 3, 3)] })], 'x')[0]).toMatchObject({ verdict: 'nothing', lasts: null });
    expect(halvesOf([halves({ readings: [read(1, 2, 3)] })], 'x')[0]).toMatchObject({ verdict: 'worse' });
  });
  test('what was done to which half, with the bottle’s name', () => {
    expect(halvesText(halves(), [{ id: 'b', class: 'spray-proofer', name: 'Face spray' }], 'jacket')).toBe(
      'Left half: a renewal, 30 mL of Face spray; the right half was left as it was.',
    );
    const { supplies: _, ...bare } = halves({ half: 'right', treatment: 'heat' });
    expect(halvesText(bare, [], 'boot')).toBe('Right one: heat alone; the left one was left as it was.');
  });
  test('half of a pair is one of the two, a tent is seen from its door; what may not be warmed is not', () => {
    expect(halfQuestion('boot')).toBe('Which of the pair is treated?');
    expect(halfQuestion('tent')).toContain('seen from the door');
    expect(halfQuestion('jacket')).toContain('as it is worn');
    expect(halfHowText('renew', 'left one', 'right one', false)).not.toContain('warm');
    expect(halfHowText('renew', 'left half', 'right half', true)).toContain('warm both alike');
    expect(leakHowText('boot', 10)).not.toContain('bowl');
    expect(leakHowText('tent', 10)).toContain('bowl');
  });
  test('what nobody has read yet, of things that are still there', () => {
    const items = [shell({ id: 'x' }), shell({ id: 'gone', archivedOn: '2027-01-01' })] as Item[];
    const log = [
      halves(),
      halves({ id: 'r', readings: [read(1, 3, 3)] }),
      halves({ id: 'g', itemId: 'gone' }),
      halves({ id: 'n', itemId: 'nobody' }),
    ];
    expect(unread({ items, log }).map((e) => e.id)).toEqual(['h']);
  });
  test('a line of the record without its half or its treatment is refused, with its place', () => {
    const kit = { format: 'umbrastic/kit', version: 1, exportedAt: day(0), items: [shell({ id: 'x' })], inspections: [] };
    const good = readKit(JSON.stringify({ ...kit, log: [halves({ readings: [read(1, 5, 3)] })] }));
    expect(good.status).toBe('read');
    const { half: _, ...bare } = halves();
    const bad = readKit(JSON.stringify({ ...kit, log: [bare] }));
    expect(JSON.stringify(bad)).toContain('log[0].half');
  });
});

describe('proofers side by side', () => {
  const test2 = (n: number, grade: number, itemId = 'x'): Inspection => ({
    id: `${itemId}${n}`,
    itemId,
    at: day(n),
    droplet: { shoulders: grade, chest: grade },
  });
  const renewed = (n: number, supplyId: string, more: Partial<CareEntry> = {}): CareEntry => ({
    id: `c${n}`,
    type: 'care',
    itemId: 'x',
    at: day(n),
    did: ['washed', 'renewed', 'warmed'],
    supplies: [
      { class: 'technical-cleaner', ml: 50 },
      { supplyId, ml: 60 },
    ],
    ...more,
  });
  const kitOf = (inspections: Inspection[], log: LogEntry[]): Pick<Kit, 'items' | 'inspections' | 'log' | 'supplies'> => ({
    items: [shell({ id: 'x' }) as Item],
    inspections,
    log,
    supplies: [
      { id: 'a', class: 'spray-proofer', name: 'Face spray' },
      { id: 'b', class: 'wash-in-proofer' },
    ],
  });
  test('the gain is from the test before to the test after; a care in between, or no test, says nothing', () => {
    const tests = [test2(0, 2), test2(2, 5), test2(10, 3), test2(20, 5)];
    // ISO ratings of the grades: 2 is 70, 5 is 100 [ISO 4920].
    expect(proofersOf(kitOf(tests.slice(0, 2), [renewed(1, 'a')]))).toMatchObject([
      { id: 'a', supplyId: 'a', class: 'spray-proofer', gain: 30, after: 100, things: 1 },
    ]);
    const between: CareEntry = { id: 'heat', type: 'care', itemId: 'x', at: day(1.5), did: ['warmed'] };
    expect(proofersOf(kitOf(tests.slice(0, 2), [renewed(1, 'a'), between]))).toEqual([]);
    expect(proofersOf(kitOf([test2(0, 2)], [renewed(1, 'a')]))).toEqual([]);
    expect(proofersOf(kitOf([{ ...test2(0, 2), asOf: { droplet: day(-9) } }, test2(2, 5)], [renewed(1, 'a')]))).toEqual([]);
    expect(proofersOf(kitOf(tests, [renewed(1, 'a'), renewed(15, 'b')])).map((p) => [p.id, p.gain])).toEqual([
      ['a', 30],
      ['b', 20],
    ]);
  });
  test('what the drum held was poured for all in it; a half that was left counts as what stood before', () => {
    const load: LogEntry = { id: 'l', type: 'load', at: day(1), itemIds: ['x'], supplies: [{ supplyId: 'b', ml: 100 }] };
    const inLoad = renewed(1, 'a', { loadId: 'l', supplies: [] });
    expect(proofersOf(kitOf([test2(0, 2), test2(2, 4)], [inLoad, load]))).toMatchObject([{ id: 'b', gain: 20 }]);
    const half = halves({ supplies: [{ supplyId: 'a', ml: 20 }], readings: [read(3, 4, 2), read(1, 5, 3)] });
    expect(proofersOf(kitOf([], [half]))[0]?.renewals).toMatchObject([{ gain: 20, after: 100, halved: true }]);
  });
  const record = (id: string, gains: readonly number[]): ProoferRecord => ({
    id,
    supplyId: null,
    class: id === 'a' ? 'spray-proofer' : 'wash-in-proofer',
    renewals: gains.map((gain): Renewal => ({ itemId: 'x', at: day(0), gain, after: 100, halved: false })),
    things: 1,
    gain: gains.reduce((x, y) => x + y, 0) / gains.length,
    after: 100,
  });
  // Welch’s unequal-variances t [NIST/SEMATECH e-Handbook 1.3.5.3; t points 1.3.6.7.2], by hand: means 40 and 20, variances 100 and 100 of
  // three each: s.e. 8.165, 4 degrees of freedom, t = 2.132.
  test('the difference with its interval; once each proves nothing', () => {
    const pair = pairOf(record('a', [30, 40, 50]), record('b', [10, 20, 30]));
    expect(pair.difference?.value).toBeCloseTo(20, 9);
    expect(pair.difference?.low).toBeCloseTo(20 - 2.132 * 8.165, 2);
    expect(pair.difference?.high).toBeCloseTo(20 + 2.132 * 8.165, 2);
    expect(proofersText(pair, {})).toContain('Spray proofer gave back more, by 20 of 100 (3 to 37, nine in ten)');
    expect(proofersText(pair, {})).toContain('a hint, no proof');
    expect(proofersText(pairOf(record('a', [20, 24, 28]), record('b', [21, 25, 26])), {})).toMatch(
      /^No difference is to be seen: spray proofer and wash-in proofer gave back as much, and the difference may be anything from −\d+ to \d+ of 100, nine in ten\./i,
    );
    const once = pairOf(record('a', [30]), record('b', [10, 20]));
    expect(once.difference).toBeNull();
    expect(proofersText(once, {})).toContain('cannot be held against each other yet');
  });
  test('laws: turned round it is the other way; two that are alike never differ by less than a test does', () => {
    const gains = fc.array(fc.integer({ min: -50, max: 90 }), { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(gains, gains, (x, y) => {
        const [one, two] = [
          pairOf(record('a', x), record('b', y)).difference!,
          pairOf(record('b', y), record('a', x)).difference!,
        ];
        expect(one.value).toBeCloseTo(-two.value, 9);
        expect(one.low).toBeCloseTo(-two.high, 9);
        expect(one.high - one.low).toBeGreaterThan(2 * 1.697 * 6 * Math.sqrt(1 / x.length + 1 / y.length) - 1e-9);
      }),
    );
  });
});
