import type { ProgrammeStep } from '../document';
import type { Equipment } from '../gear';
import { current, timerMinutes, type Run } from './index';

/** A machine, tub, place or iron that somebody's thing is in just now. */
export interface InUse {
  readonly run: Run;
  /** When its timer ends, ms; null when it waits for hands. */
  readonly untilMs: number | null;
}
export type Spot = { readonly what: 'washer' | 'dryer' | 'place' | 'tool'; readonly id: string };

/** Where a step is done: which machine, which place, which tool; null when it needs none that another could be in. */
function spotOf({ settings, phase }: ProgrammeStep): Spot | null {
  const { dryerId, washerId, place, tool } = settings;
  if (dryerId !== undefined) return { what: 'dryer', id: dryerId };
  if (washerId !== undefined) return { what: 'washer', id: washerId };
  if (tool === 'iron') return { what: 'tool', id: tool };
  return place !== undefined && place !== 'launderette' && phase === 'dry' ? { what: 'place', id: place } : null;
}
const same = (a: Spot | null, b: Spot | null): boolean => a !== null && b !== null && a.what === b.what && a.id === b.id;

/** Who is in a machine or place, of the runs under way; null when nobody is. */
export function inUseAt(spot: Spot, runs: readonly Run[], except: string | null = null): InUse | null {
  for (const run of runs) {
    const at = current(run);
    const state = at && run.steps[at.id];
    if (run.id === except || run.status !== 'live' || !at || !state || !same(spotOf(at), spot)) continue;
    const begun = state.state === 'running' || state.state === 'elapsed' || state.state === 'paused' || state.spells.length > 0;
    // What no timer measures is in it as long as one stands at it.
    if (begun || timerMinutes(at) === 0) return { run, untilMs: state.endsAtMs };
  }
  return null;
}
/** Who is in the place where a step is done, of the runs under way; null when nobody is. A thing is in it from its start to its answer. */
export function occupant(step: ProgrammeStep, runs: readonly Run[], except: string): InUse | null {
  const spot = spotOf(step);
  return spot && inUseAt(spot, runs, except);
}

/** Other machines that could take this step now: of the same sort, with the same heat, and with nobody in them. */
export function otherPlaces(
  step: ProgrammeStep,
  equipment: Equipment,
  runs: readonly Run[],
  except: string,
): readonly { readonly name: string; readonly to: { readonly washerId?: string; readonly dryerId?: string } }[] {
  const free = (to: { washerId?: string; dryerId?: string }): boolean =>
    occupant({ ...step, settings: { ...step.settings, ...to } }, runs, except) === null;
  const { dryerId, washerId, heat } = step.settings;
  if (dryerId !== undefined)
    return (equipment.dryers ?? [])
      .filter((d) => d.id !== dryerId && (heat === undefined || (d.heats ?? [heat]).includes(heat)) && free({ dryerId: d.id }))
      .map((d) => ({ name: d.name ?? d.kind, to: { dryerId: d.id } }));
  if (washerId === undefined) return [];
  const own = equipment.washers?.find((w) => w.id === washerId);
  return (equipment.washers ?? [])
    .filter((w) => w.id !== washerId && w.kind === own?.kind && free({ washerId: w.id }))
    .map((w) => ({ name: w.name ?? w.kind, to: { washerId: w.id } }));
}
