import type { FactsRead } from './condition';
import type { Surface } from './places';
import { RUNGS, SURFACE_LADDERS, type LadderRung, type RungId, type RungRecord } from './rungs';
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
