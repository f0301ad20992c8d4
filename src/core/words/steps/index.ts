import type { StepId } from '../../knowledge';
import { FINISH_WORDS } from './finish';
import { PREPARE_WORDS } from './prepare';
import type { StepWords } from './say';
import { WASH_WORDS } from './wash';

export { say, type MarkSaid, type StepContext, type StepWords } from './say';

/** Title, sentences and check of every step; a template without words does not compile. */
export const STEP_WORDS: Record<StepId, StepWords> = { ...PREPARE_WORDS, ...WASH_WORDS, ...FINISH_WORDS };
