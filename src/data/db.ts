import Dexie, { type Table } from 'dexie';
import type { Inspection, Item, Kit, LogEntry, Supply, WeighIn } from '../core/gear';
import type { Run } from '../core/run';

/** Version of what is stored here; raised with every migration in `migrations/`. */
export const SCHEMA_VERSION = 1;

/** Values that are one of a kind. `rest` keeps fields of an imported kit that this version does not know. */
export interface MetaValues {
  schemaVersion: number;
  equipment: NonNullable<Kit['equipment']>;
  preferences: NonNullable<Kit['preferences']>;
  title: string;
  rest: Record<string, unknown>;
  demoOffered: boolean;
}
export interface MetaRow<K extends keyof MetaValues = keyof MetaValues> {
  readonly key: K;
  readonly value: MetaValues[K];
}
/** An unfinished look-over, kept at every answer. */
export interface Draft {
  readonly itemId: string;
  readonly card: number;
  readonly seen: Partial<Inspection>;
}
export type StoredWeighIn = WeighIn & { key?: number };

export class UmbrasticDb extends Dexie {
  items!: Table<Item, string>;
  inspections!: Table<Inspection, string>;
  supplies!: Table<Supply, string>;
  weighIns!: Table<StoredWeighIn, number>;
  log!: Table<LogEntry, string>;
  runs!: Table<Run, string>;
  drafts!: Table<Draft, string>;
  meta!: Table<MetaRow, string>;

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

/** Opens the store and checks its version before the first write; data made by a newer version is left untouched. */
export async function openStore(store: UmbrasticDb = db): Promise<OpenResult> {
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
