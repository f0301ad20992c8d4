/** Who changed one record how often, and when last: all that a change has to note. Refuses: bringing together. */

/** Changes of one record by the browser that made them, counted. */
export type Vector = Readonly<Record<string, number>>;
export interface Register {
  readonly v: Vector;
  /** When what stands was written, ms since 1970; always later than what its writer replaced, whatever the clock says. 0 = not known. */
  readonly at: number;
  /** When it was taken out by itself, ms; it stands again when it was written later. */
  readonly goneAt?: number;
  /** What it holds, kept while the thing that it is of is gone. */
  readonly row?: Row;
}
/** A record as it is stored: plain data. */
export type Row = object;
/** Of a record that nobody noted a change of: as it came. */
export const UNTOUCHED: Register = { v: {}, at: 0 };

export type Noted = Omit<Register, 'row'>;
/**
 * A register after its browser changed the record. @param nowMs this browser’s clock. @param gone it was taken out by itself.
 * @param after what it is later than, ms, besides what it replaced: a thing is taken out later than all that hung on it was written.
 */
export function touched(was: Noted | undefined, browser: string, nowMs: number, gone = false, after = 0): Register {
  const { v, at, goneAt = 0 } = was ?? UNTOUCHED;
  const now = Math.max(nowMs, at + 1, goneAt + 1, after + 1);
  const next = { ...v, [browser]: (v[browser] ?? 0) + 1 };
  return gone ? { v: next, at: 0, goneAt: now } : { v: next, at: now, ...(goneAt > 0 ? { goneAt } : {}) };
}
/** A register after the thing that the record is of was taken out, and the record with it. */
export const leftWith = (was: Noted | undefined, browser: string): Register => {
  const { v, goneAt } = was ?? UNTOUCHED;
  return { v: { ...v, [browser]: (v[browser] ?? 0) + 1 }, at: 0, ...(goneAt === undefined ? {} : { goneAt }) };
};

const larger = (a: Vector, b: Vector): Vector =>
  Object.fromEntries([...new Set([...Object.keys(a), ...Object.keys(b)])].sort().map((k) => [k, Math.max(a[k] ?? 0, b[k] ?? 0)]));
/** What two registers of one record know together; `at` is the later. */
export function joinRegisters(a: Noted, b: Noted): Noted {
  const goneAt = Math.max(a.goneAt ?? -1, b.goneAt ?? -1);
  return { v: larger(a.v, b.v), at: Math.max(a.at, b.at), ...(goneAt < 0 ? {} : { goneAt }) };
}
