/*
 * Two browsers that kept one kit apart, brought together. Each record bears a register: how often each browser has changed it, and when last.
 * What is newest stands; what was changed in both without either knowing of the other is a clash, and is shown. Joining is idempotent,
 * commutative and associative: each part of a register only grows (Shapiro, Preguiça, Baquero and Zawirski 2011, state-based convergent types;
 * vectors after Fidge and Mattern 1988). Refuses: storing, and deciding a clash without saying so.
 */
import { joinRegisters, leftWith, touched, UNTOUCHED, type Noted, type Register, type Row, type Vector } from './register';

export * from './register';

/** What one browser holds. Keys are `table/id`; things are those of the table `items`. */
export interface Replica {
  readonly rows: ReadonlyMap<string, Row>;
  readonly registers: ReadonlyMap<string, Register>;
}
/** The table of a key. */
export const tableIn = (key: string): string => key.slice(0, key.indexOf('/'));
const THINGS = 'items/';
/** The key of the thing that a record is of; null for what stands by itself. */
function thingOf(key: string, row: Row | undefined): string | null {
  // The work of a machine hangs on no thing.
  const { itemId, machineId } = (row ?? {}) as { readonly itemId?: unknown; readonly machineId?: unknown };
  return !key.startsWith(THINGS) && typeof itemId === 'string' && machineId === undefined ? THINGS + itemId : null;
}

/** What a record says, whatever the order of its fields: equal texts are equal records. */
export function textOf(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(textOf).join(',')}]`;
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null';
  const fields = Object.entries(value).filter(([, of]) => of !== undefined);
  return `{${fields
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, of]) => `${JSON.stringify(name)}:${textOf(of)}`)
    .join(',')}}`;
}
/** Most are written alike: the order of fields is looked at only where that does not settle it. */
const alike = (a: Row | undefined, b: Row | undefined): boolean =>
  a === b || (!!a && !!b && (JSON.stringify(a) === JSON.stringify(b) || textOf(a) === textOf(b)));

/** True when whoever holds `a` knows every change of `b`. */
const knows = (a: Vector, b: Vector): boolean => Object.entries(b).every(([k, n]) => (a[k] ?? 0) >= n);

/** A record of one side: what it holds, whether that is in view or not, and its register. */
interface Cell extends Noted {
  readonly row: Row | undefined;
}
function cellOf({ rows, registers }: Replica, key: string): Cell {
  const { row, ...register } = registers.get(key) ?? UNTOUCHED;
  return { ...register, row: rows.get(key) ?? row };
}
function joinCells(a: Cell, b: Cell): Cell {
  const first = !b.row || (a.row && (a.at > b.at || (a.at === b.at && (alike(a.row, b.row) || textOf(a.row) >= textOf(b.row)))));
  const { row } = first ? a : b;
  return { ...joinRegisters(a, b), at: row ? (first ? a : b).at : 0, row };
}
const stands = ({ row, at, goneAt = -1 }: Cell): boolean => row !== undefined && at > goneAt;

/** What is in view of these cells: things that stand or of which something was written later than they were taken out, and what hangs on those. */
function inView(cells: ReadonlyMap<string, Cell>): Replica {
  const latest = new Map<string, number>();
  for (const [key, cell] of cells) {
    const thing = thingOf(key, cell.row);
    if (thing !== null && stands(cell)) latest.set(thing, Math.max(latest.get(thing) ?? 0, cell.at));
  }
  const there = (key: string): boolean => {
    const cell = cells.get(key);
    return cell?.row !== undefined && Math.max(cell.at, latest.get(key) ?? 0) > (cell.goneAt ?? -1);
  };
  const rows = new Map<string, Row>();
  const registers = new Map<string, Register>();
  for (const [key, { row, ...register }] of cells) {
    const thing = thingOf(key, row);
    const shown = key.startsWith(THINGS)
      ? there(key)
      : row !== undefined && stands({ ...register, row }) && (thing === null || there(thing));
    if (shown && row) rows.set(key, row);
    const noted = Object.keys(register.v).length > 0 || register.at > 0 || register.goneAt !== undefined;
    // A record by itself that was taken out comes back only when it is written anew.
    const kept = !shown && row && (key.startsWith(THINGS) || (thing !== null && stands({ ...register, row })));
    if (kept) registers.set(key, { ...register, row });
    else if (noted) registers.set(key, shown ? register : { ...register, at: 0 });
  }
  return { rows, registers };
}
const keysOf = (...all: readonly Replica[]): Set<string> =>
  new Set(all.flatMap((r) => [...r.rows.keys(), ...r.registers.keys()]));

/** Both as one: of each record the newest. Neither is changed. */
export function join(a: Replica, b: Replica): Replica {
  return inView(new Map([...keysOf(a, b)].map((key) => [key, joinCells(cellOf(a, key), cellOf(b, key))])));
}

/** One record that each side has changed without knowing of the other’s change; or that one took out and of which the other wrote more. */
export interface Clash {
  readonly key: string;
  /** What each side holds; null = it was taken out there. */
  readonly mine: Row | null;
  readonly theirs: Row | null;
  /** When each side wrote or took it out, ms; 0 = not known. */
  readonly mineAt: number;
  readonly theirsAt: number;
  /** The newer of them, which stands unless somebody says otherwise. */
  readonly takes: Side;
}
export type Side = 'mine' | 'theirs';
/** What joining does to one side. Keys of records. */
export interface Coming {
  readonly joined: Replica;
  readonly comes: readonly string[];
  readonly changes: readonly string[];
  readonly goes: readonly string[];
  readonly clashes: readonly Clash[];
}

/** What joining theirs to mine would do here, before it is done. */
export function comingOf(mine: Replica, theirs: Replica): Coming {
  const joined = join(mine, theirs);
  const comes: string[] = [];
  const changes: string[] = [];
  const goes: string[] = [];
  for (const key of keysOf(mine, joined)) {
    const [was, is] = [mine.rows.get(key), joined.rows.get(key)];
    if (!was && is) comes.push(key);
    else if (was && !is) goes.push(key);
    else if (!alike(was, is)) changes.push(key);
  }
  return { joined, comes, changes, goes, clashes: clashesOf(mine, theirs, joined) };
}
function clashesOf(mine: Replica, theirs: Replica, joined: Replica): Clash[] {
  const news = { mine: newsOf(mine, theirs), theirs: newsOf(theirs, mine) };
  const clashes: Clash[] = [];
  const torn = new Set<string>();
  // Things first: what hangs on one that is torn is settled with it.
  const keys = [...keysOf(mine, theirs)].sort((a, b) => Number(b.startsWith(THINGS)) - Number(a.startsWith(THINGS)));
  for (const key of keys) {
    const [a, b] = [cellOf(mine, key), cellOf(theirs, key)];
    const [here, there] = [mine.rows.get(key), theirs.rows.get(key)];
    const thing = thingOf(key, here ?? there);
    if ((!here && !there) || alike(here, there) || (thing !== null && torn.has(thing))) continue;
    const apart = !knows(a.v, b.v) && !knows(b.v, a.v);
    const untold = a.at === b.at && knows(a.v, b.v) && knows(b.v, a.v) && !!here && !!there;
    const outHere = !here && a.goneAt !== undefined && news.theirs.has(key);
    const outThere = !there && b.goneAt !== undefined && news.mine.has(key);
    if (!apart && !untold && !outHere && !outThere) continue;
    // What left with its thing, or never was here, is no clash of its own.
    if ((!here && a.goneAt === undefined) || (!there && b.goneAt === undefined)) continue;
    if (!here || !there) torn.add(key);
    const whole = joined.rows.get(key);
    clashes.push({
      key,
      mine: here ?? null,
      theirs: there ?? null,
      mineAt: here ? a.at : (a.goneAt ?? 0),
      theirsAt: there ? b.at : (b.goneAt ?? 0),
      takes: (whole ? alike(whole, here) : !here) ? 'mine' : 'theirs',
    });
  }
  return clashes;
}
/** Things of which one side has written something that the other does not know. */
function newsOf(of: Replica, than: Replica): Set<string> {
  const news = new Set<string>();
  for (const [key, row] of of.rows) {
    const thing = thingOf(key, row);
    if (thing === null) continue;
    const { v, at } = of.registers.get(key) ?? UNTOUCHED;
    const known = than.registers.get(key);
    if (!known && !than.rows.has(key) ? at > 0 : !knows(known?.v ?? {}, v)) news.add(thing);
  }
  return news;
}

/**
 * The joined state with clashes settled as somebody chose. A choice against the newer is a change of its own, made now in this browser, so that
 * the other one follows it.
 */
export function settled(
  { joined, clashes }: Coming,
  sides: Readonly<Record<Side, Replica>>,
  choices: Readonly<Record<string, Side>>,
  browser: string,
  nowMs: number,
): Replica {
  const cells = new Map([...keysOf(joined)].map((key) => [key, cellOf(joined, key)]));
  for (const { key, takes, mine, theirs } of clashes) {
    const choice = choices[key] ?? takes;
    if (choice === takes) continue;
    const chosen = choice === 'mine' ? mine : theirs;
    const hanging = key.startsWith(THINGS) ? [...cells].filter(([, cell]) => thingOf('', cell.row) === key) : [];
    const after = Math.max(0, ...hanging.map(([, cell]) => cell.at));
    cells.set(key, { ...touched(cells.get(key), browser, nowMs, chosen === null, after), row: chosen ?? undefined });
    if (!key.startsWith(THINGS)) continue;
    // With a thing goes, or comes back, all that hangs on it.
    for (const [other, row] of chosen ? sides[choice].rows : joined.rows) {
      if (thingOf(other, row) !== key) continue;
      const was = cells.get(other);
      if (chosen === null) cells.set(other, { ...leftWith(was, browser), row: undefined });
      else if (!was || !stands(was)) cells.set(other, { ...touched(was, browser, nowMs), row });
    }
  }
  return inView(cells);
}
