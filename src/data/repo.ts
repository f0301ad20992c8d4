import type { Inspection, Item, Kit, LogEntry, Preferences, Supply, WeighIn } from '../core/gear';
import type { finishPurge, RunResult } from '../core/run/finish';
import { vesselsAfter } from '../core/run/meet';
import type { Run } from '../core/run';
import { db, readMeta, writeMeta, type Photo, type SavedView } from './db';

/** Puts a thing back exactly as it was: what undo calls. */
export type Undo = () => Promise<void>;

export async function saveItem(item: Item): Promise<Undo> {
  const before = await db.items.get(item.id);
  await db.items.put(item);
  return async () => {
    if (before) await db.items.put(before);
    else await db.items.delete(item.id);
  };
}

/** Deletes an item with everything that hangs on it. */
export async function deleteItem(id: string): Promise<Undo> {
  return db.transaction('rw', [db.items, db.inspections, db.log, db.weighIns, db.runs, db.drafts, db.photos], async () => {
    const item = await db.items.get(id);
    const inspections = await db.inspections.where('itemId').equals(id).toArray();
    const log = await db.log.where('itemId').equals(id).toArray();
    const weighIns = await db.weighIns.where('itemId').equals(id).toArray();
    const runs = await db.runs.where('itemId').equals(id).toArray();
    const photos = await db.photos.where('itemId').equals(id).toArray();
    await db.items.delete(id);
    await Promise.all(
      [db.inspections, db.log, db.weighIns, db.runs, db.photos].map((table) => table.where('itemId').equals(id).delete()),
    );
    await db.drafts.delete(id);
    return async () => {
      await db.transaction('rw', [db.items, db.inspections, db.log, db.weighIns, db.runs, db.photos], async () => {
        if (item) await db.items.put(item);
        await db.inspections.bulkPut(inspections);
        await db.log.bulkPut(log);
        await db.weighIns.bulkPut(weighIns);
        await db.runs.bulkPut(runs);
        await db.photos.bulkPut(photos);
      });
    };
  });
}

export async function saveInspection(inspection: Inspection): Promise<Undo> {
  await db.transaction('rw', [db.inspections, db.drafts], async () => {
    await db.inspections.put(inspection);
    await db.drafts.delete(inspection.itemId);
  });
  return () => db.inspections.delete(inspection.id);
}

/** Keeps an answer of an unfinished look; a field set to undefined is taken back. Merged with what is stored, so quick answers never overwrite. */
export async function patchDraft(itemId: string, card: string, patch: Partial<Inspection> = {}): Promise<void> {
  await db.transaction('rw', db.drafts, async () => {
    const stored = await db.drafts.get(itemId);
    const seen: Record<string, unknown> = { ...stored?.seen, ...patch };
    for (const key of Object.keys(seen)) if (seen[key] === undefined) delete seen[key];
    await db.drafts.put({ itemId, card, seen });
  });
}

export async function saveSupply(supply: Supply): Promise<Undo> {
  const before = await db.supplies.get(supply.id);
  await db.supplies.put(supply);
  return async () => {
    if (before) await db.supplies.put(before);
    else await db.supplies.delete(supply.id);
  };
}

export async function deleteSupply(id: string): Promise<Undo> {
  const before = await db.supplies.get(id);
  await db.supplies.delete(id);
  return async () => {
    if (before) await db.supplies.put(before);
  };
}

/** Replaces machines, places, room and water. */
export async function saveEquipment(equipment: NonNullable<Kit['equipment']>): Promise<Undo> {
  const before = await db.meta.get('equipment');
  await writeMeta('equipment', equipment);
  return async () => {
    if (before) await db.meta.put(before);
    else await db.meta.delete('equipment');
  };
}

/** Chooses one option of a school for everything of its kind. */
export async function chooseSchool(school: string, option: string): Promise<void> {
  await db.transaction('rw', db.meta, async () => {
    const row = await db.meta.get('preferences');
    const preferences = (row?.value ?? {}) as NonNullable<Kit['preferences']>;
    await db.meta.put({ key: 'preferences', value: { ...preferences, schools: { ...preferences.schools, [school]: option } } });
  });
}

/** Changes some preferences; a key set to undefined is forgotten. */
export async function savePreferences(patch: { [K in keyof Preferences]?: Preferences[K] | undefined }): Promise<Undo> {
  return db.transaction('rw', db.meta, async () => {
    const before = await db.meta.get('preferences');
    const preferences: Record<string, unknown> = { ...(before?.value as Kit['preferences']), ...patch };
    for (const key of Object.keys(patch)) if (preferences[key] === undefined) delete preferences[key];
    await db.meta.put({ key: 'preferences', value: preferences });
    return async () => {
      if (before) await db.meta.put(before);
      else await db.meta.delete('preferences');
    };
  });
}

export const saveRun = (run: Run): Promise<string> => db.runs.put(run);

/** Changes a run from what is stored, so that two tabs never overwrite one another, and what then stands in its machines and baths. */
export async function changeRun(id: string, change: (run: Run) => Run, atIso?: string): Promise<Run | undefined> {
  return db.transaction('rw', [db.runs, db.meta], async () => {
    const run = await db.runs.get(id);
    if (!run) return undefined;
    const next = change(run);
    if (next === run) return next;
    await db.runs.put(next);
    const row = await db.meta.get('equipment');
    if (row && atIso) {
      const equipment = row.value as NonNullable<Kit['equipment']>;
      const after = vesselsAfter(run, next, equipment, atIso);
      if (after !== equipment) await db.meta.put({ key: 'equipment', value: after });
    }
    return next;
  });
}

/** Writes a finished run's whole result in one go: record, supplies, residues, state. Does nothing when it was already written. */
export async function writeResult(runId: string, result: RunResult): Promise<void> {
  await db.transaction('rw', [db.log, db.supplies, db.inspections, db.meta, db.runs, db.items], async () => {
    if (await db.log.get(result.entry.id)) return;
    await db.log.put(result.entry);
    if (result.item?.learned) await db.items.update(result.item.id, { learned: result.item.learned });
    await db.supplies.bulkPut([...result.supplies]);
    if (result.inspection) await db.inspections.put(result.inspection);
    const row = await db.meta.get('equipment');
    if (row)
      await db.meta.put({
        key: 'equipment',
        value: { ...(row.value as NonNullable<Kit['equipment']>), washers: [...result.washers] },
      });
    const run = await db.runs.get(runId);
    if (run) await db.runs.put({ ...run, status: 'finished' });
  });
}

/** Writes what a purge did to a machine, once. */
export async function writePurge(runId: string, result: ReturnType<typeof finishPurge>): Promise<void> {
  await db.transaction('rw', [db.log, db.meta, db.runs], async () => {
    if (await db.log.get(result.entry.id)) return;
    await db.log.put(result.entry);
    const row = await db.meta.get('equipment');
    if (row)
      await db.meta.put({
        key: 'equipment',
        value: { ...(row.value as NonNullable<Kit['equipment']>), washers: [...result.washers] },
      });
    await db.runs.update(runId, { status: 'finished' });
  });
}

export const saveLog = (entry: LogEntry): Promise<string> => db.log.put(entry);
/** Records a use or upkeep, or corrects one. */
export async function saveEntry(entry: LogEntry): Promise<Undo> {
  const before = await db.log.get(entry.id);
  await db.log.put(entry);
  return async () => {
    if (before) await db.log.put(before);
    else await db.log.delete(entry.id);
  };
}
/** Keeps a weight; undo takes it away again. */
export async function saveWeighIn(weighIn: WeighIn): Promise<Undo> {
  const key = await db.weighIns.add({ ...weighIn });
  return () => db.weighIns.delete(key);
}

/** Puts several items in one go; undo brings each back as it was, and takes new ones away. */
export async function changeItems(items: readonly Item[]): Promise<Undo> {
  return db.transaction('rw', db.items, async () => {
    const before = await db.items.bulkGet(items.map((item) => item.id));
    await db.items.bulkPut([...items]);
    return async () => {
      await db.transaction('rw', db.items, async () => {
        await db.items.bulkPut(before.filter((item): item is Item => item !== undefined));
        await db.items.bulkDelete(items.filter((_, n) => before[n] === undefined).map((item) => item.id));
      });
    };
  });
}

export async function saveView(view: SavedView): Promise<Undo> {
  await db.views.put(view);
  return () => db.views.delete(view.id);
}
export async function deleteView(id: string): Promise<Undo> {
  const before = await db.views.get(id);
  await db.views.delete(id);
  return async () => {
    if (before) await db.views.put(before);
  };
}

export async function savePhoto(photo: Photo): Promise<Undo> {
  await db.photos.put(photo);
  return () => db.photos.delete(photo.id);
}
/** Ticks a move of an evening off, or on again. Moves of another plan of the same thing are forgotten. */
export async function tickMove(itemId: string, of: string, move: string, done: boolean): Promise<void> {
  await db.transaction('rw', db.meta, async () => {
    const all = (await readMeta('evenings')) ?? {};
    const before = all[itemId]?.of === of ? all[itemId].moves : [];
    const moves = done ? [...new Set([...before, move])] : before.filter((m) => m !== move);
    await writeMeta('evenings', { ...all, [itemId]: { of, moves } });
  });
}
/** Adds to what is known of a kept photograph. */
export async function changePhoto(id: string, patch: Pick<Photo, 'light'>): Promise<Undo> {
  const before = await db.photos.get(id);
  if (before) await db.photos.put({ ...before, ...patch });
  return async () => {
    if (before) await db.photos.put(before);
  };
}
export async function deletePhoto(id: string): Promise<Undo> {
  const before = await db.photos.get(id);
  await db.photos.delete(id);
  return async () => {
    if (before) await db.photos.put(before);
  };
}
