/** A photograph made small: only the picture is left, whatever else the file carried (place, camera, owner). */
export interface SmallPhoto {
  readonly blob: Blob;
  readonly width: number;
  readonly height: number;
}
export type PhotoAnswer = { readonly status: 'small'; readonly photo: SmallPhoto } | { readonly status: 'unreadable' };

/** What the photograph worker can be asked. */
export interface PhotoApi {
  shrink(file: Blob): Promise<PhotoAnswer>;
}
/** Longest side kept, px. */
export const LONGEST_PX = 1600;

/** The size a picture of these sides is kept at; never enlarged. */
export function keptSize(width: number, height: number, longest: number = LONGEST_PX): { width: number; height: number } {
  const scale = Math.min(1, longest / Math.max(width, height, 1));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}
