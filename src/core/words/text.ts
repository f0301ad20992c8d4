/* Words put together, whoever says them. */

export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
export const uncapital = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;
/** "a, b and c". @param last what stands before the last one. */
export const listed = (words: readonly string[], last: 'and' | 'or' = 'and'): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} ${last} ${words[words.length - 1]}`;
