import type { HazardId, Substance } from '../knowledge/hazards';

/** What a strength can do, and what to wear. Labels and local rules come first. */
export const HAZARD_WORDS: Record<HazardId, string> = {
  'peroxide-corrosive': 'Burns skin and eyes badly and feeds fire. Not for household use.',
  'peroxide-airways': 'Irritates skin and airways: no spraying, window open, gloves and goggles.',
  'peroxide-eye-damage':
    'Serious eye damage (8 to 50 % peroxide): goggles and gloves, away from children, never near other bleaches or vinegar.',
  'peroxide-eye-irritant': 'Irritates the eyes (5 to 8 % peroxide): glasses and gloves.',
  'acid-corrosive':
    'Acid this strong burns skin and eyes: goggles, gloves, and pour the acid into the water, never the other way.',
  'acid-irritant': 'Acid of 10 to 25 % irritates skin and eyes: glasses and gloves.',
  'hypochlorite-gas': 'From 5 % on it gives off toxic gas with any acid: open window, gloves, goggles, nothing else in the bath.',
  'hypochlorite-any': 'Chlorine bleach at any strength: never with vinegar, descaler, ammonia or another bleach.',
  'percarbonate-eye-damage': 'Serious eye damage as a strong paste: goggles and gloves.',
  'percarbonate-eye-irritant': 'Irritates the eyes at this strength: glasses and gloves.',
};
export const SUBSTANCE_WORDS: Record<Substance, string> = {
  peroxide: 'hydrogen peroxide',
  'acetic-acid': 'vinegar (acetic acid)',
  hypochlorite: 'chlorine bleach (hypochlorite)',
  percarbonate: 'oxygen booster (percarbonate)',
  other: 'any other cleaner',
};
