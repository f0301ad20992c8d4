import { hangModel, modelMinutes, tumbleModel, type DryModel } from '../drying';
import { allows } from '../envelope';
import type { Heat, Supply, SupplyClass } from '../gear';
import {
  DOSING_FIGURES,
  DRYING_FIGURES,
  LOFT_FIGURES,
  REST_ON,
  RINSING_FIGURES,
  WASHED_SURFACES,
  type Surface,
} from '../knowledge';
import { sprayPlan } from '../dosing/spray';
import { levellingOf, fillGrams, readingsOf } from '../loft';
import { heldAt } from '../rinsing';
import { bathLitres, chooseBath, dryHeat, pressedHeld, warmest } from './machines';
import type { StepSettings } from '../document';
import type { Placed, Washed } from './state';
import { pick } from '../facts';
import { ahead, untested } from './marks';
import { bottleOf, doseOf, servingBottle } from './supplies';

/** Writes the settings of a step that are worked out. */
export type Setter = (state: Washed, settings: StepSettings) => void;

const within = (c: number, state: Washed): number => {
  const max = state.envelope.bounds.washMaxC.value;
  return max === null ? c : Math.min(c, max);
};
const soakCap = (min: number, state: Washed): number => {
  const max = state.envelope.bounds.soakMaxMin.value;
  return max === null ? min : Math.min(min, max);
};

function setDryer(state: Washed, settings: StepSettings): void {
  if (state.dryer) settings.dryerId = state.dryer.id;
  else settings.place = 'launderette';
}

function setBalls(state: Washed, settings: StepSettings): void {
  const cls = pick(state.knowledge.settings.ballClass, state.facts);
  if (!cls) return;
  settings.aids = [cls];
  settings.count = pick(state.knowledge.settings.balls, state.facts) ?? 2;
}

function soakClass(state: Placed): SupplyClass {
  const classes = state.knowledge.settings.soakCleaners
    .filter((choice) => pick([choice], state.facts) !== undefined)
    .map((choice) => choice.use);
  return classes.find((cls) => bottleOf(state, cls) !== null) ?? classes[0] ?? 'plain-liquid';
}

/** So much of a bottle: in mL, and in caps where the size of its own cap is known. */
function pour(settings: StepSettings, ml: number, bottle: Supply | null): void {
  settings.doseMl = ml;
  if (!bottle) return;
  settings.supplyId = bottle.id;
  if (bottle.capMl) settings.caps = Math.round((20 * ml) / bottle.capMl) / 20;
}

/** Water it holds when it comes to be dried, kg per kg dry. */
export function heldWet({ method, family, spinRpm }: Pick<Washed, 'method' | 'family' | 'spinRpm'>): number {
  if (method === 'tub' || method === 'hand') return pressedHeld({ family });
  return method === 'machine' ? heldAt(family.heldKgPerKg, spinRpm) : family.heldKgPerKg;
}

/** The drying of a thing in its dryer. */
function tumbling(state: Washed, heat: Heat = dryHeat(state) ?? 'air'): DryModel {
  return tumbleModel({
    dryG: state.massG,
    heldKgPerKg: heldWet(state),
    heat,
    dryer: state.dryer?.kind ?? 'commercial',
    room: state.request.kit.equipment?.room,
    heatC: state.dryer?.heatC?.[heat],
    coreFactor: state.family.coreFactor,
  });
}
/** The drying of a thing in the air. */
const hanging = (state: Washed): DryModel =>
  hangModel({
    dryG: state.massG,
    heldKgPerKg: heldWet(state),
    areaM2: state.areaM2,
    coreFactor: state.family.coreFactor,
    air: pick(state.knowledge.settings.air, state.facts) ?? 'still',
    room: state.request.kit.equipment?.room,
  });

/** A finish that tumbles on medium is looked at this often, min. */
const FINISH_LOOK_MIN = DRYING_FIGURES.finishLookMin.value;
/** Evening out without a map: an hour for a light quilt or bag, less for a garment, min. */
const EVEN_MIN = LOFT_FIGURES.evenMin.value;
/** Most rounds that are ever planned. */
const MOST_ROUNDS = DRYING_FIGURES.mostRounds.value;

/** Everything a step template may ask to have set. */
export const SETTERS: Readonly<Record<string, Setter>> = {
  washer: (state, s) => void (state.washer && (s.washerId = state.washer.id)),
  tries: (state, s) => void (s.tries = untested(state.marks)),
  tubId: (state, s) => {
    const bath = chooseBath(state);
    if (bath) s.washerId = bath.id;
  },
  vessel: (state, s) => {
    const vessel = state.method === 'machine' ? state.washer : chooseBath(state);
    if (vessel) s.washerId = vessel.id;
  },
  rinseModel: (state, s) => void (state.rinse && (s.rinseModel = state.rinse)),
  wash: (state, s) => {
    s.tempC = state.tempC;
    s.action = state.action;
    s.spinRpm = state.spinRpm;
  },
  handWash: (state, s) => {
    s.tempC = state.tempC;
    s.action = 'hand';
  },
  rinseSpin: (state, s) => {
    s.tempC = within(20, state);
    s.action = state.action;
    s.spinRpm = state.spinRpm;
  },
  cycleRinses: (state, s) => {
    s.rinses = state.cycleRinses;
    if (state.cycle) s.cycle = state.cycle.name;
  },
  extraRinses: (state, s) => void (s.rinses = state.extraRinses),
  oneRinse: (_, s) => void (s.rinses = 1),
  bathRinses: (state, s) => void (s.rinses = state.bathRinses),
  bathLitres: (state, s) => void (s.litresPerFill = bathLitres(state)),
  rinseWater: (state, s) => void (s.tempC = within(pick(state.knowledge.settings.bathRinseC, state.facts) ?? state.tempC, state)),
  coldIfWet: (state, s) =>
    void (
      allows(state.envelope, 'washMaxC', state.knowledge.settings.coldTreatC) && (s.tempC = state.knowledge.settings.coldTreatC)
    ),
  coolWater: (state, s) => void (s.tempC = within(state.knowledge.settings.soakC, state)),
  cleaner: (state, s) => {
    if (!state.cleaner) return;
    s.cleaner = state.cleaner;
    if (state.dose) pour(s, state.dose.ml, state.bottle);
  },
  tank: (state, s) => {
    if (!state.cleaner) return;
    s.cleaner = state.cleaner;
    s.litresPerFill = DOSING_FIGURES.tankL.value;
    pour(s, Math.round(s.litresPerFill * DOSING_FIGURES.tankMlPerL.value), state.bottle);
  },
  vinegar: (state, s) => {
    s.cleaner = 'vinegar';
    const bottle = bottleOf(state, s.cleaner);
    pour(s, doseOf(state, s.cleaner, bottle).ml, bottle);
  },
  cleanerOnly: (state, s) => void (state.cleaner && (s.cleaner = state.cleaner)),
  insideOut: (state, s) => {
    if (
      state.facts.has('wet-filled') ||
      state.facts.has('wet-pile') ||
      state.facts.has('wet-printed') ||
      state.facts.has('wet-denim')
    )
      s.insideOut = true;
  },
  /** Where there is nothing else to soak in, the drum is taken by it. */
  soakDrum: (state, s) => void (state.washer && state.facts.has('soak-in-drum') && (s.washerId = state.washer.id)),
  soak: (state, s) => void (s.soakMin = soakCap(pick(state.knowledge.settings.soakMin, state.facts) ?? 60, state)),
  longSoak: (state, s) => void (s.soakMin = soakCap(state.knowledge.settings.longSoakMin, state)),
  tubSoak: (state, s) => {
    s.soakMin = soakCap(state.knowledge.settings.tubSoakMin, state);
    // Kneaded half way.
    s.soakParts = [Math.ceil(s.soakMin / 2), Math.floor(s.soakMin / 2)];
  },
  scentPurge: (state, s) => {
    const { cls, bottle } = servingBottle(state, 'unscented-cleaner');
    s.cleaner = cls;
    pour(s, doseOf(state, cls, bottle).ml, bottle);
  },
  soakCleaner: (state, s) => {
    s.cleaner = soakClass(state);
    const bottle = bottleOf(state, s.cleaner);
    const { ml, basis } = doseOf(state, s.cleaner, bottle);
    // Half the maker's scoop for a basin; without a label the guess is that already.
    const half = s.cleaner === 'oxygen-booster' && basis !== 'guess' && basis !== 'own';
    pour(s, half ? Math.round(ml / 2) : ml, bottle);
    // Soaked by hand, whatever washes it.
    s.litresPerFill = bathLitres({ ...state, method: 'hand' });
  },
  dryer: setDryer,
  linePlace: (state, s) => void (s.place = state.facts.has('label-dries:shade') ? 'shade' : 'line'),
  hangModel: (state, s) => void (s.dryModel = hanging(state)),
  rounds: (state, s) => {
    const everyMin = pick(state.knowledge.settings.lookEveryMin, state.facts) ?? 60;
    const model = tumbling(state);
    s.heat = dryHeat(state) ?? 'air';
    s.dryModel = model;
    // Rounds until dry, and one more.
    s.rounds = Math.min(MOST_ROUNDS, Math.ceil(modelMinutes(model) / everyMin) + 1);
    s.checkEveryMin = everyMin;
    setBalls(state, s);
  },
  finishRounds: (state, s) => {
    s.heat = warmest('medium', state) ?? 'low';
    s.dryModel = tumbling(state, s.heat);
    s.checkEveryMin = FINISH_LOOK_MIN;
    s.rounds = Math.min(MOST_ROUNDS, Math.ceil(modelMinutes(s.dryModel) / FINISH_LOOK_MIN));
  },
  oneRound: (state, s) => {
    s.heat = dryHeat(state) ?? 'air';
    s.rounds = 1;
    s.checkEveryMin = pick(state.knowledge.settings.lookEveryMin, state.facts) ?? 60;
    setBalls(state, s);
  },
  airRounds: (state, s) => {
    s.heat = dryHeat(state) ?? 'air';
    s.rounds = 2;
    s.checkEveryMin = 30;
    setBalls(state, s);
  },
  plainTumble: (state, s) => {
    s.heat = warmest('low', state) ?? 'air';
    s.rounds = 2;
    s.checkEveryMin = 30;
  },
  fluff: (state, s) => {
    s.heat = 'air';
    s.rounds = 1;
    s.checkEveryMin = 30;
    setBalls(state, s);
  },
  warm: (state, s) => {
    s.heat = warmest(pick(state.knowledge.settings.warmHeat, state.facts) ?? 'medium', state) ?? 'low';
    s.rounds = 2;
    s.checkEveryMin = 10;
  },
  iron: (state, s) => {
    s.tool = 'iron';
    s.ironC = Math.min(110, state.envelope.bounds.ironMaxC.value ?? 110);
  },
  proofer: (state, s) => {
    const washIn = state.facts.has('proof:wash-in');
    s.proofer = washIn ? 'wash-in-proofer' : 'spray-proofer';
    const bottle = bottleOf(state, s.proofer);
    const { settings } = state.knowledge;
    if (washIn) s.prooferMl = Math.round(bottle?.labelDoseMl ?? settings.washInProoferMl);
    else {
      const { item, inspection } = state.request;
      const spray = sprayPlan(item.kind, state.knowledge, inspection?.droplet, {
        faceM2: state.areaM2 * settings.faceShare,
        mlPerM2: settings.prooferMlPerM2,
        labelMl: bottle?.labelDoseMl,
      });
      s.prooferMl = spray.ml;
      s.spray = spray.zones;
    }
    if (bottle) s.supplyId = bottle.id;
  },
};

/** Minutes that depend on this mass, machine and room, by name. */
export const DURATIONS: Readonly<Record<string, (state: Washed, settings: StepSettings) => number>> = {
  cycleMin: (state) => state.cycle?.minutes ?? state.knowledge.settings.cycleMinutes[state.cycleStyle],
  rinseMin: (_, s) => RINSING_FIGURES.rinseMin.value * (s.rinses ?? 1),
  soakMin: (_, s) => s.soakMin ?? 0,
  bathMin: (_, s) => 6 * (s.rinses ?? 1),
  roundsAttended: (_, s) => 5 * (s.rounds ?? 1),
  roundsMin: (_, s) => (s.rounds ?? 1) * (s.checkEveryMin ?? 60),
  looksAttended: (_, s) => s.rounds ?? 1,
  evenMin: ({ request, facts }) => {
    const { fillMap } = request.item;
    const measured = (request.inspection?.loft?.length ?? 0) > 0;
    const levelling =
      fillMap && measured && fillGrams(request.item) > 0
        ? levellingOf(fillMap, fillGrams(request.item), readingsOf(request.inspection))
        : null;
    // What its own map and ruler say; else so much a baffle; else what such a thing usually takes.
    if (levelling) return Math.max(EVEN_MIN.least, Math.ceil(levelling.minutes));
    const baffles = fillMap?.baffles.length ?? 0;
    if (baffles > 0) return Math.max(EVEN_MIN.least, 2 * baffles * LOFT_FIGURES.moveMin.value);
    return facts.has('bag-like') ? EVEN_MIN.bag : EVEN_MIN.garment;
  },
  roundMin: (_, s) => s.checkEveryMin ?? 60,
  plainTumbleMin: (state) => state.knowledge.settings.plainTumbleMin,
  lineMin: (_, s) => hang(s),
  ...Object.fromEntries(Object.entries(REST_ON).map(([name, on]) => [name, (state: Washed) => restUnder(state, on, 0)])),
  restAgain: (state) => restUnder(state, REST_ON.restOnCloth, 1),
};

/** Minutes on the line, rounded up to 10, between half an hour and three days. */
function hang({ dryModel }: StepSettings): number {
  return dryModel ? Math.min(4320, Math.max(30, Math.ceil(modelMinutes(dryModel) / 10) * 10)) : 0;
}

/**
 * How long the marks on these surfaces rest, min; the longest of them.
 * @param turn of the rungs ahead under which a mark rests: 0 the mildest, 1 the next where there is one.
 */
function restUnder(state: Washed, on: readonly Surface[], turn: number): number {
  let longest = 0;
  for (const mark of state.marks) {
    const { surface, record } = mark;
    if (!on.includes(surface) || (WASHED_SURFACES.has(surface) && record.own)) continue;
    const rests = ahead(mark).flatMap(({ restMin }) => restMin ?? []);
    longest = Math.max(longest, rests[turn] ?? rests.at(-1) ?? 0);
  }
  return longest;
}
