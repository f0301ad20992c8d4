import { useLiveQuery, useObservable } from 'dexie-react-hooks';
import { db, readMeta } from '../data/db';
import { live } from '../data/live';
import { snapshots } from '../data/snapshots';
import { undosKept } from '../data/undo';
import { nowMs } from './now';

/* What pages read of the store besides the kit, followed as it changes. Undefined while it is read, null where there is none. */

const liveViews = live(['views'], () => db.savedViews.toArray());
const liveUndos = live(['undos'], () => undosKept(nowMs()));
const liveCopiedAt = live(['meta/copiedAt'], async () => (await readMeta('copiedAt')) ?? null);
/** Saved ways of looking at the kit. */
export const useSavedViews = () => useObservable(liveViews);
/** The photographs of every thing. */
export const useAllPhotos = () => useLiveQuery(() => db.photos.toArray(), []);
/** A look over that is not finished. */
export const useLookDraft = (itemId: string | undefined) =>
  useLiveQuery(async () => (itemId ? ((await db.drafts.get(itemId)) ?? null) : null), [itemId]);
/** What was done in the last day and can be taken back. */
export const useUndosKept = () => useObservable(liveUndos);
/** When a copy was saved last, ISO. */
export const useCopiedAt = () => useObservable(liveCopiedAt);
/** Whole states of before. */
export const useSnapshots = () => useLiveQuery(snapshots, []);
/** One line of the record. */
export const useEntry = (id: string) => useLiveQuery(async () => (await db.log.get(id)) ?? null, [id]);
