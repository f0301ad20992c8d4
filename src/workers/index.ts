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
export type { SideBySide } from './rehearse.protocol';
/** Which build plans: an answer of another is none. Null where what plans may change under one name. */
export const PLANNED_BY: string | null = import.meta.env.PROD ? plannerUrl : null;

/** A worker that was started: what it can be asked, and how it is ended. */
interface Started<A> {
  readonly api: Remote<A>;
  readonly end: () => void;
}
/**
 * Starts a worker. Error: whatever it is asked, once it could not be loaded or broke down; left to itself such a question waits for ever.
 * @param onLost told of that: the next question begins another.
 */
function start<A>(worker: Worker, onLost: () => void = () => undefined): Started<A> {
  const waiting = new Set<(error: Error) => void>();
  let lost: Error | null = null;
  worker.addEventListener('error', () => {
    worker.terminate();
    lost = new Error('A worker could not be loaded, or broke down.');
    onLost();
    for (const refuse of waiting) refuse(lost);
  });
  const remote = wrap<Record<string, (...of: unknown[]) => unknown>>(worker);
  const ask = (job: string, of: readonly unknown[]): Promise<unknown> =>
    new Promise((resolve, refuse) => {
      if (lost) return refuse(lost);
      waiting.add(refuse);
      const asked = (remote[job] as (...of: unknown[]) => Promise<unknown>)(...of);
      asked.then(resolve, refuse).finally(() => waiting.delete(refuse));
    });
  const api = new Proxy({}, { get: (_, job) => (typeof job === 'string' ? (...of: unknown[]) => ask(job, of) : undefined) });
  return { api: api as Remote<A>, end: () => worker.terminate() };
}
/** One worker for all who ask, started on first use, and anew after it was lost. @param onLost told when it is. */
function shared<A>(make: () => Worker, onLost: () => void = () => undefined): () => Remote<A> {
  let started: Remote<A> | null = null;
  const forget = (): void => {
    started = null;
    onLost();
  };
  return () => (started ??= start<A>(make(), forget).api);
}

const troubles = new Set<() => void>();
/** The planning worker. */
export const plannerWorker = shared<PlannerApi>(
  () => new Worker(plannerUrl, { type: 'module' }),
  () => {
    for (const hear of troubles) hear();
  },
);
/** Hears when the planning worker could not be started or broke down. @returns how to stop it. */
export function onPlannerTrouble(hear: () => void): () => void {
  troubles.add(hear);
  return () => void troubles.delete(hear);
}

/** The photograph worker. */
export const photoWorker = shared<PhotoApi>(() => new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' }));
/** The rehearsal worker. */
export const rehearseWorker = shared<RehearseApi>(
  () => new Worker(new URL('./rehearse.worker.ts', import.meta.url), { type: 'module' }),
);
/** The worker for pictures against the light. */
export const lightWorker = shared<LightApi>(() => new Worker(new URL('./light.worker.ts', import.meta.url), { type: 'module' }));
/** The worker that reads colours and drops off pictures. */
export const pictureWorker = shared<PictureApi>(
  () => new Worker(new URL('./picture.worker.ts', import.meta.url), { type: 'module' }),
);

/** A worker for one wash day at a time; who ends it stops what it does. */
export const dayWorker = (): Started<DayApi> =>
  start(new Worker(new URL('./day.worker.ts', import.meta.url), { type: 'module' }));
/** A worker for one file of rows at a time; who ends it stops what it does. */
export const csvWorker = (): Started<CsvApi> =>
  start(new Worker(new URL('./csv.worker.ts', import.meta.url), { type: 'module' }));
/** A worker for one copy at a time; who ends it stops what it does. */
export const copyWorker = (): Started<CopyApi> =>
  start(new Worker(new URL('./copy.worker.ts', import.meta.url), { type: 'module' }));
