import { writeFileSync } from 'node:fs';
import jpeg from 'jpeg-js';
import { renderLight } from '../demo/light';
import { DEMO_PICTURES, QUILT_SCENE, quiltGrams } from '../demo/pictures';
import { quiltMap } from '../demo/quilt';

/** Makes the pictures of the demo kit anew. */
const QUALITY = 88;
for (const { file, bare } of DEMO_PICTURES) {
  const { width, height, rgba } = renderLight(quiltMap, quiltGrams(), {
    ...QUILT_SCENE,
    bare,
    seed: QUILT_SCENE.seed + Number(bare),
  });
  const { data } = jpeg.encode({ width, height, data: rgba }, QUALITY);
  writeFileSync(`demo/pictures/${file}`, data);
  console.log(`${file}: ${Math.round(data.length / 1000)} kB`);
}
