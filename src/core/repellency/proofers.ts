/** Proofers held against each other by what stands in the record. Refuses: calling a difference proved that so few cases cannot prove. */
import {
  isEntry,
  PROOFER_CLASSES,
  type CareEntry,
  type Item,
  type Kit,
  type LogEntry,
  type SupplyClass,
  type UsedSupply,
} from '../gear';
import { dropTestsOf, indexOf, INDEX_OF_GRADE } from './index';
import { REPELLENCY_FIGURES } from '../knowledge';

/** One renewal with one product: the index before and after, where drops were tried. */
export interface Renewal {
  readonly itemId: string;
  readonly at: string;
  readonly gain: number;
  readonly after: number;
  /** From a thing one half of which was left as it was. */
  readonly halved: boolean;
}
export interface ProoferRecord {
  /** The bottle, else its class. */
  readonly id: string;
  readonly supplyId: string | null;
  readonly class: SupplyClass;
  readonly renewals: readonly Renewal[];
  readonly things: number;
  readonly gain: number;
  readonly after: number;
}
export interface ProoferPair {
  readonly one: ProoferRecord;
  readonly two: ProoferRecord;
  /** Gain of the first less that of the second, nine in ten; null where either has been used once only. */
  readonly difference: { readonly value: number; readonly low: number; readonly high: number } | null;
}
const isProofer = (cls: SupplyClass | undefined): cls is SupplyClass =>
  cls !== undefined && (PROOFER_CLASSES as readonly SupplyClass[]).includes(cls);
const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

/** Every proofer that was used on something whose drops were tried before and after it, the most used first. */
export function proofersOf(kit: Pick<Kit, 'items' | 'inspections' | 'log' | 'supplies'>): ProoferRecord[] {
  const log = kit.log ?? [];
  const found = new Map<string, { supplyId: string | null; class: SupplyClass; renewals: Renewal[] }>();
  const add = (used: UsedSupply, renewal: Renewal): void => {
    const cls = used.class ?? kit.supplies?.find((s) => s.id === used.supplyId)?.class;
    if (!isProofer(cls)) return;
    const id = used.supplyId ?? cls;
    const record = found.get(id) ?? { supplyId: used.supplyId ?? null, class: cls, renewals: [] };
    record.renewals.push(renewal);
    found.set(id, record);
  };
  for (const item of kit.items) {
    const tests = dropTestsOf(kit.inspections, item.id).flatMap(({ at, droplet = {} }) => {
      const index = indexOf(droplet, item.kind);
      return index === null ? [] : [{ at, index }];
    });
    for (const care of renewalsIn(log, item)) {
      const begun = Date.parse(care.startedAt ?? care.at);
      const before = tests.findLast((t) => Date.parse(t.at) <= begun);
      // The look that ends the run is as old as its line, or a little older.
      const after = tests.find((t) => Date.parse(t.at) > begun && t !== before);
      if (!before || !after || careBetween(log, care, after.at)) continue;
      const load = log.filter(isEntry('load')).find((e) => e.id === care.loadId);
      const used = [...(care.supplies ?? []), ...(load?.supplies ?? [])].find((s) =>
        isProofer(s.class ?? kit.supplies?.find((b) => b.id === s.supplyId)?.class),
      );
      if (used) add(used, { itemId: item.id, at: care.at, gain: after.index - before.index, after: after.index, halved: false });
    }
  }
  for (const e of log.filter(isEntry('halves'))) {
    const [seen] = [...(e.readings ?? [])].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
    const [used] = e.supplies ?? [];
    if (e.treatment !== 'renew' || !seen || !used) continue;
    const [after, left] = [INDEX_OF_GRADE[seen.treated] ?? 0, INDEX_OF_GRADE[seen.untreated] ?? 0];
    add(used, { itemId: e.itemId, at: e.at, gain: after - left, after, halved: true });
  }
  return [...found]
    .map(([id, { supplyId, class: cls, renewals }]): ProoferRecord => ({
      id,
      supplyId,
      class: cls,
      renewals,
      things: new Set(renewals.map((r) => r.itemId)).size,
      gain: mean(renewals.map((r) => r.gain)),
      after: mean(renewals.map((r) => r.after)),
    }))
    .sort((a, b) => b.renewals.length - a.renewals.length || a.id.localeCompare(b.id));
}
const renewalsIn = (log: readonly LogEntry[], item: Item): CareEntry[] =>
  log.filter(isEntry('care')).filter((e) => e.itemId === item.id && (e.did ?? []).includes('renewed'));
/** Something else was done before the drops were tried: nobody can tell what helped. */
const careBetween = (log: readonly LogEntry[], care: CareEntry, until: string): boolean =>
  log
    .filter(isEntry('care'))
    .some((e) => e.itemId === care.itemId && e.id !== care.id && (e.did ?? []).length > 0 && e.at > care.at && e.at < until);

/** Upper 5 % points of Student’s t for 1 to 30 degrees of freedom [NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.2]. */
const T_95 = [
  6.314, 2.92, 2.353, 2.132, 2.015, 1.943, 1.895, 1.86, 1.833, 1.812, 1.796, 1.782, 1.771, 1.761, 1.753, 1.746, 1.74, 1.734,
  1.729, 1.725, 1.721, 1.717, 1.714, 1.711, 1.708, 1.706, 1.703, 1.701, 1.699, 1.697,
] as const;
/** One drop test can be a grade off: two of the same thing never differ by less than this, in the index. */
const LEAST_SD = REPELLENCY_FIGURES.testSd.value;
const variance = (values: readonly number[]): number => {
  const middle = mean(values);
  const own = values.reduce((sum, v) => sum + (v - middle) ** 2, 0) / (values.length - 1);
  return Math.max(own, LEAST_SD ** 2);
};
/** Two proofers side by side: Welch’s interval of the difference of their gains. */
export function pairOf(one: ProoferRecord, two: ProoferRecord): ProoferPair {
  const [a, b] = [one.renewals.map((r) => r.gain), two.renewals.map((r) => r.gain)];
  if (a.length < 2 || b.length < 2) return { one, two, difference: null };
  const [va, vb] = [variance(a) / a.length, variance(b) / b.length];
  const freedom = (va + vb) ** 2 / (va ** 2 / (a.length - 1) + vb ** 2 / (b.length - 1));
  const t = T_95[Math.min(T_95.length, Math.max(1, Math.floor(freedom))) - 1] as number;
  const value = mean(a) - mean(b);
  const off = t * Math.sqrt(va + vb);
  return { one, two, difference: { value, low: value - off, high: value + off } };
}
