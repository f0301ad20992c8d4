import type { DayWish } from '../core/washday';
import type {
  Equipment,
  EventEntry,
  Inspection,
  InspectionPatch,
  Item,
  LogEntry,
  Preferences,
  Supply,
  HalvesEntry,
  TreatmentEntry,
  UsedSupply,
  UseEntry,
  Washer,
  WeighIn,
} from '../core/gear';
import { dropRun, foldRun, mendClock, recordOf, type Run, type RunRecord, shiftClock } from '../core/run';
import { type ClockKnown, clockStepped } from '../core/run/clock';
import type { finishPurge, RunResult } from '../core/run/finish';
import { vesselsAfter } from '../core/run/meet';
import { db, readMeta, writeMeta, type Photo, type SavedView } from './db';
import { itemsAreThere } from './guard';
import { note } from './registers';
import { TABLE_NAMES, TABLES } from './tables';
import { undoable, type Manner, type Undo } from './undo';

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

/** Another set of marks, damage or drops, as a look of its own; a look that is being taken is not touched. */
export const saveSeen = (inspection: Inspection): Promise<Undo> =>
  undoable(['inspections'], () => db.inspections.put(inspection));
/** A rung that was tried: its line, what it took from the bottle, and the marks as they are now. */
export const saveTreatment = (entry: TreatmentEntry, seen: Inspection): Promise<Undo> =>
  undoable(['log', 'inspections', 'supplies'], async () => {
    await db.log.put(entry);
    await db.inspections.put(seen);
    await takeOffBottles(entry.supplies);
  });
async function takeOffBottles(used: readonly UsedSupply[] = []): Promise<void> {
  for (const { supplyId, ml = 0 } of used) {
    const bottle = supplyId === undefined ? undefined : await db.supplies.get(supplyId);
    if (bottle?.remainingMl !== undefined)
      await db.supplies.put({ ...bottle, remainingMl: Math.max(0, bottle.remainingMl - ml) });
  }
}

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

/** Gives the kit a name; an empty one takes it away. */
export const saveTitle = (title: string): Promise<Undo> => undoable(['meta'], () => writeMeta('title', title.trim()));

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

export const saveRun = (run: Run): Promise<Undo> => saveRuns([run]);
/** The runs of a load, begun together. */
export const saveRuns = (runs: readonly Run[]): Promise<Undo> => undoable(['runs'], () => db.runs.bulkPut(runs.map(recordOf)));

/** Drops runs of which nothing is kept: those to which nothing has happened since they were seen so. */
export const dropRuns = (seen: readonly Run[]): Promise<Undo> =>
  undoable(['runs'], async () => {
    for (const run of seen) {
      const stored = await db.runs.get(run.id);
      if (stored?.events.length === run.events.length) await db.runs.put(recordOf(dropRun(run)));
    }
  });

const OPEN = ['live', 'finished', 'stopped'] as const;
/** Runs that are not over for the record: under way, or ended and not written; oldest first. */
export const openRecords = (): Promise<RunRecord[]> =>
  db.runs
    .where('status')
    .anyOf([...OPEN])
    .sortBy('startedAtMs');
/**
 * Begins runs, unless one of their things or machines is in one: looked for and begun in one go, so that two presses or two tabs begin one.
 * @returns the run that is in the way, or null: they are begun.
 */
export async function startRuns(runs: readonly Run[]): Promise<RunRecord | null> {
  return db.transaction('rw', db.runs, async () => {
    const inTheWay = (await openRecords()).find((r) => runs.some((own) => own.itemId === r.itemId));
    if (inTheWay) return inTheWay;
    await db.runs.bulkPut(runs.map(recordOf));
    return null;
  });
}

/** Changes a run from what is stored, so that two tabs never overwrite one another, and what then stands in its machines and baths. */
export async function changeRun(id: string, change: (run: Run) => Run, atIso?: string): Promise<Run | undefined> {
  const [next] = await changeRuns([id], (runs) => runs.map(change), atIso);
  return next;
}
/** The same for the runs of one load, in one go: those that there still are, in any order. @returns them as they are then. */
export async function changeRuns(
  ids: readonly string[],
  change: (runs: readonly Run[]) => readonly Run[],
  atIso?: string,
): Promise<readonly Run[]> {
  return db.transaction('rw', [db.runs, db.meta, db.registers], async () => {
    const before = (await db.runs.bulkGet([...ids])).flatMap((record) => (record ? [foldRun(record)] : []));
    const after = change(before);
    for (const next of after) {
      const run = before.find((r) => r.id === next.id);
      if (!run || next === run) continue;
      await db.runs.put(recordOf(next));
      const equipment = atIso === undefined ? undefined : await readMeta('equipment');
      if (!equipment || atIso === undefined) continue;
      const left = vesselsAfter(run, next, equipment, atIso);
      if (left === equipment) continue;
      await writeMeta('equipment', left);
      await note([{ table: 'meta', was: { key: 'equipment', value: equipment }, is: { key: 'equipment', value: left } }]);
    }
    return after;
  });
}

/** Changes every run under way, in one go with what is known of the clock. */
const withClock = (
  change: (known: ClockKnown | undefined) => { known: ClockKnown | undefined; of: (run: Run) => Run },
): Promise<void> =>
  db.transaction('rw', [db.runs, db.meta], async () => {
    const live = (await db.runs.where('status').equals('live').toArray()).map(foldRun);
    const { known, of } = change(await readMeta('clock'));
    // Without a timer there is nothing to ask about.
    if (known) await writeMeta('clock', live.length > 0 ? known : { ...known, askedMs: 0 });
    const moved = live.map((run) => [run, of(run)] as const).filter(([run, next]) => next !== run);
    await db.runs.bulkPut(moved.map(([, next]) => recordOf(next)));
  });
/** The device's clock stepped while work is under way: once for all tabs. */
export const clockStep = (byMs: number, nowMs: number): Promise<void> =>
  withClock((was) => {
    const { known, shiftMs } = clockStepped(was, byMs, nowMs);
    return { known, of: (run) => (shiftMs === 0 ? run : shiftClock(run, shiftMs)) };
  });
/** The user says what a step forward was: the clock was set, so timers move with it, or the device slept. */
export const answerClock = (wasSet: boolean): Promise<void> =>
  withClock((known) => ({
    known: known && { ...known, askedMs: 0 },
    of: (run) => (wasSet && known ? shiftClock(run, known.askedMs) : run),
  }));
/** A clock that was set back while no page was open. */
export const mendClocks = (nowMs: number): Promise<void> => withClock((known) => ({ known, of: (run) => mendClock(run, nowMs) }));

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
    if (result.load) await db.log.put(result.load);
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
export const writePurge = (runId: string, result: ReturnType<typeof finishPurge>): Promise<Undo> =>
  undoable(['log', 'meta', 'runs', 'supplies'], async () => {
    if (await db.log.get(result.entry.id)) return;
    await db.log.put(result.entry);
    await db.supplies.bulkPut([...result.supplies]);
    await setWashers(result.washers);
    await db.runs.update(runId, { status: 'written' });
  });

/** An experiment with one half: its line, and what it took from the bottle. */
export const saveHalves = (entry: HalvesEntry): Promise<Undo> =>
  undoable(['log', 'supplies'], async () => {
    await db.log.put(entry);
    await takeOffBottles(entry.supplies);
  });
/** Records a use or upkeep, or corrects one. */
export const saveEntry = (entry: LogEntry): Promise<Undo> => undoable(['log'], () => db.log.put(entry));
/** Takes days in that a calendar file holds: those read before become as they are there now. */
export const saveEvents = (events: readonly EventEntry[]): Promise<Undo> => undoable(['log'], () => db.log.bulkPut([...events]));
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

export const saveView = (view: SavedView): Promise<Undo> => undoable(['views'], () => db.savedViews.put(view));
export const deleteView = (id: string): Promise<Undo> => undoable(['views'], () => db.savedViews.delete(id));

/** Keeps photographs, all or none. @throws NotKept when the thing of one is gone: it was shrunk while somebody deleted it. */
export const savePhotos = (photos: readonly Photo[], manner?: Manner): Promise<Undo> =>
  undoable(
    ['photos'],
    async () => {
      await itemsAreThere(photos);
      await db.photos.bulkPut([...photos]);
    },
    manner,
  );
/** Adds to what is known of a kept photograph. */
export const changePhoto = (id: string, patch: Pick<Photo, 'light' | 'colour'>): Promise<Undo> =>
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
export const saveWashDay = (wish: DayWish, manner?: Manner): Promise<Undo> =>
  undoable(['meta'], () => writeMeta('washDay', wish), manner);
