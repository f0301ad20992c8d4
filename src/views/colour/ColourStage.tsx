import type { ColourMarks, ColourResult } from '../../core/colour';
import type { Point } from '../../core/picture';
import { PictureMark, PictureStage } from '../../ui/PictureStage';
import { color } from '../../ui/theme';

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
    <PictureStage>
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
        <PictureMark
          key={`sheet ${n}`}
          at={at}
          label={`White sheet, place ${n + 1}`}
          tone={color.water}
          onMove={(to) => onMarks({ ...marks, sheet: moved(marks.sheet ?? [], n, to) })}
        >
          □
        </PictureMark>
      ))}
      {(marks.corners ?? []).map((at, n) => (
        <PictureMark
          key={`corner ${n}`}
          at={at}
          corner
          label={`${CORNERS[n]} point to lay them over each other`}
          onMove={(to) => onMarks({ ...marks, corners: moved(marks.corners ?? [], n, to) })}
        >
          {n + 1}
        </PictureMark>
      ))}
      {marks.spots.map((spot, n) => (
        <PictureMark
          key={spot.id}
          at={spot.at}
          label={spot.name}
          onMove={(at) => onMarks({ ...marks, spots: marks.spots.map((s) => (s.id === spot.id ? { ...s, at } : s)) })}
        >
          {letterOf(n)}
        </PictureMark>
      ))}
    </PictureStage>
  );
}
/** A, B, C … */
export const letterOf = (n: number): string => String.fromCharCode(65 + (n % 26));
