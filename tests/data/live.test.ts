import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { db, openStore, readMeta, writeMeta } from '../../src/data/db';
import { KIT_READS, loadKit } from '../../src/data/kit';
import { live } from '../../src/data/live';

/* A page that is opened after another has what both read with its first drawing, and never what was written over. */
describe('what is read of the store and followed', () => {
  beforeEach(async () => {
    await openStore();
  });
  afterEach(() => db.delete({ disableAutoOpen: false }));
  const title = () => {
    const query = vi.fn(() => readMeta('title'));
    return { query, followed: live(['meta/title'], query) };
  };
  const reader = (of: ReturnType<typeof title>['followed']) => {
    const got: (string | undefined)[] = [];
    const failed: unknown[] = [];
    const { unsubscribe } = of.subscribe(
      (value) => got.push(value),
      (error) => failed.push(error),
    );
    return { got, failed, unsubscribe };
  };

  test('is not there before it was read, and then for the next reader at once', async () => {
    await writeMeta('title', 'First');
    const { query, followed } = title();
    expect(followed.hasValue()).toBe(false);
    expect(() => followed.getValue()).toThrow('Nothing was read yet');
    const one = reader(followed);
    await vi.waitFor(() => expect(one.got).toEqual(['First']));
    one.unsubscribe();
    expect(followed.hasValue()).toBe(true);
    expect(followed.getValue()).toBe('First');
    const two = reader(followed);
    expect(two.got).toEqual(['First']);
    expect(query).toHaveBeenCalledTimes(1);
  });

  test('what was written while nobody read is not handed out: the next reader has what stands now', async () => {
    await writeMeta('title', 'First');
    const { followed } = title();
    const one = reader(followed);
    await vi.waitFor(() => expect(one.got).toEqual(['First']));
    one.unsubscribe();
    const kept = writeMeta('title', 'Second').then(() => followed.hasValue() && followed.getValue());
    // To whoever waited for the writing the old value is not shown for a moment either.
    expect(await kept).not.toBe('First');
    const two = reader(followed);
    await vi.waitFor(() => expect(two.got.at(-1)).toBe('Second'));
    expect(two.got).not.toContain('First');
  });

  test('readers that are there hear of every change, those that left of none', async () => {
    const { followed } = title();
    const [here, left] = [reader(followed), reader(followed)];
    await vi.waitFor(() => expect(here.got).toEqual([undefined]));
    left.unsubscribe();
    await writeMeta('title', 'Changed');
    await vi.waitFor(() => expect(here.got.at(-1)).toBe('Changed'));
    expect(left.got).toEqual([undefined]);
  });

  test('what is written beside it costs no reading: another table, and another value of those that stand by name', async () => {
    await writeMeta('title', 'First');
    const { query, followed } = title();
    await vi.waitFor(() => expect(reader(followed).got).toEqual(['First']));
    query.mockClear();
    await db.savedViews.put({ id: 'v', name: 'Wet', query: '' });
    await writeMeta('demoOffered', true);
    await db.meta.bulkPut([{ key: 'copiedAt', value: '2026-11-01T10:00:00Z' }]);
    await db.meta.delete('copiedAt');
    expect(followed.hasValue()).toBe(true);
    expect(reader(followed).got).toEqual(['First']);
    expect(query).not.toHaveBeenCalled();
    // Whatever writes that value is heard of.
    for (const write of [
      () => db.meta.bulkPut([{ key: 'title', value: 'Next' }]),
      () => db.meta.delete('title'),
      () => db.meta.where('key').startsWith('t').delete(),
      () => db.meta.clear(),
    ]) {
      const { followed: anew } = title();
      await vi.waitFor(() => expect(reader(anew).got).toHaveLength(1));
      await write();
      expect(anew.hasValue()).toBe(false);
      await writeMeta('title', 'There');
    }
  });

  test('a whole kit is read of what a kit is made of: a day that is put together, and pictures, are beside it', async () => {
    const followed = live(KIT_READS, () => loadKit());
    followed.subscribe(() => undefined);
    await vi.waitFor(() => expect(followed.hasValue()).toBe(true));
    const day = { items: [], from: '2026-11-28T08:00:00Z', people: [], prefer: 'earliest' as const };
    await writeMeta('washDay', day);
    await writeMeta('demoPictures', []);
    expect(followed.hasValue()).toBe(true);
    await writeMeta('equipment', {});
    expect(followed.hasValue()).toBe(false);
  });

  test('a write costs one reading, by who follows: the next reader has it at once, however many come', async () => {
    await writeMeta('title', 'First');
    const { query, followed } = title();
    const one = reader(followed);
    await vi.waitFor(() => expect(one.got).toEqual(['First']));
    query.mockClear();
    await writeMeta('title', 'Second');
    await vi.waitFor(() => expect(one.got).toEqual(['First', 'Second']));
    expect(followed.hasValue()).toBe(true);
    expect([1, 2, 3].map(() => reader(followed).got)).toEqual([['Second'], ['Second'], ['Second']]);
    expect(query).toHaveBeenCalledTimes(1);
    // Nobody reads, and it is followed on.
    one.unsubscribe();
    await writeMeta('title', 'Third');
    await vi.waitFor(() => expect(followed.hasValue()).toBe(true));
    expect(followed.getValue()).toBe('Third');
    expect(query).toHaveBeenCalledTimes(2);
  });

  test('who comes while what was written is being read waits for that reading, and sets off none', async () => {
    await writeMeta('title', 'First');
    const { query, followed } = title();
    await vi.waitFor(() => expect(reader(followed).got).toEqual(['First']));
    query.mockClear();
    await writeMeta('title', 'Second');
    const more = [1, 2, 3, 4, 5].map(() => reader(followed));
    await vi.waitFor(() => expect(more.map((one) => one.got)).toEqual(Array(5).fill(['Second'])));
    expect(query).toHaveBeenCalledTimes(1);
  });

  test('of writes one on the other the last stands, and is what stands', async () => {
    const { followed } = title();
    const one = reader(followed);
    await vi.waitFor(() => expect(one.got).toEqual([undefined]));
    for (let n = 0; n < 40; n++) {
      await writeMeta('title', `T${n}`);
      // What is handed out as fresh is never older than what was written before it was asked.
      if (followed.hasValue()) expect(followed.getValue()).toBe(`T${n}`);
    }
    await vi.waitFor(() => expect(one.got.at(-1)).toBe('T39'));
    await vi.waitFor(() => expect(followed.hasValue()).toBe(true));
    expect(followed.getValue()).toBe('T39');
  });

  test('what is written as it stands already is the same as before, for those that work on it', async () => {
    const day = { items: ['a'], from: '2026-11-28T08:00:00Z', people: [], prefer: 'earliest' as const };
    await writeMeta('washDay', day);
    const followed = live(['meta/washDay'], () => readMeta('washDay'));
    const got: unknown[] = [];
    followed.subscribe((value) => got.push(value));
    await vi.waitFor(() => expect(got).toEqual([day]));
    await writeMeta('washDay', structuredClone(day));
    await vi.waitFor(() => expect(followed.hasValue()).toBe(true));
    expect(followed.getValue()).toBe(got[0]);
    expect(new Set(got).size).toBe(1);
    await writeMeta('washDay', { ...day, items: ['b'] });
    await vi.waitFor(() => expect(got.at(-1)).toEqual({ ...day, items: ['b'] }));
  });

  test('a fault is told to those that read, and the next one asks anew', async () => {
    const query = vi.fn<() => Promise<string>>().mockRejectedValueOnce(new Error('full')).mockResolvedValue('mended');
    const followed = live(['meta/title'], query);
    const one = reader(followed);
    await vi.waitFor(() => expect(one.failed).toHaveLength(1));
    expect(followed.hasValue()).toBe(false);
    const two = reader(followed);
    await vi.waitFor(() => expect(two.got).toEqual(['mended']));
  });
});
