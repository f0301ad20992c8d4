import type { Choices, Rehearsal, Stage } from '../core/rehearse';
import type { Debrief } from '../core/rehearse/train';

/** What is rehearsed: the plan's own choices and others beside them, with the same luck. */
export interface RehearseAsked {
  readonly stage: Stage;
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
  goal(asked: Pick<RehearseAsked, 'stage' | 'seed'>): Promise<number>;
  debrief(asked: RehearseAsked, goalMin: number): Promise<Debrief>;
}
