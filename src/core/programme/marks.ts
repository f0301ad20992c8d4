import { componentAt, surfaceAt } from '../facts';
import { SOILS, type SpotTestEntry, type SupplyClass } from '../gear';
import { ladderOn, mayClimb, type FactsRead, type Knowledge } from '../knowledge';
import { triedOn } from '../marks';
import type { OpenMark, PlanRequest } from './state';

/** With what a drop of “the cleaner” is meant: what the thing is washed with, and mild soap where nothing is washed. */
export const dropOf = ({ cleaner }: { readonly cleaner: SupplyClass | null }): SupplyClass => cleaner ?? 'mild-soap';

interface Settled {
  readonly request: PlanRequest;
  readonly facts: FactsRead;
  readonly knowledge: Knowledge;
  readonly cleaner: SupplyClass | null;
}
/** The marks of the newest look, in the order of the vocabulary. */
export function openMarks(settled: Settled): OpenMark[] {
  const { request, facts, knowledge } = settled;
  const { inspection, item, kit } = request;
  const stains = inspection?.stains ?? [];
  if (stains.length === 0) return [];
  const tried = triedOn(item, kit.log ?? [], facts, dropOf(settled));
  return [...stains]
    .sort((a, b) => SOILS.indexOf(a.soil) - SOILS.indexOf(b.soil))
    .flatMap((stain) => {
      const record = knowledge.stains.find((s) => s.id === stain.soil);
      if (!record) return [];
      const surface = surfaceAt(item, stain);
      const at = { surface, part: componentAt(item, stain)?.part };
      const climb = tried.climb(ladderOn(record, surface), stain, at, (rung) => mayClimb(rung, surface, facts));
      return [{ stain, surface, record, climb }];
    });
}
/** The rungs that are still ahead. */
export const ahead = ({ climb }: OpenMark): OpenMark['climb']['rungs'] =>
  climb.end === 'gone' ? [] : climb.rungs.filter((r) => r.state === 'next' || r.state === 'later');
/** What has to be tried on a hidden place before it meets a mark, each once. */
export const untested = (marks: readonly OpenMark[]): SpotTestEntry['agent'][] => [
  ...new Set(marks.flatMap((mark) => ahead(mark).flatMap((r) => r.testFirst ?? []))),
];
