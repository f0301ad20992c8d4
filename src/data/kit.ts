import type { Beside } from '../core/formats/beside';
import type { CopyRest } from '../core/formats/copy';
import type { Kit } from '../core/gear';
import type { RunRecord } from '../core/run';
import type { DayWish } from '../core/washday';
import { KIT_FORMAT, KIT_VERSION } from '../core/formats/limits';
import { db, readMeta, writeMeta, type MetaRow, type Photo, type RegisterRow, type UmbrasticDb } from './db';
import type { Read } from './live';
import { TABLE_NAMES, TABLES } from './tables';
import { replaced } from './registers';
import { undoable, type Undo } from './undo';

/** Parts of a document that have a place of their own; whatever else it holds is kept as `rest`. */
const KNOWN = new Set<string>([
  'format',
  'version',
  'exportedAt',
  'title',
  'equipment',
  'preferences',
  ...TABLE_NAMES.flatMap((name) => TABLES[name].inKit ?? []),
]);

/** Fields of a document that this version does not know. */
export const restOf = (kit: Kit): Record<string, unknown> =>
  Object.fromEntries(Object.entries(kit).filter(([key]) => !KNOWN.has(key)));

/** Registers are written after what they are of. */
const OF_KIT = TABLE_NAMES.filter((name) => name !== 'registers');

/** All that a kit document is read from. */
export const KIT_READS: readonly Read[] = [
  ...TABLE_NAMES.filter((name) => name !== 'meta').filter((name) => TABLES[name].inKit !== null),
  'meta/equipment',
  'meta/preferences',
  'meta/title',
  'meta/rest',
];
/** Everything stored, as a kit document. Unknown fields of an earlier import are still in it. */
export async function loadKit(store: UmbrasticDb = db): Promise<Kit> {
  // In one transaction: the state of one moment, and read sooner than in one for each.
  const [items, inspections, supplies, weighIns, log, equipment, preferences, title, rest] = await store.transaction(
    'r',
    [store.items, store.inspections, store.supplies, store.weighIns, store.log, store.meta],
    () =>
      Promise.all([
        store.items.toArray(),
        store.inspections.toArray(),
        store.supplies.toArray(),
        store.weighIns.toArray(),
        store.log.toArray(),
        readMeta('equipment', store),
        readMeta('preferences', store),
        readMeta('title', store),
        readMeta('rest', store),
      ]),
  );
  return {
    ...rest,
    format: KIT_FORMAT,
    version: KIT_VERSION,
    ...(title ? { title } : {}),
    items,
    inspections,
    ...(equipment ? { equipment } : {}),
    supplies,
    ...(preferences ? { preferences } : {}),
    weighIns: weighIns.map(({ key: _key, ...weighIn }) => weighIn),
    log,
  };
}

/** In the transaction that it is called in: the rows of a checked kit in place of those that are here. */
async function putKit(kit: Kit): Promise<void> {
  const here = new Set(kit.items.map((item) => item.id));
  for (const name of TABLE_NAMES) {
    const { onReplace, inKit, ofItem } = TABLES[name];
    if (onReplace === 'kept') continue;
    const table = db.table<object>(name);
    if (onReplace === 'follows') await table.filter((row) => !here.has((row as Record<string, string>)[ofItem] ?? '')).delete();
    else await table.clear();
    if (inKit) await table.bulkPut([...((kit[inKit] as readonly object[] | undefined) ?? [])]);
  }
  const evenings = Object.entries((await readMeta('evenings')) ?? {}).filter(([id]) => here.has(id));
  await db.meta.bulkPut([
    { key: 'rest', value: restOf(kit) },
    { key: 'title', value: kit.title ?? '' },
    { key: 'evenings', value: Object.fromEntries(evenings) },
  ]);
  await db.meta.delete('washDay');
  await (kit.equipment ? writeMeta('equipment', kit.equipment) : db.meta.delete('equipment'));
  await (kit.preferences ? writeMeta('preferences', kit.preferences) : db.meta.delete('preferences'));
}
/**
 * Replaces everything by a checked kit, in one transaction: all of it or nothing. Runs and drafts of the old kit end; photographs of things
 * that the new one does not have go.
 */
export const replaceKit = (kit: Kit): Promise<Undo> =>
  undoable(OF_KIT, () => putKit(kit), { checked: true, noted: (changed) => replaced(changed, []) });

/**
 * The first kit of an empty store, checked before, with what is under way in it, in one transaction. Nothing is replaced and nobody's, so there
 * is nothing to take back. Refuses: a store that holds a thing. @returns whether it was taken.
 */
export const takeFirst = (kit: Kit, runs: readonly RunRecord[], washDay?: DayWish): Promise<boolean> =>
  db.transaction('rw', db.tables, async () => {
    if ((await db.items.count()) > 0) return false;
    await putKit(kit);
    await db.runs.bulkPut(runs);
    if (washDay) await writeMeta('washDay', washDay);
    return true;
  });

/** What of a copy is no part of a kit document, as the store holds it. */
export interface Whole {
  readonly rest: Omit<CopyRest, 'photos'>;
  readonly photos: readonly Photo[];
}
/** Everything stored that is no part of a kit document: what is under way, half-made, looked at in a way of one's own, photographed. */
export async function loadRest(store: UmbrasticDb = db): Promise<Whole> {
  const [runs, drafts, sheets, views, registers, photos, evenings, washDay] = await Promise.all([
    store.runs.toArray(),
    store.drafts.toArray(),
    store.sheets.toArray(),
    store.savedViews.toArray(),
    store.registers.toArray(),
    store.photos.toArray(),
    readMeta('evenings', store),
    readMeta('washDay', store),
  ]);
  const some = evenings && Object.keys(evenings).length > 0;
  return {
    rest: { runs, drafts, sheets, views, registers, ...(some ? { evenings } : {}), ...(washDay ? { washDay } : {}) },
    photos,
  };
}
/** Replaces everything by a copy that was read, in one transaction: all of it or nothing. What it does not hold is here no longer. */
export const restoreCopy = (kit: Kit, { rest, photos }: Whole): Promise<Undo> =>
  undoable(
    OF_KIT,
    async () => {
      await putKit(kit);
      for (const name of ['runs', 'drafts', 'sheets', 'views'] as const) {
        const table = db.table<object>(name);
        await table.clear();
        await table.bulkPut([...rest[name]]);
      }
      await db.photos.clear();
      await db.photos.bulkPut([...photos]);
      for (const key of ['evenings', 'washDay'] as const) {
        const value = rest[key];
        await (value ? db.meta.put({ key, value } as MetaRow) : db.meta.delete(key));
      }
    },
    { checked: true, noted: (changed) => replaced(changed, rest.registers as readonly RegisterRow[]) },
  );

/** What comes with things besides their record. */
export interface AlongWith {
  readonly photos: readonly Photo[];
  readonly runs?: readonly RunRecord[];
  readonly washDay?: DayWish;
}
/**
 * Takes things of another kit in beside those that are here, in one transaction, with what comes along; pictures and programmes of things that
 * are not new stay out, and a wash day where there is one already.
 * @param nowMs a programme that was not begun begins now.
 */
export const addBeside = (
  { items, inspections, log, weighIns }: Beside,
  { photos, runs = [], washDay }: AlongWith,
  nowMs: number,
): Promise<Undo> =>
  undoable(['items', 'inspections', 'log', 'weighIns', 'photos', 'runs', 'meta'], async () => {
    const coming = new Set(items.map((i) => i.id));
    await db.items.bulkPut([...items]);
    await db.inspections.bulkPut([...inspections]);
    await db.log.bulkPut([...log]);
    await db.weighIns.bulkAdd(weighIns.map((w) => ({ ...w })));
    await db.photos.bulkPut(photos.filter((p) => coming.has(p.itemId)));
    const theirs = runs
      .filter((r) => coming.has(r.itemId))
      .map((r) => (r.events.length === 0 ? { ...r, startedAtMs: nowMs } : r));
    await db.runs.bulkPut(theirs);
    if (washDay && !(await readMeta('washDay'))?.items.length) await writeMeta('washDay', washDay);
  });

/** The kit as a file's text, with the time it was made. */
export async function exportKit(nowIso: string, store: UmbrasticDb = db): Promise<string> {
  const kit = await loadKit(store);
  return JSON.stringify({ ...kit, exportedAt: nowIso }, null, 2);
}
