/** Something with how likely it is; weights need not sum to 1. */
export interface Weighted<T> {
  readonly one: T;
  readonly weight: number;
}
/** The value below which this share of the weight lies, 0 to 1; 0 of nothing. */
export function quantileOf<T>(list: readonly Weighted<T>[], of: (one: T) => number, share: number): number {
  const sorted = list.map(({ one, weight }) => ({ value: of(one), weight })).sort((a, b) => a.value - b.value);
  const whole = sorted.reduce((sum, w) => sum + w.weight, 0);
  let sum = 0;
  for (const { value, weight } of sorted) if ((sum += weight) >= share * whole) return value;
  return sorted.at(-1)?.value ?? 0;
}
/** A figure with the bounds between which it lies nine times in ten. */
export interface Interval {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}
/** The middle of a list, and where nine in ten of it lie. */
export const rangeOf = <T>(list: readonly Weighted<T>[], of: (one: T) => number): Interval => ({
  value: quantileOf(list, of, 0.5),
  low: quantileOf(list, of, 0.05),
  high: quantileOf(list, of, 0.95),
});
