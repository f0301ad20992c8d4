import { afterEach, describe, expect, test, vi } from 'vitest';
import { fullness, isFull, isKept, keepStored } from '../../src/data/storage';
import { keptSize, LONGEST_PX } from '../../src/workers/photo.protocol';

describe('the browser’s store', () => {
  afterEach(() => vi.unstubAllGlobals());
  const storage = (usage: number, quota: number): unknown =>
    vi.stubGlobal('navigator', {
      storage: { estimate: async () => ({ usage, quota }), persist: async () => true, persisted: async () => false },
    });
  test('says when it is nearly full', async () => {
    storage(95, 100);
    expect(await fullness()).toEqual({ usedBytes: 95, ofBytes: 100, nearlyFull: true });
    storage(50, 100);
    expect((await fullness())?.nearlyFull).toBe(false);
  });
  test('asks to be kept, and says nothing where the browser does not answer', async () => {
    storage(1, 100);
    expect([await keepStored(), await isKept()]).toEqual([true, false]);
    vi.stubGlobal('navigator', {});
    expect([await fullness(), await keepStored(), await isKept()]).toEqual([null, false, false]);
  });
  test('knows the fault of a full store', () => {
    expect(isFull(new DOMException('x', 'QuotaExceededError'))).toBe(true);
    expect(isFull(new Error('The quota has been exceeded'))).toBe(true);
    expect(isFull(new Error('blocked'))).toBe(false);
  });
});

describe('a photograph’s kept size', () => {
  test.each([
    [4000, 3000, 1600, 1200],
    [3000, 4000, 1200, 1600],
    [800, 600, 800, 600],
    [16000, 10, 1600, 1],
  ])('%i × %i → %i × %i', (w, h, width, height) => expect(keptSize(w, h)).toEqual({ width, height }));
  test('is never larger than the longest side kept', () => expect(keptSize(99_999, 5).width).toBe(LONGEST_PX));
});
