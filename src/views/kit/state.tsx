import styled from 'styled-components';
import { useThresholds } from '../../app/thresholds';
import type { Inspection, Item } from '../../core/gear';
import type { Thresholds } from '../../core/knowledge';
import { loftVerdict } from '../../core/loft';
import { BEADS_FROM, DROP_WORDS, ODOUR_WORDS, SOIL_GRADE_WORDS } from '../../core/words';
import { color } from '../../ui/theme';

const Cells = styled.span`
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
`;
const Cell = styled.span<{ $level: number }>`
  font-size: 13px;
  line-height: 1;
  padding: 5px 7px;
  border-radius: 2px;
  white-space: nowrap;
  border: 1px solid ${(p) => (p.$level < 0 ? color.line : color.quiet)};
  color: ${(p) => (p.$level < 0 ? color.quiet : p.$level >= 2 ? color.onInk : color.ink)};
  background: ${(p) => (p.$level >= 2 ? color.ink : p.$level === 1 ? `repeating-linear-gradient(135deg, transparent 0 5px, ${color.line} 5px 7px), ${color.panel}` : 'transparent')};
  ${(p) => p.$level < 0 && 'border-style: dashed;'}
`;

interface Mark {
  readonly word: string;
  /** −1 not seen, 0 good, 1 worn, 2 bad. */
  readonly level: number;
}
const LOFT_LEVEL = { leave: 0, fluff: 1, wash: 2, mend: 2 } as const;

/** An item's state as a few words; what was not looked at is dashed, never fine. */
export function marksOf(item: Item, seen: Inspection | null, limits: Thresholds): Mark[] {
  const marks: Mark[] = [];
  marks.push(
    seen?.soil === undefined
      ? { word: 'soil ?', level: -1 }
      : { word: SOIL_GRADE_WORDS[seen.soil] ?? '', level: Math.min(2, seen.soil) },
  );
  marks.push(
    seen?.odour === undefined
      ? { word: 'smell ?', level: -1 }
      : { word: ODOUR_WORDS[seen.odour] ?? '', level: Math.min(2, seen.odour) },
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

export function StateStrip({ item, seen }: { item: Item; seen: Inspection | null }) {
  const limits = useThresholds();
  return (
    <Cells>
      {marksOf(item, seen, limits).map((mark) => (
        <Cell key={mark.word} $level={mark.level}>
          {mark.word}
        </Cell>
      ))}
    </Cells>
  );
}
