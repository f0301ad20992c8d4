import type { School } from '../types';

/** Shells and their finish. */
export const SHELL_SCHOOLS = [
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
] as const satisfies readonly School[];
