/** What care did: how things stood before and after each kind of it. Refuses: saying why. */
import { isEntry, type CareEntry, type Inspection, type Item, type Kind, type Kit } from '../gear';
import { indexOf } from '../repellency';

/** What a look measures, each as a share of as good as new, %. */
export const MEASURES = ['clean', 'smell', 'loft', 'drops'] as const;
export type Measure = (typeof MEASURES)[number];
const WORST_SOIL = 4;
const WORST_ODOUR = 3;
/**
 * One measure of a look, 0–100 %; null when it was not looked at then, though it may stand there as it was on another day.
 * Clean: 100 % at soil 0; smell: 100 % at none; loft: of new; drops: the index of the drop test.
 */
export function measureOf(look: Inspection, kind: Kind, measure: Measure): number | null {
  const { asOf = {} } = look;
  switch (measure) {
    case 'clean':
      return look.soil === undefined || asOf.soil !== undefined ? null : 100 * (1 - look.soil / WORST_SOIL);
    case 'smell':
      return look.odour === undefined || asOf.odour !== undefined ? null : 100 * (1 - look.odour / WORST_ODOUR);
    case 'loft':
      return look.loftRatio === undefined || asOf.loftRatio !== undefined ? null : 100 * look.loftRatio;
    case 'drops':
      return look.droplet === undefined || asOf.droplet !== undefined ? null : indexOf(look.droplet, kind);
  }
}

export interface EffectLine {
  readonly entry: CareEntry;
  readonly item: Item;
  readonly before: number;
  readonly after: number;
}
export interface Effect {
  /** What was done, together. */
  readonly did: NonNullable<CareEntry['did']>;
  /** Means, %. */
  readonly before: number;
  readonly after: number;
  /** The cares that it is the mean of, the newest first. */
  readonly lines: readonly EffectLine[];
}
const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;
/**
 * Before and after each kind of care that bears a look of both, the commonest first.
 * @param year null = all of the record.
 */
export function effectsOf(
  kit: Pick<Kit, 'items' | 'inspections' | 'log'>,
  measure: Measure,
  year: number | null = null,
): Effect[] {
  const items = new Map(kit.items.map((i) => [i.id, i]));
  const looks = new Map(kit.inspections.map((i) => [i.id, i]));
  const groups = new Map<string, EffectLine[]>();
  for (const entry of (kit.log ?? []).filter(isEntry('care'))) {
    const item = items.get(entry.itemId ?? '');
    const [seen, later] = [looks.get(entry.before ?? ''), looks.get(entry.after ?? '')];
    if (!item || !seen || !later || (year !== null && !entry.at.startsWith(String(year)))) continue;
    const [before, after] = [measureOf(seen, item.kind, measure), measureOf(later, item.kind, measure)];
    if (before === null || after === null) continue;
    const key = [...(entry.did ?? [])].sort().join();
    if (key === '') continue;
    const line = { entry, item, before, after };
    const known = groups.get(key);
    if (known) known.push(line);
    else groups.set(key, [line]);
  }
  return [...groups.values()]
    .map((lines): Effect => ({
      did: lines[0]?.entry.did ?? [],
      before: mean(lines.map((l) => l.before)),
      after: mean(lines.map((l) => l.after)),
      lines: lines.sort((a, b) => (a.entry.at < b.entry.at ? 1 : -1)),
    }))
    .sort((a, b) => b.lines.length - a.lines.length);
}

/** A thing at one time. */
export interface StatePoint {
  /** ms. */
  readonly at: number;
  /** The look that says so; null for a weight. */
  readonly lookId: string | null;
  readonly clean: number | null;
  readonly smell: number | null;
  readonly loft: number | null;
  readonly drops: number | null;
  /** Dry mass, % of the first dry weight. */
  readonly weight: number | null;
  /** Signs of wear that were seen, counted. */
  readonly wear: number | null;
}
/** How a thing stood over time: its looks and its dry weights, oldest first. Points that say nothing are left out. */
export function statesOf(kit: Pick<Kit, 'inspections' | 'weighIns'>, item: Pick<Item, 'id' | 'kind'>): StatePoint[] {
  const nothing = { clean: null, smell: null, loft: null, drops: null, weight: null, wear: null };
  const looks = kit.inspections
    .filter((i) => i.itemId === item.id)
    .map((look): StatePoint => {
      const of = (measure: Measure): number | null => measureOf(look, item.kind, measure);
      const wear = look.wear === undefined || look.asOf?.wear !== undefined ? null : look.wear.length;
      const at = Date.parse(look.at);
      return {
        ...nothing,
        at,
        lookId: look.id,
        clean: of('clean'),
        smell: of('smell'),
        loft: of('loft'),
        drops: of('drops'),
        wear,
      };
    });
  const dry = (kit.weighIns ?? [])
    .filter((w) => w.itemId === item.id && w.after === 'dry')
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const first = dry[0]?.massG;
  const weights = dry.map((w): StatePoint => ({
    ...nothing,
    at: Date.parse(w.at),
    lookId: null,
    weight: first === undefined ? null : (100 * w.massG) / first,
  }));
  return [...looks, ...weights]
    .filter((p) => [p.clean, p.smell, p.loft, p.drops, p.weight, p.wear].some((v) => v !== null))
    .sort((a, b) => a.at - b.at);
}
