import type { Inspection, Item } from '../../core/gear';

/** The questions, in the order a hand goes over a thing. */
export type CardId = 'soil' | 'soils' | 'odour' | 'loft' | 'clumps' | 'drops' | 'damp' | 'stains' | 'damage' | 'done';

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
    'done',
  ];
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
  done: '',
};
