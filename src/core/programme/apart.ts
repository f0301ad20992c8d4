import type { SupplyClass } from '../gear';
import type { NeverPair } from '../knowledge';
import type { PlannedStep, Refusal, StepSettings } from './state';

/** Supplies that a step brings to the thing or its bath. */
export function used({ cleaner, proofer, aids }: StepSettings): SupplyClass[] {
  return [...(cleaner ? [cleaner] : []), ...(proofer ? [proofer] : []), ...(aids ?? [])];
}

/** The pair that forbids two supplies to meet, or null. */
export function pairOf(pairs: readonly NeverPair[], a: SupplyClass, b: SupplyClass): NeverPair | null {
  return pairs.find((p) => (p.one.includes(a) && p.other.includes(b)) || (p.one.includes(b) && p.other.includes(a))) ?? null;
}

/** True when fresh water takes away what came before. */
const rinsesOut = (step: PlannedStep): boolean => step.template.phase === 'rinse' || (step.settings.rinses ?? 0) > 0;

/**
 * Leaves out every step that would bring a supply together with one it must never meet, in the same step or since the last rinse.
 * @returns the steps that stay, in order, and what was refused with the pair that refuses it.
 */
export function keepApart(
  steps: readonly PlannedStep[],
  pairs: readonly NeverPair[],
): { readonly steps: PlannedStep[]; readonly refused: Refusal[] } {
  const stay: PlannedStep[] = [];
  const refused: Refusal[] = [];
  let left: SupplyClass[] = [];
  for (const step of steps) {
    const brought = used(step.settings);
    const clash = brought
      .flatMap((a) => [...left, ...brought].map((b) => ({ option: a, pair: pairOf(pairs, a, b) })))
      .find((c) => c.pair !== null);
    if (clash?.pair) {
      refused.push({ option: clash.option, rule: clash.pair.id });
      continue;
    }
    stay.push(step);
    left = rinsesOut(step) ? [] : [...left, ...brought];
  }
  return { steps: stay, refused };
}
