/** The white sheet in a picture: where it lies, and from it how bright and of what colour the light is at each place. */
import { type LitPlace, type Point, type Reduced, surfaceOf } from '../picture';
import type { Rgb } from './spaces';

/** Luminance of linear sRGB [IEC 61966-2-1]. */
const luminance = (r: number, g: number, b: number): number => 0.2126 * r + 0.7152 * g + 0.0722 * b;

/** A sheet that covers less than this share of the picture is not looked for. */
const LEAST_SHARE = 0.015;
/** A block counts as cut off when more of it than this is. */
const CUT = 0.02;
/** Over a few blocks the sheet's light changes by less than this share; its edge and what lies on it by more, however soft the picture. */
const STEP = 0.06;
/** How much of a block goes into what its neighbours are compared with. */
const NEW = 0.06;
/** Its colour stays this near, as a share; a yellowed thing on it is further off. */
const TINT = 0.06;
/** The sheet is at least this bright beside its brightest place: shadow of a thing is darker at once. */
const DARKEST = 0.3;

/** Places of the sheet, one entry a block of the reduced picture. */
export interface Sheet {
  readonly mask: Uint8Array;
  /** Share of the picture. */
  readonly share: number;
}
export type SheetFault = 'none' | 'cut-off' | 'dark';

/**
 * Finds the sheet: the largest even, bright and colourless place. Clothes of the same white that touch it without a shadow are taken for it.
 * @returns what is wrong where there is none.
 */
export function findSheet(picture: Reduced): Sheet | SheetFault {
  const { width, height, channels, cutOff } = picture;
  const [red, green, blue] = channels;
  const size = width * height;
  const light = new Float32Array(size);
  for (let n = 0; n < size; n++) light[n] = luminance(red[n] as number, green[n] as number, blue[n] as number);
  const sorted = light.slice().sort();
  const bright = sorted[Math.floor(size * 0.97)] as number;
  if (bright < 0.03) return 'dark';
  const taken = new Uint8Array(size);
  const tints = [new Float32Array(size), new Float32Array(size), new Float32Array(size)] as const;
  let best: { cells: number[]; weight: number } | null = null;
  const order = seeds(light, width, height, bright);
  let clipped = 0;
  for (let n = 0; n < size; n++) if ((cutOff[n] as number) > CUT) clipped++;
  for (const seed of order) {
    if (taken[seed] || (cutOff[seed] as number) > CUT) continue;
    const cells = flood(picture, light, seed, taken, tints);
    if (cells.length < size * LEAST_SHARE) continue;
    const mean = cells.reduce((sum, at) => sum + (light[at] as number), 0) / cells.length;
    // Large, bright and grey: a table is large, a lamp's glare bright.
    const weight = cells.length * mean ** 2 * (1 - tintOf(picture, cells));
    if (!best || weight > best.weight) best = { cells, weight };
  }
  if (clipped > size * LEAST_SHARE && (!best || clipped > best.cells.length)) return 'cut-off';
  if (!best) return 'none';
  const mask = new Uint8Array(size);
  for (const at of best.cells) mask[at] = 1;
  return { mask: inner(mask, width, height), share: best.cells.length / size };
}
/** Even bright blocks, the brightest of a coarse grid first. */
function seeds(light: Float32Array, width: number, height: number, bright: number): number[] {
  const step = Math.max(2, Math.round(Math.min(width, height) / 24));
  const found: number[] = [];
  for (let y = step; y < height - 1; y += step)
    for (let x = step; x < width - 1; x += step) {
      const at = y * width + x;
      const here = light[at] as number;
      const even = [at - 1, at + 1, at - width, at + width].every((n) => Math.abs((light[n] as number) - here) < STEP * here);
      if (here > DARKEST * bright && even) found.push(at);
    }
  return found.sort((a, b) => (light[b] as number) - (light[a] as number));
}
function flood(
  { width, height, channels, cutOff }: Reduced,
  light: Float32Array,
  seed: number,
  taken: Uint8Array,
  tints: readonly [Float32Array, Float32Array, Float32Array],
): number[] {
  const [red, , blue] = channels;
  const brightest = light[seed] as number;
  const warm = (at: number): number => ((red[at] as number) + 1e-4) / ((light[at] as number) + 1e-4);
  const cold = (at: number): number => ((blue[at] as number) + 1e-4) / ((light[at] as number) + 1e-4);
  const cells = [seed];
  taken[seed] = 1;
  // The colour of the light changes slowly over a sheet: what is compared is the neighbourhood that the flood came from.
  const [warmth, coldness, levels] = tints;
  levels[seed] = light[seed] as number;
  warmth[seed] = warm(seed);
  coldness[seed] = cold(seed);
  for (let k = 0; k < cells.length; k++) {
    const at = cells[k] as number;
    const [w, c] = [warmth[at] as number, coldness[at] as number];
    const x = at % width;
    const y = (at - x) / width;
    for (const [nx, ny] of [
      [x - 1, y],
      [x + 1, y],
      [x, y - 1],
      [x, y + 1],
    ] as const) {
      if (nx < 0 || ny < 0 || nx >= width || ny >= height) continue;
      const to = ny * width + nx;
      if (taken[to] || (cutOff[to] as number) > CUT) continue;
      const [was, is] = [levels[at] as number, light[to] as number];
      if (Math.abs(is - was) > STEP * was || is < DARKEST * brightest) continue;
      const [nw, nc] = [warm(to), cold(to)];
      if (Math.abs(nw - w) > TINT * w || Math.abs(nc - c) > TINT * c) continue;
      taken[to] = 1;
      warmth[to] = (1 - NEW) * w + NEW * nw;
      coldness[to] = (1 - NEW) * c + NEW * nc;
      levels[to] = (1 - NEW) * was + NEW * is;
      cells.push(to);
    }
  }
  return cells;
}
/** How far from grey the picture itself has it, 0 to 1. */
function tintOf({ channels }: Reduced, cells: readonly number[]): number {
  const sums = channels.map((channel) => cells.reduce((sum, at) => sum + (channel[at] as number), 0));
  return 1 - Math.min(...sums) / Math.max(...sums);
}
/** Without its rim: there blocks mix it with what lies beside it. */
function inner(mask: Uint8Array, width: number, height: number): Uint8Array {
  const out = new Uint8Array(mask.length);
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const at = y * width + x;
      if (mask[at] && mask[at - 1] && mask[at + 1] && mask[at - width] && mask[at + width]) out[at] = 1;
    }
  return out;
}
/** The sheet where somebody has shown it: a disc around each spot. @param spots 0 to 1 across and down. @param radius share of the longest side. */
export function shownSheet(picture: Reduced, spots: readonly Point[], radius: number): Sheet | SheetFault {
  const mask = new Uint8Array(picture.width * picture.height);
  let [all, cut, sum] = [0, 0, 0];
  for (const spot of spots)
    for (const at of discOf(picture, spot, radius)) {
      all++;
      sum += picture.channels[1][at] as number;
      if ((picture.cutOff[at] as number) > CUT) cut++;
      else mask[at] = 1;
    }
  if (all === 0) return 'none';
  if (cut > all / 2) return 'cut-off';
  return sum / all < 0.03 ? 'dark' : { mask, share: (all - cut) / mask.length };
}
/** Blocks within a disc. */
export function discOf({ width, height }: Reduced, [x, y]: Point, radius: number): number[] {
  const [cx, cy, r] = [x * width, y * height, Math.max(1.5, radius * Math.max(width, height))];
  const found: number[] = [];
  for (let j = Math.max(0, Math.floor(cy - r)); j <= Math.min(height - 1, cy + r); j++)
    for (let i = Math.max(0, Math.floor(cx - r)); i <= Math.min(width - 1, cx + r); i++)
      if ((i + 0.5 - cx) ** 2 + (j + 0.5 - cy) ** 2 <= r * r) found.push(j * width + i);
  return found;
}

/** The light over the picture, as the sheet shows it. */
export interface LightOver {
  /** Linear red, green, blue that a sheet would have at a place, 0 to 1 across and down. */
  readonly at: (place: Point) => Rgb;
  /** What of the sheet follows it, to be drawn. */
  readonly mask: Uint8Array;
  /** How far the sheet's own blocks lie from it, as a share. */
  readonly off: number;
  /** Greatest over least of its channels, at its middle: 1 = grey. */
  readonly tint: number;
  /** Luminance at its middle. */
  readonly level: number;
  /** How far a place lies from the nearest part of the sheet, as a share of the longest side. */
  readonly away: (place: Point) => number;
}
/** Places of the sheet that are fitted. */
const FITTED = 1500;
/** A sheet that reaches over less of the picture than this says nothing of how its light bends. */
const BENDS = 0.4;
const SLOPES = 0.1;

/** In units of how uneven the sheet is: what is further off is no sheet. Noise alone is never less than the least. */
const DARKER = 1.7;
const BRIGHTER = 3;
const LEAST_OFF = 0.008;
const ROUNDS = 12;
/** What is drawn as the sheet lies this near its light, as a share. */
const DRAWN_OFF = 0.045;
/** Fewer blocks than this say nothing. */
const LEAST_CELLS = 12;

/** A smooth light through what the sheet shows. @returns null when it shows too little. */
export function lightOver(picture: Reduced, sheet: Sheet): LightOver | null {
  const { width, height, channels } = picture;
  const cells: number[] = [];
  sheet.mask.forEach((is, at) => is && cells.push(at));
  if (cells.length < LEAST_CELLS) return null;
  const step = Math.max(1, Math.floor(cells.length / FITTED));
  const some = cells.filter((_, n) => n % step === 0);
  const place = (at: number): Point => [((at % width) + 0.5) / width, (Math.floor(at / width) + 0.5) / height];
  const [xs, ys] = [some.map((at) => place(at)[0]), some.map((at) => place(at)[1])];
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const reach = Math.min(right - left, bottom - top);
  const shape = reach >= BENDS ? 'bent' : reach >= SLOPES ? 'sloped' : 'flat';
  const lit = (channel: Float32Array, at: number): number => Math.max(1e-5, channel[at] as number);
  let [off, kept] = [0, some];
  let fits: ((x: number, y: number) => number)[] = [];
  /** By how much each channel of a block lies from the light, as a logarithm. */
  const offsAt = (n: number): Rgb => {
    const [x, y] = place(n);
    const offOf = (k: 0 | 1 | 2): number => Math.log(lit(channels[k], n) / (fits[k]?.(x, y) ?? 1));
    return [offOf(0), offOf(1), offOf(2)];
  };
  const isSheet = (offs: Rgb): boolean =>
    Math.min(...offs) >= -Math.max(LEAST_OFF, DARKER * off) && Math.max(...offs) <= Math.max(LEAST_OFF, BRIGHTER * off);
  // Again and again without what is darker or more coloured than the rest: creases, shadow, a thing of nearly the same white.
  for (let round = 0; round < ROUNDS; round++) {
    const places = kept.map(place);
    fits = channels.flatMap(
      (c) =>
        surfaceOf(
          places.map(([x, y], k): LitPlace => ({ x, y, light: lit(c, kept[k] as number) })),
          shape,
        ) ?? [],
    );
    if (fits.length < 3) return null;
    const offs = new Map(some.map((n) => [n, offsAt(n)]));
    // How uneven the sheet itself is shows on its bright side; the other may hold what is no sheet.
    const bright = new Float64Array(kept.flatMap((n) => offs.get(n) ?? []).filter((v) => v > 0)).sort();
    off = (bright[Math.floor(bright.length / 2)] ?? 0) * 1.4826;
    const next = some.filter((n) => isSheet(offs.get(n) as Rgb));
    if (next.length < LEAST_CELLS) break;
    const same = next.length === kept.length;
    kept = next;
    if (same) break;
  }
  const at = (p: Point): Rgb => {
    const [r = 0, g = 0, b = 0] = fits.map((f) => f(...p));
    return [r, g, b];
  };
  const centre: Point = [(left + right) / 2, (top + bottom) / 2];
  const middle = at(centre);
  const longest = Math.max(width, height);
  const away = ([x, y]: Point): number => {
    let least = Infinity;
    for (const cell of kept) {
      const [px, py] = place(cell);
      least = Math.min(least, Math.hypot((px - x) * width, (py - y) * height));
    }
    return least / longest;
  };
  const mask = new Uint8Array(sheet.mask.length);
  // Drawn a little wider than it is trusted: light that bends otherwise than a smooth surface lies on the sheet all the same.
  for (const n of cells) {
    const offs = offsAt(n);
    if (isSheet(offs) || Math.max(...offs.map(Math.abs)) < DRAWN_OFF) mask[n] = 1;
  }
  return { at, mask, off, tint: Math.max(...middle) / Math.min(...middle), level: luminance(...middle), away };
}
