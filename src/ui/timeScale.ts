/** A span of time on a line, ms. */
import { MINUTE_MS } from '../core/units/time';
export interface TimeSpan {
  readonly from: number;
  readonly to: number;
}
/** Places instants on a line from 0 to 1: hours with work in them at their length, hours of mere waiting drawn together. */
export interface TimeScale {
  readonly at: (ms: number) => number;
  /** How wide the line wants to be, in minutes of work. */
  readonly weight: number;
}
/** Waiting longer than this grows only with its logarithm, min. */
const PATIENCE_MIN = 30;

/** @param active spans with work in them; @param idle spans of waiting. */
export function timeScale(active: readonly TimeSpan[], idle: readonly TimeSpan[]): TimeScale {
  const all = [...active, ...idle];
  const edges = [...new Set(all.flatMap((s) => [s.from, s.to]))].sort((a, b) => a - b);
  const first = edges[0] ?? 0;
  const sums = [0];
  for (let n = 1; n < edges.length; n++) {
    const [from, to] = [edges[n - 1] ?? first, edges[n] ?? first];
    const minutes = (to - from) / MINUTE_MS;
    const works = active.some((s) => s.from < to && s.to > from);
    const drawn = works || minutes <= PATIENCE_MIN ? minutes : PATIENCE_MIN * (1 + Math.log2(minutes / PATIENCE_MIN) / 2);
    sums.push((sums[n - 1] ?? 0) + drawn);
  }
  const weight = sums.at(-1) ?? 0;
  const at = (ms: number): number => {
    if (weight === 0) return 0;
    const n = edges.findIndex((edge) => edge >= ms);
    if (n < 0) return 1;
    if (n === 0) return 0;
    const [from, to] = [edges[n - 1] ?? first, edges[n] ?? first];
    const share = to > from ? (ms - from) / (to - from) : 0;
    return ((sums[n - 1] ?? 0) + share * ((sums[n] ?? 0) - (sums[n - 1] ?? 0))) / weight;
  };
  return { at, weight };
}

/** Spreads spans that overlap over as few lanes as they need, in order of their beginning. */
export function lanesOf<T extends TimeSpan>(spans: readonly T[]): T[][] {
  const lanes: T[][] = [];
  for (const span of [...spans].sort((a, b) => a.from - b.from || a.to - b.to)) {
    const lane = lanes.find((l) => (l.at(-1)?.to ?? 0) <= span.from);
    if (lane) lane.push(span);
    else lanes.push([span]);
  }
  return lanes;
}
