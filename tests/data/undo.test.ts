import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { planItem } from '../../src/core/programme';
import { startRun } from '../../src/core/run';
import { db, openStore, writeMeta, type Photo } from '../../src/data/db';
import { replaceKit } from '../../src/data/kit';
import * as repo from '../../src/data/repo';
import { TABLE_NAMES, TABLES } from '../../src/data/tables';
import { undoable, undoAll } from '../../src/data/undo';
import { invented } from '../make';

/* Whatever is changed and undone, the store is what it was: every table, every row. */
const kit = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const IDS = ['itm-parka', 'itm-quilt', 'itm-smock', 'nobody'];
const photo = (id: string, itemId: string): Photo => ({
  id,
  itemId,
  at: '2027-01-03T08:00:00Z',
  width: 2,
  height: 2,
  bytes: 3,
  blob: new Blob(['abc']),
});

async function everything(): Promise<Record<string, unknown>> {
  const rows = await Promise.all(TABLE_NAMES.map(async (name) => [name, await db.table(name).toArray()] as const));
  return JSON.parse(JSON.stringify(Object.fromEntries(rows))) as Record<string, unknown>;
}
async function fill(): Promise<void> {
  await replaceKit(structuredClone(kit));
  const item = kit.items.find((i) => i.id === 'itm-parka')!;
  await repo.saveRun(startRun(planItem(kit, item), 'Parka', 'run-1', 0));
  await repo.patchDraft('itm-parka', 'soil', { soil: 2 });
  await repo.patchDraft('itm-quilt', 'soil', { soil: 1 });
  await repo.savePhoto(photo('pho-1', 'itm-parka'));
  await repo.savePhoto(photo('pho-2', 'itm-quilt'));
  await repo.saveView({ id: 'view-1', name: 'Due', query: 'due=1' });
  await repo.tickMove('itm-quilt', 'plan', 'a-b', true);
}

type Change = () => Promise<repo.Undo>;
const id = fc.constantFrom(...IDS);
const CHANGES: Record<string, fc.Arbitrary<Change>> = {
  saveItem: id.map((i) => () => repo.saveItem({ ...kit.items[0]!, id: i, name: 'changed' })),
  deleteItem: id.map((i) => () => repo.deleteItem(i)),
  saveInspection: id.map((i) => () => repo.saveInspection({ id: `ins-of-${i}`, itemId: i, at: '2027-01-04T08:00:00Z', soil: 1 })),
  saveSupply: fc.constantFrom('s-down', 's-new').map((s) => () => repo.saveSupply({ id: s, class: 'down-cleaner' })),
  deleteSupply: fc.constantFrom('s-down', 's-none').map((s) => () => repo.deleteSupply(s)),
  saveEquipment: fc.constant(() => repo.saveEquipment({ washers: [] })),
  savePreferences: fc.constant(() => repo.savePreferences({ units: 'us', currency: undefined })),
  chooseFor: fc.constant(() => repo.chooseFor(['itm-parka', 'itm-vest'], 'LACES', 'in')),
  chooseForKit: fc.constant(() => repo.chooseForKit('LACES', 'in')),
  saveRun: id.map((i) => () => repo.saveRun(startRun(planItem(kit, kit.items[1]!), 'x', `run-${i}`, 5))),
  saveEntry: fc
    .constantFrom('log-1', 'use-new')
    .map((l) => () => repo.saveEntry({ id: l, type: 'use', at: '2027-01-04T08:00:00Z' })),
  deleteEntry: fc.constantFrom('log-1', 'none').map((l) => () => repo.deleteEntry(l)),
  saveUses: id.map((i) => () => repo.saveUses([{ id: `use-${i}`, type: 'use', itemId: i, at: '2027-01-04T08:00:00Z' }])),
  saveWeighIn: id.map((i) => () => repo.saveWeighIn({ itemId: i, at: '2027-01-04T08:00:00Z', massG: 500 })),
  changeItems: fc.constant(() =>
    repo.changeItems([
      { ...kit.items[0]!, name: 'a' },
      { ...kit.items[1]!, id: 'new' },
    ]),
  ),
  saveWashDay: fc
    .constantFrom('earliest' as const, 'least-energy' as const)
    .map((prefer) => () => repo.saveWashDay({ items: ['a'], from: '2027-01-08T08:00:00Z', people: [], prefer })),
  saveView: fc.constantFrom('view-1', 'view-2').map((v) => () => repo.saveView({ id: v, name: 'x', query: '' })),
  deleteView: fc.constantFrom('view-1', 'view-9').map((v) => () => repo.deleteView(v)),
  savePhoto: fc.constantFrom('pho-1', 'pho-9').map((p) => () => repo.savePhoto(photo(p, 'itm-smock'))),
  changePhoto: fc
    .constantFrom('pho-1', 'pho-9')
    .map((p) => () => repo.changePhoto(p, { light: { marks: invented({ corners: [] }), spread: [] } })),
  deletePhoto: fc.constantFrom('pho-1', 'pho-9').map((p) => () => repo.deletePhoto(p)),
  tickMove: fc.boolean().map((done) => () => repo.tickMove('itm-quilt', 'plan', 'a-b', done)),
  replaceKit: fc
    .constantFrom(2, 9)
    .map((n) => () => replaceKit({ ...structuredClone(kit), items: kit.items.slice(0, n), log: [], title: 'other' })),
};

describe('undo', () => {
  beforeEach(async () => {
    await openStore();
    await fill();
  });
  afterEach(() => db.delete({ disableAutoOpen: false }));

  test('knows every table of the store', () => expect([...TABLE_NAMES].sort()).toEqual(db.tables.map((t) => t.name).sort()));
  test('is tried on every function that offers it', () => {
    const without = ['patchDraft', 'changeRun', 'writeResult', 'writePurge'];
    expect([...Object.keys(CHANGES), ...without].sort()).toEqual([...Object.keys(repo), 'replaceKit'].sort());
  });
  test.each(Object.keys(CHANGES))('%s, undone, is the same store', async (name) => {
    let moved = false;
    await fc.assert(
      fc.asyncProperty(CHANGES[name]!, async (change) => {
        const before = await everything();
        const undo = await change();
        moved ||= JSON.stringify(await everything()) !== JSON.stringify(before);
        await undo();
        expect(await everything()).toEqual(before);
      }),
      { numRuns: 6 },
    );
    expect(moved).toBe(true);
  });
  test('any row of changes, undone from the last, is the same store', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.oneof(...Object.values(CHANGES)), { minLength: 2, maxLength: 6 }), async (changes) => {
        const before = await everything();
        const undos: repo.Undo[] = [];
        for (const change of changes) undos.push(await change());
        await undoAll(...undos)();
        expect(await everything()).toEqual(before);
      }),
      { numRuns: 25 },
    );
  });
  test('a change moves something, and only its undo brings it back', async () => {
    const before = await everything();
    const undo = await repo.deleteItem('itm-parka');
    expect(await everything()).not.toEqual(before);
    await undo();
    expect(await everything()).toEqual(before);
  });
  test('leaves alone what others changed meanwhile', async () => {
    const undo = await repo.saveSupply({ id: 's-new', class: 'vinegar' });
    await repo.saveSupply({ id: 's-later', class: 'vinegar' });
    await undo();
    expect([await db.supplies.get('s-new'), (await db.supplies.get('s-later'))?.class]).toEqual([undefined, 'vinegar']);
  });
  test('a change that fails leaves everything and offers no undo', async () => {
    const before = await everything();
    await expect(
      undoable(['items'], async () => {
        await db.items.delete('itm-parka');
        throw new Error('no');
      }),
    ).rejects.toThrow('no');
    expect(await everything()).toEqual(before);
  });
});

describe('a thing that is gone', () => {
  beforeEach(async () => {
    await openStore();
    await fill();
  });
  afterEach(() => db.delete({ disableAutoOpen: false }));
  const rowsOf = async (itemId: string): Promise<string[]> => {
    const found: string[] = [];
    for (const name of TABLE_NAMES) {
      const { ofItem } = TABLES[name];
      if (ofItem && (await db.table(name).where(ofItem).equals(itemId).count()) > 0) found.push(name);
    }
    return found;
  };
  test('is in every table that things are in, and leaves no row in any', async () => {
    expect((await rowsOf('itm-parka')).sort()).toEqual(['drafts', 'inspections', 'items', 'log', 'photos', 'runs', 'weighIns']);
    await writeMeta('evenings', { 'itm-parka': { of: 'p', moves: ['m'] }, 'itm-quilt': { of: 'q', moves: [] } });
    await repo.deleteItem('itm-parka');
    expect(await rowsOf('itm-parka')).toEqual([]);
    expect((await db.meta.get('evenings'))?.value).toEqual({ 'itm-quilt': { of: 'q', moves: [] } });
  });
  test('its photographs go with a kit that does not have it, and those of others stay', async () => {
    await replaceKit({
      ...structuredClone(kit),
      items: kit.items.filter((i) => i.id !== 'itm-parka'),
      inspections: [],
      log: [],
      weighIns: [],
    });
    expect((await db.photos.toArray()).map((p) => p.id)).toEqual(['pho-2']);
    expect([await db.runs.count(), await db.drafts.count(), await db.views.count()]).toEqual([0, 0, 1]);
  });
});
