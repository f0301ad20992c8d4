/* Words put together, whoever says them. */

export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
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
/** A field of a record as words: "label.wash.maxC" → "label, wash, max c". */
export const fieldText = (path: string): string => path.replace(/\./g, ', ').replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`);
/** Text that Markdown takes as it stands. */
export const mdText = (text: string): string => text.replace(/([\\`*_[\]<>|])/g, '\\$1');
