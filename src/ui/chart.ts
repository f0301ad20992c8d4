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
/** So wide is a letter of a name over a chart, and the least room along a chart, on a phone, px. */
const [LETTER_PX, LEAST_PX] = [6.5, 250];
/** Those instants between these two, from the first on, whose names do not run into the name before. @param marks in the order of time. */
export function roomForNames<M extends { readonly at: number; readonly name: string }>(
  marks: readonly M[],
  from: number,
  to: number,
): ReadonlySet<M> {
  const named: M[] = [];
  for (const mark of marks) {
    const before = named.at(-1);
    const apart = before ? ((mark.at - before.at) / (to - from)) * LEAST_PX : Infinity;
    if (apart >= (LETTER_PX * (mark.name.length + (before?.name.length ?? 0) + 1)) / 2) named.push(mark);
  }
  return new Set(named);
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
