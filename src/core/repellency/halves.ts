/** One half treated, the other left as it was: what drops on both say, then and later. The honest comparison of a thing with itself. */
import { isEntry, type HalvesEntry, type HalvesSeen, type Kit, type LogEntry } from '../gear';
import { exposureOf } from './index';
import { DAY_MS } from '../units/time';

export interface HalvesRead {
  readonly entry: HalvesEntry;
  /** Each with its days and hours worn since, rain and hard use counted more; oldest first. */
  readonly readings: readonly (HalvesSeen & { readonly days: number; readonly hours: number })[];
  /** What the treatment did, by the first reading, and whether it lasts, by the last of several. */
  readonly verdict: 'unread' | 'helped' | 'nothing' | 'worse';
  readonly lasts: boolean | null;
}
const byTime = (a: { readonly at: string }, b: { readonly at: string }): number => Date.parse(a.at) - Date.parse(b.at);
const gain = ({ treated, untreated }: HalvesSeen): number => treated - untreated;

/** The experiments with one thing, newest first. */
export function halvesOf(log: readonly LogEntry[], itemId: string): HalvesRead[] {
  const mine = log.filter((e) => e.itemId === itemId);
  const uses = mine.filter(isEntry('use'));
  return mine
    .filter(isEntry('halves'))
    .sort((a, b) => byTime(b, a))
    .map((entry): HalvesRead => {
      const since = Date.parse(entry.at);
      const readings = [...(entry.readings ?? [])].sort(byTime).map((r) => ({
        ...r,
        days: Math.max(0, Math.round((Date.parse(r.at) - since) / DAY_MS)),
        hours: uses
          .filter((u) => Date.parse(u.at) >= since && Date.parse(u.at) <= Date.parse(r.at))
          .reduce((sum, u) => sum + exposureOf(u), 0),
      }));
      const [first, last] = [readings[0], readings.at(-1)];
      if (!first || !last) return { entry, readings, verdict: 'unread', lasts: null };
      const did = gain(first);
      return {
        entry,
        readings,
        verdict: did > 0 ? 'helped' : did < 0 ? 'worse' : 'nothing',
        lasts: did > 0 && readings.length > 1 ? gain(last) > 0 : null,
      };
    });
}
/** Experiments that nobody has read yet, of things that are still there. */
export const unread = (kit: Pick<Kit, 'items' | 'log'>): HalvesEntry[] =>
  (kit.log ?? [])
    .filter(isEntry('halves'))
    .filter((e) => !e.readings?.length && kit.items.some((i) => i.id === e.itemId && !i.archivedOn));
