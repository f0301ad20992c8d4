import type { Family } from '../types';
import { CARRIED_FAMILIES } from './carried';
import { FEET_FAMILIES } from './feet';
import { WORN_FAMILIES } from './worn';

/**
 * Constructions and how each is cared for. Of those whose condition holds, the one that outranks the others is taken. Settings are wishes: the envelope always has
 * the last word. Masses, areas, held water and core factors are from memory; they are used only until the owner has weighed the item.
 */
export const FAMILIES = [...FEET_FAMILIES, ...CARRIED_FAMILIES, ...WORN_FAMILIES] as const satisfies readonly Family[];
