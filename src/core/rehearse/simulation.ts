/** The steps of a rehearsal, one kind at a time. */
import { bodyOf, DEFAULT_ROOM, drumAir, drumKgPerS, dryBandG, hangingBody, hangKgPerS, tumblingBody, type Body } from '../drying';
import { integrate, stableStepS, type Step } from '../drying/integrate';
import { HEATS, type Heat } from '../gear';
import { heldAt, rinseCurve } from '../rinsing';
import { RINSE_MIN } from '../run';
import type { Choices } from './choices';
import * as fill from './fill';
import type { Setup, RehearsedStep } from './setup';
import type { Luck } from './luck';
import type { EventId, Happening, Moment, Rehearsal } from './types';
import { DRYING_FIGURES, REHEARSED_FIGURES } from '../knowledge';

/** Minutes out of the drum for one look. */
export const LOOK_MIN = REHEARSED_FIGURES.drumLookMin.value;
/** Its outside feels dry from this water on, kg per kg of shell. */
const FEELS_DRY = REHEARSED_FIGURES.feelsDryHeld.value;
/** The cloth follows the air with this time constant, min. */
const WARMS_MIN = REHEARSED_FIGURES.warmsMin.value;
/** Points that are drawn of one spell of drying, at most. */
const DRAWN_A_SPELL = 48;

/** The state of a rehearsal as its steps go by. */
export class Simulation {
  readonly moments: Moment[] = [];
  readonly drawn: Moment[] = [];
  readonly happened: Happening[] = [];
  readonly bands: Rehearsal['bands'][number][] = [];
  minute = 0;
  shellG = 0;
  coreG = 0;
  fabricC: number;
  clumps = 0;
  residue = 0;
  startG = 0;
  evaporatedG = 0;
  handsMin = 0;
  /** Rinses since cleaner went in. */
  rinsed = 0;
  readonly body: Body;
  readonly roomC: number;
  constructor(
    readonly setup: Setup,
    readonly choices: Choices,
    readonly luck: Luck,
  ) {
    this.roomC = setup.room?.airC ?? DEFAULT_ROOM.airC;
    this.fabricC = this.roomC;
    this.body = bodyOf(setup.dryG / 1000, setup.coreFactor, 1);
  }
  get waterG(): number {
    return this.shellG + this.coreG;
  }
  get core(): number {
    return this.body.coreKg > 0 ? this.coreG / 1000 / this.body.coreKg : this.shellG / 1000 / this.body.shellKg;
  }
  /** Keeps this instant; `drawn`: also for drawing, where every minute would be too many. */
  mark(drawn = true): void {
    const { minute, shellG, coreG, fabricC, clumps, residue } = this;
    const moment = { minutes: minute, shellG, coreG, fabricC, clumps, residue };
    this.moments.push(moment);
    if (drawn) this.drawn.push(moment);
  }
  log(id: EventId, more: Pick<Happening, 'n' | 'heat'> = {}): void {
    this.happened.push({ minutes: this.minute, id, ...more });
  }
  /** The same water everywhere, kg per kg dry. */
  hold(kgPerKg: number): void {
    this.shellG = this.body.shellKg * kgPerKg * 1000;
    this.coreG = this.body.coreKg * kgPerKg * 1000;
  }
  /** Time in which nothing dries. */
  rest(minutes: number, towardsC = this.roomC): void {
    if (!(minutes > 0)) return;
    this.mark();
    this.minute += minutes;
    this.fabricC = towardsC + (this.fabricC - towardsC) * Math.exp(-minutes / WARMS_MIN);
    this.mark();
  }
  /** Time in moving air; `each` is called after every minute. */
  dry(body: Body, step: Step, minutes: number, each: () => void = () => undefined): void {
    if (!(minutes > 0)) return;
    const points = integrate(body, { shellKg: this.shellG / 1000, coreKg: this.coreG / 1000 }, () => step, {
      minutes,
      stepS: stableStepS(body, step.rateKgPerS),
      everyMin: 1,
    });
    const begun = this.minute;
    const gone = this.evaporatedG;
    let before = 0;
    this.mark();
    const every = Math.ceil(points.length / DRAWN_A_SPELL);
    for (const [n, point] of points.entries()) {
      if (n === 0) continue;
      this.shellG = point.shellG;
      this.coreG = point.coreG;
      this.evaporatedG = gone + point.evaporatedG;
      this.fabricC = point.fabricC + (this.fabricC - point.fabricC) * Math.exp(-(point.minutes - before) / WARMS_MIN);
      before = point.minutes;
      this.minute = begun + point.minutes;
      each();
      this.mark(n % every === 0 || n === points.length - 1);
    }
    this.minute = begun + minutes;
  }
}

/** The drum at a heat: the body that is dried in it, its air and rate, and how freely it turns, 0 to 1. */
export function drumOf({ setup, choices, luck }: Simulation, heat: Heat): { body: Body; step: Step; turns: number } {
  const named = setup.dryer.heatC[heat];
  const usual = drumAir({ heat, dryer: setup.dryer.kind, room: setup.room, heatC: named });
  const air = {
    heat,
    dryer: setup.dryer.kind,
    room: setup.room,
    heatC: heat === 'air' ? usual.airC : usual.airC + luck.offC,
    fill: setup.aloneFill * choices.loads,
  };
  const { airC, wetC } = drumAir(air);
  const whole = tumblingBody(setup.dryG, heat, setup.coreFactor);
  return {
    body: { ...whole, exchangeS: whole.exchangeS * luck.exchange * Math.exp(setup.learned.exchange) },
    // What goes round with it is as wet, and takes its share of the air.
    step: { airC, wetC, rateKgPerS: (drumKgPerS(air) / choices.loads) * luck.rate * Math.exp(setup.learned.rate) },
    turns: Math.min(1, DRYING_FIGURES.freeFill.value / air.fill),
  };
}
/** Turns it in a drum for so many minutes: water goes, and what holds down comes apart. */
export function tumble(simulation: Simulation, drum: ReturnType<typeof drumOf>, minutes: number): void {
  const { setup, choices } = simulation;
  simulation.dry(drum.body, drum.step, minutes, () => {
    if (!setup.filled) return;
    const floor = fill.floorOf(simulation.residue);
    simulation.clumps = fill.tumbled(simulation.clumps, floor, simulation.core, choices.balls, drum.turns);
  });
}

function look(simulation: Simulation): void {
  simulation.handsMin += LOOK_MIN;
  if (simulation.setup.filled)
    simulation.clumps = fill.pulled(simulation.clumps, fill.floorOf(simulation.residue), simulation.core);
  simulation.rest(LOOK_MIN);
}

/** Rounds in the drum, with a look after each. */
export function rounds(simulation: Simulation): void {
  const { setup, choices, luck, body } = simulation;
  const bandG = dryBandG(setup.dryG);
  const most = typeof choices.rounds === 'number' ? choices.rounds : DRYING_FIGURES.mostRounds.value;
  let knob = choices.heat;
  let last = false;
  for (let round = 1; round <= most; round++) {
    if (luck.slips[round - 1]) {
      const slipped = HEATS[Math.min(HEATS.length - 1, HEATS.indexOf(knob) + 1)] ?? knob;
      if (!choices.checkHeat) knob = slipped;
      if (slipped !== choices.heat) simulation.log(choices.checkHeat ? 'set-back' : 'slipped', { n: round, heat: slipped });
    }
    simulation.log('round', { n: round, heat: knob });
    const drum = drumOf(simulation, knob);
    tumble(simulation, drum, choices.roundMin);
    look(simulation);
    if (last) return;
    if (choices.rounds === 'feels' && simulation.shellG / 1000 <= FEELS_DRY * body.shellKg)
      return void simulation.log('feels-dry');
    if (choices.rounds === 'weighs' && simulation.waterG <= bandG) {
      simulation.log('weighs-dry');
      last = true;
    }
  }
}

/** Hangs it for so many minutes. */
export function hang(simulation: Simulation, minutes: number): void {
  const { setup, choices, luck, roomC } = simulation;
  const whole = hangingBody(setup.dryG, setup.coreFactor);
  const rate = hangKgPerS({ areaM2: setup.areaM2, air: choices.air, room: setup.room });
  const { wetC } = drumAir({ heat: 'air', dryer: setup.dryer.kind, room: setup.room });
  simulation.dry(
    { ...whole, exchangeS: whole.exchangeS * luck.exchange * Math.exp(setup.learned.exchange) },
    { airC: roomC, wetC, rateKgPerS: rate * luck.rate * Math.exp(setup.learned.rate) },
    minutes,
  );
}

/** Rinses of a step at this count; the last step that rinses takes what is over. */
export function rinsesOf(setup: Setup, choices: Choices): Map<string, number> {
  const steps = setup.steps.filter((s) => s.settings.rinseModel !== undefined);
  let left = choices.rinses;
  return new Map(
    steps.map((s, n) => {
      const here = n === steps.length - 1 ? left : Math.min(left, s.settings.rinses ?? 0);
      left -= here;
      return [s.id, here];
    }),
  );
}

/** A step in water. @param rinses how many each step has, by its id. */
export function wet(simulation: Simulation, step: RehearsedStep, rinses: ReadonlyMap<string, number>): void {
  const { setup } = simulation;
  const { settings } = step;
  const waterC = settings.tempC ?? simulation.roomC;
  if (simulation.waterG === 0) simulation.log('wet');
  simulation.mark();
  simulation.hold(heldAt(setup.heldAt600, 0));
  const here = rinses.get(step.id) ?? 0;
  const usual = settings.rinses ?? 0;
  // A rinse more or less takes its time more or less.
  const each = step.phase === 'rinse' && usual > 0 ? (step.attendedMin + step.unattendedMin) / usual : RINSE_MIN;
  const all = step.attendedMin + step.unattendedMin + (here - usual) * (settings.rinseModel ? each : 0);
  const rinsing = settings.rinseModel ? Math.min(all, here * each) : 0;
  simulation.handsMin += step.attendedMin;
  if (step.phase === 'wash') {
    simulation.log('wash');
    if (settings.cleaner) {
      simulation.residue = 1;
      simulation.rinsed = 0;
    }
    if (setup.filled) simulation.clumps = fill.washed(simulation.clumps);
  }
  simulation.rest(all - rinsing, waterC);
  if (!settings.rinseModel) return;
  // The curve runs on from what is in it now: so many rinses in all as its residue has seen.
  for (let n = 0; n < here; n++) {
    simulation.rest(rinsing / here, waterC);
    simulation.rinsed++;
    simulation.residue =
      simulation.residue > 0 ? (rinseCurve(settings.rinseModel, simulation.rinsed)[simulation.rinsed - 1]?.total ?? 0) : 0;
    simulation.log('rinse', { n: simulation.rinsed });
    simulation.mark();
  }
}
