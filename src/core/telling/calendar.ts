import type { Ranked } from '../due/rank';
import { isEntry, type LogEntry } from '../gear';
import type { Run } from '../run';
import type { UpkeepLine } from '../upkeep';
import { thingName } from '../words';
import { UPKEEP_WORDS } from '../words/upkeep';
import { capital } from '../words/text';

/** One line of what is ahead: a whole day, or an hour at which something rings. */
export interface CalendarEntry {
  /** The same for the same thing in every file. */
  readonly id: string;
  readonly title: string;
  readonly text: string;
  /** ISO day. */
  readonly on: string;
  /** ms; absent = the whole day. */
  readonly at?: number;
}
const dues = (ranked: readonly Ranked[], today: string): CalendarEntry[] =>
  ranked.flatMap(({ item, need, on, programme, planned }): CalendarEntry[] => {
    const name = thingName(item);
    const id = `due-${item.id}`;
    if (need === 'fresh') return [{ id, title: `Look over ${name}`, text: '', on }];
    if (need === 'look')
      return [{ id, title: `Look over ${name}`, text: 'It has not been looked over for its time of use.', on: today }];
    if (need === 'due' || need === 'urgent')
      return [{ id, title: `${name} needs care`, text: programme?.verdict ?? '', on: planned ? on : today }];
    return [];
  });
const events = (log: readonly LogEntry[], today: string): CalendarEntry[] =>
  log.filter(isEntry('event')).flatMap(({ id, name, on, readyBy, place }): CalendarEntry[] => {
    if (on === undefined || on < today) return [];
    const title = name ?? 'An outing';
    return [
      { id: `event-${id}`, title, text: place ?? '', on },
      ...(readyBy !== undefined && readyBy >= today && readyBy !== on
        ? [{ id: `ready-${id}`, title: `All is to be ready for ${title}`, text: '', on: readyBy }]
        : []),
    ];
  });
const rings = (runs: readonly Run[], dayOf: (ms: number) => string): CalendarEntry[] =>
  runs.flatMap((run): CalendarEntry[] => {
    const now = run.currentId === null ? undefined : run.steps[run.currentId];
    const step = run.programme.steps.find((s) => s.id === run.currentId);
    if (now?.state !== 'running' || !step) return [];
    const at = now.endsAtMs;
    return [
      {
        id: `run-${run.id}`,
        title: `${run.itemName}: ${step.title ?? 'it'} ends`,
        text: step.check?.look ?? step.text,
        on: dayOf(at),
        at,
      },
    ];
  });
const upkeep = (lines: readonly UpkeepLine[], today: string): CalendarEntry[] =>
  lines.flatMap(({ machine, task, dueOn, state }): CalendarEntry[] => {
    const on = state === 'due' ? today : dueOn;
    const name = machine.name ?? 'The machine';
    const words = UPKEEP_WORDS[task];
    return on === null
      ? []
      : [{ id: `upkeep-${machine.id}-${task}`, title: `${name}: ${words.name}`, text: capital(words.how), on }];
  });

/**
 * All that is ahead, by its day: looks and care, outings and when all must be ready, rings of what is under way, upkeep of machines.
 * What is due stands today. @param today ISO day. @param dayOf the local day of an instant, ms.
 */
export const aheadOfKit = (
  known: {
    readonly ranked: readonly Ranked[];
    readonly log: readonly LogEntry[];
    readonly runs: readonly Run[];
    readonly upkeep: readonly UpkeepLine[];
  },
  today: string,
  dayOf: (ms: number) => string,
): CalendarEntry[] =>
  [...dues(known.ranked, today), ...events(known.log, today), ...rings(known.runs, dayOf), ...upkeep(known.upkeep, today)].sort(
    (a, b) => a.on.localeCompare(b.on) || (a.at ?? 0) - (b.at ?? 0),
  );
