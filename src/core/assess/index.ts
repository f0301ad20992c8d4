/**
 * From what was seen to the least that is needed. Reads rule records; names none of them. Refuses: settings, machines, products.
 */
import type { Aim } from '../gear';
import type { AssessRule, Knowledge } from '../knowledge';
import { AIM_SEQUENCE, OBSERVED, SUPERSEDES } from '../knowledge';
import type { Facts } from '../facts';
import { holds, tag } from '../facts';

/** The fact of each aim, in the order they are done. */
const AIM_FACTS = AIM_SEQUENCE.map((aim) => [aim, tag('aim:', aim)] as const);

export interface Assessment {
  /** In the order they are done; [] = leave it alone. */
  readonly aims: readonly Aim[];
  /** Rules that spoke and still stand, in the order of their records. */
  readonly spoke: readonly AssessRule[];
  /** Rules that could have spoken and did not. */
  readonly silent: readonly AssessRule[];
  /** Observations that decided, as the kit format calls them. */
  readonly decidedBy: readonly string[];
}

/**
 * Judges the facts. Adds "aim:…" and the rules' own extra facts to `facts` for what follows.
 * @param facts item, seen and trait facts; changed in place.
 */
export function assess(knowledge: Knowledge, facts: Facts): Assessment {
  const spoke: AssessRule[] = [];
  const silent: AssessRule[] = [];
  for (const rule of knowledge.assess) {
    if (holds(rule.when, facts)) {
      spoke.push(rule);
      if (rule.aim !== 'none') facts.add(tag('aim:', rule.aim));
    } else if (rule.relevant && holds(rule.relevant, facts)) silent.push(rule);
  }
  const gone = new Set<Aim | 'none'>();
  for (const [aim, fact] of AIM_FACTS) {
    if (!facts.has(fact) || gone.has(aim)) continue;
    for (const lesser of SUPERSEDES[aim] ?? []) gone.add(lesser);
  }
  for (const aim of gone) if (aim !== 'none') facts.delete(tag('aim:', aim));
  const standing = spoke.filter((rule) => !gone.has(rule.aim));
  for (const rule of standing) for (const fact of rule.adds ?? []) facts.add(fact);
  const aims: Aim[] = [];
  for (const [aim, fact] of AIM_FACTS) if (facts.has(fact)) aims.push(aim);
  const decidedBy: string[] = [];
  for (const rule of standing) {
    if (aims.length > 0 && rule.aim === 'none') continue;
    for (const observation of rule.decidedBy)
      if (!decidedBy.includes(observation) && holds(OBSERVED[observation], facts)) decidedBy.push(observation);
  }
  return { aims, spoke: standing, silent, decidedBy };
}
