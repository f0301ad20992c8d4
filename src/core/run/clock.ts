/*
 * When the device's clock is set while work is under way. Pure: it is told of steps of the clock that the page's own count of time did not see.
 */

import { HOUR_MS } from '../units/time';
/** A step of the clock, larger than what a busy machine loses, ms. */
export const CLOCK_STEP_MS = 30_000;
/** Two tabs that see one step measure it this alike, ms. */
const ALIKE_MS = 5_000;
/** A tab in the background may see a step this much later than one in front, ms. */
const LATE_MS = 120_000;
/** A step forward that nobody spoke of for so long was sleep, ms. */
const FORGOTTEN_MS = HOUR_MS;

/** What is known of the clock's last step. */
export interface ClockKnown {
  readonly byMs: number;
  /** What the clock showed when it was seen. */
  readonly atMs: number;
  /** Forward steps that may have been sleep, or the clock: what the user is asked about; 0: nothing. */
  readonly askedMs: number;
}
/**
 * The clock was seen to step. A step back moves the timers with it at once; one forward may have been sleep, so it is only asked about; steps
 * that cancel each other leave everything as it was; one that another tab has told already is none.
 * @returns what is known now, and by how much timers move, ms.
 */
export function clockStepped(
  known: ClockKnown | undefined,
  byMs: number,
  nowMs: number,
): { readonly known: ClockKnown; readonly shiftMs: number } {
  if (known && Math.abs(known.byMs - byMs) < ALIKE_MS && Math.abs(nowMs - known.atMs) < LATE_MS) return { known, shiftMs: 0 };
  const fresh = known !== undefined && nowMs - byMs - known.atMs < FORGOTTEN_MS;
  const total = (fresh ? known.askedMs : 0) + byMs;
  return {
    known: { byMs, atMs: nowMs, askedMs: total > CLOCK_STEP_MS ? total : 0 },
    shiftMs: total < -CLOCK_STEP_MS ? total : 0,
  };
}
