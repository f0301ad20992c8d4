import type { Caution } from './types';

const P = { basis: 'practice' } as const;

/** Cautions at the step where they bite. Local law and the product's own label come first. */
export const CAUTIONS = [
  { id: 'wet-lift', order: 10, ...P, when: { any: ['bag-like', 'heavy-wet'] }, at: ['lift-wet', 'press-out'] },
  { id: 'tub-children', order: 20, ...P, when: { all: ['method:tub'] }, at: ['tub-wash', 'bath-rinse'] },
  { id: 'gloves-soak', order: 30, ...P, when: { none: ['family:flask'] }, at: ['soak', 'tub-wash'] },
  { id: 'blood-gloves', order: 40, ...P, when: {}, at: ['treat-blood'] },
  { id: 'mould-mask', order: 50, ...P, when: {}, at: ['treat-mould'] },
  { id: 'acetone-fire', order: 60, ...P, when: { all: ['school:RUBBER=solvent'] }, at: ['rubber-solvent', 'spot-test'] },
  {
    id: 'solvent-no-dryer',
    order: 70,
    basis: 'standard',
    source: 'IEC 60335-2-11 (wording from memory)',
    when: { any: ['greasy-cloth', 'school:RUBBER=solvent'] },
    at: ['treat-grease', 'rubber-solvent', 'line-dry', 'dry-indoors'],
  },
  {
    id: 'peroxide-burns',
    order: 80,
    basis: 'standard',
    source: 'EU CLP Regulation (EC) No 1272/2008',
    when: { all: ['peroxide-work'] },
    at: ['treat-yellow-rubber', 'spot-test'],
  },
  { id: 'spray-mist', order: 90, ...P, when: {}, at: ['spray-proof', 'deodorise'] },
  {
    id: 'ozone-air',
    order: 95,
    basis: 'standard',
    source: 'OSHA 29 CFR 1910.1000 table Z-1 (ozone 0.1 ppm)',
    when: { all: ['mark:scent-critical'], none: ['filled'] },
    at: ['store'],
  },
  { id: 'iron-cloth', order: 100, ...P, when: {}, at: ['heat-iron'] },
  { id: 'hair-dryer-water', order: 110, ...P, when: {}, at: ['heat-hair-dryer'] },
  {
    id: 'dryer-lint',
    order: 120,
    basis: 'standard',
    source: 'IEC 60335-2-11 (wording from memory)',
    when: {},
    at: ['tumble', 'fluff', 'heat-tumble'],
  },
  {
    id: 'dryer-waterproof',
    order: 125,
    basis: 'standard',
    source: 'IEC 60335-2-11 (wording from memory)',
    when: { any: ['waterproof', 'rubber-rim'] },
    at: ['tumble', 'fluff', 'heat-tumble'],
  },
  { id: 'heat-every-restart', order: 130, ...P, when: {}, at: ['tumble'] },
  {
    id: 'never-mix',
    order: 140,
    ...P,
    when: { any: ['peroxide-work', 'school:CLOTH-VINEGAR=yes', 'vessel-standing'] },
    at: ['rinse-vessel', 'vinegar-rinse', 'machine-wash', 'hand-wash', 'tub-wash', 'treat-yellow-rubber', 'spot-test'],
  },
  { id: 'wet-floor', order: 150, ...P, when: { all: ['method:tub'] }, at: ['bath-rinse'] },
  { id: 'impeller-gentle', order: 160, ...P, when: { all: ['washer:impeller'] }, at: ['machine-wash'] },
  { id: 'fan-electric', order: 170, ...P, when: {}, at: ['dry-fan', 'dry-moving-air', 'spray-extract'] },
] as const satisfies readonly Caution[];
