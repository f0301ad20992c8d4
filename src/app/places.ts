import { BookOpen, CalendarDays, Clock, FlaskConical, Layers, Ruler, ScrollText } from 'lucide-react';

import { DONE, SEASON } from './routes';

/** Places that are built. A place not built yet is absent. */
export const PLACES = [
  { key: 'n', path: '/', name: 'Now', icon: Clock },
  { key: 'k', path: '/kit', name: 'Kit', icon: Layers },
  { key: 'w', path: '/wash-day', name: 'Wash day', icon: CalendarDays },
  { key: 'b', path: '/bench', name: 'Bench', icon: Ruler },
  { key: 'c', path: '/cupboard', name: 'Cupboard', icon: FlaskConical },
  { key: 'r', path: '/record', name: 'Record', icon: ScrollText },
  { key: 'h', path: '/handbook', name: 'Handbook', icon: BookOpen },
] as const;

/** Pages besides the places and those of a thing, as they are found by name. `also`: other words by which they are looked for. */
export const PAGES: readonly { readonly path: string; readonly name: string; readonly also?: string }[] = [
  ...PLACES.map(({ path, name }) => ({ path, name })),
  { path: '/kit/new', name: 'Add a thing', also: 'new item' },
  { path: '/kit/labels', name: 'Labels to print', also: 'codes stickers' },
  { path: '/kit/worth', name: 'What the work brings', also: 'price money sale' },
  { path: '/kit/shells', name: 'What sheds rain', also: 'waterproof repellency finish shells' },
  { path: '/bench', name: 'Dose', also: 'bench cleaner how much mL' },
  { path: '/bench/rinse', name: 'Rinses', also: 'bench suds how many' },
  { path: '/bench/dilution', name: 'Dilution', also: 'bench mix concentration' },
  { path: '/bench/energy', name: 'Energy and water', also: 'bench kWh cost' },
  { path: '/bench/loft', name: 'Loft and fill', also: 'bench fill power down' },
  { path: '/cupboard', name: 'Bottles and aids', also: 'cupboard cleaner proofer shopping' },
  { path: '/cupboard/machines', name: 'Machines and places', also: 'cupboard washer dryer line rack tub' },
  { path: '/cupboard/upkeep', name: 'Upkeep', also: 'cupboard descale filter purge' },
  { path: '/cupboard/water', name: 'Room, water, prices', also: 'cupboard hardness humidity electricity' },
  { path: '/cupboard/never', name: 'Never together', also: 'cupboard danger bleach vinegar mix' },
  { path: SEASON, name: 'The weeks ahead', also: 'season due calendar plan' },
  { path: DONE, name: 'Done today', also: 'undo take back history' },
  { path: '/record', name: 'Copies and other browsers', also: 'save export import backup merge move' },
  { path: '/begin', name: 'Begin with your own', also: 'start new kit demo' },
];
