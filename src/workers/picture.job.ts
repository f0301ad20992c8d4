import { readColours } from '../core/colour';
import type { Reduced } from '../core/picture';
import { readWetting } from '../core/wetting';
import type { PictureApi, PictureSlot } from './picture.protocol';
import { reduceFile } from './reduceFile';

const kept = new Map<PictureSlot, Reduced>();
const round: Record<PictureSlot, number> = { before: 0, after: 0, drops: 0 };
const of = <R>(slot: PictureSlot, read: (picture: Reduced) => R): R | null => {
  const picture = kept.get(slot);
  return picture ? read(picture) : null;
};

export const pictureJobs: PictureApi = {
  async read(slot, file, onShare) {
    const mine = ++round[slot];
    kept.delete(slot);
    const read = await reduceFile(file, onShare, () => mine !== round[slot]);
    if (typeof read === 'string') return read;
    if (mine !== round[slot]) return 'stopped';
    kept.set(slot, read.picture);
    return 'read';
  },
  stop: async (slot) => void round[slot]++,
  colours: async (slot, marks) => of(slot, (picture) => readColours(picture, marks)),
  wetting: async (slot, marks) => of(slot, (picture) => readWetting(picture, marks)),
};
