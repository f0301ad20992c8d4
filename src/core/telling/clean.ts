import type { CleanReason } from '../upkeep';

/** Why a machine is not clean enough, or could be better, as sentences. */
export const CLEAN_WORDS: Record<CleanReason, string> = {
  standing: 'Something was used in it and never rinsed out.',
  workshop: 'Its last loads were greasy workshop cloths, and grease passes on.',
  softener: 'Its last loads used fabric softener, which blocks repellency, wicking and loft.',
  powder: 'Its last loads used powder, whose grains stay in fill and membrane.',
  perfume: 'Its last loads were perfumed, and this one must stay free of scent.',
  bleach: 'Its last loads used bleach, which can take colour out.',
  'hot-overdue': 'Its last empty hot cycle is more than a month ago.',
  'hot-unknown': 'No empty hot cycle is on record.',
  clean: 'Nothing is left in it that this would mind.',
};
