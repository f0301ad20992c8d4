import type { School } from '../types';

/** What is worn next to the skin, carried, or kept free of smells. */
export const WORN_SCHOOLS = [
  {
    id: 'JERSEY-PLACE',
    order: 210,
    applies: { all: ['kind:jersey', 'aim:wash'] },
    fallback: 'hand',
    options: [
      { id: 'hand' },
      {
        id: 'machine',
        same: { all: ['no-washer-fits'] },
        refused: [{ when: { none: ['can:machine'] }, rule: 'no-machine-here' }],
      },
    ],
  },
  {
    id: 'JERSEY-SPIN',
    order: 220,
    applies: { all: ['kind:jersey', 'aim:wash', 'school:JERSEY-PLACE=machine'] },
    fallback: 'gentle',
    options: [{ id: 'gentle' }, { id: 'high' }],
  },
  {
    id: 'VEST-MACHINE',
    order: 230,
    applies: { all: ['kind:running-vest', 'aim:wash'] },
    fallback: 'hand',
    options: [
      { id: 'hand' },
      {
        id: 'machine',
        same: { all: ['no-washer-fits'] },
        refused: [
          { when: { none: ['can:machine'] }, rule: 'no-machine-here' },
          { when: { any: ['machine-washes-spent'] }, rule: 'machine-washes-spent' },
        ],
      },
    ],
  },
  {
    id: 'PACK-CLEANER',
    order: 240,
    applies: { all: ['kind:pack', 'aim:wash'] },
    fallback: 'water',
    options: [{ id: 'water' }, { id: 'technical' }],
  },
  {
    id: 'SCENT',
    order: 250,
    applies: { any: ['mark:scent-critical'] },
    fallback: 'marked',
    options: [{ id: 'off' }, { id: 'marked', tightens: { softener: 'none' } }],
    irrelevantWhen: { all: ['scent-irrelevant'] },
  },
  {
    id: 'FIELD-DRY',
    order: 260,
    applies: { all: ['mark:scent-critical', 'aim:wash'], none: ['waterproof', 'down-filled'] },
    fallback: 'outdoor-air',
    options: [
      { id: 'outdoor-air' },
      {
        id: 'purged-dryer',
        same: { all: ['launderette'] },
        refused: [
          { when: { any: ['greasy'] }, rule: 'greasy-never-tumbled' },
          { when: { none: ['can:tumble:low'] }, rule: 'tumble-not-allowed' },
        ],
      },
    ],
  },
] as const satisfies readonly School[];
