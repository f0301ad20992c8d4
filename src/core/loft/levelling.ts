/**
 * Evening the fill: the least gram·hops of moves through openings, in an order that empties no baffle. Baffles are nodes, openings edges that
 * work both ways; tied and sewn ones are shut. An exact minimum-cost flow (successive shortest paths on whole milligrams). Refuses: cutting
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
  for (let n = 0; n < count; n++) lists.set(root(n), [...(lists.get(root(n)) ?? []), n]);
  return [...lists.values()];
}

interface Arc {
  readonly to: number;
  /** Index of the arc back. */
  back: number;
  room: number;
  readonly cost: number;
}

/** Least-cost flow of whole amounts from the surpluses to the shortages of one graph. */
function leastCost(supply: number[], edges: readonly (readonly [number, number])[]): Map<string, number> {
  const n = supply.length;
  const [source, sink] = [n, n + 1];
  const arcs: Arc[][] = Array.from({ length: n + 2 }, () => []);
  const join = (a: number, b: number, room: number, cost: number): void => {
    const [there, here] = [arcs[a] as Arc[], arcs[b] as Arc[]];
    there.push({ to: b, back: here.length, room, cost });
    here.push({ to: a, back: there.length - 1, room: 0, cost: -cost });
  };
  const total = supply.reduce((sum, s) => sum + Math.max(0, s), 0);
  supply.forEach((s, k) => (s > 0 ? join(source, k, s, 0) : s < 0 ? join(k, sink, -s, 0) : undefined));
  for (const [a, b] of edges) {
    join(a, b, total, 1);
    join(b, a, total, 1);
  }
  const price = new Array<number>(n + 2).fill(0);
  for (let sent = 0; sent < total;) {
    // Distances by Dijkstra on reduced costs; they are small whole numbers, so nodes wait in buckets.
    const far = new Array<number>(n + 2).fill(Infinity);
    const via: (Arc | null)[] = new Array<Arc | null>(n + 2).fill(null);
    far[source] = 0;
    const buckets: number[][] = [[source]];
    for (let d = 0; d < buckets.length; d++)
      for (const at of buckets[d] ?? []) {
        if (far[at] !== d) continue;
        for (const arc of arcs[at] as Arc[]) {
          if (arc.room <= 0) continue;
          const next = d + arc.cost + (price[at] as number) - (price[arc.to] as number);
          if (next < (far[arc.to] as number)) {
            far[arc.to] = next;
            via[arc.to] = arc;
            (buckets[next] ??= []).push(arc.to);
          }
        }
      }
    if (far[sink] === Infinity) break;
    for (let k = 0; k < n + 2; k++) price[k]! += Math.min(far[k] as number, far[sink] as number);
    let room = Infinity;
    for (let at = sink; at !== source;) {
      const arc = via[at] as Arc;
      room = Math.min(room, arc.room);
      at = ((arcs[at] as Arc[])[arc.back] as Arc).to;
    }
    for (let at = sink; at !== source;) {
      const arc = via[at] as Arc;
      const back = (arcs[at] as Arc[])[arc.back] as Arc;
      arc.room -= room;
      back.room += room;
      at = back.to;
    }
    sent += room;
  }
  const flow = new Map<string, number>();
  for (let a = 0; a < n; a++)
    for (const arc of arcs[a] as Arc[])
      if (arc.cost === 1 && arc.to < n && arc.room < total) {
        const key = a < arc.to ? `${a} ${arc.to}` : `${arc.to} ${a}`;
        flow.set(key, (flow.get(key) ?? 0) + (total - arc.room) * (a < arc.to ? 1 : -1));
      }
  return flow;
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
    const [a, b] = key.split(' ').map(Number) as [number, number];
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
