import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { demoOffer } from '../../demo/offer';
import { askToNotify, notifying, watchAlarms } from '../../src/app/alarms';
import { pageTitle } from '../../src/app/title';
import { db, openStore } from '../../src/data/db';
import { takeFirst } from '../../src/data/kit';

/* A timer that ends is heard on whatever page one is, and seen where the page is not: the tab, and a notification where that was allowed. */
const page = { title: '', visibilityState: 'hidden' };
let tones = 0;
let shown: { title: string; body: string }[] = [];
class Shown {
  static permission = 'granted';
  static requestPermission = async (): Promise<string> => Shown.permission;
  constructor(title: string, { body }: { body: string }) {
    shown.push({ title, body });
  }
}
const gain = {
  gain: { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined },
  connect: () => undefined,
};
class Tones {
  currentTime = 0;
  createOscillator = () => ({
    frequency: { value: 0 },
    connect: () => gain,
    start: () => void tones++,
    stop: () => undefined,
  });
  createGain = () => gain;
  close = async (): Promise<void> => undefined;
}
/** The club as it was so many minutes ago: its quilt has been drying since, in a round with a timer. */
async function clubOf(minutesAgo: number): Promise<void> {
  const { kit, runs } = demoOffer(Date.now() - minutesAgo * 60_000);
  await takeFirst(kit, runs);
}
let stop: (() => void) | undefined;

beforeEach(async () => {
  Object.assign(page, { title: '', visibilityState: 'hidden' });
  [tones, shown, Shown.permission] = [0, [], 'granted'];
  for (const [name, value] of Object.entries({ document: page, navigator: {}, Notification: Shown, AudioContext: Tones }))
    vi.stubGlobal(name, value);
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
  pageTitle('Kit');
  page.title = '';
  await openStore();
});
afterEach(async () => {
  stop?.();
  stop = undefined;
  vi.useRealTimers();
  vi.unstubAllGlobals();
  await db.delete({ disableAutoOpen: false });
});

describe('a timer that has ended', () => {
  test('rings once, stands in the tab until the watch ends, and is notified of where the page is not seen', async () => {
    await clubOf(24 * 60);
    stop = watchAlarms();
    await vi.waitFor(() => expect(page.title).toMatch(/^Look now: .*quilt/i));
    // Two tones are one ring. Further looks of the watch ring no more.
    vi.advanceTimersByTime(10_000);
    expect(tones).toBe(2);
    expect(shown).toEqual([{ title: page.title, body: expect.stringMatching(/\w/) as string }]);
    stop();
    stop = undefined;
    expect(page.title).toBe('Kit · Umbrastic');
  });
  test('is not notified of while the page is seen, nor where nobody allowed it; it rings all the same', async () => {
    await clubOf(24 * 60);
    page.visibilityState = 'visible';
    stop = watchAlarms();
    await vi.waitFor(() => expect(tones).toBe(2));
    stop();
    Object.assign(page, { visibilityState: 'hidden' });
    Shown.permission = 'default';
    stop = watchAlarms();
    await vi.waitFor(() => expect(tones).toBe(4));
    expect(shown).toEqual([]);
  });
  test('one that goes on is waited for in silence', async () => {
    await clubOf(0);
    stop = watchAlarms();
    // It has looked: the tab says what it said before.
    await vi.waitFor(() => expect(page.title).toBe('Kit · Umbrastic'));
    expect([tones, shown]).toEqual([0, []]);
  });
});

describe('notifications', () => {
  test('can be asked for, are on, or are off where they were refused or the browser has none', async () => {
    Shown.permission = 'default';
    expect(notifying()).toBe('can-ask');
    expect(await askToNotify()).toBe(false);
    Shown.permission = 'granted';
    expect([notifying(), await askToNotify()]).toEqual(['on', true]);
    Shown.permission = 'denied';
    expect(notifying()).toBe('off');
    vi.stubGlobal('Notification', undefined);
    Reflect.deleteProperty(globalThis, 'Notification');
    expect(notifying()).toBe('off');
  });
});
