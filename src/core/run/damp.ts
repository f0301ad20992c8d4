/**
 * The drying of a run: how long it has dried, what its weights say, and whether it is dry by the whole rule. Refuses: deciding for the
 * hands; what they found is asked for.
 */
import { bodyOf, dryBandG, waterAfter, type Body } from '../drying';
import { doubtWeight, judgeDry, type Doubt } from '../drying/dry';
import { estimateDrying, nextRound, type Estimate, type EstimateInput } from '../drying/estimate';
import { dryMassNow } from '../drying/sorption';
import type { Item, Room, WeighIn } from '../gear';
import type { ProgrammeStep } from '../document';
import { ranBy, timerMinutes, type Run } from './index';
import { inForce } from './events';
import { DRYING_FIGURES } from '../knowledge';

/** How sure a dry mass is, one standard deviation, g: weighed, and taken from its kind. */
const DRY_SD = { weighed: DRYING_FIGURES.dryWeighedSdG.value, typicalShare: DRYING_FIGURES.dryTypicalSd.value } as const;

/** Minutes that a step has dried since it was last wetted: its ended rounds, and what has run of the present one. */
export function dryingMinutes(run: Run, step: ProgrammeStep, nowMs: number): number {
  const state = run.steps[step.id];
  if (!state) return 0;
  return state.spells.reduce((sum, m) => sum + m, 0) + ranBy(step, state, nowMs);
}

/** Weights of the present drying of a run, by minutes of drying. */
function weighedIn(run: Run, step: ProgrammeStep): { readonly minutes: number; readonly massG: number }[] {
  const since = run.steps[step.id]?.sinceMs ?? 0;
  return inForce(run.events)
    .flatMap((e) =>
      e.type === 'weighed' && e.dryMin !== undefined && e.at >= since ? [{ minutes: e.dryMin, massG: e.massG }] : [],
    )
    .sort((a, b) => a.minutes - b.minutes);
}

/** The newest weight taken dry, in this run or before it, and the humidity then. */
function recordedDry(
  item: Item,
  weighIns: readonly WeighIn[],
  run: Run,
): { readonly g: number; readonly rh: number | undefined } | null {
  const here = inForce(run.events).flatMap((e) =>
    e.type === 'weighed' && e.after === 'dry' && run.programme.steps.find((s) => s.id === e.stepId)?.phase === 'prepare-item'
      ? [{ at: new Date(e.at).toISOString(), massG: e.massG, rhPercent: e.rhPercent }]
      : [],
  );
  const dry = [...weighIns.filter((w) => w.itemId === item.id && w.after === 'dry' && w.runId !== run.id), ...here];
  const newest = dry.sort((a, b) => (a.at < b.at ? 1 : -1))[0];
  if (newest) return { g: newest.massG, rh: newest.rhPercent };
  return item.massG === undefined ? null : { g: item.massG, rh: undefined };
}

/** Dry mass to be expected at the room's humidity, g; null when it was never weighed dry. */
export function expectedDryG(item: Item, weighIns: readonly WeighIn[], run: Run, room: Room | undefined): number | null {
  const recorded = recordedDry(item, weighIns, run);
  return recorded && dryMassNow(item, recorded.g, recorded.rh, room?.rhPercent);
}

export interface Damp {
  readonly minutes: number;
  readonly estimate: Estimate;
  /** Dry mass to be expected now, g; null when it was never weighed. */
  readonly expectedG: number | null;
  readonly weighed: readonly { readonly minutes: number; readonly massG: number }[];
  readonly nextRoundMin: number;
  /** Water left over drying time, g: the fitted middle and the ends of its interval. */
  readonly curve: readonly { readonly minutes: number; readonly middle: number }[];
  readonly dryAtG: number;
  readonly judged: ReturnType<typeof judgeDry>;
}

/** Everything the page shows of a drying step, or null when the step dries nothing. */
export function dampOf(
  run: Run,
  step: ProgrammeStep,
  item: Item,
  weighIns: readonly WeighIn[],
  room: Room | undefined,
  nowMs: number,
  hands: { readonly clump: boolean | null; readonly dampCore: boolean | null } = { clump: null, dampCore: null },
): Damp | null {
  const model = step.settings.dryModel;
  if (!model || !(model.rateKgPerS > 0)) return null;
  const expectedG = expectedDryG(item, weighIns, run, room);
  const dryG = expectedG ?? model.dryG;
  const minutes = dryingMinutes(run, step, nowMs);
  const weighed = weighedIn(run, step);
  const body: Body = { ...bodyOf(dryG / 1000, model.coreFactor, model.exchangeS) };
  const input: EstimateInput = {
    body,
    startKg: (dryG / 1000) * model.heldKgPerKg,
    rateKgPerS: model.rateKgPerS,
    dryG,
    dryGSd: expectedG === null ? dryG * DRY_SD.typicalShare : DRY_SD.weighed,
    weighed,
    endG: dryBandG(dryG),
    nowMin: minutes,
    ...(item.learned?.dryRuns ? { learned: { rate: item.learned.dryRate ?? 0, exchange: item.learned.dryExchange ?? 0 } } : {}),
  };
  const estimate = estimateDrying(input);
  const last = weighed[weighed.length - 1];
  const hourAgo = [...weighed].reverse().find((w) => last && last.minutes - w.minutes >= HOUR_AGO_MIN);
  return {
    minutes,
    estimate,
    expectedG,
    weighed,
    nextRoundMin: roundFor(estimate, step.settings.checkEveryMin ?? timerMinutes(step)),
    curve: fittedCurve(input, estimate, minutes + estimate.left.high),
    dryAtG: input.endG,
    judged: judgeDry({ expectedG, nowG: last?.massG ?? null, hourAgoG: hourAgo?.massG ?? null, ...hands }),
  };
}
/** The next round: what is likely left; once next to nothing is, long enough for the last hour to be told. */
function roundFor(estimate: Estimate, everyMin: number): number {
  return estimate.left.middle < NEARLY_MIN ? Math.min(everyMin, HOUR_AGO_MIN) : nextRound(estimate, everyMin);
}
const NEARLY_MIN = DRYING_FIGURES.nearlyMin.value;

/** Fewest weights from which a drying teaches anything. */
const TEACHES_FROM = 2;
/** The item with what the weights of this run's drying taught: each run counts the same, one more shifts the mean less. */
export function learnDrying(item: Item, run: Run, weighIns: readonly WeighIn[], room: Room | undefined, nowMs: number): Item {
  const step = run.programme.steps.find((s) => s.do === 'tumble' && (run.steps[s.id]?.times ?? 0) > 0);
  const damp = step && dampOf(run, step, item, weighIns, room, nowMs);
  if (!damp || damp.weighed.length < TEACHES_FROM) return item;
  const [rate, exchange] = damp.estimate.fitted;
  const runs = item.learned?.dryRuns ?? 0;
  const mean = (was: number | undefined, now: number): number =>
    Math.round((((was ?? 0) * runs + now) / (runs + 1)) * 1000) / 1000;
  return {
    ...item,
    learned: {
      ...item.learned,
      dryRate: mean(item.learned?.dryRate, rate),
      dryExchange: mean(item.learned?.dryExchange, exchange),
      dryRuns: runs + 1,
    },
  };
}
/** A weight at least this many minutes of drying ago serves as the one of an hour ago. */
const HOUR_AGO_MIN = DRYING_FIGURES.hourAgoMin.value;
const POINTS = 40;

function fittedCurve(input: EstimateInput, { fitted }: Estimate, untilMin: number): Damp['curve'] {
  const [rate, exchange, start] = fitted;
  const mass = input.body.shellKg + input.body.coreKg;
  const waterKgPerKg = (input.startKg * Math.exp(start)) / mass;
  const body = { ...input.body, exchangeS: input.body.exchangeS * Math.exp(exchange) };
  const water = { shellKg: body.shellKg * waterKgPerKg, coreKg: body.coreKg * waterKgPerKg };
  return Array.from({ length: POINTS + 1 }, (_, n) => {
    const minutes = (untilMin * n) / POINTS;
    const at = waterAfter(body, water, input.rateKgPerS * Math.exp(rate), minutes * 60);
    return { minutes, middle: Math.max(0, (at.shellKg + at.coreKg) * 1000) };
  });
}

/** What is odd about a weight in this drying, or null. */
export function doubtOf(massG: number, damp: Damp | null, item: Item): Doubt | null {
  const last = damp?.weighed[damp.weighed.length - 1];
  return doubtWeight(massG, damp?.expectedG ?? item.massG ?? null, last?.massG ?? null);
}
