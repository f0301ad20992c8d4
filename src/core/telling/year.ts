/** Sentences about a year of the record. */
import { monthAsWritten } from '../units/day';
import type { YearRecord } from '../year';
import type { Effect, Measure } from '../year/effects';
import { minutesText } from '../units';
import { DID_WORDS } from './run';
import { moneyText } from '../units/money';
import { capital, counted, howMany, listed } from '../words/text';

/** "This year's care: 9 times, 3 of them without a wash; loft stands at 96 % of new; 2 things renewed; 23 EUR." */
export function yearText(y: YearRecord, isNow: boolean, currency: string): string {
  const name = isNow ? 'This year' : String(y.year);
  if (y.cares === 0) return `${name}: no care is recorded.`;
  const without =
    y.without === 0
      ? 'each with a wash'
      : y.washes === 0
        ? 'none with a wash'
        : `${counted(y.without).toLowerCase()} of them without a wash`;
  const said = [
    `${name}: care ${y.cares === 1 ? 'once' : y.cares === 2 ? 'twice' : `${y.cares} times`}, ${without}`,
    ...(y.loft === null ? [] : [`loft stands at ${Math.round(100 * y.loft)} % of new`]),
    ...(y.renewed > 0 ? [`${howMany(y.renewed, 'finish', 'finishes')} renewed`] : []),
    ...(y.mended > 0 ? [`${howMany(y.mended, 'thing')} mended`] : []),
    ...(y.money > 0 ? [`${moneyText(y.money, currency)}${y.unpriced ? ' of what has a price' : ''}`] : []),
  ];
  return `${said.join('; ')}.`;
}
/** What it took: water, energy, and how long beside what was planned. */
export function yearTookText(y: YearRecord): string {
  const said = [
    ...(y.litres > 0 || y.kWh > 0
      ? [`about ${Math.round(y.litres)} L of water and ${y.kWh.toFixed(1)} kWh, worked out and not metered`]
      : []),
    ...(y.plannedMin > 0
      ? [
          `${minutesText(Math.round(y.tookMin))} from first to last press where ${minutesText(Math.round(y.plannedMin))} were planned`,
        ]
      : []),
    ...(y.uses > 0 ? [howMany(y.uses, 'use written down', 'uses written down')] : []),
  ];
  return said.length > 0 ? `${capital(said.join('; '))}.` : '';
}
/** "March" of "2027-03". */
export const monthText = (month: string): string => monthAsWritten(month) || month;
/** Its months as rows for other software, SI and the user's currency. */
export const yearRows = (y: YearRecord, currency: string): (string | number)[][] => [
  ['month', 'washes', 'without_wash', 'litres', 'kWh', `money_${currency}`, 'hours_taken', 'hours_planned'],
  ...y.months.map((m) => [
    m.month,
    m.washes,
    m.without,
    Math.round(m.litres),
    Number(m.kWh.toFixed(2)),
    Number(m.money.toFixed(2)),
    Number((m.tookMin / 60).toFixed(2)),
    Number((m.plannedMin / 60).toFixed(2)),
  ]),
];

/** What the months of a year can be drawn by. */
export const MONTH_MEASURES = ['cares', 'water', 'energy', 'money', 'hours'] as const;
export type MonthMeasure = (typeof MONTH_MEASURES)[number];
export const MONTH_WORDS: Readonly<Record<MonthMeasure, string>> = {
  cares: 'Cares',
  water: 'Water',
  energy: 'Energy',
  money: 'Money',
  hours: 'Hours',
};
/** Of one month the two figures of a measure, and what they are; one of them may be none. */
export function monthFigures(
  m: YearRecord['months'][number],
  measure: MonthMeasure,
): { readonly lower: number; readonly upper: number } {
  switch (measure) {
    case 'cares':
      return { lower: m.washes, upper: m.without };
    case 'water':
      return { lower: Math.round(m.litres), upper: 0 };
    case 'energy':
      return { lower: Number(m.kWh.toFixed(2)), upper: 0 };
    case 'money':
      return { lower: Number(m.money.toFixed(2)), upper: 0 };
    case 'hours':
      return { lower: Number((m.tookMin / 60).toFixed(1)), upper: Number((m.plannedMin / 60).toFixed(1)) };
  }
}
/** What the two bars of a measure are. */
export const barsText = (measure: MonthMeasure, currency: string): readonly [lower: string, upper: string | null] =>
  ({
    cares: ['with a wash', 'without'] as const,
    water: ['litres', null] as const,
    energy: ['kWh', null] as const,
    money: [currency, null] as const,
    hours: ['hours from first to last press', 'hours planned'] as const,
  })[measure];
/** What was measured before and after a care, as it is asked for. */
export const MEASURE_WORDS: Readonly<Record<Measure, string>> = {
  clean: 'How clean',
  smell: 'Free of smell',
  loft: 'Loft',
  drops: 'Drops',
};
/** The figures of before and after as rows for other software. */
export const effectRows = (effects: readonly Effect[], measure: Measure): (string | number)[][] => [
  ['care', 'times', `${measure}_before_percent`, `${measure}_after_percent`],
  ...effects.map((e) => [didWords(e.did), e.lines.length, Math.round(e.before), Math.round(e.after)]),
];
/** "washed and renewed". */
export const didWords = (did: Effect['did']): string => listed(did.map((care) => DID_WORDS[care]));
