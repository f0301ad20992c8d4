import type { Washer } from '../gear';
import { loadOf, mayShare } from './loads';
import type { Asked } from './problem';
import type { Load, Member } from './types';

/** More drums of things than this are not all tried. */
const FEW_THINGS = 6;
/** Machines that all of them may go into. */
export const machinesFor = (members: readonly Member[]): Washer[] =>
  (members[0]?.drums ?? []).map((d) => d.washer).filter((w) => members.every((m) => m.drums.some((d) => d.washer.id === w.id)));

/** Loads of what has begun stay as they are. */
export function begunLoads(asked: Asked): Load[] {
  return asked.begun.flatMap((task) => {
    if (task.loadId === undefined || task.do !== 'machine-wash') return [];
    const those = asked.members.filter((m) => task.itemIds.includes(m.item.id));
    const washer = machinesFor(those).find((w) => w.id === task.on);
    return (washer && loadOf(those, washer)) ?? [];
  });
}

/** Things that go in one drum: one by itself, or several that were wished together and may be. */
export type Unit = readonly Member[];
const shareable = (asked: Asked, members: readonly Member[]): boolean =>
  machinesFor(members).some((w) => mayShare(members, w, asked.wishes));
/** What was wished together is never parted, unless no drum takes it together. */
export function unitsOf(asked: Asked, washed: readonly Member[]): Unit[] {
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
export function packed(asked: Asked, fixed: readonly Load[], order: readonly Unit[]): Load[] {
  const drums: Member[][] = [];
  for (const unit of order) {
    const room = drums.find((d) => shareable(asked, [...d, ...unit]));
    if (room) room.push(...unit);
    else drums.push([...unit]);
  }
  return [...fixed, ...drums.flatMap((d) => drumOf(asked, d) ?? [])];
}
/** These things in one drum, in the first machine that takes them; undefined when none does. */
export function drumOf(asked: Asked, members: readonly Member[]): Load | undefined {
  const washer = machinesFor(members).find((w) => members.length === 1 || mayShare(members, w, asked.wishes));
  return washer && loadOf(members, washer);
}

/** Every way of sharing few things among drums and machines, or null when there are too many. */
export function everyWay(asked: Asked, fixed: readonly Load[], units: readonly Unit[], most: number): Load[][] | null {
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
