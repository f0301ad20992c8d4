/**
 * Loft: by the ruler, fill arithmetic, how the fill is spread, and evening it out. Refuses: cutting stitches, and calling a number warmth without its interval.
 */
export * from './fill';
export * from './spread';
export * from './evening';

export interface LoftReading {
  readonly baffle: string;
  readonly nowMm: number;
  readonly newMm?: number | undefined;
}
export interface LoftResult {
  /** Thickness now as a share of new, over the baffles whose new thickness is known; null without any. Rounded to a hundredth. */
  readonly ratio: number | null;
  /** Baffles below the mean ratio by more than a tenth: where the fill has gone from. */
  readonly thin: readonly string[];
  readonly measured: number;
}
/** A baffle this far below the mean counts as thin [from memory]. */
const THIN = 0.1;

/**
 * Loft ratio from readings beside a ruler: the sum of thicknesses now over the sum when new, so that a thick baffle counts for more.
 * @param readings mm, each > 0; others are left out.
 */
export function loftOf(readings: readonly LoftReading[]): LoftResult {
  const known = readings.filter((r): r is LoftReading & { newMm: number } => r.nowMm > 0 && r.newMm !== undefined && r.newMm > 0);
  if (known.length === 0) return { ratio: null, thin: [], measured: 0 };
  const ratio = known.reduce((sum, r) => sum + r.nowMm, 0) / known.reduce((sum, r) => sum + r.newMm, 0);
  return {
    ratio: Math.round(ratio * 100) / 100,
    thin: known.filter((r) => r.nowMm / r.newMm < ratio - THIN).map((r) => r.baffle),
    measured: known.length,
  };
}
