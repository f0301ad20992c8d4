import { codesOf } from './codes';
import type { Choice, When } from './condition';

/*
 * The records of a table are written with the fields that each needs. Read thousands of times a second, every other set of fields is one more
 * form that the machine has to tell apart; so each record gets all fields of its table, the absent ones undefined.
 */

type Fields = Record<string, unknown>;
const isRecord = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;
const areRecords = (value: unknown): value is readonly Fields[] =>
  Array.isArray(value) && value.length > 0 && value.every(isRecord);

/** Wherever they stand, conditions have one form, and choices. */
const CONDITION: readonly string[] = ['all', 'any', 'none'] satisfies (keyof When)[];
const CHOICE: readonly string[] = ['use', 'when'] satisfies (keyof Choice<unknown>)[];
const within = (fields: readonly string[], all: readonly string[]): boolean =>
  fields.length > 0 && fields.every((field) => all.includes(field));
const isCondition = (value: unknown): value is When => isRecord(value) && within(Object.keys(value), CONDITION);
/** A condition with its codes. */
const coded = ({ all, any, none }: { readonly [F in keyof When]?: When[F] | undefined }) => ({
  all,
  any,
  none,
  codes: codesOf({ all, any, none }),
});

function withFields(fields: readonly string[], record: Fields): Fields {
  const made: Fields = {};
  for (const field of fields) made[field] = isCondition(record[field]) ? coded(record[field]) : record[field];
  return made;
}

/** Lists of records in one field of a table, all with one set of fields. */
function alikeWithin(field: string, records: readonly Fields[]): void {
  const holders = records.filter((record) => areRecords(record[field]));
  const all = alike(holders.flatMap((record) => record[field] as Fields[]));
  let from = 0;
  for (const record of holders) {
    const { length } = record[field] as Fields[];
    record[field] = all.slice(from, (from += length));
  }
}

/** Copies of the records of a table, each with every field that one of them has, and so for conditions and lists in them. */
export function alike<T extends object>(records: readonly T[]): T[] {
  if (records.length === 0) return [];
  const own = [...new Set(records.flatMap((record) => Object.keys(record)))];
  const fields = within(own, CHOICE) ? CHOICE : own;
  const made = records.map((record) => withFields(fields, record as Fields));
  for (const field of fields) alikeWithin(field, made);
  return made as T[];
}

/** The same for every table among the fields of an object. */
export function alikeTables<T extends object>(tables: T): T {
  const entries = Object.entries(tables).map(([name, table]: [string, unknown]) => [
    name,
    areRecords(table) ? alike(table) : isCondition(table) ? coded(table) : table,
  ]);
  return Object.fromEntries(entries) as T;
}
