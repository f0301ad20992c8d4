/** Fill arithmetic: volume, overfill, warmth and what a thinner layer takes from it. */
import { type Thresholds, LOFT_FIGURES } from '../knowledge';
import { G_PER_OZ } from '../units';

const CM3_PER_IN3 = 2.54 ** 3;
/** Two ways a fill power is stated; they must not be mixed: 800 is 462 cm³/g by the ounce and 437 cm³/g by 30 g. */
export const POWER_BASES = ['in3-per-oz', 'in3-per-30g', 'cm3-per-g'] as const;
export type PowerBasis = (typeof POWER_BASES)[number];
const CM3_PER_G: Readonly<Record<PowerBasis, number>> = {
  'in3-per-oz': CM3_PER_IN3 / G_PER_OZ,
  'in3-per-30g': CM3_PER_IN3 / 30,
  'cm3-per-g': 1,
};
/** Fill power in cm³/g. @param power > 0, in the unit of its basis. */
export function powerCm3PerG(power: number, basis: PowerBasis): number {
  if (!(power > 0)) throw new RangeError('Fill power must be above 0.');
  return power * CM3_PER_G[basis];
}
/** The same fill power on another basis. */
export const powerOn = (power: number, from: PowerBasis, to: PowerBasis): number => powerCm3PerG(power, from) / CM3_PER_G[to];
/** Volume that a fill lofts to, cm³. @param fillG ≥ 0. */
export function loftVolumeCm3(fillG: number, power: number, basis: PowerBasis): number {
  if (!(fillG >= 0)) throw new RangeError('Fill must be 0 g or more.');
  return fillG * powerCm3PerG(power, basis);
}
/** Loft volume of the fill over the sewn volume of its baffles; above 1 it is overfilled. */
export function overfill(fillG: number, power: number, basis: PowerBasis, sewnCm3: number): number {
  if (!(sewnCm3 > 0)) throw new RangeError('Sewn volume must be above 0.');
  return loftVolumeCm3(fillG, power, basis) / sewnCm3;
}

/** Conductivity of lofted fill, W/(m·K): middle and ends. One clo, m²K/W: ISO 9920. */
export const CONDUCTIVITY = LOFT_FIGURES.conductivity.value;
const CLO_M2K_PER_W = 0.155;
/** Insulation of a layer of this thickness, clo: middle and ends. R = L/k. */
export function warmthClo(thicknessMm: number): { readonly low: number; readonly middle: number; readonly high: number } {
  if (!(thicknessMm >= 0)) throw new RangeError('Thickness must be 0 mm or more.');
  const clo = (k: number): number => thicknessMm / 1000 / k / CLO_M2K_PER_W;
  return { low: clo(CONDUCTIVITY.high), middle: clo(CONDUCTIVITY.middle), high: clo(CONDUCTIVITY.low) };
}

/** Skin temperature that a comfort rating is taken to assume, °C: middle and ends. */
export const SKIN_C = LOFT_FIGURES.skinC.value;
/** A comfort rating after the loft has changed: T_skin − (T_skin − T)·ratio. @param ratio thickness now over new, > 0. */
export function comfortNow(
  ratedC: number,
  ratio: number,
): { readonly low: number; readonly middle: number; readonly high: number } {
  if (!(ratio > 0)) throw new RangeError('Loft ratio must be above 0.');
  const at = (skin: number): number => skin - (skin - ratedC) * ratio;
  const ends = [at(SKIN_C.low), at(SKIN_C.high)];
  return { low: Math.min(...ends), middle: at(SKIN_C.middle), high: Math.max(...ends) };
}

/** Water that a soaked, drained fill holds, g, by g of fill. */
export const FILL_HOLDS = LOFT_FIGURES.fillHolds.value;

export type LoftVerdict = 'leave' | 'fluff' | 'wash' | 'mend';
/** Where a thing is washed and fluffed by its loft: the user's own. */
export type LoftLimits = Pick<Thresholds, 'loftWash' | 'loftFluff'>;
/** What the loft ratio alone asks for; far below, a wash no longer gives it back. */
export function loftVerdict(ratio: number, { loftWash, loftFluff }: LoftLimits): LoftVerdict {
  if (ratio < LOFT_FIGURES.mendBelow.value) return 'mend';
  return ratio < loftWash ? 'wash' : ratio <= loftFluff ? 'fluff' : 'leave';
}
