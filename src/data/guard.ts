import type { checkRows, Fault } from '../core/formats';
import type { Kit } from '../core/gear';
import { db, type MetaRow } from './db';
import { TABLES, type TableName } from './tables';

/** A change that the rules of the kit format do not allow. Nothing of it was kept. */
export class NotKept extends Error {
  override readonly name = 'NotKept';
  constructor(
    /** What it was about, in words. */
    readonly what: string,
    readonly fault: Fault,
  ) {
    super(`${what}: ${fault.path} ${fault.message}`);
  }
}

interface Rules {
  readonly checkRows: typeof checkRows;
}
let rules: Promise<Rules | null> | null = null;
/**
 * The rules of the format, loaded with the first change. Null where they could not be fetched: what was typed is kept then, and a copy is held
 * to them once more.
 */
export const loadRules = (): Promise<Rules | null> =>
  (rules ??= import('../core/formats').catch(() => {
    rules = null;
    return null;
  }));

type Row = Readonly<Record<string, unknown>>;
const nameOf = (row: Row | undefined): string => {
  const said = row?.name ?? row?.title;
  return typeof said === 'string' && said !== '' ? said : 'What you changed';
};

/**
 * Holds rows that a change has just written to the rules that import and copies hold them to; inside its transaction.
 * @throws NotKept at the first that breaks one.
 */
export async function hold(written: ReadonlyMap<TableName, ReadonlyMap<unknown, object>>, by: Rules): Promise<void> {
  const parts: Record<string, readonly object[] | object> = {};
  for (const [name, rows] of written) {
    const { inKit, ofItem } = TABLES[name];
    if (inKit && rows.size > 0) parts[inKit] = [...rows.values()];
    if (inKit && ofItem === 'itemId') await itemsAreThere([...rows.values()] as Row[]);
    if (name !== 'meta') continue;
    for (const row of rows.values() as Iterable<MetaRow>)
      if ((row.key === 'equipment' || row.key === 'preferences') && row.value) parts[row.key] = row.value as object;
  }
  const [fault] = by.checkRows(parts as Partial<Kit>);
  if (!fault) return;
  const [, list = '', at] = /^(\w+)(?:\[(\d+)\])?/.exec(fault.path) ?? [];
  const row = at === undefined ? undefined : (parts[list] as readonly Row[])[Number(at)];
  throw new NotKept(nameOf(row), { ...fault, path: fault.path.replace(/^\w+(\[\d+\])?\.?/, '') });
}
/** Within a transaction over `items`. @throws NotKept when the thing of a row is gone. */
export async function itemsAreThere(rows: readonly { readonly itemId?: unknown }[]): Promise<void> {
  const ids = [...new Set(rows.flatMap(({ itemId }) => (typeof itemId === 'string' ? [itemId] : [])))];
  const found = await db.items.bulkGet(ids);
  if (found.some((item) => item === undefined))
    throw new NotKept('What you recorded', { path: '', message: 'is of a thing that is no longer in your kit' });
}
