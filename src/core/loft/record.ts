/** The loft of one thing over the years: how it fades between washes, and what each wash gave back. */
import { isEntry, type Aim, type Inspection, type LogEntry } from '../gear';
import { LOFT_FIGURES } from '../knowledge';
import { DAY_MS, YEAR_DAYS } from '../units/time';

export interface LoftPoint {
  readonly at: string;
  /** Share of new. */
  readonly ratio: number;
  /** Mean thickness of the baffles that were measured, mm; null when only the share is known. */
  readonly mm: number | null;
}
export interface CareEvent {
  readonly at: string;
  readonly aims: readonly Aim[];
  /** Loft before and after, as the looks on either side tell. */
  readonly before: number | null;
  readonly after: number | null;
  /** Mean over the baffles measured both before and after, mm. */
  readonly gaveBackMm: number | null;
}
export interface LoftRecord {
  readonly points: readonly LoftPoint[];
  readonly cares: readonly CareEvent[];
  /** Share of its loft that is lost in a year between washes, fitted; null with too few looks. */
  readonly fadePerYear: number | null;
  /** Mean share that a wash gave back. */
  readonly recovery: number | null;
  /** Loft after the last care, and when it falls below a share at this fade; null when it cannot be told. */
  readonly belowAt: (share: number) => string | null;
}
/** A look counts for a care that lies no further from it, days. */
const NEAR_DAYS = LOFT_FIGURES.lookNearDays.value;
const CARES: readonly Aim[] = ['wash', 'fluff', 'repair'];

const meanOf = (list: readonly number[]): number => list.reduce((sum, v) => sum + v, 0) / list.length;

/** The record from looks and the log, oldest first. Looks without any loft are left out. */
export function loftRecord(inspections: readonly Inspection[], log: readonly LogEntry[], itemId: string): LoftRecord {
  const looks = inspections
    .filter((i) => i.itemId === itemId && i.loftRatio !== undefined)
    .sort((a, b) => (a.at < b.at ? -1 : 1));
  const points = looks.map(({ at, loftRatio = 1, loft }): LoftPoint => {
    return { at, ratio: loftRatio, mm: loft?.length ? meanOf(loft.map((r) => r.nowMm)) : null };
  });
  const near = (look: Inspection | undefined, at: string): Inspection | undefined =>
    look && Math.abs(Date.parse(look.at) - Date.parse(at)) <= NEAR_DAYS * DAY_MS ? look : undefined;
  const cares = log
    .filter(isEntry('care'))
    .filter((e) => e.itemId === itemId && (e.aims ?? []).some((aim) => CARES.includes(aim)))
    .sort((a, b) => (a.at < b.at ? -1 : 1))
    .map(({ at, aims }): CareEvent => {
      const before = near(looks.filter((l) => l.at < at).at(-1), at);
      const after = near(
        looks.find((l) => l.at >= at),
        at,
      );
      const pairs = (before?.loft ?? []).flatMap((b) => {
        const later = after?.loft?.find((a) => a.baffle === b.baffle);
        return later ? [later.nowMm - b.nowMm] : [];
      });
      return {
        at,
        aims: aims ?? [],
        before: before?.loftRatio ?? null,
        after: after?.loftRatio ?? null,
        gaveBackMm: pairs.length > 0 ? meanOf(pairs) : null,
      };
    });
  const fade = fadeOf(points, cares);
  const given = cares.flatMap((c) => (c.before !== null && c.after !== null ? [c.after - c.before] : []));
  const last = points.at(-1);
  return {
    points,
    cares,
    fadePerYear: fade,
    recovery: given.length > 0 ? meanOf(given) : null,
    belowAt: (share) => {
      if (!last || fade === null || !(fade > 0)) return null;
      if (last.ratio <= share) return last.at;
      const days = (Math.log(last.ratio / share) / -Math.log(1 - fade)) * YEAR_DAYS;
      return new Date(Date.parse(last.at) + days * DAY_MS).toISOString();
    },
  };
}

/** One rate for all stretches between cares, each with a start of its own: least squares on the logarithm of the share. */
function fadeOf(points: readonly LoftPoint[], cares: readonly CareEvent[]): number | null {
  let [sxx, sxy] = [0, 0];
  const ends = [...cares.map((c) => c.at), '9'];
  let from = '';
  for (const to of ends) {
    const stretch = points.filter((p) => p.at >= from && p.at < to && p.ratio > 0);
    from = to;
    if (stretch.length < 2) continue;
    const t = stretch.map((p) => Date.parse(p.at) / DAY_MS / YEAR_DAYS);
    const y = stretch.map((p) => Math.log(p.ratio));
    const [mt, my] = [meanOf(t), meanOf(y)];
    t.forEach((v, n) => {
      sxx += (v - mt) ** 2;
      sxy += (v - mt) * ((y[n] ?? 0) - my);
    });
  }
  // Less than a month in all says nothing about a year.
  return sxx > 0.003 ? 1 - Math.exp(sxy / sxx) : null;
}
