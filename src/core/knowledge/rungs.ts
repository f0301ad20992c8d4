import type { SupplyClass } from '../gear';
import type { Surface } from './places';
import type { Basis, When } from './condition';

/** What a hand works with. Brushes go from soft (lather, knit, leather) over medium (canvas, insole) to stiff, on a sole only [common practice]. */
export const TOOLS = [
  'soft-cloth',
  'wrung-cloth',
  'soft-brush',
  'medium-brush',
  'stiff-brush',
  'toothbrush',
  'fingertip',
  'fingernail',
  'eraser',
  'sponge',
  'swab',
  'bowl',
] as const;
export type Tool = (typeof TOOLS)[number];
export const STROKES = ['circles', 'one-way', 'dab', 'inwards', 'lift', 'lie'] as const;
export type Stroke = (typeof STROKES)[number];
/** How it is ended. */
export const ENDS = ['wipe', 'rinse', 'air', 'brush', 'wash-off'] as const;
export type RungEnd = (typeof ENDS)[number];

/** One way of meeting a mark: with what, how much, on which surfaces. How long it rests is the mark's own. */
export interface RungRecord extends Basis {
  readonly tool?: Tool;
  /** Surfaces with a tool of their own. */
  readonly toolOn?: Partial<Record<Surface, Tool>>;
  readonly strokes?: Stroke;
  readonly end?: RungEnd;
  /**
   * Whether it is first tried on a hidden place. `always`: on every surface; `never`: it leaves no moisture and no colour; absent: on hide, and on
   * cloth whose dye is not proved, when it brings a product or warmth.
   */
  readonly test?: 'always' | 'never';
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
  'dry-brush': {
    ...P,
    agent: null,
    tool: 'soft-brush',
    toolOn: {
      leather: 'soft-cloth',
      patent: 'soft-cloth',
      insole: 'medium-brush',
      lining: 'medium-brush',
      rubber: 'stiff-brush',
    },
    strokes: 'one-way',
  },
  'damp-cloth': {
    ...P,
    agent: null,
    on: [...WIPED, 'leather', 'patent'],
    tool: 'wrung-cloth',
    strokes: 'circles',
  },
  'cool-water': { ...P, agent: null, on: WIPED, tool: 'wrung-cloth', strokes: 'dab' },
  'cold-dab': { ...P, agent: null, on: [...WIPED, 'leather', 'patent'], tool: 'wrung-cloth', strokes: 'dab' },
  'enzyme-free': { ...P, agent: 'mild-soap', amount: 2, on: TEXTILE, tool: 'fingertip', strokes: 'inwards', end: 'wipe' },
  'cleaner-drop': { ...P, agent: 'the cleaner', amount: 2, on: WIPED, tool: 'fingertip', strokes: 'inwards', end: 'wipe' },
  'cleaner-drop-again': { ...P, agent: 'the cleaner', amount: 2, on: WIPED, tool: 'fingertip', strokes: 'inwards', end: 'wipe' },
  'oxygen-soak': {
    ...P,
    agent: 'oxygen-booster',
    amount: 10,
    waterMl: 1000,
    on: ['cloth'],
    when: BLEACHABLE,
    tool: 'bowl',
    strokes: 'lie',
    end: 'rinse',
  },
  'oxygen-brush': {
    ...P,
    agent: 'oxygen-booster',
    amount: 5,
    waterMl: 50,
    on: ['cloth'],
    when: BLEACHABLE,
    tool: 'toothbrush',
    strokes: 'circles',
    end: 'rinse',
  },
  'lukewarm-brush': { ...P, agent: null, on: WIPED, tool: 'soft-brush', strokes: 'circles', end: 'wipe' },
  'stain-remover': {
    ...P,
    agent: 'stain-remover',
    amount: 10,
    on: ['cloth'],
    tool: 'soft-brush',
    strokes: 'inwards',
    end: 'rinse',
  },
  'long-soak': {
    ...P,
    agent: 'oxygen-booster',
    amount: 20,
    waterMl: 5000,
    on: ['cloth'],
    when: { all: ['can:soak'], none: ['family:canvas-shoe'] },
    tool: 'bowl',
    strokes: 'lie',
    end: 'rinse',
  },
  sponge: { ...P, agent: 'melamine-sponge', on: ['rubber', 'foam'], tool: 'sponge', strokes: 'circles', end: 'wipe' },
  'soda-paste': {
    ...P,
    agent: 'baking-soda',
    amount: 15,
    waterMl: 15,
    on: ['rubber'],
    tool: 'toothbrush',
    strokes: 'circles',
    end: 'wipe',
  },
  'solvent-swab': {
    ...P,
    agent: 'acetone',
    amount: 1,
    on: ['rubber'],
    when: { all: ['school:RUBBER=solvent'] },
    tool: 'swab',
    strokes: 'one-way',
    end: 'air',
    test: 'always',
  },
  'lift-dry': { ...P, agent: null, tool: 'fingernail', strokes: 'lift' },
  'chill-lift': { ...P, agent: null, tool: 'fingernail', strokes: 'lift' },
  'brush-outside': { ...P, agent: null, tool: 'soft-brush', strokes: 'one-way' },
  'wash-and-dry': { ...P, agent: null, on: TEXTILE },
  'weak-vinegar': {
    ...P,
    agent: 'vinegar',
    amount: 20,
    waterMl: 80,
    on: ['cloth', 'leather', 'rubber', 'foam'],
    tool: 'wrung-cloth',
    strokes: 'dab',
    end: 'wipe',
  },
  'air-out': { ...M, agent: null },
  warmer: { ...P, agent: null, on: ['cloth'], tool: 'wrung-cloth', strokes: 'dab' },
  // Smooth hide.
  'soap-cloth': {
    ...P,
    agent: 'mild-soap',
    amount: 2,
    waterMl: 100,
    on: ['leather', 'patent'],
    tool: 'soft-cloth',
    strokes: 'circles',
    end: 'wipe',
  },
  'soda-dust': { ...M, agent: 'baking-soda', amount: 5, on: ['leather', 'nap'], strokes: 'lie', end: 'brush', test: 'never' },
  // Nap.
  'nap-eraser': { ...P, agent: 'suede-kit', on: ['nap'], tool: 'eraser', strokes: 'one-way', end: 'brush', test: 'never' },
  // Rubber that has yellowed.
  'peroxide-thin': {
    ...P,
    agent: 'peroxide-cream',
    amount: 5,
    on: ['rubber', 'foam'],
    when: { all: ['peroxide-work'] },
    tool: 'soft-brush',
    strokes: 'one-way',
    end: 'wash-off',
    test: 'always',
  },
  // Inside a shoe.
  'soap-brush': {
    ...P,
    agent: 'mild-soap',
    amount: 5,
    waterMl: 500,
    on: ['lining', 'insole'],
    tool: 'medium-brush',
    strokes: 'circles',
    end: 'wipe',
  },
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
