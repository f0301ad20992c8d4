/** What chance brings to one rehearsal. The same seed brings the same. */
import { seededRandom } from '../units/seeded';
import { DRYING_FIGURES, REHEARSED_FIGURES } from '../knowledge';

export interface Luck {
  /** How far this dryer's air really is from what its setting says, K. */
  readonly offC: number;
  /** How much faster or slower than its kind this thing gives up water, and its core evens out: factors. */
  readonly rate: number;
  readonly exchange: number;
  /** Before which rounds the knob has slipped a step up. */
  readonly slips: readonly boolean[];
}
/** Nothing unforeseen. */
export const NO_LUCK: Luck = { offC: 0, rate: 1, exchange: 1, slips: [] };

const OFF_C = REHEARSED_FIGURES.dryerOffC.value;
const RATE_SPREAD = REHEARSED_FIGURES.rateSpread.value;
const EXCHANGE_SPREAD = REHEARSED_FIGURES.exchangeSpread.value;
const SLIP_CHANCE = REHEARSED_FIGURES.slipChance.value;

/** What one day brings; the same seed brings the same. */
export function luckOf(seed: number): Luck {
  const next = seededRandom(seed);
  const spread = (by: number): number => Math.exp((next() + next() - 1) * by);
  return {
    offC: (next() + next() - 1) * OFF_C,
    rate: spread(RATE_SPREAD),
    exchange: spread(EXCHANGE_SPREAD),
    slips: Array.from({ length: DRYING_FIGURES.mostRounds.value }, () => next() < SLIP_CHANCE),
  };
}
