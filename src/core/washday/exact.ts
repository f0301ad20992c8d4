import { mayBegin } from './calendar';
import type { Node } from './shapes';
import { isSingle, tailsOf, type Placed, type Problem } from './place';

/*
 * The best day for given loads, proved. Starts of all pieces form the least solution of "begins so long after" and "may begin here"; both
 * are closed under taking the earlier of two days, so for any set of decided orders the earliest day is one fixpoint. What is left to decide
 * is which of two pieces goes first on a machine, at a rack or with a person, and who comes: branch and bound over these.
 */

/** `to` begins at least `least` slots after `from` has begun. */
interface Arc {
  readonly from: number;
  readonly to: number;
  readonly least: number;
}
interface State {
  readonly starts: Int32Array;
  readonly arcs: ArcList | null;
  /** Person of each stretch, by piece and stretch. */
  readonly who: WhoList | null;
}
interface ArcList {
  readonly arc: Arc;
  readonly rest: ArcList | null;
}
interface WhoList {
  readonly node: number;
  readonly stretch: number;
  readonly person: number;
  readonly rest: WhoList | null;
}
type Choice = { readonly arc: Arc } | { readonly node: number; readonly stretch: number; readonly person: number };

export interface Proof {
  /** The best day, or null when none is better than what was known. */
  readonly placed: Placed | null;
  /** False when the effort ended before all was looked at. */
  readonly complete: boolean;
  readonly steps: number;
}

class Search {
  private readonly arcs: Arc[] = [];
  private readonly outOf: Arc[][];
  private readonly tails: readonly number[];
  /** What one machine, or the one person, has to do. */
  private readonly queues: readonly { readonly node: number; readonly at: number; readonly slots: number }[][];
  private best: Placed | null = null;
  steps = 0;

  constructor(
    private readonly problem: Problem,
    private bar: number,
    private readonly effort: number,
  ) {
    const { nodes, links } = problem;
    this.tails = tailsOf(nodes, links);
    for (const { from, to, most } of links) {
      const slots = this.node(from).slots;
      this.arcs.push({ from, to, least: slots });
      if (most !== undefined) this.arcs.push({ from: to, to: from, least: -(slots + most) });
    }
    const queues = new Map<string, { node: number; at: number; slots: number }[]>();
    const queue = (name: string, job: { node: number; at: number; slots: number }): void => {
      const list = queues.get(name);
      if (list) list.push(job);
      else queues.set(name, [job]);
    };
    nodes.forEach((node, n) => {
      if (isSingle(node)) queue(node.on, { node: n, at: 0, slots: node.slots });
      if (problem.calendar.there.length === 1)
        for (const s of node.stretches) queue('hands', { node: n, at: s.at, slots: s.slots });
    });
    this.queues = [...queues.values()].filter((jobs) => jobs.length > 1);
    this.outOf = nodes.map(() => []);
    for (const arc of this.arcs) this.outOf[arc.from]?.push(arc);
  }
  private node(at: number): Node {
    const node = this.problem.nodes[at];
    if (!node) throw new RangeError(`There is no piece of work ${at}.`);
    return node;
  }
  private whoIs(who: WhoList | null, node: number, stretch: number): number {
    for (let w = who; w; w = w.rest) if (w.node === node && w.stretch === stretch) return w.person;
    return -1;
  }
  /** The first slot from here in which it may begin, whatever else there is; the horizon when none. */
  private opens(at: number, from: number, who: WhoList | null): number {
    const { calendar, pinned } = this.problem;
    const pin = pinned.get(at);
    const node = this.node(at);
    // What has begun stays, done by whom of those who were there; outside everybody's hours it was done all the same.
    const begun = pin !== undefined;
    const manned = (t: number): boolean =>
      node.stretches.every(({ at: offset, slots }, n) => {
        const known = this.whoIs(who, at, n);
        const there = this.thereAt(t + offset, slots);
        return there.length === 0 ? begun : known < 0 || there.includes(known);
      });
    if (begun) return from <= pin && manned(pin) ? pin : calendar.horizon;
    for (let t = Math.max(from, calendar.first); t < calendar.horizon; t++)
      if (mayBegin(calendar, node, t) && manned(t)) return t;
    return calendar.horizon;
  }
  /** Those who are there for so many slots from here. */
  private thereAt(t: number, slots: number): number[] {
    return this.problem.calendar.there.flatMap((there, p) => ((there[t] ?? 0) >= slots ? [p] : []));
  }
  /** Moves all pieces to their earliest; false when there is no better day here. */
  private settle(starts: Int32Array, arcs: ArcList | null, who: WhoList | null, dirty: number[]): boolean {
    const extra: Arc[] = [];
    for (let a = arcs; a; a = a.rest) extra.push(a.arc);
    const queue = dirty;
    for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
      const start = this.opens(at, starts[at] ?? 0, who);
      if (start >= this.problem.calendar.horizon) return false;
      starts[at] = start;
      if (start + (this.tails[at] ?? 0) >= this.bar) return false;
      if (start + this.node(at).slots > (this.problem.latest[at] ?? Infinity)) return false;
      const push = ({ to, least }: Arc): void => {
        if ((starts[to] ?? 0) >= start + least) return;
        starts[to] = start + least;
        queue.push(to);
      };
      for (const arc of this.outOf[at] ?? []) push(arc);
      for (const arc of extra) if (arc.from === at) push(arc);
    }
    return true;
  }
  /** What two pieces, or too many, stand in each other's way; the earliest such, as choices of which one must be right. */
  private clash(state: State): Choice[] | null {
    const { nodes, calendar, metres } = this.problem;
    let at = Infinity;
    let choices: Choice[] | null = null;
    const before = (i: number, j: number): Choice => ({ arc: { from: i, to: j, least: this.node(i).slots } });
    const start = (n: number): number => state.starts[n] ?? 0;
    for (let i = 0; i < nodes.length; i++) {
      const a = this.node(i);
      if (a.on === 'hands' || a.on === 'rest') continue;
      for (let j = i + 1; j < nodes.length; j++) {
        const z = this.node(j);
        if (a.on !== z.on || !isSingle(a)) continue;
        const when = Math.max(start(i), start(j));
        if (when >= start(i) + a.slots || when >= start(j) + z.slots || when >= at) continue;
        at = when;
        choices = [before(i, j), before(j, i)];
      }
      if (a.metres === undefined) continue;
      const here = nodes.flatMap((n, j) => (n.on === a.on && start(j) <= start(i) && start(j) + n.slots > start(i) ? [j] : []));
      const used = here.reduce((sum, j) => sum + (this.node(j).metres ?? 0), 0);
      if (used <= (metres.get(a.on) ?? Infinity) + 1e-9 || start(i) >= at) continue;
      at = start(i);
      choices = here.flatMap((x) => here.flatMap((y) => (x === y ? [] : [before(x, y)])));
    }
    const stretches = nodes
      .flatMap((node, n) => node.stretches.map((s, k) => ({ n, k, from: start(n) + s.at, offset: s.at, slots: s.slots })))
      .sort((x, y) => x.from - y.from || x.n - y.n || x.k - y.k);
    const going: { s: (typeof stretches)[number]; person: number }[] = [];
    for (const s of stretches) {
      if (s.from >= at) break;
      for (let g = going.length - 1; g >= 0; g--) {
        const one = going[g];
        if (one && one.s.from + one.s.slots <= s.from) going.splice(g, 1);
      }
      const whose = this.whoIs(state.who, s.n, s.k);
      const there = this.thereAt(s.from, s.slots);
      // Only what has begun stands outside everybody's hours.
      if (there.length === 0) continue;
      const may = whose < 0 ? there : there.filter((p) => p === whose);
      const person = may.find((p) => !going.some((g) => g.person === p));
      if (person !== undefined) {
        going.push({ s, person });
        continue;
      }
      if (calendar.there.length === 1 || whose >= 0) {
        const other = going.find((g) => calendar.there.length === 1 || g.person === whose);
        const known = other && (calendar.there.length === 1 || this.whoIs(state.who, other.s.n, other.s.k) === whose);
        if (other && known)
          return [
            { arc: { from: s.n, to: other.s.n, least: s.offset + s.slots - other.s.offset } },
            { arc: { from: other.s.n, to: s.n, least: other.s.offset + other.s.slots - s.offset } },
          ].reverse();
        if (other) return calendar.there.map((_, p) => ({ node: other.s.n, stretch: other.s.k, person: p }));
      }
      return calendar.there.map((_, p) => ({ node: s.n, stretch: s.k, person: p }));
    }
    return choices;
  }
  private keep(state: State): void {
    const { nodes, calendar } = this.problem;
    const starts = [...state.starts];
    const busy = calendar.there.map(() => new Set<number>());
    const by: number[][] = nodes.map(() => []);
    const all = nodes
      .flatMap((node, n) => node.stretches.map((s, k) => ({ n, k, from: (starts[n] ?? 0) + s.at, slots: s.slots })))
      .sort((x, y) => x.from - y.from || x.n - y.n || x.k - y.k);
    for (const { n, k, from, slots } of all) {
      const whose = this.whoIs(state.who, n, k);
      const person = calendar.there.findIndex(
        (there, p) => (whose < 0 || whose === p) && (there[from] ?? 0) >= slots && !busy[p]?.has(from),
      );
      const list = by[n];
      if (list) list[k] = Math.max(0, person);
      for (let t = from; t < from + slots; t++) busy[person]?.add(t);
    }
    const finish = nodes.reduce((most, node, n) => Math.max(most, (starts[n] ?? 0) + node.slots), 0);
    this.best = { starts, by, finish };
    this.bar = finish;
  }
  private go(state: State): boolean {
    if (this.steps++ >= this.effort) return false;
    const choices = this.clash(state);
    if (!choices) {
      this.keep(state);
      return true;
    }
    const children: { state: State; bound: number }[] = [];
    for (const choice of choices) {
      const starts = state.starts.slice();
      const next: State =
        'arc' in choice
          ? { starts, arcs: { arc: choice.arc, rest: state.arcs }, who: state.who }
          : { starts, arcs: state.arcs, who: { ...choice, rest: state.who } };
      const dirty = 'arc' in choice ? [choice.arc.from] : [choice.node];
      if (!this.settle(starts, next.arcs, next.who, dirty)) continue;
      children.push({ state: next, bound: this.bound(starts) });
    }
    children.sort((a, b) => a.bound - b.bound);
    for (const child of children) {
      if (child.bound >= this.bar) continue;
      if (!this.go(child.state)) return false;
    }
    return true;
  }
  /** No day from here ends earlier: its longest chain, and each machine or person that works off what it has to do without a pause. */
  private bound(starts: Int32Array): number {
    let most = 0;
    for (let n = 0; n < starts.length; n++) most = Math.max(most, (starts[n] ?? 0) + (this.tails[n] ?? 0));
    for (const queue of this.queues) {
      const jobs = queue
        .map(({ node, at, slots }) => ({ head: (starts[node] ?? 0) + at, slots, tail: (this.tails[node] ?? 0) - at - slots }))
        .sort((x, y) => y.head - x.head);
      // Of those that come no earlier than each: all their work behind the first of them, and what follows the last.
      let [work, tail] = [0, Infinity];
      for (const job of jobs) {
        work += job.slots;
        tail = Math.min(tail, job.tail);
        most = Math.max(most, job.head + work + tail);
      }
    }
    return most;
  }
  /** The earliest day without any clash looked at: nothing can be better. */
  root(): number | null {
    const starts = new Int32Array(this.problem.nodes.length).fill(this.problem.calendar.first);
    for (const [at, pin] of this.problem.pinned) starts[at] = pin;
    const fits = this.settle(
      starts,
      null,
      null,
      starts.reduce<number[]>((all, _, n) => [...all, n], []),
    );
    return fits ? this.bound(starts) : null;
  }
  run(): Proof {
    const starts = new Int32Array(this.problem.nodes.length).fill(this.problem.calendar.first);
    for (const [at, pin] of this.problem.pinned) starts[at] = pin;
    const all = this.problem.nodes.map((_, n) => n);
    if (!this.settle(starts, null, null, all)) return { placed: null, complete: true, steps: this.steps };
    const complete = this.go({ starts, arcs: null, who: null });
    return { placed: this.best, complete, steps: this.steps };
  }
}

/**
 * Looks for a day that ends before `bar` (slots).
 * @param effort most choices that are looked at.
 */
export const prove = (problem: Problem, bar: number, effort: number): Proof => new Search(problem, bar, effort).run();
/** The earliest end when no two pieces ever stood in each other's way; null when even so nothing ends before `bar`. */
export const relaxed = (problem: Problem, bar = Infinity): number | null => new Search(problem, bar, 0).root();
