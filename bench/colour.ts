import { readFileSync } from 'node:fs';
import jpeg from 'jpeg-js';
import { SHOE_SCENES, shoeMarks } from '../demo/pictures';
import { coloursIn, readColours } from '../src/core/colour';
import { reduce } from '../src/core/picture';
import { at, differencesOf } from '../tests/colour-cases';
import { gradesRead } from '../tests/drop-cases';
import { enlarged } from './picture';

/* Colours: a 12 MP picture read beside its own decoding; the errors on more made pictures than the tests have time for. */
const AIM_MS = 1500;
const [scene] = SHOE_SCENES;
if (!scene) throw new Error('no scene');
const { width, height, rgba, file } = enlarged(readFileSync(`demo/pictures/${scene.file}`), 4000, 2800);
let [ours, decode] = [Infinity, Infinity];
for (let n = 0; n < 3; n++) {
  const from = performance.now();
  readColours(reduce(rgba, width, height), shoeMarks(scene));
  const read = performance.now();
  jpeg.decode(file, { useTArray: true });
  ours = Math.min(ours, read - from);
  decode = Math.min(decode, performance.now() - read);
}
console.log(
  `colours of 11 MP: ${ours.toFixed(0)} ms, ${(ours / AIM_MS).toFixed(2)} × the aim of ${AIM_MS}; ${(ours / decode).toFixed(2)} × decoding it (jpeg-js, ${decode.toFixed(0)} ms)`,
);
/* A letter under a hand: each step of it is read. */
const marks = shoeMarks(scene);
const small = reduce(rgba, width, height);
const again = coloursIn(small);
let [anew, moved] = [Infinity, Infinity];
for (let n = 0; n < 20; n++) {
  const spots = marks.spots.map((spot) => ({ ...spot, at: [spot.at[0] + 0.001 * n, spot.at[1]] as const }));
  const from = performance.now();
  readColours(small, { ...marks, spots });
  const read = performance.now();
  again({ ...marks, spots });
  anew = Math.min(anew, read - from);
  moved = Math.min(moved, performance.now() - read);
}
console.log(`letters moved by a step: ${moved.toFixed(1)} ms, ${(moved / anew).toFixed(2)} × reading the picture anew`);
for (const law of ['plain', 'real'] as const) {
  const all = differencesOf(law, 60, 500_001);
  const off = all.map((o) => o.off);
  const held = all.filter((o) => o.held).length / all.length;
  console.log(
    `ΔE*ab, ${law}: median error ${at(off, 0.5).toFixed(2)}, 90th ${at(off, 0.9).toFixed(2)}; intervals hold ${(100 * held).toFixed(0)} %`,
  );
}
const drops = gradesRead(17, 60_000);
const shareOf = (n: number): string => `${((100 * n) / drops.all).toFixed(0)} %`;
console.log(
  `drops on cloth, ${drops.all} pictures: within one grade ${shareOf(drops.within)}, the truth within what it may be ${shareOf(drops.held)}, not read ${shareOf(drops.refused)}`,
);
