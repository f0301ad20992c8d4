import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { forecastText } from '../../src/core/telling/due';
import { addDays } from '../../src/core/units/day';
import { dueOf, forecast, nextEvent } from '../../src/core/due/forecast';
import type { Item, LogEntry, UseEntry } from '../../src/core/gear';

const at = (day: string): string => `${day}T08:00:00Z`;
let n = 0;
const use = (day: string, rest: Partial<UseEntry> = {}): LogEntry => ({
  id: `u${n++}`,
  type: 'use',
  at: at(day),
  itemId: 'x',
  ...rest,
});
const wash = (day: string): LogEntry => ({ id: `c${n++}`, type: 'care', at: at(day), itemId: 'x', aims: ['wash'] });
const every = (from: string, count: number, gap: number, rest: Partial<UseEntry> = {}): LogEntry[] =>
  Array.from({ length: count }, (_, k) => use(addDays(from, k * gap), rest));

describe('the forecast', () => {
  const today = '2027-03-01';
  test('is the calendar while nothing is known of its use', () => {
    expect(forecast({ from: '2027-01-01', rhythmDays: 120, today, log: [] })).toMatchObject({
      on: '2027-05-01',
      by: 'calendar',
      usesBetween: null,
    });
  });
  test('learns from the uses between earlier washes: 10 and 10 before, 6 since, one each 5 days → due in 20 days', () => {
    const log = [
      wash('2026-10-01'),
      ...every('2026-10-02', 10, 3),
      wash('2026-11-05'),
      ...every('2026-11-06', 10, 3),
      wash('2027-01-01'),
      // Twelve in the last 60 days, six of them since the last look on 1 February.
      ...every('2027-01-05', 6, 4),
      ...every('2027-02-02', 6, 4),
    ];
    const f = forecast({ from: '2027-02-01', rhythmDays: 365, today, log });
    expect(f).toMatchObject({ by: 'uses', usesBetween: 10, usesSince: 6, on: addDays(today, 20) });
    expect(f.plusMinusDays).toBeGreaterThan(0);
    expect(forecastText(f, { kind: 'jacket' }, 'Calendar.')).toMatch(
      /^It was washed after about 10 uses before, so it is due.*Used 6 times since, lately about 1.4 a week/,
    );
    expect(forecastText(f, { kind: 'boot' }, 'Calendar.')).toMatch(
      /^They were washed after about 10 uses before, so they are due/,
    );
    // What somebody has called their outing stays as they wrote it.
    expect(forecastText({ ...f, by: 'event' }, { kind: 'boot' }, 'Calendar.', 'Make it rain')).toMatch(
      /^In time for Make it rain\./,
    );
  });
  test('comes sooner with hard use and says so', () => {
    const log = every('2027-01-05', 4, 7, { weather: ['rain'] });
    const f = forecast({ from: '2027-01-01', rhythmDays: 100, today, log });
    expect(f).toMatchObject({ by: 'hard-use', on: addDays('2027-01-01', 70) });
  });
  test('is pulled before an outing, never behind today', () => {
    const event = { name: 'the crossing', on: '2027-04-20', careDays: 2 };
    expect(forecast({ from: '2027-01-01', rhythmDays: 100, today, log: [], event })).toMatchObject({
      on: '2027-04-11',
      by: 'calendar',
    });
    expect(forecast({ from: '2027-01-09', rhythmDays: 100, today, log: [], event })).toMatchObject({
      on: '2027-04-18',
      by: 'event',
    });
    expect(
      forecast({ from: '2027-01-01', rhythmDays: 60, today, log: [], event: { ...event, on: '2027-03-02' } }).on >= today,
    ).toBe(true);
  });
  test('more use never makes it later, and the days are days', () => {
    const history = [
      wash('2026-09-01'),
      ...every('2026-09-02', 5, 3),
      wash('2026-10-01'),
      ...every('2026-10-02', 7, 3),
      wash('2026-12-01'),
    ];
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 0, max: 20 }), (few, more) => {
        const days = (count: number): LogEntry[] => Array.from({ length: count }, (_, k) => use(addDays('2027-01-02', k)));
        const input = { from: '2027-01-01', rhythmDays: 200, today };
        const a = forecast({ ...input, log: [...history, ...days(few)] });
        const b = forecast({ ...input, log: [...history, ...days(few + more)] });
        expect(b.on <= a.on).toBe(true);
        expect(b.on).toMatch(/^\d{4}-\d{2}-\d{2}$/);
      }),
    );
  });
  test('of an item counts from its last care or look, whichever is later, else from the day it was bought', () => {
    const thing: Item = { id: 'x', kind: 'jacket', components: [], label: null, boughtOn: '2026-12-01' };
    const due = (log: LogEntry[], seenOn?: string): string =>
      dueOf({
        item: thing,
        log,
        seen: seenOn ? { id: 'i', itemId: 'x', at: at(seenOn) } : null,
        rhythmDays: 100,
        careMin: 0,
        today,
        event: null,
      }).on;
    expect(due([])).toBe(addDays('2026-12-01', 100));
    expect(due([wash('2027-01-01')])).toBe(addDays('2027-01-01', 100));
    expect(due([wash('2027-01-01')], '2027-02-01')).toBe(addDays('2027-02-01', 100));
    expect(due([wash('2027-02-10')], '2027-02-01')).toBe(addDays('2027-02-10', 100));
  });
  test('the next event is the soonest that is not past', () => {
    const event = (on: string): LogEntry => ({ id: `e${on}`, type: 'event', at: at('2026-01-01'), name: on, on });
    expect(nextEvent([event('2027-05-01'), event('2027-03-02'), event('2027-02-01')], today)?.name).toBe('2027-03-02');
    expect(nextEvent([event('2027-02-01')], today)).toBeNull();
  });
});
