import type { ColourMarks, ColourResult } from '../core/colour';

/** Which of two pictures is meant. */
export type ColourPicture = 'before' | 'after';
export type ReadPicture = 'read' | 'unreadable' | 'stopped';
/** What the colour worker can be asked. It keeps the pictures that it read until others take their place. */
export interface ColourApi {
  /** Reads a picture of any size. @param onShare called with the part that is done, 0 to 1. */
  read(which: ColourPicture, file: Blob, onShare: (share: number) => void): Promise<ReadPicture>;
  stop(which: ColourPicture): Promise<void>;
  /** Colours at these marks; null before the picture was read. */
  measure(which: ColourPicture, marks: ColourMarks): Promise<ColourResult | null>;
}
