/** Names already made, by prefix and value. Prefixes and values are words of the vocabulary, so this stays small. */
const made = new Map<string, Map<string | number, string>>();

/** The one string for a prefix and a value: made once, so that looking facts up compares pointers instead of letters. */
export function tag(prefix: string, value: string | number): string {
  let byValue = made.get(prefix);
  if (!byValue) made.set(prefix, (byValue = new Map()));
  let name = byValue.get(value);
  if (name === undefined) {
    // As a property key the engine keeps one copy of it.
    name = Object.keys({ [`${prefix}${value}`]: 0 })[0] as string;
    byValue.set(value, name);
  }
  return name;
}
