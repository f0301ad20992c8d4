import type { DayWish } from '../core/washday';
import Dexie, { type Table } from 'dexie';
import type { Inspection, Item, Kit, LogEntry, Supply, WeighIn } from '../core/gear';
import type { ColourMarks, ColourReading } from '../core/colour';
import type { LightKind } from '../core/knowledge';
import type { LightMarks } from '../core/loft/light';
import type { ProgrammeOutline } from '../core/outline';
import type { Register } from '../core/merging/register';
import type { RunRecord } from '../core/run';
import type { ClockKnown } from '../core/run/clock';
import type { TableName } from './tables';
import { m0002, m0003, m0004, m0005, m0006, m0007, m0008, m0009, SCHEMA_VERSION } from './migrations';

export { SCHEMA_VERSION };

/** Values that are one of a kind. `rest` keeps fields of an imported kit that this version does not know. */
export interface MetaValues {
  schemaVersion: number;
  equipment: NonNullable<Kit['equipment']>;
  preferences: NonNullable<Kit['preferences']>;
  title: string;
  rest: Record<string, unknown>;
  demoOffered: boolean;
  /** Pictures of the invented club that have not come yet: a page that was shut goes on with them when it is opened again. */
  demoPictures: readonly DemoPicture[];
  /** Evenings under way, by item. */
  evenings: Readonly<Record<string, LevellingDone>>;
  /** The wash day that is being put together. */
  washDay: DayWish;
  /** What this browser is called in registers: letters by chance, in no copy. */
  browser: string;
  /** When a copy was saved last, RFC 3339. */
  copiedAt: string;
  /** The last step of the device's clock. */
  clock: ClockKnown;
}
export interface MetaRow<K extends keyof MetaValues = keyof MetaValues> {
  readonly key: K;
  readonly value: MetaValues[K];
}
/** A picture that the demo server has, and what it is of. */
export interface DemoPicture {
  readonly file: string;
  readonly itemId: string;
  readonly step: string;
  readonly daysAgo?: number;
  readonly colour?: ColourOfPhoto;
  /** Pixels of the file. */
  readonly width: number;
  readonly height: number;
}
/** An unfinished look-over, kept at every answer. */
export interface Draft {
  readonly itemId: string;
  /** The card's name. */
  readonly card: string;
  readonly seen: Partial<Inspection>;
}
export type StoredWeighIn = WeighIn & { key?: number };

/** A photograph of an item, made small and freed of everything but its picture. */
export interface Photo {
  readonly id: string;
  readonly itemId: string;
  readonly at: string;
  readonly width: number;
  readonly height: number;
  readonly bytes: number;
  readonly blob: Blob;
  /** The step of a programme at which it was taken, in words; absent: outside one. */
  readonly step?: string;
  /** What it showed of the down, held against a light. */
  readonly light?: LightReading;
  /** Colours that were read off it against a white sheet. */
  readonly colour?: ColourOfPhoto;
}
/** Marks of a picture, what was read at them, and what was done before it was taken. */
export interface ColourOfPhoto {
  readonly marks: ColourMarks;
  readonly readings: readonly ColourReading[];
  readonly session?: { readonly hours: number; readonly light: LightKind };
}
/** Grams by baffle that a photograph against the light gave, and the marks that they rest on. */
export interface LightReading {
  readonly marks: LightMarks;
  readonly spread: readonly { readonly baffle: string; readonly grams: number; readonly sd: number }[];
}
/** Moves of an evening that are done. `of` names the plan they belong to: another plan begins anew. */
export interface LevellingDone {
  readonly of: string;
  readonly moves: readonly string[];
}
/** What was changed in a sheet and is not kept yet; `key`: the sheet and what it is about, such as `item:itm-parka`. */
export interface SheetDraft {
  readonly key: string;
  /** The record as it stood when the sheet was opened. */
  readonly was: object;
  readonly draft: object;
}
/** A saved way of looking at the kit. `query` is the address's own search. */
export interface SavedView {
  readonly id: string;
  readonly name: string;
  readonly query: string;
}

/** Who changed which row when; `key` is `table/id`. A row that has none is as it came. */
export interface RegisterRow extends Register {
  readonly key: string;
}

/** Rows that a change touched, as they were and as they are. */
export interface TouchedRow {
  readonly table: TableName;
  readonly key: unknown;
  readonly was?: object;
  readonly is?: object;
}
/** Something that was done, and what takes it back. */
export interface KeptUndo {
  readonly id: string;
  /** When, ms. */
  readonly at: number;
  /** What was said of it. */
  readonly text: string;
  /** Its changes, the first first. `noted`: with the registers as they were. */
  readonly changes: readonly { readonly noted: boolean; readonly rows: readonly TouchedRow[] }[];
}

/** What was answered of the kit last, and by which texts it is known that it still holds, see `core/outline/known`. */
export interface KeptAnswers {
  readonly id: 'kit';
  /** Which build answered, and what every plan rests on. */
  readonly ground: string;
  /** By thing; in a map, as an id may be any word. */
  readonly made: ReadonlyMap<string, { readonly text: string; readonly outline: ProgrammeOutline }>;
}

/** Before what a whole state was kept. */
export const SNAPSHOT_REASONS = ['import', 'merge', 'demo', 'csv', 'bulk', 'restore', 'begin'] as const;
export type SnapshotReason = (typeof SNAPSHOT_REASONS)[number];
/** Everything as it was, as a copy. */
export interface Snapshot {
  readonly id: string;
  /** RFC 3339. */
  readonly at: string;
  readonly why: SnapshotReason;
  readonly things: number;
  readonly photos: number;
  readonly blob: Blob;
}

/** A row as a migration finds it: of whatever shape it had then. */
type PlainRow = Readonly<Record<string, unknown>>;

export class UmbrasticDb extends Dexie {
  items!: Table<Item, string>;
  inspections!: Table<Inspection, string>;
  supplies!: Table<Supply, string>;
  weighIns!: Table<StoredWeighIn, number>;
  log!: Table<LogEntry, string>;
  runs!: Table<RunRecord, string>;
  drafts!: Table<Draft, string>;
  meta!: Table<MetaRow, string>;
  photos!: Table<Photo, string>;
  /** Kept under the name `views`, which stored data and copies have. */
  readonly savedViews: Table<SavedView, string>;
  sheets!: Table<SheetDraft, string>;
  snapshots!: Table<Snapshot, string>;
  registers!: Table<RegisterRow, string>;
  undos!: Table<KeptUndo, string>;
  answers!: Table<KeptAnswers, 'kit'>;

  constructor(name = 'umbrastic') {
    super(name);
    this.version(1).stores({
      items: 'id, kind, owner',
      inspections: 'id, itemId, at, [itemId+at]',
      supplies: 'id, class',
      weighIns: '++key, itemId, at',
      log: 'id, itemId, at, type',
      runs: 'id, itemId, status',
      drafts: 'itemId',
      meta: 'key',
    });
    this.version(m0002.version)
      .stores(m0002.stores)
      .upgrade(async (tx) => {
        const items = new Map((await tx.table('items').toArray()).map((item: PlainRow) => [item.id as string, item]));
        const drafts = (await tx.table('drafts').toArray()) as Parameters<typeof m0002.draft>[0][];
        await tx.table('drafts').bulkPut(drafts.map((row) => m0002.draft(row, items.get(row.itemId as string))));
        await tx.table('meta').put({ key: 'schemaVersion', value: m0002.version });
      });
    this.version(m0003.version)
      .stores({})
      .upgrade(async (tx) => {
        const written = new Set(await tx.table('log').toCollection().primaryKeys());
        const weights = (await tx.table('weighIns').toArray()) as PlainRow[];
        const runs = (await tx.table('runs').toArray()) as Parameters<typeof m0003.run>[0][];
        const moved: number[] = [];
        const changed = runs.map((row) => {
          const done = row.status === 'stopped' || written.has(`log-${String(row.id)}`);
          const own = done ? [] : weights.filter((w) => w.runId === row.id);
          moved.push(...own.map((w) => w.key as number));
          return m0003.run(row, own, written.has(`log-${String(row.id)}`));
        });
        await tx.table('runs').bulkPut(changed);
        // They are lines of their run until it is written.
        await tx.table('weighIns').bulkDelete(moved);
        await tx.table('meta').put({ key: 'schemaVersion', value: m0003.version });
      });
    this.version(m0004.version)
      .stores({})
      .upgrade(async (tx) => {
        const row = (await tx.table('meta').get('preferences')) as { key: string; value: PlainRow } | undefined;
        if (row) await tx.table('meta').put({ ...row, value: m0004.preferences(row.value) });
        await tx.table('meta').put({ key: 'schemaVersion', value: m0004.version });
      });
    // From 5 on a table more each, and nothing else moves: one step leads over all of them, which opens sooner.
    this.version(m0009.version)
      .stores({ ...m0005.stores, ...m0006.stores, ...m0007.stores, ...m0008.stores, ...m0009.stores })
      .upgrade(async (tx) => void (await tx.table('meta').put({ key: 'schemaVersion', value: m0009.version })));
    this.savedViews = this.table('views');
  }
}

export const db = new UmbrasticDb();

export async function readMeta<K extends keyof MetaValues>(key: K, from: UmbrasticDb = db): Promise<MetaValues[K] | undefined> {
  return (await from.meta.get(key))?.value as MetaValues[K] | undefined;
}

export async function writeMeta<K extends keyof MetaValues>(key: K, value: MetaValues[K], to: UmbrasticDb = db): Promise<void> {
  await to.meta.put({ key, value });
}

export type OpenResult =
  | { readonly status: 'open' }
  | { readonly status: 'newer'; readonly version: number }
  | { readonly status: 'failed'; readonly message: string };

/** Other tabs, of an older version or a newer one. */
export interface OtherTabs {
  /** An older one holds the store; it opens when that one is gone. */
  onHeld?: () => void;
  /** A newer one needs the store: this page has let go of it, and writes no more. */
  onOvertaken?: () => void;
}
/** Opens the store and checks its version before the first write; data made by a newer version is left untouched. */
export async function openStore(others: OtherTabs = {}, store: UmbrasticDb = db): Promise<OpenResult> {
  store.on('blocked', () => others.onHeld?.());
  store.on('versionchange', () => {
    // Not opened again by the next write: that would be an old program in newer data.
    store.close({ disableAutoOpen: true });
    others.onOvertaken?.();
  });
  try {
    await store.open();
    const version = await readMeta('schemaVersion', store);
    if (version !== undefined && version > SCHEMA_VERSION) return { status: 'newer', version };
    if (version === undefined) await writeMeta('schemaVersion', SCHEMA_VERSION, store);
    return { status: 'open' };
  } catch (error) {
    return { status: 'failed', message: error instanceof Error ? error.message : String(error) };
  }
}
