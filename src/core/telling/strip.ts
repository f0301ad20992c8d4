/** The state of a thing as a strip of few words. */
import type { Inspection, Item } from '../gear';
import type { Thresholds } from '../knowledge';
import { loftVerdict } from '../loft';
import { BEADS_FROM, DROP_WORDS, ODOUR_WORDS, SOIL_GRADE_WORDS } from '../words';

export interface StripMark {
  readonly word: string;
  /** −1 not seen, 0 good, 1 worn, 2 bad. */
  readonly level: number;
}
const LOFT_LEVEL = { leave: 0, fluff: 1, wash: 2, mend: 2 } as const;

/** Bad is what is washed for. */
const levelOf = (grade: number, wash: number): number => (grade === 0 ? 0 : grade < wash ? 1 : 2);

/** A thing’s state as a few words; what was not looked at is dashed, never fine. @param limits the user’s own. */
export function stripOf(item: Pick<Item, 'components' | 'repellency'>, seen: Inspection | null, limits: Thresholds): StripMark[] {
  const marks: StripMark[] = [];
  marks.push(
    seen?.soil === undefined
      ? { word: 'soil ?', level: -1 }
      : { word: SOIL_GRADE_WORDS[seen.soil] ?? '', level: levelOf(seen.soil, limits.soilWash) },
  );
  marks.push(
    seen?.odour === undefined
      ? { word: 'smell ?', level: -1 }
      : { word: ODOUR_WORDS[seen.odour] ?? '', level: levelOf(seen.odour, limits.odourWash) },
  );
  const filled = item.components.some((c) => c.part === 'fill');
  if (filled) {
    const r = seen?.loftRatio;
    marks.push(
      r === undefined
        ? { word: 'loft ?', level: -1 }
        : { word: `loft ${Math.round(r * 100)} %`, level: LOFT_LEVEL[loftVerdict(r, limits)] },
    );
  }
  if (item.repellency === 'finish') {
    const grades = Object.values(seen?.droplet ?? {}).filter((g): g is number => typeof g === 'number');
    const worst = Math.min(...grades);
    marks.push(
      grades.length === 0
        ? { word: 'drops ?', level: -1 }
        : {
            word: worst >= Math.max(BEADS_FROM, limits.dropFine) ? 'beads' : (DROP_WORDS[Math.floor(worst)]?.short ?? ''),
            level: worst >= limits.dropFine ? 0 : worst > limits.dropPoor ? 1 : 2,
          },
    );
  }
  if (seen?.damp) marks.push({ word: 'damp', level: 2 });
  if ((seen?.damage ?? []).length > 0) marks.push({ word: 'damaged', level: 2 });
  return marks;
}
