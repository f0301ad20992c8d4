import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { latestInspection, type FillMap, type Item, type Kit } from '../core/gear';
import {
  type Levelling,
  levellingFrom,
  levellingOf,
  fillGrams,
  type Readings,
  readingsOf,
  type Spread,
  volumeOf,
} from '../core/loft';
import { db, type Photo, readMeta } from '../data/db';
import { tickMove } from '../data/repo';

export { readingsOf, type Readings };
/** Where the grams are from. */
export type Source = 'ruler' | 'light';
export interface KnownLevelling {
  readonly levelling: Levelling | null;
  readonly source: Source;
  /** ISO time of the ruler's look and of the picture; null without. */
  readonly ruledAt: string | null;
  readonly litAt: string | null;
}

/** The spread that a photograph gave, on the map as it is; null when the map has other baffles by now. */
function spreadByLight(map: FillMap, fillG: number, photo: Photo | undefined): Spread[] | null {
  const spread = photo?.light?.spread;
  const volumes = map.baffles.map(volumeOf);
  const sewn = volumes.reduce<number>((sum, v) => sum + (v ?? 0), 0);
  if (!spread || spread.length !== map.baffles.length || volumes.some((v) => !v)) return null;
  const all = map.baffles.map((b, n) => {
    const read = spread.find((s) => s.baffle === b.id);
    return read && { ...read, target: (fillG * (volumes[n] ?? 0)) / sewn, ratio: null };
  });
  return all.every((s) => s !== undefined) ? all : null;
}

/**
 * Where the down of a thing is, by ruler or by light, the newer of the two unless one is wished for.
 * @param changed readings that are not kept yet.
 */
export function useLevelling(
  kit: Kit | undefined,
  item: Item | undefined,
  changed: Readings | null = null,
  wished: Source | null = null,
): KnownLevelling {
  const lit = useLiveQuery(
    async () =>
      (
        await db.photos
          .where('itemId')
          .equals(item?.id ?? '')
          .sortBy('at')
      )
        .filter((p) => p.light)
        .at(-1),
    [item?.id],
  );
  return useMemo(() => {
    const seen = kit && item ? latestInspection(kit.inspections, item.id) : null;
    const ruledAt = seen?.loft?.length ? (seen.asOf?.loft ?? seen.at) : null;
    const fillG = item ? fillGrams(item) : 0;
    const map = item?.fillMap;
    if (!map || !(fillG > 0)) return { levelling: null, source: 'ruler', ruledAt, litAt: null };
    const byLight = spreadByLight(map, fillG, lit);
    const litAt = byLight && lit ? lit.at : null;
    const newer: Source = litAt && (!ruledAt || litAt > ruledAt) ? 'light' : 'ruler';
    const source: Source = changed ? 'ruler' : byLight ? (wished ?? newer) : 'ruler';
    const levelling =
      source === 'light' && byLight ? levellingFrom(map, byLight) : levellingOf(map, fillG, changed ?? readingsOf(seen));
    return { levelling, source, ruledAt, litAt };
  }, [kit, item, lit, changed, wished]);
}

export const moveKey = ({ from, to }: { readonly from: string; readonly to: string }): string => `${from} → ${to}`;
/** The moves that are ticked off, and the way to tick one; kept in the store, so that an evening may be broken off. */
export function useTicked(
  itemId: string,
  levelling: Levelling | null,
): readonly [ReadonlySet<string>, (key: string, done: boolean) => void] {
  const kept = useLiveQuery(async () => (await readMeta('evenings'))?.[itemId], [itemId]);
  const of = (levelling?.moves ?? []).map((m) => `${moveKey(m)} ${m.pinches}`).join('; ');
  const done = useMemo(() => new Set(kept?.of === of ? kept.moves : []), [kept, of]);
  return [done, (key, is) => void tickMove(itemId, of, key, is)];
}
