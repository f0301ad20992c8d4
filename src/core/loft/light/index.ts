/**
 * Down by light: a picture of the thing held against a lamp or a window, its baffles laid over it, grams in each. The known fill mass sets
 * the scale. Refuses: decoding files (a worker does) and calling a guess a measurement: every figure comes with how sure it is.
 */
import type { FillMap } from '../../gear';
import { drawnBaffles, type DrawnBaffle } from '../layout';
import { areaMm2, type Spread, volumeOf } from '../spread';
import { homographyOf, isConvex, type Point, type Reduced, sample, seenAt } from '../../picture';
import { bareAround, type Lamp, lampAround, lampFrom, type LampFit } from './lamp';
import { LOFT_FIGURES } from '../../knowledge';

export * from '../../picture';

/** What density is taken to follow: I₀/I − 1 where light is scattered, −ln(I/I₀) where it is swallowed, or what two references say between. */
export const LIGHT_MODELS = ['scattered', 'swallowed', 'fitted'] as const;
export type LightModel = (typeof LIGHT_MODELS)[number];

export interface LightMarks {
  /** Where the four anchors of the layout are seen, 0 to 1 across and down, in the order of `anchorsOf`. */
  readonly corners: readonly Point[];
  /** Places of cloth with no down in it. */
  readonly cloth?: readonly Point[];
  /** A baffle that holds what it should. */
  readonly right?: string | undefined;
  /** The model wished for; absent: the best that the references allow. */
  readonly model?: LightModel | undefined;
}
export type Sureness = 'good' | 'fair' | 'poor';
export interface LightSpread extends Spread {
  /** Shares of its light that were cut off or too dark to tell. */
  readonly cutOff: number;
  readonly dark: number;
  readonly sure: Sureness;
}
export type LightResult =
  | {
      readonly status: 'measured';
      readonly model: LightModel;
      readonly spread: readonly LightSpread[];
      readonly lamp: LampFit['from'];
      /** Bare places off the lamp's surface, as a share; 0 with a picture of the light. */
      readonly lampOff: number;
      /** Share of the light that the cloth alone lets through, and what says so: a spot shown, the baffle that is right, or the seams. */
      readonly clothPasses: number;
      readonly clothFrom: 'spot' | 'right' | 'seams';
    }
  | { readonly status: 'corners' | 'outside' | 'lamp' | 'nothing'; readonly spread?: undefined };

/** The corners of the layout that are easiest to find: its points nearest the corners of its outline, clockwise from the upper left. */
export function anchorsOf(map: FillMap): Point[] {
  const points = drawnBaffles(map).flatMap((b) => b.polygonMm);
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const wide = right - left || 1;
  const high = bottom - top || 1;
  return (
    [
      [left, top],
      [right, top],
      [right, bottom],
      [left, bottom],
    ] as const
  ).map(([x, y]) => {
    const far = (p: Point): number => Math.abs((p[0] - x) / wide) + Math.abs((p[1] - y) / high);
    return points.reduce((best, p) => (far(p) < far(best) ? p : best));
  });
}

/** Places looked at in all: enough that a narrow baffle has hundreds. */
const PLACES = 30_000;
/** Linear light below which a place says only "dark". */
const FLOOR = 0.0006;
/** The share of places that show the cloth alone: down is thinnest along the seams. */
const AT_SEAMS = 0.002;

/** Seams are thread and folded cloth: the cloth alone may take this share of what they take. */
const SEAM_DOUBT = LOFT_FIGURES.seamDoubt.value;
/** A fill that takes less of the light than this at half of its places is not told from the cloth. */
const FAINT = 1.1;

interface Seen {
  readonly baffle: DrawnBaffle;
  /** Light let through, as bare light over light seen. */
  readonly ratios: Float32Array;
  readonly areaMm2: number;
  readonly cutOff: number;
  readonly dark: number;
}

/** True when a place is inside an outline (even-odd rule). */
function inside(outline: readonly Point[], x: number, y: number): boolean {
  let is = false;
  for (let n = 0, m = outline.length - 1; n < outline.length; m = n++) {
    const [ax, ay] = outline[n] as Point;
    const [bx, by] = outline[m] as Point;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) is = !is;
  }
  return is;
}

function lookAt(
  baffle: DrawnBaffle,
  stepMm: number,
  px: (p: Point) => Point,
  picture: Reduced,
  channel: Float32Array,
  lamp: Lamp,
): Seen {
  const { width, height } = picture;
  const xs = baffle.polygonMm.map((p) => p[0]);
  const ys = baffle.polygonMm.map((p) => p[1]);
  const ratios: number[] = [];
  let [cutOff, dark] = [0, 0];
  for (let y = Math.min(...ys) + stepMm / 2; y < Math.max(...ys); y += stepMm)
    for (let x = Math.min(...xs) + stepMm / 2; x < Math.max(...xs); x += stepMm) {
      if (!inside(baffle.polygonMm, x, y)) continue;
      const [u, v] = px([x, y]);
      const light = sample(channel, width, height, u, v);
      cutOff += sample(picture.cutOff, width, height, u, v);
      dark += Math.max(sample(picture.dark, width, height, u, v), light < FLOOR ? 1 : 0);
      ratios.push(lamp(u / width, v / height) / Math.max(light, FLOOR));
    }
  const n = Math.max(1, ratios.length);
  return {
    baffle,
    ratios: new Float32Array(ratios),
    areaMm2: ratios.length * stepMm * stepMm,
    cutOff: cutOff / n,
    dark: dark / n,
  };
}

/** Density in units of its own: (rᵖ − 1)/p, from −ln at p = 0 to r − 1 at p = 1 and beyond. @param r bare light over light, cloth taken out. */
const density = (r: number, p: number): number => (r <= 1 ? 0 : p < 1e-6 ? Math.log(r) : (r ** p - 1) / p);
function shares(seen: readonly Seen[], cloth: number, p: number): number[] {
  const all = seen.map(({ ratios, areaMm2 }) => {
    let sum = 0;
    for (let k = 0; k < ratios.length; k++) sum += density((ratios[k] as number) / cloth, p);
    return ratios.length > 0 ? (sum / ratios.length) * areaMm2 : 0;
  });
  const whole = all.reduce((sum, s) => sum + s, 0);
  return all.map((s) => (whole > 0 ? s / whole : 0));
}
/** The value of a range for which a baffle's share is nearest to what it should be. */
function fitted(from: number, to: number, shareAt: (value: number) => number, wanted: number): number {
  const STEPS = 24;
  let best = { value: from, off: Infinity };
  for (let n = 0; n <= STEPS; n++) {
    const value = from + ((to - from) * n) / STEPS;
    const off = Math.abs(shareAt(value) - wanted);
    if (off < best.off - 1e-12) best = { value, off };
  }
  return best.value;
}

const EXPONENT: Readonly<Record<Exclude<LightModel, 'fitted'>, number>> = { scattered: 1, swallowed: 0 };
const MOST_EXPONENT = 1.5;

/** The ratios below which these shares of all places lie; 1, where nothing is held back, at least. */
function quantiles(seen: readonly Seen[], ...shares: readonly number[]): number[] {
  const all = new Float32Array(seen.reduce((sum, { ratios }) => sum + ratios.length, 0));
  let at = 0;
  for (const { ratios } of seen) {
    all.set(ratios, at);
    at += ratios.length;
  }
  all.sort();
  return shares.map((share) => Math.max(1, all[Math.floor(all.length * share)] ?? 1));
}

/** Half of what the two models differ by, the lamp's own fault, and what could not be seen, as one standard deviation of grams. */
function doubt(grams: number, spread: number, lampOff: number, ratio: number, lost: number): number {
  const lamp = ratio > 1 ? grams * lampOff * (ratio / (ratio - 1)) : grams;
  return Math.hypot(spread / 2, lamp, grams * lost);
}
const surenessOf = (sd: number, mean: number): Sureness => (sd < 0.08 * mean ? 'good' : sd < 0.18 * mean ? 'fair' : 'poor');

/**
 * Grams in each baffle from a picture against the light.
 * @param picture the thing before the light. @param alone the light without it, from the same place, when there is one.
 * @param fillG whole fill, g > 0.
 */
export function fillByLight(
  picture: Reduced,
  alone: Reduced | null,
  map: FillMap,
  fillG: number,
  marks: LightMarks,
): LightResult {
  if (!(fillG > 0)) throw new RangeError('The fill must weigh more than 0 g.');
  const baffles = drawnBaffles(map);
  const volumes = baffles.map(volumeOf);
  if (baffles.length === 0 || volumes.some((v) => v === null || !(v > 0))) return { status: 'nothing' };
  const { width, height } = picture;
  const corners = marks.corners.map(([x, y]): Point => [x * width, y * height]);
  const h = isConvex(corners) ? homographyOf(anchorsOf(map), corners) : null;
  if (!h) return { status: 'corners' };
  const outline = baffles.flatMap((b) => b.polygonMm).map((p) => seenAt(h, p));
  if (outline.some(([x, y]) => !(x > -0.02 * width && y > -0.02 * height && x < 1.02 * width && y < 1.02 * height)))
    return { status: 'outside' };

  const area = baffles.reduce((sum, b) => sum + areaMm2(b.polygonMm), 0);
  const stepMm = Math.sqrt(area / PLACES);
  const px = (p: Point): Point => seenAt(h, p);
  // The channel that the cloth lets through best says most.
  const means = picture.channels.map((channel) => outline.reduce((s, [x, y]) => s + sample(channel, width, height, x, y), 0));
  const best = means.indexOf(Math.max(...means));
  const channel = picture.channels[best] as Float32Array;
  const fit = alone ? lampFrom(alone, best) : lampAround(bareAround(picture, channel, hull(outline)));
  if (!fit) return { status: 'lamp' };

  const seen = baffles.map((b) => lookAt(b, stepMm, px, picture, channel, fit.lamp));
  const spots = (marks.cloth ?? []).map(
    ([x, y]) => fit.lamp(x, y) / Math.max(FLOOR, sample(channel, width, height, x * width, y * height)),
  );
  const clothShown = spots.length > 0;
  const [thinnest = 1, half = 1] = quantiles(seen, AT_SEAMS, 0.5);
  let cloth = clothShown ? Math.max(1, spots.reduce((s, r) => s + r, 0) / spots.length) : thinnest;
  const sewn = volumes.reduce<number>((sum, v) => sum + (v ?? 0), 0);
  const wanted = volumes.map((v) => (v ?? 0) / sewn);
  const right = baffles.findIndex((b) => b.id === marks.right);
  const model: LightModel =
    marks.model === 'fitted' && right < 0 ? 'scattered' : (marks.model ?? (right >= 0 && clothShown ? 'fitted' : 'scattered'));
  let p = model === 'fitted' ? 1 : EXPONENT[model];
  if (right >= 0 && model === 'fitted')
    p = fitted(0, MOST_EXPONENT, (at) => shares(seen, cloth, at)[right] ?? 0, wanted[right] ?? 0);
  else if (right >= 0 && !clothShown)
    cloth = fitted(1, thinnest * 1.1, (at) => shares(seen, at, p)[right] ?? 0, wanted[right] ?? 0);

  const share = shares(seen, cloth, p);
  if (share.every((s) => s === 0) || half / cloth < FAINT) return { status: 'nothing' };
  // Nobody showed the cloth: it may let more through than its seams do.
  const settled = clothShown || right >= 0;
  const other = settled ? share : shares(seen, Math.max(1, cloth * SEAM_DOUBT), p);
  const [scattered, absorbed] = [shares(seen, cloth, 1), shares(seen, cloth, 0)];
  const mean = fillG / baffles.length;
  return {
    status: 'measured',
    model,
    lamp: fit.from,
    lampOff: fit.off,
    clothPasses: 1 / cloth,
    clothFrom: clothShown ? 'spot' : right >= 0 ? 'right' : 'seams',
    spread: baffles.map((b, n) => {
      const { ratios, cutOff, dark } = seen[n] as Seen;
      const grams = fillG * (share[n] ?? 0);
      const apart = fillG * Math.abs((scattered[n] ?? 0) - (absorbed[n] ?? 0)) * (model === 'fitted' ? 0.5 : 1);
      const ratio = ratios.reduce((s, r) => s + r, 0) / Math.max(1, ratios.length) / cloth;
      const sd = Math.hypot(doubt(grams, apart, fit.off, ratio, cutOff + dark), grams - fillG * (other[n] ?? 0));
      return {
        baffle: b.id,
        grams,
        sd,
        target: fillG * (wanted[n] ?? 0),
        ratio: null,
        cutOff,
        dark,
        sure: surenessOf(sd, mean),
      };
    }),
  };
}

/** The outermost points in turn (monotone chain). */
function hull(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: readonly Point[]): Point[] => {
    const out: Point[] = [];
    for (const p of list) {
      while (out.length >= 2) {
        const [a, b] = [out[out.length - 2] as Point, out[out.length - 1] as Point];
        if ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > 0) break;
        out.pop();
      }
      out.push(p);
    }
    return out.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}
