import type { Choices, Rehearsal, Setup } from '../core/rehearse';
import type { Debrief } from '../core/rehearse/train';

/** What is rehearsed: the plan's own choices and others beside them, with the same luck. */
export interface RehearseAsked {
  readonly setup: Setup;
  readonly choices: Choices;
  readonly seed: number;
}
export interface SideBySide {
  readonly plans: Rehearsal;
  readonly yours: Rehearsal;
}
/** What the rehearsal worker can be asked. */
export interface RehearseApi {
  run(asked: RehearseAsked): Promise<SideBySide>;
  goal(asked: Pick<RehearseAsked, 'setup' | 'seed'>): Promise<number>;
  debrief(asked: RehearseAsked, goalMin: number): Promise<Debrief>;
}
