import { mayBegin, type Calendar } from './calendar';
import type { Link, Work } from './nodes';
import { WASH_DAY_FIGURES } from '../knowledge';
import { SLOT_MIN, type Node } from './shapes';

/** A day to be scheduled, in slots. */
export interface Problem {
  readonly nodes: readonly Node[];
  readonly links: readonly Link[];
  readonly calendar: Calendar;
  /** Latest end of each node, or Infinity. */
  readonly latest: readonly number[];
  /** Nodes that have begun stay here. */
  readonly pinned: ReadonlyMap<number, number>;
  /** Metres of each rack. */
  readonly metres: ReadonlyMap<string, number>;
}
export interface Placed {
  readonly starts: readonly number[];
  /** Who is at each stretch of each node. */
  readonly by: readonly (readonly number[])[];
  readonly finish: number;
}
/** Where only one thing is done at a time. */
export const isSingle = (node: Pick<Node, 'on' | 'metres'>): boolean =>
  node.on !== 'hands' && node.on !== 'rest' && node.metres === undefined && !node.on.startsWith('rack:');

/** Longest work behind each node to the end, its own included, slots: without calendars. */
export function tailsOf(nodes: readonly Node[], links: readonly Link[]): number[] {
  const tails = nodes.map((n) => n.slots);
  const after: number[][] = nodes.map(() => []);
  for (const { from, to } of links) after[from]?.push(to);
  const done = new Uint8Array(nodes.length);
  const visit = (at: number): number => {
    if (done[at]) return tails[at] ?? 0;
    done[at] = 1;
    let most = 0;
    for (const next of after[at] ?? []) most = Math.max(most, visit(next));
    return (tails[at] = (nodes[at]?.slots ?? 0) + most);
  };
  nodes.forEach((_, at) => visit(at));
  return tails;
}

/** Pieces that follow each other at once, as one. */
export interface Group {
  readonly nodes: readonly number[];
  /** Groups that must end before something in this begins. */
  readonly before: ReadonlySet<number>;
}
/** Parts the work into groups tied by what may not wait, each in the order of its links. */
export function groupsOf({ nodes, links }: Pick<Work, 'nodes' | 'links'>): Group[] {
  const root = nodes.map((_, n) => n);
  const find = (n: number): number => {
    while (root[n] !== n) n = root[n] = root[root[n] ?? n] ?? n;
    return n;
  };
  for (const { from, to, most } of links) if (most !== undefined) root[find(from)] = find(to);
  const sorted = inOrder(nodes.length, links);
  const ids = new Map<number, number>();
  const groups: { nodes: number[]; before: Set<number> }[] = [];
  for (const n of sorted) {
    const key = find(n);
    let at = ids.get(key);
    if (at === undefined) {
      ids.set(key, (at = groups.length));
      groups.push({ nodes: [], before: new Set() });
    }
    groups[at]?.nodes.push(n);
  }
  for (const { from, to } of links) {
    const [a, z] = [ids.get(find(from)), ids.get(find(to))];
    if (a !== undefined && z !== undefined && a !== z) groups[z]?.before.add(a);
  }
  return groups;
}
function inOrder(count: number, links: readonly Link[]): number[] {
  const waits = new Array<number>(count).fill(0);
  const after: number[][] = Array.from({ length: count }, () => []);
  for (const { from, to } of links) {
    after[from]?.push(to);
    waits[to] = (waits[to] ?? 0) + 1;
  }
  const open = waits.flatMap((w, n) => (w === 0 ? [n] : []));
  const sorted: number[] = [];
  for (let n = open.shift(); n !== undefined; n = open.shift()) {
    sorted.push(n);
    for (const next of after[n] ?? []) if ((waits[next] = (waits[next] ?? 0) - 1) === 0) open.push(next);
  }
  return sorted;
}

/** What is taken already, slot by slot. */
class Board {
  private readonly machines = new Map<string, Uint8Array>();
  private readonly racks = new Map<string, Float64Array>();
  readonly hands: Uint8Array[];
  constructor(private readonly problem: Problem) {
    this.hands = problem.calendar.there.map(() => new Uint8Array(problem.calendar.horizon));
  }
  private machine(on: string): Uint8Array {
    let busy = this.machines.get(on);
    if (!busy) this.machines.set(on, (busy = new Uint8Array(this.problem.calendar.horizon)));
    return busy;
  }
  private rack(on: string): Float64Array {
    let used = this.racks.get(on);
    if (!used) this.racks.set(on, (used = new Float64Array(this.problem.calendar.horizon)));
    return used;
  }
  /**
   * @returns who is at each stretch when the node begins here, or the next slot that is worth trying.
   */
  fits(node: Node, start: number): number[] | number {
    const { calendar, metres } = this.problem;
    const end = start + node.slots;
    if (end >= calendar.horizon) return calendar.horizon;
    if (!mayBegin(calendar, node, start)) return start + 1;
    if (isSingle(node)) {
      const busy = this.machine(node.on);
      for (let t = end - 1; t >= start; t--) if (busy[t]) return t + 1;
    } else if (node.metres !== undefined) {
      const used = this.rack(node.on);
      const most = metres.get(node.on) ?? Infinity;
      for (let t = end - 1; t >= start; t--) if ((used[t] ?? 0) + node.metres > most + 1e-9) return t + 1;
    }
    const by: number[] = [];
    for (const { at, slots } of node.stretches) {
      const person = this.freeAt(start + at, slots);
      if (person < 0) return start + 1;
      by.push(person);
    }
    return by;
  }
  private freeAt(t: number, slots: number): number {
    const { there } = this.problem.calendar;
    for (let p = 0; p < there.length; p++) {
      if ((there[p]?.[t] ?? 0) < slots) continue;
      const busy = this.hands[p];
      let free = true;
      for (let k = 0; k < slots && free; k++) if (busy?.[t + k]) free = false;
      if (free) return p;
    }
    return -1;
  }
  set(node: Node, start: number, by: readonly number[], value: 1 | 0): void {
    if (isSingle(node)) this.machine(node.on).fill(value, start, start + node.slots);
    else if (node.metres !== undefined) {
      const used = this.rack(node.on);
      for (let t = start; t < start + node.slots; t++) used[t] = (used[t] ?? 0) + (value ? node.metres : -node.metres);
    }
    node.stretches.forEach(({ at, slots }, n) => this.hands[by[n] ?? 0]?.fill(value, start + at, start + at + slots));
  }
}

/** How groups are taken in turn: a greater number is taken first. */
export type Urgency = (group: number) => number;

/** Pieces of work as they are put in, one group after the other; -1 = not yet. */
class Placing {
  readonly starts: number[];
  readonly by: number[][];
  private readonly into: Link[][];
  private readonly board: Board;
  constructor(private readonly problem: Problem) {
    const { nodes, links, pinned } = problem;
    this.board = new Board(problem);
    this.starts = new Array<number>(nodes.length).fill(-1);
    this.by = nodes.map(() => []);
    this.into = nodes.map(() => []);
    for (const link of links) this.into[link.to]?.push(link);
    // What has begun is there first.
    for (const [at, start] of pinned) {
      const node = nodes[at];
      if (!node) continue;
      this.starts[at] = start;
      const found = this.board.fits(node, Math.max(0, start));
      this.by[at] = typeof found === 'number' ? node.stretches.map(() => 0) : found;
      this.board.set(node, Math.max(0, start), this.by[at] ?? [], 1);
    }
  }
  endOf(at: number): number {
    return (this.starts[at] ?? 0) + (this.problem.nodes[at]?.slots ?? 0);
  }
  /** The first piece of a group that is still to be put in. */
  headOf(group: Group): number | undefined {
    return group.nodes.find((n) => !this.problem.pinned.has(n));
  }
  /** No earlier than this, by what has been put in before it; no later, by how long it may wait. */
  private between(at: number, first: number): { readonly from: number; readonly most: number } {
    let [from, most] = [first, Infinity];
    for (const link of this.into[at] ?? []) {
      if (this.starts[link.from] === -1) continue;
      from = Math.max(from, this.endOf(link.from));
      if (link.most !== undefined) most = Math.min(most, this.endOf(link.from) + link.most);
    }
    return { from, most };
  }
  /** Takes pieces out again. */
  private lift(pieces: readonly number[]): void {
    for (const at of pieces) {
      const node = this.problem.nodes[at];
      if (node) this.board.set(node, this.starts[at] ?? 0, this.by[at] ?? [], 0);
    }
  }
  /** Tries the group with its first piece no earlier than `t`; 0 = it stands, else the next slot worth trying. */
  private tryAt(group: Group, t: number): number {
    const { nodes, calendar, pinned } = this.problem;
    const set: number[] = [];
    for (const at of group.nodes) {
      const node = nodes[at];
      if (pinned.has(at) || !node) continue;
      const { from, most } = this.between(at, set.length === 0 ? t : calendar.first);
      let start = from;
      let found = this.board.fits(node, start);
      while (typeof found === 'number') {
        start = found;
        if (start > most || start >= calendar.horizon) {
          this.lift(set);
          for (const one of set) this.starts[one] = -1;
          return set.length === 0 ? calendar.horizon : t + 1;
        }
        found = this.board.fits(node, start);
      }
      this.starts[at] = start;
      this.by[at] = found;
      this.board.set(node, start, found, 1);
      set.push(at);
    }
    return 0;
  }
  /** Puts a group in where it fits first. @returns false when it finds no room at all. */
  put(group: Group, head: number, slack: number): boolean {
    const { calendar } = this.problem;
    let t = this.between(head, calendar.first).from;
    let found = this.tryAt(group, t);
    while (found !== 0) {
      if (found >= calendar.horizon) return false;
      t = found;
      found = this.tryAt(group, t);
    }
    if (slack > 0) this.settle(group, this.starts[head] ?? t, slack);
    return true;
  }
  /** Attended stretches of a group that no other stands beside. */
  private lonely(group: Group): number {
    let count = 0;
    for (const at of group.nodes)
      for (const { at: offset, slots } of this.problem.nodes[at]?.stretches ?? []) {
        const from = (this.starts[at] ?? 0) + offset;
        const near = this.board.hands.some((h) => h[from - 1] || h[from - 2] || h[from + slots] || h[from + slots + 1]);
        if (!near) count++;
      }
    return count;
  }
  /** Lets a group wait a little where that saves a visit. */
  private settle(group: Group, first: number, slack: number): void {
    const { calendar, pinned } = this.problem;
    const own = group.nodes.filter((at) => !pinned.has(at));
    let best = { t: first, lonely: this.lonely(group) };
    const last = first + slack;
    let t = first + 1;
    while (best.lonely > 0 && t <= last) {
      this.lift(own);
      let found = this.tryAt(group, t);
      while (found !== 0 && found < calendar.horizon) found = this.tryAt(group, found);
      const is = this.starts[own[0] ?? 0] ?? t;
      if (is > last) break;
      const lonely = this.lonely(group);
      if (lonely < best.lonely) best = { t: is, lonely };
      t = is + 1;
    }
    this.lift(own);
    this.tryAt(group, best.t);
  }
}

/**
 * Puts one group after the other where it fits first. @param slack slots that a group may wait so that somebody who is there anyway does it.
 * @returns undefined when something finds no room at all.
 */
export function place(problem: Problem, groups: readonly Group[], urgency: Urgency, slack = 0): Placed | undefined {
  const placing = new Placing(problem);
  const left = groups.map((g) => g.before.size);
  const waits = groups.map((g) => new Set(g.before));
  const open = new Set(groups.flatMap((_, n) => (left[n] === 0 ? [n] : [])));
  while (open.size > 0) {
    let next = -1;
    for (const n of open) if (next < 0 || urgency(n) > urgency(next) || (urgency(n) === urgency(next) && n < next)) next = n;
    open.delete(next);
    const group = groups[next];
    if (!group) break;
    const head = placing.headOf(group);
    if (head !== undefined && !placing.put(group, head, slack)) return undefined;
    groups.forEach((_, n) => {
      if (waits[n]?.delete(next) && waits[n]?.size === 0) open.add(n);
    });
  }
  const { starts, by } = placing;
  if (starts.includes(-1)) throw new RangeError('The order of the work goes round in a circle.');
  let finish = 0;
  problem.nodes.forEach((_, at) => (finish = Math.max(finish, placing.endOf(at))));
  return { starts, by, finish };
}

/** Attended stretches less than ten minutes apart are one visit. */
export function visitsOf(problem: Pick<Problem, 'nodes'>, placed: Placed): number {
  const spans = problem.nodes
    .flatMap((node, at) =>
      node.stretches.map((s) => [(placed.starts[at] ?? 0) + s.at, (placed.starts[at] ?? 0) + s.at + s.slots] as const),
    )
    .sort((a, b) => a[0] - b[0]);
  let [visits, end] = [0, -Infinity];
  for (const [from, to] of spans) {
    if (from - end >= VISIT_GAP) visits++;
    end = Math.max(end, to);
  }
  return visits;
}
/** A pause between two stretches of so many slots makes two visits. */
export const VISIT_GAP = Math.ceil(WASH_DAY_FIGURES.visitGapMin.value / SLOT_MIN);
