/**
 * Values with a unit as people type them, and as they are shown. Factors: NIST Handbook 44 appendix C and SP 811 (exact). Refuses: units
 * that are not of the asked measure, which are no value, never a guess.
 */

import { G_PER_LB, G_PER_OZ, ML_PER_IMP_FL_OZ, ML_PER_US_FL_OZ, MM_PER_IN, typedNumber } from '.';

export type UnitSystem = 'metric' | 'us';
interface UnitRecord {
  /** One of it in the first unit of its measure: value × factor + offset. */
  readonly factor: number;
  readonly offset?: number;
  /** What else is typed for it, small letters. */
  readonly also?: readonly string[];
}
const KM_PER_MILE = 1.609344;
const ML_PER_US_GAL = 3785.411784;

const MEASURES = {
  mass: {
    g: { factor: 1, also: ['gr', 'gram', 'grams'] },
    kg: { factor: 1000, also: ['kilo', 'kilos'] },
    oz: { factor: G_PER_OZ, also: ['ounce', 'ounces'] },
    lb: { factor: G_PER_LB, also: ['lbs', 'pound', 'pounds'] },
  },
  volume: {
    mL: { factor: 1, also: ['ml', 'cc'] },
    L: { factor: 1000, also: ['l', 'litre', 'litres', 'liter', 'liters'] },
    'US fl oz': { factor: ML_PER_US_FL_OZ, also: ['fl oz', 'floz', 'us fl oz', 'oz'] },
    'US tsp': { factor: ML_PER_US_FL_OZ / 6, also: ['tsp', 'teaspoon', 'teaspoons'] },
    'imp fl oz': { factor: ML_PER_IMP_FL_OZ, also: ['imp fl oz', 'uk fl oz'] },
    'US gal': { factor: ML_PER_US_GAL, also: ['gal', 'us gal', 'gallon', 'gallons'] },
  },
  temperature: {
    '°C': { factor: 1, also: ['c', '°c', 'celsius'] },
    '°F': { factor: 5 / 9, offset: (-32 * 5) / 9, also: ['f', '°f', 'fahrenheit'] },
    K: { factor: 1, offset: -273.15, also: ['k', 'kelvin'] },
  },
  length: {
    mm: { factor: 1 },
    cm: { factor: 10 },
    m: { factor: 1000, also: ['metre', 'metres', 'meter', 'meters'] },
    in: { factor: MM_PER_IN, also: ['"', '″', 'inch', 'inches'] },
    ft: { factor: 12 * MM_PER_IN, also: ["'", '′', 'foot', 'feet'] },
  },
  distance: {
    km: { factor: 1 },
    mi: { factor: KM_PER_MILE, also: ['mile', 'miles'] },
  },
  duration: {
    min: { factor: 1, also: ['m', 'minute', 'minutes'] },
    h: { factor: 60, also: ['hour', 'hours'] },
    s: { factor: 1 / 60, also: ['sec', 'second', 'seconds'] },
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, UnitRecord>>>>;
type Measures = typeof MEASURES;
export type Measure = keyof Measures;
export type Unit = { readonly [M in Measure]: keyof Measures[M] & string }[Measure];
const TABLE: Readonly<Record<Measure, Readonly<Record<string, UnitRecord>>>> = MEASURES;
/** A unit belongs to one measure only. */
const MEASURE_OF = new Map<string, Measure>(
  (Object.keys(TABLE) as Measure[]).flatMap((measure) => Object.keys(TABLE[measure]).map((unit) => [unit, measure] as const)),
);
/** Whether values of it can be told in other units. */
export const isUnit = (text: string): text is Unit => MEASURE_OF.has(text);
/** @throws RangeError for a unit that is not listed. */
function unitOf(unit: Unit): UnitRecord & { readonly measure: Measure } {
  const measure = MEASURE_OF.get(unit);
  const record = measure && TABLE[measure][unit];
  if (!record) throw new RangeError(`${unit} is no unit that is known here`);
  return { ...record, measure };
}

/** What each unit is shown as to one who measures in US units. A unit that is not listed stays. */
const US: Readonly<Partial<Record<Unit, Unit>>> = {
  g: 'oz',
  kg: 'lb',
  mL: 'US fl oz',
  L: 'US gal',
  '°C': '°F',
  mm: 'in',
  cm: 'in',
  m: 'ft',
  km: 'mi',
};
/** The unit in which a value of this one is shown, and taken when none is typed. */
export const shownUnit = (unit: Unit, system: UnitSystem): Unit => (system === 'us' ? (US[unit] ?? unit) : unit);

/** From one unit to another of its measure. @throws RangeError for one of another measure. */
export function convert(value: number, from: Unit, to: Unit): number {
  if (from === to) return value;
  const [a, b] = [unitOf(from), unitOf(to)];
  if (a.measure !== b.measure) throw new RangeError(`${from} cannot be told in ${to}`);
  return (value * a.factor + (a.offset ?? 0) - (b.offset ?? 0)) / b.factor;
}
/** As it stands in a field: four figures that count, unless it is in the unit in which it is kept. */
export const toShown = (value: number, unit: Unit, shown: Unit): number =>
  unit === shown ? value : Number(convert(value, unit, shown).toPrecision(4));

/**
 * A typed value with its unit, in `unit`. A number alone is in `assumed`. Undefined for nothing; NaN for what is no number, or has a unit of
 * another measure. `m` is metres, or minutes where minutes are asked.
 */
export function readQuantity(text: string, unit: Unit, assumed: Unit): number | undefined {
  const [, figure = '', said = ''] = /^\s*([+-]?[\d\s.,]*)\s*(.*?)\s*\.?\s*$/s.exec(text) ?? [];
  const number = typedNumber(figure);
  if (number === undefined) return said === '' ? undefined : Number.NaN;
  if (said === '') return convert(number, assumed, unit);
  const wanted = said.toLowerCase().replace(/\s+/g, ' ');
  const units = Object.entries(TABLE[unitOf(unit).measure]);
  const found = units.find(([id, { also = [] }]) => id.toLowerCase() === wanted || also.includes(wanted));
  return found ? convert(number, found[0] as Unit, unit) : Number.NaN;
}

/** "113.4 g": four figures that count. */
export const quantityText = (value: number, unit: string): string => `${Number(value.toPrecision(4))} ${unit}`;

/** What can be meant. Without `min` it lies above 0. */
export interface NumberRange {
  readonly min?: number | undefined;
  readonly max?: number | undefined;
  readonly whole?: boolean | undefined;
}
/** True of a number within a range, both ends included; above 0 where no least is given. */
export const fitsRange = (n: number, { min, max = Infinity, whole = false }: NumberRange): boolean =>
  (min === undefined ? n > 0 : n >= min) && n <= max && (!whole || Number.isInteger(n));
/** "a number from 5 to 30", "a whole number above 0". */
export function rangeText({ min, max, whole = false }: NumberRange): string {
  const what = whole ? 'a whole number' : 'a number';
  if (min === undefined) return max === undefined ? `${what} above 0` : `${what} above 0, up to ${max}`;
  return max === undefined ? `${what} of ${min} or more` : `${what} from ${min} to ${max}`;
}
