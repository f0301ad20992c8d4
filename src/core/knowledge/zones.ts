import type { ZoneRow } from './types';

/**
 * The zones of a thing that drops are tried on, in the order a hand goes over it, and those that rain, straps, kneeling and sitting reach first
 * [common practice]. The first row that names the kind speaks; the last speaks for the rest.
 */
export const ZONES = [
  {
    id: 'upper-body',
    kinds: ['jacket', 'mid-layer', 'base-layer', 'jersey', 'costume-body'],
    zones: ['hood', 'shoulders', 'chest', 'sleeves', 'hem', 'back'],
    exposed: ['shoulders', 'hood', 'back', 'sleeves'],
  },
  { id: 'vest', kinds: ['vest', 'running-vest'], zones: ['shoulders', 'chest', 'hem', 'back'], exposed: ['shoulders', 'back'] },
  { id: 'legs', kinds: ['trousers'], zones: ['body', 'knees', 'hem', 'seat'], exposed: ['seat', 'knees', 'hem'] },
  { id: 'rest', zones: ['body', 'hem'], exposed: ['body'] },
] as const satisfies readonly ZoneRow[];
