import type { FillMap } from '../core/gear';
import type { LightMarks, LightResult } from '../core/loft/light';

/** Which of the two pictures: the thing before the light, or the light alone. */
export type LightPicture = 'thing' | 'alone';
export type ReadAnswer =
  { readonly status: 'read'; readonly width: number; readonly height: number } | { readonly status: 'unreadable' | 'stopped' };
/** What the light worker can be asked. It keeps the pictures that it read until others take their place. */
export interface LightApi {
  /** Reads a picture of any size. @param onShare called with the part that is done, 0 to 1. */
  read(which: LightPicture, file: Blob, onShare: (share: number) => void): Promise<ReadAnswer>;
  /** Stops reading; what was read before stays. */
  stop(): Promise<void>;
  forget(which: LightPicture): Promise<void>;
  /** Grams from the pictures read; null before the thing's was. */
  measure(map: FillMap, fillG: number, marks: LightMarks): Promise<LightResult | null>;
}
