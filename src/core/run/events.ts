import type { Droplet, DropTest, LoftReading, SupplyClass, WeighIn } from '../gear';
import type { WayId } from '../knowledge';
import type { Programme, ProgrammeStep } from '../document';

/*
 * What happens in a run, one line each, in the order in which it happened. Nothing is ever taken out of the list: what is undone is followed by
 * a line that says so.
 */

interface At {
  /** When, ms since 1970. */
  readonly at: number;
  /** The step at which one stood. */
  readonly stepId: string;
  /** Lines of one press share a number: they are undone together. */
  readonly act: number;
  /** One press for all things in the drum; it stands in the run of each. */
  readonly together?: true;
}
/** Minutes that a round, soak or warming really ran when it was ended early or late; absent: what the timer says. */
interface Ran {
  readonly ranMin?: number;
}
export type Happening =
  | { readonly type: 'timer'; readonly minutes: number }
  | { readonly type: 'paused' }
  | { readonly type: 'resumed' }
  | ({ readonly type: 'done' } & Ran)
  | ({ readonly type: 'look'; readonly passed: boolean; readonly proof?: 'weights' | 'hand' } & Ran)
  | { readonly type: 'way'; readonly way: WayId }
  | { readonly type: 'skipped'; readonly why: string }
  /** Something small that is made ready, in whatever order the hands take it; or it was not yet. */
  | {
      readonly type: 'ticked';
      readonly has: boolean;
      /** Steps ticked with the same press. */
      readonly also?: readonly string[];
    }
  /** It leaves its load: what the others do from here on is not done to it. */
  | { readonly type: 'alone' }
  /** A step that has not begun is carried out otherwise than was planned. */
  | ({ readonly type: 'relaid' } & Relaid)
  | { readonly type: 'used'; readonly class: SupplyClass; readonly ml: number; readonly supplyId?: string }
  /** Litres of a bath, measured. */
  | { readonly type: 'filled'; readonly litres: number }
  | {
      readonly type: 'weighed';
      readonly massG: number;
      readonly after: NonNullable<WeighIn['after']>;
      /** Minutes of drying so far; absent outside a drying. */
      readonly dryMin?: number;
      readonly rhPercent?: number;
    }
  | { readonly type: 'loft'; readonly readings: readonly LoftReading[] }
  | { readonly type: 'drops'; readonly grades: Readonly<Droplet>; readonly test?: DropTest }
  | { readonly type: 'seen'; readonly soil: number; readonly odour: number }
  | { readonly type: 'noted'; readonly text: string }
  | { readonly type: 'photograph'; readonly photoId: string }
  | { readonly type: 'clump'; readonly baffle: string; readonly felt: boolean }
  /** A step that the programme did not have comes next. */
  | { readonly type: 'taken-in'; readonly step: ProgrammeStep }
  /** It goes into another machine, or another place, from this step on. */
  | { readonly type: 'moved'; readonly to: { readonly washerId?: string; readonly dryerId?: string; readonly place?: string } }
  /** What no look has closed is put away as it is, or is looked at after all. */
  | { readonly type: 'as-it-is' }
  | { readonly type: 'back-to'; readonly checkId: string }
  | { readonly type: 'clock'; readonly byMs: number }
  /** How far a step was when an earlier version kept runs without their events; `now`: one stands at it. */
  | {
      readonly type: 'was';
      readonly outcome: 'done' | 'passed' | 'failed' | 'skipped' | 'now';
      readonly times: number;
      readonly minutes: readonly number[];
      readonly why?: string;
    }
  | { readonly type: 'stopped' }
  | { readonly type: 'undone' };
export type RunEvent = At & Happening;
/** What may change of a step before it begins: the drum holds less, so it is filled otherwise. */
export type Relaid = Pick<ProgrammeStep, 'title' | 'text' | 'settings' | 'unattendedMin'>;

/** `written`: its result is in the record; `dropped`: it was stopped and nothing of it is kept. */
export type RunStatus = 'live' | 'finished' | 'stopped' | 'written' | 'dropped';

/** A drum of several things: each has a run of its own, and what is done to all is one press. */
export interface RunLoad {
  readonly id: string;
  readonly name: string;
  /** All of them, the thing itself too. */
  readonly members: readonly { readonly runId: string; readonly itemId: string; readonly name: string }[];
  /** Steps of this run that are done once for all, by the name under which they are shared. */
  readonly shared: Readonly<Record<string, string>>;
  /** Steps that begin with one press, and are looked at each by itself. */
  readonly beside: Readonly<Record<string, string>>;
}
/** A run as it is stored: what was planned, and what happened. */
export interface RunRecord {
  readonly id: string;
  readonly itemId: string;
  readonly itemName: string;
  /** Set when it is a machine that is looked after; `itemId` is then its id. */
  readonly machineId?: string;
  /** The drum it shares with other things. */
  readonly load?: RunLoad;
  readonly programme: Programme;
  readonly startedAtMs: number;
  /** Follows from the events, but for `written` and `dropped`; kept beside them so that it can be searched by. */
  readonly status: RunStatus;
  readonly events: readonly RunEvent[];
}

/** Lines that move the work on, and can be gone back over. */
const MOVES: ReadonlySet<RunEvent['type']> = new Set([
  'done',
  'look',
  'way',
  'skipped',
  'ticked',
  'alone',
  'taken-in',
  'as-it-is',
  'back-to',
  'stopped',
]);
/** Lines that hold only while one stands at that step: going back leaves them behind. */
const OF_THE_MOMENT: ReadonlySet<RunEvent['type']> = new Set(['timer', 'paused', 'resumed']);

/** The place of the last line in force that can be gone back over, or −1. */
const lastMove = (kept: readonly RunEvent[]): number => kept.findLastIndex((e) => MOVES.has(e.type));
/** The last line that can be gone back over, or undefined. */
export const moveBefore = (events: readonly RunEvent[]): RunEvent | undefined => {
  const kept = inForce(events);
  return kept[lastMove(kept)];
};
/** True when there is a press to go back over. */
export const hasMove = (events: readonly RunEvent[]): boolean => moveBefore(events) !== undefined;

/**
 * The lines that still hold: going back takes away the last move with all that was pressed with it, and the timers begun since. Weights, notes
 * and photographs of other presses stay: they happened.
 */
export function inForce(events: readonly RunEvent[]): RunEvent[] {
  let kept: RunEvent[] = [];
  for (const event of events) {
    if (event.type !== 'undone') {
      kept.push(event);
      continue;
    }
    const at = lastMove(kept);
    const gone = kept[at];
    if (gone) kept = kept.filter((e, n) => e.act !== gone.act && !(n > at && OF_THE_MOMENT.has(e.type)));
  }
  return kept;
}
