import { fillByLight, type Reduced } from '../core/loft/light';
import type { LightApi, LightPicture } from './light.protocol';
import { reduceFile } from './reduceFile';

const kept = new Map<LightPicture, Reduced>();
let round = 0;

export const lightJobs: LightApi = {
  async read(which, file, onShare) {
    const mine = ++round;
    const read = await reduceFile(file, onShare, () => mine !== round);
    if (typeof read === 'string') return { status: read };
    kept.set(which, read.picture);
    return { status: 'read', width: read.width, height: read.height };
  },
  stop: async () => void round++,
  forget: async (which) => void kept.delete(which),
  measure: async (map, fillG, marks) => {
    const thing = kept.get('thing');
    return thing ? fillByLight(thing, kept.get('alone') ?? null, map, fillG, marks) : null;
  },
};
