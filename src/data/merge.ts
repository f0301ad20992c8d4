type Fields = Readonly<Record<string, unknown>>;
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;
/** True when two values of a record are alike, whole. */
export const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
/** A list whose entries all have an id of their own, by id; null for any other list. */
function byId(list: readonly unknown[]): Map<string, Fields> | null {
  const map = new Map<string, Fields>();
  for (const entry of list) {
    if (!isFields(entry) || typeof entry.id !== 'string' || map.has(entry.id)) return null;
    map.set(entry.id, entry);
  }
  return map;
}

/**
 * Takes one change back, and nothing else: what somebody has changed since stays as it has become.
 * @param was before the change; undefined: there was nothing. @param made after it. @param now as it stands.
 */
export function takenBack(was: unknown, made: unknown, now: unknown): unknown {
  if (same(made, now)) return was;
  if (isFields(was) && isFields(made) && isFields(now)) {
    const next: Record<string, unknown> = { ...now };
    for (const key of new Set([...Object.keys(was), ...Object.keys(made)])) {
      if (same(was[key], made[key])) continue;
      const back = takenBack(was[key], made[key], now[key]);
      if (back === undefined) delete next[key];
      else next[key] = back;
    }
    return next;
  }
  const lists = [was, made, now].map((list) => (Array.isArray(list) ? byId(list) : null));
  const [before, after, here] = lists;
  if (before && after && here) {
    const kept = [...here].flatMap(([id, entry]) => {
      const back = before.has(id) || after.has(id) ? takenBack(before.get(id), after.get(id), entry) : entry;
      return back === undefined ? [] : [back];
    });
    // What the change took out comes in again, unless it is there already.
    return [...kept, ...[...before].filter(([id]) => !after.has(id) && !here.has(id)).map(([, entry]) => entry)];
  }
  return now;
}
