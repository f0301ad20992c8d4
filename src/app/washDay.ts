import { proxy } from 'comlink';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import type { Kit } from '../core/gear';
import { momentText } from '../core/telling/wash-day';
import { withHired } from '../core/washday/hired';
import { SLOT_MS } from '../core/washday/shapes';
import type { DayLoad, DayRequest, DayTask, DayWish, WashDay } from '../core/washday';
import { saveWashDay } from '../data/repo';
import { dayWorker } from '../workers';
import { instantHere } from '../core/units/day';
import { begunOf, requestOf } from './dayHours';
import { begunByRuns, pathOf, runsOfLoad, type Started, useDayRuns, useWish } from './loads';
import { notify } from './session';

/** The next step of the day's grid. */
const soonest = (): Date => new Date(Math.ceil(Date.now() / SLOT_MS) * SLOT_MS);
const stepsOf = (task: DayTask): string => task.steps.map((s) => `${s.itemId}/${s.stepId}`).join();
/** Tasks of a new day that are those that have begun, by their new ids. */
const begunIn = (day: WashDay, begun: readonly DayTask[]): string[] => {
  const those = new Set(begun.map(stepsOf));
  return day.tasks.filter((t) => those.has(stepsOf(t))).map((t) => t.id);
};

/** What was begun of a day, by the ids that the same loads have in a new one. */
function loadsIn(day: WashDay, { day: before, loads = {} }: Started): Record<string, string> {
  const key = (l: DayLoad): string => `${l.purpose}/${l.washerId}/${[...l.itemIds].sort().join()}`;
  return Object.fromEntries(
    Object.entries(loads).map(([piece, loadId]) => {
      const was = before.loads.find((l) => l.id === piece);
      return [(was && day.loads.find((l) => key(l) === key(was))?.id) ?? piece, loadId];
    }),
  );
}

export interface DayState {
  /** With what is at hand for the day. */
  readonly kit: Kit | undefined;
  /** Undefined while it is read; null when none was put together. */
  readonly wish: DayWish | null | undefined;
  readonly request: DayRequest | null;
  readonly day: WashDay | null;
  /** While it is looked for: the verdict of the best so far. */
  readonly busy: { readonly better: number; readonly verdict: string } | null;
  readonly stop: () => void;
  readonly again: () => void;
  /** Tasks of a started day that have begun: ticked, or in a run. */
  readonly begun: readonly string[];
  /** Those that a run has begun. */
  readonly inRuns: readonly string[];
  /** Moves what has not begun of a started day behind now, and says what it costs. */
  readonly moveRest: () => Promise<void>;
  /** Begins a load, a purge or a thing by itself. @returns where it is carried on, or null when it could not be begun. */
  readonly carryOut: (piece: string) => Promise<string | null>;
  readonly change: (next: DayWish, said?: string) => Promise<void>;
}

/** A request planned off the page: the best so far while it is looked for, stopped and begun again. */
function usePlanned(request: DayRequest | null) {
  const [round, setRound] = useState(0);
  const asked = useMemo(() => ({ request, round }), [request, round]);
  const [answer, setAnswer] = useState<{ asked: object; day: WashDay } | null>(null);
  const [progress, setProgress] = useState({ asked: {}, better: 0, verdict: '' });
  const [stopped, setStopped] = useState<object | null>(null);
  const end = useRef<() => void>(() => undefined);
  useEffect(() => {
    if (!asked.request) return;
    let better = 0;
    const worker = dayWorker();
    end.current = worker.end;
    void worker.api
      .plan(
        asked.request,
        proxy((_finish: string, verdict: string) => setProgress({ asked, better: ++better, verdict })),
      )
      .then(
        // A day is much to draw: a hand is heard in between.
        (day) => startTransition(() => setAnswer({ asked, day })),
        (error: unknown) => {
          // It is said, as whatever fails without anybody waiting for it; the page goes on as if it had been stopped.
          setStopped(asked);
          throw error;
        },
      )
      .finally(worker.end);
    return () => worker.end();
  }, [asked]);
  const busy = request !== null && answer?.asked !== asked && stopped !== asked;
  return {
    // While a newer one is looked for the last stands.
    planned: request ? (answer?.day ?? null) : null,
    busy: busy ? (progress.asked === asked ? progress : { better: 0, verdict: '' }) : null,
    stop: () => {
      end.current();
      setStopped(asked);
    },
    again: () => setRound((n) => n + 1),
  };
}

type Change = DayState['change'];
/** Begins a piece of a started day, or finds it again. @returns where it is carried on, or null when it could not be begun. */
async function carriedOut(kit: Kit, wish: DayWish, started: Started, piece: string, inRuns: readonly string[], change: Change) {
  const known = started.loads?.[piece];
  // What was stopped before anything was done is begun anew.
  if (known !== undefined && (await runsOfLoad(known)).some((r) => r.status !== 'dropped'))
    return pathOf(started.day, piece, known);
  const ticked = begunOf(started, inRuns).map((t) => t.id);
  const { beginPiece } = await import('./carryOut');
  const found = await beginPiece(started.kit ?? kit, started.day, piece, ticked);
  if ('busy' in found) {
    notify(`${found.busy.itemName} is under way by itself. Finish that first, or stop it.`);
    return null;
  }
  await change({ ...wish, started: { ...started, loads: { ...started.loads, [piece]: found.loadId } } });
  return pathOf(started.day, piece, found.loadId);
}
/** Moves what has not begun behind now. */
async function movedBehind(kit: Kit, wish: DayWish, before: Started, inRuns: readonly string[], change: Change): Promise<void> {
  const worker = dayWorker();
  const late = { ...requestOf(wish, before.kit ?? kit, new Date(), inRuns), from: instantHere(soonest()) };
  const day = await worker.api
    .plan(
      late,
      proxy(() => undefined),
    )
    .finally(worker.end);
  const begun = begunIn(day, begunOf(before));
  const loads = loadsIn(day, before);
  const moves =
    day.finish === before.day.finish
      ? 'The end stays as it was.'
      : `The end moves from ${momentText(before.day.finish)} to ${momentText(day.finish)}.`;
  await change({ ...wish, started: { ...before, day, begun, loads } }, moves);
}

/**
 * The wash day that is being put together, planned anew at every change, off the page.
 * @param isAsked false while another day is about to take its place: then nothing is planned.
 */
export function useWashDay(home: Kit | undefined, isAsked = true): DayState {
  const stored = useWish();
  const kit = useMemo(() => home && withHired(home, stored?.hired), [home, stored?.hired]);
  // What was taken out of the kit meanwhile is passed over.
  const wish = useMemo(() => {
    if (!stored || !kit) return stored;
    const there = new Set(kit.items.map((i) => i.id));
    return { ...stored, items: stored.items.filter((id) => there.has(id)) };
  }, [stored, kit]);
  const request = useMemo(
    () => (isAsked && wish && kit && wish.items.length > 0 && !wish.started ? requestOf(wish, kit) : null),
    [isAsked, wish, kit],
  );
  const { planned, busy, stop, again } = usePlanned(request);
  const started = wish?.started;
  const runs = useDayRuns(started);
  const inRuns = useMemo(() => (started && runs ? begunByRuns(started, runs) : []), [started, runs]);
  const change = async (next: DayWish, said?: string): Promise<void> => {
    const undo = await saveWashDay(next);
    if (said) notify(said, undo);
  };
  return {
    kit,
    wish,
    request,
    day: started?.day ?? planned,
    busy,
    stop,
    again,
    change,
    begun: [...new Set([...(started?.begun ?? []), ...inRuns])],
    inRuns,
    carryOut: async (piece) => (wish && started && kit ? carriedOut(kit, wish, started, piece, inRuns, change) : null),
    moveRest: async () => {
      if (wish && started && kit) await movedBehind(kit, wish, started, inRuns, change);
    },
  };
}
