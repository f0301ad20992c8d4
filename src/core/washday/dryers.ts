import type { Asked } from './problem';
import { AS_PLANNED } from './nodes';
import { dryersFor } from './sharing';
import type { Drying, Load, Member } from './types';

/** Where one thing alone may be dried. */
export const dryingsFor = ({ item, dryers }: Member): readonly Drying[] =>
  dryers.length < 2 ? [AS_PLANNED] : dryers.map((d) => new Map([[item.id, d.dryerId]]));
/** What has begun to turn stays in its dryer. */
export const begunDrying = (asked: Asked): Drying =>
  new Map(
    asked.begun.flatMap((task) =>
      asked.members.flatMap(({ item, dryers }): (readonly [string, string])[] =>
        task.itemIds.includes(item.id) && dryers.some((d) => d.dryerId === task.on) ? [[item.id, task.on]] : [],
      ),
    ),
  );
/** The way with what shares a drum and must be dried at once put where it finds room. @returns undefined when it finds none. */
export function settled(
  asked: Asked,
  { loads, drying }: { readonly loads: readonly Load[]; readonly drying: Drying },
): { readonly loads: readonly Load[]; readonly drying: Drying } | undefined {
  let so: Drying | undefined = drying;
  for (const load of loads) so = so && dryersFor(load.members, asked.wishes.drums, so);
  return so && { loads, drying: so };
}
/** Every way of sharing the dryers, or null when there are too many. */
export function everyDrying(asked: Asked, fixed: Drying, most: number): Drying[] | null {
  let all: Drying[] = [fixed];
  for (const { item, dryers } of asked.members) {
    if (dryers.length < 2 || fixed.has(item.id)) continue;
    all = all.flatMap((drying) => dryers.map((d) => new Map([...drying, [item.id, d.dryerId]])));
    if (all.length > most) return null;
  }
  return all;
}
/** The dryers filled evenly by the minutes that things turn in them, the longest first. */
export function spread(asked: Asked, fixed: Drying): Drying {
  const busy = new Map<string, number>();
  const minutes = (dryerId: string, { dryers }: Member): number =>
    dryers.find((d) => d.dryerId === dryerId)?.steps.reduce((sum, s) => sum + (s.settings.dryerId ? s.unattendedMin : 0), 0) ?? 0;
  const own = (m: Member): string => m.dryers[0]?.dryerId ?? '';
  const drying = new Map(fixed);
  for (const member of asked.members.filter((m) => m.dryers.length > 0).sort((a, b) => minutes(own(b), b) - minutes(own(a), a))) {
    const ids = fixed.has(member.item.id) ? [fixed.get(member.item.id) ?? ''] : member.dryers.map((d) => d.dryerId);
    const end = (id: string): number => (busy.get(id) ?? 0) + minutes(id, member);
    const best = ids.reduce((least, id) => (end(id) < end(least) ? id : least), ids[0] ?? '');
    busy.set(best, end(best));
    if (best !== own(member)) drying.set(member.item.id, best);
  }
  return drying;
}
/** The same with one thing in another dryer; undefined when none has the choice. */
export function redry(asked: Asked, drying: Drying, fixed: Drying, random: () => number): Drying | undefined {
  const free = asked.members.filter((m) => m.dryers.length > 1 && !fixed.has(m.item.id));
  const member = free[Math.floor(random() * free.length)];
  const others = member?.dryers.filter((d) => d.dryerId !== (drying.get(member.item.id) ?? member.dryers[0]?.dryerId));
  const to = others?.[Math.floor(random() * others.length)];
  return member && to && new Map([...drying, [member.item.id, to.dryerId]]);
}
