import type * as v from './vocabulary';

export interface UsedSupply {
  supplyId: string;
  ml?: number;
}

/** What one step of a finished run came to. */
export interface DoneStep {
  stepId: string;
  do: string;
  outcome: 'done' | 'passed' | 'failed' | 'skipped';
  at?: string;
  times?: number;
  note?: string;
}

/** After how many fresh fills the water stayed clear, and what was rinsed how. */
export interface RinseSeen {
  by: 'hand' | 'drum';
  clearAfter: number;
}

interface Entry {
  id: string;
  at: string;
  itemId?: string;
  name?: string;
  note?: string;
}
/** It was worn or used. */
export interface UseEntry extends Entry {
  type: 'use';
  on?: string;
  hours?: number;
  nights?: number;
  km?: number;
  weather?: v.Weather[];
  place?: string;
  /** Harder than usual: dirt, rubbing, straps. */
  hard?: boolean;
}
/** A finished programme, with what it took and when the next look is due. */
export interface CareEntry extends Entry {
  type: 'care';
  aims?: v.Aim[];
  method?: v.Method;
  steps?: DoneStep[];
  supplies?: UsedSupply[];
  washerId?: string;
  dryerId?: string;
  rinsed?: RinseSeen;
  nextDue?: string;
  dueReason?: string;
}
/** A day the kit must be ready for; no thing of its own. */
export interface EventEntry extends Entry {
  type: 'event';
  on?: string;
  nights?: number;
  place?: string;
}
/** Something done to a machine. */
export interface UpkeepEntry extends Entry {
  type: 'upkeep';
  machineId?: string;
  tasks?: v.UpkeepTask[];
  steps?: DoneStep[];
}
/** Lines of one type. */
export const isEntry =
  <T extends LogEntry['type']>(type: T) =>
  (entry: LogEntry): entry is Extract<LogEntry, { type: T }> =>
    entry.type === type;

/** One line of the record. */
export type LogEntry = UseEntry | CareEntry | EventEntry | UpkeepEntry;
