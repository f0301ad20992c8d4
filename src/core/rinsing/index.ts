/**
 * How many fresh fills clear the cleaner. Two compartments: free residue, diluted by each fill, and sorbed residue, let go slowly.
 * Refuses: product advice, and saying that something is clear: suds and clear water do that.
 */
import { RINSING_FIGURES } from '../knowledge';

/** What is taken when nothing was learned, and the most fills that are ever counted. */
export const RINSE_DEFAULTS = {
  sorbedShare: RINSING_FIGURES.sorbedShare.value,
  releaseHand: RINSING_FIGURES.releaseByHand.value,
  releaseDrum: RINSING_FIGURES.releaseInDrum.value,
  target: RINSING_FIGURES.clearAt.value,
  limit: 30,
} as const;
/** Speed at which the held water of a construction is stated, rpm. */
const STATED_RPM = 600;

export type RinseBy = 'hand' | 'drum';
export interface RinseInput {
  /** Dry load, kg, > 0. */
  readonly dryKg: number;
  /** Water held after draining, kg per kg dry, > 0. */
  readonly heldKgPerKg: number;
  /** Fresh water a fill, litres, > 0. */
  readonly freshL: number;
  readonly by: RinseBy;
  /** Share of the start that is sorbed, 0 to 1. */
  readonly sorbedShare?: number;
  /** Share of the sorbed part that one fill lets go, 0 to 1. */
  readonly release?: number;
}
export interface CleanerLeft {
  readonly free: number;
  readonly sorbed: number;
  readonly total: number;
}
export type RinseCount =
  | { readonly status: 'clear'; readonly fills: number }
  | { readonly status: 'never'; readonly fills: number; readonly left: number };

/** Water held after draining at a speed, kg per kg dry, from what is held at 600 rpm. 0 rpm = only drained. */
export function heldAt(heldAt600: number, rpm: number): number {
  if (!(heldAt600 > 0) || !(rpm >= 0)) throw new RangeError('Held water must be above 0 and the speed 0 or more.');
  return heldAt600 * Math.min(RINSING_FIGURES.drainedHold.value, (STATED_RPM / rpm) ** RINSING_FIGURES.spinPower.value);
}

const isShare = (x: number): boolean => x >= 0 && x <= 1;
/** What one fill lets go of the sorbed part when nothing was learned. */
export const usualRelease = (by: RinseBy): number => (by === 'hand' ? RINSE_DEFAULTS.releaseHand : RINSE_DEFAULTS.releaseDrum);

/**
 * Shares of the starting residue left after each fill. Before each, the sorbed part releases its exchange fraction; then the free part is
 * diluted as in a mixed tank: c ← c·Vr/(Vr+Vw).
 * @returns curve[n-1] after n fills, `fills` of them.
 * @throws RangeError when a quantity is not a number above 0, or a share is not between 0 and 1.
 */
export function rinseCurve(input: RinseInput, fills: number): CleanerLeft[] {
  const fill = fillOf(input);
  const curve: CleanerLeft[] = [];
  let left = fill.start;
  for (let n = 0; n < fills; n++) curve.push((left = fill.after(left)));
  return curve;
}
/** What is left before the first fill, and how one fill changes what is left. */
interface Fill {
  readonly start: CleanerLeft;
  readonly after: (left: CleanerLeft) => CleanerLeft;
}
function fillOf(input: RinseInput): Fill {
  const { dryKg, heldKgPerKg, freshL } = input;
  const release = input.release ?? usualRelease(input.by);
  const sorbed = input.sorbedShare ?? RINSE_DEFAULTS.sorbedShare;
  if (!(dryKg > 0) || !(heldKgPerKg > 0) || !(freshL > 0))
    throw new RangeError('Load, held water and fresh water must each be above 0.');
  if (!isShare(release) || !isShare(sorbed)) throw new RangeError('Shares must be between 0 and 1.');
  const heldKg = dryKg * heldKgPerKg;
  const stays = heldKg / (heldKg + freshL);
  const after = (left: CleanerLeft): CleanerLeft => {
    const released = left.sorbed * release;
    const stuck = left.sorbed - released;
    const free = (left.free + released) * stays;
    return { free, sorbed: stuck, total: free + stuck };
  };
  return { start: { free: 1 - sorbed, sorbed, total: 1 }, after };
}

/** Fresh fills until the residue is at the target share of the start, or that this many never reach it. */
export function rinseCount(input: RinseInput, target: number = RINSE_DEFAULTS.target): RinseCount {
  if (!(target > 0) || !(target < 1)) throw new RangeError('The target must be a share between 0 and 1.');
  const fill = fillOf(input);
  let left = fill.start;
  for (let fills = 1; fills <= RINSE_DEFAULTS.limit; fills++) {
    left = fill.after(left);
    if (left.total <= target) return { status: 'clear', fills };
  }
  return { status: 'never', fills: RINSE_DEFAULTS.limit, left: left.total };
}
/** Fresh fills until the cleaner left is below the target share. Refusals as `rinseCount`. */
export const rinsesToClear = (input: RinseInput, target?: number): number => rinseCount(input, target).fills;

/** What ideal mixing alone would need: n = ⌈ln(1/target)/ln(1+Vw/Vr)⌉. Real loads need more. */
export function idealFills({ dryKg, heldKgPerKg, freshL }: RinseInput, target: number = RINSE_DEFAULTS.target): number {
  return Math.ceil(Math.log(1 / target) / Math.log(1 + freshL / (dryKg * heldKgPerKg)) - 1e-12);
}

const STEPS = 60;
/** Where between two releases the count first falls to `n` or below; the count falls as the release grows. */
function releaseFor(input: RinseInput, n: number): number {
  let low = 0;
  let high = 1;
  for (let i = 0; i < STEPS; i++) {
    const mid = (low + high) / 2;
    if (rinsesToClear({ ...input, release: mid }) <= n) high = mid;
    else low = mid;
  }
  return high;
}

/**
 * The exchange fraction after it was seen how many fills cleared this load: the smallest change that gives the count seen. A count below
 * what ideal mixing needs takes the fraction to 1, and one that no fraction explains leaves it at its least.
 */
export function learnRelease(input: RinseInput, clearAfter: number): number {
  if (!(clearAfter >= 1)) throw new RangeError('Clear after at least one fill.');
  const now = input.release ?? usualRelease(input.by);
  const counted = rinsesToClear({ ...input, release: now });
  if (counted === clearAfter) return now;
  if (counted > clearAfter) return releaseFor(input, clearAfter);
  // More fills were needed than counted: just below the fraction at which one fewer would have done.
  return Math.max(0.02, releaseFor(input, clearAfter - 1) - 1e-6);
}
