import { color, font } from './theme';

/** Figures along the axes of every chart. */
export const axisTick = { fill: color.quiet, fontSize: 13, fontFamily: font.mono };
