/* Words put together, whoever says them. */

export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
export const uncapital = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;
/** "a, b and c". @param last what stands before the last one. */
export const listed = (words: readonly string[], last: 'and' | 'or' = 'and'): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} ${last} ${words[words.length - 1]}`;

/** How long a mark rests under its agent: minutes, from two hours on hours. */
export const restText = (minutes: number): string => (minutes < 120 ? `${minutes} min` : `${Math.round(minutes / 60)} h`);
