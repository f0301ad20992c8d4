import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { toThing } from '../../app/routes';
import { keepPhotos } from '../../app/photos';
import { useAddress } from '../../app/pictures';
import { notify } from '../../app/session';
import { type LightMarks, type Point } from '../../core/loft/light';
import type { Photo } from '../../data/db';
import { changePhoto } from '../../data/repo';
import { lightWorker } from '../../workers';
import { useLight } from './useLight';
import type { Item, FillMap } from '../../core/gear';

const START: readonly Point[] = [
  [0.15, 0.15],
  [0.85, 0.15],
  [0.85, 0.85],
  [0.15, 0.85],
];
interface Source {
  readonly file: Blob;
  readonly name: string;
  /** The photograph that it is already kept as. */
  readonly photo: Photo | null;
}

export type Which = 'thing' | 'alone';

/** A picture of a thing against the light: what is read of it, what is marked on it, and how its grams are kept. */
export function useLightPicture(item: Item, map: FillMap, fillG: number) {
  const navigate = useNavigate();
  const [source, setSource] = useState<Source | null>(null);
  const [alone, setAlone] = useState<string | null>(null);
  const [reading, setReading] = useState<{ what: 'thing' | 'alone'; share: number } | null>(null);
  const [read, setRead] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  const [marks, setMarks] = useState<LightMarks>({ corners: START });
  const address = useAddress(source?.file ?? null);
  const asked = useMemo(() => (read > 0 ? { map, fillG, marks, read } : null), [read, map, fillG, marks]);
  const { result, stale } = useLight(asked);
  useEffect(
    () => () => {
      const { stop, forget } = lightWorker();
      // Where it was lost there is nothing to stop or to forget.
      Promise.all([stop(), forget('thing'), forget('alone')]).catch(() => undefined);
    },
    [],
  );
  const take = async (which: 'thing' | 'alone', next: Source): Promise<void> => {
    setFault(null);
    setReading({ what: which, share: 0 });
    const answer = await lightWorker()
      .read(
        which,
        next.file,
        proxy((share: number) => setReading({ what: which, share })),
      )
      .finally(() => setReading(null));
    if (answer.status === 'stopped') return;
    if (answer.status === 'unreadable') return setFault(`${next.name} is no picture that can be read. Nothing else was changed.`);
    setRead((n) => n + 1);
    if (which === 'alone') setAlone(next.name);
    else {
      setSource(next);
      if (next.photo?.light) setMarks(next.photo.light.marks);
    }
  };
  const file = (which: 'thing' | 'alone', one: File): void => void take(which, { file: one, name: one.name, photo: null });
  // Nobody's corners lie where they begin: no answer before they are set.
  const placed = marks.corners !== START;
  const measured = placed && result?.status === 'measured' ? result : null;
  const keep = async (): Promise<void> => {
    if (!source || !measured) return;
    const light = { marks, spread: measured.spread.map(({ baffle, grams, sd }) => ({ baffle, grams, sd })) };
    if (source.photo) notify('The grams are kept with the photograph.', await changePhoto(source.photo.id, { light }));
    else {
      const kept = await keepPhotos(item.id, [new File([source.file], source.name)], { light });
      if (kept.fault) return setFault(kept.fault);
      notify('The photograph and its grams are kept.', kept.undo);
    }
    void navigate(toThing(item.id, 'fill'));
  };
  return { source, alone, reading, fault, marks, setMarks, address, result, stale, placed, measured, take, file, keep };
}
export type LightPicture = ReturnType<typeof useLightPicture>;
