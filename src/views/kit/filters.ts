import { type Ranked } from '../../core/due/rank';
import { onceFor } from '../../core/once';
import { KIND_ALSO, KIND_WORDS, madeOf } from '../../core/words';
import { DAY_MS } from '../../core/units/time';

/** The filters, as they stand in the address. */
export const FILTERS = ['need', 'kind', 'owner', 'due'] as const;
export type Filter = (typeof FILTERS)[number];
const DUE_DAYS: Record<string, number> = { '0': 0, '7': 7, '30': 30 };

/** What a row is found by. */
const textOf = onceFor((row: Ranked): string => {
  const { item } = row;
  return [
    item.name,
    KIND_WORDS[item.kind],
    KIND_ALSO[item.kind],
    ...item.components.map(madeOf),
    item.owner,
    ...(item.tags ?? []),
    ...item.components.map((c) => c.material),
    item.lent?.to,
    item.id,
  ]
    .filter(Boolean)
    .join(' ')
    .toLowerCase();
});

export function matches(row: Ranked, words: readonly string[], filters: Readonly<Record<Filter, string>>, now: string): boolean {
  const { item, need, on } = row;
  // What is put away is shown only when it is asked for.
  if (filters.need === '' ? need === 'away' : need !== filters.need) return false;
  if (filters.kind && item.kind !== filters.kind) return false;
  if (filters.owner && item.owner !== filters.owner) return false;
  if (filters.due) {
    const days = DUE_DAYS[filters.due] ?? 0;
    const soon = need === 'due' || need === 'urgent' || (Date.parse(on) - Date.parse(now)) / DAY_MS <= days;
    if (!soon) return false;
  }
  if (words.length === 0) return true;
  const text = textOf(row);
  return words.every((word) => text.includes(word));
}
