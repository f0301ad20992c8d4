import { looseness, DIMENSIONS, type Bound, type Envelope } from '../envelope';
import type { Kit, SupplyClass, Washer } from '../gear';
import { ACTIONS } from '../gear';
import type { ApartRule, Dimension } from '../knowledge';
import { JOB_ORDER, RINSING_FIGURES } from '../knowledge';
import { isMeasured } from '../dosing';
import { chooseCycle, cleanersOf, doseOf, servingBottle, type Plan } from '../programme';
import { rinsesToClear } from '../rinsing';
import { ballastOf, conflictsOf, dryersFor, fillOf, overfills, tooMany } from './sharing';
import type { BoundBy, InDrum, Load, LoadSettings, Member } from './types';

/** Drum of every dryer, litres. */
export const dryerLitres = (kit: Kit): ReadonlyMap<string, number | undefined> =>
  new Map((kit.equipment?.dryers ?? []).map((d) => [d.id, d.drumLitres]));

const inThis = (member: Member, washer: Washer): InDrum | undefined => member.drums.find((d) => d.washer.id === washer.id);
const RINSES_MORE = 'machine-rinse';
/** Fresh fills that its steps ask of this machine: in all, and of those the ones that no rinse programme gives (such as with vinegar). */
function rinsesOf({ steps, washer }: Plan): { readonly all: number; readonly special: number } {
  let [all, special] = [0, 0];
  for (const { template, settings } of steps) {
    if (template.ifFailed || settings.washerId !== washer?.id || (template.phase !== 'wash' && template.phase !== 'rinse'))
      continue;
    all += settings.rinses ?? 0;
    if (template.phase === 'rinse' && template.do !== RINSES_MORE) special += settings.rinses ?? 0;
  }
  return { all, special };
}

/** The meet of several envelopes: the strictest bound of each dimension. */
function meet(envelopes: readonly Envelope[]): Pick<Plan, 'envelope'> {
  const [first, ...rest] = envelopes;
  if (!first) throw new RangeError('A load holds at least one thing.');
  const bounds: Partial<Record<Dimension, Bound>> = { ...first.bounds };
  for (const dimension of DIMENSIONS)
    for (const { bounds: other } of rest)
      if (looseness(dimension, other[dimension].value) < looseness(dimension, bounds[dimension]?.value ?? null))
        bounds[dimension] = other[dimension];
  return { envelope: { ...first, bounds: bounds as Envelope['bounds'] } };
}

/** The cleaner that it is planned with, and the class that was asked for where another stands in. */
function ownCleaner(made: Plan): { asked: SupplyClass; cls: SupplyClass } | null {
  if (!made.cleaner) return null;
  const asked = cleanersOf(made).find((c) => servingBottle(made, c).cls === made.cleaner);
  return { asked: asked ?? made.cleaner, cls: made.cleaner };
}
/** The cleaner that all of them bear: the first that is owned, else the first. */
function cleanerOf(members: readonly Member[], plans: readonly Plan[]): { asked: SupplyClass; cls: SupplyClass } | null {
  const [first] = members;
  const common = (first?.cleaners ?? []).filter((c) => members.every((m) => m.cleaners.includes(c)));
  const [made] = plans;
  if (!made || common.length === 0) return null;
  const offers = common.map((asked) => ({ asked, ...servingBottle(made, asked) }));
  return offers.find((o) => o.bottle) ?? offers[0] ?? null;
}

/** The member whose figure is the strictest, first in order. */
function strictest(
  plans: readonly { member: Member; made: Plan }[],
  of: (made: Plan) => number,
): { value: number; by: Member } | null {
  let best: { value: number; by: Member } | null = null;
  for (const { member, made } of plans) {
    const value = of(made);
    if (!best || value < best.value) best = { value, by: member };
  }
  return best;
}
const boundOf = (member: Member, made: Plan, dimension: Dimension): BoundBy => {
  const by = made.envelope.bounds[dimension].by;
  return { itemId: member.item.id, ...(by ? { component: by.component, rule: by.rule } : {}) };
};

/**
 * These things in this machine: the meet of their settings, each with the thing that binds it; the dose and rinses for the whole mass.
 * @returns undefined when one of them may not go in this machine.
 */
export function loadOf(members: readonly Member[], washer: Washer): Load | undefined {
  const plans: { member: Member; made: Plan }[] = [];
  for (const member of members) {
    const there = inThis(member, washer);
    if (!there) return undefined;
    plans.push({ member, made: there.made });
  }
  const made = plans.map((p) => p.made);
  const { kg, litres } = fillOf(members, washer);
  const temp = strictest(plans, (p) => p.tempC);
  const gentle = strictest(plans, (p) => -ACTIONS.indexOf(p.action));
  const spin = strictest(plans, (p) => p.spinRpm);
  const most = strictest(plans, (p) => -rinsesOf(p).all);
  if (!temp || !gentle || !spin || !most) return undefined;
  const action = ACTIONS[-gentle.value] ?? 'hand';
  const style = inThis(gentle.by, washer)?.made.cycleStyle ?? 'delicate';
  const [only] = made;
  const cycle =
    made.length === 1 && only
      ? only.cycle
      : chooseCycle(washer, { tempC: temp.value, action, spinRpm: spin.value, style }, meet(made.map((m) => m.envelope)));
  const chosen = only && made.length === 1 ? ownCleaner(only) : cleanerOf(members, made);
  const ballast = ballastOf(members, washer);
  // Held water goes with the whole mass.
  const rinseModel = only?.rinse;
  const forMass = chosen && rinseModel && members.length > 1 ? rinsesToClear({ ...rinseModel, dryKg: kg }, rinseModel.target) : 0;
  const own = made.reduce((sum, m) => Math.max(sum, m.extraRinses), 0);
  const cycleRinses = cycle?.rinses ?? only?.cycleRinses ?? 0;
  const special = made.reduce((sum, m) => Math.max(sum, rinsesOf(m).special), 0);
  const rinses = Math.max(-most.value, forMass, cycleRinses + own);
  const bottle = chosen && only ? servingBottle(only, chosen.asked).bottle : null;
  let dose: { ml: number; by: Member } | null = null;
  for (const { member, made: one } of chosen && isMeasured(chosen.cls) ? plans : []) {
    const served = servingBottle(one, chosen?.asked ?? 'plain-liquid');
    const alone = members.length === 1 && ballast.length === 0 ? one.dose?.ml : undefined;
    const ml = alone ?? doseOf({ ...one, massG: kg * 1000 }, served.cls, served.bottle).ml;
    if (!dose || ml < dose.ml) dose = { ml, by: member };
  }
  const settings: LoadSettings = {
    tempC: temp.value,
    action,
    spinRpm: spin.value,
    rinses,
    ...(chosen ? { cleaner: chosen.cls } : {}),
    ...(dose ? { doseMl: dose.ml } : {}),
    ...(cycle ? { cycle: cycle.name } : {}),
  };
  const at = (by: Member, dimension: Dimension): BoundBy => boundOf(by, inThis(by, washer)?.made ?? by.made, dimension);
  const known = only?.knowledge.settings;
  return {
    members,
    washer,
    settings,
    ...(bottle ? { supplyId: bottle.id } : {}),
    boundBy: {
      tempC: at(temp.by, 'washMaxC'),
      action: at(gentle.by, 'action'),
      spinRpm: at(spin.by, 'spinMaxRpm'),
      rinses: { itemId: most.by.item.id, rule: 'rinse-model' },
      ...(dose ? { doseMl: { itemId: dose.by.item.id, rule: 'dose-label' } } : {}),
    },
    ballast,
    massKg: Math.round(kg * 1000) / 1000,
    litres,
    washMin: cycle?.minutes ?? known?.cycleMinutes[style] ?? 60,
    rinseMin: RINSING_FIGURES.rinseMin.value * Math.max(0, rinses - special - cycleRinses),
  };
}

/** How dirty a load is, then its job, then how rough: cleaner and more delicate ones go first through a machine. */
export function orderOf(load: Load): readonly [number, number, number] {
  let [soil, job] = [0, 0];
  for (const { made, item } of load.members) {
    soil = Math.max(soil, made.request.inspection?.soil ?? 2);
    if (item.jobClass) job = Math.max(job, JOB_ORDER.indexOf(item.jobClass));
  }
  return [soil, job, -ACTIONS.indexOf(load.settings.action ?? 'normal')];
}

export interface Wishes {
  readonly together: readonly (readonly string[])[];
  readonly apart: readonly (readonly string[])[];
  readonly drums: ReadonlyMap<string, number | undefined>;
}
const wished = (pairs: readonly (readonly string[])[], a: Member, b: Member): boolean =>
  pairs.some((ids) => ids.includes(a.item.id) && ids.includes(b.item.id));

/** Why two things do not share a drum, whichever machine; undefined when they may. A soft rule gives way to the user's wish. */
export function apartBy(a: Member, b: Member, wishes: Wishes): { rule: ApartRule; hard: boolean } | undefined {
  const conflicts = conflictsOf(a, b);
  const hard = conflicts.find((c) => c.hard);
  if (hard) return { rule: hard.rule, hard: true };
  const machines = a.drums.filter((d) => b.drums.some((o) => o.washer.id === d.washer.id));
  if (machines.length === 0) return { rule: 'no-machine', hard: true };
  if (machines.every((d) => overfills([a, b], d.washer))) return { rule: 'drum', hard: true };
  if (!dryersFor([a, b], wishes.drums)) return { rule: 'dryer', hard: true };
  if (wished(wishes.apart, a, b)) return { rule: 'wished', hard: false };
  const soft = conflicts[0];
  return soft && !wished(wishes.together, a, b) ? { rule: soft.rule, hard: false } : undefined;
}

/** True when all these may go into this machine together. */
export function mayShare(members: readonly Member[], washer: Washer, wishes: Wishes): boolean {
  if (members.some((m) => !inThis(m, washer))) return false;
  if (overfills(members, washer) || tooMany(members) || !dryersFor(members, wishes.drums)) return false;
  const [first] = members;
  const shared = (first?.cleaners ?? []).some((c) => members.every((m) => m.cleaners.includes(c)));
  if (members.length > 1 && !shared && members.some((m) => m.cleaners.length > 0)) return false;
  return members.every((a, i) => members.slice(i + 1).every((b) => !apartBy(a, b, wishes)));
}
