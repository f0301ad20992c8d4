/** Colours read off a picture against the white sheet in it, and two readings of one place compared: each figure with how far it may be off. */
import type { Point, Reduced } from '../picture';
import type { Interval } from '../units/weighted';
import { COLOUR_FIGURES } from '../knowledge';
import { deltaE2000, deltaE76, gradeOf, yellowness, type Grade } from './difference';
import { discOf, findSheet, type LightOver, lightOver, type SheetFault, shownSheet } from './sheet';
import { labOf, type Lab, type Rgb, xyzOf, xyzOfLab } from './spaces';

/** What is marked in a picture; places are 0 to 1 across and down. */
export interface ColourMarks {
  /** Where the sheet is; absent: it is looked for. */
  readonly sheet?: readonly Point[] | undefined;
  readonly spots: readonly ColourSpot[];
  /** Four points of the thing, the same in every picture of it, so that two can be laid over each other. */
  readonly corners?: readonly Point[] | undefined;
}
export interface ColourSpot {
  readonly id: string;
  readonly name: string;
  readonly at: Point;
}
/** Radius of a spot and of a place of the sheet, as a share of the longest side. */
export const SPOT_RADIUS = 0.018;

/** A figure and its standard deviation. */
export interface Estimate {
  readonly value: number;
  readonly sd: number;
}
/** A colour of a place, D65 and 2°, with the sheet taken for its white. */
export interface ColourReading {
  readonly id: string;
  readonly lab: Lab;
  /** Of its own: how much of it was seen and how even that is. Per axis. */
  readonly sd: Lab;
  /** Of the light there, that both pictures do not share: brightness and tint, as shares. */
  readonly light: { readonly level: number; readonly tint: number };
  readonly yellow: Estimate;
}
export type SpotFault = 'cut-off' | 'dark' | 'far' | 'outside';
export type PictureFault = SheetFault | 'coloured' | 'small';
/** Places of a sheet as it was found, to be drawn: runs of a row, 0 to 1. */
type SheetRuns = readonly { readonly y: number; readonly from: number; readonly to: number }[];
export type ColourResult =
  | {
      readonly status: 'read';
      readonly readings: readonly ColourReading[];
      readonly faults: readonly { readonly id: string; readonly fault: SpotFault }[];
      readonly sheet: SheetRuns;
      /** Greatest over least channel of the light. */
      readonly tint: number;
    }
  | { readonly status: PictureFault };

const MEDIAN_OF_MEAN = 1.2533;

/** The light in a picture and what of the sheet shows it; or what is wrong with the picture. */
type Lit = { readonly light: LightOver; readonly sheet: SheetRuns } | PictureFault;
function litBy(picture: Reduced, shown: readonly Point[] | undefined): Lit {
  if (Math.min(picture.width, picture.height) < 60) return 'small';
  const sheet = shown?.length ? shownSheet(picture, shown, SPOT_RADIUS) : findSheet(picture);
  if (typeof sheet === 'string') return sheet;
  const light = lightOver(picture, sheet);
  if (!light) return 'none';
  if (light.level < COLOUR_FIGURES.darkest.value) return 'dark';
  if (light.tint > COLOUR_FIGURES.mostTint.value) return 'coloured';
  return { light, sheet: runsOf(light, picture) };
}

/** Reads every spot. Pure. @param picture as the camera counted it. */
export const readColours = (picture: Reduced, marks: ColourMarks): ColourResult => coloursIn(picture)(marks);

/**
 * Reads spots of one picture, again and again as they are moved. Its light, which is most of the work, is made out anew only where the sheet is shown
 * elsewhere.
 * @param picture as the camera counted it; it must not change.
 */
export function coloursIn(picture: Reduced): (marks: ColourMarks) => ColourResult {
  let last: { readonly shown: string; readonly lit: Lit } | undefined;
  return ({ sheet, spots }) => {
    const shown = JSON.stringify(sheet ?? []);
    if (last?.shown !== shown) last = { shown, lit: litBy(picture, sheet) };
    const { lit } = last;
    return typeof lit === 'string' ? { status: lit } : readSpots(picture, lit, spots);
  };
}
function readSpots(picture: Reduced, { light, sheet }: Exclude<Lit, string>, spots: readonly ColourSpot[]): ColourResult {
  const readings: ColourReading[] = [];
  const faults: { id: string; fault: SpotFault }[] = [];
  for (const spot of spots) {
    const read = readSpot(picture, light, spot);
    if (typeof read === 'string') faults.push({ id: spot.id, fault: read });
    else readings.push(read);
  }
  return { status: 'read', readings, faults, sheet, tint: light.tint };
}
/** Rows of the drawing of a sheet. */
const DRAWN_ROWS = 60;
/** The sheet as runs of coarse rows, without the grain of the picture. */
function runsOf({ mask }: LightOver, { width, height }: Reduced): SheetRuns {
  const cell = Math.max(1, Math.round(height / DRAWN_ROWS));
  const mostly = (x: number, y: number): boolean => {
    let [is, all] = [0, 0];
    for (let j = y; j < Math.min(height, y + cell); j++)
      for (let i = x; i < Math.min(width, x + cell); i++, all++) is += mask[j * width + i] as number;
    return is > 0.4 * all;
  };
  const runs: { y: number; from: number; to: number }[] = [];
  for (let y = 0; y < height; y += cell)
    for (let x = 0; x < width; x += cell) {
      if (!mostly(x, y)) continue;
      const from = x;
      while (x < width && mostly(x, y)) x += cell;
      runs.push({ y: (y + cell / 2) / height, from: from / width, to: Math.min(1, x / width) });
    }
  return runs;
}
const middleOf = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
const spreadOf = (values: readonly number[], middle: number): number =>
  1.4826 * middleOf(values.map((v) => Math.abs(v - middle)));

function readSpot(picture: Reduced, light: LightOver, { id, at }: ColourSpot): ColourReading | SpotFault {
  const { width, channels, cutOff, dark } = picture;
  const cells = discOf(picture, at, SPOT_RADIUS);
  if (cells.length < 4) return 'outside';
  const whole = cells.filter((n) => (cutOff[n] as number) === 0);
  if (whole.length < cells.length / 2) return 'cut-off';
  const lit = whole.filter((n) => (dark[n] as number) < 0.5);
  if (lit.length < cells.length / 2) return 'dark';
  const away = light.away(at);
  if (away > COLOUR_FIGURES.mostAway.value) return 'far';
  const paper = COLOUR_FIGURES.paper.value;
  const colours = lit.map((n): Rgb => {
    const under = light.at([((n % width) + 0.5) / width, (Math.floor(n / width) + 0.5) / picture.height]);
    const [r = 0, g = 0, b = 0] = channels.map((c, k) => (paper * (c[n] as number)) / (under[k] as number));
    return [r, g, b];
  });
  const [r, g, b] = [0, 1, 2].map((k) => middleOf(colours.map((c) => c[k] as number))) as [number, number, number];
  const lab = labOf(xyzOf([r, g, b]));
  const labs = colours.map((c) => labOf(xyzOf(c)));
  // Neighbouring blocks tell much the same, and a spot is never set on quite the same place twice.
  const own = (axis: keyof Lab): number =>
    spreadOf(
      labs.map((l) => l[axis]),
      middleOf(labs.map((l) => l[axis])),
    ) *
    (MEDIAN_OF_MEAN / Math.sqrt(Math.max(1, lit.length / COLOUR_FIGURES.alike.value)) + COLOUR_FIGURES.placing.value);
  const sd: Lab = { L: own('L'), a: own('a'), b: own('b') };
  const uneven = COLOUR_FIGURES.unevenDoubt.value * light.off;
  const level = Math.hypot(COLOUR_FIGURES.levelDoubt.value, uneven, COLOUR_FIGURES.awayDoubt.value * away);
  const tint =
    Math.hypot(COLOUR_FIGURES.tintDoubt.value, uneven / 3, (COLOUR_FIGURES.awayDoubt.value * away) / 3) *
    (1 + COLOUR_FIGURES.colouredDoubt.value * (light.tint - 1));
  const reading = { id, lab, sd, light: { level, tint } };
  const { sd: yellowSd } = spreadIn(reading, (one) => yellowness(xyzOfLab(one)));
  return { ...reading, yellow: { value: yellowness(xyzOf([r, g, b])), sd: yellowSd } };
}

/** The directions in which a reading may be off: its own three axes, brighter, and redder or bluer light; each one sd long. */
function doubtsOf({ lab, sd, light }: Pick<ColourReading, 'lab' | 'sd' | 'light'>): Lab[] {
  const moved = (factor: readonly [number, number, number]): Lab => {
    const xyz = xyzOfLab(lab);
    const to = labOf([xyz[0] * factor[0], xyz[1] * factor[1], xyz[2] * factor[2]]);
    return { L: to.L - lab.L, a: to.a - lab.a, b: to.b - lab.b };
  };
  const [k, t] = [1 + light.level, 1 + light.tint];
  return [
    { L: sd.L, a: 0, b: 0 },
    { L: 0, a: sd.a, b: 0 },
    { L: 0, a: 0, b: sd.b },
    moved([k, k, k]),
    moved([t, 1, 1]),
    moved([1, 1, t]),
  ];
}
function spreadIn(reading: Pick<ColourReading, 'lab' | 'sd' | 'light'>, of: (lab: Lab) => number): Estimate {
  const { lab } = reading;
  const value = of(lab);
  const parts = doubtsOf(reading).map((d) => of({ L: lab.L + d.L, a: lab.a + d.a, b: lab.b + d.b }) - value);
  return { value, sd: Math.hypot(...parts) };
}

/** Half the width of an interval that holds nine in ten, in sd [normal distribution]. */
const NINE_IN_TEN = 1.645;
export interface ColourChange {
  readonly id: string;
  readonly before: ColourReading;
  readonly after: ColourReading;
  /** ΔE*ab. */
  readonly deltaE: Interval;
  /** On the grey scale for change in colour, from ΔE*ab. */
  readonly grade: Grade;
  /** CIEDE2000: whether one can see it. */
  readonly seen: Interval;
  /** Yellowness after less yellowness before: negative = whiter. */
  readonly yellower: Interval;
}
/** The same place in two pictures. */
export function changeOf(before: ColourReading, after: ColourReading): ColourChange {
  const doubts = (of: (one: Lab, two: Lab) => number): { value: number; sd: number } => {
    const value = of(before.lab, after.lab);
    const add = (lab: Lab, d: Lab): Lab => ({ L: lab.L + d.L, a: lab.a + d.a, b: lab.b + d.b });
    const parts = [
      ...doubtsOf(before).map((d) => of(add(before.lab, d), after.lab) - value),
      ...doubtsOf(after).map((d) => of(before.lab, add(after.lab, d)) - value),
    ];
    return { value, sd: Math.hypot(...parts) };
  };
  const distance = (of: (one: Lab, two: Lab) => number): Interval => {
    const { value, sd } = doubts(of);
    const off = NINE_IN_TEN * Math.hypot(sd, COLOUR_FIGURES.cameraDoubt.value * value);
    return { value, low: Math.max(0, value - off), high: value + off };
  };
  const deltaE = distance(deltaE76);
  const yellow = doubts((one, two) => yellowness(xyzOfLab(two)) - yellowness(xyzOfLab(one)));
  const off = NINE_IN_TEN * Math.hypot(yellow.sd, COLOUR_FIGURES.cameraDoubt.value * yellow.value);
  return {
    id: before.id,
    before,
    after,
    deltaE,
    grade: gradeOf(deltaE.value),
    seen: distance(deltaE2000),
    yellower: { value: yellow.value, low: yellow.value - off, high: yellow.value + off },
  };
}
