import type { Bulk } from '../gear';
import type { Basis, When } from './condition';
import { JOB_CLASSES } from '../gear';
import type { DRY_STEPS } from './steps/dry';
import type { PRETREAT_STEPS } from './steps/pretreat';

/*
 * What may share a drum. A rule speaks of every thing for which `when` holds, and is asked both ways round of any two.
 */
export interface LoadRule extends Basis {
  readonly id: LoadRuleId;
  readonly when: When;
  /** Hard: never taken. Soft: may be taken knowingly, with its risk. */
  readonly hard: boolean;
  /** Nothing else goes in with it. */
  readonly alone?: true;
  /** Only what this holds for goes in with it. */
  readonly onlyWith?: When;
  /** What this holds for stays out. */
  readonly neverWith?: When;
  /** Most of those that `when` speaks of in one drum, pairs and stacks counted by what they hold. */
  readonly most?: number;
}
/** Why two things that could share a drum by machine and place do not. */
export const LOAD_RULES_OF = [
  'large-filled-alone',
  'down-two',
  'waterproof-two',
  'waterproof-no-dirt',
  'jersey-alone',
  'studs-with-towels',
  'shoes-two',
  'white-shoes-whites',
  'microfibre-only',
  'jobs-apart',
  'greasy-apart',
  'bleeds-with-like',
  'vivid-untested',
  'pale-and-dark',
  'white-and-light',
  'scent-own',
  'dirty-apart',
  'lint-apart',
  'costume-alone',
] as const;
export type LoadRuleId = (typeof LOAD_RULES_OF)[number];
/** The same, and what no rule of the trade but the day itself says. */
export type ApartRule = LoadRuleId | 'cleaner' | 'second-cleaner' | 'drum' | 'dryer' | 'no-machine' | 'wished' | 'sooner-apart';

const P = { basis: 'practice' } as const;
const DOWN: When = { all: ['down-filled'], none: ['bag-like', 'bulk:large'] };
const CLOTH: When = { all: ['mat:split-microfibre'], any: ['cloth-like'] };
const DARKS: When = { any: ['colour:dark', 'colour:vivid'] };

export const LOAD_RULES: readonly LoadRule[] = [
  { id: 'large-filled-alone', when: { all: ['filled', 'bag-like'] }, hard: true, alone: true, ...P },
  { id: 'large-filled-alone', when: { all: ['filled', 'bulk:large'] }, hard: true, alone: true, ...P },
  { id: 'down-two', when: DOWN, hard: true, onlyWith: DOWN, most: 2, ...P },
  { id: 'waterproof-two', when: { all: ['waterproof'] }, hard: true, most: 2, ...P },
  {
    id: 'waterproof-no-dirt',
    when: { all: ['waterproof'] },
    hard: true,
    neverWith: { all: ['soil>=3'], none: ['waterproof'] },
    ...P,
  },
  { id: 'jersey-alone', when: { all: ['kind:jersey', 'printed'] }, hard: false, alone: true, ...P },
  {
    id: 'studs-with-towels',
    when: { all: ['kind:studded-boot'] },
    hard: true,
    onlyWith: { any: ['kind:studded-boot', 'kind:towel'] },
    most: 3,
    ...P,
  },
  {
    id: 'shoes-two',
    when: { all: ['shoe-like'], none: ['kind:studded-boot'] },
    hard: true,
    onlyWith: { any: ['shoe-like', 'kind:towel'], none: ['kind:studded-boot'] },
    most: 2,
    ...P,
  },
  {
    id: 'white-shoes-whites',
    when: { all: ['shoe-like', 'colour:white'] },
    hard: true,
    onlyWith: { all: ['colour:white'] },
    ...P,
  },
  { id: 'microfibre-only', when: CLOTH, hard: true, onlyWith: CLOTH, ...P },
  ...JOB_CLASSES.flatMap((job): LoadRule[] =>
    (['soil>=2', 'unseen:soil'] as const).map((worn) => ({
      id: 'jobs-apart',
      when: { all: ['mat:split-microfibre', `job:${job}`, worn] },
      hard: true,
      neverWith: { none: [`job:${job}`] },
      ...P,
    })),
  ),
  { id: 'greasy-apart', when: { all: ['greasy', 'mat:split-microfibre'] }, hard: true, onlyWith: { all: ['greasy'] }, ...P },
  ...(['colour:white', 'colour:light', 'colour:dark', 'colour:vivid'] as const).map((like): LoadRule => ({
    id: 'bleeds-with-like',
    when: { all: ['bleeds', like] },
    hard: true,
    onlyWith: { all: ['bleeds', like] },
    ...P,
  })),
  {
    id: 'bleeds-with-like',
    when: { all: ['bleeds'], none: ['colour:white', 'colour:light', 'colour:dark', 'colour:vivid'] },
    hard: true,
    alone: true,
    ...P,
  },
  {
    id: 'vivid-untested',
    when: { all: ['colour:vivid', 'bleed-unproved'], none: ['bleeds'] },
    hard: false,
    neverWith: { any: ['colour:white', 'colour:light'] },
    ...P,
  },
  { id: 'pale-and-dark', when: DARKS, hard: false, neverWith: { any: ['colour:white', 'colour:light'] }, ...P },
  { id: 'white-and-light', when: { all: ['colour:white'] }, hard: false, neverWith: { all: ['colour:light'] }, ...P },
  {
    id: 'scent-own',
    when: { all: ['mark:scent-critical'] },
    hard: true,
    onlyWith: { all: ['mark:scent-critical'] },
    ...P,
  },
  { id: 'dirty-apart', when: { all: ['soil>=3'] }, hard: false, neverWith: { none: ['soil>=2', 'unseen:soil'] }, ...P },
  { id: 'lint-apart', when: { any: ['kind:towel', 'mat:cotton'] }, hard: false, neverWith: { all: ['technical'] }, ...P },
  { id: 'costume-alone', when: { all: ['kind:costume-body'] }, hard: true, alone: true, ...P },
];

/** What lies with it as a cushion, of which at least so many [common practice, no source]. */
export interface CushionRule {
  readonly when: When;
  readonly what: 'towel' | 'white-cotton';
  readonly count: number;
}
export const CUSHIONS: readonly CushionRule[] = [
  { when: { all: ['shoe-like', 'colour:white'] }, what: 'white-cotton', count: 2 },
  { when: { all: ['shoe-like'] }, what: 'towel', count: 2 },
];
/** A cushion, kg dry and litres in the drum [from memory]. */
export const CUSHION = { towel: { kg: 0.4, litres: 4 }, 'white-cotton': { kg: 0.2, litres: 2 } } as const;

/**
 * Litres that a thing takes in a washer's and in a dryer's drum; over all of them one palm stays clear. With the palm they are the least
 * drums of the equipment rules: 30 and 50 L to wash, 60 and 100 L to dry [from memory].
 */
export const DRUM_LITRES: Readonly<Record<'washer' | 'dryer', Readonly<Record<Bulk, number>> & { readonly palm: number }>> = {
  washer: { small: 6, medium: 20, large: 40, palm: 10 },
  dryer: { small: 20, medium: 50, large: 90, palm: 10 },
};
/** Litres of a kilogram of loose small things, washed as one stack [from memory]. */
export const LITRES_PER_KG = 8;
/** Metres of line or rack that one takes, and pairs a place [from memory]. */
export const LINE_METRES: Readonly<Record<Bulk, number>> = { small: 0.6, medium: 1, large: 2.5 };
/**
 * Steps that work by the sun, and the hours in which it is taken to stand high enough, by the clock of the place [common practice, no source;
 * the hours from memory]. What is longer than that begins within them.
 */
export const IN_THE_SUN: readonly (typeof DRY_STEPS | typeof PRETREAT_STEPS)[number]['id'][] = ['peroxide-rubber', 'shoe-sun'];
export const SUN_HOURS = { from: 9, to: 17 } as const;

/** Order through one machine at the same soil: what touches glass before what dried paint, what wiped a workshop last [common practice]. */
export const JOB_ORDER: readonly (typeof JOB_CLASSES)[number][] = ['paint', 'drying', 'general', 'dirty'];
