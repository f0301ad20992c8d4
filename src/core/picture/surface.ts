/** A smooth light through places where it is known. */
import { solve } from './homography';

/** A place, 0 to 1 across and down, and the light there, linear, > 0. */
export interface LitPlace {
  readonly x: number;
  readonly y: number;
  readonly light: number;
}
const TERMS: readonly ((x: number, y: number) => number)[] = [
  () => 1,
  (x) => x,
  (_, y) => y,
  (x) => x * x,
  (x, y) => x * y,
  (_, y) => y * y,
];
/** How much a surface may do: lie flat, slope, or bend. */
export const SURFACES = { flat: 1, sloped: 3, bent: 6 } as const;

/**
 * Least squares on the logarithm of the light.
 * @returns null when the places do not settle it.
 */
export function surfaceOf(places: readonly LitPlace[], shape: keyof typeof SURFACES): ((x: number, y: number) => number) | null {
  const terms = TERMS.slice(0, SURFACES[shape]);
  const rows = terms.map(() => new Array<number>(terms.length).fill(0));
  const right = new Array<number>(terms.length).fill(0);
  for (const { x, y, light } of places) {
    const f = terms.map((term) => term(x - 0.5, y - 0.5));
    f.forEach((a, j) => {
      right[j]! += a * Math.log(light);
      f.forEach((b, k) => (rows[j]![k]! += a * b));
    });
  }
  rows.forEach((row, k) => (row[k]! += 1e-9 * places.length));
  const weights = solve(rows, right);
  if (!weights) return null;
  // The terms written out: this is asked at every px of a picture.
  const [flat = 0, across = 0, down = 0, bend = 0, twist = 0, sag = 0] = weights;
  return (x, y) => {
    const u = x - 0.5;
    const v = y - 0.5;
    return Math.exp(flat + across * u + down * v + bend * (u * u) + twist * (u * v) + sag * (v * v));
  };
}
