/* Words put together, whoever says them. */

/** With a capital letter. */
export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
/** With a small letter. */
export const uncapital = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;
/** "a, b and c". @param last what stands before the last one. */
export const listed = (words: readonly string[], last: 'and' | 'or' = 'and'): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} ${last} ${words[words.length - 1]}`;

/** How long a mark rests under its agent: minutes, from two hours on hours. */
export const restText = (minutes: number): string => (minutes < 120 ? `${minutes} min` : `${Math.round(minutes / 60)} h`);

/** "1 thing", "3 things". */
export const howMany = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten', 'Eleven', 'Twelve'];
/** A count as a word up to twelve, as at the beginning of a sentence. */
export const counted = (n: number): string => NUMBERS[n] ?? String(n);
const UNIT_OF: Readonly<Record<string, string>> = { G: 'g', Kg: 'kg', Ml: 'mL', C: '°C', Min: 'min' };
/** A field of a record as words: "label.wash.maxC" → "label, wash, max (°C)". */
export const fieldText = (path: string): string =>
  path
    .replace(/(?<=[a-z])(Kg|G|Ml|C|Min)$/, (unit) => ` (${UNIT_OF[unit]})`)
    .replace(/\./g, ', ')
    .replace(/[A-Z](?![^(]*\))/g, (c) => ` ${c.toLowerCase()}`);
/** A value as it stands in a field; null where it is more than a line. */
export const valueText = (value: unknown): string | null =>
  value === undefined || value === ''
    ? 'nothing'
    : Array.isArray(value) && value.every((entry) => typeof entry !== 'object')
      ? value.join(', ') || 'nothing'
      : typeof value === 'object'
        ? null
        : String(value);
/** Text that Markdown takes as it stands. */
export const mdText = (text: string): string => text.replace(/([\\`*_[\]<>|])/g, '\\$1');
