import type { Fact } from './fact';

/*
 * Conditions as numbers. A plan asks some five hundred conditions, each by one to five names; as bits they are asked without looking a name up.
 */

/** Of one number of 32 bits, the bits that stay a small whole number everywhere. */
const BITS = 30;
const numbers = new Map<Fact, number>();
/** The number of a name, given when it is first met. */
function numberOf(fact: Fact): number {
  let number = numbers.get(fact);
  if (number === undefined) numbers.set(fact, (number = numbers.size));
  return number;
}

/** What holds of one request, as bits. */
export type FactBits = number[];
const wordOf = (number: number): number => Math.trunc(number / BITS);
const bitOf = (number: number): number => 1 << (number % BITS);

/** A set of facts, kept as bits, and by name in the order in which they were added. */
export class FactSet implements Iterable<Fact> {
  readonly bits: FactBits;
  private readonly names: Fact[];

  /** @param like begins with what this one holds. */
  constructor(like?: FactSet) {
    this.bits = like ? like.bits.slice() : [];
    this.names = like ? like.names.slice() : [];
  }

  get size(): number {
    return this.names.length;
  }
  has(fact: Fact): boolean {
    const number = numberOf(fact);
    return ((this.bits[wordOf(number)] ?? 0) & bitOf(number)) !== 0;
  }
  add(fact: Fact): this {
    const number = numberOf(fact);
    const word = wordOf(number);
    const { bits } = this;
    while (bits.length <= word) bits.push(0);
    const before = bits[word] as number;
    bits[word] = before | bitOf(number);
    if (bits[word] !== before) this.names.push(fact);
    return this;
  }
  delete(fact: Fact): boolean {
    if (!this.has(fact)) return false;
    const number = numberOf(fact);
    this.bits[wordOf(number)] = (this.bits[wordOf(number)] as number) & ~bitOf(number);
    this.names.splice(this.names.indexOf(fact), 1);
    return true;
  }
  [Symbol.iterator](): Iterator<Fact> {
    return this.names[Symbol.iterator]();
  }
}

/**
 * A condition: how many names must be there, how many must not, and of how many one must; then each as its word and its bit.
 * Names that stand in one word are asked together.
 */
export type Codes = readonly number[];
interface Names {
  readonly all?: readonly Fact[] | undefined;
  readonly any?: readonly Fact[] | undefined;
  readonly none?: readonly Fact[] | undefined;
}
/** The codes of a condition. */
export function codesOf({ all = [], none = [], any = [] }: Names): Codes {
  const grouped = [all, none, any].map((names) => {
    const set = new FactSet();
    for (const name of names) set.add(name);
    return set.bits.flatMap((mask, word) => (mask === 0 ? [] : [word, mask]));
  });
  return [...grouped.map((pairs) => pairs.length), ...grouped.flat()];
}
/** True when the condition whose codes begin at `at` holds. */
function holdsAt(codes: Codes | Int32Array, begin: number, bits: FactBits): boolean {
  let at = begin + 3;
  let end = at + (codes[begin] as number);
  for (; at < end; at += 2) {
    const mask = codes[at + 1] as number;
    if (((bits[codes[at] as number] ?? 0) & mask) !== mask) return false;
  }
  end += codes[begin + 1] as number;
  for (; at < end; at += 2) if (((bits[codes[at] as number] ?? 0) & (codes[at + 1] as number)) !== 0) return false;
  end += codes[begin + 2] as number;
  if (at === end) return true;
  for (; at < end; at += 2) if (((bits[codes[at] as number] ?? 0) & (codes[at + 1] as number)) !== 0) return true;
  return false;
}
/** True when the condition holds. */
export const codesHold = (codes: Codes, bits: FactBits): boolean => holdsAt(codes, 0, bits);

interface Conditional {
  readonly when: { readonly codes?: Codes };
}
/** The codes of a table one behind the other, each led by its length: read in one go. */
const strips = new WeakMap<readonly Conditional[], Int32Array | null>();
function stripOf(table: readonly Conditional[]): Int32Array | null {
  let strip = strips.get(table);
  if (strip === undefined) {
    const codes = table.flatMap(({ when }) => (when.codes ? [when.codes] : []));
    strip = codes.length === table.length ? Int32Array.from(codes.flatMap((one) => [one.length, ...one])) : null;
    strips.set(table, strip);
  }
  return strip;
}
/**
 * Takes every record of a coded table whose condition holds, in order; what one adds, the next can read.
 * @returns false for a table without codes, of which nothing was taken.
 */
export function takeThoseThatHold<T extends Conditional>(table: readonly T[], bits: FactBits, take: (record: T, n: number) => void): boolean {
  const strip = stripOf(table);
  if (!strip) return false;
  for (let n = 0, at = 0; at < strip.length; n++, at += 1 + (strip[at] as number))
    if (holdsAt(strip, at + 1, bits)) take(table[n] as T, n);
  return true;
}
