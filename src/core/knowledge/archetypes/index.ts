import { CLOTHES } from './clothes';
import { type Archetype } from './make';
import { THINGS } from './things';

export { ARCHETYPE_GROUPS, type Archetype } from './make';
export const ARCHETYPES: readonly Archetype[] = [...CLOTHES, ...THINGS];
