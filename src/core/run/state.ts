import type { WayId } from '../knowledge';
import type { Programme, ProgrammeStep } from '../document';
import type { RunRecord } from './events';
import { MINUTE_MS } from '../units/time';

/* A run as it stands: where one is, how far each step is, what its timers are at. */

/** What the timer of a step is at: an instant at which it ends or ended, what was left when it was paused, or nothing. */
type Timer =
  | { readonly state: 'running' | 'elapsed'; readonly endsAtMs: number; readonly leftMs: null }
  | { readonly state: 'paused'; readonly endsAtMs: null; readonly leftMs: number }
  /** `asking`: its look has failed too often, and a way out is to be chosen; `failed`: it was left as it is. */
  | {
      readonly state: 'waiting' | 'done' | 'passed' | 'failed' | 'skipped' | 'asking';
      readonly endsAtMs: null;
      readonly leftMs: null;
    };
export type StepState = Timer['state'];

/** A look as it was answered. */
export interface Looked {
  readonly atMs: number;
  readonly passed: boolean;
  readonly proof?: 'weights' | 'hand';
}
interface StepCarried {
  readonly stepId: string;
  /** How often it was carried through. */
  readonly times: number;
  readonly round: number;
  /** Minutes for which the present round was set. */
  readonly roundMin: number;
  /** Minutes that each ended round really ran, since the thing was last wetted; and those before. */
  readonly spells: readonly number[];
  readonly before: readonly number[];
  /** Events before this instant belong to an earlier pass, ms. */
  readonly sinceMs: number;
  readonly finishedAtMs: number | null;
  readonly notes: readonly string[];
  readonly looks: readonly Looked[];
  /** Failed looks since the last that passed or since the wash began anew. */
  readonly failures: number;
  /** The way out that was last chosen. */
  readonly way?: WayId;
  /** Why it was left out. */
  readonly why?: string;
  /** The longest it sat after its timer had ended, minutes. */
  readonly satMin: number;
  /** Baffles in which a clump or damp core was felt at the last look. */
  readonly clumps?: readonly string[];
  /** What of it was done once for all things in the drum: how often, and which of its rounds (places in `before`, then `spells`). */
  readonly together?: { readonly times: number; readonly rounds: readonly number[] };
}
export type StepRun = StepCarried & Timer;

interface Detour {
  readonly checkId: string;
  readonly at: string;
  readonly left: readonly string[];
}
/** A run as it stands: the record, and what follows from it. */
export interface Run extends Omit<RunRecord, 'programme'> {
  /** As it was planned. */
  readonly planned: Programme;
  /** With steps that were taken in and machines that were changed. */
  readonly programme: Programme;
  readonly currentId: string | null;
  readonly steps: Readonly<Record<string, StepRun>>;
  /** Steps reached through a failed look. */
  readonly unlocked: readonly string[];
  readonly detours: readonly Detour[];
  /** Looks that nothing has closed, while one stands before putting away. */
  readonly open: readonly string[];
  readonly putAwayAsItIs: boolean;
  /** It left its load. */
  readonly alone: boolean;
  /** Latest instant this run has seen, ms; a clock set back shows against it. */
  readonly seenAtMs: number;
  /** By how much the clock was set while it ran, ms. */
  readonly clockMs: number;
  readonly finishedAtMs: number | null;
}

export const STILL = { endsAtMs: null, leftMs: null } as const;

/** A step that nobody has begun. */
export const waiting = (stepId: string, sinceMs: number): StepRun => ({
  stepId,
  state: 'waiting',
  ...STILL,
  times: 0,
  round: 0,
  roundMin: 0,
  spells: [],
  before: [],
  sinceMs,
  finishedAtMs: null,
  notes: [],
  looks: [],
  failures: 0,
  satMin: 0,
});

/** A step of a programme by its id. */
export const stepIn = (programme: Programme, id: string | null): ProgrammeStep | undefined =>
  programme.steps.find((s) => s.id === id);

export type Patch = Partial<StepCarried> & (Timer | { readonly state?: never });
/** The run with a step changed; as it was when it has no such step. */
export function patched(run: Run, id: string, patch: Patch): Run {
  const step = run.steps[id];
  return step ? { ...run, steps: { ...run.steps, [id]: { ...step, ...patch } as StepRun } } : run;
}

/** True for drying that goes on by itself when its timer has ended: no machine stops. */
const driesOn = (step: ProgrammeStep): boolean =>
  step.phase === 'dry' && step.settings.dryerId === undefined && step.settings.heat === undefined;

/** Minutes that the present round has run by an instant. */
export function ranBy(step: ProgrammeStep, now: StepRun, atMs: number): number {
  if (now.state === 'paused') return Math.max(0, now.roundMin - now.leftMs / MINUTE_MS);
  if (now.state !== 'running' && now.state !== 'elapsed') return 0;
  const ran = now.roundMin - (now.endsAtMs - atMs) / MINUTE_MS;
  return Math.max(0, driesOn(step) ? ran : Math.min(now.roundMin, ran));
}
/** The present round ends: what it ran is counted, and how long it sat. */
export function endRound(run: Run, id: string, atMs: number, minutes?: number): Run {
  const now = run.steps[id];
  const step = stepIn(run.programme, id);
  if (!now || !step || (now.state !== 'running' && now.state !== 'elapsed' && now.state !== 'paused')) return run;
  const ran = minutes ?? ranBy(step, now, atMs);
  const sat = now.endsAtMs === null ? 0 : Math.max(0, Math.floor((atMs - now.endsAtMs) / MINUTE_MS));
  return patched(run, id, {
    state: 'waiting',
    ...STILL,
    spells: [...now.spells, Math.round(ran * 100) / 100],
    satMin: Math.max(now.satMin, sat),
  });
}
