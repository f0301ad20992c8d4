import type { Agent } from '../gear';
import type { NeverPair } from '../knowledge';

/** The pair that forbids two supplies to meet, or null. */
export function pairOf(pairs: readonly NeverPair[], a: Agent, b: Agent): NeverPair | null {
  return pairs.find((p) => (p.one.includes(a) && p.other.includes(b)) || (p.one.includes(b) && p.other.includes(a))) ?? null;
}
