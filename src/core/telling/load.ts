import type { Kit, LoadEntry } from '../gear';
import type { ProgrammeStep } from '../document';
import { plannedUse, type Run } from '../run';
import type { RunLoad } from '../run/events';
import { beforeTheDoor, loadState, type LoadState } from '../run/load';
import { counted, listed } from '../words/text';
import { usedText } from './run';
import { momentText, WASH_ALONE, WASH_TOGETHER } from './wash-day';

const steps = (n: number): string => (n === 1 ? 'one step left' : `${n} steps left`);
/** Why a press for all cannot be gone back over. */
export const goneOnText = (name: string): string => `${name} has gone on since. Go back there first.`;

/** What a load waits for, or what has become of it: the first sentence of its page. */
export function loadText({ ahead, apart }: LoadState): string {
  if (ahead.length > 0) {
    const left = ahead.reduce((sum, run) => sum + leftBefore(run), 0);
    return left === 0 ? 'The door can be shut.' : `Before the door shuts: ${steps(left)}.`;
  }
  const on = apart.filter((r) => r.status === 'live').length;
  const toWrite = apart.filter((r) => r.status === 'finished' || r.status === 'stopped').length;
  if (on > 0) return `Out of the drum. ${on === 1 ? 'One goes on by itself.' : `${counted(on)} go on, each by itself.`}`;
  if (toWrite > 0) return `All are through. ${toWrite === 1 ? 'One is' : `${counted(toWrite)} are`} not in the record yet.`;
  if (apart.every((r) => r.status === 'dropped')) return 'It was stopped before anything was done; nothing is recorded.';
  return 'All of it is in the record.';
}
/** Steps of its own that a thing has still to do before the drum. */
export const leftBefore = (run: Run): number => beforeTheDoor(run).filter((l) => !l.done).length;

/** Name and words of a step that is done to all in a drum, for those that are still in it. */
export function drumWords(
  { title, text }: Pick<ProgrammeStep, 'title' | 'text'>,
  load: Pick<RunLoad, 'name'>,
  here: readonly Run[],
): { readonly title: string; readonly text: string } {
  const names = listed(here.map((r) => r.itemName));
  return {
    title: title === WASH_TOGETHER && here.length === 1 ? WASH_ALONE : title,
    text: text.replace(load.name, names),
  };
}
/** That something was taken out of a drum, and what this means for the cleaner of the step; null when all are in it. */
export function notInText(runs: readonly Run[], step: ProgrammeStep | undefined): string | null {
  const apart = runs.filter((r) => r.alone);
  const out = apart.map((r) => r.itemName);
  if (out.length === 0) return null;
  // What was worked out anew when it left is right for those that stayed.
  const anew = apart.every((r) => r.events.some((e) => e.type === 'relaid'));
  const less =
    !anew && step && plannedUse(step).length > 0
      ? ' The cleaner was measured for all of them: for what is left, less is enough.'
      : '';
  return `${listed(out)} ${out.length === 1 ? 'is' : 'are'} not in it.${less}`;
}
/** What is under way, one line each: a drum is one as long as anything is still to go into it, or is in it. */
export interface UnderWayLine {
  readonly run: Run;
  /** The load it goes on in; null for a run by itself. */
  readonly loadId: string | null;
  readonly name: string;
  /** What is done now; the run's own step where this is null. */
  readonly now: string | null;
}
/** What is under way, a line each. */
export function underWayLines(runs: readonly Run[]): UnderWayLine[] {
  const named = new Set<string>();
  return runs.flatMap((run): UnderWayLine[] => {
    const { load } = run;
    const mates = load ? runs.filter((r) => r.load?.id === load.id) : [];
    const state = loadState(mates);
    if (!load || !state.ahead.some((r) => r.id === run.id)) return [{ run, loadId: null, name: run.itemName, now: null }];
    if (named.has(load.id)) return [];
    named.add(load.id);
    return [{ run: state.lead ?? run, loadId: load.id, name: load.name, now: state.lead ? null : loadText(state) }];
  });
}

/**
 * What comes next in a started day, in a sentence; null when nothing is left to begin.
 * @param begun ids of tasks that have begun.
 */
export function nextOfDay(
  tasks: readonly {
    readonly id: string;
    readonly from: string;
    readonly attended: readonly unknown[];
    readonly title?: string;
    readonly text: string;
  }[],
  begun: readonly string[],
  nowMs: number,
): { readonly text: string; readonly late: boolean } | null {
  const [next] = tasks.filter((t) => t.attended.length > 0 && !begun.includes(t.id)).sort((a, b) => (a.from < b.from ? -1 : 1));
  if (!next) return null;
  return { text: `${momentText(next.from)}: ${next.title ?? next.text}`, late: Date.parse(next.from) < nowMs };
}

/** "In one drum with Hut towels", for the report of one of its things. */
export function inDrumText({ itemIds }: LoadEntry, itemId: string | undefined, nameOf: (id: string) => string): string {
  const others = itemIds.filter((id) => id !== itemId).map(nameOf);
  return others.length > 0 ? `In one drum with ${listed(others)}.` : 'In a drum of its own.';
}
/** What a load used and took, counted once for all of it; empty when nothing was noted. */
export function loadTookText({ supplies = [], takes }: LoadEntry, kit: Pick<Kit, 'supplies' | 'preferences'>): string {
  const currency = kit.preferences?.currency ?? '';
  return [
    ...supplies.map((s) => usedText(s, kit.supplies)),
    ...(takes && takes.kWh > 0 ? [`${takes.kWh} kWh`] : []),
    ...(takes && takes.litres > 0 ? [`${takes.litres} L of water`] : []),
    ...(takes?.money === undefined ? [] : [`${takes.money.toFixed(2)} ${currency}`.trim()]),
  ].join(', ');
}
