import { ACTIONS, BLEACHES, TUMBLES } from '../gear';
import type { Dimension, LimitValues } from '../knowledge';

/** The ordered values of each worded setting, loosest first. Settings not listed are numbers: more is looser, null is free. */
const SCALES: { readonly [D in Dimension]?: readonly LimitValues[D][] } = {
  action: ACTIONS,
  tumble: TUMBLES,
  bleach: BLEACHES,
  enzymes: ['ok', 'non-bio', 'none'],
  softener: ['ok', 'sparing', 'none'],
  agitator: ['ok', 'none'],
};

/** One value for each dimension. */
export const forEachDimension = <T>(of: (dimension: Dimension) => T): Record<Dimension, T> => ({
  washMaxC: of('washMaxC'),
  action: of('action'),
  spinMaxRpm: of('spinMaxRpm'),
  tumble: of('tumble'),
  bleach: of('bleach'),
  ironMaxC: of('ironMaxC'),
  soakMaxMin: of('soakMaxMin'),
  enzymes: of('enzymes'),
  softener: of('softener'),
  agitator: of('agitator'),
});

export const DIMENSIONS: readonly Dimension[] = Object.values(forEachDimension((dimension) => dimension));

/**
 * How loose a value is: larger is looser, Infinity is no limit.
 * @throws RangeError for a word that the scale does not know (a caller's mistake).
 */
export function looseness(dimension: Dimension, value: string | number | null): number {
  const scale = SCALES[dimension] as readonly unknown[] | undefined;
  if (!scale) return value === null ? Infinity : (value as number);
  const at = scale.indexOf(value);
  if (at < 0) throw new RangeError(`${dimension}: ${String(value)} is not on its scale`);
  return scale.length - 1 - at;
}

/** The loosest value of a dimension. */
export function loosest<D extends Dimension>(dimension: D): LimitValues[D] {
  const scale = SCALES[dimension] as readonly LimitValues[D][] | undefined;
  return scale ? (scale[0] as LimitValues[D]) : (null as LimitValues[D]);
}
