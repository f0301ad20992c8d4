import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { db, writeMeta } from '../../src/data/db';
import { NotKept } from '../../src/data/guard';
import { replaceKit } from '../../src/data/kit';
import * as repo from '../../src/data/repo';
import { TABLE_NAMES, TABLES } from '../../src/data/tables';
import { undoable, undoAll } from '../../src/data/undo';
import { ANY_FORM, CHANGES, everything, inFilledStore, kit } from '../changes';

/* Whatever is changed and undone, the store is what it was: every table, every row. */
describe('undo', () => {
  inFilledStore();

  test('knows every table of the store', () => expect([...TABLE_NAMES].sort()).toEqual(db.tables.map((t) => t.name).sort()));
  test('is tried on every function that offers it', () => {
    const without = [
      'patchDraft',
      'changeRun',
      'changeRuns',
      'writeResult',
      'writePurge',
      'openRecords',
      'startRuns',
      'clockStep',
      'answerClock',
      'mendClocks',
    ];
    expect([...Object.keys(CHANGES), ...without].sort()).toEqual([...Object.keys(repo), 'replaceKit', 'addBeside'].sort());
  });
  test.each(Object.keys(CHANGES))('%s, undone, is the same store', async (name) => {
    const before = await everything();
    let moved = false;
    for (const [form, change] of CHANGES[name]!.entries()) {
      const undo = await change();
      moved ||= JSON.stringify(await everything()) !== JSON.stringify(before);
      await undo();
      expect(await everything(), `form ${form}`).toEqual(before);
    }
    expect(moved).toBe(true);
  });
  test('any row of changes, undone from the last, is the same store', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.oneof(...ANY_FORM), { minLength: 2, maxLength: 6 }), async (changes) => {
        const before = await everything();
        const undos: repo.Undo[] = [];
        for (const change of changes)
          try {
            undos.push(await change());
          } catch (error) {
            // Of a thing that an earlier one deleted, nothing can be kept.
            if (!(error instanceof NotKept)) throw error;
          }
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
  inFilledStore();
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
    expect([await db.runs.count(), await db.drafts.count(), await db.savedViews.count()]).toEqual([0, 0, 1]);
  });
});
