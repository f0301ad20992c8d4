import { useState } from 'react';
import { FilePick } from '../ui/FilePick';
import { keepPhotos } from './photos';
import { notify } from './session';

/** A photograph of it as it is at this step; kept with the thing. */
export function PhotoTaker({
  itemId,
  step,
  onTaken,
  children = 'Photograph',
}: {
  itemId: string;
  step: string;
  onTaken: (photoId: string) => void;
  children?: string;
}) {
  const [busy, setBusy] = useState(false);
  const take = async (files: readonly File[]): Promise<void> => {
    setBusy(true);
    const { fault, undo, ids } = await keepPhotos(itemId, files, { step });
    for (const id of ids) onTaken(id);
    setBusy(false);
    notify(fault ?? 'The photograph is kept with it, and with this step’s name.', undo);
  };
  return (
    <FilePick accept={['image/*']} camera look="text" disabled={busy} onFiles={(files) => void take(files)}>
      {busy ? 'Making it small …' : children}
    </FilePick>
  );
}
