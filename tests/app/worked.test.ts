import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { inSlices } from '../../src/app/worked';

describe('a long list is worked through in slices', () => {
  const LIST = Array.from({ length: 100 }, (_, n) => n);
  let clock = 0;
  beforeEach(() => {
    clock = 0;
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    vi.spyOn(performance, 'now').mockImplementation(() => clock);
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
  });
  /** Takes 3 ms. */
  const work = (n: number): number => ((clock += 3), n * n);
  const never = (): never => {
    throw new Error('This was not to be called.');
  };

  test('all of it, in order; a hand is heard every few of them, and before the first', () => {
    const done = vi.fn<(all: readonly number[]) => void>();
    inSlices(LIST, work, done, never);
    expect(clock).toBe(0);
    let longest = 0;
    for (let before = 0; done.mock.calls.length === 0 && before < 300; before = clock) {
      vi.advanceTimersToNextTimer();
      longest = Math.max(longest, clock - before);
    }
    expect(done.mock.calls).toEqual([[LIST.map((n) => n * n)]]);
    // A frame of 60 in a second (common practice, no source).
    expect(longest).toBeLessThan(1000 / 60);
    expect(vi.getTimerCount()).toBe(0);
  });
  test('one that takes long is not the end of it', () => {
    const done = vi.fn();
    inSlices(LIST, () => (clock += 50), done, never);
    vi.runAllTimers();
    expect(done).toHaveBeenCalledTimes(1);
  });
  test('of nothing it is nothing', () => {
    const done = vi.fn();
    inSlices([], never, done, never);
    vi.runAllTimers();
    expect(done.mock.calls).toEqual([[[]]]);
  });
  test('what the work throws is handed on once, and nothing is worked out after it', () => {
    const failed = vi.fn();
    const seen: number[] = [];
    const broken = new Error('The seventh is broken.');
    inSlices(
      LIST,
      (n) => {
        seen.push(work(n));
        if (n === 6) throw broken;
      },
      never,
      failed,
    );
    vi.runAllTimers();
    expect(failed.mock.calls).toEqual([[broken]]);
    expect(seen).toHaveLength(7);
  });
  test('stopped, nothing more is worked out, before the first slice or between two', () => {
    for (const slices of [0, 1, 4]) {
      clock = 0;
      const stop = inSlices(LIST, work, never, never);
      for (let n = 0; n < slices; n++) vi.advanceTimersToNextTimer();
      const before = clock;
      stop();
      vi.runAllTimers();
      expect(clock).toBe(before);
    }
  });
});
