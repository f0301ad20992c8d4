/**
 * One programme being carried out, as a log of events; the run as it stands is their fold. Timers are kept as the instant they end, so that
 * reload and sleep cannot lose them. Refuses: reading a clock, storing, sounding alarms.
 */
import {
  DROPLET_ZONES,
  type Droplet,
  type DropletZone,
  type DropTest,
  type Item,
  type LoftReading,
  type SupplyClass,
  type WeighIn,
} from '../gear';
import type { WayId } from '../knowledge';
import { RINSING_FIGURES, RUN_FIGURES, THRESHOLDS } from '../knowledge';
import type { Programme, ProgrammeStep } from '../document';
import { hasMove, inForce, type Happening, type RunEvent } from './events';
import { extended, foldRun } from './fold';
import { ranBy, stepIn, type Run, type StepRun } from './state';
import { MINUTE_MS } from '../units/time';

export { foldRun, recordOf } from './fold';
export { ranBy, type Run, type StepRun, type StepState } from './state';
export type { RunEvent, RunRecord, RunStatus } from './events';

/** A wet thing left longer than this after its timer is told of it, minutes. */
const LATE_AFTER_MIN = RUN_FIGURES.lateMin.value;
/** A round that is ended with more than this share of it to come is asked about. */
const CUT_SHORT_SHARE = RUN_FIGURES.cutShort.value;

/** True for filling that can lump and wander: it is felt for clumps. */
export const looseFill = ({ components }: Pick<Item, 'components'>): boolean =>
  components.some((c) => c.part === 'fill' && c.material === 'down');

/** Minutes of one more rinse in a drum. */
export const RINSE_MIN = RINSING_FIGURES.rinseMin.value;
/** True for rinses that are counted fill by fill, by hand. */
export const isCounted = (step: ProgrammeStep): boolean => step.do === 'bath-rinse';
/** Fresh fills that carrying a rinse through once more brings: in a bath each answer is one, in a drum a repeat is one more. */
export const fillsOnce = (step: ProgrammeStep, times: number): number =>
  isCounted(step) || times > 0 ? 1 : (step.settings.rinses ?? 0);

/**
 * Timer length of a step: one round where it goes in rounds, one part of a soak in parts, one rinse where it is repeated for suds, else all
 * it runs by itself.
 * @param now how far it is; the first round when left out.
 */
export function timerMinutes(step: ProgrammeStep, now?: Pick<StepRun, 'times' | 'round'>): number {
  const { rounds, checkEveryMin, soakParts } = step.settings;
  if (now && now.times > 0 && step.do === 'machine-rinse') return RINSE_MIN;
  if (soakParts) return soakParts[Math.min(now?.round ?? 0, soakParts.length - 1)] ?? 0;
  return rounds !== undefined && checkEveryMin !== undefined && rounds > 0
    ? Math.min(checkEveryMin, Math.max(1, step.unattendedMin))
    : step.unattendedMin;
}
/** Rounds or parts in which a step was meant to go. */
export const roundsOf = ({ settings }: ProgrammeStep): number => settings.soakParts?.length ?? settings.rounds ?? 1;

/** A step of the run by its id. */
export const stepOf = (run: Run, id: string | null): ProgrammeStep | undefined => stepIn(run.programme, id);
/** The step at which it stands; undefined when it has ended. */
export const current = (run: Run): ProgrammeStep | undefined => stepIn(run.programme, run.currentId);
const nowOf = (run: Run): StepRun | undefined => (run.currentId ? run.steps[run.currentId] : undefined);

/** Starts a run. Steps that only a failed look reaches wait behind it. */
export function startRun(programme: Programme, itemName: string, id: string, nowMs: number, machineId?: string): Run {
  return foldRun({
    id,
    itemId: programme.itemId,
    itemName,
    ...(machineId === undefined ? {} : { machineId }),
    programme,
    startedAtMs: nowMs,
    status: 'live',
    events: [],
  });
}

/** The run with more lines, all of one press. Lines that change nothing are not kept. */
function add(run: Run, nowMs: number, stepId: string | null, ...happenings: readonly Happening[]): Run {
  if (stepId === null) return run;
  const act = (run.events.at(-1)?.act ?? 0) + 1;
  const events: RunEvent[] = happenings.map((h) => ({ ...h, at: nowMs, stepId, act }));
  return extended(run, events);
}
const sameSteps = (a: Run, b: Run): boolean =>
  a.steps === b.steps || Object.keys(a.steps).every((id) => a.steps[id] === b.steps[id]);
/** As `add`, but the very same run when nothing moved: a press that came twice leaves no line. */
function move(run: Run, nowMs: number, stepId: string | null, ...happenings: readonly Happening[]): Run {
  const next = add(run, nowMs, stepId, ...happenings);
  return next.currentId === run.currentId &&
    next.status === run.status &&
    sameSteps(next, run) &&
    next.open.length === run.open.length &&
    next.programme.steps.length === run.programme.steps.length
    ? run
    : next;
}

/** One line at a step, wherever one stands. */
export const written = (run: Run, stepId: string, happening: Happening, nowMs: number): Run => add(run, nowMs, stepId, happening);
/** One line at a step, wherever one stands; the very same run when it moves nothing. */
export function press(run: Run, stepId: string, happening: Happening, nowMs: number): Run {
  const next = add(run, nowMs, stepId, happening);
  return next.alone === run.alone && sameSteps(next, run) ? run : next;
}
/** Starts the timer of the current step, or its next round. @param minutes length of this round; the step's own when left out. */
export function startTimer(run: Run, nowMs: number, minutes?: number): Run {
  const step = current(run);
  const now = nowOf(run);
  if (!step || !now) return run;
  return move(run, nowMs, step.id, { type: 'timer', minutes: minutes ?? timerMinutes(step, now) });
}
/** Stops the timer of the present step where it is. */
export const pauseTimer = (run: Run, nowMs: number): Run => move(run, nowMs, run.currentId, { type: 'paused' });
/** Lets the timer go on with what was left. */
export const resumeTimer = (run: Run, nowMs: number): Run => move(run, nowMs, run.currentId, { type: 'resumed' });

/** The run as it looks at an instant: a timer that has ended rings. The same run when nothing rings. */
export function tick(run: Run, nowMs: number): Run {
  const now = nowOf(run);
  if (run.status !== 'live' || now?.state !== 'running' || nowMs < now.endsAtMs) return run;
  return { ...run, steps: { ...run.steps, [now.stepId]: { ...now, state: 'elapsed' } } };
}

/** Milliseconds left on the current timer, 0 when it has ended, null when there is none. */
export function leftMs(run: Run, nowMs: number): number | null {
  const now = nowOf(run);
  if (!now) return null;
  if (now.state === 'paused') return now.leftMs;
  return now.endsAtMs === null ? null : Math.max(0, now.endsAtMs - nowMs);
}

/** Minutes by which the answer to an ended timer is late; 0 when in time. */
export function lateMinutes(run: Run, nowMs: number): number {
  const now = nowOf(run);
  if (now?.state !== 'elapsed' && now?.state !== 'running') return 0;
  const late = Math.floor((nowMs - now.endsAtMs) / MINUTE_MS);
  return late > LATE_AFTER_MIN ? late : 0;
}

/** Minutes that the present round has run when it would be ended now much too early, else null: what really ran is to be asked. */
export function cutShort(run: Run, nowMs: number): number | null {
  const step = current(run);
  const now = nowOf(run);
  if (!step || (now?.state !== 'running' && now?.state !== 'paused')) return null;
  const ran = ranBy(step, now, nowMs);
  return now.roundMin - ran > Math.max(1, now.roundMin * CUT_SHORT_SHARE) ? ran : null;
}

/** What a step uses when it is carried through as planned. */
export function plannedUse(
  step: ProgrammeStep,
): readonly { readonly class: SupplyClass; readonly ml: number; readonly supplyId?: string }[] {
  const { cleaner, doseMl, proofer, prooferMl, supplyId } = step.settings;
  const of = (cls: SupplyClass | undefined, ml: number | undefined) =>
    cls && ml ? [{ class: cls, ml, ...(supplyId ? { supplyId } : {}) }] : [];
  return [...of(cleaner, doseMl), ...of(proofer, prooferMl)];
}
/** How a step was carried through, where that differs from its plan. */
export interface Carried {
  /** Minutes that the present round really ran. */
  readonly ranMin?: number;
  /** mL of each agent, where it was measured. */
  readonly usedMl?: Partial<Record<SupplyClass, number>>;
  /** Litres of the bath, where they were measured. */
  readonly litres?: number;
  readonly note?: string;
}
const uses = (step: ProgrammeStep, { usedMl }: Carried): Happening[] =>
  plannedUse(step).flatMap((use) => {
    const ml = usedMl?.[use.class] ?? use.ml;
    return ml > 0 ? [{ type: 'used', ...use, ml }] : [];
  });
const notesOf = ({ note, litres }: Carried): Happening[] => [
  ...(note ? ([{ type: 'noted', text: note }] as const) : []),
  ...(litres ? ([{ type: 'filled', litres }] as const) : []),
];
const ran = ({ ranMin }: Carried): { ranMin?: number } => (ranMin === undefined ? {} : { ranMin });

/** Writes something down at the current step; it stands in the record with it. */
export const noteStep = (run: Run, text: string, nowMs: number): Run =>
  text.trim() === '' ? run : add(run, nowMs, run.currentId, { type: 'noted', text: text.trim() });
/** A photograph was taken at a step; it is kept a little later, when one may already stand at another. */
export const photographed = (run: Run, photoId: string, stepId: string, nowMs: number): Run =>
  add(run, nowMs, stepId, { type: 'photograph', photoId });
/** Marks a baffle as clumped at this look, or takes the mark away again. */
export const markClump = (run: Run, baffle: string, nowMs: number): Run =>
  add(run, nowMs, run.currentId, { type: 'clump', baffle, felt: !(nowOf(run)?.clumps ?? []).includes(baffle) });
/** Baffles in which clumps were felt at the newest look of a run that has any; oldest marks are passed over. */
export const clumpsOf = (run: Run): readonly string[] =>
  run.programme.steps
    .map((s) => run.steps[s.id]?.clumps)
    .filter((c) => c !== undefined)
    .at(-1) ?? [];

/** It was weighed, g. @param dryMin minutes of drying so far, where it dries. */
export const weighIn = (
  run: Run,
  weight: {
    readonly massG: number;
    readonly after: NonNullable<WeighIn['after']>;
    readonly dryMin?: number;
    readonly rhPercent?: number;
  },
  nowMs: number,
): Run => add(run, nowMs, run.currentId, { type: 'weighed', ...weight });
/** It was measured beside the ruler, mm by baffle. */
export const measureLoft = (run: Run, readings: readonly LoftReading[], nowMs: number): Run =>
  readings.length === 0 ? run : add(run, nowMs, run.currentId, { type: 'loft', readings });

type Look = Pick<ProgrammeStep, 'check'> | undefined;
/** The grade of drops from which a look passes, 1 to 5. */
export const passesFrom = (look: Look): number => look?.check?.fromGrade ?? THRESHOLDS.dropFine;
/** The zones on which drops fail at a look, in the order a hand goes over the thing. */
export function failingZones(grades: Readonly<Droplet>, look: Look): DropletZone[] {
  const from = passesFrom(look);
  return DROPLET_ZONES.filter((zone) => (grades[zone] ?? from) < from);
}
/** True when every zone that was tried sheds water. */
const dropsPass = (grades: Readonly<Droplet>, look: Look): boolean =>
  Object.values(grades).some((g) => g !== undefined) && failingZones(grades, look).length === 0;
/** The newest grade of every zone that was tried since the thing was last wetted. */
export function gradesOf(run: Run, stepId: string): Droplet {
  const since = run.steps[stepId]?.sinceMs ?? 0;
  return inForce(run.events).reduce<Droplet>(
    (all, e) => (e.type === 'drops' && e.stepId === stepId && e.at >= since ? { ...all, ...e.grades } : all),
    {},
  );
}
/** Drops were tried, grade 0–5 by zone, in this way: that answers the look. A zone that failed before and was not tried again fails still. */
export function gradeDrops(run: Run, grades: Readonly<Droplet>, nowMs: number, test?: DropTest): Run {
  const step = current(run);
  if (!step?.check || Object.keys(grades).length === 0) return run;
  return move(
    run,
    nowMs,
    step.id,
    { type: 'drops', grades, ...(test ? { test } : {}) },
    {
      type: 'look',
      passed: dropsPass({ ...gradesOf(run, step.id), ...grades }, step),
    },
  );
}
/** It was looked over as a whole, soil 0–4 and smell 0–3: that answers the look. */
export function seeWhole(run: Run, seen: { readonly soil: number; readonly odour: number }, nowMs: number): Run {
  const step = current(run);
  if (!step?.check) return run;
  return move(run, nowMs, step.id, { type: 'seen', ...seen }, { type: 'look', passed: seen.soil === 0 && seen.odour === 0 });
}

/** The step is done; on to the next. */
export function finishStep(run: Run, nowMs: number, how: Carried = {}): Run {
  const step = current(run);
  return step ? move(run, nowMs, step.id, ...uses(step, how), ...notesOf(how), { type: 'done', ...ran(how) }) : run;
}
/** Passes a step over, with the reason. */
export const skipStep = (run: Run, nowMs: number, why: string): Run => move(run, nowMs, run.currentId, { type: 'skipped', why });

/**
 * Answers the look of the current step. Passed: on. Failed: its remedy, then the same look again; after too many failures the ways out are
 * asked for.
 */
export function answerCheck(
  run: Run,
  passed: boolean,
  nowMs: number,
  how: Carried & { readonly proof?: 'weights' | 'hand' } = {},
): Run {
  const step = current(run);
  if (!step) return run;
  const { proof } = how;
  return move(run, nowMs, step.id, ...uses(step, how), ...notesOf(how), {
    type: 'look',
    passed,
    ...(proof ? { proof } : {}),
    ...ran(how),
  });
}
/** Chooses a way out of a look that failed too often. */
export const chooseWay = (run: Run, way: WayId, nowMs: number): Run => move(run, nowMs, run.currentId, { type: 'way', way });
/** Puts it away although a look is open, or takes that look after all. */
export const putAwayAsItIs = (run: Run, nowMs: number): Run => move(run, nowMs, run.currentId, { type: 'as-it-is' });
/** Takes a look that was left open after all. */
export const lookAfterAll = (run: Run, checkId: string, nowMs: number): Run =>
  move(run, nowMs, run.currentId, { type: 'back-to', checkId });

/** Still suds at the end of a step that has no look of its own: one more rinse comes next. The new step is kept in this run only. */
export function addRinse(run: Run, rinse: ProgrammeStep, nowMs: number, how: Carried = {}): Run {
  const step = current(run);
  if (!step || run.steps[rinse.id]) return run;
  return move(run, nowMs, step.id, { type: 'taken-in', step: rinse }, ...uses(step, how), { type: 'done', ...ran(how) });
}
/** From this step on it goes into another machine or place. */
export const moveTo = (
  run: Run,
  to: { readonly washerId?: string; readonly dryerId?: string; readonly place?: string },
  nowMs: number,
): Run => add(run, nowMs, run.currentId, { type: 'moved', to });

/** True when there is a press to go back over. */
export const canGoBack = (run: Run): boolean => hasMove(run.events);
/** Goes back over the last press that moved the work, with what it used and measured. */
export function stepBack(run: Run, nowMs: number): Run {
  const at = run.currentId ?? run.events.at(-1)?.stepId ?? null;
  return move(run, nowMs, at, { type: 'undone' });
}

/** Ends it here; what was done so far stays done. */
export const stopRun = (run: Run, nowMs: number): Run => add(run, nowMs, run.currentId, { type: 'stopped' });
/** True when nothing was carried out yet: there is nothing to keep. */
export const isUntouched = (run: Run): boolean =>
  Object.values(run.steps).every((s) => s.times === 0 && s.spells.length === 0 && s.state !== 'running' && s.state !== 'elapsed');
/** Ends it with nothing of it to be written. */
export const dropRun = (run: Run): Run => ({ ...run, status: 'dropped' });

/** The way out that sent the work to where it stands: at the look itself, or on the way to its remedy and back; null when none did. */
export function wayHere(run: Run): WayId | null {
  const checkId = run.detours.at(-1)?.checkId ?? run.currentId;
  const check = checkId === null ? undefined : run.steps[checkId];
  return check?.way !== undefined && check.failures > 0 ? check.way : null;
}
/** The zones that are to be treated alone: when that was chosen, and those that failed their drops where the finish is sprayed again for it. */
export function zonesHere(run: Run): readonly DropletZone[] {
  const checkId = run.detours.at(-1)?.checkId;
  if (checkId === undefined) return [];
  const alone = wayHere(run) === 'this-zone' || current(run)?.settings.spray !== undefined;
  return alone ? failingZones(gradesOf(run, checkId), stepIn(run.programme, checkId)) : [];
}

/** Moves every running timer by the same amount, when the device's clock was set and no time passed. */
export const shiftClock = (run: Run, byMs: number): Run =>
  add(run, run.seenAtMs + byMs, run.currentId ?? '', { type: 'clock', byMs });

/** A clock set back shows as an instant earlier than one already seen: the timers move with it. Returns the same run otherwise. */
export function mendClock(run: Run, nowMs: number): Run {
  const back = run.seenAtMs - nowMs;
  return back > MINUTE_MS ? shiftClock(run, -back) : run;
}
