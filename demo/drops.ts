/**
 * Pictures of cloth on which drops fell, drawn by another law than the one by which they are read: each drop soaks in by its own amount; wet
 * cloth is as dark as Ångström's law of inner reflection makes it; a lamp falls off with the square of its distance, a lens darkens its corners,
 * a camera counts with noise.
 */
import { seededRandom } from '../src/core/units/seeded';
import { eightBits, encode, grainOf } from './camera';

export interface DropScene {
  readonly width: number;
  readonly height: number;
  readonly seed: number;
  /** 0 to 5: what was done to the cloth. */
  readonly grade: number;
  /** Linear reflectance of the dry cloth, red, green, blue. */
  readonly cloth: readonly [number, number, number];
  /** Depth of the weave, as a share. */
  readonly weave: number;
  readonly drops: number;
  /** Radius of a drop, as a share of the wetted place’s width. */
  readonly radius: number;
  /** Full-scale exposure of dry cloth, about. */
  readonly exposure: number;
  readonly noise: number;
  /** Standard deviation of a blur, px; 0 = in focus. */
  readonly blur: number;
  /** A patch of glare, as a share of the place’s width; 0 = none. */
  readonly glare: number;
}
/** Two opposite corners of the wetted place and of the dry one, 0 to 1. */
export const DROP_PLACES = {
  dry: [
    [0.03, 0.08],
    [0.26, 0.92],
  ],
  wet: [
    [0.32, 0.06],
    [0.97, 0.94],
  ],
} as const;

/** Refractive index of water: wet cloth as dark as inner reflection makes it [Ångström, 1925, Geografiska Annaler 7]. */
const WATER_N = 1.333;
const wetAlbedo = (dry: number): number => dry / (WATER_N ** 2 * (1 - dry) + dry);
const SUPER = 1.2;

interface Disc {
  readonly x: number;
  readonly y: number;
  readonly r: number;
  /** Rim that runs out along the weave. */
  readonly lobes: readonly number[];
  readonly stretch: number;
}
/** How far outside its rim a point lies, in px; negative within. */
function outside(d: Disc, x: number, y: number): number {
  const [dx, dy] = [(x - d.x) / d.stretch, (y - d.y) * d.stretch];
  const angle = Math.atan2(dy, dx);
  let rim = d.r;
  d.lobes.forEach((lobe, k) => (rim += d.r * lobe * Math.cos((k + 2) * angle + lobe * 40)));
  return Math.hypot(dx, dy) - rim;
}

/** False where it surely does not reach. */
const near = (d: Disc, x: number, y: number): boolean => Math.abs(x - d.x) < 2 * d.r + 12 && Math.abs(y - d.y) < 2 * d.r + 12;

/** What of the cloth is wet, and the pearls that lie on it, in px. */
function wettedOf(
  scene: DropScene,
  random: () => number,
): { readonly wet: Disc[]; readonly islands: Disc[]; readonly pearls: Disc[] } {
  const between = (low: number, high: number): number => low + (high - low) * random();
  const [[ax, ay], [bx, by]] = DROP_PLACES.wet;
  const [x0, x1, y0, y1] = [ax * scene.width, bx * scene.width, ay * scene.height, by * scene.height];
  const r = scene.radius * (x1 - x0);
  const disc = (x: number, y: number, size: number, ragged: number): Disc => ({
    x,
    y,
    r: size,
    lobes: Array.from({ length: 4 }, () => between(-ragged, ragged)),
    stretch: between(0.92, 1.09),
  });
  // Drops fall apart from each other, as a careful hand lets them.
  const fell: { x: number; y: number }[] = [];
  for (let tries = 0; fell.length < scene.drops && tries < 4000; tries++) {
    const at = { x: between(x0 + 2 * r, x1 - 2 * r), y: between(y0 + 2 * r, y1 - 2 * r) };
    if (fell.every((o) => Math.hypot(o.x - at.x, o.y - at.y) > 3.2 * r)) fell.push(at);
  }
  const at = (spread: readonly [number, number], ragged: number): Disc[] =>
    fell.map((f) => disc(f.x, f.y, r * between(...spread), ragged));
  switch (scene.grade) {
    case 5:
      return { wet: [], islands: [], pearls: at([0.85, 1.15], 0.02) };
    case 4: {
      const specks = Array.from({ length: Math.round(between(3, 9)) }, () =>
        disc(between(x0 + r, x1 - r), between(y0 + r, y1 - r), r * between(0.18, 0.4), 0.1),
      );
      const pearls = at([0.85, 1.15], 0.02).filter((p) => specks.every((s) => Math.hypot(s.x - p.x, s.y - p.y) > 2 * r));
      return { wet: specks, islands: [], pearls };
    }
    case 3: {
      const pearling = Math.floor(between(0, 2.5));
      return { wet: at([0.85, 1.25], 0.06).slice(pearling), islands: [], pearls: at([0.85, 1.15], 0.02).slice(0, pearling) };
    }
    case 2:
      return {
        wet: [
          ...at([1.7, 3], 0.14),
          // It runs on along the cloth, from one to the next.
          ...fell
            .slice(1)
            .map((f, n) => disc((f.x + (fell[n]?.x ?? f.x)) / 2, (f.y + (fell[n]?.y ?? f.y)) / 2, r * between(1, 2.6), 0.2)),
        ],
        islands: [],
        pearls: [],
      };
    default:
      return {
        wet: [disc((x0 + x1) / 2, (y0 + y1) / 2, x1 - x0, 0)],
        islands: Array.from({ length: Math.floor(between(0, 4)) }, () =>
          disc(between(x0, x1), between(y0, y1), r * between(0.4, 1.6), 0.15),
        ),
        pearls: [],
      };
  }
}

/** 0 to 1 over a soft rim. */
const soft = (distance: number, width: number): number => 1 / (1 + Math.exp(distance / width));
/** The picture as a camera writes it, eight bits a channel. */
export function renderDrops(scene: DropScene): {
  readonly rgba: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
} {
  const { width, height } = scene;
  const random = seededRandom(scene.seed);
  const between = (low: number, high: number): number => low + (high - low) * random();
  const normal = (): number => grainOf(random);
  const { wet, islands, pearls } = wettedOf(scene, random);
  const [[ax, ay], [bx, by]] = DROP_PLACES.wet;
  const rim = Math.max(1, 0.0025 * width);
  const lamp = { x: between(-0.5, 1.5) * width, y: -0.3 * height, z: between(1.4, 2.6) * width };
  const toLamp = Math.atan2(lamp.y - height / 2, lamp.x - width / 2);
  const [warp, weft] = [between(2.2, 4.5), between(2.2, 4.5)];
  const glare = { x: (ax + (bx - ax) * 0.55) * width, y: (ay + (by - ay) * 0.45) * height, r: scene.glare * (bx - ax) * width };
  const level = (x: number, y: number): number => {
    const d2 = ((x - lamp.x) ** 2 + (y - lamp.y) ** 2 + lamp.z ** 2) / lamp.z ** 2;
    const off = Math.hypot(x - width / 2, y - height / 2) / width;
    return (0.35 + 0.65 / d2) / (1 + 0.35 * off ** 2) ** 2;
  };
  const middle = level(width * 0.15, height / 2);
  const planes = [0, 1, 2].map(() => new Float32Array(width * height));
  const most = Math.max(...scene.cloth);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const inWet = x > ax * width && x < bx * width && y > ay * height && y < by * height;
      let share = 0;
      if (inWet) {
        for (const d of wet) if (near(d, x, y)) share = Math.max(share, soft(outside(d, x, y), rim));
        for (const d of islands) if (near(d, x, y)) share = Math.min(share, 1 - soft(outside(d, x, y), rim));
      }
      const threads =
        1 + scene.weave * (0.5 * Math.sin((2 * Math.PI * x) / warp) + 0.5 * Math.sin((2 * Math.PI * y) / weft) + 0.4 * normal());
      let [lens, shine] = [1, 0];
      for (const p of pearls) {
        if (!near(p, x, y)) continue;
        const [dx, dy] = [(x - p.x) / p.r, (y - p.y) / p.r];
        const rho = Math.hypot(dx, dy);
        const towards = dx * Math.cos(toLamp) + dy * Math.sin(toLamp);
        if (rho < 1) {
          // Towards the lamp its inside is darker, away from it the light gathers; its rim bends light away.
          lens *= (1 - 0.35 * towards) * (1 - 0.4 * Math.max(0, rho - 0.75) * 4 * 0.5);
          const mirror = Math.hypot(dx - 0.42 * Math.cos(toLamp), dy - 0.42 * Math.sin(toLamp));
          shine += 1.8 * Math.exp(-((mirror / 0.16) ** 2));
        } else if (rho < 1.5 && towards < 0) lens *= 1 - 0.35 * (1.5 - rho) * -towards;
      }
      if (glare.r > 0) shine += 3 * Math.exp(-((((x - glare.x) ** 2 + (y - glare.y) ** 2) / glare.r ** 2) ** 2));
      const light = (level(x, y) / middle) * lens;
      for (let k = 0; k < 3; k++) {
        const dry = (scene.cloth[k] as number) * threads;
        const albedo = dry + share * (wetAlbedo(Math.min(0.95, dry)) - dry);
        planes[k]![y * width + x] = scene.exposure * ((albedo / most) * light + shine);
      }
    }
  const rgba = new Uint8ClampedArray(width * height * 4).fill(255);
  planes.forEach((plane, k) => {
    const seen = scene.blur > 0 ? blurred(plane, width, height, scene.blur) : plane;
    for (let n = 0; n < seen.length; n++) {
      const counted = (seen[n] as number) + scene.noise * normal() * Math.sqrt(0.02 + Math.max(0, seen[n] as number));
      rgba[n * 4 + k] = written(counted);
    }
  });
  return { rgba, width, height };
}
const written = eightBits(encode);
/** Three box blurs, which are near a Gaussian one. */
function blurred(plane: Float32Array, width: number, height: number, sd: number): Float32Array {
  const half = Math.max(1, Math.round(sd * SUPER));
  let now = plane;
  for (let round = 0; round < 3; round++)
    for (const [step, along, across, by] of [
      [1, width, height, width],
      [width, height, width, 1],
    ] as const) {
      const next = new Float32Array(now.length);
      for (let line = 0; line < across; line++) {
        const at = (k: number): number => now[line * by + Math.min(along - 1, Math.max(0, k)) * step] as number;
        let sum = 0;
        for (let k = -half; k <= half; k++) sum += at(k);
        for (let k = 0; k < along; k++) {
          next[line * by + k * step] = sum / (2 * half + 1);
          sum += at(k + half + 1) - at(k - half);
        }
      }
      now = next;
    }
  return now;
}
