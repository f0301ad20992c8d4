import {
  COLOUR_FIGURES,
  RINSING_FIGURES,
  WATER_FIGURES,
  DOSING_FIGURES,
  DRYING_FIGURES,
  ENERGY_FIGURES,
  LOFT_FIGURES,
  REHEARSED_FIGURES,
  REPELLENCY_FIGURES,
  RHYTHM_FIGURES,
  WETTING_FIGURES,
} from './figures';

/** All figures, for whoever lists them. A model takes its own group, so that a page loads only what it uses. */
export const FIGURES = {
  ...RINSING_FIGURES,
  ...WATER_FIGURES,
  ...DOSING_FIGURES,
  ...DRYING_FIGURES,
  ...ENERGY_FIGURES,
  ...LOFT_FIGURES,
  ...COLOUR_FIGURES,
  ...REHEARSED_FIGURES,
  ...REPELLENCY_FIGURES,
  ...RHYTHM_FIGURES,
  ...WETTING_FIGURES,
} as const;
export type FigureId = keyof typeof FIGURES;
