/**
 * The weeks ahead: what will be due in each, how long it takes, what it pours, and what can be moved to a quieter week.
 * Refuses: the clock; deciding on care: what will be due is a forecast, and a look decides when it comes.
 */
import { addDays, addYears, daysBetween } from '../units/day';
import { dueOf, eventsAhead, goesAlong, type Ahead } from '../due/forecast';
import { needsCare, USUAL_DAYS, type Outline, type Ranked } from '../due/rank';
import { minutesOf } from '../document';
import { byItem, isEntry, type Item, type Kit, type LogEntry, type UpkeepTask } from '../gear';
import { RHYTHM_FIGURES } from '../knowledge';
import { shoppingFor, type Need, type ShoppingLine } from '../supplies';
import { dayOfUse } from '../year';
import { upkeepOf, type UpkeepLine } from '../upkeep';

/** The Monday of a day's week (ISO 8601: weeks begin on Mondays). */
export const mondayOf = (day: string): string => addDays(day, -((new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7));

/** What a thing takes when it is washed, soiled as it usually is by then. */
export interface UsualCare {
  readonly handsMin: number;
  readonly needs: readonly Need[];
  /** How it is kept, in the words of its programme. */
  readonly store: string;
}
/** `care`: wanted now; `wash`: its earlier washes say that it will want one; `look`: the calendar says to look; `upkeep`: of a machine. */
export type SeasonTask = {
  readonly id: string;
  /** ISO day; what is due already stands today, or on the day that was set for it. */
  readonly on: string;
  readonly handsMin: number;
  readonly needs: readonly Need[];
} & (
  | {
      readonly kind: 'care' | 'wash' | 'look';
      readonly item: Item;
      /** Between which days it may be done; null = it is not moved: an urgent one, or one that hangs on the one before it. */
      readonly span: { readonly from: string; readonly to: string } | null;
    }
  | {
      readonly kind: 'upkeep';
      readonly machine: UpkeepLine['machine'];
      readonly task: UpkeepTask;
      /** Nobody noted when it was done last. */
      readonly unknown: boolean;
    }
);
export interface SeasonWeek {
  /** Its Monday. */
  readonly monday: string;
  readonly tasks: readonly SeasonTask[];
  readonly events: readonly Ahead[];
  readonly handsMin: number;
  /** It asks for more hands than a week has. */
  readonly over: boolean;
}
/** An outline that may say what its programme takes from the cupboard. */
export interface Planned extends Outline {
  readonly needs?: readonly Need[];
}
export interface SeasonAsked {
  readonly kit: Kit;
  readonly rows: readonly Ranked<Planned>[];
  readonly usual: Readonly<Record<string, UsualCare>>;
  /** ISO day. */
  readonly today: string;
  readonly weeks: number;
  /** Minutes of hands that a week has. */
  readonly handsAWeekMin: number;
}
/** No thing is due oftener than this in a forecast, days. */
const LEAST_DAYS = RHYTHM_FIGURES.leastDays.value;

const QUIET = new Set<Ranked['need']>(['away', 'lent', 'safety', 'blocked', 'unplanned']);

function tasksOf(
  row: Ranked<Planned>,
  log: readonly LogEntry[],
  events: readonly Ahead[],
  { usual, today, weeks }: SeasonAsked,
): SeasonTask[] {
  const { item, need, programme, seen } = row;
  const steps = programme?.steps ?? [];
  const f = dueOf({
    item,
    log,
    seen,
    rhythmDays: programme?.lookDays ?? USUAL_DAYS,
    careMin: 0,
    today,
    event: null,
  });
  const washes = usual[item.id];
  const learned = f.usesBetween !== null && f.usesPerWeek !== null && washes !== undefined;
  const every = Math.max(
    LEAST_DAYS,
    learned ? Math.round((f.usesBetween * 7) / f.usesPerWeek) : (programme?.lookDays ?? 0) || USUAL_DAYS,
  );
  const end = addDays(today, weeks * 7);
  const event = events.find((e) => goesAlong(e, item.id));
  const later = (on: string): SeasonTask =>
    learned
      ? { id: `wash:${item.id}:${on}`, kind: 'wash', item, on, handsMin: washes.handsMin, needs: washes.needs, span: null }
      : { id: `look:${item.id}:${on}`, kind: 'look', item, on, handsMin: RHYTHM_FIGURES.lookMin.value, needs: [], span: null };
  const tasks: SeasonTask[] = [];
  let on = row.on < today ? today : row.on;
  if (need === 'under-way') on = addDays(today, every);
  else {
    const care = needsCare(row) && (programme?.aims.length ?? 0) > 0;
    const first: SeasonTask = care
      ? {
          id: `care:${item.id}`,
          kind: 'care',
          item,
          on,
          handsMin: minutesOf(steps).hands,
          needs: programme?.needs ?? [],
          span: null,
        }
      : later(on);
    const latest = care ? addDays(today, RHYTHM_FIGURES.laterDays.value) : on;
    const to = event && event.readyBy < latest ? event.readyBy : latest;
    tasks.push({ ...first, span: need === 'urgent' || to < today ? null : { from: today, to: to < on ? on : to } } as SeasonTask);
    on = addDays(on, every);
  }
  for (; on <= end; on = addDays(on, every)) tasks.push(later(on));
  return tasks.filter((task) => task.on <= end);
}
function upkeepAhead(kit: Kit, today: string, weeks: number): SeasonTask[] {
  const end = addDays(today, weeks * 7);
  return upkeepOf(kit.equipment ?? {}, kit.log ?? [], today).flatMap(
    ({ machine, task, everyDays, dueOn, state }): SeasonTask[] => {
      if (everyDays === null) return [];
      const tasks: SeasonTask[] = [];
      const first = dueOn === null || dueOn < today ? today : dueOn;
      for (let on = first; on <= end; on = addDays(on, everyDays))
        tasks.push({
          id: `upkeep:${machine.id}:${task}:${on}`,
          kind: 'upkeep',
          machine,
          task,
          unknown: state === 'unknown' && on === first,
          on,
          handsMin: RHYTHM_FIGURES.upkeepMin.value,
          needs: [],
        });
      return tasks;
    },
  );
}

/** The weeks ahead, this one first, each with what will be due in it. */
export function seasonAhead(asked: SeasonAsked): SeasonWeek[] {
  const { kit, rows, today, weeks, handsAWeekMin } = asked;
  const logs = byItem(kit.log ?? []);
  const events = eventsAhead(kit.log ?? [], today);
  const tasks = [
    ...rows.filter((row) => !QUIET.has(row.need)).flatMap((row) => tasksOf(row, logs.get(row.item.id) ?? [], events, asked)),
    ...upkeepAhead(kit, today, weeks),
  ];
  const first = mondayOf(today);
  const byWeek = new Map<string, SeasonTask[]>();
  for (const task of tasks) {
    const monday = mondayOf(task.on);
    const week = byWeek.get(monday);
    if (week) week.push(task);
    else byWeek.set(monday, [task]);
  }
  return Array.from({ length: weeks }, (_, n): SeasonWeek => {
    const monday = addDays(first, 7 * n);
    const here = (byWeek.get(monday) ?? []).sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : a.id < b.id ? -1 : 1));
    const handsMin = here.reduce((sum, task) => sum + task.handsMin, 0);
    return {
      monday,
      tasks: here,
      events: events.filter((e) => mondayOf(e.on) === monday),
      handsMin,
      over: handsMin > handsAWeekMin,
    };
  });
}

export interface Move {
  readonly item: Item;
  readonly handsMin: number;
  readonly from: string;
  /** The Monday of the week that it is moved to, and the day in it. */
  readonly to: string;
  readonly on: string;
}
/**
 * Moves that take weeks that ask for too much towards what a week has, each to the nearest week with room: what comes by the calendar to an
 * earlier one, what is due already to one of the next three, never past an outing that it goes along to, and nothing that is urgent.
 */
export function movesFor(weeks: readonly SeasonWeek[], handsAWeekMin: number, today: string): Move[] {
  const load = weeks.map((week) => week.handsMin);
  const moves: Move[] = [];
  weeks.forEach((week, from) => {
    // The longest first: fewer things are moved.
    const movable = week.tasks.filter((t) => t.kind !== 'upkeep' && t.span !== null).sort((a, b) => b.handsMin - a.handsMin);
    for (const task of movable) {
      if ((load[from] ?? 0) <= handsAWeekMin) break;
      if (task.kind === 'upkeep' || !task.span) continue;
      const { span, handsMin, item } = task;
      const fits = weeks
        .map((w, n) => ({ n, monday: w.monday }))
        .filter(
          ({ n, monday }) =>
            n !== from && monday <= span.to && addDays(monday, 6) >= span.from && (load[n] ?? 0) + handsMin <= handsAWeekMin,
        )
        .sort((a, b) => Math.abs(a.n - from) - Math.abs(b.n - from));
      const [best] = fits;
      if (!best) continue;
      const saturday = addDays(best.monday, 5);
      const on = [saturday < today ? today : saturday, span.to].sort()[0] as string;
      load[from] = (load[from] ?? 0) - handsMin;
      load[best.n] = (load[best.n] ?? 0) + handsMin;
      moves.push({ item, handsMin, from: week.monday, to: best.monday, on });
    }
  });
  return moves;
}

/** A bottle or aid that will not last: from which week on, and what is missing by the end. */
export interface RunsOut extends ShoppingLine {
  /** Monday of the first week that is not covered. */
  readonly week: string;
}
/** What of the cupboard runs out in these weeks, the first on top. Steps behind a failed check are left out. */
export function runsOut(weeks: readonly SeasonWeek[], supplies: Kit['supplies'] = []): RunsOut[] {
  const sure = (week: SeasonWeek): Need[] => week.tasks.flatMap((t) => t.needs.filter((n) => !n.perhaps));
  const all = shoppingFor(weeks.flatMap(sure), supplies, weeks.at(-1)?.monday ?? null);
  return all
    .map((line): RunsOut => {
      const needs: Need[] = [];
      const week = weeks.find((w) => {
        needs.push(...sure(w).filter((n) => n.class === line.class));
        return shoppingFor(needs, supplies, w.monday).length > 0;
      });
      return { ...line, week: (week ?? (weeks.at(-1) as SeasonWeek)).monday };
    })
    .sort((a, b) => (a.week < b.week ? -1 : a.week > b.week ? 1 : a.class < b.class ? -1 : 1));
}

/** What goes out of use with the season, what comes in, and what nobody used at all. */
export interface Swap {
  readonly out: readonly { readonly item: Item; readonly lastUse: string }[];
  readonly in: readonly { readonly item: Item; readonly lastUse: string }[];
  /** `lastUse` null: no use was ever written down. */
  readonly unused: readonly { readonly item: Item; readonly lastUse: string | null }[];
  /** Days that the record goes back; below a year it cannot know a season. */
  readonly knownDays: number;
}
/**
 * Seasons out of the record: a thing that nobody used lately and that, a year before, nobody used in the weeks that come either, goes out;
 * one that was used in those weeks comes in. Without a year of record nothing is said of seasons.
 */
export function swapOf(kit: Pick<Kit, 'items' | 'log'>, today: string): Swap {
  const uses = byItem((kit.log ?? []).filter(isEntry('use')));
  const first = [...uses.values()].flat().map(dayOfUse).sort()[0];
  const knownDays = first === undefined ? 0 : daysBetween(first, today);
  const mine = kit.items.filter((i) => !i.archivedOn && !i.retiredOn && !i.lent);
  const rows = mine.map((item) => {
    const days = (uses.get(item.id) ?? []).map(dayOfUse).sort();
    const lastUse = days.at(-1);
    const quiet = lastUse !== undefined && daysBetween(lastUse, today) >= RHYTHM_FIGURES.quietDays.value;
    const soon = days.some((day) => {
      const ahead = daysBetween(addDays(today, -365), day);
      return ahead >= 0 && ahead <= RHYTHM_FIGURES.soonDays.value;
    });
    return { item, lastUse, quiet, soon };
  });
  const whole = knownDays >= 365 - RHYTHM_FIGURES.quietDays.value;
  const pick = (soon: boolean) =>
    whole
      ? rows.flatMap(({ item, lastUse, quiet, soon: s }) =>
          quiet && s === soon && lastUse !== undefined ? [{ item, lastUse }] : [],
        )
      : [];
  const asked = (item: Item): string => [item.boughtOn ?? '', item.keptOn ?? ''].sort().at(-1) ?? '';
  const unused = rows.flatMap(({ item, lastUse = '' }) => {
    const since = [lastUse, asked(item)].sort().at(-1) ?? '';
    return since !== '' && daysBetween(since, today) > RHYTHM_FIGURES.unusedDays.value
      ? [{ item, lastUse: lastUse || null }]
      : [];
  });
  const idle = new Set(unused.map((u) => u.item.id));
  return { out: pick(false).filter((r) => !idle.has(r.item.id)), in: pick(true), unused, knownDays };
}

/** The day until which a thing is meant to last; null when nobody said, or its age is not known. */
export const lastsUntil = ({ boughtOn, targetYears }: Pick<Item, 'boughtOn' | 'targetYears'>): string | null =>
  boughtOn === undefined || targetYears === undefined ? null : addYears(boughtOn, targetYears);
