import { db, type Snapshot } from './db';

/** So many whole states are kept, none longer than so many days: each holds the photographs too. */
const KEPT = 5;
export const KEPT_DAYS = 7;
const DAY_MS = 86_400_000;

/** Those that there are, newest first. */
export const snapshots = (): Promise<Snapshot[]> => db.snapshots.orderBy('at').reverse().toArray();
/**
 * Keeps a whole state, and lets go of what is too old or too much.
 * @throws what the store throws when it is full; the older ones are still there then.
 */
export async function keepSnapshot(snapshot: Snapshot): Promise<void> {
  await db.transaction('rw', db.snapshots, async () => {
    await db.snapshots.put(snapshot);
    const all = await snapshots();
    const since = Date.parse(snapshot.at) - KEPT_DAYS * DAY_MS;
    await db.snapshots.bulkDelete(all.filter((s, n) => n >= KEPT || Date.parse(s.at) < since).map((s) => s.id));
  });
}
