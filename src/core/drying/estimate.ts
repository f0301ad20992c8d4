/**
 * What weigh-ins say about a drying: how long yet, with an interval, and whether the core may still be damp. The model's rate, its exchange
 * and the water at the start are fitted by least squares with a prior; the interval comes from the fit's own covariance, drawn at fixed
 * points. Refuses: calling anything dry.
 */
import { secondsToDry, waterAfter, type Body } from './body';
import { DRYING_FIGURES } from '../knowledge';

export interface Weighed {
  /** Minutes of drying so far; 0 = before it began. */
  readonly minutes: number;
  readonly massG: number;
}
export interface EstimateInput {
  readonly body: Body;
  /** What the closed form takes for water at the start, kg, and for evaporation, kg/s. */
  readonly startKg: number;
  readonly rateKgPerS: number;
  /** Dry mass, g, and how sure it is (one standard deviation, g). */
  readonly dryG: number;
  readonly dryGSd: number;
  readonly weighed: readonly Weighed[];
  /** Water that may be left, g. */
  readonly endG: number;
  /** Minutes of drying so far. */
  readonly nowMin: number;
  /** What earlier runs of this thing taught: log factors of rate and exchange. */
  readonly learned?: { readonly rate: number; readonly exchange: number };
}
export interface Estimate {
  /** Minutes yet: middle, and the ends of a 90 % interval. */
  readonly left: { readonly middle: number; readonly low: number; readonly high: number };
  readonly waterG: { readonly middle: number; readonly low: number; readonly high: number };
  /** Chance that the core still holds more than may be left in all, 0 to 1. */
  readonly coreDamp: number;
  /** Log factors that were fitted: rate, exchange, water at the start. */
  readonly fitted: Factors;
}
type Factors = readonly [rate: number, exchange: number, start: number, dry: number];

/** Standard deviations of the prior: log rate, log exchange, log start; learned ones are surer. */
const PRIOR_SD = DRYING_FIGURES.priorSd.value;
const LEARNED_SD = DRYING_FIGURES.learnedSd.value;
/** A scale reads to this, g; the model itself misses by this share of the water, and at least by so much. */
const SCALE_SD_G = DRYING_FIGURES.scaleSdG.value;
const MODEL_SHARE = DRYING_FIGURES.modelShare.value;
const MODEL_MIN_G = DRYING_FIGURES.modelSdG.value;
/** Real cores dry with more than one time constant, so what is left is known no better than this: a log factor, and minutes. */
const MISFIT = { log: DRYING_FIGURES.misfitLog.value, minutes: DRYING_FIGURES.misfitMin.value } as const;
const ROUNDS = 12;
const N = 4;

/** Minutes beyond which nothing is told. */
export const MOST_MINUTES = 14 * 24 * 60;

type Matrix = number[][];
/** Inverse of a small symmetric positive matrix, by Gauss–Jordan. */
function inverse(m: Matrix): Matrix {
  const n = m.length;
  const a = m.map((row, i) => [...row, ...Array.from({ length: n }, (_, j) => (i === j ? 1 : 0))]);
  for (let i = 0; i < n; i++) {
    let p = i;
    for (let r = i + 1; r < n; r++) if (Math.abs(a[r]![i]!) > Math.abs(a[p]![i]!)) p = r;
    [a[i], a[p]] = [a[p]!, a[i]!];
    const pivot = a[i]![i]!;
    for (let j = 0; j < 2 * n; j++) a[i]![j]! /= pivot;
    for (let r = 0; r < n; r++) {
      if (r === i) continue;
      const by = a[r]![i]!;
      if (by !== 0) for (let j = 0; j < 2 * n; j++) a[r]![j]! -= by * a[i]![j]!;
    }
  }
  return a.map((row) => row.slice(n));
}
/** Lower factor L of a symmetric positive matrix, L·Lᵀ = m. */
function lower(m: Matrix): Matrix {
  const n = m.length;
  const l = m.map((row) => row.map(() => 0));
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = m[i]![j]!;
      for (let k = 0; k < j; k++) sum -= l[i]![k]! * l[j]![k]!;
      l[i]![j] = i === j ? Math.sqrt(Math.max(sum, 1e-12)) : sum / l[j]![j]!;
    }
  return l;
}

/** A thing with these factors laid on it. */
function withFactors({ body, startKg, rateKgPerS }: EstimateInput, [rate, exchange, start]: Factors) {
  const mass = body.shellKg + body.coreKg;
  const waterKgPerKg = (startKg * Math.exp(start)) / mass;
  return {
    body: { ...body, exchangeS: body.exchangeS * Math.exp(exchange) },
    water: { shellKg: body.shellKg * waterKgPerKg, coreKg: body.coreKg * waterKgPerKg },
    rate: rateKgPerS * Math.exp(rate),
  };
}
/** Mass that the scale would show, g. */
function massAt(input: EstimateInput, factors: Factors, minutes: number): number {
  const { body, water, rate } = withFactors(input, factors);
  const { shellKg, coreKg } = waterAfter(body, water, rate, minutes * 60);
  return input.dryG + factors[3] * input.dryGSd + (shellKg + coreKg) * 1000;
}

interface Fit {
  readonly at: Factors;
  readonly covariance: Matrix;
}
function fit(input: EstimateInput): Fit {
  const { learned } = input;
  const mean: Factors = [learned?.rate ?? 0, learned?.exchange ?? 0, 0, 0];
  const sd = learned ? [LEARNED_SD, LEARNED_SD, PRIOR_SD[2], 1] : [...PRIOR_SD, 1];
  const noise = input.weighed.map(({ massG }) => {
    const waterG = Math.max(0, massG - input.dryG);
    return Math.hypot(SCALE_SD_G, Math.max(MODEL_MIN_G, MODEL_SHARE * waterG));
  });
  const cost = (x: Factors): number =>
    x.reduce((sum, v, i) => sum + ((v - mean[i]!) / sd[i]!) ** 2, 0) +
    input.weighed.reduce((sum, w, i) => sum + ((w.massG - massAt(input, x, w.minutes)) / noise[i]!) ** 2, 0);
  let x = mean;
  let damping = 1e-3;
  let information: Matrix = [];
  for (let round = 0; round < ROUNDS; round++) {
    information = sd.map((s, i) => sd.map((_, j) => (i === j ? 1 / (s * s) : 0)));
    const pull = x.map((v, i) => (mean[i]! - v) / sd[i]! ** 2);
    input.weighed.forEach((w, n) => {
      const here = massAt(input, x, w.minutes);
      const slope = x.map((_, i) => (massAt(input, nudged(x, i, STEP), w.minutes) - here) / STEP);
      const weight = 1 / noise[n]! ** 2;
      for (let i = 0; i < N; i++) {
        pull[i]! += weight * slope[i]! * (w.massG - here);
        for (let j = 0; j < N; j++) information[i]![j]! += weight * slope[i]! * slope[j]!;
      }
    });
    const damped = information.map((row, i) => row.map((v, j) => (i === j ? v * (1 + damping) : v)));
    const move = inverse(damped).map((row) => row.reduce((sum, v, j) => sum + v * pull[j]!, 0));
    const next = x.map((v, i) => v + Math.max(-1, Math.min(1, move[i]!))) as unknown as Factors;
    if (cost(next) < cost(x)) {
      x = next;
      damping = Math.max(1e-6, damping / 5);
    } else damping *= 8;
    if (move.every((m) => Math.abs(m) < 1e-4)) break;
  }
  return { at: x, covariance: inverse(information) };
}
const STEP = 1e-4;
const nudged = (x: Factors, i: number, by: number): Factors => x.map((v, k) => (k === i ? v + by : v)) as unknown as Factors;

/** Standard normal quantile. Source: P. J. Acklam's rational approximation, good to 1e-9 (from memory). */
function normal(p: number): number {
  const a = [-39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239];
  const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572];
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968, 2.938163982698783,
  ];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  const tail = (q: number): number =>
    (((((c[0]! * q + c[1]!) * q + c[2]!) * q + c[3]!) * q + c[4]!) * q + c[5]!) /
    ((((d[0]! * q + d[1]!) * q + d[2]!) * q + d[3]!) * q + 1);
  if (p < 0.02425) return tail(Math.sqrt(-2 * Math.log(p)));
  if (p > 0.97575) return -tail(Math.sqrt(-2 * Math.log(1 - p)));
  const q = p - 0.5;
  const r = q * q;
  return (
    ((((((a[0]! * r + a[1]!) * r + a[2]!) * r + a[3]!) * r + a[4]!) * r + a[5]!) * q) /
    (((((b[0]! * r + b[1]!) * r + b[2]!) * r + b[3]!) * r + b[4]!) * r + 1)
  );
}
/** Fixed points that fill five dimensions evenly (Halton, bases 2 3 5 7 11), as standard normals; the fifth is the misfit. */
const DRAWS = 160;
const halton = (n: number, base: number): number => {
  let [f, r, i] = [1, 0, n];
  while (i > 0) {
    f /= base;
    r += f * (i % base);
    i = Math.floor(i / base);
  }
  return r;
};
const POINTS: readonly (readonly number[])[] = Array.from({ length: DRAWS }, (_, n) =>
  [2, 3, 5, 7, 11].map((base) => normal(halton(n + 1, base))),
);

const quantile = (sorted: readonly number[], q: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))] ?? 0;

/**
 * How long yet, how much water, and the chance of a damp core. Works with no weigh-in, one or many.
 * @throws RangeError when a mass, rate or band is not above 0.
 */
export function estimateDrying(input: EstimateInput): Estimate {
  if (!(input.startKg > 0) || !(input.rateKgPerS > 0) || !(input.dryG > 0) || !(input.endG > 0) || !(input.dryGSd >= 0))
    throw new RangeError('Masses, rate and band must be above 0.');
  const { at, covariance } = fit(input);
  const l = lower(covariance);
  const drawn = POINTS.map((z) => at.map((v, i) => v + l[i]!.reduce((sum, f, k) => sum + f * z[k]!, 0)) as unknown as Factors);
  const states = drawn.map((factors, n) => {
    const z = POINTS[n]?.[N] ?? 0;
    const { body, water, rate } = withFactors(input, factors);
    const now = waterAfter(body, water, rate, input.nowMin * 60);
    const all = secondsToDry(body, water, rate, input.endG / 1000) / 60;
    return {
      left: Math.min(MOST_MINUTES, Math.max(0, (all - input.nowMin) * Math.exp(MISFIT.log * z) + MISFIT.minutes * z)),
      waterG: (now.shellKg + now.coreKg) * 1000,
      coreG: now.coreKg * 1000,
    };
  });
  const sorted = (of: (s: (typeof states)[number]) => number): number[] => states.map(of).sort((x, y) => x - y);
  const left = sorted((s) => s.left);
  const water = sorted((s) => s.waterG);
  return {
    left: { middle: quantile(left, 0.5), low: quantile(left, 0.05), high: quantile(left, 0.95) },
    waterG: { middle: quantile(water, 0.5), low: quantile(water, 0.05), high: quantile(water, 0.95) },
    coreDamp: states.filter((s) => s.coreG > input.endG).length / states.length,
    fitted: at,
  };
}

/** Length of the next round, min: what is likely left, but not longer than a look may wait, and no shorter than it takes to tell. */
export function nextRound({ left }: Pick<Estimate, 'left'>, everyMin: number): number {
  const wanted = Math.ceil(left.middle / 5) * 5;
  return Math.max(Math.min(10, everyMin), Math.min(everyMin, wanted));
}
