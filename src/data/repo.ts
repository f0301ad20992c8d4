import type { DayWish } from '../core/washday';
import type {
  Equipment,
  Inspection,
  InspectionPatch,
  Item,
  LogEntry,
  Preferences,
  Supply,
  UseEntry,
  Washer,
  WeighIn,
} from '../core/gear';
import { foldRun, recordOf, type Run } from '../core/run';
import type { finishPurge, RunResult } from '../core/run/finish';
import { vesselsAfter } from '../core/run/meet';
import { db, readMeta, writeMeta, type Photo, type SavedView } from './db';
import { TABLE_NAMES, TABLES } from './tables';
import { undoable, type Undo } from './undo';

/* One function a change of the store. Each gives back what undoes it, whole. */
export type { Undo };

export const saveItem = (item: Item): Promise<Undo> => undoable(['items'], () => db.items.put(item));

const OF_ITEMS = TABLE_NAMES.filter((name) => TABLES[name].ofItem !== null);
/** Deletes an item with everything that hangs on it, in whatever table. */
export const deleteItem = (id: string): Promise<Undo> =>
  undoable([...OF_ITEMS, 'meta'], async () => {
    for (const name of OF_ITEMS)
      await db
        .table(name)
        .where(TABLES[name].ofItem as string)
        .equals(id)
        .delete();
    const { [id]: gone, ...others } = (await readMeta('evenings')) ?? {};
    if (gone) await writeMeta('evenings', others);
  });

export const saveInspection = (inspection: Inspection): Promise<Undo> =>
  undoable(['inspections', 'drafts'], async () => {
    await db.inspections.put(inspection);
    await db.drafts.delete(inspection.itemId);
  });

/** Keeps an answer of an unfinished look; a field set to undefined is taken back. Merged with what is stored, so quick answers never overwrite. */
export async function patchDraft(itemId: string, card: string, patch: InspectionPatch = {}): Promise<void> {
  await db.transaction('rw', db.drafts, async () => {
    const stored = await db.drafts.get(itemId);
    const seen: Record<string, unknown> = { ...stored?.seen, ...patch };
    for (const key of Object.keys(seen)) if (seen[key] === undefined) delete seen[key];
    await db.drafts.put({ itemId, card, seen });
  });
}

export const saveSupply = (supply: Supply): Promise<Undo> => undoable(['supplies'], () => db.supplies.put(supply));
export const deleteSupply = (id: string): Promise<Undo> => undoable(['supplies'], () => db.supplies.delete(id));

/** Replaces machines, places, room and water. */
export const saveEquipment = (equipment: Equipment): Promise<Undo> => undoable(['meta'], () => writeMeta('equipment', equipment));

/** Changes some preferences; a key set to undefined is forgotten. */
export const savePreferences = (patch: { [K in keyof Preferences]?: Preferences[K] | undefined }): Promise<Undo> =>
  undoable(['meta'], async () => {
    const preferences: Record<string, unknown> = { ...(await readMeta('preferences')), ...patch };
    for (const key of Object.keys(patch)) if (preferences[key] === undefined) delete preferences[key];
    await writeMeta('preferences', preferences);
  });

/** Chooses one option of a question for these things and no others. */
export const chooseFor = (itemIds: readonly string[], school: string, option: string): Promise<Undo> =>
  undoable(['items'], async () => {
    for (const item of await db.items.bulkGet([...itemIds]))
      if (item) await db.items.put({ ...item, schools: { ...item.schools, [school]: option } });
  });

/** Makes one option of a question the kit's own: for everything that has no choice of its own. */
export const chooseForKit = (school: string, option: string): Promise<Undo> =>
  undoable(['meta'], async () => {
    const preferences = (await readMeta('preferences')) ?? {};
    await writeMeta('preferences', { ...preferences, schools: { ...preferences.schools, [school]: option } });
  });

export const saveRun = (run: Run): Promise<Undo> => undoable(['runs'], () => db.runs.put(recordOf(run)));

/** Changes a run from what is stored, so that two tabs never overwrite one another, and what then stands in its machines and baths. */
export async function changeRun(id: string, change: (run: Run) => Run, atIso?: string): Promise<Run | undefined> {
  return db.transaction('rw', [db.runs, db.meta], async () => {
    const record = await db.runs.get(id);
    if (!record) return undefined;
    const run = foldRun(record);
    const next = change(run);
    if (next === run) return next;
    await db.runs.put(recordOf(next));
    const equipment = atIso === undefined ? undefined : await readMeta('equipment');
    if (equipment && atIso !== undefined) {
      const after = vesselsAfter(run, next, equipment, atIso);
      if (after !== equipment) await writeMeta('equipment', after);
    }
    return next;
  });
}

/** The machines of the record become these. */
async function setWashers(washers: readonly Washer[]): Promise<void> {
  const equipment = await readMeta('equipment');
  if (equipment) await writeMeta('equipment', { ...equipment, washers: [...washers] });
}

/** Writes a run's whole result in one go: record, supplies, weights, residues, state. Does nothing when it was already written. */
export const writeResult = (runId: string, result: RunResult): Promise<Undo> =>
  undoable(['log', 'supplies', 'inspections', 'meta', 'runs', 'items', 'weighIns', 'drafts'], async () => {
    if (await db.log.get(result.entry.id)) return;
    await db.log.put(result.entry);
    if (result.item) {
      const { learned, massG, inFreezer, jobClass } = result.item;
      const stored = await db.items.get(result.item.id);
      const taught = {
        ...(learned ? { learned } : {}),
        ...(massG === undefined ? {} : { massG }),
        ...(inFreezer ? { inFreezer } : {}),
        ...(jobClass ? { jobClass } : {}),
      };
      if (stored) await db.items.put({ ...stored, ...taught });
    }
    await db.supplies.bulkPut([...result.supplies]);
    if (result.inspection) {
      await db.inspections.put(result.inspection);
      // A look that was begun before the work is of a thing that is no more so.
      await db.drafts.delete(result.inspection.itemId);
    }
    await db.weighIns.bulkAdd(result.weighIns.map((w) => ({ ...w })));
    await setWashers(result.washers);
    await db.runs.update(runId, { status: 'written' });
  });

/** Writes what a purge did to a machine, once. */
export async function writePurge(runId: string, result: ReturnType<typeof finishPurge>): Promise<void> {
  await db.transaction('rw', [db.log, db.meta, db.runs, db.supplies], async () => {
    if (await db.log.get(result.entry.id)) return;
    await db.log.put(result.entry);
    await db.supplies.bulkPut([...result.supplies]);
    await setWashers(result.washers);
    await db.runs.update(runId, { status: 'written' });
  });
}

/** Records a use or upkeep, or corrects one. */
export const saveEntry = (entry: LogEntry): Promise<Undo> => undoable(['log'], () => db.log.put(entry));
export const deleteEntry = (id: string): Promise<Undo> => undoable(['log'], () => db.log.delete(id));
/** Records what an outing used; what was kept frozen is out of the freezer. */
export const saveUses = (uses: readonly UseEntry[]): Promise<Undo> =>
  undoable(['log', 'items'], async () => {
    await db.log.bulkPut([...uses]);
    const used = await db.items.bulkGet(uses.flatMap((u) => (u.itemId ? [u.itemId] : [])));
    for (const item of used) {
      if (!item?.inFreezer) continue;
      const { inFreezer: _thawed, ...rest } = item;
      await db.items.put(rest);
    }
  });
/** Keeps a weight. */
export const saveWeighIn = (weighIn: WeighIn): Promise<Undo> => undoable(['weighIns'], () => db.weighIns.add({ ...weighIn }));
/** Puts several items in one go. */
export const changeItems = (items: readonly Item[]): Promise<Undo> => undoable(['items'], () => db.items.bulkPut([...items]));

export const saveView = (view: SavedView): Promise<Undo> => undoable(['views'], () => db.views.put(view));
export const deleteView = (id: string): Promise<Undo> => undoable(['views'], () => db.views.delete(id));

export const savePhoto = (photo: Photo): Promise<Undo> => undoable(['photos'], () => db.photos.put(photo));
/** Adds to what is known of a kept photograph. */
export const changePhoto = (id: string, patch: Pick<Photo, 'light'>): Promise<Undo> =>
  undoable(['photos'], () => db.photos.update(id, patch));
export const deletePhoto = (id: string): Promise<Undo> => undoable(['photos'], () => db.photos.delete(id));

/** Ticks a move of an evening off, or on again. Moves of another plan of the same thing are forgotten. */
export const tickMove = (itemId: string, of: string, move: string, done: boolean): Promise<Undo> =>
  undoable(['meta'], async () => {
    const all = (await readMeta('evenings')) ?? {};
    const before = all[itemId]?.of === of ? all[itemId].moves : [];
    const moves = done ? [...new Set([...before, move])] : before.filter((m) => m !== move);
    await writeMeta('evenings', { ...all, [itemId]: { of, moves } });
  });

/** Keeps the wash day that is being put together. */
export const saveWashDay = (wish: DayWish): Promise<Undo> => undoable(['meta'], () => writeMeta('washDay', wish));
