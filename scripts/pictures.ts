import { writeFileSync } from 'node:fs';
import jpeg from 'jpeg-js';
import { renderDrops } from '../demo/drops';
import { renderLight } from '../demo/light';
import { DROP_SCENES, QUILT_SCENE, quiltGrams, SHOE_SCENES, shoeMarks } from '../demo/pictures';
import { quiltMap } from '../demo/quilt';
import { renderShoe } from '../demo/shoe';
import { readColours } from '../src/core/colour';
import { reduce } from '../src/core/picture';

/** Makes the pictures of the demo kit anew, and what is read off them. */
const QUALITY = 88;
function keep(file: string, picture: { width: number; height: number; rgba: Uint8ClampedArray }): Uint8ClampedArray {
  const { data } = jpeg.encode({ width: picture.width, height: picture.height, data: picture.rgba }, QUALITY);
  writeFileSync(`demo/pictures/${file}`, data);
  console.log(`${file}: ${Math.round(data.length / 1000)} kB`);
  return new Uint8ClampedArray(jpeg.decode(data).data);
}
for (const [file, bare] of [
  ['quilt-against-light.jpg', false],
  ['light-alone.jpg', true],
] as const)
  keep(file, renderLight(quiltMap, quiltGrams(), { ...QUILT_SCENE, bare, seed: QUILT_SCENE.seed + Number(bare) }));
for (const scene of DROP_SCENES) keep(scene.file, renderDrops(scene));
const short = (value: unknown): unknown =>
  JSON.parse(JSON.stringify(value, (_, v: unknown) => (typeof v === 'number' ? Number(v.toPrecision(5)) : v)));
const colours = SHOE_SCENES.map((scene) => {
  const { width, height } = scene;
  const marks = shoeMarks(scene);
  const read = readColours(reduce(keep(scene.file, renderShoe(scene)), width, height), marks);
  if (read.status !== 'read') throw new Error(`${scene.file}: ${read.status}`);
  return short({ marks, readings: read.readings });
});
writeFileSync(
  // Read by demo/pictures.ts.
  'demo/shoe-colours.json',
  `${JSON.stringify(colours)}\n`,
);
