import type { Kit } from '../gear';
import { faultsOf, isObject, tooDeep, type Fault } from './read-kit';
import { KIT_FORMAT } from './limits';

/** What was left out of a kit file, so that the rest can be opened. */
export interface LeftOut {
  /** The thing, bottle or line that it stood in, as its owner would know it. */
  readonly name: string;
  /** Where in it, such as `expiresOn`; empty: all of it. */
  readonly path: string;
  /** Why it cannot be read. */
  readonly message: string;
}
export interface Sound {
  readonly kit: Kit;
  readonly left: readonly LeftOut[];
}

type Entry = Record<string | number, unknown>;
type Step = string | number;
const steps = (path: string): Step[] =>
  [...path.matchAll(/([^.[\]]+)|\[(\d+)\]/g)].map(([, key, index]) => (index === undefined ? (key as string) : Number(index)));
/** A way of reading that is left before this many rounds: each takes something out. */
const MAX_ROUNDS = 40;

/** How many of a path's steps lead to what stands for itself: an entry of a list, or else a part of the file. */
function ownerOf(path: readonly Step[]): number {
  for (let n = path.length - 1; n > 0; n--) if (typeof path[n] === 'number') return n + 1;
  return 1;
}
const at = (file: Entry, path: readonly Step[]): unknown =>
  path.reduce<unknown>((node, step) => (typeof node === 'object' && node !== null ? (node as Entry)[step] : undefined), file);
const text = (value: unknown): string => (typeof value === 'string' ? value.trim() : '');

function nameOf(file: Entry, path: readonly Step[]): string {
  const row = at(file, path.slice(0, 2));
  if (typeof path[1] !== 'number' || !isObject(row)) return path.slice(0, 1).join('');
  const items = Array.isArray(file.items) ? (file.items as unknown[]) : [];
  const of = items.find((item) => isObject(item) && item.id === row.itemId);
  const own = text(row.name) || text(row.title) || (isObject(of) ? text(of.name) || text(of.kind) : '');
  const day = text(row.at).slice(0, 10);
  return [own || text(row.kind) || text(row.class) || text(row.type) || `${String(path[0])}, entry ${path[1] + 1}`, day]
    .filter(Boolean)
    .join(', ');
}

/**
 * What of a faulty kit file can be read: a value that breaks a rule is left out, and where the rest cannot stand without it, the entry
 * that it is in. What is left out counts as not known. Unknown fields stay.
 * @returns null when it is no kit file at all.
 */
export function soundPart(file: unknown): Sound | null {
  if (!isObject(file) || file.format !== KIT_FORMAT || !Array.isArray(file.items) || tooDeep(file)) return null;
  const kit = structuredClone(file) as Entry;
  if (!Array.isArray(kit.inspections)) kit.inspections = [];
  const left: LeftOut[] = [];
  for (let round = 0; round < MAX_ROUNDS; round++) {
    const faults = faultsOf(kit);
    if (faults.length === 0) return { kit: kit as unknown as Kit, left };
    const gone: Step[][] = [];
    for (const fault of faults) {
      const path = target(kit, fault);
      if (path === null) return null;
      if (gone.some((other) => other.length <= path.length && other.every((step, n) => step === path[n]))) continue;
      gone.push(path);
      const row = typeof path[1] === 'number' ? 2 : 1;
      const inside = path
        .slice(row)
        .reduce<string>((all, s) => (typeof s === 'number' ? `${all}[${s}]` : all ? `${all}.${s}` : s), '');
      left.push({ name: nameOf(kit, path), path: inside, message: fault.message });
    }
    // From the end, so that places in a list stay what they are.
    for (const path of gone.sort(lastFirst)) {
      const parent = at(kit, path.slice(0, -1));
      const last = path.at(-1) as Step;
      if (Array.isArray(parent)) parent.splice(Number(last), 1);
      else if (isObject(parent)) delete (parent as Entry)[last];
    }
  }
  return null;
}
/** Later places before earlier ones, and what is inside an entry before the entry. */
function lastFirst(a: readonly Step[], b: readonly Step[]): number {
  for (let n = 0; n < Math.min(a.length, b.length); n++) {
    const [x, y] = [a[n] as Step, b[n] as Step];
    if (x === y) continue;
    return typeof x === 'number' && typeof y === 'number' ? y - x : String(y).localeCompare(String(x));
  }
  return b.length - a.length;
}
/** The value itself; where it is missing, the entry that cannot be without it; null when nothing is left to take out. */
function target(kit: Entry, { path: written }: Fault): Step[] | null {
  const path = steps(written);
  if (path.length === 0) return null;
  const length = ownerOf(path);
  if (at(kit, path) !== undefined) return path;
  // The entry of an entry may be what is missing: then that one in its turn.
  const whole = path.slice(0, length);
  return at(kit, whole) === undefined ? (length > 1 ? whole.slice(0, ownerOf(whole.slice(0, -1))) : null) : whole;
}
