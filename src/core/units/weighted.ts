/** Something with how likely it is; weights need not sum to 1. */
export interface Weighted<T> {
  readonly one: T;
  readonly weight: number;
}
const BINS = 256;
/**
 * The values below which these shares of the weight lie, each 0 to 1; 0 of nothing. Only the bin in which a share falls is put in order: the whole
 * list takes five times as long, and a page asks for hundreds.
 */
function quantilesOf<T>(list: readonly Weighted<T>[], of: (one: T) => number, shares: readonly number[]): number[] {
  const values = new Float64Array(list.length);
  const weights = new Float64Array(list.length);
  let [n, whole] = [0, 0];
  for (const { one, weight } of list) {
    values[n] = of(one);
    weights[n++] = weight;
    whole += weight;
  }
  const least = values.reduce((a, b) => Math.min(a, b), Infinity);
  const perUnit = (BINS - 1) / (values.reduce((a, b) => Math.max(a, b), -Infinity) - least);
  // Where there is no span, or none that ends, all lie in one bin.
  const scale = Number.isFinite(perUnit) ? perUnit : 0;
  const binOf = new Uint8Array(list.length);
  const bins = new Float64Array(BINS);
  for (n = 0; n < list.length; n++) {
    binOf[n] = ((values[n] as number) - least) * scale;
    (bins[binOf[n] as number] as number) += weights[n] as number;
  }
  return shares.map((share) => {
    let [bin, sum] = [0, 0];
    while (bin < BINS - 1 && sum + (bins[bin] as number) < share * whole) sum += bins[bin++] as number;
    const here: { value: number; weight: number }[] = [];
    for (n = 0; n < list.length; n++)
      if (binOf[n] === bin) here.push({ value: values[n] as number, weight: weights[n] as number });
    here.sort((a, b) => a.value - b.value);
    return (here.find((w) => (sum += w.weight) >= share * whole) ?? here.at(-1))?.value ?? 0;
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
