/**
 * One search over everything that has a name: things, bottles, pages, entries of the handbook, commands. Refuses: knowing what they are.
 */
/** Something that can be found. */
export interface Findable {
  readonly id: string;
  readonly name: string;
  /** Other words by which it is looked for. */
  readonly also?: string;
}

const plain = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[’']/g, '');
const wordsOf = (text: string): string[] =>
  plain(text)
    .split(/[^a-z0-9]+/)
    .filter(Boolean);

/** How well it fits: 0 = not at all. The beginning of the name counts most, then a word of it, then its other words. */
function fit({ name, also = '' }: Findable, wanted: readonly string[]): number {
  const own = wordsOf(name);
  const other = wordsOf(also);
  let sum = 0;
  for (const [n, word] of wanted.entries()) {
    if (own[n]?.startsWith(word)) sum += 5;
    else if (own.some((w) => w.startsWith(word))) sum += 3;
    else if (other.some((w) => w.startsWith(word))) sum += 1;
    else return 0;
  }
  // Of two that fit alike the shorter name is meant.
  return sum + 1 / (1 + own.length);
}
/**
 * What fits every word of a query by the beginning of one of its own words, the best first, in the given order where they fit alike.
 * @param most so many at most. @returns nothing for an empty query.
 */
export function find<F extends Findable>(all: readonly F[], query: string, most = 12): F[] {
  const wanted = wordsOf(query);
  if (wanted.length === 0) return [];
  return all
    .map((one) => ({ one, fits: fit(one, wanted) }))
    .filter(({ fits }) => fits > 0)
    .sort((a, b) => b.fits - a.fits)
    .slice(0, most)
    .map(({ one }) => one);
}
