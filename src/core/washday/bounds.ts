import { dryingsFor } from './dryers';
import { relaxed } from './exact';
import { apartBy, loadOf } from './loads';
import { driedIn, isDrum } from './members';
import { ofItsDrum, workOf, type Work } from './nodes';
import { handSlots, SLOT_MIN } from './shapes';
import { VISIT_GAP } from './place';
import { problemOf, type Asked } from './problem';
import { hasteOf } from './sharing';
import type { Member } from './types';

/** The earliest that each thing alone could be done, the latest of them; and the drums that no sharing can save. */
export function loneBound(asked: Asked, washed: readonly Member[]): { finish: number; runs: number } {
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
