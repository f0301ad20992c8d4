/** The light without the thing: how bright it would be at each place of the picture, lamp and lens together. */
import { type LitPlace, type Point, type Reduced, sample, surfaceOf } from '../../picture';

/** Light at a place of the picture, 0 to 1 across and down, in linear units of one channel. */
export type Lamp = (x: number, y: number) => number;
export interface LampFit {
  readonly lamp: Lamp;
  /** How far the bare places lie from it, as a share. */
  readonly off: number;
  readonly from: 'picture' | 'around';
}

/** As much of a surface as the places can carry. */
const surface = (places: readonly LitPlace[]): Lamp | null =>
  surfaceOf(places, places.length >= 12 ? 'bent' : places.length >= 5 ? 'sloped' : 'flat');

/** Places this much darker than the surface are a hand, a hook or the thing itself. */
const SHADED = 0.85;
/** Fewer bare places than this tell nothing. */
const LEAST_BARE = 3;
/** Fits the lamp to bare places, leaving out again and again what is shaded. Null when too few are left. */
export function lampAround(places: readonly LitPlace[]): LampFit | null {
  let kept = places.filter(({ light }) => light > 0);
  // Begin from the bright half: what is dark around the thing is not the lamp.
  const bright = kept.map((p) => p.light).sort((a, b) => b - a)[Math.floor(kept.length / 4)] ?? 0;
  kept = kept.filter(({ light }) => light > bright / 4);
  for (let round = 0; round < 6; round++) {
    if (kept.length < LEAST_BARE) return null;
    const lamp = surface(kept);
    if (!lamp) return null;
    const next = kept.filter(({ x, y, light }) => light > lamp(x, y) * SHADED);
    if (next.length === kept.length) {
      const off = Math.sqrt(kept.reduce((sum, { x, y, light }) => sum + Math.log(light / lamp(x, y)) ** 2, 0) / kept.length);
      return { lamp, off, from: 'around' };
    }
    kept = next;
  }
  return null;
}

/** Bare light that surrounds a thing in its picture. @param edge its outline, in px of the reduced picture. */
export function bareAround(picture: Reduced, channel: Float32Array, edge: readonly Point[]): LitPlace[] {
  const { width, height } = picture;
  const middle: Point = [edge.reduce((s, p) => s + p[0], 0) / edge.length, edge.reduce((s, p) => s + p[1], 0) / edge.length];
  const places: LitPlace[] = [];
  const PER_SIDE = 14;
  for (const out of [1.06, 1.1, 1.15])
    edge.forEach((a, n) => {
      const b = edge[(n + 1) % edge.length] as Point;
      for (let k = 0; k < PER_SIDE; k++) {
        const at = k / PER_SIDE;
        const x = middle[0] + (a[0] + (b[0] - a[0]) * at - middle[0]) * out;
        const y = middle[1] + (a[1] + (b[1] - a[1]) * at - middle[1]) * out;
        if (x < 2 || y < 2 || x > width - 2 || y > height - 2) continue;
        if (sample(picture.cutOff, width, height, x, y) > 0.2) continue;
        places.push({ x: x / width, y: y / height, light: sample(channel, width, height, x, y) });
      }
    });
  return places;
}

/** The lamp from a picture of the light alone, taken from the same place: smoothed, so that its grain does not count twice. */
export function lampFrom(alone: Reduced, channel: number): LampFit {
  const { width, height } = alone;
  const radius = Math.max(1, Math.round(Math.max(width, height) / 60));
  const smooth = blur(blur(alone.channels[channel] as Float32Array, width, height, radius), width, height, radius);
  return { lamp: (x, y) => sample(smooth, width, height, x * width, y * height), off: 0, from: 'picture' };
}

/** Mean over a square of 2·radius + 1; at the edges over what there is. */
export function blur(values: Float32Array, width: number, height: number, radius: number): Float32Array {
  const across = new Float32Array(values.length);
  const out = new Float32Array(values.length);
  line(values, across, height, width, width, 1, radius);
  line(across, out, width, height, 1, width, radius);
  return out;
}
/** Running mean along lines. @param far entries between lines. @param near entries between neighbours of one line. */
function line(
  from: Float32Array,
  to: Float32Array,
  lines: number,
  length: number,
  far: number,
  near: number,
  radius: number,
): void {
  for (let n = 0; n < lines; n++) {
    const start = n * far;
    let sum = 0;
    let count = 0;
    for (let k = 0; k < Math.min(radius, length); k++) {
      sum += from[start + k * near] as number;
      count++;
    }
    for (let k = 0; k < length; k++) {
      if (k + radius < length) {
        sum += from[start + (k + radius) * near] as number;
        count++;
      }
      if (k - radius - 1 >= 0) {
        sum -= from[start + (k - radius - 1) * near] as number;
        count--;
      }
      to[start + k * near] = sum / count;
    }
  }
}
