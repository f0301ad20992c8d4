import type { Limit } from '../envelope';
import { onceFor, onceForWord } from '../once';
import type { Programme, Why } from '../document';
import type { Aim, Kind } from '../gear';
import type { Dimension, Knowledge, School, SchoolOption, Thresholds } from '../knowledge';
import { exposedZones, OPEN_QUESTIONS, SUPERSEDES, thresholdsOf } from '../knowledge';
import { forThoseThatHold } from '../facts';
import { isIrrelevant, refusedBy, sameHere } from './schools';
import type { Words } from '../words';
import { zoneName } from '../words/zones';
import {
  type AssessGaps,
  assessText,
  boundText,
  causeText,
  DRYER_WORDS,
  SUPPLY_WORDS,
  spokenOf,
  waiverRisk,
  WASHER_WORDS,
} from '../words';
import type { Plan } from './plan';

const sayLimit = ({ rule, dimension, value, component, material, fabric, basis, source }: Limit): Why => {
  const text = boundText(dimension, value, causeText(component, material, fabric));
  return source === undefined ? { rule, text, basis } : { rule, text, basis, source };
};
const sayOnce = onceFor(sayLimit);
/** The reason that a limit is for a step. Limits of a material are the same ones for every thing. */
export const whyOfLimit = (limit: Limit): Why => (limit.material === undefined ? sayLimit(limit) : sayOnce(limit));

/** Zones of such a thing that rain and rubbing reach first, by name. */
export const exposedNames = ({ request: { item }, knowledge }: Plan): readonly string[] => exposedIn(knowledge)(item.kind);
const exposedIn = onceFor((knowledge: Knowledge) =>
  onceForWord((kind: Kind): readonly string[] => exposedZones(kind, knowledge).map((zone) => zoneName(zone, kind))),
);

const MOST_CHANGES = 5;

const MACHINE_WORDS: Readonly<Record<string, string>> = { ...WASHER_WORDS, ...DRYER_WORDS };
function machineName(machine: { id: string; name?: string; kind: string }): string {
  const kind = MACHINE_WORDS[machine.kind] ?? machine.kind;
  return machine.name ? `“${machine.name}” (${kind})` : `The ${kind}`;
}

/** Refusals that are a limit's doing. */
const BOUND_REFUSALS: Readonly<Record<string, Dimension>> = {
  'tumble-not-allowed': 'tumble',
  'dryer-not-allowed': 'tumble',
  'iron-not-allowed': 'ironMaxC',
  'machine-not-allowed': 'action',
  'no-machine-here': 'action',
  'warmer-than-limit': 'washMaxC',
};

/** What is refused here, each with the rule and the sentence. */
export function writeBlocked(plan: Plan, words: Words): Programme['blocked'] {
  return plan.refusals.map(({ option, school, machine, rule }) => {
    const binds = BOUND_REFUSALS[rule];
    const by = binds && plan.envelope.bounds[binds].by;
    // What really refuses it, where it is a limit.
    const reason = by ? whyOfLimit(by).text : (words.blocks[rule] ?? words.rules[rule] ?? rule);
    const text = machine
      ? `${machineName(machine)} stays out of this: ${reason.charAt(0).toLowerCase()}${reason.slice(1)}`
      : school
        ? `“${words.options[`${school}=${option}`]?.name ?? option}” is refused. ${reason}`
        : reason;
    return school ? { option, school, rule, text } : { option, rule, text };
  });
}

/** Where one answer turns into another: as the user has it. */
export const limitsOf = ({ request: { kit }, knowledge }: Plan): Thresholds =>
  thresholdsOf(kit.preferences?.thresholds, knowledge.thresholds);
/** What the sentences of its assessment say of this very thing. */
export function gapsOf(plan: Plan): AssessGaps {
  const { item, inspection } = plan.request;
  return {
    limits: limitsOf(plan),
    ours: plan.knowledge.thresholds,
    exposed: exposedNames(plan),
    seen: inspection,
    zone: (zone) => zoneName(zone, item.kind),
  };
}
/** What would change the verdict: first what decided, then what could have and did not. */
export function writeWouldChange(plan: Plan, gaps: AssessGaps, words: Words): string[] {
  const { spoke, silent } = plan.assessment;
  const unique: string[] = [];
  const said = spokenOf(plan.request.item);
  const add = (raw: string | null | undefined): void => {
    const text = raw && said(assessText(raw, gaps));
    if (text && unique.length < MOST_CHANGES && !unique.includes(text)) unique.push(text);
  };
  for (const rule of spoke) add(words.assess[rule.id]?.reverse);
  if (!plan.facts.has('aim:refer')) {
    const { aims } = plan.assessment;
    const needless = (aim: Aim | 'none'): boolean =>
      aims.some((one) => one === aim || (aim !== 'none' && SUPERSEDES[one]?.includes(aim)));
    for (const rule of silent) {
      if (unique.length === MOST_CHANGES) break;
      if (!needless(rule.aim)) add(words.assess[rule.id]?.otherwise);
    }
  }
  return unique;
}

type Alternative = Programme['alternatives'][number];
/** What is said of each option. */
const alternativesIn = onceFor((words: Words) =>
  onceFor((school: School): readonly Alternative[] =>
    school.options.map(({ id }) => {
      const text = words.options[`${school.id}=${id}`];
      return { school: school.id, option: id, gains: text?.gains ?? id, risks: text?.risks ?? id };
    }),
  ),
);
/** Options that would do otherwise, each with what it gains and risks; none where others do the work. */
export function writeAlternatives(plan: Plan, words: Words): Programme['alternatives'] {
  if (plan.facts.has('aim:refer')) return [];
  const open: Alternative[] = [];
  for (const school of plan.asked) {
    if (isIrrelevant(school, plan.facts)) continue;
    const chosen = plan.choices.get(school.id);
    const said = alternativesIn(words)(school);
    for (let n = 0; n < said.length; n++) {
      const option = school.options[n] as SchoolOption;
      if (option.id !== chosen && refusedBy(option, plan.facts) === null && !sameHere(option, plan.facts))
        open.push(said[n] as Alternative);
    }
  }
  return open;
}

/** Soft limits passed, each once however many layers share it. */
export function writeWaived(plan: Plan): Programme['envelope']['waived'] {
  const waived: Programme['envelope']['waived'][number][] = [];
  for (const { dimension, from, to, by } of plan.envelope.waived) {
    if (waived.some((w) => w.limit === dimension && w.from === from && w.by === by)) continue;
    waived.push({ limit: dimension, from, to, by, risk: waiverRisk(dimension) });
  }
  return waived;
}

/** How sure: every unseen observation that could have decided lowers it, a missing label too. */
export function confidenceOf(plan: Plan, open: number): Programme['confidence'] {
  const { facts } = plan;
  if (facts.has('life-safety')) return 'high';
  let missing = 0;
  if (facts.has('label:none')) missing += 1;
  if (facts.has('unseen:soil')) missing += 2;
  if (facts.has('unseen:odour')) missing += 1;
  if (facts.has('has-finish') && facts.has('unseen:droplet')) missing += 1;
  if (facts.has('filled') && facts.has('unseen:loftRatio') && !facts.has('aim:wash')) missing += 1;
  // Many open questions make nobody sure, whatever each is worth.
  missing += open >= OPEN_QUESTIONS.low ? 3 : open >= OPEN_QUESTIONS.medium ? 1 : 0;
  return missing === 0 ? 'high' : missing <= 2 ? 'medium' : 'low';
}

/** What is taken for granted, in sentences. */
export function assumptionsOf(plan: Plan, words: Words): string[] {
  const said: string[] = [];
  forThoseThatHold(plan.knowledge.assumptions, plan.facts, ({ id }) => said.push(words.assumptions[id] ?? id));
  if (plan.dose?.basis === 'guess' && plan.cleaner) {
    const [low, high] = plan.dose.rangeMl;
    said.push(
      `No dose is recorded for the ${SUPPLY_WORDS[plan.cleaner]}: ${plan.dose.ml} mL is a guess between ${Math.round(low)} and ${Math.round(high)} mL.`,
    );
  }
  return said;
}
