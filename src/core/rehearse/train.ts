/** A goal to reach, and what hurt: what each choice would have done to the plan on its own, and which one to put right first. Refuses: marks. */
import { seededRandom } from '../units/seeded';
import { AIRS, BALLS, offered, planned, ROUND_MIN, type ChoiceId, type Choices } from './choices';
import { rehearse } from './index';
import type { Setup } from './setup';
import { NO_LUCK, type Luck } from './luck';
import type { Rehearsal } from './types';
import { REHEARSED_FIGURES } from '../knowledge';

/** What one choice does: the outcome of the plan with only this changed, less the outcome of the plan. */
export interface Effect {
  readonly choice: ChoiceId;
  readonly yours: Choices[ChoiceId];
  readonly plans: Choices[ChoiceId];
  /** Later (+) or sooner (−) put away, min, and inside its dry band; null when one of the two never was. */
  readonly endMin: number;
  readonly dryMin: number | null;
  /** More water put away, g; more in clumps and more cleaner left, as shares; more minutes too hot. */
  readonly waterG: number;
  readonly clumps: number;
  readonly residue: number;
  readonly hotMin: number;
}
const hotMin = (r: Rehearsal): number => r.risks.reduce((sum, k) => sum + (k.id === 'too-hot' ? k.minutes : 0), 0);

/** From here on an effect is worth a line. */
export const TOLD = {
  minutes: REHEARSED_FIGURES.toldMin.value,
  waterG: REHEARSED_FIGURES.toldWaterG.value,
  clumps: REHEARSED_FIGURES.toldClumps.value,
  residue: REHEARSED_FIGURES.toldCleaner.value,
  hotMin: REHEARSED_FIGURES.toldHotMin.value,
} as const;
const worthTelling = (e: Effect): boolean =>
  Math.abs(e.dryMin ?? 0) >= TOLD.minutes ||
  Math.abs(e.endMin) >= TOLD.minutes ||
  Math.abs(e.waterG) >= TOLD.waterG ||
  Math.abs(e.clumps) >= TOLD.clumps ||
  Math.abs(e.residue) >= TOLD.residue ||
  Math.abs(e.hotMin) >= TOLD.hotMin;

const different = (setup: Setup, choices: Choices): ChoiceId[] => {
  const own = planned(setup);
  return (Object.keys(offered(setup)) as ChoiceId[]).filter((id) => choices[id] !== own[id]);
};
const waterOf = (r: Rehearsal): number => r.end.shellG + r.end.coreG;

/** What each choice that differs from the plan does, the greatest harm first. */
export function effectsOf(setup: Setup, choices: Choices, luck: Luck): Effect[] {
  const own = planned(setup);
  const plans = rehearse(setup, own, luck);
  return different(setup, choices)
    .map((choice) => {
      const alone = rehearse(setup, { ...own, [choice]: choices[choice] }, luck);
      return {
        choice,
        yours: choices[choice],
        plans: own[choice],
        endMin: alone.endMin - plans.endMin,
        dryMin: alone.dryAtMin === null || plans.dryAtMin === null ? null : alone.dryAtMin - plans.dryAtMin,
        waterG: waterOf(alone) - waterOf(plans),
        clumps: alone.end.clumps - plans.end.clumps,
        residue: alone.end.residue - plans.end.residue,
        hotMin: hotMin(alone) - hotMin(plans),
      };
    })
    .filter(worthTelling)
    .sort((a, b) => harm(b) - harm(a));
}
/** The one choice whose putting right spares the most of what went wrong; null when none spares anything. */
export function firstToMend(setup: Setup, choices: Choices, luck: Luck): Mend | null {
  const own = planned(setup);
  const now = rehearse(setup, choices, luck);
  let best: { choice: ChoiceId; left: number; hurt: number } | null = null;
  for (const choice of different(setup, choices)) {
    const mended = rehearse(setup, { ...choices, [choice]: own[choice] }, luck);
    const left = mended.risks.length;
    const hurt = hotMin(mended) / 10 + waterOf(mended) / 10 + mended.end.clumps * 10 + mended.end.residue * 10;
    if (left < now.risks.length && (best === null || left < best.left || (left === best.left && hurt < best.hurt)))
      best = { choice, left, hurt };
  }
  return best && { choice: best.choice, to: own[best.choice], left: best.left };
}
/** A choice to put right, what the plan has there, and how many harms are left then. */
export interface Mend {
  readonly choice: ChoiceId;
  readonly to: Choices[ChoiceId];
  readonly left: number;
}
const harm = (e: Effect): number => e.hotMin / 10 + e.waterG / 10 + e.clumps * 10 + e.residue * 10 + (e.dryMin ?? e.endMin) / 60;

/** The soonest unharmed end that these machines allow, or null when nothing tried is unharmed. */
export function soonest(setup: Setup, luck: Luck): { readonly choices: Choices; readonly endMin: number } | null {
  const can = offered(setup);
  const own = planned(setup);
  const base: Choices = {
    ...own,
    ...(can.rounds ? { rounds: 'weighs' } : {}),
    ...(can.balls ? { balls: BALLS[BALLS.length - 1] } : {}),
  };
  const heats = can.heat ? setup.limits.heats : [base.heat];
  let best: { choices: Choices; endMin: number } | null = null;
  for (const heat of heats.length > 0 ? heats : [base.heat])
    for (const roundMin of can.roundMin ? ROUND_MIN : [base.roundMin])
      for (const air of can.air ? AIRS : [base.air])
        for (const hangMin of can.hangMin ?? [base.hangMin]) {
          const choices: Choices = { ...base, heat, roundMin, air, hangMin };
          const { endMin, risks, dryAtMin } = rehearse(setup, choices, luck);
          if (risks.length === 0 && dryAtMin !== null && (best === null || endMin < best.endMin)) best = { choices, endMin };
        }
  return best;
}

/** A goal for this thing and these machines: minutes from the start by which it should be put away; some goals cannot be reached. */
export function goalOf(setup: Setup, seed: number): number {
  const best = soonest(setup, NO_LUCK)?.endMin ?? rehearse(setup, planned(setup), NO_LUCK).endMin;
  const slack = GOAL.least + (GOAL.most - GOAL.least) * seededRandom(seed ^ GOAL.salt)();
  return Math.round((best * slack) / GOAL.stepMin) * GOAL.stepMin;
}
const GOAL = { least: 0.97, most: 1.3, stepMin: 15, salt: 0x5eed } as const;

/** How somebody in a hurry would go about it: where a lesson begins. */
export function hasty(setup: Setup): Choices {
  const can = offered(setup);
  return {
    ...planned(setup),
    ...(can.heat ? { heat: 'medium', checkHeat: false, loads: 2 } : {}),
    ...(can.rounds ? { rounds: 'feels' } : {}),
    ...(can.balls ? { balls: 0 } : {}),
    ...(can.delayMin ? { delayMin: 45 } : {}),
    ...(can.hangMin ? { hangMin: can.hangMin[1] ?? 60 } : {}),
  };
}

export type Kept = 'in-time' | 'dry' | 'unhurt' | 'even';
export interface Debrief {
  readonly goalMin: number;
  readonly rehearsal: Rehearsal;
  readonly kept: Readonly<Record<Kept, boolean>>;
  readonly effects: readonly Effect[];
  readonly mend: Mend | null;
  /** The soonest unharmed end with the same luck, and whether it would have met the goal. */
  readonly best: { readonly choices: Choices; readonly endMin: number } | null;
}
/** What became of the goal, and what hurt. */
export function debrief(setup: Setup, choices: Choices, luck: Luck, goalMin: number): Debrief {
  const rehearsal = rehearse(setup, choices, luck);
  const has = (id: string): boolean => rehearsal.risks.some((r) => r.id === id);
  return {
    goalMin,
    rehearsal,
    kept: {
      'in-time': rehearsal.endMin <= goalMin,
      dry: !has('put-away-wet'),
      unhurt: !has('too-hot') && !has('spun-hard') && !has('lay-wet') && !has('residue'),
      even: !has('clumped'),
    },
    effects: effectsOf(setup, choices, luck),
    mend: firstToMend(setup, choices, luck),
    best: soonest(setup, luck),
  };
}
