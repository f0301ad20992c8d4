/** The light on dry cloth, as it would be where it was wetted. */
import { type LitPlace, type Reduced, surfaceOf } from '../picture';

/** In whole px of the reduced picture. */
export interface Box {
  readonly x0: number;
  readonly y0: number;
  readonly width: number;
  readonly height: number;
}
export interface DryLight {
  /** Logarithm of the light at a px over that of dry cloth there. */
  readonly ratio: Float32Array;
  /** Its spread over dry cloth from px to px, and from place to place. */
  readonly grain: number;
  readonly spread: number;
}
/** Weights of linear red, green and blue for luminance [IEC 61966-2-1, sRGB]. */
const LUMA = [0.2126, 0.7152, 0.0722] as const;
const LEAST = 1e-4;
/** Places a side of each box. */
const GRID = 8;
/** How far beyond the last known place a slope is drawn out, as a share of the picture. */
const BEYOND = 0.08;
/** From so many places on the light may bend. */
const MANY = 100;
/** Within it a place of the wetted box counts as dry cloth. */
const AS_DRY = 0.07;
/** By so many neighbours. */
const NEAREST = 20;

/** Typed lists sort by value, and fast: there are as many as a picture has px. */
const medianOf = (values: ArrayLike<number>): number => new Float64Array(values).sort()[Math.floor(values.length / 2)] ?? 0;

const apart = (a: LitPlace, b: LitPlace): number => (a.x - b.x) ** 2 + (a.y - b.y) ** 2;
type Light = (x: number, y: number) => number;
/** A smooth light through places; beyond them it stays as at their edge. */
function lightFrom(places: readonly LitPlace[]): Light | null {
  const surface = surfaceOf(places, places.length >= MANY ? 'bent' : 'sloped');
  if (!surface) return null;
  const [xs, ys] = [places.map((p) => p.x), places.map((p) => p.y)];
  const [x0, x1] = [Math.min(...xs) - BEYOND, Math.max(...xs) + BEYOND];
  const [y0, y1] = [Math.min(...ys) - BEYOND, Math.max(...ys) + BEYOND];
  return (x, y) => surface(Math.min(x1, Math.max(x0, x)), Math.min(y1, Math.max(y0, y)));
}

/** @returns null when the light is not settled by the dry place. */
export function dryLight(picture: Reduced, wet: Box, dry: Box): DryLight | null {
  const { width, height, channels } = picture;
  const log = new Float32Array(width * height);
  const [red, green, blue] = channels;
  for (let n = 0; n < log.length; n++)
    log[n] = Math.log(
      Math.max(LEAST, LUMA[0] * (red[n] as number) + LUMA[1] * (green[n] as number) + LUMA[2] * (blue[n] as number)),
    );
  const placesIn = (box: Box): LitPlace[] =>
    Array.from({ length: GRID * GRID }, (_, n): LitPlace => {
      const [i, j] = [n % GRID, Math.floor(n / GRID)];
      const values: number[] = [];
      const [x0, x1] = [i, i + 1].map((k) => box.x0 + Math.floor((k * box.width) / GRID)) as [number, number];
      const [y0, y1] = [j, j + 1].map((k) => box.y0 + Math.floor((k * box.height) / GRID)) as [number, number];
      for (let y = y0; y < y1; y++) for (let x = x0; x < x1; x++) values.push(log[y * width + x] as number);
      return { x: (x0 + x1) / 2 / width, y: (y0 + y1) / 2 / height, light: Math.exp(medianOf(values)) };
    });
  const dryPlaces = placesIn(dry);
  const dryLevel = medianOf(dryPlaces.map((p) => Math.log(p.light)));
  const far = (p: LitPlace): number =>
    Math.hypot(
      Math.max(0, dry.x0 / width - p.x, p.x - (dry.x0 + dry.width) / width),
      Math.max(0, dry.y0 / height - p.y, p.y - (dry.y0 + dry.height) / height),
    );
  // From the dry place outwards: what looks like dry cloth there carries the light on, what does not is left out.
  const wetPlaces = placesIn(wet).sort((a, b) => far(a) - far(b));
  const known = [...dryPlaces];
  for (let n = 0; n < wetPlaces.length; n += GRID) {
    const asDry = wetPlaces.slice(n, n + GRID).filter((p) => {
      const near = [...known].sort((a, b) => apart(a, p) - apart(b, p)).slice(0, NEAREST);
      const there = surfaceOf(near, 'sloped');
      return there !== null && Math.abs(Math.log(p.light / there(p.x, p.y))) < AS_DRY;
    });
    known.push(...asDry);
  }
  const light = lightFrom(known);
  if (!light) return null;
  const settled = light;
  const ratio = new Float32Array(log.length);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      ratio[y * width + x] = (log[y * width + x] as number) - Math.log(settled((x + 0.5) / width, (y + 0.5) / height));
  const values: number[] = [];
  for (let y = dry.y0; y < dry.y0 + dry.height; y++)
    for (let x = dry.x0; x < dry.x0 + dry.width; x++) values.push(ratio[y * width + x] as number);
  const middle = medianOf(values);
  const grain = 1.4826 * medianOf(values.map((v) => Math.abs(v - middle)));
  const spread = Math.max(...dryPlaces.map((p) => Math.abs(Math.log(p.light) - dryLevel)));
  return { ratio, grain, spread };
}
