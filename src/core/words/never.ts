import type { Agent } from '../gear';
import type { NeverId } from '../knowledge';
import { SUPPLY_WORDS } from './names';

/** Why two of them must never meet. */
export const NEVER_WORDS: Record<NeverId, string> = {
  'chlorine-acid': 'Chlorine bleach and an acid give off toxic chlorine gas.',
  'chlorine-ammonia': 'Chlorine bleach and ammonia give off toxic chloramine gas.',
  'peroxide-acid': 'Peroxide and an acid such as vinegar make a stronger acid that burns skin, eyes and lungs.',
  'peroxide-bleach': 'Peroxide with another bleach foams, heats and spoils both.',
  'two-bleaches': 'Two bleaches in one bath react with each other and can give off gas.',
  'acetone-bleach': 'Acetone with chlorine bleach gives off toxic vapour, and with peroxide it can form explosive compounds.',
};
export const AGENT_WORDS: Record<Agent, string> = { ...SUPPLY_WORDS, descaler: 'descaler', ammonia: 'ammonia cleaner' };
