import type { SupplyPreference, SupplyTrait } from '../gear';

export const TRAIT_WORDS: Record<SupplyTrait, string> = {
  'plant-based': 'plant-based',
  'perfume-free': 'without perfume',
  'dye-free': 'without dye',
};
export const PREFERENCE_WORDS: Record<SupplyPreference, string> = { ...TRAIT_WORDS, 'low-cost': 'the cheaper one' };
