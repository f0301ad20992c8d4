import { holds, tag } from '../facts';
import type { School, SchoolOption } from '../knowledge';
import type { PlanState } from './state';

type ChoiceState = Pick<PlanState, 'facts' | 'choices' | 'asked' | 'refusals' | 'request'>;

/** The rule that refuses an option here, or null. */
export function refusedBy(option: SchoolOption, facts: ReadonlySet<string>): string | null {
  return option.refused?.find((refusal) => holds(refusal.when, facts))?.rule ?? null;
}

/** True for schools that move limits; they are settled before the envelope is. */
export const movesLimits = (school: School): boolean => school.options.some((option) => option.waives || option.tightens);

/**
 * Settles one school: the user's option, or our default; a refused one is listed and the default, or else the first that is not refused,
 * takes its place. Adds the fact "school:ID=option".
 */
export function settle(school: School, state: ChoiceState): SchoolOption | null {
  if (!holds(school.applies, state.facts)) return null;
  state.asked.push(school);
  const wished = state.request.kit.preferences?.schools?.[school.id];
  const order = [wished, school.fallback, ...school.options.map((option) => option.id)];
  for (const id of order) {
    const option = school.options.find((o) => o.id === id);
    if (!option) continue;
    const rule = refusedBy(option, state.facts);
    if (rule === null) {
      state.choices.set(school.id, option.id);
      state.facts.add(tag(tag('school:', school.id) + '=', option.id));
      return option;
    }
    const chosen = id === wished || (wished === undefined && id === school.fallback);
    if (chosen && !state.refusals.some((r) => r.option === option.id && r.school === school.id)) {
      state.refusals.push({ option: option.id, school: school.id, rule });
    }
  }
  // Nothing is possible: keep the default's fact, so that later conditions see a choice; its steps are held back by the envelope facts.
  state.choices.set(school.id, school.fallback);
  state.facts.add(tag(tag('school:', school.id) + '=', school.fallback));
  return null;
}
