/** A plane seen at an angle: the projective map between a layout in mm and its picture in px. */
export type Point = readonly [number, number];
/** Row by row, the last entry 1: x' = (h0 x + h1 y + h2) / (h6 x + h7 y + 1). */
export type Homography = readonly [number, number, number, number, number, number, number, number, 1];

/**
 * Solves a square system by elimination with row exchange.
 * @returns null when the equations do not settle all unknowns.
 */
export function solve(matrix: readonly (readonly number[])[], right: readonly number[]): number[] | null {
  const n = right.length;
  const rows = matrix.map((row, k) => [...row, right[k] as number]);
  const largest = Math.max(...rows.flat().map(Math.abs));
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let k = column + 1; k < n; k++) if (Math.abs(rows[k]?.[column] ?? 0) > Math.abs(rows[pivot]?.[column] ?? 0)) pivot = k;
    const top = rows[pivot] as number[];
    if (!(Math.abs(top[column] as number) > largest * 1e-12)) return null;
    rows[pivot] = rows[column] as number[];
    rows[column] = top;
    for (let k = column + 1; k < n; k++) {
      const row = rows[k] as number[];
      const factor = (row[column] as number) / (top[column] as number);
      for (let j = column; j <= n; j++) row[j]! -= factor * (top[j] as number);
    }
  }
  const answer = new Array<number>(n).fill(0);
  for (let k = n - 1; k >= 0; k--) {
    const row = rows[k] as number[];
    let sum = row[n] as number;
    for (let j = k + 1; j < n; j++) sum -= (row[j] as number) * (answer[j] as number);
    answer[k] = sum / (row[k] as number);
  }
  return answer;
}

/**
 * The map that takes four points to four others (direct linear transform).
 * @returns null when three of the points stand in one line, so that no map is settled.
 */
export function homographyOf(from: readonly Point[], to: readonly Point[]): Homography | null {
  if (from.length !== 4 || to.length !== 4) throw new RangeError('A plane needs four points and where they are seen.');
  const rows: number[][] = [];
  const right: number[] = [];
  from.forEach(([x, y], n) => {
    const [u, v] = to[n] as Point;
    rows.push([x, y, 1, 0, 0, 0, -x * u, -y * u], [0, 0, 0, x, y, 1, -x * v, -y * v]);
    right.push(u, v);
  });
  const flat = [0, 1, 2, 3].some((skip) => inLine(from.filter((_, n) => n !== skip)) || inLine(to.filter((_, n) => n !== skip)));
  const h = flat ? null : solve(rows, right);
  return h && ([...h, 1] as unknown as Homography);
}
function inLine(three: readonly Point[]): boolean {
  const [a, b, c] = three as [Point, Point, Point];
  const area = Math.abs((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]));
  const longest = Math.max(distance2(a, b), distance2(b, c), distance2(a, c));
  return !(area > longest * 1e-4);
}
const distance2 = (a: Point, b: Point): number => (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2;

/** Where a point is seen. */
export function seenAt(h: Homography, [x, y]: Point): Point {
  const w = h[6] * x + h[7] * y + 1;
  return [(h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w];
}

/** True when four corners in turn bend all one way, as the corners of a flat thing do in any picture of it. */
export function isConvex(corners: readonly Point[]): boolean {
  const bends = corners.map((p, n) => {
    const q = corners[(n + 1) % 4] as Point;
    const r = corners[(n + 2) % 4] as Point;
    return (q[0] - p[0]) * (r[1] - q[1]) - (q[1] - p[1]) * (r[0] - q[0]);
  });
  return bends.every((bend) => bend > 0) || bends.every((bend) => bend < 0);
}
