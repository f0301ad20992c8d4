import { assess, type Assessment } from '../assess';
import { onceFor } from '../once';
import type { Envelope, SchoolPull } from '../envelope';
import { envelopeOf } from '../envelope';
import type { Facts } from '../facts';
import {
  addTraits,
  envelopeFacts,
  holds,
  machineWashesInYear,
  markFacts,
  ownedFacts,
  oxygenByPlace,
  seenFacts,
  tag,
  usedFacts,
} from '../facts';
import type { Cycle } from '../gear';
import { ACTIONS } from '../gear';
import type { RinseModel } from '../document';
import { heldAt, RINSE_DEFAULTS, rinsesToClear, usualRelease, type RinseBy } from '../rinsing';
import type { CycleStyle, Family, Knowledge, Referral, School, SchoolOption } from '../knowledge';
import { AIM_SEQUENCE, arranged, CYCLE_STYLES, FactSet, KNOWLEDGE, ONE_DOT_C, RINSING_FIGURES, SCENTED } from '../knowledge';
import { byRecord } from './by-record';
import { openMarks } from './marks';
import {
  bathLitres,
  chooseBath,
  chooseCycle,
  chooseDryer,
  chooseMethod,
  chooseWasher,
  dryHeat,
  measuredTooHot,
  pressedHeld,
  standingIn,
  styleOf,
} from './machines';
import { inTurn, settle } from './schools';
import { buildSteps } from './steps';
import type { Chosen, Dosed, Judged, Placed, PlanRequest, PlanState, Sized, Washed, Way } from './state';
import { pick } from '../facts';
import { chooseCleaner, refuseSupplies, WATER_ONLY } from './supplies';

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
  return byRecord(item, knowledge).envelope;
}

/** A plan of which nothing is settled yet. It has all its fields from the start, because an object that gets new ones is slow to write. */
const UNSETTLED: Readonly<Record<keyof PlanState, undefined>> = {
  knowledge: undefined,
  request: undefined,
  byRecord: undefined,
  facts: undefined,
  refusals: undefined,
  envelope: undefined,
  assessment: undefined,
  choices: undefined,
  asked: undefined,
  family: undefined,
  massG: undefined,
  bulk: undefined,
  areaM2: undefined,
  method: undefined,
  washer: undefined,
  dryer: undefined,
  cleaner: undefined,
  bottle: undefined,
  dose: undefined,
  tempC: undefined,
  action: undefined,
  spinRpm: undefined,
  cycleStyle: undefined,
  cycle: undefined,
  cycleRinses: undefined,
  extraRinses: undefined,
  bathRinses: undefined,
  rinse: undefined,
  marks: undefined,
  steps: undefined,
};
/** What is settled with what a stage settles. The one object grows, because a copy a stage costs a fifth of a plan. */
const grow = <A extends object, B extends object>(settled: A, more: B): A & B => Object.assign(settled, more);

/** What is known of a thing and what it calls for. */
function judge(request: PlanRequest, knowledge: Knowledge): Judged {
  const { item, inspection, kit } = request;
  const known = byRecord(item, knowledge);
  const facts = new FactSet(known.facts);
  seenFacts(inspection, item.kind, kit.preferences?.thresholds, facts, knowledge);
  markFacts(item, inspection, knowledge.stains, facts);
  usedFacts(item, inspection, kit.log ?? [], facts);
  const ceiling = pick(knowledge.settings.machineWashesAYear, facts);
  if (ceiling !== undefined && machineWashesInYear(item.id, inspection, kit.log ?? []) >= ceiling)
    facts.add('machine-washes-spent');
  ownedFacts(kit, facts);
  addTraits(knowledge.traits, facts);
  const assessment = assess(knowledge, facts);
  facts.addAll(known.hard);
  return { ...UNSETTLED, knowledge, request, facts, byRecord: known, envelope: known.envelope, assessment, refusals: [] };
}

/** The aims with what chosen options add and take away. */
function withChosenAims(assessment: Assessment, options: readonly SchoolOption[]): Assessment {
  if (!options.some((o) => o.adds ?? o.drops)) return assessment;
  const adds = options.flatMap((o) => o.adds ?? []);
  const drops = options.flatMap((o) => o.drops ?? []);
  const aims = [...assessment.aims, ...adds].filter((aim) => !drops.includes(aim));
  return { ...assessment, aims: AIM_SEQUENCE.filter((aim) => aims.includes(aim)) };
}

/** Settles the schools that move limits, then the envelope, then the others. */
function settleSchools(judged: Judged): Chosen {
  const { facts, refusals, request } = judged;
  const open = { facts, refusals, request, choices: new Map<string, string>(), asked: [] as School[] };
  const pulls: SchoolPull[] = [];
  const { first, others } = inTurn(judged.knowledge.schools);
  const settled: SchoolOption[] = [];
  for (const school of first) {
    const option = settle(school, open);
    if (option) settled.push(option);
    if (option?.waives || option?.tightens) {
      pulls.push({
        school: school.id,
        ...(option.waives ? { waives: option.waives } : {}),
        ...(option.tightens ? { tightens: option.tightens } : {}),
      });
    }
  }
  let { envelope } = judged;
  if (pulls.length > 0) {
    envelope = envelopeOf(request.item, envelope.limits, pulls);
    envelopeFacts(envelope, facts);
  } else facts.addAll(judged.byRecord.can);
  const seen = request.inspection;
  const everywhere = seen?.discoloured === true || seen?.soils?.includes('yellowing') === true;
  if (!facts.has('can:bleach:oxygen') && !everywhere && oxygenByPlace(request.item, seen?.stains ?? [], envelope.limits))
    facts.add('oxygen-by-place');
  for (const school of others) {
    const option = settle(school, open);
    if (option) settled.push(option);
  }
  const assessment = withChosenAims(judged.assessment, settled);
  return grow(judged, { envelope, assessment, choices: open.choices, asked: open.asked });
}

/** Those that are needed before the family is chosen. */
const earlyOf = onceFor((traits: Knowledge['planTraits']): Knowledge['planTraits'] => traits.filter((trait) => trait.early));
/** Its construction and size: as recorded, else as its kind or family usually is. */
function sizeUp(chosen: Chosen): Sized {
  const { facts, knowledge, request } = chosen;
  addTraits(earlyOf(knowledge.planTraits), facts);
  const family = familyOf(knowledge, facts);
  const usual = pick(knowledge.settings.typical, facts) ?? family;
  const bulk = request.item.bulk ?? usual.bulk;
  facts.add(tag('bulk:', bulk));
  const count = request.item.count ?? 1;
  if (count > 1) facts.add('several');
  return grow(chosen, { family, massG: count * (request.item.massG ?? usual.massG), bulk, areaM2: count * usual.areaM2 });
}

/** Temperature, action, spin and rinses of the wash. */
function settleWash(state: Dosed): Washed {
  const { envelope, facts, family, knowledge } = state;
  const maxC = envelope.bounds.washMaxC.value;
  const wishC = pick(family.tempC, facts) ?? 20;
  const ceilingC = pick(knowledge.settings.soilCeilingC, facts) ?? Infinity;
  const maxRpm = envelope.bounds.spinMaxRpm.value ?? Infinity;
  const wishRpm = Math.min(pick(knowledge.settings.spinWish, facts) ?? family.spinRpm, maxRpm);
  const offered = (state.washer?.spinRpm ?? []).filter((rpm) => rpm <= wishRpm);
  const spinRpm = state.washer?.spinRpm?.length ? Math.max(0, ...offered) : wishRpm;
  const tempC = Math.min(state.request.item.own?.tempC ?? wishC, maxC ?? Infinity, ceilingC);
  const wish = pick(knowledge.settings.actionWish, facts) ?? family.action;
  const action = ACTIONS[Math.max(ACTIONS.indexOf(wish), ACTIONS.indexOf(envelope.bounds.action.value))] ?? 'none';
  const known = knowledge.settings;
  const kindStyle = pick(known.kindStyle, facts) ?? styleOf(action);
  const cycleStyle = pick(known.chosenStyle, facts) ?? kindStyle;
  const { washer } = state;
  const cycleFor = (style: CycleStyle): Cycle | null =>
    state.method === 'machine' && washer ? chooseCycle(washer, { tempC, action, spinRpm, style }, state) : null;
  const cycle = cycleFor(cycleStyle);
  if (holds(known.styleAsked, facts)) {
    const minutes = (style: CycleStyle): number => cycleFor(style)?.minutes ?? known.cycleMinutes[style];
    const same = (style: CycleStyle): boolean => cycleFor(style) === cycle && minutes(style) === minutes(cycleStyle);
    for (const style of CYCLE_STYLES) if (same(style)) facts.add(tag('cycle-same:', style));
    if (same(kindStyle)) facts.add('cycle-same:kind');
  }
  const set = { tempC, action, spinRpm, cycleStyle, cycle };
  const rinses = settleRinses(state, set);
  return grow(grow(grow(state, set), rinses), { marks: openMarks(state) });
}

/** The rinse model of this thing: its own exchange fraction where runs have taught one. */
function rinseModel(state: Dosed, by: RinseBy, heldKgPerKg: number, freshL: number): RinseModel {
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

type Rinses = Pick<Washed, 'cycleRinses' | 'extraRinses' | 'bathRinses' | 'rinse'>;
const NO_RINSES: Rinses = { cycleRinses: 0, extraRinses: 0, bathRinses: 0, rinse: null };
function settleRinses(state: Dosed, { spinRpm, cycle }: Pick<Washed, 'spinRpm' | 'cycle'>): Rinses {
  const { facts, family, request, knowledge } = state;
  const { own } = request.item;
  const known = knowledge.settings;
  if (state.method === 'machine') {
    const cycleRinses = cycle?.rinses ?? known.cycleRinses;
    const freshL = cycle?.litres ? cycle.litres / (cycleRinses + 1) : known.drumRinseLitres;
    const heldKgPerKg = heldAt(Math.max(RINSING_FIGURES.leastHeld.value, family.heldKgPerKg), spinRpm);
    const rinse = rinseModel(state, 'drum', heldKgPerKg, freshL);
    const counted = state.cleaner ? rinsesToClear(rinse, rinse.target) : 0;
    const needed = Math.max(family.minRinses, own?.drumRinses ?? counted);
    const extraRinses = Math.max(pick(known.extraRinses, facts) ?? 0, needed - cycleRinses);
    if (extraRinses > 0) facts.add('extra-rinse');
    return { cycleRinses, extraRinses, bathRinses: 0, rinse };
  }
  if (state.method === 'tub' || state.method === 'hand') {
    const rinse = rinseModel(state, 'hand', pressedHeld(state), bathLitres(state));
    const bathRinses = Math.max(family.minRinses, own?.bathRinses ?? rinsesToClear(rinse, rinse.target));
    return { ...NO_RINSES, bathRinses, rinse };
  }
  return NO_RINSES;
}

/** The same turned into a referral, because no safe way is left; the reason becomes a fact. */
function refer<S extends Sized & Way>(state: S, reason: Referral): S {
  const { facts, assessment } = state;
  for (const fact of [...facts]) if (fact.startsWith('aim:') || fact.startsWith('method:')) facts.delete(fact);
  for (const rule of assessment.spoke) for (const fact of rule.adds ?? []) facts.delete(fact);
  facts.add('aim:refer').add('method:refer').add(tag('refer:', reason));
  return grow(state, { method: 'refer' as const, assessment: { ...assessment, aims: ['refer' as const] } }) as S;
}

/** Who forbids every way of washing it. */
function referralOf({ facts, envelope }: Sized): Referral {
  if (facts.has('can:hand')) return 'no-place';
  const by = envelope.bounds.action.by?.component;
  return by === 'label' || by === 'maker' ? 'label' : 'material';
}

function settleMethod(sized: Sized): Sized & Way {
  const { facts } = sized;
  const washing = facts.has('aim:wash');
  const plain: Way = {
    method: facts.has('aim:refer') ? 'refer' : facts.has('aim:rinse') ? 'hand' : 'none',
    washer: null,
  };
  const way = washing && !facts.has('aim:refer') ? chooseMethod(sized) : plain;
  // A finish may have to be washed in later, though nothing is washed now.
  const washer = !washing && facts.has('renew-if-failed') ? chooseWasher(sized, false) : way.washer;
  let state: Sized & Way = grow(sized, { ...way, washer });
  facts.add(tag('method:', state.method));
  if (!washer && !chooseWasher(sized, false)) facts.add('no-washer-fits');
  if (washing && state.method === 'refer') state = refer(state, referralOf(sized));
  if ((state.method === 'tub' || state.method === 'hand') && !chooseBath(state)) facts.add('bath-not-listed');
  if (standingIn(state).length > 0) facts.add('vessel-standing');
  if (washer) {
    facts.add('method-machine-owned').add(tag('washer:', washer.kind));
    if ((washer.lastLoads?.length ?? 0) > 0) facts.add('washer-residue');
    if (washer.lastLoads === undefined) facts.add('washer-past-unknown');
    // A scent purge lasts until a perfumed or softened load is written down.
    if (washer.scentPurgedAt && !washer.lastLoads?.some((r) => SCENTED.includes(r))) facts.add('scent-purged');
    if (washer.drumLitres === undefined && state.bulk !== 'small') facts.add('drum-unknown');
  }
  return state;
}

/** The dryer, the way of drying and of warming; what may not be dried safely is referred. */
function settleDrying(washed: Sized & Way): Placed {
  const { facts, family, knowledge } = washed;
  const wished = facts.has('aim:wash') || facts.has('aim:fluff') || facts.has('aim:reactivate');
  const dryer = chooseDryer(washed, wished && (facts.has('filled') || facts.has('has-finish')));
  let state: Placed = grow(washed, { dryer });
  facts.add(dryer ? 'dryer-fits' : 'launderette');
  if ((dryer?.lastLoads?.length ?? 0) > 0) facts.add('dryer-residue');
  if (dryer && dryer.heats === undefined) facts.add('heats-unknown');
  const named = dryer && dryHeat({ ...state, dryer: { ...dryer, heatC: {} } });
  if (named && measuredTooHot(named, state)) facts.add('dryer-runs-hot');
  const irons = state.request.kit.equipment?.irons ?? [];
  const ironMaxC = Math.min(ONE_DOT_C, state.envelope.bounds.ironMaxC.value ?? Infinity);
  if (irons.length > 0 && irons.every((iron) => (iron.oneDotC ?? 0) > ironMaxC)) facts.add('iron-too-hot');
  const dry = pick(family.dry, facts);
  if (dry) facts.add(tag('dry:', dry));
  const labelled = dry && pick(knowledge.settings.dryByLabel, facts);
  if (labelled) {
    facts.delete(tag('dry:', dry));
    facts.add(tag('dry:', labelled));
  }
  if (facts.has('dry:tumble-down') && facts.has('aim:wash') && !facts.has('can:tumble:air')) state = refer(state, 'down-tumble');
  const warm = pick(knowledge.settings.warmWays, facts);
  if (warm && facts.has('has-finish')) facts.add(tag('warm:', warm));
  return state;
}

/** The cleaner, with what is refused; and what follows for the steps from all that is settled. */
function settleCleaner(placed: Placed): Dosed {
  const { facts, knowledge } = placed;
  if (facts.has('aim:renew') || facts.has('renew-if-failed') || facts.has('drop<=3')) facts.add('proof-at-stake');
  refuseSupplies(placed);
  const dosed = grow(placed, facts.has('aim:wash') ? chooseCleaner(placed) : WATER_ONLY);
  addTraits(knowledge.planTraits, facts);
  return dosed;
}

/**
 * Plans one thing: from what was seen to steps with settings. Pure and deterministic: the same request gives the same plan.
 * @param given what the trade knows; the shipped set unless a test varies it.
 */
export function plan(request: PlanRequest, given: Knowledge = KNOWLEDGE): Plan {
  const sized = sizeUp(settleSchools(judge(request, arranged(given))));
  const washed = settleWash(settleCleaner(settleDrying(settleMethod(sized))));
  return grow(washed, { steps: buildSteps(washed) });
}
