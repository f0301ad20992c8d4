import { convert, shownUnit, type Unit, type UnitSystem } from './quantity';

/**
 * A figure with its unit inside a sentence, or two with a word between: "30 °C", "40 to 60 mL", "5–8 cm". Compound units ("g/m²", "mg/L",
 * "kg/kg") are no quantity of daily life and stay; so does a number that belongs to a word ("600-fill"). A sign belongs to its figure.
 */
const FIGURE =
  /((?:(?<![\w.,])[−-])?\d+(?:[.,]\d+)?)(?:(\s?(?:–|to|and|or)\s?)((?:(?<![\w.,])[−-])?\d+(?:[.,]\d+)?))?([\u00a0 ])(°C|mL|L|kg|g|mm|cm|km|m)(?![\w/²³·’-])/g;
/** Figures that count: a weight is compared with the next, a dose is poured. */
const COUNTS: Readonly<Partial<Record<Unit, number>>> = { g: 3, kg: 3, L: 3 };

const OWN_WORDS = /(“[^”]*”)/;
/** Less than this is poured by the teaspoon, mL; and the part of one that is still told, teaspoons. */
const BY_THE_SPOON_ML = 15;
const PART_OF_A_SPOON = 0.25;

function shown(value: number, from: Unit, to: Unit): string {
  const there = convert(value, from, to);
  if (from === '°C') return String(Math.round(there)).replace('-', '−');
  if (to === 'US tsp') return String(Math.max(PART_OF_A_SPOON, Math.round(there / PART_OF_A_SPOON) * PART_OF_A_SPOON));
  const digits = Math.abs(there) < 1 ? 2 : (COUNTS[from] ?? 2);
  return String(Math.abs(there) >= 10 ** digits ? Math.round(there) : Number(there.toPrecision(digits)));
}
function figuresIn(text: string, system: UnitSystem): string {
  return text.replace(
    FIGURE,
    (all, first: string, word: string | undefined, second: string | undefined, space: string, unit: Unit) => {
      const values = [first, ...(second === undefined ? [] : [second])].map((figure) =>
        Number(figure.replace(',', '.').replace('−', '-')),
      );
      const to = unit === 'mL' && Math.max(...values) < BY_THE_SPOON_ML ? 'US tsp' : shownUnit(unit, system);
      if (to === unit) return all;
      return `${values.map((value) => shown(value, unit, to)).join(word ?? '')}${space}${to}`;
    },
  );
}
/**
 * A sentence with its figures in the units that the user reads: "at 30 °C with 100 mL" is "at 86 °F with 3.4 US fl oz". Metric stays as it is,
 * and so does what somebody named: a dial's “Wool 30 °C” is read off the dial. Factors: NIST Handbook 44.
 */
export function inUnits(text: string, system: UnitSystem): string {
  if (system === 'metric' || !/\d/.test(text)) return text;
  return text
    .split(OWN_WORDS)
    .map((part) => (part.startsWith('“') ? part : figuresIn(part, system)))
    .join('');
}
/** Every text of a document in those units, at whatever depth; a copy, and the very same for metric. Keys and numbers stay. */
export function allInUnits<T>(value: T, system: UnitSystem): T {
  if (system === 'metric') return value;
  const walk = (one: unknown): unknown => {
    if (typeof one === 'string') return inUnits(one, system);
    if (Array.isArray(one)) return one.map(walk);
    if (one === null || typeof one !== 'object') return one;
    return Object.fromEntries(Object.entries(one).map(([key, inner]) => [key, walk(inner)]));
  };
  return walk(value) as T;
}

const BOUND = /(\d) (?=(?:°[CF]|mL|L|kg|g|mm|cm|m|km|%|h|min|s|rpm|kWh|lb|oz|ft|in|mi|US (?:fl oz|gal|tsp))(?![\w/²³·’-]))/g;
/** "1 h 54". */
const MINUTES_BEHIND = /(\d\u00a0h) (?=\d)/g;
/** With no line ending between a number and its unit: SI Brochure 5.4.3, a space that belongs to both. */
export const keepTogether = (text: string): string => text.replace(BOUND, '$1\u00a0').replace(MINUTES_BEHIND, '$1\u00a0');
