import type { Item } from '../../../src/core/gear';
import type { Knowledge } from '../../../src/core/knowledge';
import type { Programme } from '../../../src/core/document';
import { keys, programme, type KitPart, type Seen } from '../../make';

/** One thing that must be true of what the product says, and the records it rests on. */
export interface Fact {
  /** Records, as "list/id". Without any one of them the fact must fail. */
  readonly about: readonly string[];
  /** Where the expectation comes from: a standard, common practice (no source), or memory. */
  readonly basis: string;
  readonly holds: (knowledge: Knowledge) => boolean;
  /** For a list of steps: what should be and what is, so that a failure shows both. */
  readonly lists?: { readonly expected: readonly string[]; readonly found: (knowledge: Knowledge) => readonly string[] };
}
export const PRACTICE = 'common practice, no source';
export const MEMORY = 'from memory';
/** Down with pockets and no fittings, made ready and washed by machine. */
export const DOWN_WASHED = [
  'check-dryer-fit',
  'wipe-drawer',
  'weigh-dry',
  'empty-pockets',
  'inside-out',
  'wash-down-machine',
] as const;

/** A fact about one programme. */
export const fact = (
  about: string | readonly string[],
  basis: string,
  thing: Item,
  seen: Seen | null,
  kit: KitPart,
  holds: (p: Programme) => boolean,
): Fact => ({
  about: typeof about === 'string' ? [about] : about,
  basis,
  holds: (knowledge) => holds(programme(thing, seen, kit, knowledge)),
});

/** One fact a step: in this situation exactly these are done, in this order (steps behind a failed check included). */
export const steps = (basis: string, thing: Item, seen: Seen, kit: KitPart, expected: readonly string[]): Fact => ({
  about: expected.map((key) => `steps/${key}`),
  basis,
  holds: (knowledge) => JSON.stringify(keys(programme(thing, seen, kit, knowledge))) === JSON.stringify(expected),
  lists: { expected, found: (knowledge) => keys(programme(thing, seen, kit, knowledge)) },
});
