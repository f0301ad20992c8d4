import { shortName, wordsOf } from '../core/units/day';
import { color, font } from './theme';

/** Figures along the axes of every chart. */
export const axisTick = { fill: color.quiet, fontSize: 13, fontFamily: font.mono };

/** So high is the curve of a thing’s state with what stands under it, at the least, px: its place is kept free until it comes. */
export const STATE_PX = 344;

/** An instant along an axis: "3 Jan 27". */
export function axisDay(ms: number): string {
  const { day, month, year } = wordsOf(new Date(ms));
  return `${day} ${shortName(month)} ${year.slice(2)}`;
}
/** A month along an axis: "Jan 27". */
export const axisMonth = (ms: number): string => axisDay(ms).replace(/^\d+ /, '');
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
