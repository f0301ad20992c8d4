/** Dark patches and pearls in the wetted place. */
import type { Reduced } from '../picture';
import { WETTING_FIGURES } from '../knowledge';
import type { Box } from './light';

/** The wetted place by itself: smoothed logarithms of its light over dry cloth’s. */
export interface Field {
  readonly width: number;
  readonly height: number;
  readonly ratio: Float32Array;
  readonly limits: { readonly darker: number; readonly brighter: number };
  /** How dark wet cloth is here; 0 where none is. */
  readonly wetLevel: number;
  /** Part of its contrast within one px, where it turns fastest. */
  readonly sharpness: number;
  /** Parts of it that are cut off or shine, in all and in one piece. */
  readonly glaring: number;
  readonly largestGlare: number;
}
export interface Patch {
  /** px. */
  readonly area: number;
  /** 1 for a disc: its area over that of the disc that holds it all. */
  readonly round: number;
}

/** 1 where it holds. */
function maskOf(values: Float32Array, holds: (value: number, n: number) => boolean): Uint8Array {
  const mask = new Uint8Array(values.length);
  for (let n = 0; n < mask.length; n++) if (holds(values[n] as number, n)) mask[n] = 1;
  return mask;
}
/** Cuts the place out and smooths it over 3 px. */
export function fieldOf(picture: Reduced, ratio: Float32Array, box: Box, limits: Field['limits']): Field {
  const { width, height } = box;
  const out = new Float32Array(width * height);
  const cut = new Float32Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let sum = 0;
      let n = 0;
      for (let py = Math.max(0, box.y0 + y - 1); py <= Math.min(picture.height - 1, box.y0 + y + 1); py++)
        for (let px = Math.max(0, box.x0 + x - 1); px <= Math.min(picture.width - 1, box.x0 + x + 1); px++) {
          sum += ratio[py * picture.width + px] as number;
          n++;
        }
      out[y * width + x] = sum / n;
      cut[y * width + x] = picture.cutOff[(box.y0 + y) * picture.width + box.x0 + x] as number;
    }
  const dark = out.filter((v) => v < -limits.darker).sort();
  const shine = maskOf(out, (v, n) => (cut[n] as number) > 0.5 || v > 2 * limits.brighter);
  const shining = regionsOf(shine, width);
  const whole = width * height;
  return {
    width,
    height,
    ratio: out,
    limits,
    wetLevel: dark.length > 0 ? -(dark[Math.floor(dark.length / 2)] as number) : 0,
    sharpness: sharpnessOf(out, width, height),
    glaring: shining.reduce((sum, r) => sum + r.cells.length, 0) / whole,
    largestGlare: shining.reduce((most, r) => Math.max(most, r.cells.length), 0) / whole,
  };
}
/** The fastest turn over one px, as a part of all contrast; a handful of odd px are let be. */
function sharpnessOf(values: Float32Array, width: number, height: number): number {
  const sorted = values.slice().sort();
  const at = (share: number): number => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] as number;
  const contrast = at(0.998) - at(0.002);
  if (!(contrast > 0)) return 0;
  const turns = new Float32Array((width - 1) * (height - 1));
  for (let y = 0; y + 1 < height; y++)
    for (let x = 0; x + 1 < width; x++) {
      const here = values[y * width + x] as number;
      turns[y * (width - 1) + x] = Math.hypot(
        (values[y * width + x + 1] as number) - here,
        (values[(y + 1) * width + x] as number) - here,
      );
    }
  turns.sort();
  return (turns[Math.floor(0.999 * turns.length)] as number) / contrast;
}

interface Region {
  readonly cells: readonly number[];
}
/** Cells that touch by a side. */
function regionsOf(mask: Uint8Array, width: number): Region[] {
  const seen = new Uint8Array(mask.length);
  const regions: Region[] = [];
  const reach = (m: number, cells: number[]): void => {
    if (!mask[m] || seen[m]) return;
    seen[m] = 1;
    cells.push(m);
  };
  for (let start = 0; start < mask.length; start++) {
    if (!mask[start] || seen[start]) continue;
    const cells = [start];
    seen[start] = 1;
    for (let k = 0; k < cells.length; k++) {
      const n = cells[k] as number;
      const x = n % width;
      if (x > 0) reach(n - 1, cells);
      if (x + 1 < width) reach(n + 1, cells);
      // Above and below: beyond the rim there is nothing to reach.
      reach(n - width, cells);
      reach(n + width, cells);
    }
    regions.push({ cells });
  }
  return regions;
}
function patchOf(cells: readonly number[], width: number): Patch {
  let [sx, sy] = [0, 0];
  for (const n of cells) {
    sx += n % width;
    sy += Math.floor(n / width);
  }
  const [cx, cy] = [sx / cells.length, sy / cells.length];
  const far = Float64Array.from(cells, (n) => Math.hypot((n % width) - cx, Math.floor(n / width) - cy)).sort();
  // Nearly the farthest: one odd px at the rim does not count.
  const radius = (far[Math.floor(0.98 * (far.length - 1))] ?? 0) + 0.5;
  return { area: cells.length, round: Math.min(1, cells.length / (Math.PI * radius ** 2)) };
}
/** Least part of a pearl that shines, and how round it is at least. */
const SHINES = 0.02;
const SQUAT = 0.3;
/** Between the shine of a pearl and its rim, as a share of the place’s width. */
const GAP = 0.022;
/** The pearl itself beside its shadow. */
const OF_SHADE = 0.75;

/** Cells that shine, widened by a few px, so that a pearl hangs together. */
function widened(bright: Uint8Array, width: number, height: number): Uint8Array {
  const by = Math.max(2, Math.round(GAP * width));
  const wide = bright.slice();
  for (let n = 0; n < bright.length; n++) {
    if (!bright[n]) continue;
    const [x, y] = [n % width, Math.floor(n / width)];
    for (let j = Math.max(0, y - by); j <= Math.min(height - 1, y + by); j++)
      for (let i = Math.max(0, x - by); i <= Math.min(width - 1, x + by); i++) wide[j * width + i] = 1;
  }
  return wide;
}
/**
 * Patches at a threshold: what is dark without shining is wet, what shines and is round is a pearl with its rim and shadow.
 * @param part of the darkness of wet cloth from which on a px counts, 0 to 1.
 */
export function patchesOf(field: Field, part: number): { readonly dark: readonly Patch[]; readonly beads: readonly Patch[] } {
  const { width, height, ratio, limits, wetLevel } = field;
  const from = -Math.max(limits.darker * (0.6 + part), wetLevel * part);
  const least = Math.max(6, WETTING_FIGURES.grainShare.value * width * height);
  const bright = maskOf(ratio, (v) => v > limits.brighter);
  const shine = widened(bright, width, height);
  const mask = maskOf(ratio, (v, n) => v < from || shine[n] === 1);
  const dark: Patch[] = [];
  const beads: Patch[] = [];
  for (const { cells } of regionsOf(mask, width)) {
    const shining = cells.filter((n) => bright[n]).length;
    const wet = cells.filter((n) => (ratio[n] as number) < from).length;
    if (shining + wet < least) continue;
    const patch = patchOf(cells, width);
    if (shining / cells.length >= SHINES && patch.round > SQUAT) beads.push({ ...patch, area: OF_SHADE * patch.area });
    else if (wet >= least) dark.push({ ...patch, area: wet });
  }
  return { dark, beads };
}
