import { spreadOf } from '../src/core/loft';
import { QUILT_FILL_G, quiltLoft, quiltMap } from './quilt';
import type { Scene } from './light';

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
export interface DemoPicture {
  readonly file: string;
  readonly itemId: string;
  readonly step: string;
  readonly bare: boolean;
}
/** Pictures that come with the demo kit; made by `npm run pictures`. */
export const DEMO_PICTURES: readonly DemoPicture[] = [
  { file: 'quilt-against-light.jpg', itemId: 'itm-quilt', step: 'Against the light', bare: false },
  { file: 'light-alone.jpg', itemId: 'itm-quilt', step: 'The light alone', bare: true },
];
