import styled from 'styled-components';
import { useThresholds } from '../../app/thresholds';
import type { Inspection, Item } from '../../core/gear';
import { stripOf } from '../../core/telling/strip';
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

export function StateStrip({ item, seen }: { item: Item; seen: Inspection | null }) {
  const limits = useThresholds();
  return (
    <Cells>
      {stripOf(item, seen, limits).map((mark) => (
        <Cell key={mark.word} $level={mark.level}>
          {mark.word}
        </Cell>
      ))}
    </Cells>
  );
}
