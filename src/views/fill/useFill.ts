import { useMemo, useState } from 'react';
import { type Readings, readingsOf, type Source, useLevelling, useTicked } from '../../app/levelling';
import { today } from '../../app/now';
import { useLastRun } from '../../app/runs';
import { notify } from '../../app/session';
import { type FillMap, type Item, type Kit, latestInspection } from '../../core/gear';
import { fillGrams, loftOf, overfill, type Spread, volumeOf } from '../../core/loft';
import { clumpsOf } from '../../core/run';
import { dayOf } from '../../core/units/day';
import { saveInspection } from '../../data/repo';

/** The baffle that is picked, with what is known of it. */
function pickedOf(item: Item, map: FillMap, spread: readonly Spread[] | undefined, id: string | null) {
  const baffle = map.baffles.find((b) => b.id === id);
  if (!baffle) return null;
  const share = spread?.find((s) => s.baffle === id);
  const power = item.components.find((c) => c.part === 'fill')?.attributes?.fillPowerCuInPerOz;
  const sewnCm3 = volumeOf(baffle);
  return { baffle, share, overfilled: share && power && sewnCm3 ? overfill(share.grams, power, 'in3-per-oz', sewnCm3) : null };
}
export type Picked = NonNullable<ReturnType<typeof pickedOf>>;

/** Readings of the ruler that are written, and those that are changed and not kept yet. */
function useReadings(kit: Kit, item: Item, map: FillMap) {
  const seen = useMemo(() => latestInspection(kit.inspections, item.id), [kit, item]);
  const [changed, setChanged] = useState<Readings | null>(null);
  const readings = useMemo(() => changed ?? readingsOf(seen), [changed, seen]);
  const setNow = (baffle: string, nowMm: number | undefined): void => {
    const next = new Map(readings);
    if (nowMm === undefined) next.delete(baffle);
    else next.set(baffle, { ...next.get(baffle), nowMm });
    setChanged(next);
  };
  const keep = async (): Promise<void> => {
    if (!seen) return;
    const loft = [...readings].map(([baffle, r]) => {
      const newMm = r.newMm ?? map.baffles.find((b) => b.id === baffle)?.newThicknessMm;
      return { baffle, nowMm: r.nowMm, ...(newMm === undefined ? {} : { newMm }) };
    });
    const { ratio } = loftOf(loft);
    const undo = await saveInspection({ ...seen, loft, ...(ratio === null ? {} : { loftRatio: ratio }) });
    setChanged(null);
    notify('The readings are in today’s look.', undo);
  };
  return { changed, readings, setNow, keep, forget: () => setChanged(null), looked: seen !== null && dayOf(seen.at) === today() };
}
export type ReadingsHere = ReturnType<typeof useReadings>;

/** All that the fill map shows, and what is done on it. */
export function useFill(kit: Kit, item: Item, map: FillMap) {
  const ruler = useReadings(kit, item, map);
  const [selected, select] = useState<string | null>(null);
  const [after, setAfter] = useState(false);
  const [wished, wish] = useState<Source | null>(null);
  const known = useLevelling(kit, item, ruler.changed, wished);
  const { levelling } = known;
  const [done] = useTicked(item.id, levelling);
  const run = useLastRun(item.id);
  return {
    ...known,
    ruler,
    fillG: fillGrams(item),
    clumps: run ? clumpsOf(run) : [],
    selected,
    select,
    after,
    setAfter,
    wish,
    done,
    picked: pickedOf(item, map, levelling?.spread, selected),
    grams: levelling ? new Map((after ? levelling.after : levelling.spread).map((s) => [s.baffle, s.grams] as const)) : null,
    thinnest: levelling?.spread.reduce((a, b) => (b.grams / b.target < a.grams / a.target ? b : a)),
  };
}
export type Fill = ReturnType<typeof useFill>;
