import type { ProgrammeStep } from '../document';
import { RHYTHM_FIGURES } from '../knowledge';
import { DAY_MIN } from '../units/time';

/*
 * The latest moment at which a thing may be begun so that it is ready in time. Hands work in waking hours only; machines, lines and rests
 * run through the night. Refuses: machines that are taken and several things at once; that is a wash day.
 */

type Step = Pick<ProgrammeStep, 'when' | 'attendedMin' | 'unattendedMin' | 'mayWait'>;
/** When hands are there, minutes after midnight. */
export const WAKING = { from: RHYTHM_FIGURES.wakesMin.value, to: RHYTHM_FIGURES.sleepsMin.value } as const;
/** Moved earlier by this much until the hands fall into the day, min. */
const STEP_MIN = 1;

/** Steps that follow each other without a pause: one, and those behind it that may not wait. */
function blocksOf(steps: readonly Step[]): Step[][] {
  const blocks: Step[][] = [];
  for (const step of steps) {
    const last = blocks.at(-1);
    if (step.mayWait === false && last) last.push(step);
    else blocks.push([step]);
  }
  return blocks;
}
const lengthOf = (block: readonly Step[]): number => block.reduce((sum, s) => sum + s.attendedMin + s.unattendedMin, 0);

/** True when every stretch of hands of a block that begins then lies in waking hours. */
function awake(block: readonly Step[], startMin: number): boolean {
  let at = startMin;
  for (const { attendedMin, unattendedMin } of block) {
    const from = ((at % DAY_MIN) + DAY_MIN) % DAY_MIN;
    if (attendedMin > 0 && (from < WAKING.from || from + attendedMin > WAKING.to)) return false;
    at += attendedMin + unattendedMin;
  }
  return true;
}

/**
 * Counted in minutes from a local midnight, before it negative.
 * @param readyMin when all must be done, on the same count.
 * @returns the latest start, and whether all hands then lie in waking hours (a step may need more of them than a day has).
 */
export function latestStart(steps: readonly Step[], readyMin: number): { readonly startMin: number; readonly byDay: boolean } {
  let end = readyMin;
  let byDay = true;
  for (const block of blocksOf(steps.filter((s) => s.when === 'always')).reverse()) {
    const latest = end - lengthOf(block);
    let start = latest;
    while (!awake(block, start) && latest - start < 2 * DAY_MIN) start -= STEP_MIN;
    if (!awake(block, start)) {
      byDay = false;
      start = latest;
    }
    end = start;
  }
  return { startMin: end, byDay };
}
