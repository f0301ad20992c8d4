import { BookOpen, CalendarDays, Clock, FlaskConical, Layers, Ruler, ScrollText } from 'lucide-react';
import { PATHS, toBench } from './routes';

/** Places that are built. A place not built yet is absent. */
export const PLACES = [
  { key: 'n', path: PATHS.now, name: 'Now', icon: Clock },
  { key: 'k', path: PATHS.kit, name: 'Kit', icon: Layers },
  { key: 'w', path: PATHS.washDay, name: 'Wash day', icon: CalendarDays },
  { key: 'b', path: PATHS.bench, name: 'Bench', icon: Ruler },
  { key: 'c', path: PATHS.cupboard, name: 'Cupboard', icon: FlaskConical },
  { key: 'r', path: PATHS.record, name: 'Record', icon: ScrollText },
  { key: 'h', path: PATHS.handbook, name: 'Handbook', icon: BookOpen },
] as const;

/** Pages besides the places and those of a thing, as they are found by name. `also`: other words by which they are looked for. */
export const PAGES: readonly { readonly path: string; readonly name: string; readonly also?: string }[] = [
  ...PLACES.map(({ path, name }) => ({ path, name })),
  { path: PATHS.newThing, name: 'Add a thing', also: 'new item' },
  { path: PATHS.labels, name: 'Labels to print', also: 'codes stickers' },
  { path: PATHS.worth, name: 'What the work brings', also: 'price money sale' },
  { path: PATHS.shells, name: 'What sheds rain', also: 'waterproof repellency finish shells' },
  { path: PATHS.bench, name: 'Dose', also: 'bench cleaner how much mL' },
  { path: toBench('rinse'), name: 'Rinses', also: 'bench suds how many' },
  { path: toBench('dilution'), name: 'Dilution', also: 'bench mix concentration' },
  { path: toBench('energy'), name: 'Energy and water', also: 'bench kWh cost' },
  { path: toBench('loft'), name: 'Loft and fill', also: 'bench fill power down' },
  { path: PATHS.cupboard, name: 'Bottles and aids', also: 'cupboard cleaner proofer shopping' },
  { path: PATHS.machines, name: 'Machines and places', also: 'cupboard washer dryer line rack tub' },
  { path: PATHS.upkeep, name: 'Upkeep', also: 'cupboard descale filter purge' },
  { path: PATHS.water, name: 'Room, water, prices', also: 'cupboard hardness humidity electricity' },
  { path: PATHS.never, name: 'Never together', also: 'cupboard danger bleach vinegar mix' },
  { path: PATHS.season, name: 'The weeks ahead', also: 'season due calendar plan' },
  { path: PATHS.done, name: 'Done today', also: 'undo take back history' },
  { path: PATHS.record, name: 'Copies and other browsers', also: 'save export import backup merge move' },
  { path: PATHS.begin, name: 'Begin with your own', also: 'start new kit demo' },
];
