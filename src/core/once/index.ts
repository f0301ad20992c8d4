/**
 * What is worked out once for each object, and kept as long as that object is. Refuses: objects that change, and deciding what is worth keeping.
 */

interface Store<K, V> {
  get(of: K): V | undefined;
  set(of: K, value: V): unknown;
}
type Value = NonNullable<unknown> | null;
const keeping =
  <K, V extends Value>(made: Store<K, V>, make: (of: K) => V) =>
  (of: K): V => {
    let value = made.get(of);
    if (value === undefined) made.set(of, (value = make(of)));
    return value;
  };

/** The same function, which works each answer out once. Of two things: one such function gives another. */
export const onceFor = <K extends object, V extends Value>(make: (of: K) => V): ((of: K) => V) =>
  keeping(new WeakMap<K, V>(), make);
/** The same for words of the vocabulary, which are few: nothing is ever dropped. */
export const onceForWord = <K extends string, V extends Value>(make: (of: K) => V): ((of: K) => V) =>
  keeping(new Map<K, V>(), make);
