/** Making a layout one's own. Every change gives a new map; what cannot be done gives the same one back. */
import type { FillMap } from '../gear';
import { drawnBaffles, OPENING_MM, type Panel, panelOf } from './layout';

type Point = readonly [number, number];
/** Points nearer than this are one, mm: they move together. */
const SNAP_MM = 4;
const near = (a: Point, b: Point): boolean => Math.hypot(a[0] - b[0], a[1] - b[1]) <= SNAP_MM;
const same = (map: FillMap, id: string) => map.baffles.find((b) => b.id === id);

/** Moves a corner of a baffle, and those of its neighbours that lie on it. */
export function movePoint(map: FillMap, id: string, corner: number, by: Point): FillMap {
  const at = same(map, id)?.polygonMm?.[corner];
  if (!at) return map;
  return {
    ...map,
    baffles: map.baffles.map((b) => {
      if (!b.polygonMm?.some((p) => near(p, at))) return b;
      const { volumeCm3: _, ...rest } = b;
      return { ...rest, polygonMm: b.polygonMm.map((p): [number, number] => (near(p, at) ? [p[0] + by[0], p[1] + by[1]] : p)) };
    }),
  };
}
/** Moves a whole baffle by itself. */
export const moveBaffle = (map: FillMap, id: string, by: Point): FillMap => ({
  ...map,
  baffles: map.baffles.map((b) =>
    b.id === id && b.polygonMm ? { ...b, polygonMm: b.polygonMm.map(([x, y]): [number, number] => [x + by[0], y + by[1]]) } : b,
  ),
});
/** Gives a baffle another name; openings follow. A name that is taken or empty changes nothing. */
export function renameBaffle(map: FillMap, id: string, name: string): FillMap {
  const to = name.trim();
  if (to === '' || to === id || same(map, to) || !same(map, id)) return map;
  const named = (x: string): string => (x === id ? to : x);
  return {
    baffles: map.baffles.map((b) => ({ ...b, id: named(b.id) })),
    openings: (map.openings ?? []).map((o) => ({ ...o, from: named(o.from), to: named(o.to) })),
  };
}
/** Takes a baffle away with its openings; the last one stays. */
export const removeBaffle = (map: FillMap, id: string): FillMap =>
  map.baffles.length < 2
    ? map
    : {
        baffles: map.baffles.filter((b) => b.id !== id),
        openings: (map.openings ?? []).filter((o) => o.from !== id && o.to !== id),
      };
/** An opening between two baffles, or none where there was one. */
export function toggleOpening(map: FillMap, a: string, b: string): FillMap {
  if (a === b || !same(map, a) || !same(map, b)) return map;
  const openings = map.openings ?? [];
  const joins = (o: (typeof openings)[number]): boolean => (o.from === a && o.to === b) || (o.from === b && o.to === a);
  return {
    ...map,
    openings: openings.some(joins)
      ? openings.filter((o) => !joins(o))
      : [...openings, { from: a, to: b, state: 'open', widthMm: OPENING_MM }],
  };
}
const freeName = (map: FillMap, wish: string): string => {
  for (let n = 2; ; n++) {
    const name = `${wish} ${n}`;
    if (!map.baffles.some((b) => b.id === name || b.id.startsWith(`${name} `))) return name;
  }
};
/**
 * Parts a baffle of four corners in two equal ones, side by side or one above the other, with an opening between; every opening of the
 * old one stays with the half that is nearer. Others are left whole.
 */
export function splitBaffle(map: FillMap, id: string, way: 'side-by-side' | 'above'): FillMap {
  const old = same(map, id);
  if (old?.polygonMm?.length !== 4) return map;
  const [a, b, c, d] = old.polygonMm as unknown as [Point, Point, Point, Point];
  const mid = (p: Point, q: Point): [number, number] => [Math.round((p[0] + q[0]) / 2), Math.round((p[1] + q[1]) / 2)];
  const [one, two] =
    way === 'side-by-side'
      ? [
          [a, mid(a, b), mid(d, c), d],
          [mid(a, b), b, c, mid(d, c)],
        ]
      : [
          [a, b, mid(b, c), mid(a, d)],
          [mid(a, d), mid(b, c), c, d],
        ];
  const name = freeName(map, id);
  const { volumeCm3, ...rest } = old;
  const half = volumeCm3 === undefined ? {} : { volumeCm3: volumeCm3 / 2 };
  const made = [
    { ...rest, ...half, polygonMm: one as [number, number][] },
    { ...rest, ...half, id: name, polygonMm: two as [number, number][] },
  ];
  const drawn = new Map(drawnBaffles(map).map((x) => [x.id, x.polygonMm] as const));
  const middle = (p: readonly Point[]): Point => [
    p.reduce((s, q) => s + q[0], 0) / p.length,
    p.reduce((s, q) => s + q[1], 0) / p.length,
  ];
  const nearer = (other: string): string => {
    const outline = drawn.get(other);
    if (!outline) return id;
    const [o, m, n] = [middle(outline), middle(one as Point[]), middle(two as Point[])];
    return Math.hypot(o[0] - n[0], o[1] - n[1]) < Math.hypot(o[0] - m[0], o[1] - m[1]) ? name : id;
  };
  return {
    baffles: map.baffles.flatMap((x) => (x.id === id ? made : [x])),
    openings: [
      ...(map.openings ?? []).map((o) =>
        o.from === id ? { ...o, from: nearer(o.to) } : o.to === id ? { ...o, to: nearer(o.from) } : o,
      ),
      { from: id, to: name, state: 'open', widthMm: OPENING_MM },
    ],
  };
}
/** Adds a panel below all that is drawn; its names are made free. @throws RangeError as `panelOf` does. */
export function addPanel(map: FillMap, panel: Omit<Panel, 'xMm' | 'yMm'>): FillMap {
  const points = drawnBaffles(map).flatMap((b) => b.polygonMm);
  const [left, bottom] =
    points.length > 0 ? [Math.min(...points.map((p) => p[0])), Math.max(...points.map((p) => p[1])) + 30] : [0, 0];
  const taken = map.baffles.some((b) => b.id.startsWith(`${panel.name} `));
  const added = panelOf({ ...panel, name: taken ? freeName(map, panel.name) : panel.name, xMm: left, yMm: bottom });
  return { baffles: [...map.baffles, ...added.baffles], openings: [...(map.openings ?? []), ...added.openings] };
}
