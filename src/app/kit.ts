import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { proxy } from 'comlink';
import type { Item, Kit } from '../core/gear';
import type { Plan, Programme } from '../core/programme';
import { latestInspection, plan, writeProgramme } from '../core/programme';
import { loadKit } from '../data/kit';
import { plannerWorker, type KitPlans, type ProgrammeOutline } from '../workers';

/** The whole kit, live; undefined while it is read. */
export const useKit = (): Kit | undefined => useLiveQuery(() => loadKit(), []);

export interface Planned {
  readonly plan: Plan;
  readonly programme: Programme;
}
/** One item's plan as it was last seen. */
export function planOf(kit: Kit, item: Item): Planned {
  const made = plan({ item, inspection: latestInspection(kit.inspections, item.id), kit });
  return { plan: made, programme: writeProgramme(made) };
}

export function useItem(id: string | undefined): { kit: Kit | undefined; item: Item | undefined } {
  const kit = useKit();
  const item = useMemo(() => kit?.items.find((i) => i.id === id), [kit, id]);
  return { kit, item };
}

export interface Planning {
  /** Null until the first are there; after a stop, those that were done. */
  readonly programmes: Readonly<Record<string, ProgrammeOutline>> | null;
  readonly state: 'busy' | 'done' | 'stopped';
  readonly done: number;
  readonly of: number;
  readonly stop: () => void;
  readonly again: () => void;
}
const stopPlanning = (): void => void plannerWorker().stop();

/** All programmes, planned in the worker, with progress and a way out. A newer kit overtakes an older answer. */
export function usePlanning(kit: Kit | undefined): Planning {
  const [round, setRound] = useState(0);
  const [told, setTold] = useState<{ kit: Kit; round: number; done: number } | null>(null);
  const [answer, setAnswer] = useState<{ kit: Kit; round: number; plans: KitPlans } | null>(null);
  useEffect(() => {
    if (!kit) return;
    let stale = false;
    const report = proxy((done: number) => {
      if (!stale) setTold({ kit, round, done });
    });
    void plannerWorker()
      .planAll({ ...kit, log: [], weighIns: [] }, report)
      .then((plans) => {
        if (!stale) setAnswer({ kit, round, plans });
      });
    return () => {
      stale = true;
    };
  }, [kit, round]);
  const again = useCallback(() => setRound((n) => n + 1), []);
  const fresh = answer?.kit === kit && answer?.round === round;
  return {
    programmes: answer?.plans.programmes ?? null,
    state: fresh ? (answer?.plans.status ?? 'busy') : 'busy',
    done: told?.kit === kit && told?.round === round ? told.done : 0,
    of: kit?.items.length ?? 0,
    stop: stopPlanning,
    again,
  };
}

/** Which items' programmes rest on which handbook entries; null while it is worked out. */
export function useUsers(kit: Kit | undefined): Readonly<Record<string, readonly string[]>> | null {
  const [users, setUsers] = useState<Readonly<Record<string, readonly string[]>> | null>(null);
  useEffect(() => {
    if (!kit) return;
    let stale = false;
    void plannerWorker()
      .whoUses({ ...kit, log: [], weighIns: [] })
      .then((answer) => {
        if (!stale) setUsers(answer);
      });
    return () => {
      stale = true;
    };
  }, [kit]);
  return users;
}
