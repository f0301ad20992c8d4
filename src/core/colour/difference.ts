/** How far two colours lie apart, and what that is called. */
import type { Lab } from './spaces';

/** ΔE*ab, CIELAB 1976 [ISO/CIE 11664-4]. */
export const deltaE76 = (one: Lab, two: Lab): number => Math.hypot(one.L - two.L, one.a - two.a, one.b - two.b);

const DEG = Math.PI / 180;
const P25 = 25 ** 7;
/** Hue angle, degrees from 0 to 360; 0 for a grey. */
function hueOf(a: number, b: number): number {
  if (a === 0 && b === 0) return 0;
  const h = Math.atan2(b, a) / DEG;
  return h < 0 ? h + 360 : h;
}
/** CIEDE2000 with kL = kC = kH = 1 [ISO/CIE 11664-6; notation of Sharma, Wu & Dalal 2005]. */
export function deltaE2000(one: Lab, two: Lab): number {
  const chroma = (Math.hypot(one.a, one.b) + Math.hypot(two.a, two.b)) / 2;
  const G = 0.5 * (1 - Math.sqrt(chroma ** 7 / (chroma ** 7 + P25)));
  const [a1, a2] = [(1 + G) * one.a, (1 + G) * two.a];
  const [C1, C2] = [Math.hypot(a1, one.b), Math.hypot(a2, two.b)];
  const [h1, h2] = [hueOf(a1, one.b), hueOf(a2, two.b)];
  const grey = C1 * C2 === 0;
  const turn = h2 - h1;
  const dh = grey ? 0 : turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
  const dL = two.L - one.L;
  const dC = C2 - C1;
  const dH = 2 * Math.sqrt(C1 * C2) * Math.sin((dh / 2) * DEG);
  const L = (one.L + two.L) / 2;
  const C = (C1 + C2) / 2;
  const sum = h1 + h2;
  const h = grey ? sum : Math.abs(turn) <= 180 ? sum / 2 : sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
  const T =
    1 -
    0.17 * Math.cos((h - 30) * DEG) +
    0.24 * Math.cos(2 * h * DEG) +
    0.32 * Math.cos((3 * h + 6) * DEG) -
    0.2 * Math.cos((4 * h - 63) * DEG);
  const SL = 1 + (0.015 * (L - 50) ** 2) / Math.sqrt(20 + (L - 50) ** 2);
  const SC = 1 + 0.045 * C;
  const SH = 1 + 0.015 * C * T;
  const RC = 2 * Math.sqrt(C ** 7 / (C ** 7 + P25));
  const RT = -Math.sin(60 * DEG * Math.exp(-(((h - 275) / 25) ** 2))) * RC;
  const [l, c, t] = [dL / SL, dC / SC, dH / SH];
  return Math.sqrt(Math.max(0, l * l + c * c + t * t + RT * c * t));
}

export const GRADES = ['5', '4-5', '4', '3-4', '3', '2-3', '2', '1-2', '1'] as const;
/** A step of a grey scale: 5 = no difference, 1 = the greatest. */
export type Grade = (typeof GRADES)[number];
/** ΔE*ab of the pairs of the grey scale for change in colour, 5 first [ISO 105-A02]. */
export const CHANGE_SCALE = [0, 0.8, 1.7, 2.5, 3.4, 4.8, 6.8, 9.6, 13.6] as const;
/** ΔE*ab of the pairs of the grey scale for staining, 5 first [ISO 105-A03]. */
export const STAIN_SCALE = [0, 2.2, 4.3, 6.0, 8.5, 12.0, 16.9, 24.0, 34.1] as const;
/** The pair of a grey scale that shows the difference most like it: never fed with CIEDE2000. @param deltaE ΔE*ab, ≥ 0. */
export function gradeOf(deltaE: number, scale: readonly number[] = CHANGE_SCALE): Grade {
  const nearest = scale.reduce(
    (best, pair, n) => (Math.abs(pair - deltaE) < Math.abs((scale[best] ?? 0) - deltaE) ? n : best),
    0,
  );
  return GRADES[nearest] ?? '1';
}

/** Yellowness index for D65 and the 2° observer [ASTM E313]: 0 for the perfect white, more for yellow. @param xyz Y = 1 for white. */
export const yellowness = ([x, y, z]: readonly [number, number, number]): number => (100 * (1.2985 * x - 1.1335 * z)) / y;
