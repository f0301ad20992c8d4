import { PLACES, renderShoe, seenIn, type ShoePlace, type ShoeScene, truthBetween, truthOf, CLOTHS } from '../demo/shoe';
import { changeOf, readColours, type ColourMarks, type ColourResult } from '../src/core/colour';
import { reduce } from '../src/core/picture';
import { seededRandom } from '../src/core/units/seeded';

/* Pictures of a shoe whose colours are known, before and after. The doubts of the estimator were set on seeds below 50 000; checks use others. */
export const SPOTS = Object.keys(PLACES) as ShoePlace[];
export const marksIn = (scene: ShoeScene): ColourMarks => ({
  spots: SPOTS.map((id) => ({ id, name: id, at: seenIn(scene, PLACES[id]) })),
});
export function readScene(scene: ShoeScene, marks: ColourMarks = marksIn(scene)): ColourResult {
  const { rgba, width, height } = renderShoe(scene);
  return readColours(reduce(rgba, width, height), marks);
}
/** Two scenes of one shoe: held otherwise, in another light, less yellow the second time. */
export function pairOf(law: ShoeScene['law'], seed: number): readonly [ShoeScene, ShoeScene] {
  const random = seededRandom(seed);
  const between = (low: number, high: number): number => low + (high - low) * random();
  const near = (): number => between(-0.04, 0.04);
  const cloths = Object.keys(CLOTHS) as (keyof typeof CLOTHS)[];
  const cloth = cloths[Math.floor(between(0, cloths.length))] ?? 'natural';
  const scene = (yellowed: number, n: number): ShoeScene => ({
    width: 256,
    height: 180,
    law,
    seed: seed * 2 + n,
    yellowed,
    cloth,
    corners: [
      [0.05 + near(), 0.05 + near()],
      [0.95 + near(), 0.05 + near()],
      [0.95 + near(), 0.95 + near()],
      [0.05 + near(), 0.95 + near()],
    ],
    lampK: between(2600, 5000),
    lampShare: between(0, 0.6),
    exposure: between(0.45, 1.05),
  });
  const yellowed = between(0.2, 1);
  return [scene(yellowed, 1), scene(between(0, yellowed), 2)];
}
export interface Off {
  readonly off: number;
  readonly held: boolean;
  readonly yellowHeld: boolean;
}
/** How far ΔE*ab of each spot is off, and whether its interval holds the truth. */
export function differencesOf(law: ShoeScene['law'], pairs: number, from: number): Off[] {
  return Array.from({ length: pairs }, (_, n) => pairOf(law, from + n)).flatMap(([a, b]) => {
    const [one, two] = [readScene(a), readScene(b)];
    if (one.status !== 'read' || two.status !== 'read') throw new Error('a usual picture was refused');
    return SPOTS.map((id): Off => {
      const [before, after] = [one, two].map((r) => r.readings.find((x) => x.id === id));
      if (!before || !after) throw new Error(`${id} was not read`);
      const { deltaE, yellower } = changeOf(before, after);
      const truth = truthBetween(id, a, b);
      const yellow = truthOf(id, b).yellow - truthOf(id, a).yellow;
      return {
        off: Math.abs(deltaE.value - truth),
        held: truth >= deltaE.low && truth <= deltaE.high,
        yellowHeld: yellow >= yellower.low && yellow <= yellower.high,
      };
    });
  });
}
export const at = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length * share)] ?? NaN;
