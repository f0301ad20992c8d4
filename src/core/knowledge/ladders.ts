import type { Soil, SupplyClass } from '../gear';
import type { CAUTIONS } from './cautions';
import type { FactsRead } from './condition';
import { HIDE_SURFACES, RUBBER_SURFACES, type Surface } from './places';
import { RUNGS, SURFACE_LADDERS, type LadderRung, type RungId, type RungRecord, type Tool } from './rungs';
import type { StainRecord } from './types';

/** The ladder of a mark where it lies: its own there, else the usual of that surface, else its own on cloth. */
export const ladderOn = (stain: Pick<StainRecord, 'at' | 'ladder'>, on: Surface): readonly LadderRung[] =>
  stain.at?.[on] ?? SURFACE_LADDERS[on] ?? stain.ladder;
/** Whether a rung may be taken on a surface, with these facts. */
export function mayClimb(rung: RungId, on: Surface, facts: FactsRead): boolean {
  const known: RungRecord = RUNGS[rung];
  if (known.on && !known.on.includes(on)) return false;
  const { all = [], none = [] } = known.when ?? {};
  return all.every((fact) => facts.has(fact)) && !none.some((fact) => facts.has(fact));
}

/** What a hand takes for a rung on a surface; null = nothing. */
export function toolFor(rung: RungId, on: Surface): Tool | null {
  const { tool, toolOn }: RungRecord = RUNGS[rung];
  return toolOn?.[on] ?? tool ?? null;
}
/** What a rung brings: a product of the cupboard, `the cleaner` as the one that the thing is washed with, or warmer water; null = nothing. */
export function agentOf(rung: RungId, cleaner: SupplyClass): SupplyClass | 'warm-water' | null {
  const { agent } = RUNGS[rung];
  if (rung === 'warmer') return 'warm-water';
  return agent === 'the cleaner' ? cleaner : agent;
}
/** Whether a rung is tried on a hidden place before it meets a mark on this surface. */
export function wantsTest(rung: RungId, on: Surface, facts: FactsRead): boolean {
  const { agent, test }: RungRecord = RUNGS[rung];
  if (test !== undefined) return test === 'always';
  if ((agent === null && rung !== 'warmer') || RUBBER_SURFACES.has(on)) return false;
  return HIDE_SURFACES.has(on) || facts.has('bleed-unproved');
}
type CautionId = (typeof CAUTIONS)[number]['id'];
/** Cautions that come with a mark, whatever it is met with. */
const OF_MARKS: Partial<Record<Soil, CautionId>> = { blood: 'blood-gloves', mould: 'mould-mask' };
/** Cautions that come with a rung, wherever it is taken. */
const OF_RUNGS: Partial<Record<RungId, readonly CautionId[]>> = {
  'oxygen-soak': ['gloves-soak', 'never-mix'],
  'oxygen-brush': ['never-mix'],
  'long-soak': ['gloves-soak', 'never-mix'],
  'solvent-swab': ['acetone-fire', 'solvent-no-dryer'],
  'weak-vinegar': ['never-mix'],
  'peroxide-thin': ['peroxide-burns', 'never-mix'],
};
/** What is to be minded at a rung on a mark. */
export const cautionsAt = (rung: RungId, soil: Soil | null): readonly CautionId[] => [
  ...new Set([...(soil && OF_MARKS[soil] ? [OF_MARKS[soil]] : []), ...(OF_RUNGS[rung] ?? [])]),
];
