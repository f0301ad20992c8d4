import type { Basis, Choice } from './types';

/** Days until the next look, by construction: the calendar only backs up what the thing itself shows [common practice, no source]. */
export const LOOK_AGAIN_DAYS: readonly Choice<number>[] = [
  { use: 365, when: { all: ['bag-like', 'down-filled'] } },
  { use: 120, when: { all: ['down-filled'] } },
  { use: 60, when: { all: ['waterproof'] } },
  { use: 21, when: { all: ['mark:scent-critical'] } },
  { use: 60, when: { all: ['shoe-like'] } },
  { use: 7, when: { any: ['cloth-like', 'kind:jersey', 'rinse-only'] } },
  { use: 180, when: { all: ['life-safety'] } },
  { use: 90 },
];
/** Pale things show soil first: this share of the time [from memory]. */
export const PALE_SHARE = 0.75;
export const RHYTHM_BASIS: Basis = { basis: 'practice' };
