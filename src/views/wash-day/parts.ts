import type { Kit } from '../../core/gear';
import type { DayLoad, DayTask, WashDay } from '../../core/washday';
import { GENTLE_WORDS, momentText } from '../../core/telling/wash-day';
import { DRYER_WORDS, SUPPLY_WORDS, thingName, WASHER_WORDS } from '../../core/words';
import type { Band } from '../../ui/strata';
import type { TimeRow } from '../../ui/Timeline';
import { MINUTE_MS } from '../../core/units/time';

/** What a load is set to, in one line. */
export function settingsText({ settings: s }: DayLoad): string {
  return [
    s.tempC === undefined ? '' : `${s.tempC} °C`,
    s.action === undefined ? '' : (s.cycle ?? GENTLE_WORDS[s.action]),
    s.spinRpm === undefined ? '' : `${s.spinRpm} rpm`,
    s.rinses === undefined ? '' : `${s.rinses} ${s.rinses === 1 ? 'rinse' : 'rinses'}`,
    s.cleaner ? `${s.doseMl === undefined ? '' : `${s.doseMl} mL `}${SUPPLY_WORDS[s.cleaner]}` : '',
  ]
    .filter(Boolean)
    .join(' · ');
}
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';
/** "A", "B" … of the loads that wash, in the order in which they begin; a purge has no letter. */
export function letterOf(day: WashDay, loadId: string | undefined): string {
  const n = day.loads.filter((l) => l.purpose === 'wash').findIndex((l) => l.id === loadId);
  return n < 0 ? '' : (LETTERS[n] ?? String(n + 1));
}
export const namesIn = (kit: Kit): ((id: string) => string) => {
  const names = new Map(kit.items.map((i) => [i.id, thingName(i)]));
  return (id) => names.get(id) ?? 'a thing that is gone';
};
/** What a machine, line or iron is called. */
export function placeName(kit: Kit, on: string): { readonly name: string; readonly hint?: string } {
  const { washers = [], dryers = [], racks = [], irons = [] } = kit.equipment ?? {};
  const washer = washers.find((w) => w.id === on);
  if (washer) return named(washer.name, WASHER_WORDS[washer.kind], washer.capacityKg ? `${washer.capacityKg} kg` : undefined);
  const dryer = dryers.find((d) => d.id === on);
  if (dryer) return named(dryer.name, DRYER_WORDS[dryer.kind]);
  const rack = racks.find((r) => r.id === on);
  if (rack) return named(rack.name, rack.kind, rack.metres ? `${rack.metres} m` : undefined);
  const iron = irons.find((i) => i.id === on);
  return iron ? named(iron.name, 'iron') : { name: 'Hanging, setting, soaking' };
}
const named = (name: string | undefined, kind: string, more?: string): { name: string; hint?: string } => {
  const hint = [name === undefined ? '' : kind, more ?? ''].filter(Boolean).join(', ');
  return { name: name ?? `${kind.charAt(0).toUpperCase()}${kind.slice(1)}`, ...(hint ? { hint } : {}) };
};
const ms = (instant: string): number => Date.parse(instant);

export const isRest = (kit: Kit, on: string): boolean => on === 'rest' || (kit.equipment?.racks ?? []).some((r) => r.id === on);
function bandFor(kit: Kit, task: DayTask): Band {
  if ((kit.equipment?.dryers ?? []).some((d) => d.id === task.on)) return 'heat';
  return isRest(kit, task.on) ? 'air' : 'water';
}
/** What a task's block says: the letter of its load, or its things. */
function titleOf(day: WashDay, task: DayTask, nameOf: (id: string) => string): string {
  const letter = letterOf(day, task.loadId);
  if (letter) return letter;
  if (task.do === 'purge-machine' || task.do === 'purge-scent') return 'Purge';
  return task.itemIds.map(nameOf).join(', ');
}
export const VERBS: Readonly<Record<string, string>> = {
  'machine-wash': 'wash',
  'machine-rinse': 'rinse',
  'purge-machine': 'empty, hot',
  'purge-scent': 'towels, hot',
  tumble: 'tumble',
  'heat-tumble': 'warm',
  fluff: 'fluff',
  'pre-rinse': 'rinse off',
};
/** The rows of the day: washers, dryers, lines, what only waits, and each person. */
export function rowsOf(day: WashDay, kit: Kit): TimeRow[] {
  const nameOf = namesIn(kit);
  const { washers = [], dryers = [], racks = [], irons = [] } = kit.equipment ?? {};
  const order = [...washers, ...dryers, ...irons, ...racks].map((x) => x.id);
  const places = [...new Set(day.tasks.map((t) => t.on))].filter((on) => on !== 'hands');
  const rank = (on: string): number => (order.includes(on) ? order.indexOf(on) : order.length);
  places.sort((a, b) => rank(a) - rank(b));
  const rows: TimeRow[] = places.map((on) => ({
    id: on,
    ...placeName(kit, on),
    waits: isRest(kit, on),
    blocks: day.tasks
      .filter((t) => t.on === on)
      .map((t) => ({
        id: t.id,
        from: ms(t.from),
        to: ms(t.to),
        title: titleOf(day, t, nameOf),
        hint: VERBS[t.do] ?? '',
        band: bandFor(kit, t),
      })),
  }));
  const people = [...new Set(day.tasks.flatMap((t) => t.attended.map((a) => a.by)))];
  for (const by of people)
    rows.push({
      id: `by-${by}`,
      name: by === 'you' ? 'You' : by,
      blocks: day.tasks.flatMap((t) =>
        t.attended
          .filter((a) => a.by === by)
          .map((a, n) => ({ id: `${t.id}-${n}`, from: ms(a.from), to: ms(a.to), title: titleOf(day, t, nameOf) })),
      ),
    });
  return rows;
}

/** One piece of what somebody does in a turn: a task, or one of its later looks. */
export interface Doing {
  readonly key: string;
  readonly from: string;
  readonly to: string;
  readonly task: DayTask;
  /** Which of several looks of one task, from 0. */
  readonly nth: number;
}
/** Pieces of work that follow each other within ten minutes: somebody comes once for them. */
export interface Turn {
  readonly key: string;
  readonly from: string;
  readonly to: string;
  readonly by: string;
  readonly doings: readonly Doing[];
}
/** What is done, and which look of how many it is. */
export const doingText = ({ task, nth }: Doing): string =>
  nth === 0 ? (task.title ?? task.text) : `Look ${nth + 1} of ${task.attended.length}. ${task.title ?? task.text}`;
/** "Saturday". */
export const dayName = (instant: string): string => momentText(instant).split(' at ')[0] ?? '';
const TURN_GAP_MS = 10 * MINUTE_MS;
/** When somebody is needed, first things first, each person's own turns. */
export function turnsOf(day: WashDay): Turn[] {
  const all = day.tasks
    .flatMap((task) => task.attended.map(({ by, from, to }, nth) => ({ key: `${task.id}-${nth}`, by, from, to, task, nth })))
    .sort((a, b) => ms(a.from) - ms(b.from));
  const turns: Turn[] = [];
  for (const { by, ...doing } of all) {
    const n = turns.findLastIndex((t) => t.by === by);
    const going = turns[n];
    if (going && ms(doing.from) - ms(going.to) < TURN_GAP_MS)
      turns[n] = { ...going, to: ms(doing.to) > ms(going.to) ? doing.to : going.to, doings: [...going.doings, doing] };
    else turns.push({ key: doing.key, by, from: doing.from, to: doing.to, doings: [doing] });
  }
  return turns;
}

/** What a task is carried out with: its drum, the drum that its thing goes into, or the thing by itself. */
const pieceOf = (day: WashDay, task: DayTask): string =>
  task.loadId ?? day.loads.find((l) => l.itemIds.some((id) => task.itemIds.includes(id)))?.id ?? task.itemIds[0] ?? task.id;
/** For each turn, the pieces whose next work is in it: there they are begun, or gone on with. */
export function piecesNextAt(day: WashDay, turns: readonly Turn[], begun: readonly string[]): string[][] {
  const placed = new Set<string>();
  return turns.map((turn) => {
    const next = turn.doings.filter((d) => d.nth > 0 || !begun.includes(d.task.id)).map((d) => pieceOf(day, d.task));
    const here = [...new Set(next)].filter((piece) => !placed.has(piece));
    here.forEach((piece) => placed.add(piece));
    return here;
  });
}

/** Why a thing may not go into this load, or the risk when it may: of all that lie in it, the hardest. */
export function objection(day: WashDay, itemId: string, load: DayLoad): { hard: boolean; text: string; rule: string } | null {
  const found = day.apart.filter(
    (a) => a.itemIds.includes(itemId) && load.itemIds.some((id) => a.itemIds.includes(id)) && a.rule !== 'sooner-apart',
  );
  return found.find((a) => a.hard) ?? found[0] ?? null;
}
