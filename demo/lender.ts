import type { Component, Inspection, Item, LogEntry, Supply } from '../src/core/gear';

/* Two pairs of an invented lender's skate boots in work: one half done, one as it was found. */
const BOOT: Pick<Item, 'kind' | 'owner' | 'bulk' | 'fittings' | 'label'> = {
  kind: 'boot',
  owner: 'the lender',
  bulk: 'small',
  fittings: ['laces', 'eyelets', 'removable-insole'],
  label: null,
};
const LEATHER: Component = { part: 'upper', material: 'leather' };
const BELOW: readonly Component[] = [
  { part: 'outsole', material: 'rubber' },
  { part: 'lining', material: 'polyester-knit' },
  { part: 'insole', material: 'eva-foam', removable: true },
  { part: 'laces', material: 'cotton' },
];
/** The club's own skate boots. */
export const PLAIN_BOOT: Component[] = [
  LEATHER,
  { part: 'outsole', material: 'rubber' },
  { part: 'insole', material: 'eva-foam', removable: true },
];
export const LENDER_SUPPLIES: readonly Supply[] = [
  { id: 's-peroxide', class: 'peroxide-cream', name: 'Peroxide cream', remainingMl: 55, concentrationPercent: 12 },
  { id: 's-powder', class: 'shoe-powder', name: 'Shoe powder', remainingMl: 80 },
  { id: 's-suede', class: 'suede-kit', name: 'Eraser and suede brush', remainingCount: 1 },
];
export const LENDER_BOOTS: readonly Item[] = [
  {
    ...BOOT,
    id: 'itm-lender-41',
    name: 'Lender’s skate boots, size 41',
    components: [LEATHER, { part: 'trim', material: 'rubber' }, ...BELOW],
    massG: 1520,
    colour: { class: 'light', bleed: 'unknown' },
    price: { amount: 18, currency: 'EUR' },
    worth: { asFound: { low: 25, high: 35 }, after: { low: 60, high: 85 } },
  },
  {
    ...BOOT,
    id: 'itm-lender-38',
    name: 'Lender’s skate boots, size 38',
    components: [LEATHER, { part: 'upper', material: 'suede' }, ...BELOW],
    massG: 1380,
    colour: { class: 'dark', bleed: 'unknown' },
    price: { amount: 14, currency: 'EUR' },
    worth: { asFound: { low: 20, high: 30 }, after: { low: 45, high: 70 } },
  },
];
export const LENDER_LOOKS: readonly (readonly [string, number, Partial<Inspection>])[] = [
  [
    'itm-lender-41',
    3,
    {
      soil: 1,
      odour: 1,
      damage: [],
      stains: [
        { soil: 'yellowing', place: 'rim', part: 'outsole', set: true, spot: { side: 'front', foot: 'left', x: 0.82, y: 0.87 } },
        { soil: 'grease', place: 'side', part: 'upper', spot: { side: 'front', foot: 'left', x: 0.3, y: 0.5 } },
      ],
    },
  ],
  [
    'itm-lender-38',
    1,
    {
      soil: 2,
      soils: ['dust', 'sweat'],
      odour: 2,
      stains: [
        { soil: 'scuff', place: 'rim', part: 'outsole', spot: { side: 'front', foot: 'right', x: 0.3, y: 0.88 } },
        { soil: 'salt-line', place: 'leather side', part: 'upper', spot: { side: 'back', foot: 'right', x: 0.5, y: 0.6 } },
        { soil: 'grease', place: 'suede side', part: 'upper', spot: { side: 'front', foot: 'right', x: 0.26, y: 0.6 } },
        { soil: 'sweat', place: 'tongue', part: 'lining', spot: { side: 'inside', foot: 'left', x: 0.74, y: 0.42 } },
      ],
    },
  ],
];
/** What was tried on the first pair so far. @param daysAgo the instant so many days before now, ISO 8601. */
export const lenderLog = (daysAgo: (days: number) => string): LogEntry[] => [
  {
    id: 'log-lender-1',
    type: 'treatment',
    itemId: 'itm-lender-41',
    at: daysAgo(7.1),
    soil: 'scuff',
    place: 'side',
    part: 'upper',
    rung: 'damp-cloth',
    result: 'gone',
  },
  {
    id: 'log-lender-2',
    type: 'treatment',
    itemId: 'itm-lender-41',
    at: daysAgo(7),
    soil: 'yellowing',
    place: 'rim',
    part: 'outsole',
    rung: 'sponge',
    result: 'same',
  },
  {
    id: 'log-lender-3',
    type: 'spot-test',
    itemId: 'itm-lender-41',
    at: daysAgo(6.9),
    agent: 'peroxide-cream',
    part: 'outsole',
    place: 'behind the heel',
    cloth: 'clean',
  },
  {
    id: 'log-lender-4',
    type: 'treatment',
    itemId: 'itm-lender-41',
    at: daysAgo(4),
    soil: 'yellowing',
    place: 'rim',
    part: 'outsole',
    rung: 'peroxide-thin',
    result: 'paler',
    supplies: [{ class: 'peroxide-cream', ml: 5 }],
  },
];
