/**
 * What the trade knows, as typed records: materials, rules, schools, families, steps, cautions. The engine reads them and names none of
 * them. Refuses: computation. `KNOWLEDGE` is what ships; tests hand the engine variations of it.
 */
import { arranged } from './arrange';
import { ASSESS_RULES } from './assessment';
import { BLOCKS } from './blocks';
import { CAUTIONS } from './cautions';
import { FAMILIES } from './families';
import { FITTING_ROWS, MATERIAL_ROWS } from './materials';
import { NEVER_TOGETHER } from './never-together';
import { ASSUMPTIONS, PLAN_TRAITS } from './plan-traits';
import { RULES } from './rules';
import { SCHOOLS } from './schools';
import { SETTINGS } from './settings';
import { DRY_STEPS } from './steps/dry';
import { FINISH_STEPS } from './steps/finish';
import { STAINS } from './stains';
import { PREPARE_STEPS } from './steps/prepare';
import { PRETREAT_STEPS } from './steps/pretreat';
import { WASH_STEPS } from './steps/wash';
import { THRESHOLDS } from './thresholds';
import { SEEN_TRAITS, TRAITS } from './traits';
import type { Knowledge } from './types';
import { ZONES } from './zones';

export { afterWhatTheyBuildOn, arranged } from './arrange';
export { checkOrder } from './check-order';
export * from './fact';
export * from './condition';
export { alike } from './alike';
export { codesHold, FactSet, takeThoseThatHold } from './codes';
export * from './types';
export { SCHOOL_OPTIONS } from './school-options';
export { AIM_SEQUENCE, OBSERVED, OPEN_QUESTIONS, SUPERSEDES } from './assessment';
export { THRESHOLDS, thresholdsOf } from './thresholds';
export { exposedZones, sprayRowOf, zonesOf } from './zones-of';
export { TAKEN_OUT } from './materials';
export { ARCHETYPE_GROUPS, ARCHETYPES, type Archetype } from './archetypes';
export * from './figures';
export * from './loads';
export * from './panels';
export * from './places';
export * from './shows';
export { OUTING_KINDS } from './outings';
export { agentOf, cautionsAt, ladderOn, mayClimb, toolFor, wantsTest } from './ladders';
export type { LadderRung, RungEnd, RungId, RungRecord, Stroke, Tool } from './rungs';
export { RUNGS } from './rungs';
export type { Settings } from './settings';
export { CYCLE_STYLES, type CycleStyle } from './fact';
export type { AirMoves } from './figures';
export { EVAPORATES, NEVER_TOGETHER } from './never-together';
export { SCHOOLS } from './schools';
export { EQUIPMENT_RULES, LABEL_RULES, MAKER_RULES, ONE_DOT_C, SCENTED, TUMBLE_MAX_C } from './label-rules';

export type { CauseId, LookId, WayId } from './looks';

export type RuleId = (typeof RULES)[number]['id'];
export type StepId = (typeof STEPS)[number]['id'];
export type CautionId = (typeof CAUTIONS)[number]['id'];
export type BlockId = (typeof BLOCKS)[number]['id'];
export type AssessId = (typeof ASSESS_RULES)[number]['id'];
export type AssumptionId = (typeof ASSUMPTIONS)[number]['id'];
export type NeverId = (typeof NEVER_TOGETHER)[number]['id'];
export type StainId = (typeof STAINS)[number]['id'];
export type SchoolId = (typeof SCHOOLS)[number]['id'];
type OptionKey<S> = S extends { id: infer I extends string; options: readonly (infer O)[] }
  ? O extends { id: infer K extends string }
    ? `${I}=${K}`
    : never
  : never;
export type SchoolOptionKey = OptionKey<(typeof SCHOOLS)[number]>;

const STEPS = [...PREPARE_STEPS, ...PRETREAT_STEPS, ...WASH_STEPS, ...DRY_STEPS, ...FINISH_STEPS] as const;

export const KNOWLEDGE: Knowledge = arranged({
  materials: MATERIAL_ROWS,
  fittings: FITTING_ROWS,
  traits: [...TRAITS, ...SEEN_TRAITS],
  planTraits: PLAN_TRAITS,
  families: FAMILIES,
  schools: SCHOOLS,
  assess: ASSESS_RULES,
  rules: RULES,
  steps: STEPS,
  cautions: CAUTIONS,
  blocks: BLOCKS,
  neverTogether: NEVER_TOGETHER,
  stains: STAINS,
  assumptions: ASSUMPTIONS,
  zones: ZONES,
  thresholds: THRESHOLDS,
  settings: SETTINGS,
});
