import type { DayWish } from '../src/core/washday';

export type DemoWeekend = Pick<DayWish, 'items' | 'people' | 'quiet'>;
/** The club's weekend before the crossing: shells, down, rescue boots with the hut's towels, pads, cloths of four jobs; two people, quiet nights. */
export const WEEKEND: DemoWeekend = {
  items: [
    'itm-parka',
    'itm-pale-jacket',
    'itm-bib',
    'itm-storm',
    'itm-softshell',
    'itm-ice-trousers',
    'itm-studs',
    'itm-towels',
    'itm-lens-cloths',
    'itm-drying-cloths',
    'itm-bench-cloths',
    'itm-wax-cloths',
    'itm-pads',
  ],
  people: [
    { name: 'Bo', from: '08:00', to: '21:00' },
    { name: 'Runa', from: '10:00', to: '18:00' },
  ],
  quiet: { from: '21:00', to: '07:00' },
};
