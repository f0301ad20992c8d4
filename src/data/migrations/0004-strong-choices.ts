/*
 * Frozen. Version 4: a choice belongs to a thing. Until then every choice was made for the whole kit on the page of one thing, and nobody
 * wrote down of which; solvents, stronger heats, passed limits and risks taken are therefore no longer the kit's. The rest stays.
 */
export const version = 4;

interface Row {
  readonly [field: string]: unknown;
}
/** As they were then. */
const STRONG: Readonly<Record<string, readonly string[]>> = {
  'PROOF-HEAT': ['tumble', 'iron'],
  'DOWN-HEAT': ['medium'],
  'SHOE-HEAT': ['hot'],
  RUBBER: ['solvent'],
  'SHOE-LEATHER': ['if-label-allows'],
  'CLOTH-TEMP': ['60'],
};

/** Preferences before and after; what is not chosen is left as it is. */
export function preferences(row: Row): Row {
  const { schools } = row;
  if (typeof schools !== 'object' || schools === null) return row;
  const kept = Object.entries(schools).filter(([school, option]) => !STRONG[school]?.includes(option as string));
  return { ...row, schools: Object.fromEntries(kept) };
}
