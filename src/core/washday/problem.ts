import type { Kit } from '../gear';
import type { Calendar } from './calendar';
import type { Wishes } from './loads';
import { AS_PLANNED, workOf, type Work } from './nodes';
import { SLOT_MIN } from './shapes';
import type { Problem } from './place';
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

/** The work of these loads as pieces with their order, to be put into the hours. */
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
/** Minutes of so many slots. */
export const minutesOfSlots = (slots: number): number => slots * SLOT_MIN;
