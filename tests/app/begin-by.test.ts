import { describe, expect, test } from 'vitest';
import { beginBy } from '../../src/app/beginBy';

/* An outing is ready in the evening of its day, at eight; what must be done before then is begun so much earlier, by hands that sleep at night. */
const step = (attendedMin: number, unattendedMin = 0) =>
  ({ id: 's', key: 's', phase: 'wash', when: 'always', attendedMin, unattendedMin, mayWait: true }) as const;
const at = (when: string): number => new Date(when).getTime();

describe('when a thing must be begun for an outing', () => {
  test('an hour of hands is begun an hour before eight; nothing to do, at eight', () => {
    expect(beginBy({ steps: [step(60)] }, { readyBy: '2027-01-08' })).toBe(at('2027-01-08T19:00:00'));
    expect(beginBy({ steps: [] }, { readyBy: '2027-01-08' })).toBe(at('2027-01-08T20:00:00'));
    expect(beginBy(null, { readyBy: '2027-01-08' })).toBe(at('2027-01-08T20:00:00'));
  });
  test('what dries by itself for a day is begun the evening before', () => {
    expect(beginBy({ steps: [step(30, 24 * 60)] }, { readyBy: '2027-01-08' })).toBe(at('2027-01-07T19:30:00'));
  });
});
