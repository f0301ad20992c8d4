import Dexie, { type Transaction } from 'dexie';
import { db } from './db';
import type { TableName } from './tables';

/** Puts everything back exactly as it was: what undo calls. */
export type Undo = () => Promise<void>;

const rootOf = (trans: Transaction): Transaction => {
  let root = trans as Transaction & { parent?: Transaction };
  while (root.parent) root = root.parent as typeof root;
  return root;
};

/**
 * Carries a change out in one transaction over these tables, and notes every row as it was before it was first touched.
 * @returns what undoes it: each touched row is as it was, new ones are gone, nothing else is moved.
 */
export async function undoable(names: readonly TableName[], change: () => Promise<unknown>): Promise<Undo> {
  const tables = names.map((name) => db[name] as Dexie.Table<object, unknown>);
  const before = new Map<TableName, Map<unknown, object | undefined>>(names.map((name) => [name, new Map()]));
  await db.transaction('rw', tables, async () => {
    const mine = rootOf(Dexie.currentTransaction);
    const stops = tables.map((table) => {
      const rows = before.get(table.name as TableName);
      const note = (key: unknown, row: object | undefined, trans: Transaction): void => {
        if (rows && rootOf(trans) === mine && !rows.has(key)) rows.set(key, row);
      };
      const creating = function (
        this: { onsuccess?: (key: unknown) => void },
        key: unknown,
        _row: object,
        trans: Transaction,
      ): void {
        // A key that the store makes up is known only once the row is in.
        if (key !== undefined) note(key, undefined, trans);
        else this.onsuccess = (made) => note(made, undefined, trans);
      };
      const updating = (_change: object, key: unknown, row: object, trans: Transaction): void => note(key, row, trans);
      const deleting = (key: unknown, row: object, trans: Transaction): void => note(key, row, trans);
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
  });
  return async () => {
    await db.transaction('rw', tables, async () => {
      for (const [name, rows] of before) {
        const table = db[name] as Dexie.Table<object, unknown>;
        for (const [key, row] of rows) await (row === undefined ? table.delete(key) : table.put(row));
      }
    });
  };
}

/** Undoes several changes as one, the last first. */
export const undoAll =
  (...undos: readonly Undo[]): Undo =>
  async () => {
    for (const undo of [...undos].reverse()) await undo();
  };
