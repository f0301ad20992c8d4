/**
 * Evening the fill: the least gram·hops of moves through openings, in an order that empties no baffle. Baffles are nodes, openings edges that
 * work both ways; tied and sewn ones are shut. An exact minimum-cost flow (primal and dual in turn, on whole milligrams). Refuses: cutting
 * stitches; what cannot be reached is said.
 */
import type { FillMap } from '../gear';
import { LOFT_FIGURES } from '../knowledge';

export interface Flow {
  readonly from: string;
  readonly to: string;
  readonly grams: number;
}
export interface EvenPlan {
  /** Least flows through openings; each opening is used one way at most. */
  readonly flows: readonly Flow[];
  /** Sum of grams × openings passed. */
  readonly gramHops: number;
  /** Grams each baffle would hold after the flows. */
  readonly after: ReadonlyMap<string, number>;
  /** Groups of baffles that nothing can leave or reach, with how far their mean is from the whole's, as a share; only where it matters. */
  readonly apart: readonly { readonly baffles: readonly string[]; readonly off: number }[];
}
export interface EvenNode {
  readonly baffle: string;
  readonly grams: number;
  readonly target: number;
}
type Opening = NonNullable<FillMap['openings']>[number];
/** True where fill can go through; one of which nothing is said is open. */
export const isOpen = ({ state }: Opening): boolean => (state ?? 'open') === 'open';

const MG = 1000;
/** A group this far from the whole's mean is told. */
const APART = LOFT_FIGURES.groupApart.value;

/** Groups of baffles joined by open openings, as indices. */
function groups(count: number, edges: readonly (readonly [number, number])[]): number[][] {
  const of = Array.from({ length: count }, (_, n) => n);
  const root = (n: number): number => {
    let at = n;
    while (of[at] !== at) at = of[at] = of[of[at] as number] as number;
    return at;
  };
  for (const [a, b] of edges) of[root(a)] = root(b);
  const lists = new Map<number, number[]>();
  for (let n = 0; n < count; n++) {
    const list = lists.get(root(n));
    if (list) list.push(n);
    else lists.set(root(n), [n]);
  }
  return [...lists.values()];
}

/** Least-cost flow of whole amounts from the surpluses to the shortages of one graph, by pair of nodes a < b as `a · nodes + b`; from b to a is negative. */
function leastCost(supply: readonly number[], edges: readonly (readonly [number, number])[]): Map<number, number> {
  const [source, sink] = [supply.length, supply.length + 1];
  const total = supply.reduce((sum, s) => sum + Math.max(0, s), 0);
  const joints: Joint[] = [];
  for (const [k, s] of supply.entries())
    if (s > 0) joints.push([source, k, s, 0]);
    else if (s < 0) joints.push([k, sink, -s, 0]);
  for (const [a, b] of edges) joints.push([a, b, total, 1], [b, a, total, 1]);
  const net = network(sink + 1, joints);
  // Every way of one length is filled before the next length is looked for: as many searches as there are lengths.
  while (nearer(net, source, sink)) fill(net, source, sink);
  const flow = new Map<number, number>();
  for (let a = 0; a < source; a++)
    for (let k = net.first[a] as number; k < (net.first[a + 1] as number); k++) {
      const b = net.to[k] as number;
      const through = net.cost[k] === 1 ? total - (net.room[k] as number) : 0;
      if (through <= 0) continue;
      const key = a < b ? a * source + b : b * source + a;
      flow.set(key, (flow.get(key) ?? 0) + (a < b ? through : -through));
    }
  return flow;
}

/** From, to, room, cost. */
type Joint = readonly [number, number, number, number];
/** A graph with the arcs of each node side by side: those of node n are `first[n]` to `first[n + 1]`. */
interface Network {
  readonly first: Int32Array;
  readonly to: Int32Array;
  /** The arc back of each arc. */
  readonly back: Int32Array;
  readonly cost: Int8Array;
  readonly room: Float64Array;
  /** Prices under which no arc with room costs less than nothing. */
  readonly price: Int32Array;
}
function network(count: number, joints: readonly Joint[]): Network {
  const first = new Int32Array(count + 1);
  for (const [a, b] of joints) {
    first[a + 1]!++;
    first[b + 1]!++;
  }
  for (let n = 0; n < count; n++) first[n + 1]! += first[n] as number;
  const arcs = 2 * joints.length;
  const [to, back, cost, room] = [new Int32Array(arcs), new Int32Array(arcs), new Int8Array(arcs), new Float64Array(arcs)];
  const free = first.slice();
  for (const [a, b, most, each] of joints) {
    const [there, here] = [free[a]!++, free[b]!++];
    [to[there], back[there], cost[there], room[there]] = [b, here, each, most];
    [to[here], back[here], cost[here]] = [a, there, -each];
  }
  return { first, to, back, cost, room, price: new Int32Array(count) };
}

/** Moves the prices so that the cheapest ways with room cost nothing; false when there is none. Dijkstra; costs are small whole numbers, so nodes wait in buckets. */
function nearer({ first, to, cost, room, price }: Network, source: number, sink: number): boolean {
  const far = new Int32Array(price.length).fill(-1);
  far[source] = 0;
  const buckets: number[][] = [[source]];
  for (let d = 0; d < buckets.length && (far[sink] === -1 || d < (far[sink] as number)); d++)
    for (const at of buckets[d] ?? []) {
      if (far[at] !== d) continue;
      for (let k = first[at] as number; k < (first[at + 1] as number); k++) {
        if ((room[k] as number) <= 0) continue;
        const there = to[k] as number;
        const next = d + (cost[k] as number) + (price[at] as number) - (price[there] as number);
        if (far[there] !== -1 && next >= (far[there] as number)) continue;
        far[there] = next;
        (buckets[next] ??= []).push(there);
      }
    }
  const most = far[sink] as number;
  if (most === -1) return false;
  for (let n = 0; n < price.length; n++) price[n]! += far[n] === -1 ? most : Math.min(far[n] as number, most);
  return true;
}

/** Sends what goes through ways that cost nothing. */
function fill({ first, to, back, cost, room, price }: Network, source: number, sink: number): void {
  const closed = new Uint8Array(price.length);
  const next = first.slice();
  const send = (at: number, most: number): number => {
    if (at === sink) return most;
    closed[at] = 1;
    let sent = 0;
    for (let k = next[at] as number; k < (first[at + 1] as number); k++) {
      next[at] = k;
      const there = to[k] as number;
      if ((room[k] as number) <= 0 || closed[there] || (cost[k] as number) + (price[at] as number) !== price[there]) continue;
      const through = send(there, Math.min(most - sent, room[k] as number));
      room[k]! -= through;
      room[back[k] as number]! += through;
      sent += through;
      if (sent === most) break;
    }
    // One that passed on all it was given may take more by another way.
    if (sent === most) closed[at] = 0;
    return sent;
  };
  while (send(source, Infinity) > 0) {
    closed.fill(0);
    next.set(first);
  }
}

/**
 * The least work that evens a spread.
 * @param nodes grams and even target of each baffle; both ≥ 0.
 * @throws RangeError when a quantity is negative or no number, or an opening names a baffle that is not there.
 */
export function evenPlan(nodes: readonly EvenNode[], openings: readonly Opening[]): EvenPlan {
  const index = new Map(nodes.map((x, n) => [x.baffle, n]));
  for (const x of nodes)
    if (!(x.grams >= 0) || !(x.target >= 0)) throw new RangeError(`Grams and target of ${x.baffle} must be 0 or more.`);
  const place = (id: string): number => {
    const at = index.get(id);
    if (at === undefined) throw new RangeError(`There is no baffle ${id}.`);
    return at;
  };
  const edges = openings.filter(isOpen).map((o) => [place(o.from), place(o.to)] as const);
  const whole = { grams: 0, target: 0 };
  for (const x of nodes) {
    whole.grams += x.grams;
    whole.target += x.target;
  }
  const supply = new Array<number>(nodes.length).fill(0);
  const apart: { baffles: string[]; off: number }[] = [];
  const joined = groups(nodes.length, edges);
  for (const group of joined) {
    const grams = group.reduce((sum, n) => sum + (nodes[n]?.grams ?? 0), 0);
    const target = group.reduce((sum, n) => sum + (nodes[n]?.target ?? 0), 0);
    const scale = target > 0 ? grams / target : 0;
    const off = target > 0 && whole.grams > 0 ? scale / (whole.grams / whole.target) - 1 : 0;
    if (joined.length > 1 && Math.abs(off) > APART) apart.push({ baffles: group.map((n) => nodes[n]?.baffle ?? ''), off });
    if (target <= 0) continue;
    let left = 0;
    for (const n of group) {
      const mg = Math.round(((nodes[n]?.grams ?? 0) - (nodes[n]?.target ?? 0) * scale) * MG);
      supply[n] = mg;
      left += mg;
    }
    // Rounding leaves a few milligrams: they go where there is most.
    const most = group.reduce((best, n) => ((nodes[n]?.target ?? 0) > (nodes[best]?.target ?? 0) ? n : best));
    supply[most]! -= left;
  }
  const flow = leastCost(supply, edges);
  const after = new Map(nodes.map((x) => [x.baffle, x.grams]));
  const flows: Flow[] = [];
  let gramHops = 0;
  for (const [key, mg] of flow) {
    if (mg === 0) continue;
    const [a, b] = [Math.floor(key / nodes.length), key % nodes.length];
    const [from, to] = mg > 0 ? [a, b] : [b, a];
    const [x, y] = [nodes[from]?.baffle ?? '', nodes[to]?.baffle ?? ''];
    const grams = Math.abs(mg) / MG;
    flows.push({ from: x, to: y, grams });
    gramHops += grams;
    after.set(x, (after.get(x) ?? 0) - grams);
    after.set(y, (after.get(y) ?? 0) + grams);
  }
  return { flows, gramHops, after, apart };
}

export interface Move {
  readonly from: string;
  readonly to: string;
  readonly pinches: number;
  readonly grams: number;
}
/** What two fingers take through an opening at once, g, and minutes for a move and for a pinch. */
const PINCH_G = LOFT_FIGURES.pinchG.value;
const MOVE_MIN = LOFT_FIGURES.moveMin.value;
const PINCH_MIN = LOFT_FIGURES.pinchMin.value;

/**
 * Flows as moves for fingers, whole pinches, in an order in which no baffle runs empty: what comes into a baffle is there before anything
 * leaves it. Moves of less than half a pinch are left out.
 */
export function movesOf(
  nodes: readonly EvenNode[],
  flows: readonly Flow[],
): { readonly moves: Move[]; readonly minutes: number } {
  const waiting = new Map(nodes.map((x) => [x.baffle, 0]));
  for (const f of flows) waiting.set(f.to, (waiting.get(f.to) ?? 0) + 1);
  const ready = nodes.filter((x) => waiting.get(x.baffle) === 0).map((x) => x.baffle);
  const gramsIn = new Map(nodes.map((x) => [x.baffle, x.grams]));
  const moves: Move[] = [];
  // A least-cost flow never runs in a ring, so every baffle becomes ready once all that flows into it has come.
  for (let n = 0; n < ready.length; n++) {
    const from = ready[n] as string;
    for (const { to, grams } of flows.filter((f) => f.from === from)) {
      // Whole pinches are a little more or less than the flow: never more than is there.
      const pinches = Math.min(Math.round(grams / PINCH_G), Math.floor((gramsIn.get(from) ?? 0) / PINCH_G));
      if (pinches > 0) {
        moves.push({ from, to, pinches, grams: pinches * PINCH_G });
        gramsIn.set(from, (gramsIn.get(from) ?? 0) - pinches * PINCH_G);
        gramsIn.set(to, (gramsIn.get(to) ?? 0) + pinches * PINCH_G);
      }
      const left = (waiting.get(to) ?? 1) - 1;
      waiting.set(to, left);
      if (left === 0) ready.push(to);
    }
  }
  const minutes = moves.reduce((sum, m) => sum + MOVE_MIN + m.pinches * PINCH_MIN, 0);
  return { moves, minutes };
}

/** Grams in each baffle after these moves. */
export function afterMoves(nodes: readonly EvenNode[], moves: readonly Move[]): EvenNode[] {
  const grams = new Map(nodes.map((x) => [x.baffle, x.grams]));
  for (const { from, to, grams: g } of moves) {
    grams.set(from, (grams.get(from) ?? 0) - g);
    grams.set(to, (grams.get(to) ?? 0) + g);
  }
  return nodes.map((x) => ({ ...x, grams: grams.get(x.baffle) ?? 0 }));
}
