import { db, type Snapshot, type SnapshotReason } from './db';
import { DAY_MS } from '../core/units/time';

/** So many whole states are kept, none longer than so many days: each holds the photographs too. */
const KEPT = 5;
export const KEPT_DAYS = 7;
/** What was left to begin with one's own is kept longer, and beside the others. */
export const LEFT_DAYS = 30;
export const daysKept = (why: SnapshotReason): number => (why === 'begin' ? LEFT_DAYS : KEPT_DAYS);

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
    const now = Date.parse(snapshot.at);
    const old = all.filter((s) => Date.parse(s.at) < now - daysKept(s.why) * DAY_MS);
    const many = [false, true].flatMap((left) => all.filter((s) => (s.why === 'begin') === left).slice(left ? 1 : KEPT));
    await db.snapshots.bulkDelete([...new Set([...old, ...many])].map((s) => s.id));
  });
}
