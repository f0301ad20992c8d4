import { holds } from '../facts';
import type { Cycle, Dryer, Heat, Method, Washer } from '../gear';
import { HEATS } from '../gear';
import { allows } from '../envelope';
import { EQUIPMENT_RULES, TUMBLE_MAX_C } from '../knowledge';
import type { PlanState } from './state';
import { pick } from './state';

const DRUM_ORDER = ['front-loader', 'impeller', 'agitator'] as const;
const isDrum = (washer: Washer): boolean => (DRUM_ORDER as readonly string[]).includes(washer.kind);

/** The rule that refuses a washing machine for this thing, or null. */
function washerRefusal(washer: Washer, state: PlanState): string | null {
  const { facts } = state;
  if (!facts.has('can:machine')) return 'machine-not-allowed';
  if (washer.kind === 'agitator' && facts.has('no-agitator')) return 'agitator-tears';
  if (washer.drumLitres !== undefined && washer.drumLitres < EQUIPMENT_RULES.minWasherLitres[state.bulk])
    return 'washer-too-small';
  if (washer.capacityKg !== undefined && washer.capacityKg * 1000 < state.massG) return 'washer-overloaded';
  return null;
}

/** The best washing machine that may take it; where a machine wash was wished for, every owned one that may not is listed with its reason. */
export function chooseWasher(state: PlanState, wished = true): Washer | null {
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
export function chooseBath(state: PlanState): Washer | null {
  const baths = (state.request.kit.equipment?.washers ?? []).filter(
    (w) => w.kind === 'tub' || (w.kind === 'basin' && state.bulk === 'small'),
  );
  const wanted = state.bulk === 'small' && state.method === 'hand' ? 'basin' : 'tub';
  return baths.find((b) => b.kind === wanted) ?? baths[0] ?? null;
}

/** True when a bath can be had: owned, small enough for any sink, or nobody has said what there is. */
function bathToBeHad(state: PlanState): boolean {
  return chooseBath(state) !== null || state.bulk === 'small' || state.facts.has('unknown:washers');
}

/** The gentlest cycle near the wanted temperature that stays inside the envelope. */
function chooseCycle(washer: Washer, state: PlanState): Cycle | null {
  const usable = (washer.cycles ?? []).filter(
    (cycle) => cycle.tempC === undefined || allows(state.envelope, 'washMaxC', cycle.tempC),
  );
  const far = (cycle: Cycle): number => Math.abs((cycle.tempC ?? state.tempC) - state.tempC);
  return [...usable].sort((a, b) => far(a) - far(b) || (a.spinRpm ?? 0) - (b.spinRpm ?? 0))[0] ?? null;
}

/** Settles how the wash is done. Returns 'refer' when no way is left. */
export function chooseMethod(state: PlanState): Method {
  const { facts, family } = state;
  for (const choice of family.methods) {
    if (!holds(choice.when, facts)) continue;
    const method = choice.use;
    if (method === 'machine') {
      state.washer = chooseWasher(state);
      if (state.washer) {
        state.cycle = chooseCycle(state.washer, state);
        return method;
      }
    } else if (method === 'tub' || method === 'hand') {
      if (facts.has('can:hand') && bathToBeHad(state)) return method;
    } else if (method === 'surface' || method === 'extract') {
      if (facts.has('can:surface')) return method;
    } else return method;
  }
  if (facts.has('can:hand') && bathToBeHad(state)) return 'hand';
  return 'refer';
}

/** Heats a dryer offers, coolest first; all of them when its list is unknown. */
export const heatsOf = (dryer: Dryer | null): readonly Heat[] =>
  HEATS.filter((heat) => dryer?.heats === undefined || dryer.heats.includes(heat));

/** The dryer setting that a tumble mark permits. */
export function heatAllowed(heat: Heat, state: Pick<PlanState, 'envelope'>): boolean {
  if (heat === 'high') return false;
  return allows(state.envelope, 'tumble', heat === 'medium' ? 'normal' : heat);
}

/** True when a setting, as measured, blows hotter than the item's tumble mark permits. Unmeasured settings are taken at their name. */
export function measuredTooHot(heat: Heat, { envelope, dryer }: Pick<PlanState, 'envelope' | 'dryer'>): boolean {
  const measuredC = dryer?.heatC?.[heat];
  const mark = envelope.bounds.tumble.value;
  return measuredC !== undefined && mark !== 'none' && measuredC > TUMBLE_MAX_C[mark];
}

/** The warmest heat up to `wish` that the item bears and the dryer has, or null. */
export function warmest(wish: Heat, state: Pick<PlanState, 'envelope' | 'dryer'>): Heat | null {
  const usable = heatsOf(state.dryer).filter(
    (heat) => HEATS.indexOf(heat) <= HEATS.indexOf(wish) && heatAllowed(heat, state) && !measuredTooHot(heat, state),
  );
  return usable[usable.length - 1] ?? null;
}

/** The heat that a filled thing is dried on. */
export const dryHeat = (state: PlanState): Heat | null =>
  warmest(pick(state.knowledge.settings.dryHeat, state.facts) ?? 'low', state);

/** The dryer that may take it, roomiest need first; refused ones are listed when tumbling was wished for. */
export function chooseDryer(state: PlanState, wished: boolean): Dryer | null {
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
