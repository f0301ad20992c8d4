/** Heavy work off the page: planning whole kits, reading files. Refuses: storing. */
import { wrap, type Remote } from 'comlink';
import plannerUrl from 'virtual:planner-worker';
import type { CopyApi } from './copy.protocol';
import type { CsvApi } from './csv.protocol';
import type { DayApi } from './day.protocol';
import type { LightApi } from './light.protocol';
import type { PhotoApi } from './photo.protocol';
import type { PictureApi } from './picture.protocol';
import type { PlannerApi } from './planner.protocol';
import type { RehearseApi } from './rehearse.protocol';

export type { ReadKitFile } from './copy.protocol';
export type { ProgrammeOutline } from '../core/outline';
export type { OnPiece, PlanningEnd } from './planner.protocol';
export { kitTexts } from './kitTexts';
/** Which build plans: an answer of another is none. Null where what plans may change under one name. */
export const PLANNED_BY: string | null = import.meta.env.PROD ? plannerUrl : null;

let planner: Remote<PlannerApi> | null = null;
const troubles = new Set<() => void>();

/** The planning worker, started on first use. */
export function plannerWorker(): Remote<PlannerApi> {
  if (planner) return planner;
  const worker = new Worker(plannerUrl, { type: 'module' });
  worker.addEventListener('error', () => {
    // It is begun anew when somebody asks again.
    worker.terminate();
    planner = null;
    for (const hear of troubles) hear();
  });
  return (planner = wrap<PlannerApi>(worker));
}
/** Hears when the planning worker could not be started or broke down: what it was asked stays without an answer. @returns how to stop it. */
export function onPlannerTrouble(hear: () => void): () => void {
  troubles.add(hear);
  return () => void troubles.delete(hear);
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

let pictures: Remote<PictureApi> | null = null;
/** The worker that reads colours and drops off pictures, started on first use. */
export function pictureWorker(): Remote<PictureApi> {
  pictures ??= wrap<PictureApi>(new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module' }));
  return pictures;
}

/** A worker for one wash day at a time; who ends it stops what it does. */
export function dayWorker(): { readonly api: Remote<DayApi>; readonly end: () => void } {
  const worker = new Worker(new URL('./day.worker.ts', import.meta.url), { type: 'module' });
  return { api: wrap<DayApi>(worker), end: () => worker.terminate() };
}

/** A worker for one file of rows at a time; who ends it stops what it does. */
export function csvWorker(): { readonly api: Remote<CsvApi>; readonly end: () => void } {
  const worker = new Worker(new URL('./csv.worker.ts', import.meta.url), { type: 'module' });
  return { api: wrap<CsvApi>(worker), end: () => worker.terminate() };
}

/** A worker for one copy at a time; who ends it stops what it does. */
export function copyWorker(): { readonly api: Remote<CopyApi>; readonly end: () => void } {
  const worker = new Worker(new URL('./copy.worker.ts', import.meta.url), { type: 'module' });
  return { api: wrap<CopyApi>(worker), end: () => worker.terminate() };
}
