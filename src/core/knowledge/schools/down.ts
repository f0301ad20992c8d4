import type { School } from '../types';

/** Down and what is filled with it. */
export const DOWN_SCHOOLS = [
  {
    id: 'DOWN-CLEANER',
    order: 40,
    applies: { all: ['down-filled', 'aim:wash'] },
    fallback: 'dedicated',
    options: [
      { id: 'dedicated' },
      { id: 'gentle-liquid', refused: [{ when: { all: ['hydrophobic'] }, rule: 'treated-down-cleaner' }] },
    ],
  },
  {
    id: 'DOWN-WATER',
    order: 50,
    applies: { all: ['down-filled', 'aim:wash'], none: ['waterproof'] },
    fallback: 'cold',
    irrelevantWhen: { any: ['own-temp', 'bloody'] },
    options: [{ id: 'cold' }, { id: 'warm', refused: [{ when: { none: ['can:wash>=30'] }, rule: 'warmer-than-limit' }] }],
  },
  {
    id: 'DOWN-PLACE',
    order: 60,
    applies: { all: ['down-filled', 'aim:wash'], none: ['waterproof'] },
    fallback: 'front-loader',
    options: [{ id: 'front-loader' }, { id: 'bathtub' }],
    irrelevantWhen: { any: ['no-washer-fits', 'heirloom'] },
  },
  {
    id: 'DOWN-RINSE',
    order: 70,
    applies: { all: ['down-filled', 'aim:wash'] },
    fallback: 'extra-rinse',
    options: [{ id: 'extra-rinse' }, { id: 'second-cycle' }],
    irrelevantWhen: { none: ['method:machine'] },
  },
  {
    id: 'ROUND-LOOK',
    order: 75,
    applies: { all: ['down-filled', 'aim:wash', 'can:tumble:air'] },
    fallback: '60',
    options: [{ id: '30' }, { id: '60' }],
    irrelevantWhen: { any: ['thin-shell', 'launderette', 'heats-unknown'] },
  },
  {
    id: 'DOWN-HEAT',
    order: 80,
    applies: { all: ['down-filled'], any: ['aim:wash', 'aim:air'] },
    fallback: 'low',
    options: [
      { id: 'air', refused: [{ when: { none: ['can:tumble:air'] }, rule: 'tumble-not-allowed' }] },
      { id: 'low', refused: [{ when: { none: ['can:tumble:low'] }, rule: 'tumble-not-allowed' }] },
      { id: 'medium', strong: true, refused: [{ when: { none: ['can:tumble:normal'] }, rule: 'medium-needs-label' }] },
    ],
    irrelevantWhen: { none: ['heat-at-stake'] },
  },
] as const satisfies readonly School[];
