/** Something with how likely it is; weights need not sum to 1. */
export interface Weighted<T> {
  readonly one: T;
  readonly weight: number;
}
/** The values below which these shares of the weight lie, each 0 to 1, in rising order; 0 of nothing. */
function quantilesOf<T>(list: readonly Weighted<T>[], of: (one: T) => number, shares: readonly number[]): number[] {
  const sorted = list.map(({ one, weight }) => ({ value: of(one), weight })).sort((a, b) => a.value - b.value);
  const whole = sorted.reduce((sum, w) => sum + w.weight, 0);
  let [sum, n] = [0, -1];
  return shares.map((share) => {
    while (n < sorted.length - 1 && (n < 0 || sum < share * whole)) sum += sorted[++n]?.weight ?? 0;
    return sorted[n]?.value ?? 0;
  });
}
/** A figure with the bounds between which it lies nine times in ten. */
export interface Interval {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}
/** The middle of a list, and where nine in ten of it lie. */
export function rangeOf<T>(list: readonly Weighted<T>[], of: (one: T) => number): Interval {
  const [low = 0, value = 0, high = 0] = quantilesOf(list, of, [0.05, 0.5, 0.95]);
  return { value, low, high };
}
