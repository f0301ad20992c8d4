import type { Kit, LogEntry } from '../gear';
import { WEATHER_WORDS } from '../words';
import { halvesText } from './drops';
import { didText } from './run';
import { testText, treatedText } from './surfaces';

/** A line of the record in a few words; empty for what is told elsewhere. */
export function lineText(e: LogEntry, { supplies = [], items }: Pick<Kit, 'supplies' | 'items'>): string {
  if (e.type === 'care') return didText(e);
  if (e.type === 'treatment') return treatedText(e);
  if (e.type === 'spot-test') return testText(e);
  if (e.type === 'halves') return halvesText(e, supplies, items.find((i) => i.id === e.itemId)?.kind ?? 'other');
  if (e.type !== 'use') return '';
  return [
    'used',
    e.hours ? `${e.hours} h` : '',
    e.nights ? `${e.nights} nights` : '',
    e.km ? `${e.km} km` : '',
    ...(e.weather ?? []).map((w) => WEATHER_WORDS[w]),
    e.hard ? 'hard' : '',
    e.place ?? '',
  ]
    .filter(Boolean)
    .join(', ');
}
