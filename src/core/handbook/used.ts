import { holds } from '../facts';
import type { Programme } from '../document';
import type { Plan } from '../programme';
import { entryIdOf } from './ids';

/** The entries that a programme rests on: what was seen, limits, schools that arose, marks, cautions, refusals and reasons. */
export function entriesUsedBy(plan: Plan, programme: Programme): Set<string> {
  const used = new Set<string>();
  const add = (rule: string): void => {
    const id = entryIdOf(rule, plan.knowledge);
    if (id) used.add(id);
  };
  for (const rule of plan.assessment.spoke) used.add(`seen/${rule.id}`);
  for (const limit of plan.envelope.limits) add(limit.rule);
  for (const school of plan.asked) used.add(`school/${school.id}`);
  const inspection = plan.request.inspection;
  for (const soil of [...(inspection?.soils ?? []), ...(inspection?.stains ?? []).map((s) => s.soil)]) used.add(`stain/${soil}`);
  for (const { climb } of plan.marks) for (const { rung } of climb.rungs) used.add(`rung/${rung}`);
  for (const { settings } of programme.steps)
    for (const agent of [settings.cleaner, settings.proofer, ...(settings.aids ?? []), ...(settings.tries ?? [])])
      if (agent !== undefined && agent !== 'warm-water') used.add(`agent/${agent}`);
  const verbs = new Set(programme.steps.map((step) => step.do));
  for (const caution of plan.knowledge.cautions)
    if (holds(caution.when, plan.facts) && (caution.at ?? []).some((verb) => verbs.has(verb))) used.add(`caution/${caution.id}`);
  for (const refusal of programme.blocked) add(refusal.rule);
  for (const step of programme.steps) for (const why of step.why) add(why.rule);
  return used;
}
