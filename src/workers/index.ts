/** Heavy work off the page: planning whole kits, reading files. Refuses: storing. */
import { wrap, type Remote } from 'comlink';
import plannerUrl from 'virtual:planner-worker';
import type { DayApi } from './day.protocol';
import type { LightApi } from './light.protocol';
import type { PhotoApi } from './photo.protocol';
import type { PlannerApi } from './planner.protocol';
import type { RehearseApi } from './rehearse.protocol';

export type { OnPiece, PlanningEnd, ProgrammeOutline } from './planner.protocol';

let planner: Remote<PlannerApi> | null = null;

/** The planning worker, started on first use. */
export function plannerWorker(): Remote<PlannerApi> {
  planner ??= wrap<PlannerApi>(new Worker(plannerUrl, { type: 'module' }));
  return planner;
}

let photos: Remote<PhotoApi> | null = null;
/** The photograph worker, started on first use. */
export function photoWorker(): Remote<PhotoApi> {
  photos ??= wrap<PhotoApi>(new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' }));
  return photos;
}

export type { SideBySide } from './rehearse.protocol';
let rehearsal: Remote<RehearseApi> | null = null;

/** The rehearsal worker, started on first use. */
export function rehearseWorker(): Remote<RehearseApi> {
  rehearsal ??= wrap<RehearseApi>(new Worker(new URL('./rehearse.worker.ts', import.meta.url), { type: 'module' }));
  return rehearsal;
}

let light: Remote<LightApi> | null = null;
/** The worker for pictures against the light, started on first use. */
export function lightWorker(): Remote<LightApi> {
  light ??= wrap<LightApi>(new Worker(new URL('./light.worker.ts', import.meta.url), { type: 'module' }));
  return light;
}

/** A worker for one wash day at a time; who ends it stops what it does. */
export function dayWorker(): { readonly api: Remote<DayApi>; readonly end: () => void } {
  const worker = new Worker(new URL('./day.worker.ts', import.meta.url), { type: 'module' });
  return { api: wrap<DayApi>(worker), end: () => worker.terminate() };
}
