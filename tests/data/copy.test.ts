import { beforeEach, describe, expect, test } from 'vitest';
import type { Photo } from '../../src/data/db';
import { db } from '../../src/data/db';
import { exportKit, loadRest, replaceKit, restoreCopy } from '../../src/data/kit';
import { writeMeta } from '../../src/data/db';
import { saveWashDay } from '../../src/data/repo';
import { keepSnapshot, snapshots } from '../../src/data/snapshots';
import { TABLE_NAMES } from '../../src/data/tables';
import { copyJobs } from '../../src/workers/copy.job';
import { everything, fill, kit } from '../changes';

const AT = '2027-01-04T08:00:00Z';
const packed = async (): Promise<Blob> => {
  const { rest, photos } = await loadRest();
  const rows = photos.map(({ blob, ...row }, n) => ({ row: { ...row, file: `photos/${n}.bin`, type: blob.type }, blob }));
  return copyJobs.pack(await exportKit(AT), rest, rows, AT);
};
async function opened(blob: Blob): Promise<() => Promise<void>> {
  const read = await copyJobs.read(blob);
  if (read.status !== 'read') throw new Error(JSON.stringify(read));
  const photos = read.rest.photos.map(({ file, type, ...row }): Photo => ({
    ...row,
    blob: new Blob([read.pictures.get(file) as Uint8Array<ArrayBuffer>], { type }),
  }));
  return restoreCopy(read.kit, { rest: read.rest, photos });
}
const textOf = async (): Promise<string[]> => Promise.all((await db.photos.toArray()).map((p) => p.blob.text()));

beforeEach(async () => {
  await Promise.all(TABLE_NAMES.map((name) => db.table(name).clear()));
});

describe('a copy, opened in another browser', () => {
  test('every table is what it was, pictures too; a copy of it is the same to the byte; undone, all is as before', async () => {
    await fill();
    await db.sheets.put({ key: 'item:itm-parka', was: {}, draft: { name: 'x' } });
    await saveWashDay({ items: ['itm-parka'], from: AT, people: [{ name: 'Bo' }], prefer: 'earliest' });
    const before = await everything(TABLE_NAMES);
    // Nothing is empty, so that nothing can be forgotten.
    for (const name of TABLE_NAMES.filter((n) => n !== 'snapshots' && n !== 'undos' && n !== 'answers'))
      expect([name, (before[name] as unknown[]).length > 0]).toEqual([name, true]);
    const [copy, pictures] = [await packed(), await textOf()];

    // Another browser, with things of its own.
    await Promise.all(TABLE_NAMES.map((name) => db.table(name).clear()));
    await replaceKit({ ...kit, items: kit.items.slice(0, 2), inspections: [], log: [], weighIns: [] });
    await db.photos.put({ id: 'own', itemId: kit.items[0]!.id, at: AT, width: 1, height: 1, bytes: 1, blob: new Blob(['q']) });
    await db.savedViews.put({ id: 'own', name: 'Mine', query: 'q=1' });
    await writeMeta('schemaVersion', 5);
    const other = await everything(TABLE_NAMES);

    const undo = await opened(copy);
    const same = (rows: Record<string, unknown>): unknown => {
      // A row's own number in the store, and what is of this browser only, are no content.
      const { meta, weighIns, ...more } = rows as { meta: { key: string }[]; weighIns: { key: number }[] };
      const own = ['schemaVersion', 'demoOffered', 'demoPictures', 'copiedAt', 'clock', 'rest', 'title', 'browser'];
      return { ...more, meta: meta.filter((m) => !own.includes(m.key)), weighIns: weighIns.map(({ key: _key, ...w }) => w) };
    };
    expect(same(await everything(TABLE_NAMES))).toEqual(same(before));
    expect(await textOf()).toEqual(pictures);
    expect(new Uint8Array(await (await packed()).arrayBuffer())).toEqual(new Uint8Array(await copy.arrayBuffer()));

    await undo();
    expect(await everything(TABLE_NAMES)).toEqual(other);
    expect(await textOf()).toEqual(['q']);
  });
});

describe('whole states of before', () => {
  const state = (day: number) => ({
    id: `snap-${day}`,
    at: `2027-01-${String(day).padStart(2, '0')}T08:00:00Z`,
    why: 'import' as const,
    things: 1,
    photos: 0,
    blob: new Blob(['x']),
  });
  test('five at most, and none older than a week; the newest first; a replaced kit and an undo leave them', async () => {
    for (let day = 1; day <= 7; day++) await keepSnapshot(state(day));
    expect((await snapshots()).map((s) => s.id)).toEqual(['snap-7', 'snap-6', 'snap-5', 'snap-4', 'snap-3']);
    await keepSnapshot(state(12));
    expect((await snapshots()).map((s) => s.id)).toEqual(['snap-12', 'snap-7', 'snap-6', 'snap-5']);
    await fill();
    const undo = await opened(await packed());
    await undo();
    expect(await snapshots()).toHaveLength(4);
  });
  test('what was left to begin with one’s own stays 30 days beside the others, the newest alone', async () => {
    const state = (id: string, day: number, why: 'begin' | 'import') => ({
      id,
      at: new Date(Date.UTC(2027, 0, day)).toISOString(),
      why,
      things: 1,
      photos: 0,
      blob: new Blob(['x']),
    });
    await keepSnapshot(state('left', 1, 'begin'));
    for (let day = 2; day <= 9; day++) await keepSnapshot(state(`d${day}`, day, 'import'));
    expect((await snapshots()).map((s) => s.id)).toEqual(['d9', 'd8', 'd7', 'd6', 'd5', 'left']);
    await keepSnapshot(state('later', 30, 'import'));
    expect((await snapshots()).map((s) => s.id)).toEqual(['later', 'left']);
    await keepSnapshot(state('left-again', 30, 'begin'));
    expect((await snapshots()).map((s) => s.id).sort()).toEqual(['later', 'left-again']);
    await keepSnapshot(state('much-later', 61, 'import'));
    expect((await snapshots()).map((s) => s.id)).toEqual(['much-later']);
  });
});
