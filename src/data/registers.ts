/** Notes who changed which row when, in the transaction of the change. Refuses: reading what was changed. */
import { joinRegisters, leftWith, touched, UNTOUCHED, type Register } from '../core/merging/register';
import { db, readMeta, writeMeta, type MetaValues, type RegisterRow, type StoredWeighIn } from './db';
import { same } from './merge';
import { TABLE_NAMES, TABLES, type TableName } from './tables';

/** Values one of a kind that two browsers share. */
export const SHARED_META = [
  'equipment',
  'preferences',
  'title',
  'rest',
  'washDay',
  'evenings',
] as const satisfies readonly (keyof MetaValues)[];
export const NOTED = TABLE_NAMES.filter((name) => TABLES[name].onMerge === 'noted');

/** The key of a row in registers; null for one that two browsers do not share. */
export function registerKey(table: TableName, row: object): string | null {
  if (TABLES[table].onMerge === 'own') return null;
  if (table === 'weighIns') {
    // Its own number is of this store only.
    const { itemId, at, massG } = row as StoredWeighIn;
    return `weighIns/${itemId}|${at}|${massG}`;
  }
  if (table !== 'meta') return `${table}/${(row as { readonly id: string }).id}`;
  const { key } = row as { readonly key: string };
  return SHARED_META.some((one) => one === key) ? `meta/${key}` : null;
}

/** A row before and after a change; undefined = it was not there. */
export interface Changed {
  readonly table: TableName;
  readonly was: object | undefined;
  readonly is: object | undefined;
}
/** What this browser is called; made up once. */
export async function browserName(): Promise<string> {
  const known = await readMeta('browser');
  if (known) return known;
  const made = crypto.randomUUID().slice(0, 8);
  await writeMeta('browser', made);
  return made;
}
/**
 * The registers after everything was replaced: those of rows that are unknown here become what the document says; a row that was known here and
 * is another now was changed here and now. What nobody here had changed and is no more leaves nothing behind.
 * @param given of a copy; none of a kit document.
 */
export async function replaced(changes: readonly Changed[], given: readonly RegisterRow[]): Promise<void> {
  const here = new Map((await db.registers.toArray()).map((r) => [r.key, r]));
  await db.registers.bulkPut(
    given.map((r) => {
      const known = here.get(r.key);
      return known ? { key: r.key, ...joinRegisters(known, r) } : r;
    }),
  );
  await note(changes.filter(({ table, was, is }) => here.has(registerKey(table, (is ?? was) as object) ?? '')));
}
/** Notes these changes as made here and now. Within a transaction over `registers` and `meta`. */
export async function note(changes: readonly Changed[]): Promise<void> {
  const moved = changes.flatMap((change) => {
    const { table, was, is } = change;
    const key = TABLES[table].onMerge === 'noted' ? registerKey(table, (is ?? was) as object) : null;
    return key === null || same(was, is) ? [] : [{ ...change, key }];
  });
  if (moved.length === 0) return;
  const browser = await browserName();
  const known = await db.registers.bulkGet(moved.map((m) => m.key));
  const out = new Set(moved.flatMap(({ table, key, is }) => (table === 'items' && !is ? [key] : [])));
  const thing = (row: object | undefined): string => `items/${(row as { readonly itemId?: string } | undefined)?.itemId ?? ''}`;
  const latest = new Map<string, number>();
  moved.forEach(({ was }, n) => latest.set(thing(was), Math.max(latest.get(thing(was)) ?? 0, (known[n] ?? UNTOUCHED).at)));
  // Read here: it belongs to every change, and none has to hand it on.
  const now = Date.now();
  const next = moved.map(({ key, was, is }, n): RegisterRow => {
    const register: Register =
      !is && out.has(thing(was)) ? leftWith(known[n], browser) : touched(known[n], browser, now, !is, is ? 0 : latest.get(key));
    return { key, ...register };
  });
  await db.registers.bulkPut(next);
}
