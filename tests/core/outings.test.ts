import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { latestStart, WAKING } from '../../src/core/due/backwards';
import { eventsAhead, goesAlong, nextEvent } from '../../src/core/due/forecast';
import { lastOuting, thingsFor, usesOf } from '../../src/core/due/outing';
import { rankAll, readinessOf } from '../../src/core/due/rank';
import { machineWashesInYear, usesSince } from '../../src/core/facts';
import type { CareEntry, EventEntry, Kit, LogEntry, UseEntry } from '../../src/core/gear';
import { planItem } from '../../src/core/programme';
import { rhythmOf } from '../../src/core/due';
import { comp, item } from '../make';

const vest = item('running-vest', [comp('face', 'elastane-mesh')], { id: 'vest', name: 'Vest' });
const tent = item('tent', [comp('face', 'polyester-woven')], { id: 'tent', name: 'Tent' });
const use = (id: string, itemId: string, at: string, rest: Partial<UseEntry> = {}): UseEntry => ({
  id,
  type: 'use',
  itemId,
  at,
  ...rest,
});
const care = (itemId: string, at: string, rest: Partial<CareEntry> = {}): CareEntry => ({
  id: `c${at}`,
  type: 'care',
  itemId,
  at,
  ...rest,
});
const event = (id: string, on: string, rest: Partial<EventEntry> = {}): EventEntry => ({
  id,
  type: 'event',
  at: '2027-01-01T08:00:00Z',
  name: id,
  on,
  ...rest,
});
const kit = (log: LogEntry[], seen = true): Kit => ({
  format: 'umbrastic/kit',
  version: 1,
  items: [vest, tent],
  inspections: seen
    ? [vest, tent].map(({ id }) => ({ id: `i-${id}`, itemId: id, at: '2027-01-02T08:00:00Z', soil: 0, odour: 0 }))
    : [],
  log,
});

describe('uses since', () => {
  const seen = { id: 'i', itemId: 'vest', at: '2027-01-02T08:00:00Z' };
  test('those before the look, of other things, or before a care do not count', () => {
    const log = [
      use('a', 'vest', '2027-01-01T08:00:00Z'),
      use('b', 'vest', '2027-01-02T18:00:00Z'),
      use('c', 'tent', '2027-01-03T18:00:00Z'),
      use('d', 'vest', '2027-01-04T18:00:00Z'),
    ];
    expect(usesSince('vest', seen, log).map((u) => u.id)).toEqual(['b', 'd']);
    expect(usesSince('vest', null, log)).toHaveLength(3);
    expect(usesSince('vest', seen, [...log, care('vest', '2027-01-03T09:00:00Z')]).map((u) => u.id)).toEqual(['d']);
  });
  test('machine washes of the last year alone are counted', () => {
    const washes = ['2025-06-01', '2026-03-01', '2026-08-01'].map((d) =>
      care('vest', `${d}T08:00:00Z`, { method: 'machine', did: ['washed'] }),
    );
    const others = [
      care('vest', '2026-09-01T08:00:00Z', { method: 'hand', did: ['washed'] }),
      care('tent', '2026-09-02T08:00:00Z', { method: 'machine', did: ['washed'] }),
    ];
    expect(machineWashesInYear('vest', seen, [...washes, ...others])).toBe(2);
  });
  test('a use makes a vest due today, looked over before or never; a look without a use does not', () => {
    const due = (of: Kit): string | undefined => {
      const outlines = Object.fromEntries(of.items.map((i) => [i.id, { ...planItem(of, i), lookDays: rhythmOf(i).days }]));
      return rankAll(of, outlines, '2027-01-03', new Set()).find((r) => r.item.id === 'vest')?.need;
    };
    expect(due(kit([]))).toBe('fresh');
    expect(due(kit([use('a', 'vest', '2027-01-02T18:00:00Z')]))).toBe('due');
    expect(due(kit([use('a', 'vest', '2027-01-02T18:00:00Z')], false))).toBe('due');
    expect(due(kit([], false))).toBe('look');
  });
});

describe('an outing', () => {
  const shoe = item('shoe', [comp('upper', 'polyester-mesh')], { id: 'shoe', name: 'Shoe' });
  const away = item('shoe', [comp('upper', 'polyester-mesh')], { id: 'old', archivedOn: '2026-01-01' });
  test('offers what usually comes back from it, what came back last first, never what is put away', () => {
    const { likely, others } = thingsFor('run', [tent, vest, shoe, away], []);
    expect(likely.map((i) => i.id)).toEqual(['vest', 'shoe']);
    expect(others.map((i) => i.id)).toEqual(['tent']);
    let n = 0;
    const uses = usesOf('run', ['tent', 'shoe'], { at: '2027-01-02T18:00:00Z', hard: true }, (p) => `${p}-${n++}`);
    expect(uses).toHaveLength(2);
    expect(new Set(uses.map((u) => u.outingId)).size).toBe(1);
    expect(uses.every((u) => u.hard && u.type === 'use')).toBe(true);
    const older = usesOf('run', ['vest'], { at: '2026-12-01T18:00:00Z' }, (p) => `${p}-${n++}`);
    const log = [...uses, ...older];
    expect(lastOuting('run', log).map((u) => u.itemId)).toEqual(['tent', 'shoe']);
    expect(lastOuting('game', log)).toEqual([]);
    expect(thingsFor('run', [tent, vest, shoe], log).likely.map((i) => i.id)).toEqual(['shoe', 'tent', 'vest']);
  });
});

describe('the days ahead', () => {
  const log = [
    event('past', '2026-12-01'),
    event('later', '2027-02-01', { itemIds: ['tent'] }),
    event('sooner', '2027-02-02', { readyBy: '2027-01-20' }),
  ];
  test('stand by the day on which all must be ready', () =>
    expect(eventsAhead(log, '2027-01-03').map((e) => [e.id, e.readyBy])).toEqual([
      ['sooner', '2027-01-20'],
      ['later', '2027-02-01'],
    ]));
  test('concern only what goes along', () => {
    const tentOnly = eventsAhead(log, '2027-01-03').find((e) => e.id === 'later');
    expect(tentOnly && [goesAlong(tentOnly, 'tent'), goesAlong(tentOnly, 'vest')]).toEqual([true, false]);
    expect(nextEvent([event('x', '2027-01-09', { itemIds: ['tent'] })], '2027-01-03', 'vest')).toBeNull();
    expect(nextEvent([event('x', '2027-01-09', { itemIds: ['tent'] })], '2027-01-03', 'tent')?.name).toBe('x');
  });
  test('are not ready for what is unseen, under way or to be done elsewhere', () => {
    const of = kit([]);
    const outlines = Object.fromEntries(of.items.map((i) => [i.id, { ...planItem(of, i), lookDays: rhythmOf(i).days }]));
    const ready = (some: Kit, itemIds: string[] | null, underWay: string[] = []) => {
      const { unready, unseen } = readinessOf(rankAll(some, outlines, '2027-01-03', new Set(underWay)), { itemIds });
      return [unready.map((r) => r.item.id), unseen];
    };
    expect(ready(of, null)).toEqual([[], 0]);
    expect(ready(of, ['vest'], ['vest'])).toEqual([['vest'], 0]);
    expect(ready(of, ['vest'], ['tent'])).toEqual([[], 0]);
    expect(ready(kit([], false), null)).toEqual([[], 2]);
    const leaky = { ...of, inspections: [{ id: 'x', itemId: 'tent', at: '2027-01-02T08:00:00Z', soil: 0 }] };
    outlines.tent = { ...outlines.tent!, aims: ['refer'] };
    expect(ready(leaky, ['tent'])).toEqual([['tent'], 0]);
  });
  test('pull the look of a thing that goes along forward, and no other', () => {
    const ahead = kit([event('x', '2027-04-03', { readyBy: '2027-04-02', itemIds: ['tent'] })]);
    const rows = rankAll(ahead, {}, '2027-01-03', new Set());
    expect(rows.find((r) => r.item.id === 'tent')?.on).toBe('2027-04-01');
    expect(rows.find((r) => r.item.id === 'vest')?.on).toBe('2027-04-02');
  });
});

const step = (attendedMin: number, unattendedMin = 0, mayWait = true, when: 'always' | 'if-failed' = 'always') => ({
  attendedMin,
  unattendedMin,
  mayWait,
  when,
});
const at = (day: number, hour: number, min = 0): number => day * 1440 + hour * 60 + min;

describe('the latest start', () => {
  test('worked by hand: ten minutes of hands and five hours on the line, ready at eight in the evening', () =>
    expect(latestStart([step(10, 300)], at(0, 20)).startMin).toBe(at(0, 14, 50)));
  test('worked by hand: a night of drying is begun the evening before, for nobody gets up at four', () =>
    // 16 h before eight in the evening is four in the morning; hands end at ten the evening before.
    expect(latestStart([step(10, 960)], at(0, 20)).startMin).toBe(at(-1, 21, 50)));
  test('worked by hand: a second handwork in the night pushes the first back with it when it may not wait', () => {
    // 30 min, 8 h alone, 30 min: by nine in the morning. Apart: 8:30 to 9, and the first by 22:00 the evening before.
    expect(latestStart([step(30, 480), step(30)], at(0, 9)).startMin).toBe(at(-1, 21, 30));
    // Joined (from drum to dryer): both by day, so the whole ends when hands end, at ten the evening before.
    expect(latestStart([step(30, 480), step(30, 0, false)], at(0, 9)).startMin).toBe(at(-1, 13));
  });
  test('what only happens after a failed check costs nothing', () =>
    expect(latestStart([step(10), step(500, 500, true, 'if-failed')], at(0, 20)).startMin).toBe(at(0, 19, 50)));
  test('more handwork than a day has is said', () => expect(latestStart([step(16 * 60)], at(0, 20)).byDay).toBe(false));

  const steps = fc.array(
    fc.record({
      attendedMin: fc.integer({ min: 0, max: 90 }),
      unattendedMin: fc.integer({ min: 0, max: 2000 }),
      mayWait: fc.constant(true),
      when: fc.constant('always' as const),
    }),
    { minLength: 1, maxLength: 6 },
  );
  test('property: all is ready in time, and a longer programme is never begun later', () => {
    fc.assert(
      fc.property(steps, fc.integer({ min: 0, max: 1439 }), fc.integer({ min: 0, max: 300 }), (some, ready, more) => {
        const { startMin, byDay } = latestStart(some, ready);
        const length = some.reduce((sum, s) => sum + s.attendedMin + s.unattendedMin, 0);
        expect(byDay).toBe(true);
        expect(startMin + length).toBeLessThanOrEqual(ready);
        const day = ((startMin % 1440) + 1440) % 1440;
        const hands = some[0]?.attendedMin ?? 0;
        if (hands > 0) {
          expect(day).toBeGreaterThanOrEqual(WAKING.from);
          expect(day + hands).toBeLessThanOrEqual(WAKING.to);
        }
        expect(latestStart([...some, { ...some[0]!, attendedMin: 0, unattendedMin: more }], ready).startMin).toBeLessThanOrEqual(
          startMin,
        );
      }),
    );
  });
});
