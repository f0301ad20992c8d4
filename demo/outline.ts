import type { Point } from '../src/core/picture';

/** How far a place lies from an outline. */
export function toEdge(outline: readonly Point[], [x, y]: Point): number {
  let least = Infinity;
  for (let n = 0; n < outline.length; n++) {
    const [ax, ay] = outline[n] as Point;
    const [bx, by] = outline[(n + 1) % outline.length] as Point;
    const [dx, dy] = [bx - ax, by - ay];
    const t = Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)));
    least = Math.min(least, (x - ax - t * dx) ** 2 + (y - ay - t * dy) ** 2);
  }
  return Math.sqrt(least);
}
