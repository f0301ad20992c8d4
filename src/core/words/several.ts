import type { Item, Kind } from '../gear';

/** What one speaks of as several: a pair, or what has two legs. */
const SEVERAL: readonly Kind[] = ['trousers', 'gloves', 'socks', 'shoe', 'boot', 'studded-boot', 'pads'];
/** True of what is spoken of as several: a pair, a stack. */
export const isSeveral = ({ kind, count = 1 }: Pick<Item, 'kind' | 'count'>): boolean => SEVERAL.includes(kind) || count > 1;

/** Verbs of one and of several; behind an "it" that is not followed by one of these, it is done to the thing. */
const VERBS: Readonly<Record<string, string>> = {
  is: 'are',
  was: 'were',
  were: 'were',
  has: 'have',
  had: 'had',
  needs: 'need',
  leaks: 'leak',
  smelled: 'smelled',
  would: 'would',
  stays: 'stay',
  does: 'do',
  lies: 'lie',
  seems: 'seem',
  goes: 'go',
  gets: 'get',
  hangs: 'hang',
  sheds: 'shed',
  shows: 'show',
  works: 'work',
  feels: 'feel',
  weighs: 'weigh',
  asks: 'ask',
  brings: 'bring',
  falls: 'fall',
  can: 'can',
  may: 'may',
  will: 'will',
  must: 'must',
  might: 'might',
  could: 'could',
  should: 'should',
};
/** How a question begins that is asked of one, and of several. */
const ASKED: Readonly<Record<string, string>> = {
  is: 'are',
  was: 'were',
  has: 'have',
  does: 'do',
  can: 'can',
  will: 'will',
  should: 'should',
  would: 'would',
  could: 'could',
  must: 'must',
  might: 'might',
  may: 'may',
};
const OTHERS: Readonly<Record<string, string>> = { it: 'them', its: 'their', itself: 'themselves' };
const SAID = new RegExp(
  `\\bit ((?:no longer |hardly )?)(${Object.keys(VERBS).join('|')})\\b|\\bits\\b|\\bit\\b|\\bitself\\b`,
  'gi',
);
const QUESTION = new RegExp(`\\b(${Object.keys(ASKED).join('|')}) it\\b(?=[^.!?]*\\?)`, 'gi');
/** As a sentence began, so it begins. */
const asBefore = (before: string, said: string): string =>
  /^[A-Z]/.test(before) ? `${said.charAt(0).toUpperCase()}${said.slice(1)}` : said;
/** Sentences said before: the same few thousand are said of every pair. */
const saidBefore = new Map<string, string>();
const MOST_KEPT = 5000;
/**
 * What is said of one thing as it is said of several: "it is damp" is "they are damp". For sentences in which every "it" is the thing; one in which
 * it is something else must name that.
 */
export function ofSeveral(text: string): string {
  let said = saidBefore.get(text);
  if (said === undefined) {
    said = inPlural(text);
    if (saidBefore.size >= MOST_KEPT) saidBefore.clear();
    saidBefore.set(text, said);
  }
  return said;
}
const inPlural = (text: string): string =>
  text
    .replace(QUESTION, (all, verb: string) => asBefore(all, `${ASKED[verb.toLowerCase()] ?? verb} they`))
    .replace(SAID, (all, how: string | undefined, verb: string | undefined) =>
      asBefore(all, verb ? `they ${how ?? ''}${VERBS[verb.toLowerCase()] ?? verb}` : (OTHERS[all.toLowerCase()] ?? all)),
    );
/** What is said of it is said as it stands. */
export const asItIs = (text: string): string => text;
/** What is said of this thing, as it is said of it: of one, or of several. */
export const spokenOf = (item: Pick<Item, 'kind' | 'count'>): ((text: string) => string) =>
  isSeveral(item) ? ofSeveral : asItIs;
