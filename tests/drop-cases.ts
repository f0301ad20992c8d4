import { DROP_PLACES, type DropScene, renderDrops } from '../demo/drops';
import { reduce } from '../src/core/picture';
import { seededRandom } from '../src/core/units/seeded';
import { readWetting, type WettingMarks, type WettingResult } from '../src/core/wetting';

/* Pictures of drops on cloth whose grade is known. The limits of the reader were set on seeds below 50 000; checks use others. */
export const MARKS: WettingMarks = DROP_PLACES;
export function sceneOf(grade: number, seed: number, more: Partial<DropScene> = {}): DropScene {
  const chance = seededRandom(seed * 7 + grade);
  const between = (low: number, high: number): number => low + (high - low) * chance();
  const shade = between(0.06, 0.7);
  const tint = (): number => Math.min(0.85, Math.max(0.03, shade * between(0.55, 1.45)));
  return {
    width: 400,
    height: 300,
    seed,
    grade,
    cloth: [tint(), tint(), tint()],
    weave: between(0.01, 0.07),
    drops: Math.round(between(4, 7)),
    radius: between(0.035, 0.06),
    exposure: between(0.3, 0.62),
    noise: between(0.004, 0.02),
    blur: 0,
    glare: 0,
    ...more,
  };
}
export function readScene(scene: DropScene, marks: WettingMarks = MARKS): WettingResult {
  const { rgba, width, height } = renderDrops(scene);
  return readWetting(reduce(rgba, width, height), marks);
}
