/**
 * Strengths and dilutions: c₁V₁ = c₂V₂, parts, "volume" of peroxide, oxygen baths, and the hazard class a strength falls in.
 * Refuses: saying that a strength is right for a thing.
 */
import { HAZARDS, type Hazard, type Substance } from '../knowledge/hazards';

export * from '../knowledge/hazards';

/** g/mol. Source: IUPAC 2021 standard atomic weights. */
export const MOLAR = { hydrogenPeroxide: 34.0147, sodiumCarbonate: 105.9884 } as const;
/** L/mol of an ideal gas at 0 °C and 1 atm. Source: CODATA 2018. */
export const MOLAR_VOLUME_L = 22.41396954;

/** % w/v from "volume" strength, litres of O₂ (0 °C, 1 atm) a litre: 2 H₂O₂ → 2 H₂O + O₂. @param volume ≥ 0. */
export function volumeToPercent(volume: number): number {
  if (!(volume >= 0)) throw new RangeError('The volume strength must be 0 or more.');
  return ((2 * volume) / MOLAR_VOLUME_L) * (MOLAR.hydrogenPeroxide / 10);
}
/** Peroxide of so many per cent by mass as "volume", litres of oxygen a litre gives off: the inverse of `volumeToPercent`, linear as that is. */
export const percentToVolume = (percent: number): number => percent / volumeToPercent(1);

/** Share of sodium percarbonate 2 Na₂CO₃·3 H₂O₂ that is peroxide, by mass: 0.325. */
export const PERCARBONATE_PEROXIDE = (3 * MOLAR.hydrogenPeroxide) / (2 * MOLAR.sodiumCarbonate + 3 * MOLAR.hydrogenPeroxide);

/** Peroxide in an oxygen bath, % w/v. @param gramsPerL powder, g a litre ≥ 0 @param percarbonateShare of the powder, 0 to 1. */
export function oxygenBathPercent(gramsPerL: number, percarbonateShare: number): number {
  if (!(gramsPerL >= 0) || !(percarbonateShare >= 0) || !(percarbonateShare <= 1))
    throw new RangeError('Grams must be 0 or more, and the share between 0 and 1.');
  return (gramsPerL * percarbonateShare * PERCARBONATE_PEROXIDE) / 10;
}

/**
 * How much of the strong one and how much water make the weak one.
 * @param strong, weak in the same unit of strength, strong ≥ weak > 0 @param totalMl > 0.
 */
export function dilute(strong: number, weak: number, totalMl: number): { readonly stockMl: number; readonly waterMl: number } {
  if (!(weak > 0) || !(strong >= weak) || !(totalMl > 0))
    throw new RangeError('The strong one must be at least as strong as the weak one, and all above 0.');
  const stockMl = (weak * totalMl) / strong;
  return { stockMl, waterMl: totalMl - stockMl };
}
/** "One part in n of water": the strength left, as a share of the strong one. */
export const partsShare = (waterParts: number): number => 1 / (1 + waterParts);

/** The classes a strength of a substance falls in, worst first; empty when none is known. */
export function hazardsOf(substance: Substance, percent: number): readonly Hazard[] {
  return (HAZARDS as readonly Hazard[]).filter(
    (h) => h.substance === substance && percent >= h.from && percent < (h.below ?? Infinity),
  );
}
