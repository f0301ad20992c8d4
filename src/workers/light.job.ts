import { fillByLight, type Reduced, Reducer } from '../core/loft/light';
import type { LightApi, LightPicture } from './light.protocol';

/** Rows decoded at once: small enough that a stop is heard soon. */
const ROWS = 256;
const pause = (): Promise<void> => new Promise((go) => setTimeout(go));
const kept = new Map<LightPicture, Reduced>();
let round = 0;

export const lightJobs: LightApi = {
  async read(which, file, onShare) {
    const mine = ++round;
    let whole: ImageBitmap;
    try {
      whole = await createImageBitmap(file);
    } catch {
      return { status: 'unreadable' };
    }
    const { width, height } = whole;
    const canvas = new OffscreenCanvas(width, Math.min(ROWS, height));
    const context = canvas.getContext('2d', { willReadFrequently: true });
    if (!context) return { status: 'unreadable' };
    const reducer = new Reducer(width, height);
    for (let y = 0; y < height; y += ROWS) {
      if (mine !== round) {
        whole.close();
        return { status: 'stopped' };
      }
      const rows = Math.min(ROWS, height - y);
      context.drawImage(whole, 0, y, width, rows, 0, 0, width, rows);
      reducer.add(context.getImageData(0, 0, width, rows).data, y);
      onShare((y + rows) / height);
      await pause();
    }
    whole.close();
    kept.set(which, reducer.done());
    return { status: 'read', width, height };
  },
  stop: async () => void round++,
  forget: async (which) => void kept.delete(which),
  measure: async (map, fillG, marks) => {
    const thing = kept.get('thing');
    return thing ? fillByLight(thing, kept.get('alone') ?? null, map, fillG, marks) : null;
  },
};
