import { useOfThing } from '../../app/OfThing';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { keepPhotos } from '../../app/photos';
import { useAddress } from '../../app/pictures';
import { notify } from '../../app/session';
import { changeOf, type ColourChange, type ColourMarks, type ColourReading } from '../../core/colour';
import { changeText, estimateText, foremost } from '../../core/telling/colour';
import type { Photo } from '../../data/db';
import { letterOf } from './ColourStage';
import { readingsIn, useMarks, type ColourPicture } from './useMarks';
/** A thing with nothing marked on it yet, and four points to lay two pictures over each other. */
const START: ColourMarks = { spots: [{ id: 's1', name: 'Spot A', at: [0.5, 0.5] }] };
const CORNERS: NonNullable<ColourMarks['corners']> = [
  [0.2, 0.2],
  [0.8, 0.2],
  [0.8, 0.8],
  [0.2, 0.8],
];
export const WHICH: readonly ColourPicture[] = ['before', 'after'];
const placeIn =
  (slot: ColourPicture, photoId: string) =>
  (now: URLSearchParams): URLSearchParams => {
    now.set(slot, photoId);
    return now;
  };
/** The changes of what was read in both. */
const changesOf = (olds: readonly ColourReading[], news: readonly ColourReading[]): ColourChange[] =>
  olds.flatMap((one): ColourChange[] => {
    const other = news.find((r) => r.id === one.id);
    return other ? [changeOf(one, other)] : [];
  });

/** Which pictures are before and after, chosen in the address or else the first and the last that were read; and how one is added. */
function usePair(itemId: string, photos: readonly Photo[], show: (slot: ColourPicture) => void) {
  const [search, setSearch] = useSearchParams();
  const [fault, setFault] = useState<string | null>(null);
  const [making, setMaking] = useState(false);
  const read = photos.filter((p) => p.colour);
  const photoOf = (which: ColourPicture): Photo | undefined =>
    photos.find((p) => p.id === search.get(which)) ?? (which === 'before' ? read[0] : read.length > 1 ? read.at(-1) : undefined);
  const [first, second] = [photoOf('before'), photoOf('after')];
  const take = (slot: ColourPicture, photo: Photo): void => {
    setSearch(placeIn(slot, photo.id), { replace: true });
    show(slot);
  };
  const add = async (slot: ColourPicture, file: File | undefined): Promise<void> => {
    if (!file) return;
    setMaking(true);
    const kept = await keepPhotos(itemId, [file], {});
    setMaking(false);
    setFault(kept.fault);
    const [photoId] = kept.ids;
    if (!photoId) return;
    notify('The photograph is kept.', kept.undo);
    setSearch(placeIn(slot, photoId), { replace: true });
    show(slot);
  };
  return { first, second, fault, making, take, add };
}

/** What is marked in both pictures alike. */
function useBoth(first: Photo | undefined, second: Photo | undefined) {
  const before = useMarks('before', first, START);
  const begin = useMemo(() => ({ ...before.marks, sheet: undefined }), [before.marks]);
  const after = useMarks('after', second, begin);
  const both = (change: (marks: ColourMarks) => ColourMarks): void => {
    before.setMarks(change(before.marks), false);
    // Where nothing is placed yet it begins as the other is.
    if (after.placed) after.setMarks(change(after.marks));
  };
  const addSpot = (): void => {
    const n = before.marks.spots.length;
    const spotId = `s${1 + Math.max(0, ...before.marks.spots.map((s) => Number(s.id.slice(1)) || 0))}`;
    both((m) => ({
      ...m,
      spots: [...m.spots, { id: spotId, name: `Spot ${letterOf(n)}`, at: [Math.min(0.9, 0.3 + 0.1 * n), 0.4] }],
    }));
  };
  const rename = (spotId: string, to: string): void =>
    both((m) => ({ ...m, spots: m.spots.map((s) => (s.id === spotId ? { ...s, name: to } : s)) }));
  const dropSpot = (): void => both((m) => ({ ...m, spots: m.spots.slice(0, -1) }));
  const toggleCorners = (on: boolean): void => both((m) => ({ ...m, corners: on ? CORNERS : undefined }));
  return { before, after, addSpot, dropSpot, rename, toggleCorners };
}

/** Two pictures of a thing, what is marked in them, what was read, and what it says. */
export function useColours(itemId: string, photos: readonly Photo[]) {
  const [chosen, setView] = useState<ColourPicture | 'both' | null>(null);
  const pair = usePair(itemId, photos, setView);
  const { first, second } = pair;
  const marked = useBoth(first, second);
  const { before, after } = marked;
  const addresses = { before: useAddress(first?.blob ?? null), after: useAddress(second?.blob ?? null) };
  // What has been marked already is looked at, what has not is marked.
  const laid = before.placed && after.placed && before.marks.corners !== undefined && after.marks.corners !== undefined;
  const view = chosen ?? (laid ? 'both' : 'before');
  const here = view === 'after' && second ? after : before;
  const which: ColourPicture = view === 'after' && second ? 'after' : 'before';
  const [olds, news] = [readingsIn(before), readingsIn(after)];
  const changes = useMemo(() => changesOf(olds, news), [olds, news]);
  const best = foremost(changes);
  const nameOf = (spotId: string): string => before.marks.spots.find((s) => s.id === spotId)?.name ?? spotId;
  const [single] = olds;
  const says = useOfThing();
  const answer = !first
    ? says('Lay it on a white sheet, and take one picture before the work and one after.')
    : best
      ? changeText(nameOf(best.id), best)
      : second
        ? 'Move the letters onto the same places in both pictures.'
        : single
          ? `${nameOf(single.id)}: yellowness ${estimateText(single.yellow)}. Take the second picture after the work.`
          : 'Move the letter onto the place that is to be read.';
  return { ...pair, ...marked, addresses, view, setView, which, here, olds, changes, best, answer, photos };
}
export type Colours = ReturnType<typeof useColours>;
