/** From a camera's picture to small, linear light: what the sensor counted, not what a screen shows. */

/** Longest side of the reduced picture, px: enough for a baffle of 40 mm in a picture of a quilt. */
const REDUCED_PX = 800;
/** Codes at or above this may be cut off; at or below the other they are mostly noise and flare. */
const CUT_OFF = 250;
const TOO_DARK = 6;

/** Linear light by channel, 0 to 1, averaged over blocks; and the share of each block that was cut off or too dark. */
export interface Reduced {
  readonly width: number;
  readonly height: number;
  /** Reduced px for a px of the picture. */
  readonly scale: number;
  readonly channels: readonly [Float32Array, Float32Array, Float32Array];
  readonly cutOff: Float32Array;
  readonly dark: Float32Array;
}

/** Linear light of an 8-bit code [IEC 61966-2-1, sRGB]. */
const LINEAR = Float32Array.from({ length: 256 }, (_, code) => {
  const c = code / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
});

/** A picture being reduced: it takes rows from the top down, so that a large one never lies in memory twice. */
export class Reducer {
  private readonly block: number;
  private readonly width: number;
  private readonly height: number;
  private readonly sums: [Float32Array, Float32Array, Float32Array];
  private readonly cut: Float32Array;
  private readonly dark: Float32Array;
  /** @param fullWidth @param fullHeight px of the whole picture, ≥ 1. */
  constructor(
    private readonly fullWidth: number,
    fullHeight: number,
  ) {
    if (!(fullWidth >= 1) || !(fullHeight >= 1)) throw new RangeError('A picture has at least one pixel.');
    this.block = Math.max(1, Math.ceil(Math.max(fullWidth, fullHeight) / REDUCED_PX));
    this.width = Math.max(1, Math.floor(fullWidth / this.block));
    this.height = Math.max(1, Math.floor(fullHeight / this.block));
    const size = this.width * this.height;
    this.sums = [new Float32Array(size), new Float32Array(size), new Float32Array(size)];
    this.cut = new Float32Array(size);
    this.dark = new Float32Array(size);
  }

  /** Adds rows. @param rgba four bytes a pixel, whole rows. @param fromRow row of the whole picture that they begin with. */
  add(rgba: Uint8ClampedArray, fromRow: number): void {
    const { block, width, height, fullWidth, cut, dark } = this;
    const [red, green, blue] = this.sums;
    const rows = rgba.length / 4 / fullWidth;
    for (let row = 0; row < rows; row++) {
      const y = Math.floor((fromRow + row) / block);
      if (y >= height) break;
      let at = row * fullWidth * 4;
      for (let x = 0; x < width; x++) {
        const to = y * width + x;
        let [r, g, b, high, low] = [0, 0, 0, 0, 0];
        for (let k = 0; k < block; k++, at += 4) {
          const cr = rgba[at] as number;
          const cg = rgba[at + 1] as number;
          const cb = rgba[at + 2] as number;
          r += LINEAR[cr] as number;
          g += LINEAR[cg] as number;
          b += LINEAR[cb] as number;
          if (cr >= CUT_OFF || cg >= CUT_OFF || cb >= CUT_OFF) high++;
          if (cr <= TOO_DARK && cg <= TOO_DARK && cb <= TOO_DARK) low++;
        }
        red[to]! += r;
        green[to]! += g;
        blue[to]! += b;
        cut[to]! += high;
        dark[to]! += low;
      }
    }
  }

  done(): Reduced {
    const whole = this.block * this.block;
    for (const list of [...this.sums, this.cut, this.dark]) for (let k = 0; k < list.length; k++) list[k]! /= whole;
    return {
      width: this.width,
      height: this.height,
      scale: 1 / this.block,
      channels: this.sums,
      cutOff: this.cut,
      dark: this.dark,
    };
  }
}

/** A whole picture at once. */
export function reduce(rgba: Uint8ClampedArray, width: number, height: number): Reduced {
  const reducer = new Reducer(width, height);
  reducer.add(rgba, 0);
  return reducer.done();
}

/** The value between four neighbours; outside, that of the edge. */
export function sample(values: Float32Array, width: number, height: number, x: number, y: number): number {
  const left = Math.min(Math.max(x - 0.5, 0), width - 1);
  const top = Math.min(Math.max(y - 0.5, 0), height - 1);
  const [x0, y0] = [Math.floor(left), Math.floor(top)];
  const [x1, y1] = [Math.min(x0 + 1, width - 1), Math.min(y0 + 1, height - 1)];
  const [fx, fy] = [left - x0, top - y0];
  const upper = (values[y0 * width + x0] as number) * (1 - fx) + (values[y0 * width + x1] as number) * fx;
  const lower = (values[y1 * width + x0] as number) * (1 - fx) + (values[y1 * width + x1] as number) * fx;
  return upper * (1 - fy) + lower * fy;
}
