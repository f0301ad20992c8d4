import type { Point } from '../src/core/picture';

/** How far a place lies from an outline. */
export function toEdge(outline: readonly Point[], [x, y]: Point): number {
  let least = Infinity;
  outline.forEach(([ax, ay], n) => {
    const [bx, by] = outline[(n + 1) % outline.length] as Point;
    const [dx, dy] = [bx - ax, by - ay];
    const t = Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)));
    least = Math.min(least, Math.hypot(x - ax - t * dx, y - ay - t * dy));
  });
  return least;
}
