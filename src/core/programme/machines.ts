import { holds } from '../facts';
import type { Cycle, Dryer, Heat, Method, Washer } from '../gear';
import { HEATS } from '../gear';
import { allows } from '../envelope';
import { EQUIPMENT_RULES, TUMBLE_MAX_C } from '../knowledge';
import type { Chosen, Placed, Sized, Way } from './state';
import { pick } from '../facts';

const DRUM_ORDER = ['front-loader', 'impeller', 'agitator'] as const;
const isDrum = (washer: Washer): boolean => (DRUM_ORDER as readonly string[]).includes(washer.kind);

/** The rule that refuses a washing machine for this thing, or null. */
function washerRefusal(washer: Washer, state: Sized): string | null {
  const { facts } = state;
  if (!facts.has('can:machine')) return 'machine-not-allowed';
  if (washer.kind === 'agitator' && facts.has('no-agitator')) return 'agitator-tears';
  if (washer.drumLitres !== undefined && washer.drumLitres < EQUIPMENT_RULES.minWasherLitres[state.bulk])
    return 'washer-too-small';
  if (washer.capacityKg !== undefined && washer.capacityKg * 1000 < state.massG) return 'washer-overloaded';
  return null;
}

/** The best washing machine that may take it; where a machine wash was wished for, every owned one that may not is listed with its reason. */
export function chooseWasher(state: Sized, wished = true): Washer | null {
  const machines = (state.request.kit.equipment?.washers ?? []).filter(isDrum);
  const fit: Washer[] = [];
  for (const machine of machines) {
    const rule = washerRefusal(machine, state);
    if (!rule) fit.push(machine);
    else if (wished) state.refusals.push({ option: machine.id, machine, rule });
  }
  const rank = (w: Washer): number => (DRUM_ORDER as readonly string[]).indexOf(w.kind) * 10 + (w.lastLoads?.length ?? 0);
  return fit.sort((a, b) => rank(a) - rank(b) || (a.id < b.id ? -1 : 1))[0] ?? null;
}

/** A tub or basin that is owned, the tub first for anything that is not small. */
export function chooseBath(state: Sized & Pick<Way, 'method'>): Washer | null {
  const baths = (state.request.kit.equipment?.washers ?? []).filter(
    (w) => w.kind === 'tub' || (w.kind === 'basin' && state.bulk === 'small'),
  );
  const wanted = state.bulk === 'small' && state.method === 'hand' ? 'basin' : 'tub';
  return baths.find((b) => b.kind === wanted) ?? baths[0] ?? null;
}

/** True when a bath can be had: owned, small enough for any sink, or nobody has said what there is. */
function bathToBeHad(state: Sized): boolean {
  return chooseBath({ ...state, method: 'none' }) !== null || state.bulk === 'small' || state.facts.has('unknown:washers');
}

/** Cycles are chosen near this temperature, °C. */
const NEAR_C = 20;
/** The coolest, gentlest cycle that stays inside the envelope. */
function chooseCycle(washer: Washer, state: Sized): Cycle | null {
  const usable = (washer.cycles ?? []).filter(
    (cycle) => cycle.tempC === undefined || allows(state.envelope, 'washMaxC', cycle.tempC),
  );
  const far = (cycle: Cycle): number => Math.abs((cycle.tempC ?? NEAR_C) - NEAR_C);
  return [...usable].sort((a, b) => far(a) - far(b) || (a.spinRpm ?? 0) - (b.spinRpm ?? 0))[0] ?? null;
}

const by = (method: Method): Way => ({ method, washer: null, cycle: null });
/** How the wash is done: by the first of the family's ways that its limits and places allow; 'refer' when none is left. */
export function chooseMethod(state: Sized): Way {
  const { facts, family } = state;
  for (const choice of family.methods) {
    if (!holds(choice.when, facts)) continue;
    const method = choice.use;
    if (method === 'machine') {
      const washer = chooseWasher(state);
      if (washer) return { method, washer, cycle: chooseCycle(washer, state) };
    } else if (method === 'tub' || method === 'hand') {
      if (facts.has('can:hand') && bathToBeHad(state)) return by(method);
    } else if (method === 'surface' || method === 'extract') {
      if (facts.has('can:surface')) return by(method);
    } else return by(method);
  }
  return by(facts.has('can:hand') && bathToBeHad(state) ? 'hand' : 'refer');
}

/** Heats a dryer offers, coolest first; all of them when its list is unknown. */
export const heatsOf = (dryer: Dryer | null): readonly Heat[] =>
  HEATS.filter((heat) => dryer?.heats === undefined || dryer.heats.includes(heat));

/** The dryer setting that a tumble mark permits. */
export function heatAllowed(heat: Heat, state: Pick<Chosen, 'envelope'>): boolean {
  if (heat === 'high') return false;
  return allows(state.envelope, 'tumble', heat === 'medium' ? 'normal' : heat);
}

/** True when a setting, as measured, blows hotter than the item's tumble mark permits. Unmeasured settings are taken at their name. */
export function measuredTooHot(heat: Heat, { envelope, dryer }: Pick<Placed, 'envelope' | 'dryer'>): boolean {
  const measuredC = dryer?.heatC?.[heat];
  const mark = envelope.bounds.tumble.value;
  return measuredC !== undefined && mark !== 'none' && measuredC > TUMBLE_MAX_C[mark];
}

/** The warmest heat up to `wish` that the item bears and the dryer has, or null. */
export function warmest(wish: Heat, state: Pick<Placed, 'envelope' | 'dryer'>): Heat | null {
  const usable = heatsOf(state.dryer).filter(
    (heat) => HEATS.indexOf(heat) <= HEATS.indexOf(wish) && heatAllowed(heat, state) && !measuredTooHot(heat, state),
  );
  return usable[usable.length - 1] ?? null;
}

/** The heat that a filled thing is dried on. */
export const dryHeat = (state: Placed): Heat | null =>
  warmest(pick(state.knowledge.settings.dryHeat, state.facts) ?? 'low', state);

/** The dryer that may take it, roomiest need first; refused ones are listed when tumbling was wished for. */
export function chooseDryer(state: Sized, wished: boolean): Dryer | null {
  const fit: Dryer[] = [];
  for (const dryer of state.request.kit.equipment?.dryers ?? []) {
    let rule: string | null = null;
    if (!state.facts.has('can:tumble:air')) rule = 'dryer-not-allowed';
    else if (
      dryer.kind !== 'commercial' &&
      dryer.drumLitres !== undefined &&
      dryer.drumLitres < EQUIPMENT_RULES.minDryerLitres[state.bulk]
    )
      rule = 'dryer-too-small';
    else if (warmest('medium', { envelope: state.envelope, dryer }) === null) rule = 'dryer-not-allowed';
    if (rule === null) fit.push(dryer);
    else if (wished) state.refusals.push({ option: dryer.id, machine: dryer, rule });
  }
  return fit.sort((a, b) => (b.drumLitres ?? 0) - (a.drumLitres ?? 0) || (a.id < b.id ? -1 : 1))[0] ?? null;
}
