/** The rule by which something is dry, and weights that cannot be. Refuses: declaring dry on one sign alone. */
import { dryBandG } from './index';
import { DRYING_FIGURES } from '../knowledge';
import { G_PER_LB, G_PER_OZ } from '../units';

export interface DrySigns {
  /** Dry mass to be expected at this humidity, g; null when it was never weighed. */
  readonly expectedG: number | null;
  /** The newest weight and the one about an hour of drying before it, g. */
  readonly nowG: number | null;
  readonly hourAgoG: number | null;
  /** What the hands found at the last look; null when nobody looked. */
  readonly clump: boolean | null;
  readonly dampCore: boolean | null;
}
export type Missing =
  | 'weigh-now'
  | 'weigh-dry-unknown'
  | 'too-heavy'
  | 'lighter-than-dry'
  | 'hour-unknown'
  | 'still-losing'
  | 'look'
  | 'clump'
  | 'damp-core';
/** A last hour that takes more than this share is still drying. */
const LAST_HOUR = DRYING_FIGURES.lastHourShare.value;

/** Dry, or what is missing: within the band of the dry mass, less than 1 % lost in the last hour, and no clump or damp core found. */
export function judgeDry(
  signs: DrySigns,
): { readonly status: 'dry' } | { readonly status: 'not-yet'; readonly missing: readonly Missing[] } {
  const missing: Missing[] = [];
  const { expectedG, nowG, hourAgoG, clump, dampCore } = signs;
  if (nowG === null) missing.push('weigh-now');
  if (expectedG === null) missing.push('weigh-dry-unknown');
  if (nowG !== null && expectedG !== null) {
    const band = dryBandG(expectedG);
    if (nowG > expectedG + band) missing.push('too-heavy');
    if (nowG < expectedG - band) missing.push('lighter-than-dry');
  }
  if (nowG !== null && hourAgoG === null) missing.push('hour-unknown');
  if (nowG !== null && hourAgoG !== null && !((hourAgoG - nowG) / nowG < LAST_HOUR)) missing.push('still-losing');
  if (clump === null || dampCore === null) missing.push('look');
  if (clump) missing.push('clump');
  if (dampCore) missing.push('damp-core');
  return missing.length === 0 ? { status: 'dry' } : { status: 'not-yet', missing };
}

export type Doubt = 'lighter-than-dry' | 'heavier-than-soaked' | 'heavier-than-before' | 'pounds' | 'ounces';
/** Grams in what a doubt takes for the unit. */
export const DOUBT_UNIT_G = { pounds: G_PER_LB, ounces: G_PER_OZ } as const;

/** What is odd about a weight, or null; it is asked about, never swallowed. @param before the weight before it in the same drying, g. */
export function doubtWeight(massG: number, dryG: number | null, before: number | null): Doubt | null {
  if (dryG !== null) {
    const fits = (g: number): boolean => g >= dryG - dryBandG(dryG) && g <= dryG * (1 + DRYING_FIGURES.mostHeld.value);
    if (massG < dryG - dryBandG(dryG)) {
      for (const unit of ['pounds', 'ounces'] as const) if (fits(massG * DOUBT_UNIT_G[unit])) return unit;
      return 'lighter-than-dry';
    }
    if (massG > dryG * (1 + DRYING_FIGURES.mostHeld.value)) return 'heavier-than-soaked';
  }
  if (before !== null && massG > before * (1 + DRYING_FIGURES.heavierShare.value) + DRYING_FIGURES.heavierG.value)
    return 'heavier-than-before';
  return null;
}
