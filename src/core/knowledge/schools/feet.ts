import type { School } from '../types';

/** Shoes and boots. */
export const FOOT_SCHOOLS = [
  {
    id: 'SHOE-HEAT',
    order: 90,
    applies: { all: ['shoe-like', 'upper:cotton-canvas', 'aim:wash'] },
    fallback: 'cool',
    options: [
      { id: 'cool' },
      {
        id: 'hot',
        strong: true,
        waives: { washMaxC: 60 },
        refused: [
          { when: { none: ['colour:white'] }, rule: 'hot-white-only' },
          { when: { none: ['hard:wash>=60'] }, rule: 'warmer-than-label' },
          { when: { none: ['hard:machine'] }, rule: 'hot-needs-machine' },
        ],
      },
    ],
  },
  {
    id: 'SHOE-CYCLE',
    order: 100,
    applies: { all: ['shoe-like', 'aim:wash', 'can:machine'], none: ['hide-upper'] },
    fallback: 'by-kind',
    options: [
      { id: 'by-kind', same: { all: ['cycle-same:kind'] } },
      { id: 'gentle', same: { all: ['cycle-same:gentle'] } },
      { id: 'quick', same: { all: ['cycle-same:quick'] } },
      { id: 'long-slow', same: { all: ['cycle-same:long-slow'] } },
      { id: 'permanent-press', same: { all: ['cycle-same:easy-care'] } },
    ],
    irrelevantWhen: { none: ['method:machine'] },
  },
  {
    id: 'RUBBER',
    order: 110,
    applies: { all: ['shoe-like', 'rubber-rim'], any: ['aim:wash', 'aim:spot-clean'] },
    fallback: 'sponge',
    irrelevantWhen: { none: ['rubber-work'] },
    options: [
      { id: 'sponge' },
      { id: 'paste' },
      { id: 'stiff-brush' },
      {
        id: 'solvent',
        strong: true,
        refused: [
          { when: { any: ['napped', 'mat:patent', 'upper:polyester-knit', 'upper:polyamide-knit'] }, rule: 'no-solvent-here' },
        ],
      },
    ],
  },
  {
    id: 'SHOE-DRY',
    order: 120,
    applies: { all: ['shoe-like', 'aim:wash'] },
    fallback: 'shade',
    options: [
      { id: 'shade' },
      {
        id: 'sun',
        refused: [
          { when: { none: ['upper:cotton-canvas'] }, rule: 'sun-canvas-only' },
          { when: { any: ['hide'] }, rule: 'sun-canvas-only' },
          { when: { all: ['label-dries:shade'] }, rule: 'label-says-shade' },
        ],
      },
      {
        id: 'rack',
        refused: [
          { when: { any: ['school:RUBBER=solvent'] }, rule: 'solvent-never-dryer' },
          { when: { none: ['own:dryer'] }, rule: 'no-shelf-here' },
        ],
      },
    ],
  },
  {
    id: 'SHOE-MACHINE',
    order: 130,
    applies: { all: ['shoe-like', 'aim:wash'], none: ['hide-upper'] },
    fallback: 'if-allowed',
    options: [
      { id: 'if-allowed', same: { any: ['no-washer-fits'] } },
      { id: 'hand', same: { any: ['no-washer-fits'] } },
      {
        id: 'own-risk',
        strong: true,
        waives: { action: 'mild', spinMaxRpm: 400 },
        same: { any: ['can:machine', 'no-drum'] },
        refused: [
          { when: { all: ['label:read'] }, rule: 'own-risk-has-label' },
          { when: { none: ['hard:machine'] }, rule: 'own-risk-not-this' },
        ],
      },
    ],
  },
  {
    id: 'SHOE-LEATHER',
    order: 140,
    applies: { all: ['shoe-like', 'hide-upper', 'aim:wash'] },
    fallback: 'never',
    options: [
      { id: 'never' },
      {
        id: 'if-label-allows',
        strong: true,
        same: { all: ['no-washer-fits'] },
        refused: [{ when: { none: ['can:machine'] }, rule: 'leather-needs-label' }],
      },
    ],
  },
  {
    id: 'LACES',
    order: 150,
    applies: { all: ['shoe-like', 'laces-on', 'aim:wash'] },
    fallback: 'out-in-bag',
    options: [{ id: 'out-in-bag' }, { id: 'out-by-hand' }, { id: 'in' }],
  },
  {
    id: 'INSOLE',
    order: 160,
    applies: { all: ['shoe-like', 'insole-out', 'aim:wash'] },
    fallback: 'wipe-brush',
    options: [{ id: 'wipe-brush' }, { id: 'soak' }],
  },
] as const satisfies readonly School[];
