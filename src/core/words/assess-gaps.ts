import type { Inspection } from '../gear';
import type { Thresholds } from '../knowledge';
import { onceForWord } from '../once';
import { dropsText, ODOUR_WORDS, SOIL_GRADE_WORDS } from './glossary';
import { listed } from './text';

/** What the sentences of an assessment are filled from: where one answer turns into another, what was seen, and zones of this kind. */
export interface AssessGaps {
  /** As the user has them. */
  readonly limits: Thresholds;
  /** As the trade has them. */
  readonly ours: Thresholds;
  /** By name. */
  readonly exposed: readonly string[];
  /** Null where nobody looked, and in the handbook: what is usual is said then. */
  readonly seen: Pick<Inspection, 'soil' | 'odour' | 'loftRatio' | 'droplet'> | null;
  /** How a zone is called. */
  readonly zone: (zone: string) => string;
}

/** Of nothing that anybody has seen. */
export const usualGaps = (ours: Thresholds, exposed: readonly string[]): AssessGaps => ({
  limits: ours,
  ours,
  exposed,
  seen: null,
  zone: (zone) => zone,
});

/** By the grade from which it is washed. */
const DIRTY = ['', 'marked at all', 'dirty all over', 'more than slightly dirty', 'very dirty'] as const;
const CLEANER = [
  '',
  'Quite clean, I would leave it alone.',
  'With no more than a few marks I would only wipe it.',
  'If it were no more than slightly dirty I would only wipe it.',
  'If it were less than very dirty I would only wipe it.',
] as const;
/** By the grade of smell from which it is washed. */
const SMELLING = ['', 'at all', 'clearly', 'strongly'] as const;
const FRESHER = [
  '',
  'Without any smell I would leave it alone.',
  'With only a faint smell I would air it.',
  'With no more than a clear smell I would air it.',
] as const;
/** What drops do that leave anything, by grade, now and if they did. */
const DROPS_DO = ['come through', 'soak in', 'spread', 'leave wet spots', 'leave a few specks'] as const;
const DROPS_DID = ['came through', 'soaked in', 'spread', 'left wet spots', 'left a few specks'] as const;
/** By the grade from which a finish is fine: the least that would do. */
const ROLLED = [
  '',
  'did no more than soak in on',
  'did no more than spread on',
  'left no more than wet spots on',
  'beaded and rolled off',
  'beaded and left nothing on',
] as const;
const BEADED = [
  '',
  'did no more than soak in',
  'did no more than spread',
  'left no more than wet spots',
  'beaded',
  'beaded and left nothing',
] as const;
/** By the grade up to which a finish that heat does not bring back is renewed. */
const POOR = [
  'water came through',
  'water soaked in',
  'water soaked in',
  'drops left wet spots',
  'drops left a few specks',
] as const;

const percent = (share: number): string => `${Math.round(100 * share)} %`;
const either = (words: readonly string[]): string => listed(words, 'or');
/** How the loft is beside new; in per cent where only the user's own threshold asks for anything. */
function loftText({ seen, ours }: AssessGaps, unseen: string): string {
  const ratio = seen?.loftRatio;
  if (ratio === undefined) return unseen;
  return ratio < ours.loftWash ? 'well below new' : ratio <= ours.loftFluff ? 'a little down' : `at ${percent(ratio)} of new`;
}
const worstOf = ({ seen, limits }: AssessGaps): number =>
  Math.floor(Math.min(limits.dropFine - 1, ...Object.values(seen?.droplet ?? {}).filter((g) => g !== undefined)));
/** What drops left where they left anything that somebody minds; undefined where they left nothing, or none fell. */
const dropsSeen = ({ seen, limits, ours, zone }: AssessGaps): string | undefined =>
  seen?.droplet && dropsText(seen.droplet, zone, Math.max(limits.dropFine, ours.dropFine));

/** What stands in each gap; empty: then the whole sentence has nothing to say here. */
const GAPS = {
  soiled: ({ seen }) =>
    seen?.soil === 1 ? 'it has a few marks' : `it is ${seen?.soil === undefined ? 'dirty' : SOIL_GRADE_WORDS[seen.soil]}`,
  dirty: ({ limits }) => DIRTY[limits.soilWash] ?? '',
  cleaner: ({ limits }) => CLEANER[limits.soilWash] ?? '',
  marks: ({ seen, limits }) =>
    (seen?.soil ?? 0) > 1
      ? `it is ${SOIL_GRADE_WORDS[seen?.soil ?? 0]}, and you wash only what is ${DIRTY[limits.soilWash]}`
      : 'there are only marks',
  wiped: ({ limits }) => (limits.soilWash > 1 ? 'A few marks I would wipe off.' : ''),
  odour: ({ seen }) => (seen?.odour === undefined ? 'clear smell' : (ODOUR_WORDS[seen.odour] ?? '')),
  smelling: ({ limits }) => SMELLING[limits.odourWash] ?? '',
  fresher: ({ limits }) => FRESHER[limits.odourWash] ?? '',
  smell: ({ seen, limits }) =>
    (seen?.odour ?? 0) > 1
      ? `${ODOUR_WORDS[seen?.odour ?? 0]}, and you wash only what smells ${SMELLING[limits.odourWash]}`
      : 'faint smell',
  aired: ({ limits }) => (limits.odourWash > 1 ? 'A faint smell I would air out.' : ''),
  wash: ({ limits }) => percent(limits.loftWash),
  fluff: ({ limits }) => percent(limits.loftFluff),
  low: (gaps) => loftText(gaps, 'well below new'),
  flat: (gaps) => loftText(gaps, 'a little down'),
  loftier: ({ limits: { loftWash, loftFluff } }) =>
    loftWash < loftFluff
      ? `Above ${percent(loftWash)} of new I would only fluff it, and above ${percent(loftFluff)} leave it alone.`
      : `Above ${percent(loftFluff)} of new I would leave it alone.`,
  between: ({ limits: { loftWash, loftFluff } }) =>
    loftWash < loftFluff ? `Between ${percent(loftWash)} and ${percent(loftFluff)} of its new loft I would fluff it.` : '',
  exposed: ({ exposed }) => either(exposed),
  first: ({ exposed }) => either(exposed.slice(0, 1)),
  drops: (gaps) => dropsSeen(gaps) ?? 'water soaks in',
  fine: (gaps) => {
    const said = dropsSeen(gaps);
    return said === undefined ? 'drops still bead' : `${said}: fine by your own threshold`;
  },
  rolled: ({ limits }) => ROLLED[limits.dropFine] ?? '',
  beaded: ({ limits }) => BEADED[limits.dropFine] ?? '',
  leave: (gaps) => DROPS_DO[worstOf(gaps)] ?? '',
  spotted: ({ limits }) => DROPS_DID[limits.dropFine - 1] ?? '',
  // Between fine and poor there may be no grade left.
  tired: ({ limits, exposed }) =>
    limits.dropFine - 1 > limits.dropPoor
      ? `If drops ${DROPS_DID[limits.dropFine - 1]} on the ${either(exposed)}, I would warm the finish.`
      : '',
  poor: ({ limits }) => POOR[limits.dropPoor] ?? '',
} as const satisfies Record<string, (gaps: AssessGaps) => string>;
const isGap = (word: string): word is keyof typeof GAPS => word in GAPS;

/** A sentence as its words and its gaps in turn. */
const partsOf = onceForWord((text: string): readonly string[] => text.split(/\{([a-z]+)\}/));
/** Fills the gaps of a sentence of the table. @returns empty where it has nothing to say with these thresholds. */
export function assessText(text: string, gaps: AssessGaps): string {
  const parts = partsOf(text);
  if (parts.length === 1) return text;
  let said = '';
  for (const [n, part] of parts.entries()) said += n % 2 === 0 ? part : isGap(part) ? GAPS[part](gaps) : `{${part}}`;
  return said;
}
