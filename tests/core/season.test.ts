import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { rankAll, type Outline } from '../../src/core/due/rank';
import type { Inspection, Item, Kit, LogEntry } from '../../src/core/gear';
import {
  lastsUntil,
  mondayOf,
  movesFor,
  runsOut,
  seasonAhead,
  swapOf,
  type SeasonWeek,
  type UsualCare,
} from '../../src/core/season';
import { seasonText } from '../../src/core/telling/season';
import { shell } from '../make';

const TODAY = '2027-01-06';
const AT = `${TODAY}T08:00:00Z`;
const daysAgo = (n: number): string => new Date(Date.parse(AT) - n * 86_400_000).toISOString();
const inDays = (n: number): string => daysAgo(-n).slice(0, 10);
const step = (attendedMin: number): Outline['steps'][number] => ({
  id: 's',
  key: 's',
  when: 'always',
  phase: 'wash',
  attendedMin,
  unattendedMin: 0,
});
const outline = (over: Partial<Outline> = {}): Outline => ({
  aims: [],
  verdict: '',
  because: [],
  steps: [],
  lookDays: 30,
  ...over,
});
const WASH = outline({ aims: ['wash'], steps: [step(100)] });
const kitOf = (items: Item[], log: LogEntry[] = [], inspections: Inspection[] = []): Kit => ({
  format: 'umbrastic/kit',
  version: 1,
  items,
  inspections: [...items.map((i) => ({ id: `l-${i.id}`, itemId: i.id, at: daysAgo(1), soil: 0 as const })), ...inspections],
  log,
});
const USUAL: UsualCare = { handsMin: 40, needs: [{ itemId: 'x', class: 'technical-cleaner', ml: 50 }], store: 'Loose.' };
const ahead = (kit: Kit, outlines: Record<string, Outline>, usual: Record<string, UsualCare> = {}, weeks = 12): SeasonWeek[] =>
  seasonAhead({ kit, rows: rankAll(kit, outlines, TODAY, new Set()), usual, today: TODAY, weeks, handsAWeekMin: 180 });
const daysOf = (weeks: readonly SeasonWeek[], kind: string): string[] =>
  weeks.flatMap((w) => w.tasks.filter((t) => t.kind === kind).map((t) => t.on));
const thing = (id: string): Item => ({ ...shell(), id, name: id });

describe('until when a thing is meant to last', () => {
  test('the same day of so many years later, whatever leap years lie between', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1960-01-01T12:00:00Z'), max: new Date('2060-12-31T12:00:00Z'), noInvalidDate: true }),
        fc.integer({ min: 1, max: 30 }),
        (bought, targetYears) => {
          const boughtOn = bought.toISOString().slice(0, 10);
          if (boughtOn.endsWith('02-29')) return;
          const [year, ...day] = boughtOn.split('-');
          expect(lastsUntil({ boughtOn, targetYears })).toBe([Number(year) + targetYears, ...day].join('-'));
        },
      ),
    );
  });
  test('half a year is six months; bought on 29 February it is the last of a shorter February', () => {
    expect(lastsUntil({ boughtOn: '2027-01-03', targetYears: 2.5 })).toBe('2029-07-03');
    expect(lastsUntil({ boughtOn: '2024-02-29', targetYears: 1 })).toBe('2025-02-28');
    expect(lastsUntil({ boughtOn: '2024-02-29', targetYears: 4 })).toBe('2028-02-29');
  });
  test('nothing is said where nobody said, or its age is not known', () => {
    expect([lastsUntil({ boughtOn: '2024-02-29' }), lastsUntil({ targetYears: 4 })]).toEqual([null, null]);
  });
});

describe('the weeks ahead', () => {
  test('weeks begin on Mondays', () => {
    // ISO 8601 counts Monday as the first day of a week; 4 January 2027 was one (common almanac, no source).
    expect([mondayOf('2027-01-04'), mondayOf('2027-01-10'), mondayOf('2027-01-11')]).toEqual([
      '2027-01-04',
      '2027-01-04',
      '2027-01-11',
    ]);
  });
  test('by the calendar it is a look each time its days are over; what is due already is care, today', () => {
    const weeks = ahead(kitOf([thing('a'), thing('b')]), { a: outline(), b: WASH });
    expect(daysOf(weeks, 'look').filter((d) => d <= inDays(70))).toEqual(expect.arrayContaining([inDays(29), inDays(59)]));
    expect(daysOf(weeks, 'care')).toEqual([TODAY]);
    expect(weeks[0]?.handsMin).toBe(100);
  });
  test('washed after five uses each time and used twice a week, it is washed about every seventeen days, with what that takes', () => {
    // Two stretches of five uses; 17 uses of the last 60 days make two a week.
    const use = (n: number): LogEntry => ({ id: `u${n}`, type: 'use', itemId: 'x', at: daysAgo(n) });
    const wash = (n: number): LogEntry => ({
      id: `w${n}`,
      type: 'care',
      itemId: 'x',
      at: daysAgo(n),
      aims: ['wash'],
      did: ['washed'],
    });
    const log = [
      wash(70),
      ...[69, 67, 65, 63, 61].map(use),
      wash(60),
      ...[59, 56, 53, 50, 47].map(use),
      wash(46),
      ...[45, 43, 41, 39, 37, 35, 33, 31, 29, 27, 25, 23].map(use),
      wash(1),
    ];
    const kit = kitOf([thing('x')], log);
    const weeks = ahead(kit, { x: outline({ lookDays: 90 }) }, { x: USUAL });
    const washes = daysOf(weeks, 'wash');
    expect(washes.length).toBeGreaterThan(2);
    const gaps = washes.slice(1).map((d, n) => (Date.parse(d) - Date.parse(washes[n]!)) / 86_400_000);
    // Mean of 5, 5 and 12 uses, at 17 uses in 60 days: 7.33 × 60 / 17.
    for (const gap of gaps) expect(Math.abs(gap - (22 / 3 / 17) * 60)).toBeLessThan(1.01);
    expect(daysOf(weeks, 'look')).toEqual([]);
    // Bottles: 50 mL each time; 120 mL last for two.
    const short = runsOut(weeks, [{ id: 's', class: 'technical-cleaner', remainingMl: 120 }]);
    expect(short).toMatchObject([{ class: 'technical-cleaner', needMl: 50 * washes.length, buyMl: 50 * washes.length - 120 }]);
    expect(short[0]?.week).toBe(mondayOf(washes[2]!));
    expect(runsOut(weeks, [{ id: 's', class: 'technical-cleaner', remainingMl: 50 * washes.length }])).toEqual([]);
  });
  test('machines are in the same weeks: each task at its time, and once at the beginning when nobody noted it', () => {
    const equipment: Kit['equipment'] = { washers: [{ id: 'w', kind: 'front-loader' }] };
    const done: LogEntry = { id: 'm', type: 'upkeep', at: daysAgo(10), machineId: 'w', tasks: ['hot-empty'] };
    const tasks = ahead({ ...kitOf([], [done]), equipment }, {}).flatMap((w) => w.tasks);
    const hot = tasks.flatMap((t) => (t.kind === 'upkeep' && t.task === 'hot-empty' ? [t.on] : []));
    // Monthly (common practice, no source): 30 days after the last, and every 30 days.
    expect(hot).toEqual([inDays(20), inDays(50), inDays(80)].filter((d) => d <= inDays(84)));
    expect(tasks.filter((t) => t.kind === 'upkeep' && t.unknown).map((t) => t.on)).toEqual([TODAY, TODAY]);
  });
  test('lent, put away and maker-only things ask for nothing', () => {
    const kit = kitOf([
      { ...thing('lent'), lent: { to: 'Bo', on: TODAY } },
      { ...thing('away'), archivedOn: TODAY },
    ]);
    expect(ahead(kit, { lent: WASH, away: WASH }).flatMap((w) => w.tasks)).toEqual([]);
  });
});

describe('moving things to quieter weeks', () => {
  const many = (n: number): Item[] => Array.from({ length: n }, (_, i) => thing(`t${i}`));
  const all = (items: Item[], of: Outline): Record<string, Outline> => Object.fromEntries(items.map((i) => [i.id, of]));
  test('four washes of 100 minutes in a week of 180: each goes to the next week with room, none past three weeks', () => {
    const items = many(4);
    const weeks = ahead(kitOf(items), all(items, WASH));
    expect(weeks[0]?.over).toBe(true);
    const moves = movesFor(weeks, 180, TODAY);
    expect(moves.map((m) => m.to)).toEqual([inDays(5), inDays(12), inDays(19)].map(mondayOf));
    expect(seasonText(weeks, moves, 180, (d) => d)).toContain('Three things can go to a quieter week.');
    // Set as found, each is due on that day, no sooner, and the week is within its hours.
    const since = AT;
    const set = items.map((i) => {
      const move = moves.find((m) => m.item.id === i.id);
      return move ? { ...i, planned: { on: move.on, since } } : i;
    });
    const then = ahead(kitOf(set), all(items, WASH));
    expect(then.slice(0, 4).map((w) => w.handsMin >= 100 && !w.over)).toEqual([true, true, true, true]);
    // A look or care after it was set ends that.
    const cared = kitOf(set, [{ id: 'c', type: 'care', itemId: 't1', at: daysAgo(-1) }]);
    expect(rankAll(cared, all(items, WASH), TODAY, new Set()).find((r) => r.item.id === 't1')?.planned).toBe(false);
  });
  test('never past an outing that it goes along to, and nothing urgent', () => {
    const items = many(4);
    const log: LogEntry[] = [
      { id: 'e', type: 'event', at: daysAgo(3), name: 'Crossing', on: inDays(6), itemIds: ['t0', 't1', 't2', 't3'] },
    ];
    const moves = movesFor(ahead(kitOf(items, log), all(items, WASH)), 180, TODAY);
    for (const move of moves) expect(move.on <= inDays(6)).toBe(true);
    const wet = kitOf(
      items,
      [],
      items.map((i) => ({ id: `d-${i.id}`, itemId: i.id, at: daysAgo(0.1), soil: 2, damp: true })),
    );
    const rows = rankAll(wet, all(items, WASH), TODAY, new Set());
    expect(new Set(rows.map((r) => r.need))).toEqual(new Set(['urgent']));
    expect(movesFor(ahead(wet, all(items, WASH)), 180, TODAY)).toEqual([]);
  });
  test('whatever is due when: no week is made too full by it, each thing moves once, and only out of weeks that ask for too much', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ minutes: fc.integer({ min: 5, max: 170 }), due: fc.boolean(), look: fc.integer({ min: 7, max: 80 }) }),
          { maxLength: 14 },
        ),
        fc.integer({ min: 60, max: 400 }),
        (things, hands) => {
          const items = many(things.length);
          const outlines = Object.fromEntries(
            things.map((t, n) => [
              `t${n}`,
              t.due ? outline({ aims: ['wash'], steps: [step(t.minutes)], lookDays: t.look }) : outline({ lookDays: t.look }),
            ]),
          );
          const weeks = ahead(kitOf(items), outlines);
          const moves = movesFor(weeks, hands, TODAY);
          expect(new Set(moves.map((m) => m.item.id)).size).toBe(moves.length);
          const load = new Map(weeks.map((w) => [w.monday, w.handsMin]));
          for (const { from, to, on, handsMin } of moves) {
            expect(weeks.find((w) => w.monday === from)!.handsMin).toBeGreaterThan(hands);
            expect(mondayOf(on)).toBe(to);
            expect(on >= TODAY).toBe(true);
            load.set(from, load.get(from)! - handsMin);
            load.set(to, load.get(to)! + handsMin);
          }
          for (const { to } of moves)
            expect(load.get(to)!).toBeLessThanOrEqual(Math.max(hands, weeks.find((w) => w.monday === to)!.handsMin));
        },
      ),
      { numRuns: 200 },
    ));
});

describe('out of season, and in', () => {
  const use = (itemId: string, n: number): LogEntry => ({ id: `${itemId}-${n}`, type: 'use', itemId, at: daysAgo(n) });
  const items = [thing('summer'), thing('winter'), thing('always'), thing('idle'), thing('new')];
  const log = [
    use('summer', 200),
    use('summer', 180),
    use('winter', 340),
    use('winter', 320),
    use('always', 3),
    use('always', 330),
    use('idle', 700),
  ];
  test('last used in summer it goes out; used in these weeks a year ago it comes in; unused for a year it is asked about', () => {
    const swap = swapOf({ items, log }, TODAY);
    expect(swap.out.map((o) => o.item.id)).toEqual(['summer']);
    expect(swap.in.map((o) => o.item.id)).toEqual(['winter']);
    expect(swap.unused).toMatchObject([{ item: { id: 'idle' }, lastUse: daysAgo(700).slice(0, 10) }]);
  });
  test('kept, it is not asked about for a year; half a year of record knows no season', () => {
    const kept = items.map((i) => (i.id === 'idle' ? { ...i, keptOn: inDays(-20) } : i));
    expect(swapOf({ items: kept, log }, TODAY).unused).toEqual([]);
    expect(swapOf({ items, log: [use('summer', 150), use('always', 2)] }, TODAY)).toMatchObject({
      out: [],
      in: [],
      knownDays: 150,
    });
  });
  test('the invented club has all of it', () => {
    const { kit } = makeDemoKit(Date.parse(AT));
    const swap = swapOf(kit, TODAY);
    expect(swap.out.map((o) => o.item.id)).toContain('itm-jersey');
    expect(swap.in.map((o) => o.item.id)).toContain('itm-storm');
    expect(swap.unused.length).toBeGreaterThan(0);
  });
});
