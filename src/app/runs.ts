import { useLiveQuery, useObservable } from 'dexie-react-hooks';
import { useMemo } from 'react';
import type { Programme } from '../core/document';
import { foldRun, startRun, type Run } from '../core/run';
import { tickAll } from '../core/run/load';
import { db } from '../data/db';
import { live, whenRead } from '../data/live';
import { openRecords, startRuns } from '../data/repo';
import { newId, nowMs } from './now';

/** A run, live; null when there is none, undefined while it is read. */
export function useRun(id: string | undefined): Run | null | undefined {
  const record = useLiveQuery(async () => (id ? ((await db.runs.get(id)) ?? null) : null), [id]);
  return useMemo(() => record && foldRun(record), [record]);
}
const liveOpen = live(['runs'], async () => (await openRecords()).map(foldRun));
/** All runs that are not over for the record, oldest first; undefined while they are read for the first time. */
export const useOpenRuns = (): readonly Run[] | undefined => useObservable(liveOpen);
/** When pages have the runs that are not over, or cannot have them. */
export const runsAreRead = (): Promise<readonly Run[] | null> => whenRead(liveOpen);
/** The run that a thing or machine is in, or null. */
export function useRunOf(itemId: string | undefined): Run | null {
  const runs = useOpenRuns();
  return runs?.find((r) => r.itemId === itemId) ?? null;
}
/** The newest run of a thing, over or not. */
export function useLastRun(itemId: string | undefined): Run | null {
  const record = useLiveQuery(
    async () =>
      (
        await db.runs
          .where('itemId')
          .equals(itemId ?? '')
          .sortBy('startedAtMs')
      ).at(-1) ?? null,
    [itemId],
  );
  return useMemo(() => (record ? foldRun(record) : null), [record]);
}

/** Starts a programme, unless the thing or machine is in one: then that one. @returns its id, and whether it was under way. */
export async function beginRun(
  programme: Programme,
  name: string,
  /** `ready`: steps that are done already. */
  { machineId, ready = [] }: { readonly machineId?: string; readonly ready?: readonly string[] } = {},
): Promise<{ readonly id: string; readonly wasUnderWay: boolean }> {
  const run = tickAll(startRun(programme, name, newId('run'), nowMs(), machineId), ready, nowMs());
  const open = await startRuns([run]);
  return open ? { id: open.id, wasUnderWay: true } : { id: run.id, wasUnderWay: false };
}
