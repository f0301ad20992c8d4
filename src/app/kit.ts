import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo, useState } from 'react';
import type { Item, Kit } from '../core/gear';
import type { Plan, Programme } from '../core/programme';
import { latestInspection, plan, writeProgramme } from '../core/programme';
import { loadKit } from '../data/kit';
import { plannerWorker, type ProgrammeOutline } from '../workers';

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

/** All programmes, planned in the worker; null until the first are there. A newer kit overtakes an older answer. */
export function useProgrammes(kit: Kit | undefined): Readonly<Record<string, ProgrammeOutline>> | null {
  const [programmes, setProgrammes] = useState<Readonly<Record<string, ProgrammeOutline>> | null>(null);
  useEffect(() => {
    if (!kit) return;
    let stale = false;
    void plannerWorker()
      .planAll({ ...kit, log: [], weighIns: [] })
      .then((done) => {
        if (!stale) setProgrammes(done);
      });
    return () => {
      stale = true;
    };
  }, [kit]);
  return programmes;
}
