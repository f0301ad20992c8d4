import { yearOf } from '../units/day';
/** A year of the record: what was done, what it took, and how things stood in it. Refuses: the clock; which year it is, is asked for. */
import { isEntry, latestByItem, type CareEntry, type Inspection, type Item, type Kit, type LogEntry, type Wear } from '../gear';
import { dayOf } from '../units/day';

export interface MonthFigures {
  /** YYYY-MM. */
  readonly month: string;
  readonly washes: number;
  /** Cares without a wash: aired, fluffed, warmed, a mark taken out, renewed, mended. */
  readonly without: number;
  readonly litres: number;
  readonly kWh: number;
  readonly money: number;
  /** Minutes of the cares of which both are known. */
  readonly tookMin: number;
  readonly plannedMin: number;
}
export interface YearRecord {
  readonly year: number;
  readonly cares: number;
  readonly washes: number;
  readonly without: number;
  /** Things whose finish was renewed, and things that were mended. */
  readonly renewed: number;
  readonly mended: number;
  readonly uses: number;
  /** Mean of the last loft of each filled thing that was looked at in it, of new; null without one. */
  readonly loft: number | null;
  readonly litres: number;
  readonly kWh: number;
  /** Of what has a price; `unpriced`: something had none. */
  readonly money: number;
  readonly unpriced: boolean;
  /** Minutes of the cares of which both are known. */
  readonly tookMin: number;
  readonly plannedMin: number;
  /** January to December. */
  readonly months: readonly MonthFigures[];
  /** What each thing took in money and how often it was used in the year, the dearest first. */
  readonly things: readonly { readonly item: Item; readonly cares: number; readonly uses: number; readonly money: number }[];
}
/** The day of a use, which may be written down later. */
export const dayOfUse = (e: LogEntry): string => (e.type === 'use' && e.on) || dayOf(e.at);
const isCare = (e: LogEntry): e is CareEntry => e.type === 'care' && (e.did ?? []).length > 0;

/** Years that the record holds something of, the newest first; the one that is asked for always. */
export const yearsIn = (kit: Pick<Kit, 'log'>, now: number): number[] =>
  [...new Set([now, ...(kit.log ?? []).filter((e) => e.type === 'use' || isCare(e)).map((e) => yearOf(dayOfUse(e)))])].sort(
    (a, b) => b - a,
  );

/** @param year of the place where this runs. */
export function yearRecord(kit: Pick<Kit, 'items' | 'inspections' | 'log'>, year: number): YearRecord {
  const log = kit.log ?? [];
  const cares = log.filter(isCare).filter((e) => yearOf(dayOf(e.at)) === year);
  const uses = log.filter(isEntry('use')).filter((e) => yearOf(dayOfUse(e)) === year);
  // What a drum took for all of them stands in its own line, once.
  const taking = [...cares, ...log.filter(isEntry('load')).filter((e) => yearOf(dayOf(e.at)) === year)];
  const washed = (e: CareEntry): boolean => (e.did ?? []).includes('washed');
  const things = (did: 'renewed' | 'mended'): number =>
    new Set(cares.filter((e) => e.did?.includes(did)).map((e) => e.itemId)).size;
  const sum = (of: (e: (typeof taking)[number]) => number | undefined, list = taking): number =>
    list.reduce((all, e) => all + (of(e) ?? 0), 0);
  const timed = cares.filter((e) => e.tookMin !== undefined && e.plannedMin !== undefined);
  const minutes = (of: 'tookMin' | 'plannedMin', month: string): number =>
    timed.filter((e) => dayOf(e.at).startsWith(month)).reduce((all, e) => all + (e[of] ?? 0), 0);
  return {
    year,
    cares: cares.length,
    washes: cares.filter(washed).length,
    without: cares.filter((e) => !washed(e)).length,
    renewed: things('renewed'),
    mended: things('mended'),
    uses: uses.length,
    loft: loftIn(kit.inspections, year),
    litres: sum((e) => e.takes?.litres),
    kWh: sum((e) => e.takes?.kWh),
    money: sum((e) => e.takes?.money),
    unpriced: taking.some((e) => e.takes?.unpriced),
    tookMin: minutes('tookMin', ''),
    plannedMin: minutes('plannedMin', ''),
    months: Array.from({ length: 12 }, (_, n): MonthFigures => {
      const month = `${year}-${String(n + 1).padStart(2, '0')}`;
      const here = taking.filter((e) => dayOf(e.at).startsWith(month));
      const done = cares.filter((e) => dayOf(e.at).startsWith(month));
      return {
        month,
        washes: done.filter(washed).length,
        without: done.filter((e) => !washed(e)).length,
        litres: sum((e) => e.takes?.litres, here),
        kWh: sum((e) => e.takes?.kWh, here),
        money: sum((e) => e.takes?.money, here),
        tookMin: minutes('tookMin', month),
        plannedMin: minutes('plannedMin', month),
      };
    }),
    things: kit.items
      .map((item) => ({
        item,
        cares: cares.filter((e) => e.itemId === item.id).length,
        uses: uses.filter((e) => e.itemId === item.id).length,
        money: cares.filter((e) => e.itemId === item.id).reduce((all, e) => all + (e.takes?.money ?? 0), 0),
      }))
      .filter((t) => t.cares > 0 || t.uses > 0)
      .sort((a, b) => b.money - a.money || b.cares - a.cares || b.uses - a.uses),
  };
}
function loftIn(inspections: readonly Inspection[], year: number): number | null {
  const measured = inspections.filter(
    (i) => i.loftRatio !== undefined && i.asOf?.loftRatio === undefined && yearOf(i.at) === year,
  );
  const last = [...latestByItem(measured).values()].flatMap((i) => i.loftRatio ?? []);
  return last.length > 0 ? last.reduce((a, b) => a + b, 0) / last.length : null;
}
/** What shows signs of wear as it was last seen, the most signs first. */
export function wornIn(kit: Pick<Kit, 'items' | 'inspections'>): { readonly item: Item; readonly wear: readonly Wear[] }[] {
  const seen = latestByItem(kit.inspections);
  return kit.items
    .filter((i) => !i.retiredOn && !i.archivedOn)
    .map((item) => ({ item, wear: seen.get(item.id)?.wear ?? [] }))
    .filter(({ wear }) => wear.length > 0)
    .sort((a, b) => b.wear.length - a.wear.length);
}
