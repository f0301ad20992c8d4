import { color } from './theme';

/* What drops leave on a piece of cloth, seen from above after it was shaken; its turned-up corner shows the back. Our own drawings. */
const WIDTH = 96;
const HEIGHT = 60;
/** Where drops fell, and how large they were. */
const FELL: readonly (readonly [number, number, number])[] = [
  [17, 17, 6],
  [43, 13, 5],
  [31, 37, 6.5],
  [66, 27, 6],
  [56, 46, 5],
];
const SPECKS: readonly (readonly [number, number])[] = [
  [27, 21],
  [52, 30],
  [14, 45],
  [75, 16],
];
const CLOTH = 'M2 2 H94 V42 L78 58 H2 Z';
const CORNER = 'M94 42 L78 58 V42 Z';

/** One grade, 0 to 5: pearls, specks, spots as large as the drops, spots that run together, all of the face, the back too. */
export function DropGrade({ grade, size = 96 }: { grade: number; size?: number }) {
  const wet = { fill: color.water, opacity: 0.55 };
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width={size} height={(size * HEIGHT) / WIDTH} aria-hidden="true">
      <clipPath id={`cloth-${grade}`}>
        <path d={CLOTH} />
      </clipPath>
      <path d={CLOTH} fill={color.panel} />
      <g clipPath={`url(#cloth-${grade})`}>
        {Array.from({ length: 12 }, (_, n) => (
          <path key={n} d={`M${n * 13 - 58} 60 l60 -60`} stroke={color.line} strokeWidth={1} />
        ))}
        {grade <= 1 && <path d={CLOTH} {...wet} />}
        {grade === 4 && SPECKS.map(([x, y]) => <circle key={x} cx={x} cy={y} r={1.7} {...wet} opacity={0.9} />)}
        {grade === 3 &&
          FELL.map(([x, y, r]) => <ellipse key={x} cx={x} cy={y} rx={r * 1.05} ry={r * 0.95} {...wet} opacity={0.8} />)}
        {grade === 2 && (
          <path
            d="M2 2 H52 Q60 12 52 22 Q72 14 80 26 Q82 38 66 40 Q72 52 58 58 H36 Q40 50 30 50 Q14 54 14 38 Q18 30 2 30 Z"
            {...wet}
            opacity={0.7}
          />
        )}
        {grade >= 4 &&
          FELL.map(([x, y, r]) => (
            <g key={x}>
              <circle cx={x} cy={y} r={r} fill={color.panel} stroke={color.ink} strokeWidth={1.6} />
              <path
                d={`M${x - r * 0.55} ${y - r * 0.1} q${r * 0.1} -${r * 0.5} ${r * 0.6} -${r * 0.5}`}
                stroke={color.ink}
                fill="none"
              />
            </g>
          ))}
      </g>
      <path d={CLOTH} fill="none" stroke={color.ink} strokeWidth={1.6} strokeLinejoin="round" />
      <path d={CORNER} fill={color.ground} stroke={color.ink} strokeWidth={1.6} strokeLinejoin="round" />
      {grade === 0 && <path d={CORNER} fill={color.water} opacity={0.85} stroke={color.ink} strokeWidth={1.6} />}
    </svg>
  );
}
