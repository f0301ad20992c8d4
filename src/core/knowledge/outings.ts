import type { Kind, Outing } from '../gear';

/** Kinds that usually come back from an outing, likeliest first [from memory]. An ordinary day may have used anything. */
export const OUTING_KINDS: Readonly<Record<Outing, readonly Kind[]>> = {
  run: ['running-vest', 'soft-flask', 'reservoir', 'shoe', 'base-layer', 'socks', 'hat', 'gloves'],
  trip: [
    'tent',
    'footprint',
    'tarp',
    'sleeping-bag',
    'quilt',
    'boot',
    'pack',
    'jacket',
    'trousers',
    'mid-layer',
    'base-layer',
    'gloves',
    'hat',
    'socks',
    'reservoir',
    'bag',
    'towel',
  ],
  game: ['jersey', 'studded-boot', 'pads', 'socks', 'costume-body', 'costume-head', 'bag', 'towel'],
  day: [],
};
