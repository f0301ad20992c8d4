import { useLiveQuery, useObservable } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { foldRun, isUntouched, type Run, type RunRecord } from '../core/run';
import type { DayWish, WashDay } from '../core/washday';
import { backTogether } from '../core/run/load';
import { goneOnText } from '../core/telling/load';
import { db, readMeta } from '../data/db';
import { live, whenRead } from '../data/live';
import { changeRuns } from '../data/repo';
import { nowIso, nowMs } from './now';
import { notify } from './session';
import { toLoad, toRun } from './routes';

/** The id of a thing's run begins with that of its load. */
export const runId = (loadId: string, n: number): string => `${loadId}-${n + 1}`;
export const runsOfLoad = (loadId: string): Promise<RunRecord[]> => db.runs.where('id').startsWith(`${loadId}-`).toArray();
/** The runs of a load that there still are, in the order of its things; undefined while they are read, empty when there is none. */
export function useLoad(loadId: string | undefined): readonly Run[] | undefined {
  const records = useLiveQuery(async () => (loadId ? runsOfLoad(loadId) : []), [loadId]);
  return useMemo(() => records?.map(foldRun), [records]);
}
/** Ids of all runs that share this one's drum, itself first. */
export const idsWith = (run: Run): string[] => [
  run.id,
  ...(run.load?.members.map((m) => m.runId).filter((id) => id !== run.id) ?? []),
];

const liveWish = live(['meta/washDay'], async () => (await readMeta('washDay')) ?? null);
/** The wash day as it is put together, live; null when none is. */
export const useWish = (): DayWish | null | undefined => useObservable(liveWish);
/** The same, read once. */
export const readWish = (): Promise<DayWish | undefined> => readMeta('washDay');
/** Done when pages have it as it was last written. */
export const wishIsRead = (): Promise<unknown> => whenRead(liveWish);
/**
 * A press in one run that may reach all of its load, from what is stored.
 * @param press which runs it changes, and how. @param isAsSeen false when the run stands elsewhere than on the screen: then nothing is done.
 */
export const pressInLoad = (
  run: Run,
  press: (own: Run, all: readonly Run[]) => readonly Run[],
  isAsSeen: (own: Run) => boolean = () => true,
): Promise<readonly Run[]> =>
  changeRuns(
    idsWith(run),
    (all) => {
      const own = all.find((r) => r.id === run.id);
      return own && isAsSeen(own) ? press(own, all) : all;
    },
    nowIso(),
  );
/** Goes back over the last press; one that was made for a whole drum in all of it, unless one has gone on: that is said. */
export const goBack = (run: Run, isAsSeen?: (own: Run) => boolean): Promise<readonly Run[]> =>
  pressInLoad(
    run,
    (own, all) => {
      const back = backTogether(own, all, nowMs());
      if ('runs' in back) return back.runs;
      notify(goneOnText(back.goneOn.itemName));
      return all;
    },
    isAsSeen,
  );

export type Started = NonNullable<DayWish['started']>;
/** Where one goes to carry on with a piece of a started day, by what it was begun as. */
export const pathOf = (day: WashDay, piece: string, loadId: string): string => {
  const load = day.loads.find((l) => l.id === piece);
  return load && load.itemIds.length > 1 ? toLoad(loadId) : toRun(runId(loadId, 0));
};
/** Every run that was begun from a started day; undefined while they are read. */
export function useDayRuns(started: Started | undefined): readonly Run[] | undefined {
  const ids = Object.values(started?.loads ?? {});
  const records = useLiveQuery(
    async () => (ids.length === 0 ? [] : (await Promise.all(ids.map(runsOfLoad))).flat()),
    [ids.join()],
  );
  return useMemo(() => records?.map(foldRun), [records]);
}
/** Tasks of a started day that its runs have begun. */
export function begunByRuns({ day, loads = {} }: Started, runs: readonly Run[]): string[] {
  const stepBegun = (itemId: string, stepId: string): boolean =>
    runs.some((r) => {
      const state = r.itemId === itemId ? r.steps[stepId] : undefined;
      return state !== undefined && (state.state !== 'waiting' || state.times > 0 || state.spells.length > 0);
    });
  const purged = (loadId: string | undefined): boolean => {
    const id = loadId === undefined ? undefined : loads[loadId];
    return runs.some((r) => r.machineId !== undefined && id !== undefined && r.id.startsWith(`${id}-`) && !isUntouched(r));
  };
  return day.tasks.filter((t) => purged(t.loadId) || t.steps.some((s) => stepBegun(s.itemId, s.stepId))).map((t) => t.id);
}
