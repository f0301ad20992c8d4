import { LEFT_OUT } from '../telling/wash-day';
import { thingName } from '../words';
import { calendarOf, slotAt } from './calendar';
import { dryingKwh, runLines } from './costs';
import { dryerLitres, type Wishes } from './loads';
import { driedIn, memberOf } from './members';
import type { Asked } from './problem';
import type { DayRequest, Member, WashDay } from './types';
import { SLOT_MS } from './shapes';

const nameOf = (member: Member): string => thingName(member.item);

/** A thing of the day; null for one that cannot be planned: it keeps no other from its day. */
function memberIfPlanned(kit: DayRequest['kit'], item: Member['item']): Member | null {
  try {
    return memberOf(kit, item);
  } catch {
    return null;
  }
}
/** The things that are asked for, and what is left out of them with its reason. */
export function gather(request: DayRequest): { members: Member[]; leftOut: WashDay['leftOut'] } {
  const { kit } = request;
  const wanted = request.items ? request.items.flatMap((id) => kit.items.find((i) => i.id === id) ?? []) : kit.items;
  const members: Member[] = [];
  const leftOut: { itemId: string; text: string }[] = [];
  for (const item of wanted) {
    const named = request.items !== undefined;
    if (!named && (item.archivedOn || item.retiredOn)) continue;
    const out = (text: string): void => void leftOut.push({ itemId: item.id, text });
    const member = memberIfPlanned(kit, item);
    if (!member) {
      out(LEFT_OUT.unplanned(thingName(item)));
      continue;
    }
    const { aims } = member.programme;
    if (aims.length === 0 || member.steps.length === 0) {
      if (named) out(LEFT_OUT.nothing(nameOf(member)));
    } else if (aims.every((a) => a === 'refer')) {
      out(LEFT_OUT.refer(nameOf(member)));
    } else if (member.steps.some((s) => s.settings.place === 'launderette')) out(LEFT_OUT.launderette(nameOf(member)));
    else members.push(member);
  }
  return { members, leftOut };
}

const wishesOf = (request: DayRequest): Wishes => ({
  together: request.together ?? [],
  apart: request.apart ?? [],
  drums: dryerLitres(request.kit),
});
/** What is asked of a day with everything that follows from it: the hours as slots, wishes, what has begun. */
export function askedOf(request: DayRequest, members: readonly Member[]): Asked {
  const begun = request.begun ?? [];
  const turned = new Map<string, number>();
  const origin = Math.min(Date.parse(request.from), ...begun.map((t) => Date.parse(t.from)));
  const originMs = begun.length > 0 && origin < Date.parse(request.from) ? Math.floor(origin / SLOT_MS) * SLOT_MS : undefined;
  const calendar = originMs === undefined ? calendarOf(request) : calendarOf(request, originMs);
  const end = (instant: string | undefined): number => (instant === undefined ? Infinity : Math.floor(slotAt(calendar, instant)));
  return {
    kit: request.kit,
    members,
    calendar,
    wishes: wishesOf(request),
    latest: new Map(Object.entries(request.due ?? {}).map(([id, at]) => [id, end(at)])),
    until: end(request.until),
    prefer: request.prefer ?? 'earliest',
    begun,
    begunAt: (task) => {
      const start = Math.round(slotAt(calendar, task.from));
      return { start, slots: Math.max(1, Math.round(slotAt(calendar, task.to)) - start) };
    },
    dryingEnergyOf: (member, drying) => {
      const id = drying.get(member.item.id) ?? member.dryers[0]?.dryerId ?? '';
      const key = `${member.item.id}/${id}`;
      let kWh = turned.get(key);
      if (kWh === undefined) turned.set(key, (kWh = dryingKwh(driedIn(member, drying).made)));
      return kWh;
    },
    energyOf: (load) => runLines(request.kit, load).reduce((sum, l) => sum + l.kWh, 0),
  };
}
