import type { Limit } from '../envelope';
import type { Component, Item, Stain } from '../gear';
import {
  CAP,
  CAPPED,
  HIDE_SURFACES,
  isShoe,
  MAIN_PARTS,
  OUTSIDE,
  PLACES,
  PLAIN_SURFACE,
  RUBBER_MARKS,
  RUBBER_SURFACES,
  SEPARABLE,
  surfaceOf,
  WASHED_SURFACES,
  type Surface,
} from '../knowledge';

/** What of a thing says where its marks lie. */
type Made = Pick<Item, 'kind' | 'components'>;

type Mark = Pick<Stain, 'soil' | 'place' | 'part'>;
/** The first that fits, whatever order the parts are written down in. */
function has({ components }: Made, test: (c: Component) => boolean): Component | undefined {
  let found: Component | undefined;
  for (const c of components) if (test(c) && (!found || `${c.part}:${c.material}` < `${found.part}:${found.material}`)) found = c;
  return found;
}

const WORDS = new Map<string, RegExp>();
function saysWord(text: string, word: string): boolean {
  let pattern = WORDS.get(word);
  if (!pattern) WORDS.set(word, (pattern = new RegExp(`(^|[^a-z])${word}s?([^a-z]|$)`)));
  return pattern.test(text);
}

/** Rows by the text of a place: people write few of them, and often. */
const read = new Map<string, (typeof PLACES)[number][]>();
const MOST_READ = 1000;
function rowsFor(place: string): readonly (typeof PLACES)[number][] {
  let rows = read.get(place);
  if (!rows) {
    const text = place.toLowerCase();
    rows = PLACES.filter((row) => row.words.some((word) => saysWord(text, word)));
    if (read.size >= MOST_READ) read.clear();
    read.set(place, rows);
  }
  return rows;
}

/** By the words of a place: the part they mean, of those that the thing has. */
function byWords(item: Made, place: string): Component | undefined {
  const shoe = isShoe(item.kind);
  const rows = rowsFor(place).filter((row) => row.shoe === undefined || row.shoe === shoe);
  // "the rubber toe", "suede of the collar": a word of a material says more than one of a place.
  for (const { materials } of rows)
    for (const material of materials ?? []) {
      const found = has(item, (c) => c.material === material);
      if (found) return found;
    }
  for (const { parts } of rows)
    for (const part of parts) {
      const found = has(item, (c) => c.part === part);
      if (found) return found;
    }
  return undefined;
}

const surface = (item: Made, c: Component): Surface => surfaceOf(c.part, c.material, item.kind);

/** The rubber of a shoe that a scuff or a yellowing is likely on. A hide scuffs and yellows itself, but not under a cap. */
function rubberOf(item: Made, place: string | undefined): Component | undefined {
  const rubbery = (c: Component): boolean => RUBBER_SURFACES.has(surface(item, c));
  const capped = CAPPED.some((word) => saysWord((place ?? '').toLowerCase(), word));
  const cap = has(item, (c) => c.part === CAP && rubbery(c));
  if (capped && cap) return cap;
  const hide = has(item, (c) => c.part === OUTSIDE && HIDE_SURFACES.has(surface(item, c)));
  return hide ? undefined : has(item, rubbery);
}

/**
 * The part that a mark lies on: as recorded, else as the words of its place say, else by what such a mark usually sits on, else the thing's
 * main part. Undefined for a thing without parts.
 */
export function componentAt(item: Made, mark: Mark): Component | undefined {
  const said = mark.place === undefined ? undefined : byWords(item, mark.place);
  const recorded = mark.part && has(item, (c) => c.part === mark.part);
  if (recorded) return said?.part === mark.part ? said : recorded;
  if (said) return said;
  const rubbery = isShoe(item.kind) && (RUBBER_MARKS as readonly string[]).includes(mark.soil);
  const rubber = rubbery ? rubberOf(item, mark.place) : undefined;
  if (rubber) return rubber;
  for (const part of MAIN_PARTS) {
    const found = has(item, (c) => c.part === part);
    if (found) return found;
  }
  return has(item, () => true);
}

/** Who speaks for every part. */
const FOR_ALL: readonly string[] = ['label', 'maker'];
type Bound = Pick<Limit, 'dimension' | 'value' | 'component' | 'material'>;
const forbidsOxygen = ({ dimension, value }: Bound): boolean =>
  (dimension === 'bleach' && value === 'none') || (dimension === 'soakMaxMin' && value === 0);
/** Parts whose own limits bear no oxygen soak, of those that can be held out of one. */
export const heldFromOxygen = (limits: readonly Bound[]): Bound[] =>
  limits.filter((l) => forbidsOxygen(l) && (SEPARABLE as readonly string[]).includes(l.component));

/**
 * True when every mark on cloth lies on a part that bears an oxygen soak, and whatever does not can be held out of it: the collar of a shirt
 * with elastic mesh. The label and the maker speak for all of it.
 */
export function oxygenByPlace(item: Made, marks: readonly Mark[], limits: readonly Bound[]): boolean {
  const onCloth = marks.filter((mark) => WASHED_SURFACES.has(surfaceAt(item, mark)));
  if (onCloth.length === 0) return false;
  const against = limits.filter(forbidsOxygen);
  if (against.some((l) => !(SEPARABLE as readonly string[]).includes(l.component) || FOR_ALL.includes(l.component))) return false;
  return onCloth.every((mark) => {
    const at = componentAt(item, mark);
    return !against.some((l) => l.component === at?.part && (l.material === undefined || l.material === at.material));
  });
}

/** The surface that a mark lies on. */
export function surfaceAt(item: Made, mark: Mark): Surface {
  const at = componentAt(item, mark);
  return at ? surface(item, at) : PLAIN_SURFACE;
}
