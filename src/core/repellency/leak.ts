import { REPELLENCY_FIGURES } from '../knowledge';

/** A wet, cold face or a leak? A cup of water on the place, dry paper behind it [common practice]. */
export const LEAK_ANSWERS = ['leak', 'wet-face', 'inside'] as const;
export type LeakAnswer = (typeof LEAK_ANSWERS)[number];
/** @param paperWet the paper behind has a wet spot. @param faceDark the face has drunk. */
export const leakAnswer = (paperWet: boolean, faceDark: boolean): LeakAnswer =>
  paperWet ? 'leak' : faceDark ? 'wet-face' : 'inside';
/** How long the water stands, min. */
export const LEAK_MIN = REPELLENCY_FIGURES.leakMin.value;
