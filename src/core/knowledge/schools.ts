import type { School } from './types';

/** Where practice disagrees, the user chooses. Option ids are part of the file format. The first reading of `fallback` is our default. */
export const SCHOOLS = [
  {
    id: 'SHELL-CLEANER',
    order: 10,
    applies: { all: ['waterproof', 'aim:wash'], none: ['down-filled'] },
    fallback: 'specialist',
    options: [{ id: 'specialist' }, { id: 'plain-liquid' }],
    irrelevantWhen: { any: ['scent-routine', 'maker:forbids:detergent'] },
  },
  {
    id: 'SHELL-WATER',
    order: 15,
    applies: { all: ['waterproof', 'aim:wash'], none: ['filled'] },
    fallback: 'cool',
    irrelevantWhen: { none: ['method:machine'] },
    options: [
      { id: 'cool' },
      {
        id: 'warm',
        strong: true,
        refused: [
          { when: { all: ['label:none'] }, rule: 'warmer-needs-label' },
          { when: { none: ['can:wash>=40'] }, rule: 'warmer-than-limit' },
        ],
      },
    ],
  },
  {
    id: 'PROOF-METHOD',
    order: 20,
    applies: { all: ['repellent'], any: ['aim:renew', 'renew-if-failed'] },
    fallback: 'spray-on',
    options: [
      { id: 'spray-on', same: { none: ['method-machine-owned'] } },
      {
        id: 'wash-in',
        same: { none: ['method-machine-owned'] },
        refused: [
          { when: { any: ['filled'] }, rule: 'wash-in-coats-insulation' },
          { when: { any: ['lining:wicking'] }, rule: 'wash-in-kills-wicking' },
          { when: { any: ['cold-finish'] }, rule: 'wash-in-garments-only' },
          { when: { none: ['can:machine'] }, rule: 'wash-in-needs-machine' },
        ],
      },
    ],
    irrelevantWhen: { any: ['leaking', 'maker:forbids:proofer'] },
  },
  {
    id: 'PROOF-WHEN',
    order: 25,
    applies: { all: ['repellent', 'aim:wash'], none: ['aim:renew', 'drop:fine', 'leaking', 'maker:forbids:proofer'] },
    fallback: 'test-first',
    options: [
      { id: 'test-first' },
      { id: 'while-damp', adds: 'renew', refused: [{ when: { all: ['down-filled'] }, rule: 'spray-down-late' }] },
      { id: 'last-rounds', adds: 'renew', refused: [{ when: { none: ['down-filled'] }, rule: 'last-rounds-down-only' }] },
    ],
  },
  {
    id: 'PROOF-HEAT',
    order: 30,
    applies: { all: ['has-finish'], any: ['aim:reactivate', 'aim:renew'] },
    fallback: 'line-then-tumble',
    options: [
      {
        id: 'line-then-tumble',
        same: { any: ['never-lined', 'launderette'] },
        refused: [{ when: { none: ['can:tumble:low'] }, rule: 'tumble-not-allowed' }],
      },
      {
        id: 'tumble',
        strong: true,
        same: { any: ['never-lined', 'launderette'] },
        refused: [{ when: { none: ['can:tumble:low'] }, rule: 'tumble-not-allowed' }],
      },
      {
        id: 'iron',
        strong: true,
        same: { any: ['warm:iron', 'iron-too-hot'] },
        refused: [{ when: { none: ['can:iron>=110'] }, rule: 'iron-not-allowed' }],
      },
      {
        id: 'hair-dryer',
        same: { all: ['warm:hair-dryer'] },
        refused: [{ when: { all: ['maker-forbids-heat'] }, rule: 'maker-forbids-heat' }],
      },
      { id: 'radiator', refused: [{ when: { all: ['maker-forbids-heat'] }, rule: 'maker-forbids-heat' }] },
      { id: 'none', drops: 'reactivate', refused: [{ when: { none: ['aim:wash', 'aim:renew'] }, rule: 'heat-is-the-job' }] },
    ],
  },
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
