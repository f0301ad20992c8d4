import { type Reduced, Reducer } from '../core/picture';

/** Rows decoded at once: small enough that a stop is heard soon. */
const ROWS = 256;
const pause = (): Promise<void> => new Promise((go) => setTimeout(go));

/**
 * A picture of any size, decoded row by row and made small.
 * @param onShare called with the part that is done, 0 to 1. @param stopped asked between rows.
 */
export async function reduceFile(
  file: Blob,
  onShare: (share: number) => void,
  stopped: () => boolean,
): Promise<{ readonly picture: Reduced; readonly width: number; readonly height: number } | 'unreadable' | 'stopped'> {
  let whole: ImageBitmap;
  try {
    whole = await createImageBitmap(file);
  } catch {
    return 'unreadable';
  }
  const { width, height } = whole;
  const canvas = new OffscreenCanvas(width, Math.min(ROWS, height));
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return 'unreadable';
  const reducer = new Reducer(width, height);
  for (let y = 0; y < height; y += ROWS) {
    if (stopped()) {
      whole.close();
      return 'stopped';
    }
    const rows = Math.min(ROWS, height - y);
    context.drawImage(whole, 0, y, width, rows, 0, 0, width, rows);
    reducer.add(context.getImageData(0, 0, width, rows).data, y);
    onShare((y + rows) / height);
    await pause();
  }
  whole.close();
  return { picture: reducer.done(), width, height };
}
