import type { Thresholds } from './types';

/** From memory; the user may move each. The first home of these figures. */
export const THRESHOLDS: Thresholds = { soilWash: 2, odourWash: 2, dropFine: 4, dropPoor: 2, loftWash: 0.85, loftFluff: 0.95 };
/** Ours where the user moved none. */
export const thresholdsOf = (
  moved: { readonly [K in keyof Thresholds]?: number | undefined } | undefined,
  ours: Thresholds = THRESHOLDS,
): Thresholds => ({ ...ours, ...moved }) as Thresholds;
