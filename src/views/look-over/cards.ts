import type { Inspection, Item, Kind } from '../../core/gear';
import { isShoe } from '../../core/knowledge';
import { zoneName } from '../../core/words/zones';
import { DAMAGE_WORDS, ODOUR_WORDS, SOIL_GRADE_WORDS, SOIL_WORDS, WEAR_WORDS } from '../../core/words';

/** The questions, in the order a hand goes over a thing. */
export type CardId = 'soil' | 'soils' | 'odour' | 'loft' | 'clumps' | 'drops' | 'damp' | 'stains' | 'damage' | 'wear' | 'done';

export function cardsFor(item: Item): CardId[] {
  const filled = item.components.some((c) => c.part === 'fill');
  const sheds =
    item.repellency === 'finish' ||
    (item.repellency === undefined && item.components.some((c) => c.part === 'membrane' || c.part === 'coating'));
  return [
    'soil',
    'soils',
    'odour',
    ...(filled ? (['loft', 'clumps'] as const) : []),
    ...(sheds ? (['drops'] as const) : []),
    'damp',
    'stains',
    'damage',
    'wear',
    'done',
  ];
}

/** What one look says of a card, in a word or two; null when it was not looked at. */
export function said(card: CardId, seen: Partial<Inspection>, kind: Kind): string | null {
  if (!answered(card, seen)) return null;
  const list = (words: readonly string[]): string => (words.length === 0 ? 'none' : words.join(', '));
  switch (card) {
    case 'soil':
      return SOIL_GRADE_WORDS[seen.soil ?? 0] ?? null;
    case 'soils':
      return list((seen.soils ?? []).map((s) => SOIL_WORDS[s]));
    case 'odour':
      return ODOUR_WORDS[seen.odour ?? 0] ?? null;
    case 'loft':
      return seen.loftRatio === undefined ? 'flat from being packed' : `${Math.round(seen.loftRatio * 100)} % of new`;
    case 'clumps':
      return [seen.clumped ? 'clumped' : 'no clumps', seen.discoloured ? 'yellowed' : ''].filter(Boolean).join(', ');
    case 'drops':
      return Object.entries(seen.droplet ?? {})
        .map(([zone, grade]) => `${zoneName(zone, kind)} ${grade}`)
        .join(', ');
    case 'damp':
      return seen.damp ? 'damp' : 'dry';
    case 'stains':
      return list((seen.stains ?? []).map((s) => `${SOIL_WORDS[s.soil]}${s.set ? ', set' : ''}`));
    case 'damage':
      return list((seen.damage ?? []).map((d) => DAMAGE_WORDS[d.kind]));
    case 'wear':
      return list((seen.wear ?? []).map((w) => WEAR_WORDS[w]));
    case 'done':
      return null;
  }
}

/** Whether a card has an answer. Unanswered is not fine. */
export function answered(card: CardId, seen: Partial<Inspection>): boolean {
  switch (card) {
    case 'soil':
      return seen.soil !== undefined;
    case 'soils':
      return seen.soils !== undefined;
    case 'odour':
      return seen.odour !== undefined;
    case 'loft':
      return seen.loftRatio !== undefined || seen.fromStorage === true;
    case 'clumps':
      return seen.clumped !== undefined;
    case 'drops':
      return Object.keys(seen.droplet ?? {}).length > 0;
    case 'damp':
      return seen.damp !== undefined;
    case 'stains':
      return seen.stains !== undefined;
    case 'damage':
      return seen.damage !== undefined;
    case 'wear':
      return seen.wear !== undefined;
    case 'done':
      return true;
  }
}

export const CARD_WORDS: Record<CardId, string> = {
  soil: 'How dirty is it?',
  soils: 'What is it dirty with?',
  odour: 'How does it smell?',
  loft: 'How high does it stand?',
  clumps: 'How does the fill look?',
  drops: 'What do drops do on it?',
  damp: 'Is it damp?',
  stains: 'Are there marks?',
  damage: 'Is anything broken?',
  wear: 'How worn is it?',
  done: 'That is all I need.',
};
/** The observation a card gives, as a person calls it. */
export const CARD_NAMES: Record<CardId, string> = {
  soil: 'how dirty it is',
  soils: 'what it is dirty with',
  odour: 'the smell',
  loft: 'the loft',
  clumps: 'the fill',
  drops: 'the drops',
  damp: 'the damp',
  stains: 'the marks',
  damage: 'the damage',
  wear: 'the wear',
  done: '',
};

/** How one feels whether it is damp: by the place that stays damp longest. @param says what is said of the thing, as it is said of that one. */
export function dampTest(item: Item, says: (text: string) => string): string {
  if (isShoe(item.kind)) return 'Push a hand down into the toe: does it feel moist or cold?';
  if (item.kind === 'soft-flask' || item.kind === 'reservoir')
    return 'Look into corners and valve, and shake it: is there a drop?';
  if (item.components.some((c) => c.part === 'fill'))
    return 'Press the thickest place to your cheek: does it feel moist or chill?';
  return says('Hold it to your lips and breathe through the fabric: does it feel moist or chill?');
}
/** A dark shell hides what the fill looks like. */
export const showsThrough = ({ colour }: Item): boolean => colour?.class !== 'dark' && colour?.class !== 'vivid';

/** A place that such a thing has, for the empty field. */
export function placeHint({ kind }: Item): string {
  if (isShoe(kind)) return 'toe cap';
  if (kind === 'tent' || kind === 'tarp' || kind === 'footprint') return 'the floor, by the door';
  if (kind === 'sleeping-bag' || kind === 'quilt') return 'head end';
  if (kind === 'trousers') return 'left knee';
  return kind === 'jacket' || kind === 'mid-layer' || kind === 'base-layer' || kind === 'jersey' ? 'left cuff' : 'the middle';
}
