import { AIMS, CARES, type Aim, type Care, type DoneStep } from '../gear';
import type { ProgrammeStep } from '../document';
import { inForce } from './events';
import type { Run } from './state';
import { MINUTE_MS } from '../units/time';

/* What a run came to, from its events: the lines of its report. */

/** What carrying a verb through makes of a thing. */
const CARE_OF: Readonly<Record<string, Care>> = {
  'machine-wash': 'washed',
  'tub-wash': 'washed',
  'hand-wash': 'washed',
  'surface-clean': 'washed',
  'spray-extract': 'washed',
  'rinse-off': 'rinsed',
  air: 'aired',
  fluff: 'fluffed',
  'shake-out': 'fluffed',
  'heat-tumble': 'warmed',
  'heat-iron': 'warmed',
  'heat-hair-dryer': 'warmed',
  'heat-radiator': 'warmed',
  'spray-proof': 'renewed',
  'wash-in-proof': 'renewed',
  mend: 'mended',
  'work-feather-in': 'mended',
  condition: 'conditioned',
};
/** The aim that a care carries out. */
export const AIM_OF: Readonly<Partial<Record<Care, Aim>>> = {
  washed: 'wash',
  rinsed: 'rinse',
  'spot-cleaned': 'spot-clean',
  aired: 'air',
  fluffed: 'fluff',
  warmed: 'reactivate',
  renewed: 'renew',
  mended: 'repair',
};

/** How often a step was carried through; a later skip takes nothing back. */
export const carried = (run: Run, stepId: string): number => run.steps[stepId]?.times ?? 0;
const didStep = (run: Run, which: (step: ProgrammeStep) => boolean): boolean =>
  run.programme.steps.some((s) => which(s) && carried(run, s.id) > 0);

/** What was really done to the thing. */
export function caresOf(run: Run): Care[] {
  const did = run.programme.steps.flatMap((s) => (carried(run, s.id) > 0 && CARE_OF[s.do] ? [CARE_OF[s.do] as Care] : []));
  const washed = did.includes('washed');
  const spot = !washed && didStep(run, (s) => s.phase === 'pretreat');
  const aired = !washed && run.planned.aims.includes('air') && didStep(run, (s) => s.phase === 'dry');
  return CARES.filter(
    (care) =>
      // A rinse inside a wash is no care of its own; a treatment before one neither.
      (did.includes(care) && !(washed && care === 'rinsed')) || (care === 'spot-cleaned' && spot) || (care === 'aired' && aired),
  );
}
/** The aims that were carried out, in the vocabulary's order. */
export const aimsDone = (run: Run): Aim[] => {
  const did = caresOf(run);
  const downgraded = didStep(run, (s) => s.do === 'downgrade');
  return AIMS.filter((aim) => (aim === 'downgrade' ? downgraded : did.some((care) => AIM_OF[care] === aim)));
};

const isoOf = (ms: number): string => new Date(ms).toISOString();
const whole = (minutes: number): number => Math.round(minutes * 10) / 10;

/** What each step that was carried through or left out came to, in the order of the programme. */
export function doneSteps(run: Run): DoneStep[] {
  return run.programme.steps.flatMap((step) => {
    const state = run.steps[step.id];
    if (!state || (state.times === 0 && state.state !== 'skipped')) return [];
    const ended = state.looks.at(-1);
    const outcome =
      state.state === 'skipped' && state.times === 0 ? 'skipped' : ended ? (ended.passed ? 'passed' : 'failed') : 'done';
    const minutes = [...state.before, ...state.spells].map(whole);
    return [
      {
        stepId: step.id,
        do: step.do,
        title: step.title,
        outcome,
        times: state.times,
        ...(state.finishedAtMs === null ? {} : { at: isoOf(state.finishedAtMs) }),
        ...(minutes.length > 0 ? { minutes } : {}),
        ...(step.unattendedMin > 0 ? { plannedMin: step.unattendedMin } : {}),
        ...(state.satMin > 0 ? { satMin: state.satMin } : {}),
        ...(state.looks.length > 0
          ? { looks: state.looks.map((l) => ({ at: isoOf(l.atMs), passed: l.passed, ...(l.proof ? { proof: l.proof } : {}) })) }
          : {}),
        ...(state.way ? { way: state.way } : {}),
        ...(state.why ? { why: state.why } : {}),
        ...(state.together ? { together: true } : {}),
        ...(state.notes.length > 0 ? { note: state.notes.join('; ') } : {}),
      },
    ];
  });
}

/** Minutes from the first press to the last; a clock that was set does not count. */
export const tookMinutes = (run: Run): number =>
  Math.max(0, Math.round(((run.finishedAtMs ?? run.seenAtMs) - run.startedAtMs - run.clockMs) / MINUTE_MS));
/** Minutes that the plan gave it, hands and waiting together. */
export const plannedMinutes = (run: Run): number =>
  run.planned.steps.filter((s) => s.when === 'always').reduce((sum, s) => sum + s.attendedMin + s.unattendedMin, 0);

/** Ids of the photographs taken in it. */
export const photosOf = (run: Run): string[] => inForce(run.events).flatMap((e) => (e.type === 'photograph' ? [e.photoId] : []));
