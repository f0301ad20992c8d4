/**
 * Loft: by the ruler, fill arithmetic, how the fill is spread, and evening it out. Refuses: cutting stitches, and calling a number warmth without its interval.
 */
import type { FillMap, Inspection, Item } from '../gear';
import { afterMoves, evenPlan, movesOf, type EvenNode, type EvenPlan, type Move } from './levelling';
import { evenness, spreadOf, type Spread } from './spread';
import { LOFT_FIGURES } from '../knowledge';

export * from './fill';
export * from './spread';
export * from './levelling';
export * from './layout';
export * from './edit';
export * from './handling';
export * from './record';

/** Down or other fill in a thing, g; 0 when nobody has written it down. */
export const fillGrams = (item: Pick<Item, 'components'>): number =>
  item.components.reduce((sum, c) => sum + (c.part === 'fill' ? (c.attributes?.fillMassG ?? 0) : 0), 0);

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
/** A baffle this far below the mean counts as thin. */
const THIN = LOFT_FIGURES.thinShare.value;

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

/** Everything the fill map shows: where the down is, the least moves, what they give. Null when it cannot be told. */
export interface Levelling {
  readonly spread: readonly Spread[];
  readonly plan: EvenPlan;
  readonly moves: readonly Move[];
  readonly minutes: number;
  readonly after: readonly EvenNode[];
  /** Warmth against an even fill, 0 to 1: now, and after the moves. */
  readonly warmthNow: number;
  readonly warmthAfter: number;
}
/** Thickness by baffle, as a look gives it; mm. */
export type Readings = ReadonlyMap<string, { readonly nowMm: number; readonly newMm?: number | undefined }>;
/** The readings of a look; none without one. */
export const readingsOf = (seen: Pick<Inspection, 'loft'> | null): Readings =>
  new Map((seen?.loft ?? []).map((r) => [r.baffle, { nowMm: r.nowMm, newMm: r.newMm }] as const));
/** The least moves that even the fill, from what a ruler read. @param fillG grams of down in all. @returns null when nothing was read. */
export function levellingOf(map: FillMap, fillG: number, readings: Parameters<typeof spreadOf>[2]): Levelling | null {
  const spread = spreadOf(map, fillG, readings);
  return spread && levellingFrom(map, spread);
}
/** The same from a spread that is known already, by ruler or by light. */
export function levellingFrom(map: FillMap, spread: readonly Spread[]): Levelling {
  const known = new Set(map.baffles.map((b) => b.id));
  const plan = evenPlan(
    spread,
    (map.openings ?? []).filter((o) => known.has(o.from) && known.has(o.to) && o.from !== o.to),
  );
  const { moves, minutes } = movesOf(spread, plan.flows);
  const after = afterMoves(spread, moves);
  return { spread, plan, moves, minutes, after, warmthNow: evenness(spread), warmthAfter: evenness(after) };
}
