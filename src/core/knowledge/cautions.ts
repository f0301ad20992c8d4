import type { Caution } from './types';

const P = { basis: 'practice' } as const;

/** Cautions at the step where they bite. Local law and the product's own label come first. */
export const CAUTIONS = [
  { id: 'wet-lift', ...P, when: { any: ['bag-like', 'heavy-wet'] }, at: ['lift-wet', 'press-out'] },
  { id: 'tub-children', ...P, when: { all: ['method:tub'] }, at: ['tub-wash', 'bath-rinse'] },
  { id: 'gloves-soak', ...P, when: {}, at: ['soak', 'tub-wash', 'hand-wash'] },
  { id: 'blood-gloves', ...P, when: {}, at: ['treat-blood'] },
  { id: 'mould-mask', ...P, when: {}, at: ['treat-mould'] },
  { id: 'acetone-fire', ...P, when: {}, at: ['rubber-solvent'] },
  {
    id: 'solvent-no-dryer',
    basis: 'standard',
    source: 'IEC 60335-2-11 (wording from memory)',
    when: { any: ['greasy', 'school:RUBBER=solvent'] },
    at: ['treat-grease', 'rubber-solvent', 'line-dry', 'dry-indoors'],
  },
  {
    id: 'peroxide-burns',
    basis: 'standard',
    source: 'EU CLP Regulation (EC) No 1272/2008',
    when: {},
    at: ['treat-yellow-rubber'],
  },
  { id: 'spray-mist', ...P, when: {}, at: ['spray-proof'] },
  { id: 'iron-cloth', ...P, when: {}, at: ['heat-iron'] },
  { id: 'hair-dryer-water', ...P, when: {}, at: ['heat-hair-dryer'] },
  {
    id: 'dryer-lint',
    basis: 'standard',
    source: 'IEC 60335-2-11 (wording from memory)',
    when: {},
    at: ['tumble', 'fluff', 'heat-tumble'],
  },
  { id: 'heat-every-restart', ...P, when: {}, at: ['tumble'] },
  {
    id: 'never-mix',
    ...P,
    when: { any: ['have:chlorine-bleach', 'have:peroxide-cream'] },
    at: ['machine-wash', 'hand-wash', 'tub-wash', 'treat-yellow-rubber'],
  },
  { id: 'wet-floor', ...P, when: { all: ['method:tub'] }, at: ['bath-rinse'] },
  { id: 'impeller-gentle', ...P, when: { all: ['washer:impeller'] }, at: ['machine-wash'] },
  { id: 'fan-electric', ...P, when: {}, at: ['dry-fan', 'dry-moving-air', 'spray-extract'] },
] as const satisfies readonly Caution[];
