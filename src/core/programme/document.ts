import { dryBandG } from '../drying';
import { whyOfLimit, exposedNames } from './answers';
import { writeBlocked, gapsOf, writeWouldChange, writeAlternatives, writeWaived, confidenceOf, assumptionsOf } from './answers';
import { forEachDimension } from '../envelope';
import type { BoundDoc, Programme, ProgrammeStep, Why } from '../document';
import type { Caution, Knowledge, StepTemplate, Thresholds, When } from '../knowledge';
import { HIDE_SURFACES, MAIN_PARTS, sprayRowOf, surfaceOf, WARNED_SURFACES } from '../knowledge';
import { forThoseThatHold, heldFromOxygen, tag } from '../facts';
import { ahead } from './marks';
import type { Words } from '../words';
import { onceFor } from '../once';
import { needsOf, shoppingFor } from '../supplies';
import { rinseBasis } from '../words/rinse';
import {
  AGENT_WORDS,
  asItIs,
  assessText,
  causeText,
  DRYER_WORDS,
  OF_THE_THING,
  say,
  spokenOf,
  verdictText,
  WASHER_WORDS,
  WORDS,
} from '../words';
import type { MarkSaid, StepContext, StepWords } from '../words';
import { listed, restText } from '../words/text';
import type { Plan } from './plan';
import type { PlannedStep } from './state';

/** A reason as a rule gives it, and how it is said of a construction. */
interface Reason {
  readonly why: Why;
  /** Empty = no reason for this thing. */
  readonly fitted: Words['fitted'][string] | undefined;
}
interface SaidCaution {
  readonly when: When;
  readonly text: string;
}
/** What is said at a step of the knowledge. */
interface StepSaid {
  readonly words: StepWords | undefined;
  /** Every "it" in its words is the thing. */
  readonly ofTheThing: boolean;
  readonly reasons: readonly Reason[];
  /** The reasons, where every programme says them in the same words. */
  readonly asTheyAre: readonly Why[] | null;
  readonly cautions: readonly SaidCaution[];
}
/** What is looked up at every step. */
interface Index {
  readonly reasons: ReadonlyMap<string, Reason>;
  readonly steps: ReadonlyMap<StepTemplate, StepSaid>;
  /** Cautions that stand for the programme as a whole. */
  readonly whole: readonly SaidCaution[];
}
const indexIn = onceFor((knowledge: Knowledge) => onceFor((words: Words): Index => makeIndex(knowledge, words)));
function makeIndex(knowledge: Knowledge, words: Words): Index {
  const reasons = new Map<string, Reason>(
    knowledge.rules.map(({ id, basis, source }) => [
      id,
      {
        why: { rule: id, text: words.rules[id] ?? id, basis, ...(source === undefined ? {} : { source }) },
        fitted: words.fitted[id],
      },
    ]),
  );
  const said = ({ when, id }: Caution): SaidCaution => ({ when, text: words.cautions[id] ?? id });
  const steps = new Map<StepTemplate, StepSaid>(
    knowledge.steps.map((template) => {
      const own = template.why.flatMap((id) => reasons.get(id) ?? []);
      return [
        template,
        {
          words: words.steps[template.id],
          ofTheThing: OF_THE_THING.has(template.id),
          reasons: own,
          asTheyAre: template.whyBound || own.some((reason) => reason.fitted) ? null : own.map((reason) => reason.why),
          cautions: knowledge.cautions.filter((c) => c.at?.includes(template.do)).map(said),
        },
      ];
    }),
  );
  return { reasons, steps, whole: knowledge.cautions.filter((caution) => !caution.at).map(said) };
}

type Has = StepContext['has'];
const RINSE_RULE = 'rinse-model';
/** Rules that speak of this very programme: where a dose, a count of rinses or a temperature comes from. */
function ownRules(plan: Plan, { settings, template }: PlannedStep): string[] {
  const { own } = plan.request.item;
  const ids: string[] = [];
  if (settings.doseMl !== undefined && settings.cleaner) {
    if (own?.dosesMl?.[settings.cleaner] === settings.doseMl) ids.push('own-dose');
    else if (settings.cleaner === plan.cleaner && plan.dose)
      ids.push(plan.dose.capped ? 'dose-ceiling' : plan.dose.basis === 'guess' ? 'dose-guess' : 'dose-label');
  }
  if (template.phase === 'rinse' && settings.rinseModel) {
    ids.push(RINSE_RULE);
    if ((settings.rinseModel.by === 'hand' ? own?.bathRinses : own?.drumRinses) !== undefined) ids.push('own-rinses');
    else if (plan.facts.has('rinse-learned')) ids.push('rinse-learned');
  }
  if (template.phase === 'wash' && own?.tempC !== undefined && settings.tempC === own.tempC) ids.push('own-temp');
  return ids;
}
const NO_RULES: readonly string[] = [];
/** The reasons of a step: its rules, then what binds its settings, then where its dose comes from. */
function stepWhy(plan: Plan, step: PlannedStep, said: StepSaid, index: Index, has: Has): readonly Why[] {
  const { settings, template } = step;
  const speaksOfIt = settings.doseMl !== undefined || settings.rinseModel !== undefined || settings.tempC !== undefined;
  const own = speaksOfIt ? ownRules(plan, step) : NO_RULES;
  if (said.asTheyAre && own.length === 0) return said.asTheyAre;
  const why: Why[] = [];
  for (const { why: reason, fitted } of said.reasons) {
    const text = fitted?.(has);
    if (text === undefined) why.push(reason);
    else if (text !== '') why.push({ ...reason, text });
  }
  for (const dimension of template.whyBound ?? []) {
    const limit = plan.envelope.bounds[dimension].by;
    if (limit) why.push(whyOfLimit(limit));
  }
  for (const id of own) {
    const reason = index.reasons.get(id);
    if (id === RINSE_RULE && settings.rinseModel) why.push({ rule: id, text: rinseBasis(settings.rinseModel), basis: 'memory' });
    else if (reason) why.push(reason.why);
  }
  return why;
}

/** The marks by place, each with the rungs that are ahead of it there; one that is written down twice is told once. */
function marksOf(plan: Plan, words: Words): readonly MarkSaid[] {
  const byPlace = new Map<string, MarkSaid>();
  for (const mark of plan.marks) {
    const { stain, surface, record, climb } = mark;
    const name = `${words.soils[stain.soil] ?? stain.soil}${stain.place ? ` (${stain.place})` : ''}`;
    const rungs = ahead(mark);
    byPlace.set(`${name}/${surface}`, {
      name,
      soil: stain.soil,
      surface,
      own: record.own ?? false,
      rungs: rungs.map(({ rung, restMin }) => ({
        text: `${words.rung(rung, surface)}${restMin === undefined ? '' : ` (${restText(restMin)})`}`,
        again: words.rungAgain[rung] ?? words.rung(rung, surface),
      })),
      left: rungs.length === 0 && climb.rungs.some((r) => r.tries.length > 0) ? words.climbEnds[climb.end] : '',
      untested: rungs.some((r) => r.testFirst !== null),
      stop: words.stops[surface],
      never: WARNED_SURFACES.has(surface) ? (words.never[record.id] ?? '') : '',
    });
  }
  return [...byPlace.values()];
}

/** Hide that stays on and may not be wetted with the rest. */
function heldOutOf({ request, facts, envelope }: Plan): string {
  const apart = new Set<string>();
  if (facts.has('oxygen-by-place'))
    for (const limit of heldFromOxygen(envelope.limits)) apart.add(causeText(limit.component, limit.material));
  if (facts.has('hide-stays-on')) {
    const { components, kind } = request.item;
    for (const { part, material } of components)
      if (HIDE_SURFACES.has(surfaceOf(part, material, kind)) && !MAIN_PARTS.includes(part)) apart.add(causeText(part, material));
  }
  return apart.size === 0 ? '' : listed([...apart].sort());
}
/** What the sentences of a programme can speak of, at one step after the other: one object, because each sentence reads it at once. */
function contextOf(plan: Plan, has: Has, limits: Thresholds, words: Words): (step: PlannedStep) => StepContext {
  const { washer, dryer } = plan;
  const { racks = [], washers = [] } = plan.request.kit.equipment ?? {};
  const context: { -readonly [K in keyof StepContext]: StepContext[K] } = {
    s: {},
    has,
    washer: washer ? (washer.name ? `“${washer.name}”` : `the ${WASHER_WORDS[washer.kind]}`) : 'the machine',
    dryer: dryer ? (dryer.name ? `“${dryer.name}”` : `the ${DRYER_WORDS[dryer.kind]}`) : 'the dryer',
    kind: plan.request.item.kind,
    fineFrom: limits.dropFine,
    exposed: exposedNames(plan),
    forgotten: sprayRowOf(plan.request.item.kind, plan.knowledge)?.forgotten ?? [],
    massG: plan.massG,
    dryBandG: dryBandG(plan.massG),
    cycle: plan.cycle,
    cycleStyle: plan.cycleStyle,
    noCycleFits: plan.method === 'machine' && plan.cycle === null && (washer?.cycles?.length ?? 0) > 0,
    marks: marksOf(plan, words),
    heldOut: heldOutOf(plan),
    vessel: '',
    rack: '',
    standing: '',
    attendedMin: 0,
    unattendedMin: 0,
  };
  return ({ settings, attendedMin, unattendedMin }) => {
    const { place, washerId } = settings;
    const rack = place === undefined ? undefined : racks.find((r) => r.kind === place);
    const vessel = washerId === undefined ? undefined : washers.find((w) => w.id === washerId);
    context.s = settings;
    context.vessel = vessel ? (vessel.name ? `“${vessel.name}”` : `the ${WASHER_WORDS[vessel.kind]}`) : 'the bath';
    context.rack = rack?.name ? ` (“${rack.name}”)` : '';
    context.standing = vessel?.unrinsed ? [...new Set(vessel.unrinsed.map((s) => AGENT_WORDS[s.class]))].join(', ') : '';
    context.attendedMin = attendedMin;
    context.unattendedMin = unattendedMin;
    return context;
  };
}

const NO_CAUTIONS: readonly string[] = [];
const saidHere = (cautions: readonly SaidCaution[], { facts }: Plan): readonly string[] => {
  if (cautions.length === 0) return NO_CAUTIONS;
  const said: string[] = [];
  forThoseThatHold(cautions, facts, ({ text }) => said.push(text));
  return said;
};

/** The id of the first of these keys that the plan has. */
function firstOf(keys: string | readonly string[], ids: ReadonlyMap<string, string>): string | undefined {
  if (typeof keys === 'string') return ids.get(keys);
  for (const key of keys) if (ids.has(key)) return ids.get(key);
  return undefined;
}

/** Of a step that the knowledge does not have. */
const UNSAID: StepSaid = { words: undefined, ofTheThing: false, reasons: [], asTheyAre: [], cautions: [] };
function writeSteps(plan: Plan, index: Index, has: Has, limits: Thresholds, words: Words): ProgrammeStep[] {
  const ids = new Map(plan.steps.map((step, n) => [step.template.id, `st-${n + 1}`]));
  const contextAt = contextOf(plan, has, limits, words);
  const ofItem = spokenOf(plan.request.item);
  return plan.steps.map((step, n) => {
    const { template } = step;
    const id = `st-${n + 1}`;
    const said = index.steps.get(template) ?? UNSAID;
    const context = contextAt(step);
    const spoken = said.ofTheThing ? ofItem : asItIs;
    const text = said.words;
    // A branch none of whose targets this plan has repeats the step itself.
    const target = template.check && (firstOf(template.check.else, ids) ?? id);
    const written: ProgrammeStep = {
      id,
      key: template.id,
      title: spoken(say(text?.title, context)) || template.do,
      phase: template.phase,
      do: template.do,
      text: spoken(say(text?.text, context)) || `${template.do}.`,
      when: template.ifFailed ? 'if-failed' : 'always',
      settings: step.settings,
      attendedMin: step.attendedMin,
      unattendedMin: step.unattendedMin,
      mayWait: template.mayWait ?? true,
      why: stepWhy(plan, step, said, index, has),
      cautions: saidHere(said.cautions, plan),
    };
    if (!target) return written;
    const check = { look: spoken(say(text?.look, context)), pass: spoken(say(text?.pass, context)), else: target };
    const moved = template.check?.byGrade && limits.dropFine !== plan.knowledge.thresholds.dropFine;
    return Object.assign(written, { check: moved ? { ...check, fromGrade: limits.dropFine } : check });
  });
}

/** What this programme lacks, by the count that the cupboard makes of all. */
const shoppingOf = ({ request }: Plan, steps: readonly ProgrammeStep[]): Programme['shopping'] =>
  shoppingFor(needsOf(request.item.id, steps), request.kit.supplies ?? [], null).map(
    ({ class: cls, buyMl, buyCount, perhaps }) => ({
      class: cls,
      ...(buyMl === undefined ? {} : { needMl: buyMl }),
      ...(buyCount === undefined ? {} : { needCount: buyCount }),
      ...(perhaps ? { perhaps } : {}),
    }),
  );

/** Writes a plan as the public programme document, in complete sentences. */
export function writeProgramme(plan: Plan, words: Words = WORDS): Programme {
  const { facts, envelope, assessment } = plan;
  const bounds = forEachDimension((dimension): BoundDoc => {
    const { value, by } = envelope.bounds[dimension];
    return { value, boundBy: by ? { component: by.component, rule: by.rule } : {} };
  });
  const gaps = gapsOf(plan);
  const index = indexIn(plan.knowledge)(words);
  const has: Has = (fact) => facts.has(fact);
  const steps = writeSteps(plan, index, has, gaps.limits, words);
  const assumptions = assumptionsOf(plan, words);
  const said = spokenOf(plan.request.item);
  const cautions = new Set(saidHere(index.whole, plan));
  for (const step of steps) if (step.when === 'always') for (const caution of step.cautions) cautions.add(caution);
  return {
    format: 'umbrastic/programme',
    version: 1,
    itemId: plan.request.item.id,
    verdict: verdictText(assessment.aims, has, plan.request.item),
    because: [
      ...new Set(
        assessment.spoke
          .filter((r) => assessment.aims.length === 0 || r.aim !== 'none')
          .map((r) => said(assessText(words.assess[r.id]?.because ?? r.id, gaps))),
      ),
    ],
    decidedBy:
      assessment.decidedBy.length > 0
        ? assessment.decidedBy
        : (['soil', 'odour'] as const).filter((o) => !facts.has(tag('unseen:', o))),
    wouldChange: writeWouldChange(plan, gaps, words),
    aims: assessment.aims,
    method: plan.method,
    envelope: Object.assign(bounds, { waived: writeWaived(plan) }),
    steps,
    alternatives: writeAlternatives(plan, words),
    blocked: writeBlocked(plan, words),
    cautions: [...cautions],
    assumptions,
    shopping: shoppingOf(plan, steps),
    confidence: confidenceOf(plan, assumptions.length),
  };
}
