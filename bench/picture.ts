import { readFileSync } from 'node:fs';
import jpeg from 'jpeg-js';

interface Large {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray;
  readonly file: Uint8Array;
}
/** A picture enlarged, as pixels and as a file. @param width @param height px of the large one. */
export function enlarged(picture: Uint8Array, width: number, height: number): Large {
  const small = jpeg.decode(picture, { useTArray: true });
  const rgba = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const from = (Math.floor((y * small.height) / height) * small.width + Math.floor((x * small.width) / width)) * 4;
      rgba.set(small.data.subarray(from, from + 4), (y * width + x) * 4);
    }
  return { width, height, rgba, file: jpeg.encode({ width, height, data: rgba }, 88).data };
}
/** The demo's picture against the light, enlarged to 12 MP. */
export const largePicture = (): Large => enlarged(readFileSync('demo/pictures/quilt-against-light.jpg'), 3000, 4000);
