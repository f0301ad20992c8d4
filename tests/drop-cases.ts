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

export const GRADES = [0, 1, 2, 3, 4, 5] as const;
/** From the face alone, wet through looks as wet. */
const seenAs = (grade: number): number => Math.max(1, grade);
type Share = Extract<WettingResult, { readonly status: 'read' }>['share'];
/** How `each` pictures of every grade are read: within one grade, with the truth within what it may be, or not at all. */
export function gradesRead(each: number, from: number) {
  let [within, held, refused] = [0, 0, 0];
  const shares: Share[] = [];
  for (const grade of GRADES)
    for (let n = 0; n < each; n++) {
      const read = readScene(sceneOf(grade, from + n));
      if (read.status !== 'read') {
        refused++;
        continue;
      }
      if (Math.abs(read.grade.value - seenAs(grade)) <= 1) within++;
      if (read.grade.low <= grade && grade <= read.grade.high) held++;
      shares.push(read.share);
    }
  return { all: GRADES.length * each, within, held, refused, shares };
}
