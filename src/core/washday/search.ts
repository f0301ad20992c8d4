import type { Kit, Washer } from '../gear';
import { chance as chanceFrom } from '../units/chance';
import type { Calendar } from './calendar';
import { prove, relaxed } from './exact';
import { apartBy, loadOf, mayShare, orderOf, type Wishes } from './loads';
import { AS_PLANNED, compareOrder, handSlots, ofItsDrum, SLOT_MIN, workOf, type Work } from './nodes';
import { isElsewhere } from './hired';
import { driedIn, isDrum } from './members';
import { begunDrying, dryingsFor, everyDrying, redry, settled, spread } from './dryers';
import { hasteOf } from './sharing';
import { groupsOf, place, tailsOf, VISIT_GAP, visitsOf, type Placed, type Problem } from './place';
import type { DayTask, Drying, Load, Member, Prefer } from './types';

/** What is looked for, in slots. */
export interface Asked {
  readonly kit: Kit;
  readonly members: readonly Member[];
  readonly calendar: Calendar;
  readonly wishes: Wishes;
  /** Latest end of a thing's last piece; Infinity = none. */
  readonly latest: ReadonlyMap<string, number>;
  readonly until: number;
  readonly prefer: Prefer;
  readonly begun: readonly DayTask[];
  /** Start and length of begun tasks, in slots. */
  readonly begunAt: (task: DayTask) => { readonly start: number; readonly slots: number };
  /** What a drum costs in energy, kWh. */
  readonly energyOf: (load: Load) => number;
  /** What a thing's turns in the dryer cost, kWh, where it has the choice. */
  readonly dryingEnergyOf: (member: Member, drying: Drying) => number;
}
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
}
export const USUAL_EFFORT: Effort = { proof: 12_000, tries: 60, ways: 400 };
/** More drums of things than this are not all tried. */
const FEW_THINGS = 6;
const SLACKS = [0, 3, 12, 36, 72, 144] as const;

interface Way {
  readonly loads: readonly Load[];
  readonly drying: Drying;
}

export function problemOf(asked: Asked, loads: readonly Load[], drying: Drying = AS_PLANNED): { work: Work; problem: Problem } {
  const { kit, members, calendar, begun } = asked;
  const work = workOf(members, loads, kit.equipment ?? {}, drying);
  const pinned = new Map<number, number>();
  const nodes = [...work.nodes];
  for (const task of begun) {
    const step = task.steps[0];
    const at = nodes.findIndex((n) => step && n.steps.some((s) => s.itemId === step.itemId && s.stepId === step.stepId));
    const node = nodes[at];
    if (!node) continue;
    const { start, slots } = asked.begunAt(task);
    pinned.set(at, start);
    nodes[at] = { ...node, slots, stretches: node.stretches.filter((s) => s.at + s.slots <= slots) };
  }
  const latest = nodes.map(() => asked.until);
  for (const [itemId, at] of work.last) latest[at] = Math.min(asked.until, asked.latest.get(itemId) ?? Infinity);
  const metres = new Map(
    (kit.equipment?.racks ?? []).flatMap((r) => (r.metres === undefined ? [] : [[r.id, r.metres] as const])),
  );
  // What has begun cannot be moved any more, not even where what should have followed at once did not.
  const links = work.links.flatMap(({ from, to, most }) =>
    pinned.has(to) ? [] : [{ from, to, ...(most === undefined || pinned.has(from) ? {} : { most }) }],
  );
  return { work: { ...work, nodes, links }, problem: { nodes, links, calendar, latest, pinned, metres } };
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

/** Machines that all of them may go into. */
const machinesFor = (members: readonly Member[]): Washer[] =>
  (members[0]?.drums ?? []).map((d) => d.washer).filter((w) => members.every((m) => m.drums.some((d) => d.washer.id === w.id)));

/** Loads of what has begun stay as they are. */
function begunLoads(asked: Asked): Load[] {
  return asked.begun.flatMap((task) => {
    if (task.loadId === undefined || task.do !== 'machine-wash') return [];
    const those = asked.members.filter((m) => task.itemIds.includes(m.item.id));
    const washer = machinesFor(those).find((w) => w.id === task.on);
    return (washer && loadOf(those, washer)) ?? [];
  });
}

/** Things that go in one drum: one by itself, or several that were wished together and may be. */
type Unit = readonly Member[];
const shareable = (asked: Asked, members: readonly Member[]): boolean =>
  machinesFor(members).some((w) => mayShare(members, w, asked.wishes));
/** What was wished together is never parted, unless no drum takes it together. */
function unitsOf(asked: Asked, washed: readonly Member[]): Unit[] {
  let units: Unit[] = washed.map((m) => [m]);
  for (const ids of asked.wishes.together) {
    let joined: Unit = [];
    const rest: Unit[] = [];
    for (const unit of units) {
      const all = [...joined, ...unit];
      if (unit.some((m) => ids.includes(m.item.id)) && (joined.length === 0 || shareable(asked, all))) joined = all;
      else rest.push(unit);
    }
    units = joined.length > 0 ? [...rest, joined] : units;
  }
  return units;
}

/** Fills drum after drum with what may share it, the cleanest first. */
function packed(asked: Asked, fixed: readonly Load[], order: readonly Unit[]): Load[] {
  const drums: Member[][] = [];
  for (const unit of order) {
    const room = drums.find((d) => shareable(asked, [...d, ...unit]));
    if (room) room.push(...unit);
    else drums.push([...unit]);
  }
  return [...fixed, ...drums.flatMap((d) => drumOf(asked, d) ?? [])];
}
function drumOf(asked: Asked, members: readonly Member[]): Load | undefined {
  const washer = machinesFor(members).find((w) => members.length === 1 || mayShare(members, w, asked.wishes));
  return washer && loadOf(members, washer);
}

/** Every way of sharing few things among drums and machines, or null when there are too many. */
function everyWay(asked: Asked, fixed: readonly Load[], units: readonly Unit[], most: number): Load[][] | null {
  if (units.length > FEW_THINGS) return null;
  const parts: Unit[][] = [[]];
  for (const unit of units) {
    const next: Unit[][] = [];
    for (const part of parts) {
      next.push([...part, unit]);
      part.forEach((drum, n) => {
        const more = [...drum, ...unit];
        if (shareable(asked, more)) next.push(part.map((d, k) => (k === n ? more : d)));
      });
      if (next.length > most) return null;
    }
    parts.splice(0, parts.length, ...next);
  }
  const ways: Load[][] = [];
  for (const part of parts) {
    let sets: Load[][] = [[...fixed]];
    for (const drum of part) {
      const loads = machinesFor(drum).flatMap((w) =>
        drum.length === 1 || mayShare(drum, w, asked.wishes) ? (loadOf(drum, w) ?? []) : [],
      );
      sets = sets.flatMap((set) => loads.map((load) => [...set, load]));
      if (sets.length + ways.length > most) return null;
    }
    ways.push(...sets);
  }
  return ways;
}

/** Schedules a way of sharing, several times over with urgencies shaken a little; the best of them. */
function tryWay(asked: Asked, way: Way, tries: number): Found | undefined {
  const { work, problem } = problemOf(asked, way.loads, way.drying);
  const groups = groupsOf(problem);
  const tails = tailsOf(problem.nodes, problem.links);
  const tail = groups.map((g) => Math.max(...g.nodes.map((n) => tails[n] ?? 0)));
  const due = groups.map((g) => Math.min(...g.nodes.map((n) => (problem.latest[n] ?? Infinity) - (tails[n] ?? 0))));
  const better = betterThan(asked.prefer);
  const chance = chanceFrom(1);
  let best: Found | undefined;
  for (let n = 0; n < tries; n++) {
    const shake = groups.map(() => (n < 2 ? 0 : chance() * (n % 3 === 0 ? 60 : 12)));
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

/** The earliest that each thing alone could be done, the latest of them; and the drums that no sharing can save. */
function loneBound(asked: Asked, washed: readonly Member[]): { finish: number; runs: number } {
  let finish = asked.calendar.first;
  for (const member of asked.members) {
    const alone = { ...asked, members: [member], until: Infinity, latest: new Map<string, number>() };
    let least = Infinity;
    const ways = member.drums.length === 0 ? [[]] : member.drums.map((d) => [loadOf([member], d.washer)]);
    for (const way of ways) {
      const loads = way.flatMap((l) => (l ? [{ ...l, washMin: quickest(member), rinseMin: 0 }] : []));
      for (const drying of dryingsFor(member))
        least = Math.min(least, relaxed(problemOf(alone, loads, drying).problem) ?? asked.calendar.horizon);
    }
    finish = Math.max(finish, least);
  }
  finish = Math.max(finish, handsBound(asked));
  // Things of which no two may share need a drum each.
  const apart: Member[] = [];
  for (const member of washed) if (apart.every((other) => apartBy(member, other, asked.wishes)?.hard)) apart.push(member);
  return { finish, runs: apart.length };
}
/**
 * Visits that no day can spare: between the stretches of one thing lie pauses that only other hand work can fill, and there is only so much.
 * A pause of n slots is filled when no two slots of it in a row stay empty.
 */
export function leastVisits(asked: Asked): number {
  // What has begun may have stood together as nothing would again.
  if (asked.begun.length > 0) return 1;
  const alone = asked.members.map((member) => {
    const ways = member.drums.length === 0 ? [[]] : member.drums.map((d) => [loadOf([member], d.washer)].flatMap((l) => l ?? []));
    const ofTheDrum = new Set(member.steps.flatMap((s) => (s.phase === 'prepare-machine' && ofItsDrum(member, s) ? [s.id] : [])));
    return ways.flatMap((loads) =>
      dryingsFor(member).map((drying) => ({
        in: driedIn(member, drying),
        nodes: workOf([member], loads, asked.kit.equipment ?? {}, drying).nodes.filter(
          (n) => !n.steps.some((s) => ofTheDrum.has(s.stepId)),
        ),
      })),
    );
  });
  const hands = alone.map((ways) => Math.max(0, ...ways.map(({ nodes }) => nodes.reduce((sum, n) => sum + handSlots(n), 0))));
  // A rinse programme that a companion needs is started for the others too.
  const all = hands.reduce((sum, h) => sum + h, 0) + (asked.members.length > 1 ? asked.members.length : 0);
  let most = 0;
  asked.members.forEach((member, m) => {
    const fewest = (alone[m] ?? []).map(({ in: dried, nodes }) => {
      const fill = pausesOf(
        nodes,
        asked.members.length > 1 ? quickest(member) : Infinity,
        asked.members.length > 1 ? hasteOf(dried)?.dryerId : undefined,
        asked.members.length === 1,
      )
        .map((slots) => Math.floor(slots / VISIT_GAP))
        .sort((a, b) => a - b);
      let left = all - (hands[m] ?? 0);
      let visits = hands[m] ? 1 : 0;
      for (const cost of fill) {
        left -= cost;
        if (left < 0) visits++;
      }
      return visits;
    });
    most = Math.max(most, fewest.length > 0 ? Math.min(...fewest) : 0);
  });
  return most;
}
/**
 * Pauses of two slots and more that lie between the stretches of one thing at least, the drum as short as any is.
 * @param shared a dryer that others may turn in too, with looks of their own. @param alone nothing else is in the day.
 */
function pausesOf(nodes: Work['nodes'], drumMin: number, shared: string | undefined, alone: boolean): number[] {
  const pauses: number[] = [];
  let idle: number | null = null;
  for (const node of nodes) {
    if (node.on === shared) idle = null;
    if (node.purge || node.on === shared) continue;
    const slots = node.do === 'machine-wash' ? Math.min(node.slots, Math.ceil(drumMin / SLOT_MIN)) : node.slots;
    let at = 0;
    for (const stretch of node.stretches) {
      if (idle !== null && idle + stretch.at - at >= VISIT_GAP) pauses.push(idle + stretch.at - at);
      [idle, at] = [0, stretch.at + stretch.slots];
    }
    // A rinse of its own may not be needed in the drum of others.
    if (idle !== null && (alone || node.do !== 'machine-rinse')) idle += Math.max(0, slots - at);
  }
  return pauses;
}

/** When the people who are there could have done, one after the other, the hand work that no two things share. */
function handsBound(asked: Asked): number {
  let needed = 0;
  const drums = new Set(asked.kit.equipment?.washers?.filter(isDrum).map((m) => m.id));
  for (const member of asked.members) {
    const alone = member.drums.slice(0, 1).flatMap((d) => loadOf([member], d.washer) ?? []);
    const least = dryingsFor(member).map((drying) => {
      const dried = driedIn(member, drying);
      const haste = hasteOf(dried);
      // What two things that must be dried at once may do together.
      const shared = new Set(
        haste ? dried.steps.filter((s) => s.phase === 'extract' || s.settings.dryerId === haste.dryerId).map((s) => s.id) : [],
      );
      return workOf([member], alone, asked.kit.equipment ?? {}, drying)
        .nodes.filter((n) => !drums.has(n.on) && !n.purge && !n.steps.some((s) => shared.has(s.stepId)))
        .reduce((sum, n) => sum + handSlots(n), 0);
    });
    needed += Math.min(...least);
  }
  for (const task of asked.begun) needed -= task.attended.length > 0 ? asked.begunAt(task).slots : 0;
  const { there, first, horizon } = asked.calendar;
  for (let t = first; t < horizon && needed > 0; t++) {
    for (const person of there) if ((person[t] ?? 0) > 0) needed--;
    if (needed <= 0) return t + 1;
  }
  return first;
}
/** The shortest run of any machine that may take it: a gentler companion may make it shorter than its own. */
function quickest(member: Member): number {
  const usual = Object.values(member.made.knowledge.settings.cycleMinutes);
  const listed = member.drums.flatMap((d) => (d.washer.cycles ?? []).map((c) => c.minutes ?? Math.min(...usual)));
  const unlisted = member.drums.some((d) => (d.washer.cycles ?? []).length === 0);
  return Math.min(...listed, ...(unlisted || listed.length === 0 ? usual : []));
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
  // The hours leave no room for something even when it is alone.
  if (lone.finish >= asked.calendar.horizon) return { found: undefined, proved: false, bound: lone };
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
  const chance = chanceFrom(5);
  for (let n = 0; n < tries; n++) {
    const now = best();
    const drying = now && redry(asked, now.drying, fixed, chance);
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
  const chance = chanceFrom(7);
  for (let n = 0; n < tries * 2; n++) {
    const now = best();
    if (!now) return;
    const drying = choice && chance() < 0.3 ? redry(asked, now.drying, fixed.drying, chance) : undefined;
    const moved = drying
      ? now.loads.slice(fixed.loads.length)
      : moveOne(asked, now.loads.slice(fixed.loads.length), units, chance);
    const way = moved && settled(asked, { loads: [...fixed.loads, ...moved], drying: drying ?? now.drying });
    if (way) consider(tryWay(asked, way, 2));
  }
}
/** The same drums with one thing elsewhere, or one drum in another machine. */
function moveOne(asked: Asked, loads: readonly Load[], units: readonly Unit[], chance: () => number): Load[] | undefined {
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(chance() * list.length)];
  const from = pick(loads);
  if (!from) return undefined;
  const others = loads.filter((l) => l !== from);
  if (chance() < 0.3) {
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
/** Minutes of so many slots. */
export const minutesOfSlots = (slots: number): number => slots * SLOT_MIN;
