import type { Agent } from '../gear';
import type { NeverPair } from './types';

const P = { basis: 'practice' } as const;

/** What must not meet in one bath, nor follow without a rinse between. Oxygen boosters set peroxide free. */
export const NEVER_TOGETHER = [
  { id: 'chlorine-acid', ...P, one: ['chlorine-bleach'], other: ['vinegar', 'descaler'] },
  { id: 'chlorine-ammonia', ...P, one: ['chlorine-bleach'], other: ['ammonia'] },
  { id: 'peroxide-acid', ...P, one: ['peroxide-cream', 'oxygen-booster'], other: ['vinegar', 'descaler'] },
  { id: 'peroxide-bleach', ...P, one: ['peroxide-cream'], other: ['oxygen-booster', 'chlorine-bleach'] },
  { id: 'two-bleaches', ...P, one: ['chlorine-bleach'], other: ['oxygen-booster'] },
  { id: 'acetone-bleach', ...P, one: ['acetone'], other: ['chlorine-bleach', 'peroxide-cream', 'oxygen-booster'] },
] as const satisfies readonly NeverPair[];

/** Gone by itself once it has aired: it meets only what is used beside it. */
export const EVAPORATES: readonly Agent[] = ['acetone'];
