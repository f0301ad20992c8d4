/** How the fill is spread: from a ruler at each baffle to grams, how sure, and what unevenness costs in warmth. */
import type { FillMap } from '../gear';
import { LOFT_FIGURES } from '../knowledge';

export interface Spread {
  readonly baffle: string;
  readonly grams: number;
  /** One standard deviation, g. */
  readonly sd: number;
  /** What an even fill would put here: by its sewn volume. */
  readonly target: number;
  /** Thickness now over new; null where it was not measured. */
  readonly ratio: number | null;
}
/** A ruler beside a baffle reads to this, mm, one standard deviation; a baffle nobody measured is like the others to this share. */
const RULER_SD_MM = LOFT_FIGURES.rulerSdMm.value;
const UNMEASURED = LOFT_FIGURES.unmeasuredShare.value;

/** Sewn volume of a baffle, cm³: as recorded, else its drawn area by its thickness when new, else a share of its own. */
export function volumeOf({ volumeCm3, polygonMm, newThicknessMm }: FillMap['baffles'][number]): number | null {
  if (volumeCm3 !== undefined) return volumeCm3;
  if (polygonMm === undefined || newThicknessMm === undefined) return null;
  return (areaMm2(polygonMm) * newThicknessMm) / 1000;
}
/** The rectangle that holds these points: its upper left corner and its sides, mm. */
export function boundsOf(points: readonly (readonly [number, number])[]): {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
} {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** Area of a polygon, mm² (Gauss's formula). */
export function areaMm2(polygon: readonly (readonly [number, number])[]): number {
  let twice = 0;
  polygon.forEach(([x, y], n) => {
    const [nx, ny] = polygon[(n + 1) % polygon.length] ?? [x, y];
    twice += x * ny - nx * y;
  });
  return Math.abs(twice) / 2;
}

/**
 * Grams in each baffle from thicknesses: the known fill is shared by volume × (thickness now ÷ new). Baffles that were not measured are
 * taken to be like the mean of the others, and told as less sure.
 * @param fillG whole fill, g > 0. @param readings mm by baffle id.
 * @returns null when volumes are missing or nothing was measured.
 */
export function spreadOf(
  map: FillMap,
  fillG: number,
  readings: ReadonlyMap<string, { readonly nowMm: number; readonly newMm?: number | undefined }>,
): Spread[] | null {
  if (!(fillG > 0)) throw new RangeError('The fill must weigh more than 0 g.');
  const volumes = map.baffles.map(volumeOf);
  if (volumes.length === 0 || volumes.some((v) => v === null || !(v > 0))) return null;
  const known = map.baffles.map((b) => {
    const read = readings.get(b.id);
    const whenNew = read?.newMm ?? b.newThicknessMm;
    return read && read.nowMm >= 0 && whenNew !== undefined && whenNew > 0
      ? { ratio: read.nowMm / whenNew, sd: RULER_SD_MM / whenNew }
      : null;
  });
  const measured = known.filter((k) => k !== null);
  if (measured.length === 0) return null;
  const mean = measured.reduce((sum, k) => sum + k.ratio, 0) / measured.length;
  const lofts = known.map((k, n) => ({
    loft: (volumes[n] ?? 0) * (k?.ratio ?? mean),
    sd: (volumes[n] ?? 0) * (k?.sd ?? UNMEASURED * mean),
  }));
  const whole = lofts.reduce((sum, l) => sum + l.loft, 0);
  if (!(whole > 0)) return null;
  const noise = lofts.reduce((sum, l) => sum + l.sd ** 2, 0);
  const sewn = volumes.reduce<number>((sum, v) => sum + (v ?? 0), 0);
  return map.baffles.map((b, n) => {
    const { loft, sd } = lofts[n] ?? { loft: 0, sd: 0 };
    const share = loft / whole;
    // g = F·L/ΣL: its own reading counts (1 − share), every other one −share.
    const spread = Math.sqrt(((1 - share) * sd) ** 2 + share ** 2 * (noise - sd ** 2)) / whole;
    return {
      baffle: b.id,
      grams: fillG * share,
      sd: fillG * spread,
      target: (fillG * (volumes[n] ?? 0)) / sewn,
      ratio: known[n]?.ratio ?? null,
    };
  });
}

/**
 * Warmth of a spread against the same fill laid evenly, 0 to 1: heat goes through every baffle at once, so a thin one costs more than a
 * thick one gives. Each baffle's loss ∝ its area ÷ thickness, its area ∝ sewn volume, its thickness ∝ grams by volume.
 */
export function evenness(spread: readonly { readonly grams: number; readonly target: number }[]): number {
  const all = spread.reduce((sum, s) => sum + s.target, 0);
  const loss = spread.reduce((sum, s) => sum + s.target / Math.max(s.grams / s.target, EMPTY), 0);
  return all / loss;
}
/** An empty baffle still has its two cloths and the air between them: a share of its warmth. */
const EMPTY = LOFT_FIGURES.emptyWarmth.value;
