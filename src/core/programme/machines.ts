import { holds } from '../facts';
import { onceFor } from '../once';
import type { Action, Cycle, Dryer, Heat, Method, Washer } from '../gear';
import { ACTIONS, HEATS } from '../gear';
import { allows } from '../envelope';
import { EQUIPMENT_RULES, MACHINE_FIGURES, RINSING_FIGURES, TUMBLE_MAX_C, type CycleStyle } from '../knowledge';
import type { Chosen, Placed, Sized, Way } from './state';
import { pick } from '../facts';

const DRUM_ORDER = ['front-loader', 'impeller', 'agitator'] as const;
const isDrum = (washer: Washer): boolean => (DRUM_ORDER as readonly string[]).includes(washer.kind);

/** The rule that refuses a washing machine for this thing, or null. */
function washerRefusal(washer: Washer, state: Sized): string | null {
  const { facts } = state;
  if (!facts.has('can:machine')) {
    const by = state.envelope.bounds.action.by?.component;
    if (by === 'label' || by === 'maker') return `machine-${by}-forbids`;
    return facts.has('label:none') && facts.has('hard:machine') ? 'machine-no-label' : 'machine-not-allowed';
  }
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

/** What stands unrinsed in the machine or bath that this goes into. */
export function standingIn(state: Sized & Way): NonNullable<Washer['unrinsed']> {
  const vessel =
    state.method === 'machine' ? state.washer : state.method === 'tub' || state.method === 'hand' ? chooseBath(state) : null;
  return vessel?.unrinsed ?? [];
}

/** Litres of one fill: what covers it on that floor, and no more than the bath holds. Without a listed one, a basin for what is small, else a tub. */
export function bathLitres(state: Sized & Pick<Way, 'method'>): number {
  const bath = chooseBath(state);
  const kind = bath?.kind === 'basin' || (!bath && state.bulk === 'small') ? 'basin' : 'tub';
  const { floorM2, deepM } = state.knowledge.settings.bath[kind];
  return Math.min(Math.round(floorM2 * deepM[state.bulk] * 1000), bath?.drumLitres ?? Infinity);
}
/** Water that it holds after pressing by hand, kg per kg dry: one number for rinsing and drying. */
export const pressedHeld = ({ family }: Pick<Sized, 'family'>): number => family.heldKgPerKg * RINSING_FIGURES.pressedHold.value;

/** True when a bath can be had: owned, small enough for any sink, or nobody has said what there is. */
function bathToBeHad(state: Sized): boolean {
  return chooseBath({ ...state, method: 'none' }) !== null || state.bulk === 'small' || state.facts.has('unknown:washers');
}

/** What its owner calls a programme, in the words that dials use, and how gently such programmes move. Gentlest first. */
const NAMED: readonly (readonly [RegExp, Action])[] = [
  [/delicate|wool|silk|lace|lingerie|cashmere|hand ?wash|down|duvet|very mild/i, 'very-mild'],
  [/gentle|synthetic|easy|mixed|sport|outdoor|shirt|permanent|mild|slow/i, 'mild'],
  [/cotton|white|normal|daily|everyday|intensive|heavy|quick|express|short|towel|boil|hygien/i, 'normal'],
];
const STYLES: readonly (readonly [RegExp, CycleStyle])[] = [
  [/quick|express|short|rapid/i, 'quick'],
  [/easy|permanent|shirt|synthetic/i, 'easy-care'],
  [/slow|long/i, 'long-slow'],
];
const OF_ACTION: Readonly<Partial<Record<Action, CycleStyle>>> = { normal: 'normal', mild: 'gentle', 'very-mild': 'delicate' };
/** The kind of programme that belongs to an action. */
export const styleOf = (action: Action): CycleStyle => OF_ACTION[action] ?? 'delicate';

/** How gently a listed programme moves: as its owner said, else by its name; null = its name says nothing. */
export const actionOf = (cycle: Cycle): Action | null =>
  cycle.action ?? NAMED.find(([name]) => name.test(cycle.name))?.[1] ?? null;
/** A programme whose name says nothing counts as gentle only if it also spins gently, rpm. */
const GENTLE_RPM = MACHINE_FIGURES.gentleRpm.value;

/** What the name and the record of a programme say, read once. */
interface Manner {
  readonly moves: Action | null;
  readonly style: CycleStyle | null;
}
const mannerOf = onceFor((cycle: Cycle): Manner => ({
  moves: actionOf(cycle),
  style: STYLES.find(([name]) => name.test(cycle.name))?.[1] ?? null,
}));

interface Wanted {
  readonly tempC: number;
  readonly action: Action;
  readonly spinRpm: number;
  readonly style: CycleStyle;
}
function cycleAllowed(cycle: Cycle, washer: Washer, { envelope }: Pick<Chosen, 'envelope'>, action: Action): boolean {
  if (cycle.tempC !== undefined && !allows(envelope, 'washMaxC', cycle.tempC)) return false;
  const most = envelope.bounds.spinMaxRpm.value;
  const canSlow = (washer.spinRpm ?? []).some((rpm) => most === null || rpm <= most);
  if (cycle.spinRpm !== undefined && most !== null && cycle.spinRpm > most && !canSlow) return false;
  const { moves } = mannerOf(cycle);
  if (moves === null) return action === 'normal' || (cycle.spinRpm !== undefined && cycle.spinRpm <= GENTLE_RPM);
  return allows(envelope, 'action', moves);
}
/** Of the programmes that the machine lists, the nearest to what is wanted that stays inside the envelope; null when none does. */
export function chooseCycle(washer: Washer, wanted: Wanted, state: Pick<Chosen, 'envelope'>): Cycle | null {
  let nearest: Cycle | null = null;
  for (const cycle of washer.cycles ?? [])
    if (cycleAllowed(cycle, washer, state, wanted.action) && (!nearest || farther(nearest, cycle, wanted) > 0)) nearest = cycle;
  return nearest;
}
/** Above 0 where `a` is farther from what is wanted than `b`: first in its style, then in how it moves, then in its heat, then in its spin. */
function farther(a: Cycle, b: Cycle, { action, style, tempC, spinRpm }: Wanted): number {
  const moves = (cycle: Cycle): Action => mannerOf(cycle).moves ?? action;
  const otherStyle = (cycle: Cycle): number => ((mannerOf(cycle).style ?? styleOf(moves(cycle))) === style ? 0 : 1);
  const steps = (cycle: Cycle): number => Math.abs(ACTIONS.indexOf(moves(cycle)) - ACTIONS.indexOf(action));
  return (
    otherStyle(a) - otherStyle(b) ||
    steps(a) - steps(b) ||
    Math.abs((a.tempC ?? tempC) - tempC) - Math.abs((b.tempC ?? tempC) - tempC) ||
    Math.abs((a.spinRpm ?? spinRpm) - spinRpm) - Math.abs((b.spinRpm ?? spinRpm) - spinRpm)
  );
}

const by = (method: Method): Way => ({ method, washer: null });
/** How the wash is done: by the first of the family's ways that its limits and places allow; 'refer' when none is left. */
export function chooseMethod(state: Sized): Way {
  const { facts, family } = state;
  for (const choice of family.methods) {
    if (!holds(choice.when, facts)) continue;
    const method = choice.use;
    if (method === 'machine') {
      const washer = chooseWasher(state);
      if (washer) return { method, washer };
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
