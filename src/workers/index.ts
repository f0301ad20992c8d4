/** Heavy work off the page: planning whole kits, reading files. Refuses: storing. */
import { wrap, type Remote } from 'comlink';
import type { PlannerApi } from './planner.protocol';

export type { OnPiece, PlanningEnd, ProgrammeOutline } from './planner.protocol';

let planner: Remote<PlannerApi> | null = null;

/** The planning worker, started on first use. */
export function plannerWorker(): Remote<PlannerApi> {
  planner ??= wrap<PlannerApi>(new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }));
  return planner;
}
