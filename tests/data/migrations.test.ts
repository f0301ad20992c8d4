import Dexie from 'dexie';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { openStore, readMeta, SCHEMA_VERSION, UmbrasticDb } from '../../src/data/db';
import { m0002 } from '../../src/data/migrations';

type Row = Record<string, unknown>;
const fixture = <T>(number: string): T => JSON.parse(readFileSync(`tests/data/fixtures/${number}.json`, 'utf8')) as T;
interface Drafts {
  items: Row[];
  before: Row[];
  after: Row[];
}

describe('migrations', () => {
  test('each has its fixture of before and after, and its number is its version', () => {
    const files = readdirSync('src/data/migrations').filter((f) => /^\d{4}-/.test(f));
    for (const file of files)
      expect({ file, fixture: existsSync(`tests/data/fixtures/${file.slice(0, 4)}.json`) }).toEqual({ file, fixture: true });
    expect(Math.max(...files.map((f) => Number(f.slice(0, 4))))).toBe(SCHEMA_VERSION);
    expect(m0002.version).toBe(2);
  });
  test('2: a draft keeps its card by name', () => {
    const { items, before, after } = fixture<Drafts>('0002');
    const found = (id: unknown): Row | undefined => items.find((i) => i.id === id);
    expect(before.map((row) => m0002.draft(row, found(row.itemId)))).toEqual(after);
    // Taken twice it changes nothing more.
    expect(after.map((row) => m0002.draft(row, found(row.itemId)))).toEqual(after);
  });
  test('2: a store of version 1 is brought up when it is opened, and nothing is lost', async () => {
    const { items, before, after } = fixture<Drafts>('0002');
    const old = new Dexie('was-version-1');
    old.version(1).stores({
      items: 'id, kind, owner',
      inspections: 'id, itemId, at, [itemId+at]',
      supplies: 'id, class',
      weighIns: '++key, itemId, at',
      log: 'id, itemId, at, type',
      runs: 'id, itemId, status',
      drafts: 'itemId',
      meta: 'key',
    });
    await old.open();
    await old.table('items').bulkPut(items);
    await old.table('drafts').bulkPut(before);
    await old.table('meta').put({ key: 'schemaVersion', value: 1 });
    await old.table('meta').put({ key: 'title', value: 'Old kit' });
    old.close();
    const store = new UmbrasticDb('was-version-1');
    expect(await openStore(store)).toEqual({ status: 'open' });
    expect(await readMeta('schemaVersion', store)).toBe(SCHEMA_VERSION);
    expect(await readMeta('title', store)).toBe('Old kit');
    const sorted = (rows: readonly object[]): object[] =>
      [...(rows as Row[])].sort((a, b) => (String(a.itemId) < String(b.itemId) ? -1 : 1));
    expect(sorted(await store.drafts.toArray())).toEqual(sorted(after));
    expect(await store.items.count()).toBe(items.length);
    expect(await store.photos.count()).toBe(0);
    await store.delete();
  });
});
