/** Sentences about a year of the record. */
import type { YearRecord } from '../year';
import { minutesText } from '../units';
import { moneyText } from '../units/money';
import { capital, counted, howMany } from '../words/text';

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
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;
/** "March" of "2027-03". */
export const monthText = (month: string): string => MONTHS[Number(month.slice(5, 7)) - 1] ?? month;
/** Its months as rows for other software, SI and the user's currency. */
export const yearRows = (y: YearRecord, currency: string): (string | number)[][] => [
  ['month', 'washes', 'without_wash', 'litres', 'kWh', `money_${currency}`],
  ...y.months.map((m) => [
    m.month,
    m.washes,
    m.without,
    Math.round(m.litres),
    Number(m.kWh.toFixed(2)),
    Number(m.money.toFixed(2)),
  ]),
];
