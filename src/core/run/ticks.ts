import type { ProgrammeStep } from '../document';
import { plannedUse, timerMinutes } from './index';

/** What leads out of the house, or is work with its own rest: never a thing to be ticked in passing. */
const NO_TICK: ReadonlySet<string> = new Set(['refer', 'refer-repair', 'mend', 'weigh', 'measure-loft']);

/** True for a step that is only done: nothing to wait for, to look at, to measure or to pour. */
export const isBare = (step: ProgrammeStep): boolean =>
  step.when === 'always' && !step.check && timerMinutes(step) === 0 && plannedUse(step).length === 0 && !NO_TICK.has(step.do);

/** True for getting the thing ready: emptied, closed, turned, brushed, bagged. */
const makesReady = (step: ProgrammeStep): boolean =>
  isBare(step) && step.cautions.length === 0 && (step.phase === 'prepare-item' || step.do === 'bag');

/**
 * The steps of a programme as they are taken in one go: what makes the thing ready and adjoins is one piece, to be ticked in any order;
 * every other step is a piece of its own. In order; no step is lost, none stands twice.
 */
export function inPieces(steps: readonly ProgrammeStep[]): readonly (readonly ProgrammeStep[])[] {
  const pieces: ProgrammeStep[][] = [];
  let open: ProgrammeStep[] | null = null;
  for (const step of steps) {
    if (!makesReady(step)) {
      open = null;
      pieces.push([step]);
    } else if (open) open.push(step);
    else pieces.push((open = [step]));
  }
  return pieces;
}
/** The piece in which a step stands; empty when it is none of these. */
export const pieceOf = (steps: readonly ProgrammeStep[], stepId: string): readonly ProgrammeStep[] =>
  inPieces(steps).find((piece) => piece.some((s) => s.id === stepId)) ?? [];
