import { BINDS, hoursText, REMEDIES } from '../telling/wash-day';
import { thingName } from '../words';
import { askedOf, gather } from './asked';
import { instantAt, offsetOf } from './calendar';
import { hasHired, withHired } from './hired';
import { handSlots, SLOT_MS } from './shapes';
import { minutesOfSlots, type Asked } from './problem';
import { findDay, type Effort, type Outcome } from './search';
import type { DayRequest, Member, Remedy, WashDay } from './types';
import { HOUR_MS } from '../units/time';

const nameOf = (member: Member): string => thingName(member.item);

/** The chain that does not fit, and what would make it fit, each with its new end. */
export function whyNot(request: DayRequest, asked: Asked, outcome: Outcome, effort: Effort): NonNullable<WashDay['impossible']> {
  const offset = offsetOf(request.from);
  const at = (slot: number): string => instantAt(asked.calendar, slot, offset);
  const some: Effort = { proof: Math.min(500, effort.proof), tries: Math.max(4, Math.floor(effort.tries / 6)), ways: 24 };
  const because: { rule: string; itemIds: string[]; text: string }[] = [];
  for (const member of asked.members) {
    const limit = Math.min(asked.until, asked.latest.get(member.item.id) ?? Infinity);
    const alone = findDay({ ...asked, members: [member], until: Infinity, latest: new Map() }, some);
    const id = member.item.id;
    if (!alone.found) because.push({ rule: 'never', itemIds: [id], text: BINDS.never(nameOf(member)) });
    else if (alone.found.placed.finish > limit)
      because.push({ rule: 'chain', itemIds: [id], text: BINDS.chain(nameOf(member), at(alone.found.placed.finish)) });
  }
  if (because.length === 0) {
    const needed = (outcome.found?.problem.nodes ?? []).reduce((sum, n) => sum + handSlots(n), 0);
    let there = 0;
    for (const person of asked.calendar.there)
      for (let t = asked.calendar.first; t < Math.min(asked.until, person.length); t++) if ((person[t] ?? 0) > 0) there++;
    const ids = asked.members.map((m) => m.item.id);
    because.push(
      Number.isFinite(asked.until) && needed > there
        ? { rule: 'hands', itemIds: ids, text: BINDS.hands(hoursText(minutesOfSlots(needed)), hoursText(minutesOfSlots(there))) }
        : { rule: 'room', itemIds: ids, text: BINDS.room() },
    );
  }
  return {
    because,
    remedies: remediesOf(
      request,
      asked,
      because.flatMap((b) => b.itemIds),
      some,
    ),
  };
}
const EARLIER_HOURS = [4, 12, 24, 48] as const;
function remediesOf(request: DayRequest, asked: Asked, blamed: readonly string[], effort: Effort): Remedy[] {
  const remedies: Remedy[] = [];
  const offset = offsetOf(request.from);
  const tryWith = (change: Remedy['change'], text: (end: string) => string, lift = false): boolean => {
    const { add, ...wish } = change;
    const next: DayRequest = { ...request, ...wish, ...(add ? { kit: withHired(request.kit, [add]) } : {}) };
    if (lift) delete next.until;
    const { members } = gather(next);
    const again = askedOf(next, members);
    const { found } = findDay(again, { ...effort, inTime: true });
    if (!found || found.late > 0) return false;
    const end = instantAt(again.calendar, found.placed.finish, offset);
    remedies.push({ text: text(end), change: lift ? { until: end } : change, finish: end });
    return true;
  };
  if (!request.due || Object.keys(request.due).length === 0) tryWith({}, REMEDIES.until, true);
  for (const hours of EARLIER_HOURS) {
    const earlier = instantAt(asked.calendar, asked.calendar.first - (hours * HOUR_MS) / SLOT_MS, offset);
    if (tryWith({ from: earlier }, () => REMEDIES.from(earlier))) break;
  }
  const hands = request.hands ?? [];
  if (hands.some((h) => h.windows?.length)) tryWith({ hands: [{ name: hands[0]?.name ?? 'you' }] }, REMEDIES.hands);
  const first = hands[0] ?? { name: 'you' };
  tryWith({ hands: [...(hands.length > 0 ? hands : [first]), { ...first, name: 'a second person' }] }, REMEDIES.second);
  if (request.quiet?.length) tryWith({ quiet: [] }, REMEDIES.loud);
  if (!hasHired(request.kit, 'dryer')) tryWith({ add: 'dryer' }, REMEDIES.dryer);
  if (!hasHired(request.kit, 'fan')) tryWith({ add: 'fan' }, REMEDIES.fan);
  const ids = asked.members.map((m) => m.item.id);
  const least = [...new Set([...blamed, ...ids])].slice(0, 6);
  if (ids.length > 1)
    for (const id of least) {
      const member = asked.members.find((m) => m.item.id === id);
      if (member) tryWith({ items: ids.filter((one) => one !== id) }, () => REMEDIES.less(nameOf(member)));
    }
  return remedies;
}
