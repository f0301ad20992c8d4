import type { Kit } from '../core/gear';
import { KIT_FORMAT, KIT_VERSION } from '../core/formats/limits';
import { db, readMeta, writeMeta, type UmbrasticDb } from './db';
import { TABLE_NAMES, TABLES } from './tables';
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

/** Everything stored, as a kit document. Unknown fields of an earlier import are still in it. */
export async function loadKit(store: UmbrasticDb = db): Promise<Kit> {
  const [items, inspections, supplies, weighIns, log, equipment, preferences, title, rest] = await Promise.all([
    store.items.toArray(),
    store.inspections.toArray(),
    store.supplies.toArray(),
    store.weighIns.toArray(),
    store.log.toArray(),
    readMeta('equipment', store),
    readMeta('preferences', store),
    readMeta('title', store),
    readMeta('rest', store),
  ]);
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

/**
 * Replaces everything by a checked kit, in one transaction: all of it or nothing. Runs and drafts of the old kit end; photographs of things
 * that the new one does not have go.
 */
export const replaceKit = (kit: Kit): Promise<Undo> =>
  undoable(
    TABLE_NAMES,
    async () => {
      const here = new Set(kit.items.map((item) => item.id));
      for (const name of TABLE_NAMES) {
        const { onReplace, inKit, ofItem } = TABLES[name];
        if (onReplace === 'kept') continue;
        const table = db.table<object>(name);
        if (onReplace === 'follows')
          await table.filter((row) => !here.has((row as Record<string, string>)[ofItem] ?? '')).delete();
        else await table.clear();
        if (inKit) await table.bulkPut([...((kit[inKit] as readonly object[] | undefined) ?? [])]);
      }
      const evenings = Object.entries((await readMeta('evenings')) ?? {}).filter(([id]) => here.has(id));
      await db.meta.bulkPut([
        { key: 'rest', value: Object.fromEntries(Object.entries(kit).filter(([key]) => !KNOWN.has(key))) },
        { key: 'title', value: kit.title ?? '' },
        { key: 'evenings', value: Object.fromEntries(evenings) },
      ]);
      await db.meta.delete('washDay');
      await (kit.equipment ? writeMeta('equipment', kit.equipment) : db.meta.delete('equipment'));
      await (kit.preferences ? writeMeta('preferences', kit.preferences) : db.meta.delete('preferences'));
    },
    true,
  );

/** The kit as a file's text, with the time it was made. */
export async function exportKit(nowIso: string, store: UmbrasticDb = db): Promise<string> {
  const kit = await loadKit(store);
  return JSON.stringify({ ...kit, exportedAt: nowIso }, null, 2);
}
