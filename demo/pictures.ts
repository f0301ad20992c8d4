import { spreadOf } from '../src/core/loft';
import { QUILT_FILL_G, quiltLoft, quiltMap } from './quilt';
import type { ColourMarks } from '../src/core/colour';
import type { Point } from '../src/core/picture';
import type { DropScene } from './drops';
import type { Scene } from './light';
import { PLACES, seenIn, type ShoePlace, type ShoeScene } from './shoe';
import SHOE_COLOURS from './shoe-colours.json' with { type: 'json' };

/** The quilt's down as it truly lies in its pictures: what its ruler says. */
export const quiltGrams = (): Map<string, number> =>
  new Map(spreadOf(quiltMap, QUILT_FILL_G, new Map(quiltLoft.map((r) => [r.baffle, r])))?.map((s) => [s.baffle, s.grams]));

/** Held before two bulbs on a rail, the camera a little to the left and low. */
export const QUILT_SCENE: Scene = {
  width: 1200,
  height: 1600,
  corners: [
    [0.16, 0.11],
    [0.86, 0.13],
    [0.76, 0.89],
    [0.22, 0.9],
  ],
  law: 'real',
  seed: 20270103,
  cloth: [0.52, 0.58, 0.66],
  depth: 3.2,
};
/** The rubber of pairs in work as it was found and after each session in the sun, each time held a little otherwise in another light. */
export const SHOE_SCENES: readonly (ShoeScene & {
  readonly itemId: string;
  readonly file: string;
  readonly step: string;
  readonly daysAgo: number;
})[] = (
  [
    ['itm-white-shoes', 'natural', 'shoe-as-found.jpg', 'As found', 12, 0.85, 3000, 0.35, 0.85],
    ['itm-white-shoes', 'natural', 'shoe-one-session.jpg', 'After one session', 8, 0.56, 4200, 0.2, 0.95],
    ['itm-white-shoes', 'natural', 'shoe-two-sessions.jpg', 'After two sessions', 5, 0.42, 3400, 0.1, 0.8],
    ['itm-white-shoes', 'natural', 'shoe-three-sessions.jpg', 'After three sessions', 2, 0.36, 4800, 0.25, 0.9],
    ['itm-lender-41', 'green', 'boot-41-as-found.jpg', 'As found', 7, 0.8, 3600, 0.2, 0.9],
    ['itm-lender-41', 'green', 'boot-41-one-session.jpg', 'After one session', 4, 0.55, 4600, 0.15, 0.85],
    ['itm-lender-38', 'navy', 'boot-38-as-found.jpg', 'As found', 6, 0.5, 3300, 0.25, 0.9],
    ['itm-lender-38', 'navy', 'boot-38-wiped.jpg', 'After the damp cloth', 1, 0.48, 4200, 0.1, 0.95],
  ] as const
).map(([itemId, cloth, file, step, daysAgo, yellowed, lampK, lampShare, exposure], at) => {
  // Each is held in one of four ways.
  const n = at % 4;
  return {
    itemId,
    file,
    step,
    daysAgo,
    width: 1000,
    height: 700,
    law: 'real',
    seed: 20270200 + at,
    yellowed,
    cloth,
    corners: [
      [0.03 + 0.02 * n, 0.04],
      [0.97 - 0.01 * n, 0.03 + 0.015 * n],
      [0.98 - 0.02 * n, 0.97],
      [0.02 + 0.01 * n, 0.96 - 0.01 * n],
    ],
    lampK,
    lampShare,
    exposure,
  };
});
/** Points of the drawing that are easy to find again: heel above and below, toe below and above. */
const LAID_BY: readonly Point[] = [
  [205, 260],
  [790, 500],
  [200, 500],
  [560, 370],
];
const SPOT_NAMES: Record<ShoePlace, string> = { toe: 'Toe cap', rim: 'Rim', upper: 'Upper' };
export const shoeMarks = (scene: ShoeScene): ColourMarks => ({
  spots: (['toe', 'rim', 'upper'] as const).map((id) => ({ id, name: SPOT_NAMES[id], at: seenIn(scene, PLACES[id]) })),
  corners: LAID_BY.map((p) => seenIn(scene, p)),
});

export interface DemoPicture {
  readonly file: string;
  readonly itemId: string;
  readonly step: string;
  readonly daysAgo?: number;
  readonly colour?: object;
  /** Pixels of the file. */
  readonly width: number;
  readonly height: number;
}
/** The smock’s face after drops were shaken off it, with dry cloth on the left. */
export const DROP_SCENES: readonly (DropScene & { readonly file: string; readonly step: string; readonly daysAgo: number })[] = (
  [
    ['drops-shoulders.jpg', 'Drops on the shoulders', 2, 20270311],
    ['drops-chest.jpg', 'Drops on the chest', 4, 20270317],
  ] as const
).map(([file, step, grade, seed]) => ({
  file,
  step,
  daysAgo: 1,
  width: 1000,
  height: 750,
  seed,
  grade,
  cloth: [0.42, 0.2, 0.11],
  weave: 0.045,
  drops: 6,
  radius: 0.045,
  exposure: 0.5,
  noise: 0.008,
  blur: 0,
  glare: 0,
}));
const sizeOf = ({ width, height }: { readonly width: number; readonly height: number }) => ({ width, height });
/** Pictures that come with the demo kit; made by `npm run pictures`. */
export const DEMO_PICTURES: readonly DemoPicture[] = [
  { file: 'quilt-against-light.jpg', itemId: 'itm-quilt', step: 'Against the light', ...sizeOf(QUILT_SCENE) },
  { file: 'light-alone.jpg', itemId: 'itm-quilt', step: 'The light alone', ...sizeOf(QUILT_SCENE) },
  ...DROP_SCENES.map((scene) => ({
    file: scene.file,
    step: scene.step,
    daysAgo: scene.daysAgo,
    itemId: 'itm-smock',
    ...sizeOf(scene),
  })),
  ...SHOE_SCENES.map(({ file, step, daysAgo, itemId, ...scene }, n) => ({
    file,
    step,
    daysAgo,
    itemId,
    ...sizeOf(scene),
    colour: {
      ...SHOE_COLOURS[n],
      ...(step.endsWith('session') || step.endsWith('sessions') ? { session: { hours: 0.75, light: 'sun' } } : {}),
    },
  })),
];
