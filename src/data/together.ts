/** Two browsers’ stores as replicas, and what bringing them together writes. Refuses: deciding what stands; see core/merging. */
import type { Kit } from '../core/gear';
import { comingOf, settled, UNTOUCHED, type Coming, type Register, type Replica, type Row, type Side } from '../core/merging';
import { db, type MetaRow, type Photo, type RegisterRow, type StoredWeighIn } from './db';
import { loadKit, loadRest, restOf, type Whole } from './kit';
import { browserName, NOTED, registerKey, SHARED_META } from './registers';
import { TABLE_NAMES, TABLES, type TableName } from './tables';
import { undoable, type Undo } from './undo';

/** States of a run, the farther one last. */
const RUN_STATES = ['live', 'stopped', 'finished', 'dropped', 'written'];
/** More lines than a run has. */
const MANY_LINES = 1e7;
/** A run bears no register: the one in which more has happened is the later. */
function runRegister(run: Row): Register {
  const { status, events } = run as { readonly status?: string; readonly events?: readonly unknown[] };
  return { ...UNTOUCHED, at: (1 + RUN_STATES.indexOf(status ?? '')) * MANY_LINES + (events?.length ?? 0) };
}
const worth = (value: unknown): boolean =>
  value !== undefined && value !== '' && !(typeof value === 'object' && value !== null && Object.keys(value).length === 0);

/** A kit and what is no part of its document, as one side. Pictures are left out: a photograph never changes its own. */
export function replicaOf(kit: Kit, { rest, photos }: Whole): Replica {
  const rows = new Map<string, Row>();
  const put = (table: TableName, row: object): void => {
    const key = registerKey(table, row);
    if (key !== null) rows.set(key, row);
  };
  for (const name of NOTED) {
    const { inKit } = TABLES[name];
    if (inKit) for (const row of (kit[inKit] as readonly object[] | undefined) ?? []) put(name, row);
  }
  for (const view of rest.views) put('views', view);
  for (const { blob: _picture, ...row } of photos) put('photos', row);
  for (const run of rest.runs) put('runs', run);
  const meta = { ...kit, ...rest, rest: restOf(kit) } as Readonly<Record<string, unknown>>;
  for (const key of SHARED_META) if (worth(meta[key])) put('meta', { key, value: meta[key] });
  const registers = new Map<string, Register>((rest.registers as readonly RegisterRow[]).map(({ key, ...r }) => [key, r]));
  for (const [key, row] of rows) if (key.startsWith('runs/')) registers.set(key, runRegister(row));
  return { rows, registers };
}

/** Another browser’s copy beside what is here. */
export interface Together {
  readonly mine: Replica;
  readonly theirs: Replica;
  readonly coming: Coming;
  /** True when both hold the same things in part: they were one once. */
  readonly related: boolean;
}
/** What bringing a copy and this browser together would do, before it is done. */
export async function togetherWith(kit: Kit, whole: Whole): Promise<Together> {
  const mine = replicaOf(await loadKit(), await loadRest());
  const theirs = replicaOf(kit, whole);
  return {
    mine,
    theirs,
    coming: comingOf(mine, theirs),
    related: kit.items.some((item) => mine.rows.has(`items/${item.id}`)),
  };
}

/**
 * Brings a copy and this browser together, in one transaction: all of it or nothing. What was changed here since `together` was worked out is
 * part of it.
 * @param choices by the key of what was changed in both; the newer stands where there is none. @param nowMs when somebody chose.
 */
export const bringTogether = (kit: Kit, whole: Whole, choices: Readonly<Record<string, Side>>, nowMs: number): Promise<Undo> => {
  let next: Replica;
  return undoable(
    [...NOTED, 'runs', 'drafts', 'sheets'],
    async () => {
      const { mine, theirs, coming } = await togetherWith(kit, whole);
      next = settled(coming, { mine, theirs }, choices, await browserName(), nowMs);
      const pictures = new Map(whole.photos.map((p) => [p.id, p.blob]));
      for (const key of new Set([...mine.rows.keys(), ...next.rows.keys()])) {
        const [was, is] = [mine.rows.get(key), next.rows.get(key)];
        if (was !== is) await write(key, was, is, pictures);
      }
    },
    {
      noted: async () => {
        await db.registers.clear();
        const kept = [...next.registers].filter(([key]) => !key.startsWith('runs/'));
        await db.registers.bulkPut(kept.map(([key, register]) => ({ key, ...register })));
      },
    },
  );
};
/** Puts one record in the place of another; undefined = none. */
async function write(key: string, was: Row | undefined, is: Row | undefined, pictures: ReadonlyMap<string, Blob>): Promise<void> {
  const name = TABLE_NAMES.find((one) => key.startsWith(`${one}/`));
  if (!name) return;
  const id = key.slice(name.length + 1);
  if (name === 'weighIns') {
    // Its key is all that it says; its own number is of this store.
    const { itemId } = (is ?? was) as StoredWeighIn;
    const stored = await db.weighIns
      .where({ itemId })
      .filter((row) => registerKey(name, row) === key)
      .primaryKeys();
    if (!is) await db.weighIns.bulkDelete(stored);
    else if (stored.length === 0) await db.weighIns.add({ ...is } as StoredWeighIn);
    else await db.weighIns.update(stored[0] as number, is);
    return;
  }
  if (!is) {
    await db.table(name).delete(id);
    return;
  }
  if (name !== 'photos') {
    await (name === 'meta' ? db.meta.put(is as MetaRow) : db.table(name).put(is));
    return;
  }
  const blob = (await db.photos.get(id))?.blob ?? pictures.get(id);
  if (blob) await db.photos.put({ ...is, blob } as Photo);
}
