import { onceFor } from '../once';
import type { Fact } from './fact';

/*
 * Conditions as numbers. A plan asks some five hundred conditions, each by one to five names; as bits they are asked without looking a name up.
 */

/** Of one number of 32 bits, the bits that stay a small whole number everywhere. */
const BITS = 30;
const numbers = new Map<Fact, number>();
const names: Fact[] = [];
/** The number of a name, given when it is first met. */
function numberOf(fact: Fact): number {
  let number = numbers.get(fact);
  if (number === undefined) {
    number = names.push(fact) - 1;
    numbers.set(fact, number);
  }
  return number;
}

/** What holds of one request, as bits. */
export type FactBits = number[];
const wordOf = (number: number): number => Math.trunc(number / BITS);
const bitOf = (number: number): number => 1 << (number % BITS);

/** Facts that can be added to, kept as bits, and in the order in which they were added. */
export class FactSet implements Iterable<Fact> {
  readonly bits: FactBits;
  private readonly numbers: number[];

  /** @param from what it begins with. */
  constructor(from?: Iterable<Fact>) {
    const like = from instanceof FactSet ? from : null;
    this.bits = like ? like.bits.slice() : [];
    this.numbers = like ? like.numbers.slice() : [];
    if (from && !like) for (const fact of from) this.add(fact);
  }

  get size(): number {
    return this.numbers.length;
  }
  has(fact: Fact): boolean {
    const number = numberOf(fact);
    return ((this.bits[wordOf(number)] ?? 0) & bitOf(number)) !== 0;
  }
  add(fact: Fact): this {
    this.put(numberOf(fact));
    return this;
  }
  /** All that another set holds. */
  addAll(others: FactSet): void {
    for (const number of others.numbers) this.put(number);
  }
  delete(fact: Fact): boolean {
    if (!this.has(fact)) return false;
    const number = numberOf(fact);
    this.bits[wordOf(number)] = (this.bits[wordOf(number)] as number) & ~bitOf(number);
    this.numbers.splice(this.numbers.indexOf(number), 1);
    return true;
  }
  *[Symbol.iterator](): Iterator<Fact> {
    for (const number of this.numbers) yield names[number] as Fact;
  }

  private put(number: number): void {
    const word = wordOf(number);
    const { bits } = this;
    while (bits.length <= word) bits.push(0);
    const before = bits[word] as number;
    bits[word] = before | bitOf(number);
    if (bits[word] !== before) this.numbers.push(number);
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
export function codesOf({ all, none, any }: Names): Codes {
  const pairsOf = (some: readonly Fact[] = []): number[] =>
    new FactSet(some).bits.flatMap((mask, word) => (mask === 0 ? [] : [word, mask]));
  // Of no names, one never is there: a bit that nothing sets.
  const grouped = [pairsOf(all), pairsOf(none), any?.length === 0 ? [0, 0] : pairsOf(any)];
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
const stripOf = onceFor((table: readonly Conditional[]): Int32Array | null => {
  const codes = table.flatMap(({ when }) => (when.codes ? [when.codes] : []));
  return codes.length === table.length ? Int32Array.from(codes.flatMap((one) => [one.length, ...one])) : null;
});
/**
 * Takes every record of a coded table whose condition holds, in order; what one adds, the next can read.
 * @returns false for a table without codes, of which nothing was taken.
 */
export function takeThoseThatHold<T extends Conditional>(
  table: readonly T[],
  bits: FactBits,
  take: (record: T, n: number) => void,
): boolean {
  const strip = stripOf(table);
  if (!strip) return false;
  for (let n = 0, at = 0; at < strip.length; n++, at += 1 + (strip[at] as number))
    if (holdsAt(strip, at + 1, bits)) take(table[n] as T, n);
  return true;
}
