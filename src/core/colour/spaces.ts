/** Colour spaces, all for the 2° observer under D65. */

/** Linear red, green, blue of sRGB, 0 to 1. */
export type Rgb = readonly [number, number, number];
/** Tristimulus values with Y = 1 for the perfect white. */
export type Xyz = readonly [number, number, number];
export interface Lab {
  readonly L: number;
  readonly a: number;
  readonly b: number;
}

/** From linear sRGB, exact from the primaries and D65 at x 0.3127, y 0.3290 [IEC 61966-2-1]. */
const TO_XYZ = [
  [0.41239079926595934, 0.357584339383878, 0.1804807884018343],
  [0.21263900587151027, 0.715168678767756, 0.07219231536073371],
  [0.01933081871559182, 0.11919477979462598, 0.9505321522496607],
] as const;
/** The perfect white: red, green and blue all 1. */
export const WHITE: Xyz = [0.3127 / 0.329, 1, (1 - 0.3127 - 0.329) / 0.329];

/** @param rgb linear, 0 to 1; beyond that it is carried on. */
export const xyzOf = ([r, g, b]: Rgb): Xyz => [
  TO_XYZ[0][0] * r + TO_XYZ[0][1] * g + TO_XYZ[0][2] * b,
  TO_XYZ[1][0] * r + TO_XYZ[1][1] * g + TO_XYZ[1][2] * b,
  TO_XYZ[2][0] * r + TO_XYZ[2][1] * g + TO_XYZ[2][2] * b,
];

const EPSILON = 216 / 24389;
const KAPPA = 24389 / 27;
const curve = (t: number): number => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116);
const uncurve = (f: number): number => (f ** 3 > EPSILON ? f ** 3 : (116 * f - 16) / KAPPA);

/** CIELAB [ISO/CIE 11664-4]. */
export function labOf([x, y, z]: Xyz): Lab {
  const [fx, fy, fz] = [curve(x / WHITE[0]), curve(y / WHITE[1]), curve(z / WHITE[2])];
  return { L: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) };
}
/** Tristimulus values of a CIELAB colour. */
export function xyzOfLab({ L, a, b }: Lab): Xyz {
  const fy = (L + 16) / 116;
  return [WHITE[0] * uncurve(fy + a / 500), WHITE[1] * uncurve(fy), WHITE[2] * uncurve(fy - b / 200)];
}
/** CIELAB of linear RGB, 0 to 1 each. */
export const labOfRgb = (rgb: Rgb): Lab => labOf(xyzOf(rgb));
