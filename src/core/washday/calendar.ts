import { SUN_HOURS } from '../knowledge';
import { SLOT_MIN, SLOT_MS, type Node } from './shapes';
import type { Hand, Span } from './types';
import { DAY_MS, MINUTE_MS } from '../units/time';

const DAY_SLOTS = DAY_MS / SLOT_MS;
const SUN_SLOTS = ((SUN_HOURS.to - SUN_HOURS.from) * 60) / SLOT_MIN;
/** How far ahead is looked for room, days. */
const AHEAD_DAYS = 28;
/** Who is there when nobody was named. */
export const YOU = 'you';

/** The hours that there are, in slots from the origin. */
export interface Calendar {
  readonly originMs: number;
  /** First slot in which anything may begin. */
  readonly first: number;
  readonly horizon: number;
  readonly names: readonly string[];
  /** For each person: slots from here that they stay. */
  readonly there: readonly Int32Array[];
  /** Slots from here in which machines may be heard. */
  readonly loud: Int32Array;
  /** Slots from here in which the sun stands high enough. */
  readonly sun: Int32Array;
}
/** True where a piece may begin at this slot, for the neighbours and the sun. */
export const mayBegin = (
  { loud, sun }: Calendar,
  { noisy, inSun, slots }: Pick<Node, 'noisy' | 'inSun' | 'slots'>,
  t: number,
): boolean => (!noisy || (loud[t] ?? 0) >= slots) && (!inSun || (sun[t] ?? 0) >= (slots > SUN_SLOTS ? 1 : slots));
const up = (ms: number): number => Math.ceil(ms / SLOT_MS) * SLOT_MS;

/** How long the run of true values is that begins at each slot. */
function runs(open: Uint8Array): Int32Array {
  const list = new Int32Array(open.length);
  let run = 0;
  for (let t = open.length - 1; t >= 0; t--) list[t] = run = open[t] ? run + 1 : 0;
  return list;
}
/** Marks whole slots that lie inside the spans (or touch them, where `touch`). */
function mark(spans: readonly Span[], originMs: number, into: Uint8Array, value: number, touch: boolean): void {
  for (const { from, to } of spans) {
    const [a, z] = [(Date.parse(from) - originMs) / SLOT_MS, (Date.parse(to) - originMs) / SLOT_MS];
    const first = touch ? Math.floor(a) : Math.ceil(a);
    const end = touch ? Math.ceil(z) : Math.floor(z);
    for (let t = Math.max(0, first); t < Math.min(end, into.length); t++) into[t] = value;
  }
}

/** @param from instants on which nothing may begin earlier; @param origin earlier when something has begun already. */
export function calendarOf(
  asked: { readonly from: string; readonly hands?: readonly Hand[]; readonly quiet?: readonly Span[] },
  originMs: number = up(Date.parse(asked.from)),
): Calendar {
  const horizon = Math.ceil((AHEAD_DAYS * DAY_MS) / SLOT_MS);
  const hands: readonly Hand[] = asked.hands?.length ? asked.hands : [{}];
  const quiet = new Uint8Array(horizon).fill(1);
  mark(asked.quiet ?? [], originMs, quiet, 0, true);
  const names = hands.map((hand, n) => hand.name ?? (hands.length === 1 ? YOU : `person ${n + 1}`));
  const there = hands.map(({ windows }) => {
    if (!windows?.length) return runs(new Uint8Array(horizon).fill(1));
    const open = new Uint8Array(horizon);
    mark(windows, originMs, open, 1, false);
    return runs(open);
  });
  const local = (originMs + offsetOf(asked.from) * MINUTE_MS) / SLOT_MS;
  const sun = new Uint8Array(horizon).map((_, t) => {
    const hour = (((local + t) % DAY_SLOTS) * SLOT_MIN) / 60;
    return hour >= SUN_HOURS.from && hour < SUN_HOURS.to ? 1 : 0;
  });
  const first = (up(Date.parse(asked.from)) - originMs) / SLOT_MS;
  return { originMs, first, horizon, names, there, loud: runs(quiet), sun: runs(sun) };
}
/** The slot of an instant. */
export const slotAt = (calendar: Calendar, instant: string): number => (Date.parse(instant) - calendar.originMs) / SLOT_MS;
/** The instant at which a slot begins, in the offset of the request. */
export function instantAt(calendar: Calendar, slot: number, offsetMin: number): string {
  const ms = calendar.originMs + slot * SLOT_MS;
  const local = new Date(ms + offsetMin * MINUTE_MS).toISOString().slice(0, 19);
  if (offsetMin === 0) return `${local}Z`;
  const [h, m] = [Math.floor(Math.abs(offsetMin) / 60), Math.abs(offsetMin) % 60];
  return `${local}${offsetMin < 0 ? '-' : '+'}${String(h).padStart(2, '0')}:${String(m).padStart(2, '0')}`;
}
/** Offset of an RFC 3339 instant, minutes east of Greenwich. */
export function offsetOf(instant: string): number {
  const found = /([+-])(\d\d):(\d\d)$/.exec(instant);
  if (!found) return 0;
  return (found[1] === '-' ? -1 : 1) * (Number(found[2]) * 60 + Number(found[3]));
}
