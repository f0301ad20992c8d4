import styled from 'styled-components';
import type { ColourMarks, ColourResult } from '../../core/colour';
import type { Point } from '../../core/picture';
import { Movable } from '../../ui/Movable';
import { color, font } from '../../ui/theme';

const Frame = styled.div`
  position: relative;
  touch-action: none;
  border: 1px solid ${color.line};
  img,
  svg {
    display: block;
    pointer-events: none;
    width: 100%;
    height: auto;
  }
  svg {
    position: absolute;
    inset: 0;
    height: 100%;
  }
`;
const Knob = styled.span<{ $round: boolean; $tone: string }>`
  display: grid;
  place-items: center;
  min-width: 26px;
  width: max-content;
  height: 26px;
  margin: 9px;
  padding: 0 4px;
  border-radius: ${(p) => (p.$round ? '13px' : '4px')};
  background: ${color.panel};
  color: ${color.ink};
  border: 2px solid ${(p) => p.$tone};
  font: 700 14px ${font.mono};
`;
const FINE = 0.0015;
const COARSE = 0.015;
const CORNERS = ['first', 'second', 'third', 'fourth'] as const;

/** One picture with its marks: spots by letter, the sheet as it was found or shown, the four points by which two are laid over each other. */
export function ColourStage({
  address,
  name,
  marks,
  result,
  onMarks,
}: {
  address: string;
  name: string;
  marks: ColourMarks;
  result: ColourResult | null;
  onMarks: (next: ColourMarks) => void;
}) {
  const moved = (list: readonly Point[], n: number, to: Point): Point[] => list.map((p, k) => (k === n ? to : p));
  return (
    <Frame>
      <img src={address} alt={name} />
      <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
        {result?.status === 'read' &&
          result.sheet.map(({ y, from, to }) => (
            <line
              key={`${y} ${from}`}
              x1={from}
              x2={to}
              y1={y}
              y2={y}
              stroke={color.water}
              strokeWidth={1}
              opacity={0.45}
              vectorEffect="non-scaling-stroke"
            />
          ))}
      </svg>
      {(marks.sheet ?? []).map((at, n) => (
        <Movable
          key={`sheet ${n}`}
          at={at}
          label={`White sheet, place ${n + 1}`}
          step={FINE}
          far={COARSE}
          onMove={(to) => onMarks({ ...marks, sheet: moved(marks.sheet ?? [], n, to) })}
        >
          <Knob $round $tone={color.water} aria-hidden="true">
            □
          </Knob>
        </Movable>
      ))}
      {(marks.corners ?? []).map((at, n) => (
        <Movable
          key={`corner ${n}`}
          at={at}
          label={`${CORNERS[n]} point to lay them over each other`}
          step={FINE}
          far={COARSE}
          onMove={(to) => onMarks({ ...marks, corners: moved(marks.corners ?? [], n, to) })}
        >
          <Knob $round={false} $tone={color.heat} aria-hidden="true">
            {n + 1}
          </Knob>
        </Movable>
      ))}
      {marks.spots.map((spot, n) => (
        <Movable
          key={spot.id}
          at={spot.at}
          label={spot.name}
          step={FINE}
          far={COARSE}
          onMove={(at) => onMarks({ ...marks, spots: marks.spots.map((s) => (s.id === spot.id ? { ...s, at } : s)) })}
        >
          <Knob $round $tone={color.finish} aria-hidden="true">
            {letterOf(n)}
          </Knob>
        </Movable>
      ))}
    </Frame>
  );
}
/** A, B, C … */
export const letterOf = (n: number): string => String.fromCharCode(65 + (n % 26));
