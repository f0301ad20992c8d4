import type { Difference, Reached } from '../energy/choice';
import { minutesText } from '../units';
import { WORDS } from '../words';
import { uncapital } from '../words/text';

/** Less than this is no difference, kWh, L and money. */
const NONE = { kWh: 0.05, litres: 1, money: 0.05 } as const;
const MOST_STEPS = 3;

const minutes = (by: number, what: string): string =>
  by === 0 ? '' : `${minutesText(Math.abs(by))} ${by > 0 ? 'more' : 'less'} ${what}`;
const amount = (by: number, least: number, digits: number, unit: string): string =>
  Math.abs(by) < least ? '' : `${Math.abs(by).toFixed(digits)} ${unit} ${by > 0 ? 'more' : 'less'}`;

/** "40 min less in all, 5 min more of your time, 0.3 kWh more"; empty when neither time nor cost differs. */
export function costText({ allMin, handsMin, kWh, litres, money }: Difference, currency: string): string {
  return [
    minutes(allMin, 'in all'),
    minutes(handsMin, 'of your time'),
    amount(kWh, NONE.kWh, 1, 'kWh'),
    amount(litres, NONE.litres, 0, 'L'),
    money === null || currency === '' ? '' : amount(money, NONE.money, 2, currency),
  ]
    .filter(Boolean)
    .join(', ');
}
const few = (titles: readonly string[]): string =>
  [...titles.slice(0, MOST_STEPS), ...(titles.length > MOST_STEPS ? [`${titles.length - MOST_STEPS} more`] : [])]
    .map(uncapital)
    .join('; ');
/** "Adds: tumble it dry, with looks. Leaves out: hang it on the line." */
export function stepsText({ comes, goes }: Difference): string {
  return [comes.length > 0 ? `Adds: ${few(comes)}.` : '', goes.length > 0 ? `Leaves out: ${few(goes)}.` : '']
    .filter(Boolean)
    .join(' ');
}
/** What a choice did change, said where it was made. */
export function changeText(difference: Difference, currency: string): string {
  const cost = costText(difference, currency);
  return [cost ? `Now ${cost}.` : 'Settings changed; time and cost stay.', stepsText(difference), ...difference.risks]
    .filter(Boolean)
    .join(' ');
}
/** What an option would do in another thing. */
export function reachedText({ does, allMin = 0, handsMin = 0, rule }: Reached): string {
  if (does === 'own') return 'keeps its own choice';
  if (does === 'refused') return `stays as it is: ${uncapital(WORDS.rules[rule ?? ''] ?? 'it may not')}`;
  return [minutes(allMin, 'in all'), minutes(handsMin, 'of your time')].filter(Boolean).join(', ') || 'other settings, as long';
}
