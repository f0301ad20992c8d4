/*
 * Frozen. Version 2: a draft of a look keeps the name of its card instead of its number, because cards are added between others; photographs
 * and saved views get tables of their own.
 */
export const version = 2;
export const stores = { photos: 'id, itemId', views: 'id' } as const;

interface Row {
  readonly [field: string]: unknown;
}
const list = (value: unknown): Row[] => (Array.isArray(value) ? (value as Row[]) : []);

/** The cards that version 1 showed for an item, in order. */
function cardsOf(item: Row | undefined): string[] {
  const components = list(item?.components);
  const filled = components.some((c) => c.part === 'fill');
  const sheds =
    item?.repellency === 'finish' ||
    (item?.repellency === undefined && components.some((c) => c.part === 'membrane' || c.part === 'coating'));
  return [
    'soil',
    'soils',
    'odour',
    ...(filled ? ['loft', 'clumps'] : []),
    ...(sheds ? ['drops'] : []),
    'damp',
    'stains',
    'damage',
    'done',
  ];
}

/** Before: `{ itemId, card: number, seen }`; after: `{ itemId, card: string, seen }`. A row that is already so is given back as it is. */
export function draft(row: Row, item: Row | undefined): Row {
  if (typeof row.card !== 'number') return row;
  return { ...row, card: cardsOf(item)[row.card] ?? 'soil' };
}
