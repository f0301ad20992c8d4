import type { Photo } from '../data/db';
import { savePhotos, type Undo } from '../data/repo';
import { fullness, isFull, keepStored } from '../data/storage';
import { photoWorker } from '../workers';
import { newId, nowIso } from './now';
import { BYTES_PER_MB } from '../core/units';

export interface KeptPhotos {
  /** What went wrong, in a sentence; null when nothing did. */
  readonly fault: string | null;
  /** Takes the last one away again; absent when none was kept. */
  readonly undo?: Undo;
  /** Of those that were kept. */
  readonly ids: readonly string[];
}

/** Makes pictures small off the page, frees them of place and camera, and keeps them with the thing. */
export async function keepPhotos(
  itemId: string,
  files: readonly File[],
  more: Partial<Pick<Photo, 'step' | 'light'>>,
  onOne: () => void = () => undefined,
): Promise<KeptPhotos> {
  let fault: string | null = null;
  let undo: Undo | undefined;
  const ids: string[] = [];
  void keepStored();
  for (const file of files) {
    const answer = await photoWorker()
      .shrink(file)
      .catch(() => null);
    if (answer === null)
      fault = `${file.name} was not kept: what makes photographs small could not be loaded. Load the page again.`;
    else if (answer.status === 'unreadable') fault = `${file.name} is no picture that can be read. Nothing else was changed.`;
    else {
      const { blob, width, height } = answer.photo;
      try {
        const photo = { id: newId('pho'), itemId, at: nowIso(), width, height, bytes: blob.size, blob, ...more };
        undo = await savePhotos([photo]);
        ids.push(photo.id);
      } catch (error) {
        fault = isFull(error)
          ? 'The browser’s store is full. What was there is kept; save a copy under Record and delete some photographs.'
          : 'The photograph could not be kept. Nothing else was changed; try again.';
      }
    }
    onOne();
  }
  const full = await fullness();
  if (full?.nearlyFull)
    fault = `The browser’s store is nearly full: ${Math.round(full.usedBytes / BYTES_PER_MB)} of ${Math.round(full.ofBytes / BYTES_PER_MB)} MB. Nothing was lost.`;
  return { fault, ids, ...(undo ? { undo } : {}) };
}
