import { seededRandom } from '../units/seeded';
import { leastVisits, loneBound } from './bounds';
import { begunLoads, drumOf, everyWay, machinesFor, packed, unitsOf, type Unit } from './drums';
import { begunDrying, everyDrying, redry, settled, spread } from './dryers';
import { prove, relaxed } from './exact';
import { isElsewhere } from './hired';
import { mayShare, loadOf, orderOf } from './loads';
import { compareOrder, type Work } from './nodes';
import { groupsOf, place, tailsOf, visitsOf, type Placed, type Problem } from './place';
import { problemOf, type Asked } from './problem';
import type { Drying, Load, Prefer } from './types';

/** Drums and the schedule of all their work. */
export interface Found {
  readonly loads: readonly Load[];
  readonly drying: Drying;
  readonly work: Work;
  readonly problem: Problem;
  readonly placed: Placed;
  /** Slots by which things are late, in all. */
  readonly late: number;
  /** Things that are carried elsewhere though a dryer here takes them. */
  readonly elsewhere: number;
  readonly visits: number;
  readonly runs: number;
  readonly kWh: number;
}
/** How much is looked at: choices of the proof, schedules tried, and ways of sharing that are all tried. */
export interface Effort {
  readonly proof: number;
  readonly tries: number;
  readonly ways: number;
  /** A day that is late is none: nothing is looked for where there can be no other. */
  readonly inTime?: boolean;
}
export const USUAL_EFFORT: Effort = { proof: 12_000, tries: 60, ways: 400 };
const SLACKS = [0, 3, 12, 36, 72, 144] as const;

interface Way {
  readonly loads: readonly Load[];
  readonly drying: Drying;
}

const runsIn = (work: Pick<Work, 'nodes'>, loads: readonly Load[]): number =>
  loads.length + work.nodes.filter((n) => n.purge).length;
const energyIn = (asked: Asked, { loads, drying }: Way): number =>
  loads.reduce((sum, load) => sum + asked.energyOf(load), 0) +
  asked.members.reduce((sum, m) => sum + (m.dryers.length > 1 ? asked.dryingEnergyOf(m, drying) : 0), 0);
const elsewhereIn = ({ members }: Asked, drying: Drying): number =>
  members.filter((m) => m.dryers.length > 1 && isElsewhere(drying.get(m.item.id) ?? m.dryers[0]?.dryerId ?? '')).length;
function foundOf(asked: Asked, way: Way, work: Work, problem: Problem, placed: Placed): Found {
  const late = problem.nodes.reduce(
    (sum, n, at) => sum + Math.max(0, (placed.starts[at] ?? 0) + n.slots - (problem.latest[at] ?? Infinity)),
    0,
  );
  const { loads, drying } = way;
  const kWh = energyIn(asked, way);
  const elsewhere = elsewhereIn(asked, drying);
  return {
    loads,
    drying,
    work,
    problem,
    placed,
    late,
    elsewhere,
    visits: visitsOf(problem, placed),
    runs: runsIn(work, loads),
    kWh,
  };
}
/** Which of two days is better: in time first, then what is carried elsewhere, then what is preferred, then the fewer runs. */
function betterThan(prefer: Prefer): (a: Found, b: Found) => boolean {
  const key = (f: Found): readonly number[] =>
    prefer === 'fewest-visits'
      ? [f.late, f.elsewhere, f.visits, f.placed.finish, f.runs]
      : prefer === 'least-energy'
        ? [f.late, f.elsewhere, Math.round(f.kWh * 1000), f.placed.finish, f.runs]
        : [f.late, f.elsewhere, f.placed.finish, f.runs, f.visits];
  return (a, b) => compareOrder(key(a), key(b)) < 0;
}

/** Schedules a way of sharing, several times over with urgencies shaken a little; the best of them. */
function tryWay(asked: Asked, way: Way, tries: number): Found | undefined {
  const { work, problem } = problemOf(asked, way.loads, way.drying);
  const groups = groupsOf(problem);
  const tails = tailsOf(problem.nodes, problem.links);
  const tail = groups.map((g) => Math.max(...g.nodes.map((n) => tails[n] ?? 0)));
  const due = groups.map((g) => Math.min(...g.nodes.map((n) => (problem.latest[n] ?? Infinity) - (tails[n] ?? 0))));
  const better = betterThan(asked.prefer);
  const random = seededRandom(1);
  let best: Found | undefined;
  for (let n = 0; n < tries; n++) {
    const shake = groups.map(() => (n < 2 ? 0 : random() * (n % 3 === 0 ? 60 : 12)));
    const slack = asked.prefer === 'fewest-visits' ? (SLACKS[n % SLACKS.length] ?? 0) : 0;
    const urgent = (g: number): number => (n === 1 ? -(due[g] ?? 0) : (tail[g] ?? 0)) + (shake[g] ?? 0);
    const placed = place(problem, groups, urgent, slack);
    // What finds no room in four weeks finds none in another order.
    if (!placed) break;
    const found = foundOf(asked, way, work, problem, placed);
    if (!best || better(found, best)) best = found;
  }
  return best;
}

export interface Outcome {
  readonly found: Found | undefined;
  readonly proved: boolean;
  /** No day under these rules ends earlier, slots; none has fewer runs. */
  readonly bound: { readonly finish: number; readonly runs: number };
}

/**
 * The best day that so much effort finds. Deterministic: the same request gives the same day.
 * @param onBetter told of every better day while it is looked for.
 */
export function findDay(asked: Asked, effort: Effort, onBetter?: (found: Found) => void): Outcome {
  const better = betterThan(asked.prefer);
  let best: Found | undefined;
  const consider = (found: Found | undefined): void => {
    if (!found || (best && !better(found, best))) return;
    best = found;
    onBetter?.(found);
  };
  const fixed = begunLoads(asked);
  const inFixed = new Set(fixed.flatMap((l) => l.members));
  const washed = asked.members.filter((m) => m.drums.length > 0 && !inFixed.has(m));
  const lone = loneBound(asked, washed);
  // The hours leave no room for something even when it is alone, or none in time.
  if (lone.finish >= asked.calendar.horizon || (effort.inTime && lone.finish > asked.until))
    return { found: undefined, proved: false, bound: lone };
  const units = unitsOf(asked, washed);
  const sharing = everyWay(asked, fixed, units, effort.ways);
  const turning = begunDrying(asked);
  if (!sharing) {
    improve(asked, { loads: fixed, drying: turning }, units, effort, consider, () => best);
    const runs = lone.runs + fixed.length;
    const proved =
      asked.prefer === 'earliest' &&
      best?.late === 0 &&
      best.elsewhere === 0 &&
      best.placed.finish <= lone.finish &&
      best.runs <= runs;
    return { found: best, proved, bound: { finish: lone.finish, runs } };
  }
  const dryings = everyDrying(asked, turning, Math.max(1, Math.floor(effort.ways / sharing.length)));
  const ways = sharing
    .flatMap((loads) => (dryings ?? [turning, spread(asked, turning)]).map((drying): Way => ({ loads, drying })))
    .flatMap((way) => settled(asked, way) ?? []);
  const each = Math.max(4, Math.floor((effort.tries * 4) / ways.length));
  const ready = ways.map((way) => {
    const { problem } = problemOf(asked, way.loads, way.drying);
    return { way, problem, root: relaxed({ ...problem, latest: problem.latest.map(() => Infinity) }) ?? asked.calendar.horizon };
  });
  ready.sort((a, b) => a.root - b.root || a.way.loads.length - b.way.loads.length);
  for (const { way } of ready) consider(tryWay(asked, way, each));
  if (!dryings) redryBest(asked, turning, effort.tries, consider, () => best);
  let complete = dryings !== null && asked.prefer !== 'fewest-visits';
  let left = effort.proof;
  for (const { way, problem, root } of ready) {
    if (!complete) break;
    const runs = runsIn(problem, way.loads);
    const kWh = energyIn(asked, way);
    const inTime = best?.late === 0 ? best : undefined;
    const energy = inTime && asked.prefer === 'least-energy' ? Math.round((kWh - inTime.kWh) * 1000) : 0;
    const dearer = (inTime && elsewhereIn(asked, way.drying) - inTime.elsewhere) || energy;
    if (dearer > 0) continue;
    const bar = !inTime || dearer < 0 ? Infinity : inTime.placed.finish + (runs < inTime.runs ? 1 : 0);
    if (root >= bar) continue;
    const proof = prove(problem, bar, left);
    left -= proof.steps;
    if (proof.placed) {
      const { work } = problemOf(asked, way.loads, way.drying);
      consider(foundOf(asked, way, work, problem, proof.placed));
    }
    if (!proof.complete) complete = false;
  }
  // Dryers that were not all tried might allow less than those that were.
  const least = Math.max(lone.finish, dryings ? Math.min(...ready.map((r) => r.root)) : 0);
  const runs = Math.min(...ready.map((r) => runsIn(r.problem, r.way.loads)));
  // With the fewest turns nothing is tried out: what meets every bound is the best.
  const seldom =
    best !== undefined &&
    best.elsewhere === 0 &&
    best.visits <= leastVisits(asked) &&
    best.placed.finish <= least &&
    best.runs <= runs;
  const proved = (complete || (asked.prefer === 'fewest-visits' && seldom)) && best?.late === 0;
  return proved && best
    ? { found: best, proved, bound: { finish: best.placed.finish, runs: best.runs } }
    : { found: best, proved: false, bound: { finish: least, runs } };
}

/** Moves things from dryer to dryer, as long as the tries last. */
function redryBest(
  asked: Asked,
  fixed: Drying,
  tries: number,
  consider: (found: Found | undefined) => void,
  best: () => Found | undefined,
): void {
  const random = seededRandom(5);
  for (let n = 0; n < tries; n++) {
    const now = best();
    const drying = now && redry(asked, now.drying, fixed, random);
    if (!drying) return;
    const way = settled(asked, { loads: now.loads, drying });
    if (way) consider(tryWay(asked, way, 4));
  }
}
/** Many things: packs drums in several orders, then moves things between them, as long as the effort lasts. */
function improve(
  asked: Asked,
  fixed: Way,
  units: readonly Unit[],
  effort: Effort,
  consider: (found: Found | undefined) => void,
  best: () => Found | undefined,
): void {
  const alone = new Map(units.map((u) => [u, drumOf(asked, u)]));
  const dirt = (u: Unit): readonly number[] => {
    const load = alone.get(u);
    return load ? orderOf(load) : [0];
  };
  const idOf = ([first]: Unit): string => first?.item.id ?? '';
  const kgOf = (u: Unit): number => u.reduce((sum, m) => sum + m.kg, 0);
  const clean = [...units].sort((a, b) => compareOrder(dirt(a), dirt(b)) || (idOf(a) < idOf(b) ? -1 : 1));
  const big = [...clean].sort((a, b) => kgOf(b) - kgOf(a));
  const tries = Math.max(2, Math.round((effort.tries * 40) / Math.max(40, asked.members.length * 4)));
  const choice = asked.members.some((m) => m.dryers.length > 1 && !fixed.drying.has(m.item.id));
  for (const order of [clean, big]) {
    const loads = packed(asked, fixed.loads, order);
    for (const drying of choice ? [fixed.drying, spread(asked, fixed.drying)] : [fixed.drying]) {
      const way = settled(asked, { loads, drying });
      if (way) consider(tryWay(asked, way, tries));
    }
  }
  const random = seededRandom(7);
  for (let n = 0; n < tries * 2; n++) {
    const now = best();
    if (!now) return;
    const drying = choice && random() < 0.3 ? redry(asked, now.drying, fixed.drying, random) : undefined;
    const moved = drying
      ? now.loads.slice(fixed.loads.length)
      : moveOne(asked, now.loads.slice(fixed.loads.length), units, random);
    const way = moved && settled(asked, { loads: [...fixed.loads, ...moved], drying: drying ?? now.drying });
    if (way) consider(tryWay(asked, way, 2));
  }
}
/** The same drums with one thing elsewhere, or one drum in another machine. */
function moveOne(asked: Asked, loads: readonly Load[], units: readonly Unit[], random: () => number): Load[] | undefined {
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  const from = pick(loads);
  if (!from) return undefined;
  const others = loads.filter((l) => l !== from);
  if (random() < 0.3) {
    const washer = pick(machinesFor(from.members).filter((w) => w.id !== from.washer.id));
    const there =
      washer && (from.members.length === 1 || mayShare(from.members, washer, asked.wishes)) && loadOf(from.members, washer);
    return there ? [...others, there] : undefined;
  }
  const member = pick(from.members);
  const unit = units.find((u) => member !== undefined && u.includes(member));
  if (!unit) return undefined;
  const rest = from.members.filter((m) => !unit.includes(m));
  const to = pick([undefined, ...others]);
  const more = [...(to?.members ?? []), ...unit];
  const [a, b] = [rest.length > 0 ? drumOf(asked, rest) : undefined, drumOf(asked, more)];
  if (!b || (rest.length > 0 && !a) || (to === undefined && rest.length === 0)) return undefined;
  return [...others.filter((l) => l !== to), ...(a ? [a] : []), b];
}
