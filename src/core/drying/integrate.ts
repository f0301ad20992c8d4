import { drumAir, type DryerAir, type Body, type Water, CRITICAL } from './index';

/** One instant of a drying that is stepped through time. Water above balance, g; temperatures, °C. */
export interface DryingPoint {
  readonly minutes: number;
  readonly shellG: number;
  readonly coreG: number;
  readonly fabricC: number;
  /** Water that has gone into the air since the start, g; summed on its own, so that a balance can be struck. */
  readonly evaporatedG: number;
}
export interface Step {
  /** Evaporation of the wet surface just then, kg/s. */
  readonly rateKgPerS: number;
  readonly airC: number;
  readonly wetC: number;
}
/** How wet the surface is, 0 to 1. */
const wetness = (body: Body, shellKg: number): number => Math.min(1, Math.max(0, shellKg / (CRITICAL * body.shellKg)));

/**
 * Steps a thing through its drying (classical Runge–Kutta, fourth order).
 * @param at what the air does at a second; called with 0 ≤ s ≤ minutes·60.
 * @param stepS step of the integration, s; results are handed out every `everyMin`.
 */
export function integrate(
  body: Body,
  start: Water,
  at: (s: number) => Step,
  { minutes, stepS = 15, everyMin = 5 }: { readonly minutes: number; readonly stepS?: number; readonly everyMin?: number },
): DryingPoint[] {
  if (!(minutes > 0) || !(stepS > 0)) throw new RangeError('Minutes and step must be above 0.');
  let shell = start.shellKg;
  let core = start.coreKg;
  let gone = 0;
  const slope = (s: number, x: number, y: number): readonly [number, number, number] => {
    const out = at(s).rateKgPerS * wetness(body, x);
    const flow = body.coreKg === 0 ? 0 : (y - (body.coreKg / body.shellKg) * x) / body.exchangeS;
    return [flow - out, -flow, out];
  };
  const point = (s: number): DryingPoint => {
    const { airC, wetC } = at(s);
    return {
      minutes: s / 60,
      shellG: shell * 1000,
      coreG: core * 1000,
      fabricC: airC - (airC - wetC) * wetness(body, shell),
      evaporatedG: gone * 1000,
    };
  };
  const points = [point(0)];
  const steps = Math.round((minutes * 60) / stepS);
  const every = Math.max(1, Math.round((everyMin * 60) / stepS));
  for (let n = 0; n < steps; n++) {
    const s = n * stepS;
    const [a1, b1, c1] = slope(s, shell, core);
    const [a2, b2, c2] = slope(s + stepS / 2, shell + (a1 * stepS) / 2, core + (b1 * stepS) / 2);
    const [a3, b3, c3] = slope(s + stepS / 2, shell + (a2 * stepS) / 2, core + (b2 * stepS) / 2);
    const [a4, b4, c4] = slope(s + stepS, shell + a3 * stepS, core + b3 * stepS);
    shell = Math.max(0, shell + ((a1 + 2 * a2 + 2 * a3 + a4) * stepS) / 6);
    core = Math.max(0, core + ((b1 + 2 * b2 + 2 * b3 + b4) * stepS) / 6);
    gone += ((c1 + 2 * c2 + 2 * c3 + c4) * stepS) / 6;
    if ((n + 1) % every === 0 || n === steps - 1) points.push(point((n + 1) * stepS));
  }
  return points;
}

/** Longest step, s, that is still stable and true for this thing at this rate; divides a minute evenly. */
export function stableStepS(body: Body, rateKgPerS: number): number {
  const fastest = rateKgPerS / (CRITICAL * body.shellKg) + (1 + body.coreKg / body.shellKg) / body.exchangeS;
  return 60 / Math.ceil(Math.max(4, 60 * fastest));
}

/** Air of a drum as a step, for `integrate`. */
export function drumStep(air: DryerAir, rateKgPerS: number): Step {
  const { airC, wetC } = drumAir(air);
  return { rateKgPerS, airC, wetC };
}
