import fc from 'fast-check';
import { format, formatDistanceStrict, formatISO, isSameDay, startOfMinute } from 'date-fns';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { instantHere, weekdayAsWritten } from '../../src/core/units/day';
import { axisDay, axisMonth } from '../../src/ui/chart';
import { atText, clockText, dayText, distanceText, midnightOf, whenText } from '../../src/app/time';

/* Days and hours as pages say them, held to date-fns as the reference, in whatever zone and season this runs. */
const instant = fc.date({ min: new Date('1971-01-01T00:00:00Z'), max: new Date('2199-12-30T00:00:00Z'), noInvalidDate: true });
const NOW = new Date(2027, 0, 3, 12, 0, 0);
afterEach(() => void vi.useRealTimers());
const at = (now: Date): void => void vi.useFakeTimers({ now, toFake: ['Date'] });

describe('what pages say of days and hours', () => {
  test('how long ago, and until when: seconds to years, over changes of the clock', () => {
    const near = fc.tuple(instant, fc.integer({ min: -40 * 86_400, max: 40 * 86_400 }));
    fc.assert(
      fc.property(fc.oneof(near, fc.tuple(instant, fc.integer({ min: -4e9, max: 4e9 }))), ([now, seconds]) => {
        const then = new Date(now.getTime() + seconds * 1000);
        expect(distanceText(then, now)).toBe(formatDistanceStrict(then, now, { addSuffix: true }));
      }),
      { numRuns: 3000 },
    );
  });
  test('the day, the hour, and that it is today', () => {
    at(NOW);
    fc.assert(
      fc.property(fc.oneof(instant, fc.constant(NOW), fc.constant(new Date(2027, 0, 3, 0, 5))), (when) => {
        const ms = when.getTime();
        const isToday = isSameDay(when, NOW);
        expect(clockText(ms)).toBe(format(when, isToday ? 'HH:mm' : 'EEE HH:mm'));
        expect(atText(ms)).toBe(`${isToday ? 'today' : format(when, 'EEE d MMM')} at ${format(when, 'HH:mm')}`);
        expect(axisDay(ms)).toBe(format(when, 'd MMM yy'));
        expect(axisMonth(ms)).toBe(format(when, 'MMM yy'));
        expect(weekdayAsWritten(instantHere(when))).toBe(format(when, 'EEEE'));
        expect(instantHere(when)).toBe(formatISO(startOfMinute(when)));
        expect(dayText(when.toISOString())).toBe(format(when, 'd MMM yyyy'));
        expect(dayText(format(when, 'yyyy-MM-dd'))).toBe(format(when, 'd MMM yyyy'));
        expect(midnightOf(format(when, 'yyyy-MM-dd'))).toBe(
          new Date(when.getFullYear(), when.getMonth(), when.getDate()).getTime(),
        );
      }),
      { numRuns: 500 },
    );
  });
  test('a day is its beginning here, an instant of today says its hour, and what is no day stands as it is', () => {
    at(NOW);
    expect(whenText('2027-01-02')).toBe('2 days ago');
    expect(whenText(new Date(2027, 0, 3, 9, 40).toISOString())).toBe('today, 09:40');
    for (const text of ['soon', '', 'spring 2', '2027-02-31', '2027-13-01', '12029-05-01', '3 Jan 2027', '2027-01-03Tnoon'])
      expect([text, whenText(text), dayText(text)]).toEqual([text, text, text]);
  });
});
