/**
 * What drops left on cloth, read off a close picture of it with dry cloth beside it: how much has darkened, what still pearls, and the grade
 * that this looks like. Refuses: grading for somebody; telling the face that is wet from one that is wet through.
 */
import type { Point, Reduced } from '../picture';
import { WETTING_FIGURES } from '../knowledge';
import { dryLight, type Box } from './light';
import { fieldOf, type Patch, patchesOf } from './patches';

/** Two opposite corners of each place, 0 to 1 across and down. */
export interface WettingMarks {
  readonly wet: readonly [Point, Point];
  readonly dry: readonly [Point, Point];
}
export type WettingFault = 'small' | 'dark' | 'glare' | 'uneven' | 'blurred' | 'same';
export interface Wetting {
  readonly status: 'read';
  /** Part of the wetted place that has darkened, 0 to 1, with what it may be. */
  readonly share: { readonly value: number; readonly low: number; readonly high: number };
  /** Drops that still pearl, and how wide one is, as a share of the place’s width; null without one. */
  readonly beads: number;
  readonly beadWidth: number | null;
  /** Separate dark patches. */
  readonly patches: number;
  /** 0 to 5; what else it may be. From its face alone 1 is not told from 0. */
  readonly grade: { readonly value: number; readonly low: number; readonly high: number };
}
export type WettingResult = Wetting | { readonly status: WettingFault };

/** The box between two corners, in whole px. */
export function boxOf([a, b]: readonly [Point, Point], { width, height }: Pick<Reduced, 'width' | 'height'>): Box {
  const at = (share: number, size: number): number => Math.round(Math.min(1, Math.max(0, share)) * size);
  const [x0, x1] = [at(Math.min(a[0], b[0]), width), at(Math.max(a[0], b[0]), width)];
  const [y0, y1] = [at(Math.min(a[1], b[1]), height), at(Math.max(a[1], b[1]), height)];
  return { x0, y0, width: x1 - x0, height: y1 - y0 };
}
const meanIn = (values: Float32Array, width: number, box: Box): number => {
  let sum = 0;
  for (let y = box.y0; y < box.y0 + box.height; y++)
    for (let x = box.x0; x < box.x0 + box.width; x++) sum += values[y * width + x] as number;
  return sum / Math.max(1, box.width * box.height);
};

/** Reads one picture. Pure. @param picture as the camera counted it. @param marks where it was wetted, and dry cloth of the same kind beside it. */
export function readWetting(picture: Reduced, marks: WettingMarks): WettingResult {
  const [wet, dry] = [boxOf(marks.wet, picture), boxOf(marks.dry, picture)];
  if (
    Math.min(wet.width, wet.height) < WETTING_FIGURES.leastWetPx.value ||
    Math.min(dry.width, dry.height) < WETTING_FIGURES.leastDryPx.value
  )
    return { status: 'small' };
  if (meanIn(picture.dark, picture.width, dry) > 0.5) return { status: 'dark' };
  if (meanIn(picture.cutOff, picture.width, dry) > WETTING_FIGURES.glareOne.value) return { status: 'glare' };
  const light = dryLight(picture, wet, dry);
  if (light === null || light.spread > WETTING_FIGURES.unevenLight.value) return { status: 'uneven' };
  const texture = WETTING_FIGURES.textureTimes.value * light.grain;
  const limits = {
    darker: Math.max(WETTING_FIGURES.leastDarker.value, texture),
    brighter: Math.max(WETTING_FIGURES.brighter.value, texture),
  };
  const field = fieldOf(picture, light.ratio, wet, limits);
  if (field.glaring > WETTING_FIGURES.glareWhole.value || field.largestGlare > WETTING_FIGURES.glareOne.value)
    return { status: 'glare' };
  if (field.sharpness < WETTING_FIGURES.leastSharp.value) return { status: 'blurred' };
  const middle = patchesOf(field, 0.5);
  if (middle.beads.length === 0 && middle.dark.length === 0) return { status: 'same' };
  const [less, more] = [patchesOf(field, 0.7), patchesOf(field, 0.3)];
  const of = ({ dark }: { readonly dark: readonly Patch[] }): number =>
    dark.reduce((sum, p) => sum + p.area, 0) / (wet.width * wet.height);
  const grades = [less, middle, more].map((p) => gradeOf(p.dark, p.beads, of(p)));
  const value = grades[1]?.value ?? 0;
  const bead = meanOf(middle.beads.map((b) => b.area));
  return {
    status: 'read',
    share: { value: of(middle), low: of(less), high: of(more) },
    beads: middle.beads.length,
    beadWidth: bead === null ? null : (2 * Math.sqrt(bead / Math.PI)) / wet.width,
    patches: middle.dark.length,
    grade: {
      value,
      low: Math.min(...grades.map((g) => g.low)),
      high: Math.max(...grades.map((g) => g.high)),
    },
  };
}
const meanOf = (values: readonly number[]): number | null =>
  values.length === 0 ? null : values.reduce((a, b) => a + b, 0) / values.length;

interface Graded {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}
/**
 * The words of the grades [ISO 4920] as areas: all of it; beyond where drops fell; where they fell; specks; nothing. How large a drop is, is seen
 * by those that pearl; without one, what is round and alike is taken for where they fell.
 */
function gradeOf(dark: readonly Patch[], beads: readonly Patch[], share: number): Graded {
  if (dark.length === 0) return { value: 5, low: 4, high: 5 };
  if (share >= WETTING_FIGURES.allWet.value) return { value: 1, low: 0, high: share > 0.9 ? 1 : 2 };
  const drop = meanOf(beads.map((b) => b.area));
  const wet = dark.reduce((sum, p) => sum + p.area, 0);
  const part = (is: (p: Patch) => boolean): number => dark.filter(is).reduce((sum, p) => sum + p.area, 0) / wet;
  if (drop !== null) {
    const beyond = part((p) => p.area > WETTING_FIGURES.beyond.value * drop);
    const specks = part((p) => p.area < WETTING_FIGURES.speck.value * drop);
    if (beyond > 0.5) return { value: 2, low: 2, high: 3 };
    if (specks > 0.5) return { value: 4, low: specks > 0.8 ? 4 : 3, high: wet < 0.3 * drop ? 5 : 4 };
    return { value: 3, low: beyond > 0.2 ? 2 : 3, high: specks > 0.2 ? 4 : 3 };
  }
  if (share > WETTING_FIGURES.mostByDrops.value) return { value: 2, low: share > 0.65 ? 1 : 2, high: share < 0.4 ? 3 : 2 };
  const irregular = part((p) => p.round < WETTING_FIGURES.roundness.value);
  if (irregular > 0.5) return { value: 2, low: 2, high: 3 };
  return { value: 3, low: irregular > 0.25 || share > 0.2 ? 2 : 3, high: share < 0.01 ? 4 : 3 };
}
