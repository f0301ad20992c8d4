/**
 * What must not meet, while the work is being done: supplies that stand unrinsed on the thing or in the machine or bath, against what the
 * next step brings. Refuses: planning around it; a rinse is asked for.
 */
import type { Agent, Equipment, Standing, SupplyClass, Washer } from '../gear';
import { NEVER_TOGETHER, type NeverPair } from '../knowledge';
import type { ProgrammeStep } from '../document';
import { leftAfter, stays, used } from '../programme/apart';
import { pairOf } from '../supplies/pair';
import type { Run } from './index';

export interface Clash {
  readonly pair: NeverPair;
  /** What the step brings, and what it would meet. */
  readonly brings: SupplyClass;
  readonly meets: Agent;
  readonly sinceIso: string | null;
  /** The machine or bath in which it stands; null when it is on the thing itself. */
  readonly vessel: Washer | null;
}

const wasDone = (run: Run, id: string): boolean => {
  const state = run.steps[id];
  return state !== undefined && state.times > 0;
};

/** Supplies still on the thing from the steps done so far, a skipped rinse not counted. */
function onTheThing(run: Run): { readonly class: SupplyClass; readonly atMs: number | null }[] {
  let left: readonly { readonly class: SupplyClass; readonly atMs: number | null }[] = [];
  const done = run.programme.steps
    .filter((s) => wasDone(run, s.id))
    .sort((a, b) => (run.steps[a.id]?.finishedAtMs ?? 0) - (run.steps[b.id]?.finishedAtMs ?? 0));
  for (const step of done) {
    const atMs = run.steps[step.id]?.finishedAtMs ?? null;
    left = leftAfter(
      step,
      step.settings,
      left,
      used(step.settings)
        .filter(stays)
        .map((cls) => ({ class: cls, atMs })),
    );
  }
  return [...left];
}

/** What stands in the way of a step, or null. */
export function clashAt(
  run: Run,
  step: ProgrammeStep,
  equipment: Equipment | undefined,
  pairs: readonly NeverPair[] = NEVER_TOGETHER,
): Clash | null {
  const brings = used(step.settings);
  if (brings.length === 0) return null;
  const vessel = equipment?.washers?.find((w) => w.id === step.settings.washerId) ?? null;
  const near = [
    ...(vessel?.unrinsed ?? []).map((s) => ({ class: s.class, sinceIso: s.at as string | null, vessel })),
    ...onTheThing(run).map((s) => ({
      class: s.class,
      sinceIso: s.atMs === null ? null : new Date(s.atMs).toISOString(),
      vessel: null,
    })),
  ];
  for (const a of brings)
    for (const b of near) {
      const pair = pairOf(pairs, a, b.class);
      if (pair) return { pair, brings: a, meets: b.class, sinceIso: b.sinceIso, vessel: b.vessel };
    }
  return null;
}

/**
 * The machines and baths after a step was carried through: what it brought stands in them until something rinses it out.
 * Returns the same equipment when nothing changed.
 */
export function vesselsAfter(before: Run, after: Run, equipment: Equipment, atIso: string): Equipment {
  const step = before.programme.steps.find((s) => s.id === before.currentId);
  const id = step?.settings.washerId;
  const washer = equipment.washers?.find((w) => w.id === id);
  const now = step && after.steps[step.id];
  if (!step || !washer || !now || now.times === (before.steps[step.id]?.times ?? 0)) return equipment;
  const stood = washer.unrinsed ?? [];
  const left = leftAfter(
    step,
    step.settings,
    stood,
    used(step.settings)
      .filter(stays)
      .map((cls): Standing => ({ class: cls, at: atIso })),
  );
  return left.length === stood.length && left.every((s, n) => s === stood[n])
    ? equipment
    : withStanding(equipment, washer.id, left);
}

/** A machine or bath with this standing in it; nothing = rinsed out. */
export function withStanding(equipment: Equipment, washerId: string, standing: readonly Standing[]): Equipment {
  return {
    ...equipment,
    washers: (equipment.washers ?? []).map((w) => {
      if (w.id !== washerId) return w;
      const { unrinsed: _, ...rest } = w;
      return standing.length > 0 ? { ...rest, unrinsed: [...standing] } : rest;
    }),
  };
}
