import type { Assessment } from '../assess';
import { assess } from '../assess';
import type { Envelope, SchoolPull } from '../envelope';
import { allLimits, envelopeOf } from '../envelope';
import type { Facts } from '../facts';
import { addTraits, envelopeFacts, hardFacts, holds, itemFacts, markFacts, ownedFacts, seenFacts, tag } from '../facts';
import type { Washer } from '../gear';
import { ACTIONS } from '../gear';
import { heldAt, RINSE_DEFAULTS, rinsesToClear, usualRelease, type RinseBy } from '../rinsing';
import type { Family, Knowledge, Referral } from '../knowledge';
import { arranged, FIGURES, KNOWLEDGE, ONE_DOT_C } from '../knowledge';
import { keepApart } from './apart';
import { chooseBath, chooseDryer, chooseMethod, chooseWasher, dryHeat, measuredTooHot } from './machines';
import { refuseOwn } from './own';
import { inTurn, settle } from './schools';
import { DURATIONS, SETTERS } from './settings';
import type { PlannedStep, PlanRequest, PlanState, StepSettings } from './state';
import { pick } from './state';
import { chooseCleaner, needCount, needMl, refuseSupplies } from './supplies';

/** A plan in codes and numbers; `words` turns it into sentences. */
export type Plan = Readonly<PlanState>;

/** The family that speaks for a thing. */
function familyOf(knowledge: Knowledge, facts: Facts): Family {
  const family = knowledge.families.find((f) => holds(f.when, facts));
  if (!family) throw new RangeError('The knowledge has no family that takes everything.');
  facts.add(tag('family:', family.id));
  return family;
}

/** A thing's envelope without any school, for pages that show what it can stand. */
export function envelopeFor(item: PlanRequest['item'], knowledge: Knowledge = KNOWLEDGE): Envelope {
  return envelopeOf(item, allLimits(item, knowledge));
}

function newState(
  request: PlanRequest,
  knowledge: Knowledge,
  facts: Facts,
  envelope: Envelope,
  assessment: Assessment,
): PlanState {
  const family = knowledge.families[0] as Family;
  return {
    knowledge,
    request,
    facts,
    envelope,
    assessment,
    family,
    method: 'none',
    choices: new Map(),
    asked: [],
    refusals: [],
    washer: null,
    cycle: null,
    dryer: null,
    tempC: 20,
    action: 'none',
    spinRpm: 0,
    massG: 0,
    bulk: 'small',
    areaM2: family.areaM2,
    cleaner: null,
    bottle: null,
    dose: null,
    cycleRinses: 0,
    extraRinses: 0,
    bathRinses: 0,
    rinse: null,
    shopping: new Map(),
    steps: [],
  };
}

/** Settles the schools that move limits, then the envelope, then the others. */
function settleSchools(state: PlanState): void {
  const { item } = state.request;
  const pulls: SchoolPull[] = [];
  const { first, then } = inTurn(state.knowledge.schools);
  for (const school of first) {
    const option = settle(school, state);
    if (option?.waives || option?.tightens) {
      pulls.push({
        school: school.id,
        ...(option.waives ? { waives: option.waives } : {}),
        ...(option.tightens ? { tightens: option.tightens } : {}),
      });
    }
  }
  if (pulls.length > 0) state.envelope = envelopeOf(item, state.envelope.limits, pulls);
  envelopeFacts(state.envelope, state.facts);
  for (const school of then) settle(school, state);
}

/** The wash itself: temperature, action, spin, rinses. */
function settleWash(state: PlanState): void {
  const { envelope, facts, family } = state;
  const maxC = envelope.bounds.washMaxC.value;
  const wishC = pick(family.tempC, facts) ?? 20;
  const ceilingC = pick(state.knowledge.settings.soilCeilingC, facts) ?? Infinity;
  state.tempC = Math.min(state.request.item.own?.tempC ?? wishC, maxC ?? Infinity, ceilingC);
  state.action = ACTIONS[Math.max(ACTIONS.indexOf(family.action), ACTIONS.indexOf(envelope.bounds.action.value))] ?? 'none';
  const maxRpm = envelope.bounds.spinMaxRpm.value ?? Infinity;
  const wishRpm = Math.min(pick(state.knowledge.settings.spinWish, facts) ?? family.spinRpm, maxRpm);
  const offered = (state.washer?.spinRpm ?? []).filter((rpm) => rpm <= wishRpm);
  state.spinRpm = state.washer?.spinRpm?.length ? Math.max(0, ...offered) : wishRpm;
  settleRinses(state);
}

/** The rinse model of this thing: its own exchange fraction where runs have taught one. */
function rinseModel(state: PlanState, by: RinseBy, heldKgPerKg: number, freshL: number): NonNullable<PlanState['rinse']> {
  const { learned } = state.request.item;
  const taught = by === 'hand' ? learned?.handRelease : learned?.drumRelease;
  if (taught !== undefined) state.facts.add('rinse-learned');
  return {
    by,
    dryKg: state.massG / 1000,
    heldKgPerKg,
    freshL,
    sorbedShare: RINSE_DEFAULTS.sorbedShare,
    release: taught ?? usualRelease(by),
    target: RINSE_DEFAULTS.target,
  };
}

function settleRinses(state: PlanState): void {
  const { facts, family, cycle, request } = state;
  const { own } = request.item;
  if (state.method === 'machine') {
    state.cycleRinses = cycle?.rinses ?? state.knowledge.settings.cycleRinses;
    const freshL = cycle?.litres ? cycle.litres / (state.cycleRinses + 1) : state.knowledge.settings.drumRinseLitres;
    const held = heldAt(Math.max(FIGURES.leastHeld.value, family.heldKgPerKg), state.spinRpm);
    state.rinse = rinseModel(state, 'drum', held, freshL);
    const counted = state.cleaner ? rinsesToClear(state.rinse, state.rinse.target) : 0;
    const needed = Math.max(family.minRinses, own?.drumRinses ?? counted);
    const wanted = pick(state.knowledge.settings.extraRinses, facts) ?? 0;
    state.extraRinses = Math.max(wanted, needed - state.cycleRinses);
    if (state.extraRinses > 0) facts.add('extra-rinse');
  } else if (state.method === 'tub' || state.method === 'hand') {
    state.rinse = rinseModel(
      state,
      'hand',
      pick(state.knowledge.settings.handHeld, facts) ?? 2,
      state.knowledge.settings.bathLitres[state.bulk],
    );
    state.bathRinses = Math.max(family.minRinses, own?.bathRinses ?? rinsesToClear(state.rinse, state.rinse.target));
  }
}

/** What stands unrinsed in the machine or bath that this goes into. */
function standingIn(state: PlanState): NonNullable<Washer['unrinsed']> {
  const vessel =
    state.method === 'machine' ? state.washer : state.method === 'tub' || state.method === 'hand' ? chooseBath(state) : null;
  return vessel?.unrinsed ?? [];
}

/** Turns the plan into a referral when no safe way is left; the reason becomes a fact. */
function refer(state: PlanState, reason: Referral): void {
  state.method = 'refer';
  for (const fact of [...state.facts]) if (fact.startsWith('aim:') || fact.startsWith('method:')) state.facts.delete(fact);
  for (const rule of state.assessment.spoke) for (const fact of rule.adds ?? []) state.facts.delete(fact);
  state.facts.add('aim:refer').add('method:refer').add(tag('refer:', reason));
  state.assessment = { ...state.assessment, aims: ['refer'] };
}

function settleMethod(state: PlanState): void {
  const { facts } = state;
  const washing = facts.has('aim:wash');
  if (facts.has('aim:refer')) state.method = 'refer';
  else if (washing) state.method = chooseMethod(state);
  else if (facts.has('aim:rinse')) state.method = 'hand';
  // A finish may have to be washed in later, though nothing is washed now.
  if (!washing && facts.has('renew-if-failed')) state.washer = chooseWasher(state, false);
  facts.add(tag('method:', state.method));
  if (washing && state.method === 'refer') {
    refer(
      state,
      facts.has('can:hand')
        ? 'no-place'
        : state.envelope.bounds.action.by?.component === 'label' || state.envelope.bounds.action.by?.component === 'maker'
          ? 'label'
          : 'material',
    );
  }
  if ((state.method === 'tub' || state.method === 'hand') && !chooseBath(state)) facts.add('bath-not-listed');
  if (standingIn(state).length > 0) facts.add('vessel-standing');
  if (state.washer) {
    facts.add('method-machine-owned').add(tag('washer:', state.washer.kind));
    if ((state.washer.lastLoads?.length ?? 0) > 0) facts.add('washer-residue');
    if (state.washer.drumLitres === undefined && state.bulk !== 'small') facts.add('drum-unknown');
  }
}

function settleDrying(state: PlanState): void {
  const { facts } = state;
  const wished = facts.has('aim:wash') || facts.has('aim:fluff') || facts.has('aim:reactivate');
  state.dryer = chooseDryer(state, wished && (facts.has('filled') || facts.has('has-finish')));
  if (state.dryer) facts.add('dryer-fits');
  else facts.add('launderette');
  if (state.dryer && state.dryer.heats === undefined) facts.add('heats-unknown');
  const named = state.dryer && dryHeat({ ...state, dryer: { ...state.dryer, heatC: {} } });
  if (named && measuredTooHot(named, state)) facts.add('dryer-runs-hot');
  const irons = state.request.kit.equipment?.irons ?? [];
  const ironMaxC = Math.min(ONE_DOT_C, state.envelope.bounds.ironMaxC.value ?? Infinity);
  if (irons.length > 0 && irons.every((iron) => (iron.oneDotC ?? 0) > ironMaxC)) facts.add('iron-too-hot');
  const dry = pick(state.family.dry, facts);
  if (dry) facts.add(tag('dry:', dry));
  if (facts.has('dry:tumble-down') && facts.has('aim:wash') && !facts.has('can:tumble:air')) refer(state, 'down-tumble');
  const warm = pick(state.knowledge.settings.warmWays, facts);
  if (warm && facts.has('has-finish')) facts.add(tag('warm:', warm));
}

const planDuration = (spec: number | string | undefined, state: PlanState, settings: StepSettings): number => {
  if (spec === undefined) return 0;
  if (typeof spec === 'number') return spec;
  const duration = DURATIONS[spec];
  if (!duration) throw new RangeError(`No duration is called ${spec}.`);
  return Math.round(duration(state, settings));
};

function buildSteps(state: PlanState): void {
  const steps: PlannedStep[] = [];
  for (const template of state.knowledge.steps) {
    if (!holds(template.when, state.facts)) continue;
    const settings: StepSettings = {};
    for (const name of template.settings ?? []) {
      const setter = SETTERS[name];
      if (!setter) throw new RangeError(`No setting is called ${name}.`);
      setter(state, settings);
    }
    Object.assign(settings, template.set);
    steps.push({
      template,
      settings,
      attendedMin: planDuration(template.attended, state, settings),
      unattendedMin: planDuration(template.unattended, state, settings),
    });
  }
  const standing = standingIn(state).map((s) => s.class);
  const apart = keepApart(steps, state.knowledge.neverTogether, standing);
  state.refusals.push(...apart.refused);
  refuseOwn(state, apart.steps);
  for (const { template, settings } of apart.steps) shop(state, settings, template.ifFailed === true);
  state.steps = apart.steps;
}

function shop(state: PlanState, settings: StepSettings, onlyIfFailed: boolean): void {
  if (settings.cleaner) needMl(state, settings.cleaner, settings.doseMl ?? 5);
  if (settings.proofer && (!onlyIfFailed || !state.facts.has(tag('have:', settings.proofer))))
    needMl(state, settings.proofer, settings.prooferMl ?? 1);
  for (const aid of settings.aids ?? []) needCount(state, aid, settings.count ?? 1);
}

/**
 * Plans one thing: from what was seen to steps with settings. Pure and deterministic: the same request gives the same plan.
 * @param given what the trade knows; the shipped set unless a test varies it.
 */
export function plan(request: PlanRequest, given: Knowledge = KNOWLEDGE): Plan {
  const knowledge = arranged(given);
  const { item, inspection, kit } = request;
  const facts = itemFacts(item);
  seenFacts(inspection, item.kind, kit.preferences?.thresholds, facts, knowledge);
  markFacts(inspection, knowledge.stains, facts);
  ownedFacts(kit, facts);
  addTraits(knowledge.traits, facts);
  const assessment = assess(knowledge, facts);
  const envelope = envelopeOf(item, allLimits(item, knowledge));
  hardFacts(envelope, facts);
  const state = newState(request, knowledge, facts, envelope, assessment);
  settleSchools(state);
  addTraits(
    knowledge.planTraits.filter((trait) => trait.early),
    facts,
  );
  state.family = familyOf(knowledge, facts);
  const usual = pick(knowledge.settings.typical, facts) ?? state.family;
  state.massG = item.massG ?? usual.massG;
  state.bulk = item.bulk ?? usual.bulk;
  state.areaM2 = usual.areaM2;
  facts.add(tag('bulk:', state.bulk));
  settleMethod(state);
  settleDrying(state);
  if (facts.has('aim:renew') || facts.has('renew-if-failed') || facts.has('drop<=3')) facts.add('proof-at-stake');
  refuseSupplies(state);
  if (facts.has('aim:wash')) chooseCleaner(state);
  addTraits(knowledge.planTraits, facts);
  settleWash(state);
  buildSteps(state);
  return state;
}
