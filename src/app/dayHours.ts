import { addDays, addMinutes, parseISO, set, startOfDay } from 'date-fns';
import type { Kit } from '../core/gear';
import { instantHere } from '../core/units/day';
import type { DayRequest, DayTask, DayWish, Span } from '../core/washday';

/** Hours are laid out for so many days. */
const DAYS = 21;
const onDay = (day: Date, clock: string): Date => {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return set(day, { hours, minutes, seconds: 0, milliseconds: 0 });
};
/** The same hours on every day; an end that is not later than the beginning lies on the next. */
function daily(first: Date, from: string, to: string): Span[] {
  return Array.from({ length: DAYS }, (_, n) => {
    const day = addDays(startOfDay(first), n - 1);
    const end = onDay(day, to);
    const begin = onDay(day, from);
    return { from: instantHere(begin), to: instantHere(end > begin ? end : addDays(end, 1)) };
  });
}
/** What is left of hours when these are taken. */
export function without(spans: readonly Span[], busy: readonly Span[]): Span[] {
  let left = spans.map((s) => ({ from: parseISO(s.from), to: parseISO(s.to) }));
  for (const b of busy) {
    const [from, to] = [parseISO(b.from), parseISO(b.to)];
    left = left.flatMap((s) =>
      to <= s.from || s.to <= from
        ? [s]
        : [
            { from: s.from, to: from },
            { from: to, to: s.to },
          ].filter((x) => x.from < x.to),
    );
  }
  return left.map((s) => ({ from: instantHere(s.from), to: instantHere(s.to) }));
}

/** The last hours of a day of this place, 22:00. */
export const endOfDay = (day: string): string => instantHere(onDay(parseISO(day), '22:00'));
/** The next quarter of an hour. */
const soon = (now: Date): Date => {
  return addMinutes(set(now, { seconds: 0, milliseconds: 0 }), 15 - (now.getMinutes() % 15));
};
/** A day that nobody has put together yet: from now on, you there from eight to ten in the evening, quiet at night. */
export const newWish = (items: readonly string[] = []): DayWish => ({
  items,
  from: instantHere(soon(new Date())),
  people: [{ name: 'You', from: '08:00', to: '22:00' }],
  quiet: { from: '22:00', to: '07:00' },
  prefer: 'earliest',
});

/** The request that such a day is. Things that are no longer in the kit are passed over; what begins in the past begins now. */
export function requestOf(wish: DayWish, kit: Kit, now: Date = new Date(), begunToo: readonly string[] = []): DayRequest {
  const from = parseISO(wish.from) < now ? soon(now) : parseISO(wish.from);
  const there = new Set(kit.items.map((i) => i.id));
  const known = (groups: readonly (readonly string[])[] | undefined): string[][] =>
    (groups ?? []).map((ids) => ids.filter((id) => there.has(id))).filter((ids) => ids.length > 1);
  return {
    format: 'umbrastic/day-request',
    version: 1,
    kit,
    items: wish.items.filter((id) => there.has(id)),
    from: instantHere(from),
    ...(wish.until && parseISO(wish.until) > from ? { until: wish.until } : {}),
    hands: wish.people.map(({ name, from: begin, to, busy }) => {
      const hours = begin && to ? daily(from, begin, to) : busy ? daily(from, '00:00', '00:00') : [];
      return { name, ...(hours.length > 0 ? { windows: without(hours, busy ?? []) } : {}) };
    }),
    ...(wish.quiet ? { quiet: daily(from, wish.quiet.from, wish.quiet.to) } : {}),
    prefer: wish.prefer,
    together: known(wish.together),
    apart: known(wish.apart),
    ...(wish.started ? { begun: begunOf(wish.started, begunToo).filter((t) => t.itemIds.every((id) => there.has(id))) } : {}),
  };
}

/** The tasks of a started day that have begun: they stay where they are. @param more those that its runs have begun. */
export const begunOf = ({ day, begun }: NonNullable<DayWish['started']>, more: readonly string[] = []): DayTask[] =>
  day.tasks.filter((t) => begun.includes(t.id) || more.includes(t.id));
/** The kit of a day: its things, and all that its plan rests on. */
export function kitOfDay(kit: Kit, itemIds: readonly string[]): Kit {
  const those = new Set(itemIds);
  const ofThose = (row: { readonly itemId?: string }): boolean => row.itemId !== undefined && those.has(row.itemId);
  return {
    ...kit,
    items: kit.items.filter((i) => those.has(i.id)),
    inspections: kit.inspections.filter(ofThose),
    ...(kit.weighIns ? { weighIns: kit.weighIns.filter(ofThose) } : {}),
    ...(kit.log ? { log: kit.log.filter(ofThose) } : {}),
  };
}
/** The same day, open again. */
export const unstarted = ({ started: _started, ...rest }: DayWish): DayWish => rest;
