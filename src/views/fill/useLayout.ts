import { useState } from 'react';
import { notify } from '../../app/session';
import type { FillMap } from '../../core/gear';
import { boundsOf, drawnBaffles, moveBaffle, movePoint, volumeOf } from '../../core/loft';
import { saveItem } from '../../data/repo';
import type { Item } from '../../core/gear';
export const STEP_MM = 10;
export const BIG_MM = 50;
/** A layout that is being made one's own: what is picked on it, and every change kept as it is made. */
export function useLayout(item: Item) {
  const [selected, setSelected] = useState<string | null>(null);
  const [corner, setCorner] = useState<number | null>(null);
  const [drag, setDrag] = useState<{ corner: number; by: readonly [number, number] } | null>(null);
  const map: FillMap = item.fillMap ?? { baffles: [] };
  const picked = drawnBaffles(map).find((b) => b.id === selected);
  const sewn = map.baffles.reduce((sum, b) => sum + (volumeOf(b) ?? 0), 0);
  const keep = (next: FillMap, said: string): void => {
    if (next !== map) void saveItem({ ...item, fillMap: next }).then((undo) => notify(said, undo));
  };
  const nudge = (by: readonly [number, number]): void => {
    if (!picked) return;
    if (corner === null) keep(moveBaffle(map, picked.id, by), `${picked.id} is moved.`);
    else keep(movePoint(map, picked.id, corner, by), `Corner ${corner + 1} of ${picked.id} is moved.`);
  };
  const size = (): string => {
    const { width, height } = boundsOf(picked?.polygonMm ?? [[0, 0]]);
    return `${width} × ${height} mm`;
  };
  const dragged = (n: number, by: readonly [number, number], done: boolean): void => {
    setDrag(done ? null : { corner: n, by });
    setCorner(n);
    if (picked && done && Math.hypot(...by) > 0)
      keep(movePoint(map, picked.id, n, by), `Corner ${n + 1} of ${picked.id} is moved.`);
  };
  return {
    map,
    picked,
    selected,
    setSelected,
    corner,
    setCorner,
    sewnL: sewn / 1000,
    keep,
    nudge,
    size,
    dragged,
    shown: picked && drag ? movePoint(map, picked.id, drag.corner, drag.by) : map,
    mark: picked && corner !== null ? picked.polygonMm[corner] : undefined,
  };
}
export type Layout = ReturnType<typeof useLayout>;
