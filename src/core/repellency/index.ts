/**
 * Repellency as an index over time: what the drop tests of a thing say, how it fades with use, what each kind of care gave back, when it falls
 * below the mark. Refuses: deciding what is done; that stays with the assessment.
 */
import {
  FINISH_CARES,
  isEntry,
  type FinishCare,
  type CareEntry,
  type DropletZone,
  type Inspection,
  type Item,
  type Kind,
  type LogEntry,
  type UseEntry,
} from '../gear';
import { exposedZones, KNOWLEDGE, REPELLENCY_FIGURES, RHYTHM_FIGURES } from '../knowledge';
import { type Interval, rangeOf, type Weighted } from '../units/weighted';
import { DAY_MS } from '../units/time';

/** The index of each grade, 0 to 5: the ISO ratings of the spray test [ISO 4920]; AATCC TM22 counts the same pictures 0 to 100. */
export const INDEX_OF_GRADE = [0, 50, 70, 80, 90, 100] as const;
/** Below this it no longer sheds rain. */
export const MARK = REPELLENCY_FIGURES.mark.value;

/** The mean of the zones' grades as an index, those that rain and straps reach first counting more; null without a grade. */
export function indexOf(droplet: Readonly<Partial<Record<DropletZone, number>>>, kind: Kind): number | null {
  const exposed = exposedZones(kind, KNOWLEDGE);
  let [sum, weights] = [0, 0];
  for (const [zone, grade] of Object.entries(droplet) as [DropletZone, number | undefined][]) {
    if (grade === undefined) continue;
    const weight = exposed.includes(zone) ? REPELLENCY_FIGURES.exposedWeight.value : 1;
    const low = Math.min(5, Math.max(0, Math.floor(grade)));
    const [a, b] = [INDEX_OF_GRADE[low] ?? 0, INDEX_OF_GRADE[Math.min(5, low + 1)] ?? 100];
    sum += weight * (a + (b - a) * (grade - low));
    weights += weight;
  }
  return weights > 0 ? sum / weights : null;
}

/** What is done for repellency: heat alone, a wash alone, both, or a renewal with whatever stood before it. */
export const TREATMENTS = FINISH_CARES;
export type Treatment = FinishCare;
/** What one line of the record did for it; null = nothing. */
export function treatmentOf({ did = [] }: Pick<CareEntry, 'did'>): Treatment | null {
  if (did.includes('renewed')) return 'renew';
  const [heat, wash] = [did.includes('warmed'), did.includes('washed')];
  return heat && wash ? 'wash-heat' : heat ? 'heat' : wash ? 'wash' : null;
}
/** Hours of wear that a use comes to: rain and hard use count more. */
export function exposureOf({
  hours,
  nights,
  weather = [],
  hard,
}: Pick<UseEntry, 'hours' | 'nights' | 'weather' | 'hard'>): number {
  const worn = hours ?? (nights === undefined ? 1 : nights) * REPELLENCY_FIGURES.usualHours.value;
  const wet = weather.some((w) => w === 'rain' || w === 'snow');
  return worn * (wet ? REPELLENCY_FIGURES.rainFactor.value : 1) * (hard ? REPELLENCY_FIGURES.hardFactor.value : 1);
}

/** Looks at a thing in which drops were really tried, the oldest first. */
export const dropTestsOf = (inspections: readonly Inspection[], itemId: string): Inspection[] =>
  inspections
    .filter((i) => i.itemId === itemId && i.droplet !== undefined && i.asOf?.droplet === undefined)
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));

type Event =
  | { readonly at: number; readonly type: 'test'; readonly index: number }
  | { readonly at: number; readonly type: 'care'; readonly treatment: Treatment }
  | { readonly at: number; readonly type: 'use'; readonly hours: number };

/** Tests, care and use of one thing, oldest first. Where no use is written down, days stand for it. */
export function eventsOf(item: Pick<Item, 'id' | 'kind'>, inspections: readonly Inspection[], log: readonly LogEntry[]): Event[] {
  const tests = dropTestsOf(inspections, item.id).flatMap((i): Event[] => {
    const index = indexOf(i.droplet ?? {}, item.kind);
    return index === null ? [] : [{ at: Date.parse(i.at), type: 'test', index }];
  });
  const mine = log.filter((e) => e.itemId === item.id);
  const cares = mine.filter(isEntry('care')).flatMap((e): Event[] => {
    const treatment = treatmentOf(e);
    return treatment === null ? [] : [{ at: Date.parse(e.at), type: 'care', treatment }];
  });
  const uses = mine.filter(isEntry('use')).map((e): Event => ({ at: Date.parse(e.at), type: 'use', hours: exposureOf(e) }));
  // At the same instant it is cared for, then tested.
  const ORDER = { use: 0, care: 1, test: 2 } as const;
  return [...tests, ...cares, ...uses].sort((a, b) => a.at - b.at || ORDER[a.type] - ORDER[b.type]);
}

/** One possible thing: how fast it fades, and which part of what is missing each treatment gives back. */
interface Possible {
  readonly fade: number;
  readonly back: Readonly<Record<Treatment, number>>;
  /** Its state after all events, or at each of them. */
  mean: number;
  variance: number;
  logWeight: number;
}
export interface RepellencyPoint extends Interval {
  readonly at: number;
}
export interface Repellency {
  readonly tests: readonly { readonly at: number; readonly index: number }[];
  readonly cares: readonly { readonly at: number; readonly treatment: Treatment }[];
  readonly now: Interval;
  /** When it falls below the mark at the present pace, ms; null = it has, or nothing is worn. */
  readonly below: Interval | null;
  /** What each treatment gave back, in the index, and how often that was seen. */
  readonly gains: readonly { readonly treatment: Treatment; readonly gain: number; readonly times: number }[];
  /** Chance that it is at the mark after each, and as it is; 0 to 1. */
  readonly chances: Readonly<Record<Treatment | 'leave', number>>;
  /** Renewal no longer brings it to the mark: the face or the membrane is worn out. */
  readonly worn: boolean;
}
const FADES = 17;
const PARTS = 5;

function possibleOf(finish: NonNullable<Item['finish']>): Possible[] {
  const all: Possible[] = [];
  const usual = REPELLENCY_FIGURES.fadePerHour.value[finish];
  for (let i = 0; i < FADES; i++) {
    const z = -2.4 + (4.8 * i) / (FADES - 1);
    for (let h = 0; h < PARTS; h++)
      for (let r = 0; r < PARTS; r++) {
        // Of five parts the middle is the usual; what heat does, washing and heat do better.
        const [zh, zr] = [(h - 2) * 0.9, (r - 2) * 0.9];
        const part = (value: number, by: number): number => 1 / (1 + ((1 - value) / value) * Math.exp(-by));
        const heat = part(REPELLENCY_FIGURES.backByHeat.value, zh);
        all.push({
          fade: usual * REPELLENCY_FIGURES.fadeSpread.value ** z,
          back: {
            heat,
            wash: part(REPELLENCY_FIGURES.backByWash.value, zh),
            'wash-heat': 1 - (1 - heat) * (1 - part(REPELLENCY_FIGURES.backByWash.value, zh)),
            renew: Math.max(heat, part(REPELLENCY_FIGURES.backByRenewal.value, zr)),
          },
          mean: 100,
          variance: REPELLENCY_FIGURES.newSd.value ** 2,
          logWeight: -(z ** 2 + zh ** 2 + zr ** 2) / 2,
        });
      }
  }
  return all;
}
function fadeBy(p: Possible, hours: number): void {
  const kept = Math.exp(-p.fade * hours);
  p.mean *= kept;
  p.variance = p.variance * kept ** 2 + REPELLENCY_FIGURES.driftPerHour.value ** 2 * hours;
}
function treat(p: Possible, treatment: Treatment): void {
  const back = p.back[treatment];
  p.mean += back * (100 - p.mean);
  p.variance = p.variance * (1 - back) ** 2 + REPELLENCY_FIGURES.careSd.value ** 2;
}
function observe(p: Possible, index: number): void {
  const noise = REPELLENCY_FIGURES.testSd.value ** 2;
  const all = p.variance + noise;
  p.logWeight -= ((index - p.mean) ** 2 / all + Math.log(all)) / 2;
  const gain = p.variance / all;
  p.mean += gain * (index - p.mean);
  p.variance *= 1 - gain;
}
/** Five of equal weight for each possible thing, so that what is not known of its state counts too. */
const SPREAD = [-1.282, -0.524, 0, 0.524, 1.282];
function stateOf(all: readonly Possible[]): Weighted<{ readonly p: Possible; readonly index: number }>[] {
  const best = Math.max(...all.map((p) => p.logWeight));
  return all.flatMap((p) => {
    const weight = Math.exp(p.logWeight - best) / SPREAD.length;
    if (weight < 1e-6) return [];
    return SPREAD.map((z) => ({ weight, one: { p, index: Math.min(100, Math.max(0, p.mean + z * Math.sqrt(p.variance))) } }));
  });
}
const chanceOf = <T>(list: readonly Weighted<T>[], is: (one: T) => boolean): number => {
  const sum = list.reduce((s, w) => s + w.weight, 0);
  return sum > 0 ? list.reduce((s, w) => s + (is(w.one) ? w.weight : 0), 0) / sum : 0;
};

type Shell = Pick<Item, 'id' | 'kind' | 'finish'>;
/** All that is possible of a thing at `nowMs`, and what was seen on the way; null before its first test. */
interface Followed {
  readonly all: readonly Possible[];
  readonly events: readonly Event[];
  readonly tests: Repellency['tests'];
  /** Of each treatment that a test followed. */
  readonly gains: readonly { readonly treatment: Treatment; readonly gain: number; readonly after: number }[];
  /** Hours of wear a day that stand for uses nobody wrote down. */
  readonly daily: number;
}
const indexNow = (all: readonly Possible[]): Interval => rangeOf(stateOf(all), (s) => s.index);
/** Follows a thing from its first test until `nowMs`. @param passed is told of every instant at which something was seen or done. */
function follow(
  item: Shell,
  inspections: readonly Inspection[],
  log: readonly LogEntry[],
  nowMs: number,
  passed: (at: number, all: readonly Possible[]) => void = () => undefined,
): Followed | null {
  const events = eventsOf(item, inspections, log).filter((e) => e.at <= nowMs);
  const tests = events.flatMap((e) => (e.type === 'test' ? [{ at: e.at, index: e.index }] : []));
  const [first] = tests;
  if (!first) return null;
  const daily = events.some((e) => e.type === 'use') ? 0 : REPELLENCY_FIGURES.usualPerDay.value;
  const all = possibleOf(item.finish ?? 'unknown');
  const gains: { treatment: Treatment; gain: number; after: number }[] = [];
  let at = first.at;
  let since: { treatment: Treatment; before: number } | null = null;
  const wait = (to: number): void => {
    const days = (to - at) / DAY_MS;
    if (daily > 0 && days > 0) for (const p of all) fadeBy(p, daily * days);
    // Not every use is written down: what is long ago is known less well.
    if (days > 0) for (const p of all) p.variance += REPELLENCY_FIGURES.driftPerDay.value ** 2 * days;
    at = to;
  };
  for (const p of all) [p.mean, p.variance] = [first.index, REPELLENCY_FIGURES.testSd.value ** 2];
  passed(at, all);
  for (const event of events) {
    if (event.at < first.at || (event.at === first.at && event.type === 'test')) continue;
    wait(event.at);
    if (event.type === 'use') for (const p of all) fadeBy(p, event.hours);
    else if (event.type === 'care') {
      passed(at, all);
      since = { treatment: event.treatment, before: indexNow(all).value };
      for (const p of all) treat(p, event.treatment);
      passed(at, all);
    } else {
      if (since) gains.push({ treatment: since.treatment, gain: event.index - since.before, after: event.index });
      since = null;
      for (const p of all) observe(p, event.index);
      passed(at, all);
    }
  }
  wait(nowMs);
  passed(at, all);
  return { all, events, tests, gains, daily };
}

/** The index of one thing over time, from its first test until `nowMs`; nothing before that. Takes and promises what `repellencyOf` does. */
export function repellencyCurve(
  item: Shell,
  inspections: readonly Inspection[],
  log: readonly LogEntry[],
  nowMs: number,
): RepellencyPoint[] {
  const curve: RepellencyPoint[] = [];
  follow(item, inspections, log, nowMs, (at, all) => curve.push({ at, ...indexNow(all) }));
  return curve;
}

/**
 * The repellency of one thing with a finish. Pure; the same record gives the same answer.
 * @param nowMs until when it is followed. @returns null before its first test.
 */
export function repellencyOf(
  item: Shell,
  inspections: readonly Inspection[],
  log: readonly LogEntry[],
  nowMs: number,
): Repellency | null {
  const followed = follow(item, inspections, log, nowMs);
  if (!followed) return null;
  const { all, events, tests, gains, daily } = followed;
  const from = tests[0]?.at ?? nowMs;
  const state = stateOf(all);
  const after = (treatment: Treatment): number =>
    chanceOf(state, ({ p, index }) => index + p.back[treatment] * (100 - index) >= MARK);
  const renewals = gains.filter((g) => g.treatment === 'renew').slice(-2);
  const worn = events.filter((e) => e.type === 'use');
  return {
    tests,
    cares: events.flatMap((e) => (e.type === 'care' && e.at >= from ? [{ at: e.at, treatment: e.treatment }] : [])),
    now: rangeOf(state, (s) => s.index),
    below: belowOf(state, paceOf(worn, nowMs, daily), nowMs),
    gains: TREATMENTS.flatMap((treatment) => {
      const seen = gains.filter((g) => g.treatment === treatment);
      if (seen.length === 0) return [];
      return [{ treatment, gain: seen.reduce((sum, g) => sum + g.gain, 0) / seen.length, times: seen.length }];
    }),
    chances: {
      leave: chanceOf(state, ({ index }) => index >= MARK),
      heat: after('heat'),
      wash: after('wash'),
      'wash-heat': after('wash-heat'),
      renew: after('renew'),
    },
    worn: renewals.length === 2 && renewals.every((g) => g.after < MARK),
  };
}
/** Hours of wear a day, of late. */
function paceOf(uses: readonly Event[], nowMs: number, daily: number): number {
  const since = nowMs - RHYTHM_FIGURES.paceDays.value * DAY_MS;
  const first = uses[0]?.at ?? nowMs;
  const days = Math.max(RHYTHM_FIGURES.paceLeastDays.value, (nowMs - Math.max(since, first)) / DAY_MS);
  return daily + uses.reduce((sum, e) => sum + (e.type === 'use' && e.at >= since ? e.hours : 0), 0) / days;
}
function belowOf(
  state: readonly Weighted<{ readonly p: Possible; readonly index: number }>[],
  perDay: number,
  nowMs: number,
): Interval | null {
  if (!(perDay > 0) || chanceOf(state, ({ index }) => index < MARK) > 0.5) return null;
  return rangeOf(state, ({ p, index }) =>
    index <= MARK ? nowMs : nowMs + Math.min(3650, Math.log(index / MARK) / (p.fade * perDay)) * DAY_MS,
  );
}
/** True when rain comes through whatever the face does: no care of the finish closes a leak [common practice]. */
export const leaks = (seen: Pick<Inspection, 'damage'> | null): boolean =>
  (seen?.damage ?? []).some(
    ({ kind, cosmetic }) => !cosmetic && (kind === 'leak' || kind === 'delamination' || kind === 'hole' || kind === 'seam'),
  );
/**
 * The least that is likely to bring it to the mark: nothing, heat, wash and heat, renewal; null when none is.
 * @param can whether such a thing may be treated so: a glued boot is not warmed.
 */
export function leastThatHelps({ chances, worn }: Repellency, can: (way: Treatment) => boolean): 'leave' | Treatment | null {
  if (worn) return null;
  return (
    (['leave', 'heat', 'wash-heat', 'renew'] as const).find(
      (way) => (way === 'leave' || can(way)) && chances[way] >= REPELLENCY_FIGURES.likely.value,
    ) ?? null
  );
}
