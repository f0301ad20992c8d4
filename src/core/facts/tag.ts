/** Names already made, by prefix and value. Prefixes and values are words of the vocabulary, so this stays small. */
const made = new Map<string, Map<string | number, string>>();

/** Pairs of words as prefixes, so that a name of three words needs no letters joined to be found. */
const joined = new Map<string, Map<string, string>>();
function join(prefix: string, word: string, mark: string): string {
  let byWord = joined.get(prefix);
  if (!byWord) joined.set(prefix, (byWord = new Map()));
  let name = byWord.get(word);
  if (name === undefined) byWord.set(word, (name = `${prefix}${word}${mark}`));
  return name;
}
/** `tag` for two words: `tagPair('out:', 'hood', ':', 'fur')` is "out:hood:fur". One prefix always goes with one mark. */
export const tagPair = <P extends string, W extends string, M extends ':' | '=', V extends string>(
  prefix: P,
  word: W,
  mark: M,
  value: V,
): `${P}${W}${M}${V}` => tag(join(prefix, word, mark), value) as `${P}${W}${M}${V}`;

/** The one string for a prefix and a value: made once, so that looking facts up compares pointers instead of letters. */
export function tag<P extends string, V extends string | number>(prefix: P, value: V): `${P}${V}` {
  let byValue = made.get(prefix);
  if (!byValue) made.set(prefix, (byValue = new Map()));
  let name = byValue.get(value);
  if (name === undefined) {
    // As a property key the engine keeps one copy of it.
    name = Object.keys({ [`${prefix}${value}`]: 0 })[0] as string;
    byValue.set(value, name);
  }
  return name as `${P}${V}`;
}
