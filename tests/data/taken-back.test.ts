import { describe, expect, test } from 'vitest';
import { db } from '../../src/data/db';
import * as repo from '../../src/data/repo';
import { forgetUndo, keepUndo, takeBackKept, undoAll, undosKept } from '../../src/data/undo';
import { replaceKit } from '../../src/data/kit';
import { everything, inFilledStore, kit } from '../changes';

/* What was done in the last day is kept with what takes it back, over a reload of the page. */
const T0 = Date.parse('2027-01-03T08:00:00Z');
const HOUR = 3_600_000;
const parka = kit.items.find((i) => i.id === 'itm-parka')!;

describe('what was done', () => {
  inFilledStore();

  test('is taken back after the page was shut, newest first, and is then no longer in the list', async () => {
    const before = await everything();
    await keepUndo('u1', 'Parka named.', await repo.saveItem({ ...parka, name: 'Blue parka' }), T0);
    await keepUndo('u2', 'Quilt deleted.', await repo.deleteItem('itm-quilt'), T0 + HOUR);
    db.close();
    await db.open();
    const list = await undosKept(T0 + 2 * HOUR);
    expect(list.map((u) => u.text)).toEqual(['Quilt deleted.', 'Parka named.']);
    expect(await takeBackKept('u2')).toBe('Quilt deleted.');
    expect(await db.items.get('itm-quilt')).toBeDefined();
    expect(await takeBackKept('u1')).toBe('Parka named.');
    expect(await everything()).toEqual(before);
    expect(await undosKept(T0 + 2 * HOUR)).toEqual([]);
    expect(await takeBackKept('u1')).toBeNull();
  });
  test('one of the middle leaves alone what was done since', async () => {
    await keepUndo('u1', 'Parka named.', await repo.saveItem({ ...parka, name: 'Blue parka' }), T0);
    const named = (await db.items.get('itm-parka'))!;
    await keepUndo('u2', 'Parka lent.', await repo.saveItem({ ...named, owner: 'Siv the elder' }), T0 + 1);
    await takeBackKept('u1');
    expect(await db.items.get('itm-parka')).toMatchObject({ name: parka.name, owner: 'Siv the elder' });
  });
  test('several changes that were undone as one are kept as one', async () => {
    const before = await everything();
    const both = undoAll(await repo.saveItem({ ...parka, name: 'A' }), await repo.deleteItem('itm-parka'));
    expect(await keepUndo('u1', 'Renamed and deleted.', both, T0)).toBe('u1');
    await takeBackKept('u1');
    expect(await everything()).toEqual(before);
  });
  test('older than a day goes, and what is forgotten is gone', async () => {
    const undo = await repo.saveItem({ ...parka, name: 'A' });
    await keepUndo('old', 'Old.', undo, T0);
    expect(await undosKept(T0 + 24 * HOUR)).toEqual([]);
    await keepUndo('new', 'New.', undo, T0 + 25 * HOUR);
    expect((await db.undos.toArray()).map((u) => u.id)).toEqual(['new']);
    await forgetUndo('new');
    expect(await db.undos.count()).toBe(0);
  });
  test('what is no change of rows, or of very many, is not kept: whole states of before are there for that', async () => {
    expect(await keepUndo('u1', 'Nothing.', () => Promise.resolve(), T0)).toBeNull();
    const many = { ...kit, items: Array.from({ length: 600 }, (_, n) => ({ ...parka, id: `i${n}` })), log: [], inspections: [] };
    expect(await keepUndo('u2', 'Replaced.', await replaceKit(many), T0)).toBeNull();
    expect(await db.undos.count()).toBe(0);
  });
});
