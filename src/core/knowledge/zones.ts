import type { ZoneRow } from './types';

/**
 * The zones of a thing that drops are tried on, in the order a hand goes over it, and those that rain, straps, kneeling and sitting reach first
 * [common practice]. The first row that names the kind speaks; the last speaks for the rest. `share`: of the face, together 1, of those zones
 * that are sprayed by themselves [from memory];
 * `more`: where rain falls first and straps rub, which takes half as much again; `forgotten`: where a tired hand leaves out.
 */
export const ZONES = [
  {
    id: 'upper-body',
    kinds: ['jacket', 'mid-layer', 'base-layer', 'jersey', 'costume-body'],
    zones: ['hood', 'shoulders', 'chest', 'sleeves', 'hem', 'back'],
    exposed: ['shoulders', 'hood', 'back', 'sleeves'],
    share: { hood: 0.1, shoulders: 0.12, chest: 0.22, sleeves: 0.24, hem: 0.08, back: 0.24 },
    more: ['hood', 'shoulders'],
    forgotten: ['underarm', 'hood-back', 'strap-lines', 'hem-inside'],
  },
  {
    id: 'vest',
    kinds: ['vest', 'running-vest'],
    zones: ['shoulders', 'chest', 'hem', 'back'],
    exposed: ['shoulders', 'back'],
    share: { shoulders: 0.2, chest: 0.35, hem: 0.1, back: 0.35 },
    more: ['shoulders'],
    forgotten: ['strap-lines', 'hem-inside'],
  },
  {
    id: 'legs',
    kinds: ['trousers'],
    zones: ['body', 'knees', 'hem', 'seat'],
    exposed: ['seat', 'knees', 'hem'],
    share: { body: 0.45, knees: 0.15, hem: 0.2, seat: 0.2 },
    more: ['seat', 'knees'],
    forgotten: ['seat-seam', 'inside-legs', 'hem-inside'],
  },
  {
    id: 'gloves',
    kinds: ['gloves'],
    zones: ['fingers', 'body', 'hem'],
    exposed: ['fingers', 'body'],
    share: { fingers: 0.4, body: 0.45, hem: 0.15 },
    more: ['fingers'],
    forgotten: ['between-fingers', 'seams-and-edges'],
  },
  {
    id: 'feet',
    kinds: ['shoe', 'boot', 'studded-boot'],
    zones: ['toe', 'body', 'hem'],
    exposed: ['toe', 'body'],
    share: { toe: 0.3, body: 0.55, hem: 0.15 },
    more: ['toe'],
    forgotten: ['tongue', 'seams-and-edges'],
  },
  {
    id: 'tent',
    kinds: ['tent'],
    zones: ['roof', 'body', 'ends', 'hem'],
    exposed: ['roof', 'body'],
    share: { roof: 0.4, body: 0.35, ends: 0.2, hem: 0.05 },
    more: ['roof'],
    forgotten: ['seams-and-edges'],
  },
  {
    id: 'rest',
    zones: ['body', 'hem'],
    exposed: ['body'],
    share: { body: 1 },
    more: [],
    forgotten: ['seams-and-edges'],
  },
] as const satisfies readonly ZoneRow[];
