import type { ColourChange, ColourReading, ColourResult, Estimate, Outlook, SpotFault } from '../colour';
import { COLOUR_FIGURES, type LightKind } from '../knowledge';
import type { Interval } from '../units/weighted';
import { casesText } from './worth';

/** What is wrong with a picture, and how it is taken better. */
const PICTURE_FAULTS: Record<Exclude<ColourResult['status'], 'read'>, string> = {
  none: 'No white sheet is seen in it. Lay the thing on plain white paper, take the picture again, or show where the sheet is.',
  'cut-off': 'The sheet is brighter than the camera could count. Take it again a little darker, or out of the direct light.',
  dark: 'It is too dark to tell a colour. Take it again by a window, without flash.',
  coloured: 'The light is so coloured that no correction helps. Take it again in daylight.',
  small: 'The picture is too small to read colours from.',
};
const SPOT_FAULTS: Record<SpotFault, string> = {
  'cut-off': 'there it shines too brightly to be read; turn it out of the glare',
  dark: 'there it is too dark to be read',
  far: 'too far from the sheet to know the light there; lay white paper beside it',
  outside: 'it lies outside the picture',
};
/** Why a picture cannot be read, and what to do. */
export const pictureFault = (status: Exclude<ColourResult['status'], 'read'>): string => PICTURE_FAULTS[status];
/** Why a place in a picture cannot be read. */
export const spotFault = (name: string, fault: SpotFault): string => `${name}: ${SPOT_FAULTS[fault]}.`;

const minus = (text: string): string => text.replace('-', '−');
const figure = (value: number, digits: number): string =>
  minus((Object.is(value, -0) ? 0 : value).toFixed(digits)).replace(/^−(0(\.0+)?)$/, '$1');
/** "23 ± 2". */
export const estimateText = ({ value, sd }: Estimate): string => `${figure(value, 0)} ± ${figure(Math.max(1, 1.645 * sd), 0)}`;
/** "17 (14 to 20)". */
export const intervalText = ({ value, low, high }: Interval, digits = 1): string =>
  `${figure(value, digits)} (${figure(low, digits)} to ${figure(high, digits)})`;
/** "L* 82, a* −1, b* 17". */
export const labText = ({ lab }: Pick<ColourReading, 'lab'>): string =>
  `L* ${figure(lab.L, 0)}, a* ${figure(lab.a, 0)}, b* ${figure(lab.b, 0)}`;

const SEEN_BESIDE = COLOUR_FIGURES.seenBeside.value;
const SEEN_BY_ALL = COLOUR_FIGURES.seenByAll.value;
/** Whether one can see it. */
export function seenText({ low, high }: Interval): string {
  if (high < SEEN_BESIDE) return 'nobody sees it';
  if (low >= SEEN_BY_ALL) return 'anyone sees it';
  return low >= SEEN_BESIDE ? 'seen side by side' : 'hardly to be told';
}
/** What happened to one place. */
export function changeText(name: string, { yellower, seen }: Pick<ColourChange, 'yellower' | 'seen'>): string {
  const by = (low: number, high: number): string => {
    const [a, b] = [figure(low, 0), figure(high, 0)];
    return a === b ? a : `${a} to ${b}`;
  };
  if (yellower.high < 0) return `${name} is ${by(-yellower.high, -yellower.low)} less yellow; ${seenText(seen)}.`;
  if (yellower.low > 0) return `${name} is ${by(yellower.low, yellower.high)} more yellow; ${seenText(seen)}.`;
  return seen.low >= SEEN_BESIDE
    ? `${name} has changed its colour, though not its yellowness; ${seenText(seen)}.`
    : `${name}: no change that the pictures can tell.`;
}
/** The change to be named first: the one that is seen most. */
export const foremost = (changes: readonly ColourChange[]): ColourChange | undefined =>
  [...changes].sort((a, b) => b.seen.value - a.seen.value)[0];

export const LIGHT_WORDS: Record<LightKind, string> = {
  sun: 'full sun',
  cloud: 'bright cloud',
  lamp: 'a UV lamp',
};
/** What the sessions so far say of the next. @param many sessions so far. */
export function outlookText({ limit, next, worthIt, more }: Outlook, many: number): string {
  const so = `${many === 1 ? 'One session' : `${many} sessions`} so far.`;
  const ends = `It will not get below ${figure(limit.value, 0)} (${figure(limit.low, 0)} to ${figure(limit.high, 0)}).`;
  const brings = `One more like the last takes ${intervalText({ ...next, low: Math.max(0, next.low) })} off`;
  if (worthIt < COLOUR_FIGURES.hopeless.value) return `Stop here: no further gain that one sees. ${so} ${brings}. ${ends}`;
  const count = more.low === more.high ? `${more.likely}` : `${more.likely} (${more.low} to ${more.high})`;
  return worthIt >= COLOUR_FIGURES.hopeful.value
    ? `Go on: ${count} more to go. ${so} ${brings}. ${ends}`
    : `One more may not be seen: it is, ${casesText(worthIt)}. ${so} ${brings}. ${ends}`;
}
/** What the figures rest on, once for the page. */
export const COLOUR_BASIS = [
  'The sheet is taken for white: the figures are against it, and two pictures with the same kind of sheet compare best.',
  'Bounds hold nine in ten: how even the spot is, how sure the light there, how true the camera.',
  'ΔE*ab and its grade on the grey scale for change in colour: ISO 105-A02. What one sees: CIEDE2000. Yellowness: ASTM E313, D65, 2°.',
  `Less than ${COLOUR_FIGURES.seenYellow.value} in yellowness is not seen.`,
] as const;
