import { at as shareOf, errorsOf, LIGHTS, withRight } from '../tests/light-cases';
import highs from 'highs';
import jpeg from 'jpeg-js';
import { QUILT_SCENE } from '../demo/pictures';
import { QUILT_FILL_G, quiltMap } from '../demo/quilt';
import { evenPlan, panelOf, type EvenNode } from '../src/core/loft';
import { fillByLight, reduce } from '../src/core/loft/light';
import { seededRandom } from '../src/core/units/seeded';
import { largePicture } from './picture';

/*
 * Loft: a levelling of 200 baffles beside a registry solver on the same programme, and the sums of a 12 MP picture beside its own decoding.
 */
const PLAN_AIM_MS = 50;
const PICTURE_AIM_MS = 1500;
const best = (times: number, work: () => unknown): number => {
  let least = Infinity;
  for (let n = 0; n < times; n++) {
    const from = performance.now();
    work();
    least = Math.min(least, performance.now() - from);
  }
  return least;
};

const { baffles, openings } = panelOf({
  name: 'b',
  style: 'box',
  xMm: 0,
  yMm: 0,
  widthMm: 2000,
  heightMm: 1000,
  rows: 10,
  columns: 20,
  thicknessMm: 50,
});
const next = seededRandom(200);
const nodes: EvenNode[] = baffles.map((b) => ({ baffle: b.id, grams: 5 + 10 * next(), target: 10 }));
const scale = nodes.reduce((sum, x) => sum + x.grams, 0) / nodes.length;
const at = new Map(nodes.map((x, n) => [x.baffle, n]));
const arcs = openings.flatMap(({ from, to }) => [
  [at.get(from), at.get(to)],
  [at.get(to), at.get(from)],
]);
const rows = nodes.map((x, n) => {
  const out = arcs.flatMap(([a], k) => (a === n ? [`+ f${k}`] : []));
  const back = arcs.flatMap(([, b], k) => (b === n ? [`- f${k}`] : []));
  return ` c${n}: ${[...out, ...back].join(' ')} = ${(x.grams - scale).toFixed(6)}`;
});
const programme = `Minimize\n obj: ${arcs.map((_, k) => `f${k}`).join(' + ')}\nSubject To\n${rows.join('\n')}\nEnd\n`;
const solver = await highs();
// Turn about, until both have been compiled as far as they ever are.
let [ours, theirs] = [Infinity, Infinity];
for (let n = 0; n < 60; n++) {
  ours = Math.min(
    ours,
    best(2, () => evenPlan(nodes, openings)),
  );
  theirs = Math.min(
    theirs,
    best(1, () => solver.solve(programme)),
  );
}
console.log(
  `levelling of 200 baffles: ${ours.toFixed(1)} ms, ${(ours / PLAN_AIM_MS).toFixed(2)} × the aim of ${PLAN_AIM_MS}; ${(theirs / ours).toFixed(1)} × faster than a registry solver (HiGHS, ${theirs.toFixed(1)} ms), aim 5`,
);

const { width, height, rgba, file } = largePicture();
const sums = best(5, () =>
  fillByLight(reduce(rgba, width, height), null, quiltMap, QUILT_FILL_G, { corners: QUILT_SCENE.corners }),
);
const decoding = best(2, () => jpeg.decode(file, { useTArray: true, maxMemoryUsageInMB: 1024 }));
console.log(
  `sums of a 12 MP picture: ${sums.toFixed(0)} ms, ${(sums / PICTURE_AIM_MS).toFixed(2)} × the aim of ${PICTURE_AIM_MS}; ${(sums / decoding).toFixed(2)} × its decoding by a registry library (${decoding.toFixed(0)} ms)`,
);

/** Grams from pictures against the light: errors as shares of the mean baffle, beside their aims. */
const PICTURES = 30;
for (const light of LIGHTS) {
  const all = errorsOf(light, PICTURES);
  console.log(
    `light, ${light.name}, ${PICTURES} pictures: median ${(shareOf(all, 0.5) / light.median).toFixed(2)} × and 90th percentile ${(shareOf(all, 0.9) / light.most).toFixed(2)} × the aim`,
  );
}
const { without, shown } = withRight(24);
console.log(
  `light, with a right baffle: 90th percentile ${(shareOf(shown, 0.9) / shareOf(without, 0.9)).toFixed(2)} × that without`,
);
