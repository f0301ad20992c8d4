import { afterEach, describe, expect, test, vi } from 'vitest';
import { newId, nowIso, nowMs, today } from '../../src/app/now';
import { daysUntil } from '../../src/app/time';

afterEach(() => void vi.useRealTimers());
describe('the clock of this device', () => {
  test('an instant as the record writes it, to the second; and the same in ms', () => {
    vi.useFakeTimers({ now: Date.parse('2027-01-03T09:08:07.654Z'), toFake: ['Date'] });
    expect(nowIso()).toBe('2027-01-03T09:08:07Z');
    expect(nowMs()).toBe(Date.parse('2027-01-03T09:08:07.654Z'));
  });
  test('the day of this place, and days to come and gone', () => {
    vi.useFakeTimers({ now: new Date(2027, 0, 3, 23, 59), toFake: ['Date'] });
    expect(today()).toBe('2027-01-03');
    expect(['2027-01-03', '2027-01-04', '2027-02-03', '2026-12-31'].map(daysUntil)).toEqual([0, 1, 31, -3]);
    vi.setSystemTime(new Date(2027, 0, 4, 0, 1));
    expect(today()).toBe('2027-01-04');
  });
  test('no two names are one', () => {
    const ids = Array.from({ length: 200 }, () => newId('use'));
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids.every((id) => id.startsWith('use-'))).toBe(true);
  });
});
