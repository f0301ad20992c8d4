import type { FillMap } from '../core/gear';
import { isOpen, type DrawnBaffle, type Move } from '../core/loft';
import { type Point } from './Movable';
import { color } from './theme';

/** Openings that are shut. */
export function Bars({ map, at }: { map: FillMap; at: Map<string, Point> }) {
  return (
    <>
      {(map.openings ?? [])
        .filter((o) => !isOpen(o))
        .map((o) => {
          const [a, c] = [at.get(o.from), at.get(o.to)];
          if (!a || !c) return null;
          const [mx, my] = [(a[0] + c[0]) / 2, (a[1] + c[1]) / 2];
          const [dx, dy] = [c[0] - a[0], c[1] - a[1]];
          const far = Math.hypot(dx, dy) || 1;
          return (
            <line
              key={`${o.from} ${o.to}`}
              x1={mx - (dy / far) * 40}
              y1={my + (dx / far) * 40}
              x2={mx + (dy / far) * 40}
              y2={my - (dx / far) * 40}
              stroke={color.alarm}
              strokeWidth={o.state === 'sewn' ? 16 : 10}
              strokeDasharray={o.state === 'sewn' ? undefined : '14 10'}
            />
          );
        })}
    </>
  );
}

/** The moves, from baffle to baffle. */
export function Arrows({ moves, at }: { moves: readonly Move[]; at: Map<string, Point> }) {
  return (
    <>
      {moves.map(({ from, to }) => {
        const [a, c] = [at.get(from), at.get(to)];
        return a && c ? (
          <line
            key={`${from} ${to}`}
            x1={a[0] + (c[0] - a[0]) * 0.18}
            y1={a[1] + (c[1] - a[1]) * 0.18}
            x2={a[0] + (c[0] - a[0]) * 0.82}
            y2={a[1] + (c[1] - a[1]) * 0.82}
            stroke={color.heat}
            strokeWidth={10}
            markerEnd="url(#arrow)"
          />
        ) : null;
      })}
    </>
  );
}

/** Grams, and three dots where clumps were felt. */
export function Signs({
  grams,
  list,
  at,
  letters,
  clumps,
}: {
  grams: ReadonlyMap<string, number> | null;
  list: DrawnBaffle[];
  at: Map<string, Point>;
  letters: number;
  clumps: readonly string[];
}) {
  return (
    <>
      {grams &&
        list.map((b) => {
          const [x, y] = at.get(b.id) ?? [0, 0];
          return (
            <text key={b.id} x={x} y={y + letters * 0.35} fontSize={letters} aria-hidden="true">
              {Math.round(grams.get(b.id) ?? 0)}
            </text>
          );
        })}
      {list
        .filter((b) => clumps.includes(b.id))
        .map((b) => {
          const [x, y] = at.get(b.id) ?? [0, 0];
          return [-1, 0, 1].map((n) => (
            <circle
              key={`${b.id} ${n}`}
              cx={x + n * letters * 0.7}
              cy={y + letters * (n === 0 ? 1.5 : 1.2)}
              r={letters * 0.28}
              fill={color.alarm}
            />
          ));
        })}
    </>
  );
}
