import type { RackKind, UpkeepTask } from '../gear';
import { ENERGY_FIGURES } from '../knowledge';

const HOT = `${ENERGY_FIGURES.hotEmptyC.value} °C`;

export const UPKEEP_WORDS: Record<UpkeepTask, { readonly name: string; readonly how: string }> = {
  'hot-empty': { name: 'Empty hot cycle', how: `Run it empty at ${HOT} or hotter, without cleaner.` },
  descale: { name: 'Descale', how: 'With a descaler, as the machine’s maker says. Never with bleach in the machine.' },
  drawer: { name: 'Wipe drawer and seal', how: 'Take the drawer out, rinse it, wipe its place and the door seal.' },
  door: { name: 'Door ajar', how: 'Leave door and drawer open after each load, so that it dries inside.' },
  lint: { name: 'Clear the lint', how: 'Empty the lint filter after each load; lint burns.' },
  filter: { name: 'Clean the heat exchanger’s filter', how: 'As the dryer’s maker says; a clogged one dries slowly.' },
};

export const PURGE_WORDS = {
  rinse: {
    title: 'Rinse it out first',
    text: 'Let a plain cold rinse run through, empty, and look that nothing is left in the drawer. What was used in it must not meet what comes next.',
  },
  drawer: {
    title: 'Wipe drawer and door seal',
    text: 'Take the drawer out, rinse it under the tap, and wipe its place and the folds of the door seal until the cloth stays clean.',
  },
  hot: {
    title: 'Run it empty and hot',
    text: `Run it empty at ${HOT} or hotter, without any cleaner. Stay away from the glass: it gets hot.`,
  },
  look: {
    title: 'Look and smell',
    text: 'Open it when it has cooled. Look at the glass and the seal, and smell the drum.',
    look: 'Is there foam on the glass, a film, or perfume in the drum?',
    pass: 'No foam, no film, no smell.',
  },
  ajar: { title: 'Leave the door ajar', text: 'Leave door and drawer open, so that it dries inside.' },
} as const;

export const RACK_WORDS: Record<RackKind, string> = { line: 'line', rack: 'drying rack', flat: 'place to lie flat' };
