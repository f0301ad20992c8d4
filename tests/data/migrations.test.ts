import Dexie from 'dexie';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { openStore, readMeta, SCHEMA_VERSION, UmbrasticDb } from '../../src/data/db';
import { current, finishStep, foldRun, type RunRecord } from '../../src/core/run';
import { dryingMinutes } from '../../src/core/run/damp';
import { m0002, m0003, m0004, m0005, m0006, m0007, m0008, m0009 } from '../../src/data/migrations';

type Row = Record<string, unknown>;
const fixture = <T>(number: string): T => JSON.parse(readFileSync(`tests/data/fixtures/${number}.json`, 'utf8')) as T;
interface Drafts {
  items: Row[];
  before: Row[];
  after: Row[];
}

/** Runs as version 2 kept them, and how each stood by that version's own code. */
interface Runs {
  atMs: number;
  weighIns: Row[];
  before: Row[];
  stood: {
    id: string;
    status: string;
    currentId: string | null;
    stepIds: string[];
    times: Record<string, number>;
    states: Record<string, string>;
    endsAtMs: number | null;
    leftMs: number | null;
    driedMin: number | null;
  }[];
}

/** The tables of version 1, as its own code had them. */
const V1 = {
  items: 'id, kind, owner',
  inspections: 'id, itemId, at, [itemId+at]',
  supplies: 'id, class',
  weighIns: '++key, itemId, at',
  log: 'id, itemId, at, type',
  runs: 'id, itemId, status',
  drafts: 'itemId',
  meta: 'key',
};

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
    old.version(1).stores(V1);
    await old.open();
    await old.table('items').bulkPut(items);
    await old.table('drafts').bulkPut(before);
    await old.table('meta').put({ key: 'schemaVersion', value: 1 });
    await old.table('meta').put({ key: 'title', value: 'Old kit' });
    old.close();
    const store = new UmbrasticDb('was-version-1');
    expect(await openStore({}, store)).toEqual({ status: 'open' });
    expect(await readMeta('schemaVersion', store)).toBe(SCHEMA_VERSION);
    expect(await readMeta('title', store)).toBe('Old kit');
    const sorted = (rows: readonly object[]): object[] =>
      [...(rows as Row[])].sort((a, b) => (String(a.itemId) < String(b.itemId) ? -1 : 1));
    expect(sorted(await store.drafts.toArray())).toEqual(sorted(after));
    expect(await store.items.count()).toBe(items.length);
    expect(await store.photos.count()).toBe(0);
    await store.delete();
  });
  test('3: a run becomes what happened in it, and stands where it stood', () => {
    const { atMs, weighIns, before, stood } = fixture<Runs>('0003');
    for (const [n, row] of before.entries()) {
      const own = weighIns.filter((w) => w.runId === row.id);
      const after = m0003.run(row, own, false);
      expect(m0003.run(after, own, false)).toBe(after);
      const run = foldRun(after as unknown as RunRecord);
      const was = stood[n]!;
      expect({ id: run.id, status: run.status, currentId: run.currentId }).toEqual({
        id: was.id,
        status: was.status,
        currentId: was.currentId,
      });
      expect(run.programme.steps.map((s) => s.id)).toEqual(was.stepIds);
      for (const [id, state] of Object.entries(was.states)) {
        expect([id, run.steps[id]?.state]).toEqual([id, state]);
        expect([id, run.steps[id]?.times]).toEqual([id, was.times[id] ?? 0]);
      }
      const step = current(run);
      if (!step || was.driedMin === null) continue;
      expect(run.steps[step.id]).toMatchObject({ endsAtMs: was.endsAtMs, leftMs: was.leftMs });
      expect(dryingMinutes(run, step, atMs)).toBeCloseTo(was.driedMin, 6);
      expect(run.events.filter((e) => e.type === 'weighed').map((e) => e.massG)).toEqual(own.map((w) => w.massG));
      // It goes on from there.
      expect(finishStep(run, atMs).currentId).not.toBe(run.currentId);
    }
    expect(foldRun(m0003.run(before[0]!, [], true) as unknown as RunRecord).status).toBe('written');
  });
  test('3: a store of version 2 is brought up when it is opened; weights of a run under way become its lines', async () => {
    const { weighIns, before } = fixture<Runs>('0003');
    const old = new Dexie('was-version-2');
    old.version(2).stores({ ...V1, ...m0002.stores });
    await old.open();
    await old.table('runs').bulkPut(before);
    await old
      .table('weighIns')
      .bulkPut([...weighIns, { key: 9, itemId: 'x', at: '2026-01-03T10:31:00Z', massG: 431, after: 'dry' }]);
    await old.table('log').put({ id: 'log-run-done', type: 'care', itemId: 'x', at: '2027-01-03T10:31:00Z' });
    await old.table('meta').put({ key: 'schemaVersion', value: 2 });
    old.close();
    const store = new UmbrasticDb('was-version-2');
    expect(await openStore({}, store)).toEqual({ status: 'open' });
    expect(await readMeta('schemaVersion', store)).toBe(SCHEMA_VERSION);
    expect(Object.fromEntries((await store.runs.toArray()).map((r) => [r.id, r.status]))).toEqual({
      'run-drying': 'live',
      'run-paused': 'live',
      'run-failed': 'live',
      'run-done': 'written',
    });
    expect((await store.weighIns.toArray()).map((w) => w.massG)).toEqual([431]);
    const drying = (await store.runs.get('run-drying')) as RunRecord;
    expect(drying.events.filter((e) => e.type === 'weighed')).toHaveLength(2);
    await store.delete();
  });
  test('4: strong choices are no longer the whole kit’s; the others, and everything else, stay', async () => {
    const { before, after } = fixture<{ before: Row[]; after: Row[] }>('0004');
    expect(before.map(m0004.preferences)).toEqual(after);
    expect(after.map(m0004.preferences)).toEqual(after);
    const old = new Dexie('was-version-3');
    old.version(3).stores({ ...V1, ...m0002.stores });
    await old.open();
    await old.table('meta').put({ key: 'preferences', value: before[0] });
    await old.table('meta').put({ key: 'schemaVersion', value: 3 });
    old.close();
    const store = new UmbrasticDb('was-version-3');
    expect(await openStore({}, store)).toEqual({ status: 'open' });
    expect(await readMeta('preferences', store)).toEqual(after[0]);
    expect(await readMeta('schemaVersion', store)).toBe(SCHEMA_VERSION);
    await store.delete();
  });
  test.each([
    { of: m0005, table: 'sheets', before: {} },
    { of: m0006, table: 'snapshots', before: m0005.stores },
    { of: m0007, table: 'registers', before: { ...m0005.stores, ...m0006.stores } },
    { of: m0008, table: 'undos', before: { ...m0005.stores, ...m0006.stores, ...m0007.stores } },
    { of: m0009, table: 'answers', before: { ...m0005.stores, ...m0006.stores, ...m0007.stores, ...m0008.stores } },
  ])('$of.version: a table more, and nothing else moves', async ({ of, table, before: known }) => {
    const { stores, before } = fixture<{ stores: Record<string, string>; before: Record<string, Row[]> }>(`000${of.version}`);
    expect(of.stores).toEqual(stores);
    const old = new Dexie('was-older');
    old.version(of.version - 1).stores({ ...V1, ...m0002.stores, ...known });
    await old.open();
    for (const [name, rows] of Object.entries(before)) await old.table(name).bulkPut(rows);
    old.close();
    const store = new UmbrasticDb('was-older');
    expect(await openStore({}, store)).toEqual({ status: 'open' });
    expect(await store.items.toArray()).toEqual(before.items);
    expect(await store.drafts.toArray()).toEqual(before.drafts);
    expect(await store.table(table).toArray()).toEqual([]);
    expect(await readMeta('schemaVersion', store)).toBe(SCHEMA_VERSION);
    await store.delete();
  });
});
