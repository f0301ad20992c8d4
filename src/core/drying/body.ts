/**
 * A wet thing as two bodies of water, shell and core. The shell gives water to the air at a constant rate until it is nearly dry, then ever
 * more slowly; the core gives its water to the shell. Both stages are linear, so the time is found from their exact solutions.
 * All water is counted above what the thing holds in balance with the air.
 */
import { DRYING_FIGURES } from '../knowledge';

/** Water in the shell below which its surface is no longer wet, kg per kg dry. */
export const CRITICAL = DRYING_FIGURES.criticalHeld.value;

export interface Body {
  /** Dry mass of shell and core, kg; the shell's is above 0, the core's 0 or more. */
  readonly shellKg: number;
  readonly coreKg: number;
  /** Seconds in which the difference between core and shell falls to 1/e, were the shell held still. */
  readonly exchangeS: number;
}
export interface Water {
  readonly shellKg: number;
  readonly coreKg: number;
}

/**
 * A body from what a thing's family says of it. `coreFactor` ≥ 1: how much slower its core is than a free cloth.
 * @throws RangeError when a quantity is not a number above 0.
 */
export function bodyOf(dryKg: number, coreFactor: number, exchangeS: number): Body {
  if (!(dryKg > 0) || !(coreFactor >= 1) || !(exchangeS > 0)) throw new RangeError('Mass and exchange must be above 0.');
  const coreKg = dryKg * Math.min(DRYING_FIGURES.mostCore.value, 1 - 1 / coreFactor);
  return { shellKg: dryKg - coreKg, coreKg, exchangeS };
}

/** The same water everywhere, kg per kg dry. */
export const soaked = (body: Body, heldKgPerKg: number): Water => ({
  shellKg: body.shellKg * heldKgPerKg,
  coreKg: body.coreKg * heldKgPerKg,
});

type Fillable = { -readonly [K in keyof Water]: Water[K] };
/** Fills in the water after so many seconds: a solution asks for fifty moments, and keeps one. */
type WaterAt = (s: number, into: Fillable) => Fillable;
const noWater = (): Fillable => ({ shellKg: 0, coreKg: 0 });
function fill(into: Fillable, shellKg: number, coreKg: number): Fillable {
  into.shellKg = shellKg;
  into.coreKg = coreKg;
  return into;
}

/** Both waters through the first stage, where the wet surface loses at a constant rate. */
function constantStage(body: Body, start: Water, rateKgPerS: number): WaterAt {
  const total = start.shellKg + start.coreKg;
  const { shellKg, coreKg } = body;
  if (coreKg === 0) return (s, into) => fill(into, total - rateKgPerS * s, 0);
  // The difference d = u_core − u_shell follows d' = E/m_shell − d·k.
  const k = (1 + coreKg / shellKg) / body.exchangeS;
  const d0 = start.coreKg / coreKg - start.shellKg / shellKg;
  const steady = rateKgPerS / shellKg / k;
  return (s, into) => {
    const left = total - rateKgPerS * s;
    const d = steady + (d0 - steady) * Math.exp(-k * s);
    const shell = (shellKg * (left - coreKg * d)) / (shellKg + coreKg);
    return fill(into, shell, left - shell);
  };
}

/** Both waters through the second stage, where the shell loses in proportion to what it holds. */
function fallingStage(body: Body, start: Water, rateKgPerS: number): WaterAt {
  const g = rateKgPerS / (CRITICAL * body.shellKg);
  const { shellKg: shell0, coreKg: core0 } = start;
  if (body.coreKg === 0) return (s, into) => fill(into, shell0 * Math.exp(-g * s), 0);
  const out = 1 / body.exchangeS;
  const back = body.coreKg / body.shellKg / body.exchangeS;
  // x' = A x with A = [[−g − back, out], [back, −out]]: real, different, negative eigenvalues.
  const half = (g + back + out) / 2;
  const root = Math.sqrt(Math.max(0, half * half - g * out));
  const [slow, fast] = [-half + root, -half - root];
  const flow = out * core0 - back * shell0;
  // Each is a·e^{slow t} + (x₀ − a)·e^{fast t}, with the slope at the start known.
  const shellA = (-g * shell0 + flow - fast * shell0) / (slow - fast);
  const coreA = (-flow - fast * core0) / (slow - fast);
  return (s, into) => {
    const eSlow = Math.exp(slow * s);
    const eFast = Math.exp(fast * s);
    return fill(into, shellA * eSlow + (shell0 - shellA) * eFast, coreA * eSlow + (core0 - coreA) * eFast);
  };
}

/** Halvings of a fortnight to under a second. */
const HALVINGS = 24;
/** The first second at which something that falls is at or below 0, or Infinity within the limit. */
function firstBelow(f: (s: number) => number, limitS: number): number {
  if (f(0) <= 0) return 0;
  let [low, high] = [0, limitS];
  if (f(high) > 0) return Infinity;
  for (let i = 0; i < HALVINGS; i++) {
    const mid = (low + high) / 2;
    if (f(mid) > 0) low = mid;
    else high = mid;
  }
  return high;
}

/** Longest drying that is worked out, s. */
const LIMIT_S = 14 * 24 * 3600;

interface Stages {
  /** When the surface ceases to be wet, s. */
  readonly turn: number;
  readonly wet: WaterAt;
  readonly drying: WaterAt;
}
function stagesOf(body: Body, start: Water, rateKgPerS: number): Stages {
  const wet = constantStage(body, start, rateKgPerS);
  const critical = CRITICAL * body.shellKg;
  const at = noWater();
  const turn = firstBelow((s) => wet(s, at).shellKg - critical, (start.shellKg + start.coreKg) / rateKgPerS);
  return { turn, wet, drying: fallingStage(body, wet(turn, at), rateKgPerS) };
}

/**
 * Water in shell and core after so many seconds.
 * @param rateKgPerS evaporation of the wet surface, kg/s > 0.
 */
export function waterAfter(body: Body, start: Water, rateKgPerS: number, s: number): Water {
  const { turn, wet, drying } = stagesOf(body, start, rateKgPerS);
  return s <= turn ? wet(s, noWater()) : drying(s - turn, noWater());
}

/** Seconds until no more than `endKg` of water is left in all; Infinity when that takes more than a fortnight or the air takes none. */
export function secondsToDry(body: Body, start: Water, rateKgPerS: number, endKg: number): number {
  if (!(rateKgPerS > 0)) return Infinity;
  if (!(endKg > 0)) throw new RangeError('What may be left must be above 0.');
  // In the first stage the whole falls in a straight line.
  const straight = (start.shellKg + start.coreKg - endKg) / rateKgPerS;
  if (straight <= 0) return 0;
  const { turn, drying } = stagesOf(body, start, rateKgPerS);
  if (straight <= turn) return straight;
  const at = noWater();
  return (
    turn +
    firstBelow((s) => {
      const { shellKg, coreKg } = drying(s, at);
      return shellKg + coreKg - endKg;
    }, LIMIT_S)
  );
}
