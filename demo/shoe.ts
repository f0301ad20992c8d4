import { deltaE76, labOf, type Lab, WHITE, yellowness } from '../src/core/colour';
import { homographyOf, type Point, seenAt } from '../src/core/picture';
import { eightBits, encode, grainOf } from './camera';
import { toEdge } from './outline';
import { seededRandom } from '../src/core/units/seeded';
import { xyzOf, type Rgb } from '../src/core/colour/spaces';

/*
 * Makes pictures of a shoe on a white sheet, with colours that are known. `plain` follows what the estimator assumes: light that only scales the three
 * channels, changing smoothly, and a camera that sees as an eye does. `real` does not: spectra, a window and a lamp from different sides, a camera of its
 * own sensitivities that half corrects the light, its tone curve, veiling glare, corners that darken, grain and eight bits.
 */
export interface ShoeScene {
  readonly width: number;
  readonly height: number;
  readonly law: 'plain' | 'real';
  readonly seed: number;
  /** How yellow the rubber of toe and rim is, 0 to 1. */
  readonly yellowed: number;
  /** The upper. */
  readonly cloth: keyof typeof CLOTHS;
  /** Where the corners of the drawing are seen, 0 to 1, clockwise from the upper left. */
  readonly corners: readonly Point[];
  /** Colour temperature of the lamp, K, and its share of the light. */
  readonly lampK: number;
  readonly lampShare: number;
  /** 1 = the sheet comes out at four fifths of white. */
  readonly exposure: number;
}

const BANDS = Array.from({ length: 31 }, (_, n) => 400 + 10 * n);
/** Relative spectral power of D65 at 400–700 nm, step 10 nm [ISO/CIE 11664-2], from memory. */
const D65 = [
  82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.8, 104.79, 107.69, 104.41, 104.05, 100,
  96.33, 95.79, 88.69, 90.01, 89.6, 87.7, 83.29, 83.7, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61,
] as const;
const bell = (at: number, middle: number, left: number, right: number): number =>
  Math.exp(-0.5 * ((at - middle) / (at < middle ? left : right)) ** 2);
/** The 2° observer, multi-lobe fit [Wyman, Sloan & Shirley 2013, Journal of Computer Graphics Techniques 2(2)], from memory. */
const OBSERVER = BANDS.map((nm): [number, number, number] => [
  1.056 * bell(nm, 599.8, 37.9, 31) + 0.362 * bell(nm, 442, 16, 26.7) - 0.065 * bell(nm, 501.1, 20.4, 26.2),
  0.821 * bell(nm, 568.8, 46.9, 40.5) + 0.286 * bell(nm, 530.9, 16.3, 31.1),
  1.217 * bell(nm, 437, 11.8, 36) + 0.681 * bell(nm, 459, 26, 13.8),
]);
type Spectrum = readonly number[];
const white: Spectrum = BANDS.map(() => 1);
const xyzUnder = (light: Spectrum, reflected: Spectrum): [number, number, number] => {
  const sum = (k: 0 | 1 | 2): number => light.reduce((s, l, n) => s + l * (reflected[n] ?? 0) * (OBSERVER[n]?.[k] ?? 0), 0);
  return [sum(0), sum(1), sum(2)];
};
/** The colour that a surface has under D65, its white as the estimator's. */
function labUnderD65(reflected: Spectrum): Lab {
  const [x, y, z] = xyzUnder(D65, reflected);
  const [wx, wy, wz] = xyzUnder(D65, white);
  return labOf([(WHITE[0] * x) / wx, y / wy, (WHITE[2] * z) / wz]);
}
/** Rubber that air and light have yellowed: what it swallows grows towards the blue. */
const rubber = (yellowed: number): Spectrum =>
  BANDS.map((nm) => 0.8 - 0.03 * yellowed - (0.04 + 0.42 * yellowed) * Math.exp(-(nm - 400) / 65));
const edge = (from: number, to: number, at: number, wide: number): Spectrum =>
  BANDS.map((nm) => from + (to - from) / (1 + Math.exp(-(nm - at) / wide)));
export const CLOTHS = {
  natural: edge(0.52, 0.74, 470, 45),
  red: edge(0.05, 0.5, 600, 12),
  navy: edge(0.09, 0.03, 500, 20),
  green: BANDS.map((nm) => 0.05 + 0.25 * bell(nm, 530, 35, 40)),
} as const;
const PAPER: Spectrum = BANDS.map((nm) => 0.87 - 0.05 * Math.exp(-(nm - 400) / 18));
const TABLE: Spectrum = edge(0.1, 0.32, 570, 50);
const SOLE: Spectrum = BANDS.map(() => 0.06);

/** Planck's law, one at 560 nm. */
const black = (K: number): Spectrum => {
  const at = (nm: number): number => 1 / (nm ** 5 * (Math.exp(1.4388e7 / (nm * K)) - 1));
  return BANDS.map((nm) => at(nm) / at(560));
};
const level = (s: Spectrum): Spectrum => s.map((v) => v / (s[16] ?? 1));

/* The drawing, 1000 wide and 700 high: the sheet fills it but for a rim of table. */
const oval = (cx: number, cy: number, rx: number, ry: number): Point[] =>
  Array.from({ length: 40 }, (_, n) => [cx + rx * Math.cos((n * Math.PI) / 20), cy + ry * Math.sin((n * Math.PI) / 20)]);
export const DRAWN = { width: 1000, height: 700 } as const;
const SHEET: Point[] = [
  [60, 50],
  [940, 70],
  [925, 650],
  [75, 640],
];
const UPPER: Point[] = [
  [200, 430],
  [205, 260],
  [300, 235],
  [370, 320],
  [560, 370],
  [640, 430],
];
const RIM: Point[] = [
  [190, 430],
  [800, 430],
  [815, 470],
  [790, 500],
  [200, 500],
  [180, 470],
];
const TREAD: Point[] = [
  [200, 500],
  [790, 500],
  [780, 515],
  [205, 515],
];
const TOE = oval(715, 435, 92, 62);
/** Where each part is met, in the drawing. */
export const PLACES = { toe: [715, 415], rim: [420, 466], upper: [300, 350] } as const satisfies Readonly<Record<string, Point>>;
export type ShoePlace = keyof typeof PLACES;

/** Whether a place lies within an outline; what lies beside all of its corners does not. */
const insideOf = (outline: readonly Point[]): ((p: Point) => boolean) => {
  const [xs, ys] = [outline.map((p) => p[0]), outline.map((p) => p[1])];
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  return ([x, y]) => {
    if (x < left || x > right || y < top || y > bottom) return false;
    let inside = false;
    outline.forEach(([ax, ay], n) => {
      const [bx, by] = outline[(n + 1) % outline.length] as Point;
      if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside;
    });
    return inside;
  };
};
type Part = 'table' | 'paper' | 'cloth' | 'rubber' | 'sole';
/** What lies on what, the uppermost first. */
const LYING: readonly (readonly [Part, (p: Point) => boolean])[] = (
  [
    ['rubber', TOE],
    ['rubber', RIM],
    ['sole', TREAD],
    ['cloth', UPPER],
    ['paper', SHEET],
  ] as const
).map(([part, outline]) => [part, insideOf(outline)]);
const partAt = (p: Point): Part => LYING.find(([, lies]) => lies(p))?.[0] ?? 'table';
/** The drawing in cells, worked out once: what lies there, and how much the thing shades it. */
const CELL = 2;
interface Cell {
  readonly part: Part;
  readonly shade: number;
}
const OUTSIDE: Cell = { part: 'table', shade: 1 };
let cells: readonly Cell[] | null = null;
function cellAt([x, y]: Point): Cell {
  const across = DRAWN.width / CELL;
  cells ??= Array.from({ length: across * (DRAWN.height / CELL) }, (_, n): Cell => {
    const p: Point = [((n % across) + 0.5) * CELL, (Math.floor(n / across) + 0.5) * CELL];
    const part = partAt(p);
    return { part, shade: part === 'paper' ? 1 - 0.35 * Math.exp(-toEdge(RIM, p) / 22) : 1 };
  });
  const [i, j] = [Math.floor(x / CELL), Math.floor(y / CELL)];
  return i < 0 || j < 0 || i >= across || j >= DRAWN.height / CELL ? OUTSIDE : (cells[j * across + i] ?? OUTSIDE);
}
const surfaceOf = (part: Part, { yellowed, cloth }: Pick<ShoeScene, 'yellowed' | 'cloth'>): Spectrum =>
  ({ table: TABLE, paper: PAPER, cloth: CLOTHS[cloth], rubber: rubber(yellowed), sole: SOLE })[part];

/** The colour and yellowness that a part truly has. */
export function truthOf(place: ShoePlace, scene: Pick<ShoeScene, 'yellowed' | 'cloth'>): { lab: Lab; yellow: number } {
  const reflected = surfaceOf(partAt(PLACES[place]), scene);
  const [x, y, z] = xyzUnder(D65, reflected);
  const [wx, wy, wz] = xyzUnder(D65, white);
  return { lab: labUnderD65(reflected), yellow: yellowness([(WHITE[0] * x) / wx, y / wy, (WHITE[2] * z) / wz]) };
}
export const truthBetween = (place: ShoePlace, a: ShoeScene, b: ShoeScene): number =>
  deltaE76(truthOf(place, a).lab, truthOf(place, b).lab);

const RGB_OF_XYZ = inverse([xyzOf([1, 0, 0]), xyzOf([0, 1, 0]), xyzOf([0, 0, 1])]);
/** Of a matrix given by its columns. */
function inverse([a, b, c]: readonly [Rgb, Rgb, Rgb]): [Rgb, Rgb, Rgb] {
  const cross = (u: Rgb, v: Rgb): Rgb => [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
  const det = a[0] * cross(b, c)[0] + a[1] * cross(b, c)[1] + a[2] * cross(b, c)[2];
  const scale = (v: Rgb): Rgb => [v[0] / det, v[1] / det, v[2] / det];
  return [scale(cross(b, c)), scale(cross(c, a)), scale(cross(a, b))];
}
const times = (rows: readonly [Rgb, Rgb, Rgb], v: Rgb): Rgb =>
  rows.map((r) => r[0] * v[0] + r[1] * v[1] + r[2] * v[2]) as unknown as Rgb;

/** A camera's own eyes: broader and elsewhere than the observer's. */
const CAMERA = BANDS.map((nm): Rgb => [bell(nm, 602, 36, 32), bell(nm, 535, 40, 38), bell(nm, 462, 26, 30)]);
const caught = (light: Spectrum, reflected: Spectrum): Rgb => {
  const sum = (k: 0 | 1 | 2): number => light.reduce((s, l, n) => s + l * (reflected[n] ?? 0) * (CAMERA[n]?.[k] ?? 0), 0);
  return [sum(0), sum(1), sum(2)];
};
/** The maker's matrix of this camera: best for a set of usual surfaces under D65, white kept white. */
const DEVELOP = ((): [Rgb, Rgb, Rgb] => {
  const samples = [white, ...Object.values(CLOTHS), TABLE, rubber(0.3), edge(0.6, 0.08, 520, 25), edge(0.08, 0.75, 520, 15)];
  const [wr, wg, wb] = caught(D65, white);
  const seen = samples.map((s) => {
    const [r, g, b] = caught(D65, s);
    return [r / wr, g / wg, b / wb] as const;
  });
  const [wx, wy, wz] = xyzUnder(D65, white);
  const goal = samples.map((s) => {
    const [x, y, z] = xyzUnder(D65, s);
    return times(RGB_OF_XYZ, [(WHITE[0] * x) / wx, y / wy, (WHITE[2] * z) / wz]);
  });
  return [0, 1, 2].map((k): Rgb => {
    // Two free factors a row; the third keeps white white.
    let [aa, ab, bb, ay, by] = [0, 0, 0, 0, 0];
    seen.forEach((s, n) => {
      const [u, v, y] = [s[0] - s[2], s[1] - s[2], (goal[n]?.[k] ?? 0) - s[2]];
      aa += u * u;
      ab += u * v;
      bb += v * v;
      ay += u * y;
      by += v * y;
    });
    const det = aa * bb - ab * ab;
    const [p, q] = [(ay * bb - by * ab) / det, (by * aa - ay * ab) / det];
    return [p, q, 1 - p - q];
  }) as [Rgb, Rgb, Rgb];
})();

/** A camera's curve: middle tones lifted, deep ones and highlights pressed. */
const bent = (code: number): number =>
  code + 0.03 * Math.sin(Math.PI * Math.min(1, code)) - 0.014 * Math.sin(2 * Math.PI * Math.min(1, code));
const WRITTEN = { plain: eightBits(encode), real: eightBits((light) => bent(encode(light))) } as const;

export interface Rendered {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray;
}
/** Where a place of the drawing is seen, 0 to 1. */
export function seenIn({ corners }: Pick<ShoeScene, 'corners'>, place: Point): Point {
  const h = homographyOf(
    [
      [0, 0],
      [DRAWN.width, 0],
      [DRAWN.width, DRAWN.height],
      [0, DRAWN.height],
    ],
    corners,
  );
  if (!h) throw new RangeError('The corners of a scene must stand apart.');
  return seenAt(h, place);
}

/** What three channels a part gives under each of the two lights. */
function seenColours(scene: ShoeScene): Readonly<Record<Part, readonly [Rgb, Rgb]>> {
  const parts: readonly Part[] = ['table', 'paper', 'cloth', 'rubber', 'sole'];
  const window = level(D65);
  const lamp = black(scene.lampK);
  const of = (part: Part): readonly [Rgb, Rgb] => {
    const reflected = surfaceOf(part, scene);
    if (scene.law === 'plain') {
      const [x, y, z] = xyzUnder(D65, reflected);
      const [wx, wy, wz] = xyzUnder(D65, white);
      const day = times(RGB_OF_XYZ, [(WHITE[0] * x) / wx, y / wy, (WHITE[2] * z) / wz]);
      const day65 = times(RGB_OF_XYZ, xyzUnder(window, white));
      const tint = times(RGB_OF_XYZ, xyzUnder(lamp, white)).map((v, k) => Math.max(0.15, v / (day65[k] ?? 1)));
      const top = Math.max(...tint);
      return [day, day.map((v, k) => (v * (tint[k] ?? 1)) / top) as unknown as Rgb];
    }
    // The camera corrects the mixture by seven tenths, and takes the rest for daylight.
    const mixed = caught(
      window.map((w, n) => w * (1 - scene.lampShare) + (lamp[n] ?? 0) * scene.lampShare),
      white,
    );
    const day = caught(D65, white);
    const gain = mixed.map((m, k) => m ** -0.7 * (day[k] ?? 1) ** -0.3);
    const raw = (light: Spectrum): Rgb =>
      times(DEVELOP, caught(light, reflected).map((v, k) => v * (gain[k] ?? 1)) as unknown as Rgb);
    return [raw(window), raw(lamp)];
  };
  return Object.fromEntries(parts.map((part) => [part, of(part)])) as Record<Part, readonly [Rgb, Rgb]>;
}

/** A picture of the shoe under this scene's light. */
export function renderShoe(scene: ShoeScene): Rendered {
  const { width, height, law, lampShare } = scene;
  const back = homographyOf(
    scene.corners.map(([x, y]): Point => [x * width, y * height]),
    [
      [0, 0],
      [DRAWN.width, 0],
      [DRAWN.width, DRAWN.height],
      [0, DRAWN.height],
    ],
  );
  if (!back) throw new RangeError('The corners of a scene must stand apart.');
  const colours = seenColours(scene);
  const random = seededRandom(scene.seed);
  const side = random() < 0.5 ? 1 : -1;
  const [lx, ly] = [0.5 - side * (0.5 + 0.4 * random()), -0.3 - 0.5 * random()];
  const rgba = new Uint8ClampedArray(width * height * 4);
  const linear = new Float32Array(width * height * 3);
  const paper = colours.paper;
  const top = Math.max(...paper[0].map((v, k) => v * (1 - lampShare) + (paper[1][k] ?? 0) * lampShare));
  const scale = (0.8 * scene.exposure) / top;
  let mean = 0;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [(x + 0.5) / width, (y + 0.5) / height];
      const place = seenAt(back, [x + 0.5, y + 0.5]);
      // The thing shades the sheet beside it.
      const { part, shade } = cellAt(place);
      let [w, l] = [1 - lampShare, lampShare];
      if (law === 'plain') {
        const slope = Math.exp(0.35 * side * (u - 0.5) + 0.2 * (v - 0.5) - 0.3 * (u - 0.5) ** 2);
        [w, l] = [w * slope, l * slope];
      } else {
        const far = (cx: number, cy: number, d: number): number => (1 + ((u - cx) ** 2 + (v - cy) ** 2) / d ** 2) ** -1.5;
        const corner = (1 + 0.12 * ((u - 0.5) ** 2 + (v - 0.5) ** 2)) ** -2;
        w *= far(lx, ly, 1.9) * corner;
        l *= far(1 - lx, 0.2, 1.5) * corner;
      }
      for (let k = 0; k < 3; k++) {
        const value = scale * shade * ((colours[part][0][k] ?? 0) * w + (colours[part][1][k] ?? 0) * l);
        linear[(y * width + x) * 3 + k] = value;
        mean += value / (width * height * 3);
      }
    }
  const veil = law === 'real' ? 0.006 * mean : 0;
  const written = WRITTEN[law];
  for (let n = 0; n < width * height; n++) {
    for (let k = 0; k < 3; k++) {
      const exact = Math.max(0, (linear[n * 3 + k] as number) + veil);
      const grain = law === 'real' ? Math.sqrt(exact * 6e-5 + 2e-6) : 0.002;
      rgba[n * 4 + k] = written(Math.max(0, exact + grain * grainOf(random)));
    }
    rgba[n * 4 + 3] = 255;
  }
  return { width, height, rgba };
}
