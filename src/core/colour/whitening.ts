/** Yellowed rubber over its sessions in the light: how far it goes, how many more, or that no more is gained. */
import { COLOUR_FIGURES, type LightKind } from '../knowledge';
import { type Interval, rangeOf } from '../units/weighted';
import type { Estimate } from './read';

/** The yellowness after a session; the first entry is before any, with no hours. */
export interface Session {
  /** In the light, h, ≥ 0. */
  readonly hours: number;
  readonly light: LightKind;
  readonly yellow: Estimate;
}
export interface Outlook {
  /** Where it ends however long it goes on. */
  readonly limit: Interval;
  /** What one more session like the last brings off, in yellowness. */
  readonly next: Interval;
  /** Chance that it can be seen, 0 to 1. */
  readonly worthIt: number;
  /** Sessions like the last until what is left to gain cannot be seen; 0 = none. */
  readonly more: { readonly likely: number; readonly low: number; readonly high: number };
}
/** Expected yellowness after so many hours of full sun from the beginning. */
export interface CurvePoint extends Interval {
  readonly hours: number;
}
/** Hours of full sun that a session comes to. */
export const sunHours = ({ hours, light }: Pick<Session, 'hours' | 'light'>): number =>
  hours * COLOUR_FIGURES.sunHours.value[light];

/** Hours of full sun from the beginning until each reading. */
export function hoursSoFar(sessions: readonly Session[]): number[] {
  let done = 0;
  return sessions.map((s, n) => (done += n === 0 ? 0 : sunHours(s)));
}

const RATES = 40;
const LIMITS = 40;
interface Possible {
  readonly rate: number;
  readonly limit: number;
  readonly start: number;
  weight: number;
}
const intervalOf = (list: readonly Possible[], of: (one: Possible) => number): Interval =>
  rangeOf(
    list.map((one) => ({ one, weight: one.weight })),
    of,
  );

/** All rates and limits that the readings allow, each with how likely it is; `done`: hours of full sun so far. */
function possibleOf(sessions: readonly Session[]): { readonly likely: readonly Possible[]; readonly done: number } | null {
  const [first] = sessions;
  if (!first || sessions.length < 2) return null;
  const hours = hoursSoFar(sessions);
  const done = hours.at(-1) ?? 0;
  const read = sessions.map((s, n) => ({ at: hours[n] ?? 0, ...s.yellow }));
  const all: Possible[] = [];
  // Between what nobody would wait for and what is over in minutes; the usual in the middle.
  for (let i = 0; i < RATES; i++) {
    const z = -3 + (6 * (i + 0.5)) / RATES;
    const rate = COLOUR_FIGURES.whiteningRate.value * COLOUR_FIGURES.whiteningSpread.value ** z;
    const fading = read.map((r) => ({ ...r, e: Math.exp(-rate * r.at) }));
    for (let j = 0; j < LIMITS; j++) {
      const limit = first.yellow.value * (-0.1 + (1.1 * (j + 0.5)) / LIMITS);
      // The start that fits best, for this rate and limit: the readings are linear in it.
      let [top, bottom] = [0, 0];
      for (const { e, value, sd } of fading) {
        top += (e * (value - limit * (1 - e))) / sd ** 2;
        bottom += e ** 2 / sd ** 2;
      }
      const start = top / bottom;
      let miss = z ** 2;
      for (const { e, value, sd } of fading) {
        miss += ((value - limit - (start - limit) * e) / sd) ** 2;
      }
      all.push({ rate, limit: Math.min(limit, start), start, weight: -miss / 2 });
    }
  }
  const best = Math.max(...all.map((a) => a.weight));
  let sum = 0;
  for (const one of all) sum += one.weight = Math.exp(one.weight - best);
  for (const one of all) one.weight /= sum;
  const likely = all.filter((one) => one.weight > 1e-9);
  return { likely, done };
}
const left = ({ start, limit, rate }: Possible, at: number): number => (start - limit) * Math.exp(-rate * at);

/**
 * What may still be hoped for: an exponential approach to a limit, over all rates and limits that the readings allow.
 * @param sessions in order, the first before any. @returns null before the first session was read.
 */
export function outlookOf(sessions: readonly Session[]): Outlook | null {
  const possible = possibleOf(sessions);
  const last = sessions.at(-1);
  if (!possible || !last) return null;
  const { likely, done } = possible;
  const session = sunHours(last) || 1;
  const next = (one: Possible): number => left(one, done) - left(one, done + session);
  const until = (one: Possible): number => {
    const rest = left(one, done);
    return rest <= COLOUR_FIGURES.seenYellow.value
      ? 0
      : Math.ceil(Math.log(rest / COLOUR_FIGURES.seenYellow.value) / (one.rate * session));
  };
  const counts = intervalOf(likely, until);
  return {
    limit: intervalOf(likely, (one) => one.limit),
    next: intervalOf(likely, next),
    worthIt: likely.reduce((total, one) => total + (next(one) > COLOUR_FIGURES.seenYellow.value ? one.weight : 0), 0),
    more: { likely: counts.value, low: counts.low, high: counts.high },
  };
}

/** The course of it, to twice as far as it has gone. @returns nothing before the first session was read. */
export function courseOf(sessions: readonly Session[]): CurvePoint[] {
  const possible = possibleOf(sessions);
  if (!possible) return [];
  const { likely, done } = possible;
  const end = Math.max(1, 2 * done);
  return Array.from({ length: 25 }, (_, n) => {
    const hours = (end * n) / 24;
    return { hours, ...intervalOf(likely, (one) => one.limit + left(one, hours)) };
  });
}
