import type { NeverPair } from './types';

const P = { basis: 'practice' } as const;

/** What must not meet in one bath, nor follow without a rinse between. Oxygen boosters set peroxide free. */
export const NEVER_TOGETHER = [
  { id: 'chlorine-acid', ...P, one: ['chlorine-bleach'], other: ['vinegar'] },
  { id: 'peroxide-acid', ...P, one: ['peroxide-cream', 'oxygen-booster'], other: ['vinegar'] },
  { id: 'peroxide-bleach', ...P, one: ['peroxide-cream'], other: ['oxygen-booster', 'chlorine-bleach'] },
  { id: 'two-bleaches', ...P, one: ['chlorine-bleach'], other: ['oxygen-booster'] },
] as const satisfies readonly NeverPair[];
