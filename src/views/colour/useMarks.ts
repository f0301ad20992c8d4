import { useEffect, useState } from 'react';
import { usePictureReading, type PictureReading } from '../../app/pictureReading';
import type { ColourMarks, ColourReading, ColourResult } from '../../core/colour';
import type { Photo } from '../../data/db';
import { changePhoto } from '../../data/repo';
import { pictureWorker } from '../../workers';

/** Which of two pictures is meant. */
export type ColourPicture = 'before' | 'after';
export type ColoursOf = PictureReading<ColourMarks, ColourResult>;
const colours = async (which: ColourPicture, marks: ColourMarks): Promise<ColourResult | null> =>
  pictureWorker().colours(which, marks);

const SAVE_MS = 500;
const NONE: readonly ColourReading[] = [];

/** Marks of a photograph as they are moved; kept with it, and what was read at them, as soon as the hand rests. */
export function useMarks(which: ColourPicture, photo: Photo | undefined, start: ColourMarks) {
  const [moved, setMoved] = useState<{ id: string; marks: ColourMarks; placed: boolean } | null>(null);
  const marks = moved && moved.id === photo?.id ? moved.marks : (photo?.colour?.marks ?? start);
  const read = usePictureReading(which, photo?.id, marks, colours);
  const { answer } = read;
  // Nobody's marks lie where they begin: nothing is read from there.
  const placed = (moved !== null && moved.id === photo?.id && moved.placed) || photo?.colour !== undefined;
  useEffect(() => {
    if (!photo || !placed || answer?.result.status !== 'read' || answer.marks !== marks) return;
    const { readings } = answer.result;
    if (JSON.stringify([photo.colour?.marks, photo.colour?.readings]) === JSON.stringify([marks, readings])) return;
    const wait = setTimeout(() => void changePhoto(photo.id, { colour: { ...photo.colour, marks, readings } }), SAVE_MS);
    return () => clearTimeout(wait);
  }, [photo, placed, answer, marks]);
  return {
    marks,
    colours: read,
    placed,
    /** What was read at these marks when it was read last: it stands until the picture has been read again. */
    kept: moved && moved.id === photo?.id ? NONE : (photo?.colour?.readings ?? NONE),
    /** @param set a hand has put them there, or said that they lie right; a name alone is neither. */
    setMarks: (next: ColourMarks, set = true) => photo && setMoved({ id: photo.id, marks: next, placed: placed || set }),
  };
}
export function readingsIn({ colours: { answer }, placed, kept }: ReturnType<typeof useMarks>): readonly ColourReading[] {
  if (!placed) return NONE;
  if (!answer) return kept;
  return answer.result.status === 'read' ? answer.result.readings : NONE;
}
