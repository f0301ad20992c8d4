import type { NeverId } from '../knowledge';

/** Why two supplies must never meet. */
export const NEVER_WORDS: Record<NeverId, string> = {
  'chlorine-acid': 'Chlorine bleach and an acid give off toxic chlorine gas.',
  'peroxide-acid': 'Peroxide and vinegar make an acid that burns skin, eyes and lungs.',
  'peroxide-bleach': 'Peroxide with another bleach foams, heats and spoils both.',
  'two-bleaches': 'Two bleaches in one bath react with each other and can give off gas.',
};
