import type { Kit } from '../core/gear';
import { KIT_FORMAT, KIT_VERSION } from '../core/formats/limits';
import { db, readMeta, type UmbrasticDb } from './db';

const KNOWN = new Set([
  'format',
  'version',
  'exportedAt',
  'title',
  'items',
  'inspections',
  'equipment',
  'supplies',
  'preferences',
  'weighIns',
  'log',
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

/** Replaces everything by a checked kit, in one transaction: all of it or nothing. Live runs end. */
export async function replaceKit(kit: Kit, store: UmbrasticDb = db): Promise<void> {
  const rest = Object.fromEntries(Object.entries(kit).filter(([key]) => !KNOWN.has(key)));
  await store.transaction(
    'rw',
    [store.items, store.inspections, store.supplies, store.weighIns, store.log, store.runs, store.drafts, store.meta],
    async () => {
      await Promise.all(
        [store.items, store.inspections, store.supplies, store.weighIns, store.log, store.runs, store.drafts].map((table) =>
          table.clear(),
        ),
      );
      await store.items.bulkPut(kit.items);
      await store.inspections.bulkPut(kit.inspections);
      await store.supplies.bulkPut(kit.supplies ?? []);
      await store.weighIns.bulkAdd(kit.weighIns ?? []);
      await store.log.bulkPut(kit.log ?? []);
      await store.meta.bulkPut([
        { key: 'rest', value: rest },
        { key: 'title', value: kit.title ?? '' },
      ]);
      await (kit.equipment ? store.meta.put({ key: 'equipment', value: kit.equipment }) : store.meta.delete('equipment'));
      await (kit.preferences ? store.meta.put({ key: 'preferences', value: kit.preferences }) : store.meta.delete('preferences'));
    },
  );
}

/** The kit as a file's text, with the time it was made. */
export async function exportKit(nowIso: string, store: UmbrasticDb = db): Promise<string> {
  const kit = await loadKit(store);
  return JSON.stringify({ ...kit, exportedAt: nowIso }, null, 2);
}
