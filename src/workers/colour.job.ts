import { readColours } from '../core/colour';
import type { Reduced } from '../core/picture';
import type { ColourApi, ColourPicture } from './colour.protocol';
import { reduceFile } from './reduceFile';

const kept = new Map<ColourPicture, Reduced>();
const round: Record<ColourPicture, number> = { before: 0, after: 0 };

export const colourJobs: ColourApi = {
  async read(which, file, onShare) {
    const mine = ++round[which];
    kept.delete(which);
    const read = await reduceFile(file, onShare, () => mine !== round[which]);
    if (typeof read === 'string') return read;
    if (mine !== round[which]) return 'stopped';
    kept.set(which, read.picture);
    return 'read';
  },
  stop: async (which) => void round[which]++,
  measure: async (which, marks) => {
    const picture = kept.get(which);
    return picture ? readColours(picture, marks) : null;
  },
};
