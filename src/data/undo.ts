import Dexie, { type Transaction } from 'dexie';
import { db, type KeptUndo, type TouchedRow } from './db';
import { hold, loadRules } from './guard';
import { takenBack } from './merge';
import { note, type Changed } from './registers';
import { TABLE_NAMES, TABLES, type TableName } from './tables';
import { DAY_MS } from '../core/units/time';

/** Puts back what a change did, and leaves alone what was changed since: what undo calls. */
export type Undo = () => Promise<void>;

const rootOf = (trans: Transaction): Transaction => {
  let root = trans as Transaction & { parent?: Transaction };
  while (root.parent) root = root.parent as typeof root;
  return root;
};
type Rows = Map<unknown, object | undefined>;
/** Rows that a change touched, as they were and as they are. */
interface Touched {
  readonly before: ReadonlyMap<TableName, Rows>;
  readonly after: ReadonlyMap<TableName, Map<unknown, object>>;
}
const tableOf = (name: TableName): Dexie.Table<object, unknown> => db.table(name);
const OF_ITEMS = TABLE_NAMES.filter((name) => TABLES[name].ofItem !== null);

/** Within a transaction over these tables: carries a change out and says which rows it touched. */
async function watched(names: readonly TableName[], change: () => Promise<unknown>): Promise<Touched> {
  const before = new Map<TableName, Rows>(names.map((name) => [name, new Map()]));
  const after = new Map<TableName, Map<unknown, object>>(names.map((name) => [name, new Map()]));
  const mine = rootOf(Dexie.currentTransaction);
  const stops = names.map(tableOf).map((table) => {
    const rows = before.get(table.name as TableName);
    const noteRow = (key: unknown, row: object | undefined, trans: Transaction): void => {
      if (rows && rootOf(trans) === mine && !rows.has(key)) rows.set(key, row);
    };
    const creating = function (
      this: { onsuccess?: (key: unknown) => void },
      key: unknown,
      _row: object,
      trans: Transaction,
    ): void {
      // A key that the store makes up is known only once the row is in.
      if (key !== undefined) noteRow(key, undefined, trans);
      else this.onsuccess = (made) => noteRow(made, undefined, trans);
    };
    const updating = (_change: object, key: unknown, row: object, trans: Transaction): void => noteRow(key, row, trans);
    const deleting = (key: unknown, row: object, trans: Transaction): void => noteRow(key, row, trans);
    table.hook('creating', creating);
    table.hook('updating', updating);
    table.hook('deleting', deleting);
    return () => {
      table.hook('creating').unsubscribe(creating);
      table.hook('updating').unsubscribe(updating);
      table.hook('deleting').unsubscribe(deleting);
    };
  });
  try {
    await change();
  } finally {
    for (const stop of stops) stop();
  }
  for (const [name, rows] of before) {
    const keys = [...rows.keys()];
    const made = await tableOf(name).bulkGet(keys);
    made.forEach((row, n) => row && after.get(name)?.set(keys[n], row));
  }
  return { before, after };
}
const changedIn = ({ before, after }: Touched): Changed[] =>
  [...before].flatMap(([table, rows]) =>
    [...rows].flatMap(([key, was]) => {
      const is = after.get(table)?.get(key);
      return was || is ? [{ table, was, is }] : [];
    }),
  );

/** How a change is kept. */
export interface Manner {
  /** Its rows come from a document that was held to the rules as a whole. */
  readonly checked?: boolean;
  /** Writes the registers of what it changed, in its transaction; undoing it then puts those back that were, as if it had not been. */
  readonly noted?: (changed: readonly Changed[]) => Promise<void>;
}
/** Of what comes with the invented club: nobody has changed it. */
export const AS_IT_CAME: Manner = { noted: () => Promise.resolve() };
/**
 * Carries a change out in one transaction over these tables, holds what it wrote to the rules of the format, notes who changed what when, and
 * notes every row as it was before it was first touched.
 * @returns what undoes it: each touched row is as it was, new ones are gone with all that hangs on them, nothing else is moved.
 * @throws NotKept when a row breaks a rule; nothing is changed then.
 */
export async function undoable(
  names: readonly TableName[],
  change: () => Promise<unknown>,
  { checked = false, noted }: Manner = {},
): Promise<Undo> {
  // Fetched first: a transaction waits for nothing but the store.
  const rules = checked || !names.some((name) => TABLES[name].inKit || name === 'meta') ? null : await loadRules();
  const touched = await db.transaction('rw', within(names), async () => {
    const rows = await watched(names, change);
    if (rules) await hold(rows.after, rules);
    if (!noted) {
      await note(changedIn(rows));
      return rows;
    }
    const registers = await watched(['registers'], () => noted(changedIn(rows)));
    return { before: new Map([...rows.before, ...registers.before]), after: new Map([...rows.after, ...registers.after]) };
  });
  const undo: Undo = () => takeBack(touched, noted !== undefined);
  CHANGES.set(undo, [{ noted: noted !== undefined, rows: rowsOf(touched) }]);
  return undo;
}
/** What each undo takes back, for as long as the undo is held. */
const CHANGES = new WeakMap<Undo, KeptUndo['changes']>();
const rowsOf = ({ before, after }: Touched): TouchedRow[] =>
  [...before].flatMap(([table, rows]) =>
    [...rows].map(([key, was]) => {
      const is = after.get(table)?.get(key);
      return { table, key, ...(was ? { was } : {}), ...(is ? { is } : {}) };
    }),
  );
function touchedOf(rows: readonly TouchedRow[]): Touched {
  const before = new Map<TableName, Rows>();
  const after = new Map<TableName, Map<unknown, object>>();
  for (const { table, key, was, is } of rows) {
    if (!before.has(table)) before.set(table, new Map());
    before.get(table)?.set(key, was);
    if (!after.has(table)) after.set(table, new Map());
    if (is) after.get(table)?.set(key, is);
  }
  return { before, after };
}
const within = (names: Iterable<TableName>) => [...new Set([...names, 'items', 'registers', 'meta'] as const)].map(tableOf);

async function takeBack({ before, after }: Touched, noted: boolean): Promise<void> {
  // What hangs on a thing that was added goes with it, whenever it came.
  const added = [...(before.get('items') ?? [])].filter(([, row]) => row === undefined).map(([id]) => id as string);
  const names = [...new Set([...before.keys(), ...OF_ITEMS])];
  await db.transaction('rw', within(names), async () => {
    const rows = await watched(names, async () => {
      for (const [name, rows] of before)
        for (const [key, row] of rows) {
          const now = await tableOf(name).get(key);
          const back = row && now ? takenBack(row, after.get(name)?.get(key), now) : row;
          await (back === undefined ? tableOf(name).delete(key) : tableOf(name).put(back as object));
        }
      for (const name of OF_ITEMS)
        if (added.length > 0)
          await tableOf(name)
            .where(TABLES[name].ofItem as string)
            .anyOf(added)
            .delete();
      // Nothing comes back to a thing that is gone meanwhile.
      for (const [name, rows] of before) {
        const { ofItem } = TABLES[name];
        if (ofItem !== 'itemId') continue;
        for (const [key, row] of rows) {
          const id = (row as { itemId?: string } | undefined)?.itemId;
          if (id !== undefined && name !== 'runs' && !(await db.items.get(id))) await tableOf(name).delete(key);
        }
      }
    });
    if (!noted) await note(changedIn(rows));
  });
}

/** Undoes several changes as one, the last first. */
export function undoAll(...undos: readonly Undo[]): Undo {
  const all: Undo = async () => {
    for (const undo of [...undos].reverse()) await undo();
  };
  const changes = undos.map((undo) => CHANGES.get(undo));
  if (changes.every((one) => one !== undefined)) CHANGES.set(all, changes.flat());
  return all;
}

/** So long something can be taken back after the page was shut, and so much of it is kept. */
const KEPT_MS = DAY_MS;
const MOST_KEPT = 100;
const MOST_ROWS = 500;
/** What was done in the last day and can be taken back, newest first. */
export const undosKept = async (nowMs: number): Promise<KeptUndo[]> =>
  (
    await db.undos
      .where('at')
      .above(nowMs - KEPT_MS)
      .sortBy('at')
  ).reverse();
/**
 * Keeps what was done with what takes it back; older than a day goes.
 * @returns its id; null when there is nothing to take back, or more than is kept beside the whole states of before.
 */
export async function keepUndo(id: string, text: string, undo: Undo, nowMs: number): Promise<string | null> {
  const changes = CHANGES.get(undo);
  const rows = changes?.reduce((n, one) => n + one.rows.length, 0) ?? 0;
  if (!changes || rows === 0 || rows > MOST_ROWS) return null;
  await db.transaction('rw', db.undos, async () => {
    await db.undos.put({ id, at: nowMs, text, changes });
    await db.undos
      .where('at')
      .belowOrEqual(nowMs - KEPT_MS)
      .delete();
    const keys = await db.undos.orderBy('at').primaryKeys();
    await db.undos.bulkDelete(keys.slice(0, Math.max(0, keys.length - MOST_KEPT)));
  });
  return id;
}
/** It is taken back, or was otherwise. */
export const forgetUndo = (id: string): Promise<void> => db.undos.delete(id);
/** Takes a kept change back, and what was changed since is left alone. @returns what was said of it; null when it is no longer there. */
export async function takeBackKept(id: string): Promise<string | null> {
  const kept = await db.undos.get(id);
  if (!kept) return null;
  for (const { rows, noted } of [...kept.changes].reverse()) await takeBack(touchedOf(rows), noted);
  await forgetUndo(id);
  return kept.text;
}
