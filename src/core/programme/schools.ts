import { holds, tag, tagPair } from '../facts';
import { onceFor } from '../once';
import type { Fact, FactsRead, School, SchoolChoice, SchoolOption, SchoolOptionName } from '../knowledge';
import type { Chosen } from './state';

type ChoiceState = Pick<Chosen, 'facts' | 'choices' | 'asked' | 'refusals' | 'request'>;

/** The rule that refuses an option here, or null. */
export function refusedBy(option: SchoolOption, facts: FactsRead): string | null {
  return option.refused?.find((refusal) => holds(refusal.when, facts))?.rule ?? null;
}

/** True where every answer to the question plans the same here. */
export const isIrrelevant = (school: School, facts: FactsRead): boolean =>
  school.irrelevantWhen !== undefined && holds(school.irrelevantWhen, facts);

/** True where choosing the option would plan the same as is planned without it. */
export const sameHere = (option: SchoolOption, facts: FactsRead): boolean =>
  option.same !== undefined && holds(option.same, facts);

/** True for schools that move limits; they are settled before the envelope is. */
export const movesLimits = (school: School): boolean => school.options.some((option) => option.waives || option.tightens);

/** In the order in which they are settled: the schools that move limits, and the others, each in the order of their records. */
export const inTurn = onceFor((schools: readonly School[]) => ({
  first: schools.filter(movesLimits) as readonly School[],
  others: schools.filter((s) => !movesLimits(s)) as readonly School[],
}));

/** What the choice of each option is called among the facts. */
const choicesOf = onceFor((school: School): ReadonlyMap<SchoolOptionName, Fact> => {
  const names = [school.fallback, ...school.options.map((option) => option.id)];
  return new Map(names.map((name) => [name, tagPair('school:', school.id, '=', name) as `school:${SchoolChoice}`]));
});
const addChoice = (school: School, option: SchoolOptionName, { facts, choices: made }: ChoiceState): void => {
  made.set(school.id, option);
  const fact = choicesOf(school).get(option);
  if (fact) facts.add(fact);
};

const named = ({ options }: School, id: string): SchoolOption | undefined => options.find((option) => option.id === id);
/** The option, if nothing refuses it; a refusal is listed where it was asked for. */
function tryOption(
  school: School,
  option: SchoolOption | undefined,
  asked: boolean,
  { facts, refusals }: ChoiceState,
): SchoolOption | undefined {
  if (!option) return undefined;
  const rule = refusedBy(option, facts);
  if (rule === null) return option;
  if (asked && !refusals.some((r) => r.option === option.id && r.school === school.id))
    refusals.push({ option: option.id, school: school.id, rule });
  return undefined;
}
/**
 * Settles one school: the user's option, or our default; a refused one is listed and the default, or else the first that is not refused,
 * takes its place. Adds the fact "school:ID=option".
 */
export function settle(school: School, state: ChoiceState): SchoolOption | null {
  if (!school.applies || !holds(school.applies, state.facts)) return null;
  state.asked.push(school);
  const wished = state.request.item.schools?.[school.id] ?? state.request.kit.preferences?.schools?.[school.id];
  const chosen = wished === undefined ? undefined : named(school, wished);
  const usual = named(school, school.fallback);
  const taken =
    tryOption(school, chosen, true, state) ??
    tryOption(school, usual, wished === undefined, state) ??
    school.options.find((option) => option !== chosen && option !== usual && refusedBy(option, state.facts) === null);
  if (taken) {
    addChoice(school, taken.id, state);
    if (taken.adds) state.facts.add(tag('aim:', taken.adds));
    if (taken.drops) state.facts.delete(tag('aim:', taken.drops));
    return taken;
  }
  // Nothing is possible: keep the default's fact, so that later conditions see a choice; its steps are held back by the envelope facts.
  addChoice(school, school.fallback, state);
  return null;
}
