import type { Agent, Phase, SupplyClass } from '../gear';
import { onceFor } from '../once';
import { EVAPORATES, type NeverPair } from '../knowledge';
import { pairOf } from '../supplies/pair';
import type { StepSettings } from '../document';
import type { PlannedStep, Refusal } from './state';

const NOTHING: readonly SupplyClass[] = [];
/** Supplies that a step brings to the thing or its bath. */
export function used({ cleaner, proofer, aids }: StepSettings): readonly SupplyClass[] {
  if (!cleaner && !proofer) return aids ?? NOTHING;
  return [...(cleaner ? [cleaner] : []), ...(proofer ? [proofer] : []), ...(aids ?? [])];
}

interface Bringing {
  readonly phase: Phase;
  readonly do: string;
}
/** True when it stays where it was put until it is rinsed out. */
export const stays = (agent: Agent): boolean => !EVAPORATES.includes(agent);
/** Verbs that clear a machine or bath of what stood in it. */
const CLEARS = new Set(['rinse-vessel', 'purge-machine', 'purge-scent', 'scrub-tub']);
/** What a step leaves standing: nothing where fresh water takes it away. A rinse that itself brings something leaves that. */
export function leftAfter<T>(step: Bringing, settings: StepSettings, before: readonly T[], brought: readonly T[]): readonly T[] {
  const fresh = (settings.rinses ?? 0) > 0 || CLEARS.has(step.do);
  if (fresh) return [];
  if (step.phase === 'rinse' || before.length === 0) return brought;
  return brought.length === 0 ? before : [...before, ...brought];
}

/** Agents that any pair names; nothing else can clash. */
const namedIn = onceFor(
  (pairs: readonly NeverPair[]): ReadonlySet<Agent> => new Set(pairs.flatMap((p) => [...p.one, ...p.other])),
);
/** The first thing brought that must not meet what is there or what comes with it; null when all may. */
function clashOf(brought: readonly SupplyClass[], left: readonly Agent[], pairs: readonly NeverPair[]): Refusal | null {
  const agents = namedIn(pairs);
  for (const option of brought) {
    if (!agents.has(option)) continue;
    for (const there of [left, brought])
      for (const other of there) {
        const pair = pairOf(pairs, option, other);
        if (pair) return { option, rule: pair.id };
      }
  }
  return null;
}

/**
 * Leaves out every step that would bring a supply together with one it must never meet, in the same step or since the last rinse.
 * @param standing what is in the machine or bath already.
 * @returns the steps that stay, in order, and what was refused with the pair that refuses it.
 */
export function keepApart(
  steps: readonly PlannedStep[],
  pairs: readonly NeverPair[],
  standing: readonly Agent[] = [],
): { readonly steps: PlannedStep[]; readonly refused: Refusal[] } {
  const stay: PlannedStep[] = [];
  const refused: Refusal[] = [];
  let left: readonly Agent[] = standing;
  for (const step of steps) {
    const brought = used(step.settings);
    const clash = clashOf(brought, left, pairs);
    if (clash) {
      refused.push(clash);
      continue;
    }
    stay.push(step);
    left = leftAfter(step.template, step.settings, left, brought.length > 0 ? brought.filter(stays) : NOTHING);
  }
  return { steps: stay, refused };
}
