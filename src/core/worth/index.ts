/**
 * What a thing costs, and what work on it brings. Money is in one currency throughout; minutes are minutes of hands. Pure sums: rounding is
 * left to whoever writes them down. Refuses: guessing a price.
 */
import type { ProgrammeStep } from '../document';
import type { Guess, Item, LogEntry, Sale } from '../gear';
import { DAY_MS, YEAR_DAYS } from '../units/time';

/** What its care came to until now. */
export interface Spent {
  /** Energy, water and supplies, of what has a price. */
  readonly money: number;
  /** Minutes of hands that are recorded, and cares whose minutes are not. */
  readonly minutes: number;
  readonly untimed: number;
  readonly cares: number;
  /** Something that was used has no price. */
  readonly unpriced: boolean;
}
/** Sums a thing's care; of a drum that it shared with others, its share by their number. */
export function spentOn(itemId: string, log: readonly LogEntry[]): Spent {
  let [money, minutes, untimed, cares, unpriced] = [0, 0, 0, 0, false];
  const drums = new Map(log.flatMap((e) => (e.type === 'load' ? [[e.id, e] as const] : [])));
  const sharers = new Map<string, number>();
  for (const e of log) if (e.type === 'care' && e.loadId) sharers.set(e.loadId, (sharers.get(e.loadId) ?? 0) + 1);
  for (const entry of log) {
    if (entry.type !== 'care' || entry.itemId !== itemId) continue;
    const drum = entry.loadId === undefined ? undefined : drums.get(entry.loadId);
    cares++;
    money += entry.takes?.money ?? 0;
    if (drum) money += (drum.takes?.money ?? 0) / (sharers.get(drum.id) ?? 1);
    unpriced ||= entry.takes?.unpriced === true || drum?.takes?.unpriced === true;
    if (entry.handsMin === undefined) untimed++;
    else minutes += entry.handsMin;
  }
  return { money, minutes, untimed, cares, unpriced };
}

/** Work that is still to do. */
export interface Ahead {
  readonly money: number;
  readonly minutes: number;
}
/** Minutes of hands of a programme's certain steps, and what it takes. */
export const aheadOf = (steps: readonly Pick<ProgrammeStep, 'when' | 'attendedMin'>[], money: number): Ahead => ({
  money,
  minutes: steps.filter((s) => s.when === 'always').reduce((sum, s) => sum + s.attendedMin, 0),
});
/** Lowest and highest that may come of it. */
export interface Span {
  readonly low: number;
  readonly high: number;
}
const plus = ({ low, high }: Span, by: number): Span => ({ low: low + by, high: high + by });
const each = ({ low, high }: Span, hours: number): Span | null => (hours > 0 ? { low: low / hours, high: high / hours } : null);

/**
 * In how many of all cases a price lies below a sum, when every price between low and high is as likely as any other.
 * @returns 0 to 1.
 */
export function shareBelow({ low, high }: Span, sum: number): number {
  if (high <= low) return low < sum ? 1 : 0;
  return Math.min(1, Math.max(0, (sum - low) / (high - low)));
}
/** The same for the rise from one guess to another, each by itself: the area of their rectangle under the line. @returns 0 to 1. */
export function shareRisesLess(from: Span, to: Span, sum: number): number {
  const width = from.high - from.low;
  if (width <= 0) return shareBelow(plus(to, -from.low), sum);
  // The mean over `from` of the share of `to` below `from` + sum: piecewise linear, so the trapezium rule over its corners is exact.
  const corners = [from.low, from.high, to.low - sum, to.high - sum]
    .map((x) => Math.min(from.high, Math.max(from.low, x)))
    .sort((a, b) => a - b);
  const at = (x: number): number => (to.high > to.low ? shareBelow(to, x + sum) : 0);
  if (to.high <= to.low) return 1 - shareBelow(from, to.low - sum);
  let area = 0;
  for (let n = 1; n < corners.length; n++) {
    const [a, b] = [corners[n - 1] as number, corners[n] as number];
    area += ((at(a) + at(b)) / 2) * (b - a);
  }
  return area / width;
}

export interface WorthInput {
  /** What was paid for it; null: not recorded, counted as nothing. */
  readonly paid: number | null;
  readonly spent: Spent;
  readonly ahead: Ahead;
  readonly asFound: Guess | null;
  readonly after: Guess | null;
  /** What an hour must bring; null: not said. */
  readonly perHour: number | null;
}
/** What is left of it when it is sold: as it was found, and after the work. */
export interface Outlook {
  readonly asFound: Span | null;
  readonly after: Span | null;
  /** A whole hour of what was and will be worked, after the work. */
  readonly perHour: Span | null;
  /** In how many of all cases all its hours bring less than they must, 0 to 1. */
  readonly below: number | null;
  /** What the work ahead adds, its costs taken off, and an hour of it; in how many cases that is less than an hour must bring. */
  readonly adds: { readonly all: Span; readonly perHour: Span | null; readonly below: number | null } | null;
  /** For this much somebody else may do the work ahead; above it one's own hands are cheaper. */
  readonly professional: number | null;
}
/** @throws never; a sum that rests on what is not known is null. */
export function outlookOf({ paid, spent, ahead, asFound, after, perHour }: WorthInput): Outlook {
  const gone = (paid ?? 0) + spent.money;
  const hours = (spent.minutes + ahead.minutes) / 60;
  const hoursAhead = ahead.minutes / 60;
  const left = after && plus(after, -gone - ahead.money);
  const rise =
    asFound && after ? { low: after.low - asFound.high - ahead.money, high: after.high - asFound.low - ahead.money } : null;
  return {
    asFound: asFound && plus(asFound, -gone),
    after: left,
    perHour: left && each(left, hours),
    below: left && perHour !== null && hours > 0 ? shareBelow(left, perHour * hours) : null,
    adds:
      rise && asFound && after
        ? {
            all: rise,
            perHour: each(rise, hoursAhead),
            below: perHour !== null && hoursAhead > 0 ? shareRisesLess(asFound, after, perHour * hoursAhead + ahead.money) : null,
          }
        : null,
    professional: perHour !== null && hoursAhead > 0 ? perHour * hoursAhead + ahead.money : null,
  };
}
/** In more cases than this the work ahead brings too little: stop. */
const MOSTLY = 0.5;
/** True when more work is likely to cost more than it brings. */
export const isStop = ({ adds }: Outlook): boolean => adds?.below !== null && adds?.below !== undefined && adds.below > MOSTLY;

/** What a sale left. */
export interface Sold {
  readonly profit: number;
  /** Null without recorded minutes. */
  readonly perHour: number | null;
  /** Of all that was put in; null when nothing was. */
  readonly percent: number | null;
}
/** What a sale left, and an hour of hands. @param paid what it cost; null counts as nothing. */
export function soldOf(sale: Sale, paid: number | null, spent: Spent): Sold {
  const put = (paid ?? 0) + spent.money;
  const profit = sale.amount - (sale.fees ?? 0) - (sale.post ?? 0) - put;
  return {
    profit,
    perHour: spent.minutes > 0 ? profit / (spent.minutes / 60) : null,
    percent: put > 0 ? (100 * profit) / put : null,
  };
}

/** What keeping it costs. */
export interface Kept {
  readonly perUse: number | null;
  /** Over the years that it has been owned; null in its first month. */
  readonly perYear: number | null;
  /** When it lasts as long as it is meant to, with care as until now. */
  readonly perYearAtTarget: number | null;
}
const MONTH_YEARS = 1 / 12;
/** @param today ISO day. Null where price, age or uses are not recorded. */
export function keptOf(
  item: Pick<Item, 'boughtOn' | 'targetYears'>,
  paid: number | null,
  spent: Spent,
  uses: number,
  today: string,
): Kept {
  const years = item.boughtOn ? (Date.parse(today) - Date.parse(item.boughtOn)) / DAY_MS / YEAR_DAYS : null;
  const all = paid === null ? null : paid + spent.money;
  const old = years !== null && years >= MONTH_YEARS;
  return {
    perUse: all !== null && uses > 0 ? all / uses : null,
    perYear: all !== null && old ? all / years : null,
    perYearAtTarget:
      paid !== null && item.targetYears !== undefined && old ? paid / item.targetYears + spent.money / years : null,
  };
}
