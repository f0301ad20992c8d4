/**
 * The sentences for codes, one table, used by pages, print and the command alike. Refuses: deciding. A missing sentence does not compile.
 */
import type { Dimension, Fact, RungId, Surface } from '../knowledge';
import { ASSESS_WORDS, ASSUMPTION_WORDS } from './assess';
export { assessText, usualGaps, type AssessGaps } from './assess-gaps';
import { BLOCK_WORDS } from './blocks';
import { CAUTION_WORDS } from './cautions';
import { FITTED_WORDS } from './fitted';
import type { Fabric } from '../gear';
import { FABRIC_WORDS, limitText, MATERIAL_WORDS, PART_WORDS, SOIL_WORDS } from './names';
import { NEVER_WORDS } from './never';
export { AGENT_WORDS } from './never';
import { RULE_WORDS } from './rules';
import { OPTION_WORDS, SCHOOL_QUESTIONS } from './schools';
import type { ClimbEnd } from '../marks';
import { CLIMB_END_WORDS, RUNG_AGAIN, rungText, STAIN_NEVER, STOP_WORDS } from './stains';
import { STEP_WORDS } from './steps';
import type { StepWords } from './steps';

export * from './glossary';
export * from './names';
export { LABEL_WORDS } from './label';
export { NATURE_WORDS, rungText, STAIN_NEVER, STOP_WORDS, SURFACE_WORDS } from './stains';
export * from './steps';
export { verdictText } from './verdict';
export { asItIs, isSeveral, ofSeveral, spokenOf } from './several';

/** The whole table with open keys, so that knowledge added as data can bring its own sentences. */
export interface Words {
  readonly rules: Readonly<Record<string, string>>;
  /** Rules that are said otherwise of another construction; empty = no reason for this thing. */
  readonly fitted: Readonly<Record<string, (has: (fact: Fact) => boolean) => string>>;
  readonly cautions: Readonly<Record<string, string>>;
  readonly blocks: Readonly<Record<string, string>>;
  readonly steps: Readonly<Record<string, StepWords>>;
  readonly assess: Readonly<Record<string, { because: string; reverse: string | null; otherwise: string }>>;
  readonly assumptions: Readonly<Record<string, string>>;
  /** Names of marks, rungs of their ladders, when to stop, and what never touches them. */
  readonly soils: Readonly<Record<string, string>>;
  readonly rung: (id: RungId, on: Surface) => string;
  readonly rungAgain: Readonly<Partial<Record<RungId, string>>>;
  readonly climbEnds: Readonly<Record<ClimbEnd, string>>;
  readonly stops: Readonly<Record<Surface, string>>;
  readonly never: Readonly<Record<string, string>>;
  readonly questions: Readonly<Record<string, string>>;
  readonly options: Readonly<Record<string, { name: string; gains: string; risks: string }>>;
}

export const WORDS: Words = {
  rules: { ...RULE_WORDS, ...NEVER_WORDS },
  fitted: FITTED_WORDS,
  cautions: CAUTION_WORDS,
  blocks: BLOCK_WORDS,
  steps: STEP_WORDS,
  assess: ASSESS_WORDS,
  assumptions: ASSUMPTION_WORDS,
  soils: SOIL_WORDS,
  rung: rungText,
  rungAgain: RUNG_AGAIN,
  climbEnds: CLIMB_END_WORDS,
  stops: STOP_WORDS,
  never: STAIN_NEVER,
  questions: SCHOOL_QUESTIONS,
  options: OPTION_WORDS,
};

const RISKS: Partial<Record<Dimension, string>> = {
  washMaxC: 'Heat may loosen glue, shrink cloth or strip a finish.',
  action: 'More movement wears and felts it.',
  tumble: 'Heat in the drum may harm a thin shell, glue or membrane.',
  bleach: 'Bleach may take colour and weaken fibres.',
  ironMaxC: 'A hot iron may melt the face.',
};

/** What is risked when a soft limit is passed. */
export const waiverRisk = (dimension: Dimension): string => RISKS[dimension] ?? 'It may wear faster.';

/** Who sets a limit: "the fill (down)", "the label", "the maker". */
export function causeText(component: string, material?: string, fabric?: Fabric): string {
  if (component === 'label') return 'the label';
  if (component === 'maker') return 'the maker';
  if (component === 'school') return 'your choice';
  const part = (PART_WORDS as Record<string, string>)[component]?.toLowerCase() ?? component;
  const words = fabric ? FABRIC_WORDS[fabric] : material ? (MATERIAL_WORDS as Record<string, string>)[material] : undefined;
  return words ? `the ${part} (${words})` : `the ${part}`;
}

/** What a layer, the label or the maker bears, as a sentence: "The fill (down) allows water of 30 °C at most." */
export function boundText(dimension: Dimension, value: string | number | null, cause: string): string {
  const subject = cause.charAt(0).toUpperCase() + cause.slice(1);
  switch (dimension) {
    case 'washMaxC':
      return value === 0 ? `${subject} allows no water.` : `${subject} allows water of ${limitText(dimension, value)} at most.`;
    case 'action':
      return `${subject} bears movement no rougher than this: ${limitText(dimension, value)}.`;
    case 'spinMaxRpm':
      return value === 0 ? `${subject} bears no spin.` : `${subject} bears a spin of ${limitText(dimension, value)} at most.`;
    case 'tumble':
      return value === 'none'
        ? `${subject} bears no dryer.`
        : `${subject} bears the dryer like this at most: ${limitText(dimension, value)}.`;
    default:
      return `${subject} sets the limit: ${limitText(dimension, value)}.`;
  }
}
