import { renderLight, type Rendered, type Scene } from '../demo/light';
import type { FillMap } from '../src/core/gear';
import { layoutOf, START_LAYOUTS, type StartLayout, volumeOf } from '../src/core/loft';
import {
  anchorsOf,
  fillByLight,
  homographyOf,
  type LightMarks,
  type Point,
  reduce,
  type Reduced,
  seenAt,
} from '../src/core/loft/light';
import { seededRandom } from '../src/core/units/seeded';

/* Pictures of known fills. Grams between 0.4 and 1.6 of even; one baffle holds what it should. */
export interface Case {
  readonly map: FillMap;
  readonly grams: ReadonlyMap<string, number>;
  readonly fillG: number;
  readonly right: string;
  readonly scene: Scene;
}
const KINDS: readonly StartLayout[] = ['jacket', 'quilt', 'bag'];
const MAPS = KINDS.map((kind) => layoutOf(START_LAYOUTS[kind]));
const CLOTHS = [
  [0.7, 0.6, 0.5],
  [0.35, 0.5, 0.7],
  [0.6, 0.6, 0.58],
] as const;
/** Where the anchors of a layout are seen when the corners of its outline are seen here. */
function cornersIn(map: FillMap, outline: readonly Point[]): Point[] {
  const points = map.baffles.flatMap((b) => b.polygonMm ?? []);
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  const [l, r, t, b] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const h = homographyOf(
    [
      [l, t],
      [r, t],
      [r, b],
      [l, b],
    ],
    outline,
  );
  if (!h) throw new Error('no map');
  return anchorsOf(map).map((p) => seenAt(h, p));
}
export function caseOf(n: number, law: Scene['law']): Case {
  const next = seededRandom(n * 31 + 5);
  const map = MAPS[n % MAPS.length]!;
  const volumes = map.baffles.map((b) => volumeOf(b) ?? 0);
  const sewn = volumes.reduce((sum, v) => sum + v, 0);
  const place = Math.floor(next() * volumes.length);
  const share = volumes.map((v, k) => (k === place ? 0 : v * (0.4 + 1.2 * next())));
  const others = share.reduce((sum, s) => sum + s, 0);
  // The rest is scaled so that the right baffle has its even share of the whole.
  const even = (volumes[place] ?? 0) / sewn;
  const grams = share.map((s, k) => 400 * (k === place ? even : (s / others) * (1 - even)));
  const j = (): number => (next() - 0.5) * 0.08;
  return {
    map,
    grams: new Map(map.baffles.map((b, k) => [b.id, grams[k] ?? 0])),
    fillG: 400,
    right: map.baffles[place]?.id ?? '',
    scene: {
      width: 320,
      height: 260,
      corners: cornersIn(map, [
        [0.15 + j(), 0.15 + j()],
        [0.85 + j(), 0.15 + j()],
        [0.84 + j(), 0.85 + j()],
        [0.16 + j(), 0.85 + j()],
      ]),
      law,
      seed: n,
      cloth: CLOTHS[n % 3] ?? CLOTHS[0],
      depth: 2.5 + 2 * next(),
    },
  };
}
const small = (p: Rendered): Reduced => reduce(p.rgba, p.width, p.height);
/** Errors of the grams of each baffle, as shares of the mean baffle. */
export function errors(of: Case, marks: Omit<LightMarks, 'corners'>, withLamp: boolean): number[] {
  const { map, grams, scene, fillG } = of;
  const alone = withLamp ? small(renderLight(map, grams, { ...scene, bare: true, seed: scene.seed + 999 })) : null;
  const result = fillByLight(small(renderLight(map, grams, scene)), alone, map, fillG, { corners: scene.corners, ...marks });
  if (result.status !== 'measured') throw new Error(`picture ${scene.seed}: ${result.status}`);
  const mean = fillG / map.baffles.length;
  return result.spread.map((s) => Math.abs(s.grams - (grams.get(s.baffle) ?? 0)) / mean);
}
/** The value below which this share of a list lies. */
export const at = (list: readonly number[], q: number): number =>
  [...list].sort((a, b) => a - b)[Math.floor(list.length * q)] ?? 1;

/** The four kinds of pictures and what their errors should stay below, in shares of the mean baffle. */
export const LIGHTS = [
  { name: 'what the estimator assumes, lamp read around the thing', law: 'plain', withLamp: false, median: 0.05, most: 0.12 },
  { name: 'what the estimator assumes, with a picture of the light', law: 'plain', withLamp: true, median: 0.05, most: 0.12 },
  { name: 'another law, lamp, lens and camera, lamp read around', law: 'real', withLamp: false, median: 0.1, most: 0.2 },
  { name: 'another law, lamp, lens and camera, with a picture', law: 'real', withLamp: true, median: 0.1, most: 0.2 },
] as const;
export const errorsOf = ({ law, withLamp }: (typeof LIGHTS)[number], pictures: number): number[] =>
  Array.from({ length: pictures }, (_, n) => errors(caseOf(n + (withLamp ? 100 : 0), law), {}, withLamp)).flat();
/** The same things with and without a baffle that is known to be right. */
export function withRight(pictures: number): { readonly without: number[]; readonly shown: number[] } {
  const cases = Array.from({ length: pictures }, (_, n) => caseOf(n + 300, 'real'));
  return {
    without: cases.flatMap((c) => errors(c, {}, false)),
    shown: cases.flatMap((c) => errors(c, { right: c.right }, false)),
  };
}
