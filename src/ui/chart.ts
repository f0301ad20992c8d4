import { color, font } from './theme';

/** Figures along the axes of every chart. */
export const axisTick = { fill: color.quiet, fontSize: 13, fontFamily: font.mono };

/** An instant along an axis: "3 Jan 27". */
export const axisDay = (ms: number): string =>
  new Date(ms).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: '2-digit' });
/** Instants, ms, along the foot of a chart. */
export const timeAxis = {
  dataKey: 'at',
  type: 'number',
  scale: 'time',
  domain: ['dataMin', 'dataMax'],
  tickFormatter: axisDay,
  tick: axisTick,
  stroke: color.line,
  minTickGap: 40,
} as const;
