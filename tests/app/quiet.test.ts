import { afterEach, expect, test, vi } from 'vitest';
import { whenQuiet } from '../../src/app/quiet';

/* What can wait must not share a thin line with an answer that is under way. */
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
test('a page is quiet when it has its heading and nothing of it is busy any more', async () => {
  vi.useFakeTimers();
  const page = { busy: true, heading: false };
  vi.stubGlobal('document', {
    querySelector: (what: string) => ((what === 'h1' ? page.heading : page.busy) ? {} : null),
  });
  let quiet = false;
  const waiting = whenQuiet().then(() => (quiet = true));
  await vi.advanceTimersByTimeAsync(5_000);
  expect(quiet).toBe(false);
  page.heading = true;
  await vi.advanceTimersByTimeAsync(5_000);
  expect(quiet).toBe(false);
  page.busy = false;
  await vi.advanceTimersByTimeAsync(5_000);
  await waiting;
  expect(quiet).toBe(true);
});
test('one that is quiet from the first is left to itself for a moment', async () => {
  vi.useFakeTimers();
  vi.stubGlobal('document', { querySelector: (what: string) => (what === 'h1' ? {} : null) });
  let quiet = false;
  void whenQuiet().then(() => (quiet = true));
  await vi.advanceTimersByTimeAsync(1);
  expect(quiet).toBe(false);
  await vi.advanceTimersByTimeAsync(5_000);
  expect(quiet).toBe(true);
});
