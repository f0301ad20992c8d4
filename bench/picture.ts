import { readFileSync } from 'node:fs';
import jpeg from 'jpeg-js';

/** The demo's picture against the light, enlarged to 12 MP, as pixels and as a file. */
export function largePicture(): { width: number; height: number; rgba: Uint8ClampedArray; file: Uint8Array } {
  const [width, height] = [3000, 4000];
  const small = jpeg.decode(readFileSync('demo/pictures/quilt-against-light.jpg'), { useTArray: true });
  const rgba = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const from = (Math.floor((y * small.height) / height) * small.width + Math.floor((x * small.width) / width)) * 4;
      rgba.set(small.data.subarray(from, from + 4), (y * width + x) * 4);
    }
  return { width, height, rgba, file: jpeg.encode({ width, height, data: rgba }, 88).data };
}
