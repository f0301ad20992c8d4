import type { Kept, Outlook, Sold, Span, Spent } from '../worth';
import { isStop } from '../worth';
import { minutesText } from '../units';
import { moneyText } from '../units/money';

/* What a thing is worth, in sentences. The first says what to do. */

/** "12.00 to 60.00 EUR"; one figure where both are the same. @param shown as for `moneyText`. */
export function spanText({ low, high }: Span, currency: string, shown: string = currency): string {
  const [a, b] = [moneyText(low, currency, ''), moneyText(high, currency, shown)];
  return a === moneyText(high, currency, '') ? b : `${a} to ${b}`;
}
/** "in 3 of 10 cases"; at the ends in words. */
export function casesText(share: number): string {
  const tenths = Math.round(share * 10);
  if (share <= 0) return 'in no case';
  if (share >= 1) return 'in every case';
  if (tenths === 0) return 'in fewer than 1 of 10 cases';
  if (tenths === 10) return 'in more than 9 of 10 cases';
  return `in ${tenths} of 10 cases`;
}

/** What a sale left, with what all of it took. */
export function soldText({ profit, perHour, percent }: Sold, spent: Spent, amount: number, currency: string): string {
  const hours = perHour === null ? '' : `, ${moneyText(perHour, currency)} an hour for ${minutesText(spent.minutes)}`;
  const of = percent === null ? '' : ` (${Math.round(percent)} % of what was put in)`.replace('-', '−');
  return profit < 0
    ? `Sold for ${moneyText(amount, currency)}: ${moneyText(-profit, currency)} less than it cost${of}.`
    : `Sold for ${moneyText(amount, currency)}: it left ${moneyText(profit, currency)}${of}${hours}.`;
}
const wageText = (below: number, hour: string): string =>
  below <= 0 ? `${hour} or more in every case` : `less than ${hour} ${casesText(below)}`;
/** Whether the work ahead is worth it, before it is begun. Null when there is nothing to say. */
export function outlookText(o: Outlook, perHour: number | null, aheadMin: number, currency: string): string | null {
  if (!o.after) return null;
  const hour = perHour === null ? '' : moneyText(perHour, currency);
  const below = o.below === null ? '' : `; an hour brings ${wageText(o.below, hour)}`;
  const leaves = `At this estimate it leaves ${spanText(o.after, currency)}${below}.`;
  if (aheadMin === 0 || !o.adds) return leaves;
  const each = o.adds.perHour ? ` (${spanText(o.adds.perHour, currency)} an hour)` : '';
  const adds = `The ${minutesText(aheadMin)} of work ahead add ${spanText(o.adds.all, currency)}${each}`;
  if (o.adds.below === null) return `${leaves} ${adds}.`;
  return isStop(o)
    ? `Stop here: the ${minutesText(aheadMin)} of work ahead bring less than ${hour} an hour ${casesText(o.adds.below)}. ${leaves}`
    : `${leaves} ${adds}, an hour of it ${wageText(o.adds.below, hour)}.`;
}
/** Up to what price somebody else may do it. @param limit in the currency of the kit. */
export const professionalText = (limit: number, currency: string): string =>
  `Somebody else may do the work ahead for up to ${moneyText(limit, currency)}; above that your own hands are cheaper.`;
/** What keeping it costs, in one sentence; null when that is not known. */
export function keptText(
  { perUse, perYear, perYearAtTarget }: Kept,
  targetYears: number | undefined,
  currency: string,
): string | null {
  const parts = [
    ...(perUse === null ? [] : [`${moneyText(perUse, currency)} a use so far`]),
    ...(perYear === null ? [] : [`${moneyText(perYear, currency)} a year so far`]),
    ...(perYearAtTarget === null || targetYears === undefined
      ? []
      : [`${moneyText(perYearAtTarget, currency)} a year if it lasts ${targetYears} years`]),
  ];
  return parts.length === 0 ? null : `It costs ${parts.join(', ')}.`;
}
/** What the sums leave out. */
export function leavesOutText(spent: Spent, paidKnown: boolean): string | null {
  const parts = [
    ...(paidKnown ? [] : ['what was paid for it is not recorded']),
    ...(spent.unpriced ? ['something that was used has no price'] : []),
    ...(spent.untimed > 0
      ? [`the minutes of ${spent.untimed === 1 ? 'one care' : `${spent.untimed} cares`} are not recorded`]
      : []),
  ];
  if (parts.length === 0) return null;
  const text = parts.join('; ');
  return `Left out: ${text}.`;
}
