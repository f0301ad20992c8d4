import type { School } from '../types';

/** Cloths, everyday cotton, and the whole kit. */
export const CLOTH_SCHOOLS = [
  {
    id: 'CLOTH-TEMP',
    order: 170,
    applies: { all: ['mat:split-microfibre', 'aim:wash'] },
    fallback: '40',
    irrelevantWhen: { any: ['own-temp', 'bloody'] },
    options: [
      { id: '32', tightens: { washMaxC: 32 }, same: { none: ['hard:wash>=40'] } },
      { id: '40', same: { none: ['hard:wash>=40'] } },
      {
        id: '60',
        strong: true,
        waives: { washMaxC: 60 },
        refused: [
          { when: { none: ['job:dirty', 'soil>=4'] }, rule: 'cloth-60-filthy-only' },
          { when: { none: ['hard:wash>=60'] }, rule: 'warmer-than-label' },
        ],
      },
    ],
  },
  {
    id: 'CLOTH-CYCLE',
    order: 180,
    applies: { all: ['mat:split-microfibre', 'aim:wash'] },
    fallback: 'quick-extra-rinse',
    options: [{ id: 'quick-extra-rinse' }, { id: 'gentle' }],
    irrelevantWhen: { none: ['method:machine'] },
  },
  {
    id: 'CLOTH-VINEGAR',
    order: 190,
    applies: { all: ['mat:split-microfibre', 'aim:wash'] },
    fallback: 'no',
    options: [{ id: 'no' }, { id: 'yes' }],
    irrelevantWhen: { none: ['method:machine'] },
  },
  {
    id: 'CLOTH-DRY',
    order: 200,
    applies: { all: ['mat:split-microfibre', 'aim:wash'] },
    fallback: 'indoor-air',
    options: [
      { id: 'indoor-air' },
      { id: 'radiator' },
      {
        id: 'low-tumble',
        same: { all: ['launderette'] },
        refused: [
          { when: { any: ['greasy'] }, rule: 'greasy-never-tumbled' },
          { when: { none: ['can:tumble:low'] }, rule: 'tumble-not-allowed' },
        ],
      },
    ],
  },
  {
    id: 'COTTON-DRY',
    order: 205,
    applies: {
      all: ['mat:cotton', 'aim:wash'],
      none: [
        'filled',
        'waterproof',
        'shoe-like',
        'protein',
        'repellency:finish',
        'lining:wicking',
        'mat:acrylic-pile',
        'kind:jersey',
      ],
    },
    fallback: 'line',
    options: [
      { id: 'line' },
      {
        id: 'low-tumble',
        same: { all: ['launderette'] },
        refused: [
          { when: { any: ['greasy'] }, rule: 'greasy-never-tumbled' },
          { when: { none: ['can:tumble:low'] }, rule: 'tumble-not-allowed' },
        ],
      },
    ],
  },
  { id: 'WHEN', order: 270, applies: null, fallback: 'triggers', options: [{ id: 'triggers' }, { id: 'calendar' }] },
  {
    id: 'COLD-FIRST',
    order: 280,
    applies: {
      all: ['aim:wash'],
      any: ['mat:cotton', 'mat:cotton-canvas'],
      none: ['shoe-like', 'filled', 'waterproof', 'protein'],
    },
    fallback: '30',
    irrelevantWhen: { any: ['soil>=3', 'bloody', 'bleeds', 'own-temp'] },
    options: [{ id: '20' }, { id: '30' }],
  },
] as const satisfies readonly School[];
