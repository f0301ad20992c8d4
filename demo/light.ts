import type { FillMap } from '../src/core/gear';
import { areaMm2, drawnBaffles } from '../src/core/loft';
import { anchorsOf, homographyOf, type Point, seenAt } from '../src/core/loft/light';
import { eightBits, encode, grainOf } from './camera';
import { toEdge } from './outline';
import { seededRandom } from '../src/core/units/seeded';

/*
 * Makes pictures of a thing held against a light, with a known fill. `plain` follows what an estimator might assume; `real` does not: two
 * fluxes with some absorption and some light straight through, glow from baffle to baffle, darker seams, two uneven bulbs, a lens that darkens its
 * corners off centre, a camera's own curve, shot and reading noise, and down in clumps.
 */
export interface Scene {
  readonly width: number;
  readonly height: number;
  /** Where the anchors of the layout are seen, 0 to 1, clockwise from the upper left. */
  readonly corners: readonly Point[];
  readonly law: 'plain' | 'real';
  readonly seed: number;
  /** Share of light that the two cloths let through, red, green, blue. */
  readonly cloth: readonly [number, number, number];
  /** Optical depth of an evenly filled baffle. */
  readonly depth: number;
  /** Without the thing: the light alone. */
  readonly bare?: boolean;
}
export interface Rendered {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray;
}

/** A camera lifts its middle tones a little. */
const WRITTEN = {
  plain: eightBits(encode),
  real: eightBits((light) => {
    const code = encode(light);
    return code + 0.03 * Math.sin(Math.PI * Math.min(1, code));
  }),
} as const;

/** Light let through by a layer of this optical depth. */
function passes(law: Scene['law'], depth: number, absorbs: number): number {
  if (law === 'plain') return 1 / (1 + depth);
  const a = 1 + absorbs;
  const b = Math.sqrt(a * a - 1);
  const scattered = b / (a * Math.sinh(b * depth) + b * Math.cosh(b * depth));
  return 0.93 * scattered + 0.07 * Math.exp(-depth);
}

function lampAt({ law, seed }: Scene, x: number, y: number): number {
  const turn = (seed % 7) / 7;
  if (law === 'plain') return 0.78 * Math.exp(-0.5 * (x - 0.45 - 0.1 * turn) ** 2 - 0.7 * (y - 0.55) ** 2 - 0.1 * (x - 0.5));
  const bulb = (cx: number, cy: number, d: number): number => (1 + ((x - cx) ** 2 + (y - cy) ** 2) / d ** 2) ** -1.5;
  const lens = (1 + 0.35 * ((x - 0.54) ** 2 + (y - 0.47) ** 2)) ** -2;
  return lens * (0.5 * bulb(0.2 + 0.2 * turn, 0.3, 0.8) + 0.42 * bulb(0.8, 0.7 - 0.2 * turn, 0.7));
}

/** Unevenness of a length of its own, between −1 and 1. */
function clumps(seed: number): (x: number, y: number) => number {
  const SIZE = 64;
  const random = seededRandom(seed);
  const grid = Float32Array.from({ length: SIZE * SIZE }, () => random() * 2 - 1);
  const at = (x: number, y: number): number => grid[(((y % SIZE) + SIZE) % SIZE) * SIZE + (((x % SIZE) + SIZE) % SIZE)] as number;
  return (x, y) => {
    const [x0, y0] = [Math.floor(x), Math.floor(y)];
    const [fx, fy] = [x - x0, y - y0];
    return (at(x0, y0) * (1 - fx) + at(x0 + 1, y0) * fx) * (1 - fy) + (at(x0, y0 + 1) * (1 - fx) + at(x0 + 1, y0 + 1) * fx) * fy;
  };
}
const within = (outline: readonly Point[], x: number, y: number): boolean => {
  let turns = 0;
  outline.forEach(([ax, ay], n) => {
    const [bx, by] = outline[(n + 1) % outline.length] as Point;
    const left = (bx - ax) * (y - ay) - (x - ax) * (by - ay);
    if (ay <= y && by > y && left > 0) turns++;
    else if (ay > y && by <= y && left < 0) turns--;
  });
  return turns !== 0;
};

const CELL_MM = 5;
/** Thread and folded cloth lie this near a seam, and let this much of the light through. */
const SEAM_MM = 3;
const SEAM_PASSES = 0.85;
/** How much of each colour a fill swallows beside what it scatters: grey down a little more of blue. */
const ABSORBS = [0.008, 0.01, 0.014] as const;
interface Place {
  readonly depth: number;
  readonly seam: boolean;
  /** Share of light that the fill lets through, red, green, blue. */
  readonly through: readonly number[];
}
const NOWHERE: Place = { depth: -1, seam: false, through: [1, 1, 1] };
/** A piece of a baffle: its middle, and how far that is from the seams, mm. */
interface Cell {
  readonly at: number;
  readonly x: number;
  readonly y: number;
  readonly rise: number;
}
/** A layout in cells. */
interface Cells {
  readonly left: number;
  readonly top: number;
  readonly across: number;
  readonly down: number;
  readonly ofBaffle: readonly { readonly id: string; readonly cells: readonly Cell[] }[];
}
const known = new WeakMap<FillMap, Cells>();
function cellsOf(map: FillMap): Cells {
  const found = known.get(map);
  if (found) return found;
  const baffles = drawnBaffles(map);
  const all = baffles.flatMap((b) => b.polygonMm);
  const [left, top] = [Math.min(...all.map((p) => p[0])), Math.min(...all.map((p) => p[1]))];
  const across = Math.ceil((Math.max(...all.map((p) => p[0])) - left) / CELL_MM) + 1;
  const down = Math.ceil((Math.max(...all.map((p) => p[1])) - top) / CELL_MM) + 1;
  const ofBaffle = baffles.map(({ id, polygonMm }) => {
    const xs = polygonMm.map((p) => p[0]);
    const ys = polygonMm.map((p) => p[1]);
    const cells: Cell[] = [];
    for (let y = Math.floor((Math.min(...ys) - top) / CELL_MM); y <= (Math.max(...ys) - top) / CELL_MM; y++)
      for (let x = Math.floor((Math.min(...xs) - left) / CELL_MM); x <= (Math.max(...xs) - left) / CELL_MM; x++) {
        const [mx, my] = [left + (x + 0.5) * CELL_MM, top + (y + 0.5) * CELL_MM];
        if (within(polygonMm, mx, my)) cells.push({ at: y * across + x, x: mx, y: my, rise: toEdge(polygonMm, [mx, my]) });
      }
    return { id, cells };
  });
  const made = { left, top, across, down, ofBaffle };
  known.set(map, made);
  return made;
}
/** What light meets by place, mm. */
function placesOf(map: FillMap, grams: ReadonlyMap<string, number>, scene: Scene): (x: number, y: number) => Place {
  const { left, top, across, down, ofBaffle } = cellsOf(map);
  const places = new Array<Place>(across * down).fill(NOWHERE);
  const lump = clumps(scene.seed + 17);
  const baffles = drawnBaffles(map);
  const whole = baffles.reduce((sum, b) => sum + (grams.get(b.id) ?? 0), 0);
  const perGram = (scene.depth * baffles.reduce((sum, b) => sum + areaMm2(b.polygonMm), 0)) / whole;
  for (const { id, cells } of ofBaffle) {
    const half = Math.max(...cells.map((c) => c.rise));
    const shapes = cells.map(
      (c) => Math.sqrt(1 - (1 - c.rise / half) ** 2) * (scene.law === 'real' ? 1 + 0.3 * lump(c.x / 60, c.y / 60) : 1),
    );
    const sum = shapes.reduce((s, shape) => s + shape, 0) * CELL_MM * CELL_MM;
    cells.forEach((c, n) => {
      const depth = Math.fround((perGram * (grams.get(id) ?? 0) * (shapes[n] as number)) / sum);
      const seam = c.rise < SEAM_MM || places[c.at]?.seam === true;
      places[c.at] = { depth, seam, through: ABSORBS.map((absorbs) => passes(scene.law, depth, absorbs)) };
    });
  }
  return (x, y) => {
    const [cx, cy] = [Math.floor((x - left) / CELL_MM), Math.floor((y - top) / CELL_MM)];
    if (cx < 0 || cy < 0 || cx >= across || cy >= down) return NOWHERE;
    return places[cy * across + cx] ?? NOWHERE;
  };
}

/** A picture of a thing with these grams before this scene's light. */
export function renderLight(map: FillMap, grams: ReadonlyMap<string, number>, scene: Scene): Rendered {
  const { width, height, law } = scene;
  const back = homographyOf(
    scene.corners.map(([x, y]): Point => [x * width, y * height]),
    anchorsOf(map),
  );
  if (!back) throw new RangeError('The corners of a scene must stand apart.');
  const placeAt = scene.bare ? () => NOWHERE : placesOf(map, grams, scene);
  const light = [0, 1, 2].map(() => new Float32Array(width * height));
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const lamp = lampAt(scene, (x + 0.5) / width, (y + 0.5) / height);
      const [mx, my] = seenAt(back, [x + 0.5, y + 0.5]);
      const { depth, seam, through } = placeAt(mx, my);
      const cloth = law === 'real' && seam ? SEAM_PASSES : 1;
      for (let c = 0; c < 3; c++)
        light[c]![y * width + x] = depth < 0 ? lamp : lamp * cloth * (scene.cloth[c] ?? 1) * (through[c] ?? 1);
    }
  const seen = law === 'real' ? light.map((channel) => glow(channel, width, height)) : light;
  const random = seededRandom(scene.seed);
  const written = WRITTEN[law];
  const rgba = new Uint8ClampedArray(width * height * 4);
  for (let n = 0; n < width * height; n++) {
    for (let c = 0; c < 3; c++) {
      const exact = seen[c]![n] as number;
      const grain = law === 'real' ? Math.sqrt(exact * 4e-5 + 9e-7) : 0.002;
      rgba[n * 4 + c] = written(exact + grain * grainOf(random));
    }
    rgba[n * 4 + 3] = 255;
  }
  return { width, height, rgba };
}

/** A little light runs sideways through the fill: a fifth of it is spread over a square around. */
function glow(channel: Float32Array, width: number, height: number): Float32Array {
  const radius = Math.max(1, Math.round(width / 160));
  const rows = new Float32Array(channel.length);
  const out = new Float32Array(channel.length);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let [sum, n] = [0, 0];
      for (let k = Math.max(0, x - radius); k <= Math.min(width - 1, x + radius); k++, n++)
        sum += channel[y * width + k] as number;
      rows[y * width + x] = sum / n;
    }
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let [sum, n] = [0, 0];
      for (let k = Math.max(0, y - radius); k <= Math.min(height - 1, y + radius); k++, n++) sum += rows[k * width + x] as number;
      out[y * width + x] = 0.8 * (channel[y * width + x] as number) + (0.2 * sum) / n;
    }
  return out;
}
