import type { ColourMarks, ColourResult } from '../core/colour';
import type { WettingMarks, WettingResult } from '../core/wetting';

/** Pictures that are held at once: two whose colours are compared, and one of drops. */
export type PictureSlot = 'before' | 'after' | 'drops';
export type ReadPicture = 'read' | 'unreadable' | 'stopped';
/** What the picture worker can be asked. It keeps the pictures that it read until others take their place. */
export interface PictureApi {
  /** Reads a picture of any size. @param onShare called with the part that is done, 0 to 1. */
  read(slot: PictureSlot, file: Blob, onShare: (share: number) => void): Promise<ReadPicture>;
  stop(slot: PictureSlot): Promise<void>;
  /** Colours at these marks; null before the picture was read. */
  colours(slot: PictureSlot, marks: ColourMarks): Promise<ColourResult | null>;
  /** What drops left between these marks; null before the picture was read. */
  wetting(slot: PictureSlot, marks: WettingMarks): Promise<WettingResult | null>;
}
