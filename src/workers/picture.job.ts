import { coloursIn, type ColourMarks, type ColourResult } from '../core/colour';
import { readWetting, type WettingMarks, type WettingResult } from '../core/wetting';
import type { PictureApi, PictureSlot } from './picture.protocol';
import { reduceFile } from './reduceFile';

/** What can be read in a picture. */
interface Readers {
  readonly colours: (marks: ColourMarks) => ColourResult;
  readonly wetting: (marks: WettingMarks) => WettingResult;
}
const kept = new Map<PictureSlot, Readers>();
const round: Record<PictureSlot, number> = { before: 0, after: 0, drops: 0 };

export const pictureJobs: PictureApi = {
  async read(slot, file, onShare) {
    const mine = ++round[slot];
    kept.delete(slot);
    const read = await reduceFile(file, onShare, () => mine !== round[slot]);
    if (typeof read === 'string') return read;
    if (mine !== round[slot]) return 'stopped';
    const { picture } = read;
    kept.set(slot, { colours: coloursIn(picture), wetting: (marks) => readWetting(picture, marks) });
    return 'read';
  },
  stop: async (slot) => void round[slot]++,
  colours: async (slot, marks) => kept.get(slot)?.colours(marks) ?? null,
  wetting: async (slot, marks) => kept.get(slot)?.wetting(marks) ?? null,
};
