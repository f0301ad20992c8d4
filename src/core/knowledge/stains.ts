import type { StainRecord } from './types';

const P = { basis: 'practice' } as const;
const M = { basis: 'memory' } as const;

/**
 * What marks are and how they are met: rungs mildest first, each with the minutes it rests; the ladder is the one on cloth, `at` those of other
 * surfaces that differ from the usual there. One climbs only as far as needed, looks while it is wet, and stops at the first colour on the
 * white cloth. `own` marks have steps of their own on cloth; the others share one step that names the rungs.
 */
export const STAINS = [
  {
    id: 'mud',
    ...P,
    nature: 'soil',
    ladder: [{ rung: 'dry-brush' }, { rung: 'damp-cloth' }, { rung: 'cleaner-drop', restMin: 10 }],
  },
  { id: 'dust', ...P, nature: 'soil', ladder: [{ rung: 'dry-brush' }, { rung: 'damp-cloth' }] },
  {
    id: 'sweat',
    ...P,
    nature: 'soil',
    ladder: [{ rung: 'cool-water' }, { rung: 'cleaner-drop', restMin: 15 }, { rung: 'oxygen-soak', restMin: 90 }],
  },
  { id: 'sweat-salt', ...P, nature: 'soil', ladder: [{ rung: 'cool-water' }] },
  { id: 'body-oil', ...P, nature: 'soil', ladder: [{ rung: 'cleaner-drop', restMin: 30 }] },
  {
    id: 'blood',
    ...P,
    nature: 'soil',
    own: true,
    ladder: [
      { rung: 'cold-dab', restMin: 15 },
      { rung: 'enzyme-free', restMin: 15 },
    ],
  },
  {
    id: 'grease',
    ...P,
    nature: 'soil',
    own: true,
    at: {
      leather: [{ rung: 'soda-dust', restMin: 480 }, { rung: 'soap-cloth' }],
      nap: [{ rung: 'soda-dust', restMin: 480 }, { rung: 'nap-eraser' }],
    },
    ladder: [
      { rung: 'cleaner-drop', restMin: 15 },
      { rung: 'cleaner-drop-again', restMin: 15 },
    ],
  },
  { id: 'wax', ...P, nature: 'soil', own: true, ladder: [{ rung: 'chill-lift' }, { rung: 'cleaner-drop', restMin: 15 }] },
  { id: 'food-sugar', ...P, nature: 'soil', own: true, ladder: [{ rung: 'lukewarm-brush' }] },
  {
    id: 'canvas-stain',
    ...P,
    nature: 'deep',
    ladder: [
      { rung: 'stain-remover', restMin: 30 },
      { rung: 'long-soak', restMin: 240 },
    ],
  },
  { id: 'scuff', ...P, nature: 'transfer', ladder: [{ rung: 'damp-cloth' }, { rung: 'cleaner-drop', restMin: 5 }] },
  {
    id: 'transfer',
    ...P,
    nature: 'transfer',
    ladder: [{ rung: 'damp-cloth' }, { rung: 'cleaner-drop', restMin: 10 }],
  },
  {
    id: 'paint',
    ...P,
    nature: 'paint',
    at: { leather: [{ rung: 'lift-dry' }, { rung: 'soap-cloth' }] },
    ladder: [{ rung: 'lift-dry' }, { rung: 'cleaner-drop', restMin: 10 }],
  },
  {
    id: 'dye',
    ...M,
    nature: 'deep',
    ladder: [
      { rung: 'cold-dab', restMin: 15 },
      { rung: 'oxygen-soak', restMin: 60 },
    ],
  },
  {
    id: 'yellowing',
    ...P,
    nature: 'oxidation',
    own: true,
    at: {
      rubber: [{ rung: 'sponge' }, { rung: 'peroxide-thin', restMin: 45 }],
      foam: [{ rung: 'sponge' }, { rung: 'peroxide-thin', restMin: 45 }],
      leather: [{ rung: 'damp-cloth' }, { rung: 'soap-cloth' }],
    },
    ladder: [
      { rung: 'oxygen-brush', restMin: 90 },
      { rung: 'oxygen-soak', restMin: 90 },
    ],
  },
  { id: 'mould', ...P, nature: 'soil', own: true, ladder: [{ rung: 'brush-outside' }, { rung: 'wash-and-dry' }] },
  {
    id: 'salt-line',
    ...P,
    nature: 'soil',
    own: true,
    at: { leather: [{ rung: 'damp-cloth' }, { rung: 'weak-vinegar' }] },
    ladder: [{ rung: 'damp-cloth' }, { rung: 'weak-vinegar' }],
  },
  { id: 'smoke', ...M, nature: 'soil', ladder: [{ rung: 'air-out' }, { rung: 'cleaner-drop', restMin: 10 }] },
  { id: 'resin', ...M, nature: 'soil', ladder: [{ rung: 'chill-lift' }, { rung: 'cleaner-drop', restMin: 15 }] },
  { id: 'residue', ...P, nature: 'soil', ladder: [{ rung: 'cool-water' }] },
  {
    id: 'unknown',
    ...P,
    nature: 'unclear',
    ladder: [{ rung: 'cool-water' }, { rung: 'cleaner-drop', restMin: 10 }, { rung: 'warmer' }],
  },
] as const satisfies readonly StainRecord[];
