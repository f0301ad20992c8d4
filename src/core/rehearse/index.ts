/**
 * A programme run forward in simulated time: water in shell and core, the cloth's temperature, clumps, cleaner that is left, and what it
 * would hurt. The same drying and rinsing models as in plans, stepped through time. Refuses: promising; it shows what to look out for.
 */
import { dryBandG } from '../drying';
import { heldAt } from '../rinsing';
import { planned, type Choices } from './choices';
import { Course, drumOf, hang, rinsesOf, rounds, wet } from './course';
import * as fill from './fill';
import { inAir, inDrum, inRounds, isWet, type Stage, type StageStep } from './stage';
import type { Story } from './story';
import type { Moment, Rehearsal, Risk } from './types';
import { REHEARSED_FIGURES } from '../knowledge';

export * from './choices';
export * from './stage';
export { LOOK_MIN } from './course';
export { PLAIN, storyOf, type Story } from './story';
export type * from './types';

/** A wet filled thing may lie so long before it is told, and before it smells, min. */
const MAY_LIE_MIN = REHEARSED_FIGURES.mayLieMin.value;
const SMELLS_MIN = REHEARSED_FIGURES.smellsMin.value;
/** Clumps that hands would still feel. */
const FELT = REHEARSED_FIGURES.feltClumps.value;

/** True when something here gets wet, dries or is warmed, so that there is something to rehearse. */
export const canRehearse = ({ steps, dampKgPerKg }: Stage): boolean =>
  steps.some((s) => inDrum(s) || s.settings.dryModel !== undefined || (dampKgPerKg > 0 && inAir(s)));

/** Water that it holds when its drying begins, kg per kg dry. */
function heldAtDrying(stage: Stage, choices: Choices): number {
  const model = stage.steps.find((s) => s.settings.dryModel)?.settings.dryModel;
  const held = model?.heldKgPerKg ?? stage.dampKgPerKg;
  const asPlanned = planned(stage).spinRpm;
  if (!stage.spun || choices.spinRpm === asPlanned) return held;
  return (held * heldAt(stage.heldAt600, choices.spinRpm)) / heldAt(stage.heldAt600, asPlanned);
}

/** What a step does to it. */
function carry(course: Course, step: StageStep, choices: Choices, rinses: ReadonlyMap<string, number>): void {
  const { stage } = course;
  if (isWet(step)) return wet(course, step, rinses);
  // Rounds count their own looks.
  if (inRounds(step)) return rounds(course);
  course.handsMin += step.attendedMin;
  if (inDrum(step)) {
    const drum = drumOf(course, choices.heat);
    course.tell('warmed', { heat: choices.heat });
    return course.dry(drum.body, drum.step, step.unattendedMin + step.attendedMin, () => {
      if (stage.filled)
        course.clumps = fill.tumbled(course.clumps, fill.floorOf(course.residue), course.core, choices.balls, drum.turns);
    });
  }
  if (inAir(step)) {
    course.tell('hangs', {});
    return hang(course, step.settings.dryModel ? choices.hangMin : step.unattendedMin + step.attendedMin);
  }
  course.rest(step.attendedMin + step.unattendedMin);
  if (step.phase === 'restore' && stage.filled && step.unattendedMin === 0) {
    course.clumps = fill.pulled(course.clumps, fill.floorOf(course.residue), course.core);
    course.tell('evened');
  }
}

/**
 * Runs a programme forward.
 * @param choices what is done otherwise than planned; `planned(stage)` for the plan itself.
 * @param story what chance brings; `PLAIN` for nothing.
 */
export function rehearse(stage: Stage, choices: Choices, story: Story): Rehearsal {
  const course = new Course(stage, choices, story);
  const rinses = rinsesOf(stage, choices);
  const lastWet = stage.steps.reduce((last, s, n) => (isWet(s) ? n : last), -1);
  const held = heldAtDrying(stage, choices);
  if (lastWet < 0) course.hold(held);
  course.mark();
  const begin = (): void => {
    course.startG = course.waterG;
  };
  if (lastWet < 0) begin();
  for (const [n, step] of stage.steps.entries()) {
    const fromMin = course.minute;
    carry(course, step, choices, rinses);
    if (course.minute > fromMin) course.bands.push({ step: step.id, phase: step.phase, fromMin, toMin: course.minute });
    if (n !== lastWet) continue;
    course.hold(held);
    course.mark();
    begin();
    if (choices.delayMin > 0) {
      course.tell('waits', { n: choices.delayMin });
      const waitsFrom = course.minute;
      if (stage.filled) course.clumps = fill.lain(course.clumps, choices.delayMin);
      course.rest(choices.delayMin);
      course.bands.push({ step: 'waits', phase: 'extract', fromMin: waitsFrom, toMin: course.minute });
    }
  }
  course.tell('stored');
  course.mark();
  return told(course);
}

function told(course: Course): Rehearsal {
  const { stage, moments, happened } = course;
  const bandG = dryBandG(stage.dryG);
  const wetAtMin = happened.find((h) => h.id === 'wet')?.minutes ?? 0;
  let lastDamp = -1;
  moments.forEach((m, n) => {
    if (m.shellG + m.coreG > bandG) lastDamp = n;
  });
  const end = moments[moments.length - 1] as Moment;
  return {
    moments: course.drawn,
    happened,
    bands: course.bands,
    wetAtMin,
    endMin: course.minute,
    dryAtMin: moments[lastDamp + 1]?.minutes ?? null,
    end,
    hottestC: Math.max(...moments.map((m) => m.fabricC)),
    handsMin: course.handsMin,
    risks: risksOf(course, end, bandG),
    balance: { startG: course.startG, evaporatedG: course.evaporatedG, leftG: end.shellG + end.coreG },
  };
}

function risksOf({ stage, choices, moments, happened }: Course, end: Moment, bandG: number): Risk[] {
  const risks: Risk[] = [];
  const { fabricMaxC, spinMaxRpm } = stage.limits;
  if (fabricMaxC !== null && stage.steps.some(inDrum)) {
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
  if (stage.filled && happened.some((h) => h.id === 'wash')) {
    const later = fill.stored(end.clumps, waterG > bandG ? waterG / stage.dryG : 0);
    if (later > FELT) risks.push({ id: 'clumped', share: end.clumps, later });
  }
  const target = stage.steps.find((s) => s.settings.rinseModel)?.settings.rinseModel?.target;
  if (target !== undefined && end.residue > target) risks.push({ id: 'residue', share: end.residue, target });
  if (choices.delayMin > MAY_LIE_MIN)
    risks.push({ id: 'lay-wet', minutes: choices.delayMin, smells: choices.delayMin >= SMELLS_MIN });
  if (spinMaxRpm !== null && stage.spun && choices.spinRpm > spinMaxRpm)
    risks.push({ id: 'spun-hard', rpm: choices.spinRpm, limitRpm: spinMaxRpm });
  return risks;
}
