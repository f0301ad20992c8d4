import type { SupplyClass } from '../gear';
import type { Surface } from './places';
import type { Basis, When } from './condition';

/** One way of meeting a mark: with what, how much, on which surfaces. How long it rests is the mark's own. */
export interface RungRecord extends Basis {
  /** What it takes from the cupboard; null: water, a cloth, a brush, cold. */
  readonly agent: SupplyClass | 'the cleaner' | null;
  /** Of the agent, for one place of a palm or so: mL, or g of a powder [from memory]. */
  readonly amount?: number;
  /** Water that it is stirred into, mL [from memory]. */
  readonly waterMl?: number;
  /** Surfaces that it may touch; absent = every one. */
  readonly on?: readonly Surface[];
  readonly when?: Pick<When, 'all' | 'none'>;
}
const P = { basis: 'practice' } as const;
const M = { basis: 'memory' } as const;
const TEXTILE = ['cloth', 'lining', 'insole'] as const;
const WIPED = ['cloth', 'lining', 'insole', 'rubber', 'foam'] as const;
const BLEACHABLE = { all: ['oxygen-spot'] } as const;

/** The rungs of every ladder. Amounts are for one mark and are no dose of a bath. */
export const RUNGS = {
  'dry-brush': { ...P, agent: null },
  'damp-cloth': { ...P, agent: null, on: [...WIPED, 'leather', 'patent'] },
  'cool-water': { ...P, agent: null, on: WIPED },
  'cold-dab': { ...P, agent: null, on: [...WIPED, 'leather', 'patent'] },
  'enzyme-free': { ...P, agent: 'mild-soap', amount: 2, on: TEXTILE },
  'cleaner-drop': { ...P, agent: 'the cleaner', amount: 2, on: WIPED },
  'cleaner-drop-again': { ...P, agent: 'the cleaner', amount: 2, on: WIPED },
  'oxygen-soak': { ...P, agent: 'oxygen-booster', amount: 10, waterMl: 1000, on: ['cloth'], when: BLEACHABLE },
  'oxygen-brush': { ...P, agent: 'oxygen-booster', amount: 5, waterMl: 50, on: ['cloth'], when: BLEACHABLE },
  'lukewarm-brush': { ...P, agent: null, on: WIPED },
  'stain-remover': { ...P, agent: 'stain-remover', amount: 10, on: ['cloth'] },
  'long-soak': {
    ...P,
    agent: 'oxygen-booster',
    amount: 20,
    waterMl: 5000,
    on: ['cloth'],
    when: { all: ['can:soak'], none: ['family:canvas-shoe'] },
  },
  sponge: { ...P, agent: 'melamine-sponge', on: ['rubber', 'foam'] },
  'soda-paste': { ...P, agent: 'baking-soda', amount: 15, waterMl: 15, on: ['rubber'] },
  'solvent-swab': { ...P, agent: 'acetone', amount: 1, on: ['rubber'], when: { all: ['school:RUBBER=solvent'] } },
  'lift-dry': { ...P, agent: null },
  'chill-lift': { ...P, agent: null },
  'brush-outside': { ...P, agent: null },
  'wash-and-dry': { ...P, agent: null, on: TEXTILE },
  'weak-vinegar': { ...P, agent: 'vinegar', amount: 20, waterMl: 80, on: ['cloth', 'leather', 'rubber', 'foam'] },
  'air-out': { ...M, agent: null },
  warmer: { ...P, agent: null, on: ['cloth'] },
  // Smooth hide.
  'soap-cloth': { ...P, agent: 'mild-soap', amount: 2, waterMl: 100, on: ['leather', 'patent'] },
  'soda-dust': { ...M, agent: 'baking-soda', amount: 5, on: ['leather', 'nap'] },
  // Nap.
  'nap-eraser': { ...P, agent: 'suede-kit', on: ['nap'] },
  // Rubber that has yellowed.
  'peroxide-thin': { ...P, agent: 'peroxide-cream', amount: 5, on: ['rubber', 'foam'], when: { all: ['peroxide-work'] } },
  // Inside a shoe.
  'soap-brush': { ...P, agent: 'mild-soap', amount: 5, waterMl: 500, on: ['lining', 'insole'] },
} as const satisfies Record<string, RungRecord>;
export type RungId = keyof typeof RUNGS;

export interface LadderRung {
  readonly rung: RungId;
  /** How long it rests, min. */
  readonly restMin?: number;
}
/** Ladders of surfaces that are worked on in one way whatever the mark, mildest first, unless the mark names its own there. */
export const SURFACE_LADDERS: Partial<Record<Surface, readonly LadderRung[]>> = {
  leather: [{ rung: 'dry-brush' }, { rung: 'damp-cloth' }, { rung: 'soap-cloth' }],
  patent: [{ rung: 'dry-brush' }, { rung: 'damp-cloth' }, { rung: 'soap-cloth' }],
  nap: [{ rung: 'nap-eraser' }],
  rubber: [{ rung: 'damp-cloth' }, { rung: 'sponge' }, { rung: 'soda-paste' }, { rung: 'solvent-swab' }],
  foam: [{ rung: 'damp-cloth' }, { rung: 'cleaner-drop' }, { rung: 'sponge' }],
  lining: [{ rung: 'damp-cloth' }, { rung: 'soap-brush' }],
  insole: [{ rung: 'dry-brush' }, { rung: 'soap-brush' }],
};
