/** Things of one kit beside those of another: to hand one over, and to take it in without touching what is there. Refuses: merging two states of one thing. */
import type { Inspection, Item, Kit, LogEntry, WeighIn } from '../gear';
import { KIT_FORMAT, KIT_VERSION } from './limits';

/**
 * A document of some things alone, with what was seen and done of them; no machine, bottle or choice of their owner’s, who has them, what they cost
 * or may bring.
 */
export function kitOfThings(kit: Kit, itemIds: readonly string[], exportedAt: string): Kit {
  const of = (row: { readonly itemId?: string | undefined }): boolean => row.itemId !== undefined && itemIds.includes(row.itemId);
  const log = (kit.log ?? []).filter(of).map((entry) => withoutRefs(entry));
  const weighIns = (kit.weighIns ?? []).filter(of);
  return {
    format: KIT_FORMAT,
    version: KIT_VERSION,
    exportedAt,
    items: kit.items.filter((i) => itemIds.includes(i.id)).map(withoutOwners),
    inspections: kit.inspections.filter(of),
    log,
    ...(weighIns.length > 0 ? { weighIns } : {}),
  };
}
/** A thing without what is its owner’s alone: a risk that was taken knowingly is taken by nobody else. */
function withoutOwners(item: Item): Item {
  const {
    price: _p,
    worth: _w,
    lent: _l,
    gone: _g,
    owner: _o,
    tags: _t,
    own: _f,
    schools: _s,
    planned: _c,
    keptOn: _k,
    ...rest
  } = item;
  return rest;
}
/** A line of the record without bottles, machines and drums that stay with their owner. */
function withoutRefs(entry: LogEntry): LogEntry {
  const {
    supplies,
    washerId: _w,
    dryerId: _d,
    loadId: _l,
    ...rest
  } = entry as LogEntry & {
    supplies?: readonly { supplyId?: string; class?: unknown; ml?: number }[];
    washerId?: string;
    dryerId?: string;
    loadId?: string;
  };
  const bare = supplies?.map(({ supplyId: _s, ...used }) => used);
  return { ...rest, ...(bare ? { supplies: bare } : {}) } as LogEntry;
}

export interface Beside {
  /** Things that are new here. */
  readonly items: readonly Item[];
  /** Of theirs, by the same id: left as they are here. */
  readonly known: readonly Item[];
  readonly inspections: readonly Inspection[];
  readonly log: readonly LogEntry[];
  readonly weighIns: readonly WeighIn[];
}
/**
 * What of another kit would come in beside this one: things that are not here yet with their looks, lines and weights. Nothing that is here
 * changes; taken in twice it is the same as once.
 */
export function besideOf(mine: Pick<Kit, 'items' | 'inspections' | 'log'>, theirs: Kit): Beside {
  const here = new Set(mine.items.map((i) => i.id));
  const ids = { inspections: new Set(mine.inspections.map((i) => i.id)), log: new Set((mine.log ?? []).map((e) => e.id)) };
  const items = theirs.items.filter((i) => !here.has(i.id));
  const coming = new Set(items.map((i) => i.id));
  const comes = (row: { readonly itemId?: string | undefined }): boolean => row.itemId !== undefined && coming.has(row.itemId);
  return {
    items,
    known: theirs.items.filter((i) => here.has(i.id)),
    inspections: theirs.inspections.filter((i) => comes(i) && !ids.inspections.has(i.id)),
    log: (theirs.log ?? []).filter((e) => comes(e) && !ids.log.has(e.id)).map(withoutRefs),
    weighIns: (theirs.weighIns ?? []).filter(comes),
  };
}
