/**
 * A programme run forward in simulated time: water in shell and core, the cloth's temperature, clumps, cleaner that is left, and what it
 * would hurt. The same drying and rinsing models as in plans, stepped through time. Refuses: promising; it shows what to look out for.
 */
import { dryBandG } from '../drying';
import { heldAt } from '../rinsing';
import { planned, type Choices } from './choices';
import { Simulation, drumOf, hang, rinsesOf, rounds, tumble, wet } from './simulation';
import * as fill from './fill';
import { inAir, inDrum, inRounds, isWet, type Setup, type RehearsedStep } from './setup';
import type { Luck } from './luck';
import type { Moment, Rehearsal, Risk } from './types';
import { REHEARSED_FIGURES } from '../knowledge';

export * from './choices';
export * from './setup';
export { LOOK_MIN } from './simulation';
export { NO_LUCK, luckOf, type Luck } from './luck';
export type * from './types';

/** A wet filled thing may lie so long before it is told, and before it smells, min. */
const MAY_LIE_MIN = REHEARSED_FIGURES.mayLieMin.value;
const SMELLS_MIN = REHEARSED_FIGURES.smellsMin.value;
/** Clumps that hands would still feel. */
const FELT = REHEARSED_FIGURES.feltClumps.value;

/** True when something here gets wet, dries or is warmed, so that there is something to rehearse. */
export const canRehearse = ({ steps, dampKgPerKg }: Setup): boolean =>
  steps.some((s) => inDrum(s) || s.settings.dryModel !== undefined || (dampKgPerKg > 0 && inAir(s)));

/** Water that it holds when its drying begins, kg per kg dry. */
function heldAtDrying(setup: Setup, choices: Choices): number {
  const model = setup.steps.find((s) => s.settings.dryModel)?.settings.dryModel;
  const heldKgPerKg = model?.heldKgPerKg ?? setup.dampKgPerKg;
  const asPlanned = planned(setup).spinRpm;
  if (!setup.spun || choices.spinRpm === asPlanned) return heldKgPerKg;
  return (heldKgPerKg * heldAt(setup.heldAt600, choices.spinRpm)) / heldAt(setup.heldAt600, asPlanned);
}

/** What a step does to it. */
function carry(simulation: Simulation, step: RehearsedStep, choices: Choices, rinses: ReadonlyMap<string, number>): void {
  const { setup } = simulation;
  if (isWet(step)) return wet(simulation, step, rinses);
  // Rounds count their own looks.
  if (inRounds(step)) return rounds(simulation);
  simulation.handsMin += step.attendedMin;
  if (inDrum(step)) {
    const drum = drumOf(simulation, choices.heat);
    simulation.log('warmed', { heat: choices.heat });
    return tumble(simulation, drum, step.unattendedMin + step.attendedMin);
  }
  if (inAir(step)) {
    simulation.log('hangs', {});
    return hang(simulation, step.settings.dryModel ? choices.hangMin : step.unattendedMin + step.attendedMin);
  }
  simulation.rest(step.attendedMin + step.unattendedMin);
  if (step.phase === 'restore' && setup.filled && step.unattendedMin === 0) {
    simulation.clumps = fill.pulled(simulation.clumps, fill.floorOf(simulation.residue), simulation.core);
    simulation.log('evened');
  }
}

/**
 * Runs a programme forward.
 * @param choices what is done otherwise than planned; `planned(setup)` for the plan itself.
 * @param luck what chance brings; `NO_LUCK` for nothing.
 */
export function rehearse(setup: Setup, choices: Choices, luck: Luck): Rehearsal {
  const simulation = new Simulation(setup, choices, luck);
  const rinses = rinsesOf(setup, choices);
  const lastWet = setup.steps.reduce((last, s, n) => (isWet(s) ? n : last), -1);
  const held = heldAtDrying(setup, choices);
  if (lastWet < 0) simulation.hold(held);
  simulation.mark();
  const begin = (): void => {
    simulation.startG = simulation.waterG;
  };
  if (lastWet < 0) begin();
  for (const [n, step] of setup.steps.entries()) {
    const fromMin = simulation.minute;
    carry(simulation, step, choices, rinses);
    if (simulation.minute > fromMin)
      simulation.bands.push({ step: step.id, phase: step.phase, fromMin, toMin: simulation.minute });
    if (n !== lastWet) continue;
    simulation.hold(held);
    simulation.mark();
    begin();
    if (choices.delayMin > 0) {
      simulation.log('waits', { n: choices.delayMin });
      const waitsFrom = simulation.minute;
      if (setup.filled) simulation.clumps = fill.lain(simulation.clumps, choices.delayMin);
      simulation.rest(choices.delayMin);
      simulation.bands.push({ step: 'waits', phase: 'extract', fromMin: waitsFrom, toMin: simulation.minute });
    }
  }
  simulation.log('stored');
  simulation.mark();
  return rehearsalOf(simulation);
}

function rehearsalOf(simulation: Simulation): Rehearsal {
  const { setup, moments, happened } = simulation;
  const bandG = dryBandG(setup.dryG);
  const wetAtMin = happened.find((h) => h.id === 'wet')?.minutes ?? 0;
  let lastDamp = -1;
  moments.forEach((m, n) => {
    if (m.shellG + m.coreG > bandG) lastDamp = n;
  });
  const end = moments[moments.length - 1] as Moment;
  return {
    moments: simulation.drawn,
    happened,
    bands: simulation.bands,
    wetAtMin,
    endMin: simulation.minute,
    dryAtMin: moments[lastDamp + 1]?.minutes ?? null,
    end,
    hottestC: Math.max(...moments.map((m) => m.fabricC)),
    handsMin: simulation.handsMin,
    risks: risksOf(simulation, end, bandG),
    balance: { startG: simulation.startG, evaporatedG: simulation.evaporatedG, leftG: end.shellG + end.coreG },
  };
}

function risksOf({ setup, choices, moments, happened }: Simulation, end: Moment, bandG: number): Risk[] {
  const risks: Risk[] = [];
  const { fabricMaxC, spinMaxRpm } = setup.limits;
  if (fabricMaxC !== null && setup.steps.some(inDrum)) {
    const over = moments.filter((m) => m.fabricC > fabricMaxC);
    const first = over[0];
    if (first) {
      let minutes = 0;
      moments.forEach((m, n) => {
        if (m.fabricC > fabricMaxC) minutes += m.minutes - (moments[n - 1]?.minutes ?? m.minutes);
      });
      risks.push({
        id: 'too-hot',
        minutes,
        maxC: Math.max(...over.map((m) => m.fabricC)),
        limitC: fabricMaxC,
        atMin: first.minutes,
      });
    }
  }
  const waterG = end.shellG + end.coreG;
  if (waterG > bandG) risks.push({ id: 'put-away-wet', waterG, coreG: end.coreG, bandG });
  if (setup.filled && happened.some((h) => h.id === 'wash')) {
    const later = fill.stored(end.clumps, waterG > bandG ? waterG / setup.dryG : 0);
    if (later > FELT) risks.push({ id: 'clumped', share: end.clumps, later });
  }
  const target = setup.steps.find((s) => s.settings.rinseModel)?.settings.rinseModel?.target;
  if (target !== undefined && end.residue > target) risks.push({ id: 'residue', share: end.residue, target });
  if (choices.delayMin > MAY_LIE_MIN)
    risks.push({ id: 'lay-wet', minutes: choices.delayMin, smells: choices.delayMin >= SMELLS_MIN });
  if (spinMaxRpm !== null && setup.spun && choices.spinRpm > spinMaxRpm)
    risks.push({ id: 'spun-hard', rpm: choices.spinRpm, limitRpm: spinMaxRpm });
  return risks;
}
