import type { Care } from './history';
import { QUILT_WASHED_DAYS_AGO } from './quilt';

/** Cares of the past: what was seen before each, and what happened. */
export const CARES: readonly Care[] = [
  {
    id: 'log-1',
    itemId: 'itm-parka',
    daysAgo: 320,
    before: { soil: 2, odour: 1, loftRatio: 0.86, clumped: true, droplet: { shoulders: 3, hood: 3 } },
    notYet: { 'rinse-machine': 1, 'droplet-test': 1 },
    notes: { 'tumble-down': 'the cuffs were last' },
    weights: [520, 434, 431, 431],
    loft: [
      { baffle: 'chest', nowMm: 43, newMm: 45 },
      { baffle: 'back', nowMm: 42, newMm: 44 },
    ],
    note: 'Three rounds on low; the cuffs were last.',
  },
  { id: 'log-2', itemId: 'itm-vest', daysAgo: 20, before: { soil: 2, odour: 1 }, note: 'Two rounds were enough.' },
  {
    id: 'log-3',
    itemId: 'itm-new-shell',
    daysAgo: 30,
    before: { soil: 0, odour: 0, droplet: { shoulders: 3, hood: 3 } },
    note: 'Twenty minutes warm, drops rolled.',
  },
  {
    id: 'log-4',
    itemId: 'itm-smock',
    daysAgo: 140,
    before: { soil: 3, odour: 1, droplet: { shoulders: 3 } },
    note: 'Cuffs needed the brush.',
  },
  {
    id: 'log-5',
    itemId: 'itm-storm',
    daysAgo: 260,
    before: { soil: 4, odour: 2, droplet: { shoulders: 1, hood: 1, back: 1 } },
    notYet: { 'droplet-test': 1 },
    note: 'Spray ran out at the back.',
  },
  {
    id: 'log-6',
    itemId: 'itm-white-shoes',
    daysAgo: 90,
    before: { soil: 3, odour: 1, stains: [{ soil: 'scuff', place: 'toe' }] },
    notYet: { 'look-wet': 1 },
    note: 'Shade, a day and a half.',
  },
  {
    id: 'log-q1',
    itemId: 'itm-quilt',
    daysAgo: QUILT_WASHED_DAYS_AGO,
    before: { soil: 3, odour: 1 },
    note: 'Four rounds on low, then a night on the rack.',
  },
  { id: 'log-7', itemId: 'itm-merino', daysAgo: 12, before: { soil: 2, odour: 3 }, note: 'Flat on the rack.' },
];
