/** A smooth light through places where it is known. */
import { solve } from './homography';

/** A place, 0 to 1 across and down, and the light there, linear, > 0. */
export interface LitPlace {
  readonly x: number;
  readonly y: number;
  readonly light: number;
}
/** How much a surface may do: lie flat, slope, or bend; by how many of 1, x, y, x², xy, y² it is told. */
export const SURFACES = { flat: 1, sloped: 3, bent: 6 } as const;

/**
 * Least squares on the logarithm of the light.
 * @returns null when the places do not settle it.
 */
export function surfaceOf(places: readonly LitPlace[], shape: keyof typeof SURFACES): ((x: number, y: number) => number) | null {
  const count = SURFACES[shape];
  const rows = Array.from({ length: count }, () => new Array<number>(count).fill(0));
  const right = new Array<number>(count).fill(0);
  const terms = [1, 0, 0, 0, 0, 0];
  for (const { x, y, light } of places) {
    const [u, v, log] = [x - 0.5, y - 0.5, Math.log(light)];
    [terms[1], terms[2], terms[3], terms[4], terms[5]] = [u, v, u * u, u * v, v * v];
    for (let j = 0; j < count; j++) {
      right[j]! += terms[j]! * log;
      for (let k = 0; k <= j; k++) rows[j]![k]! += terms[j]! * terms[k]!;
    }
  }
  // It is the same on either side of its diagonal.
  for (let j = 0; j < count; j++) for (let k = 0; k < j; k++) rows[k]![j] = rows[j]![k]!;
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
