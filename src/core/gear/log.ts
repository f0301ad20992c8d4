import type * as v from './vocabulary';

/** What was used: of which bottle, where it is known. */
export interface UsedSupply {
  supplyId?: string;
  class?: v.SupplyClass;
  ml?: number;
}

/** One answer to a look. `proof`: by its weights and by hand, or by hand alone. */
export interface LookAnswer {
  at: string;
  passed: boolean;
  proof?: 'weights' | 'hand';
}

/** What one step of a finished run came to. */
export interface DoneStep {
  stepId: string;
  do: string;
  outcome: 'done' | 'passed' | 'failed' | 'skipped';
  at?: string;
  times?: number;
  /** What was written down at it. */
  note?: string;
  /** Its name as it stood on the page. */
  title?: string;
  /** What each round really ran, and what all of it was planned to, minutes. */
  minutes?: number[];
  plannedMin?: number;
  /** The longest it sat after its timer had ended, minutes. */
  satMin?: number;
  looks?: LookAnswer[];
  /** The way out that was chosen when its look kept failing. */
  way?: string;
  /** Why it was left out. */
  why?: string;
  /** Done once for all things in the drum. */
  together?: boolean;
}

/** Energy, water and money that it took. Money is of what has a price. */
export interface Took {
  kWh: number;
  litres: number;
  money?: number;
  unpriced?: boolean;
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
  /** What it was part of; things used together share the id. */
  outing?: v.Outing;
  outingId?: string;
}
/** A programme that was carried out, finished or stopped, with what it took and when the next look is due. */
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
  /** The run it came from, when it began, and what its plan said. */
  runId?: string;
  startedAt?: string;
  verdict?: string;
  /** What was really done to the thing. */
  did?: v.Care[];
  /** It was stopped before its end. */
  stopped?: boolean;
  /** It was put away although a look was open. */
  asItIs?: boolean;
  tookMin?: number;
  /** Minutes of hands in it, as planned for what was done; of what was shared with others, its share. */
  handsMin?: number;
  plannedMin?: number;
  takes?: Took;
  /** The line of the drum that it shared with others: what was done once for all stands there. */
  loadId?: string;
  /** The looks before and after it. */
  before?: string;
  after?: string;
  photos?: string[];
}
/** One drum of several things: what was done once for all of them, and what that took. */
export interface LoadEntry extends Entry {
  type: 'load';
  itemIds: string[];
  washerId?: string;
  startedAt?: string;
  steps?: DoneStep[];
  supplies?: UsedSupply[];
  takes?: Took;
}
/** A day the kit must be ready for; no thing of its own. */
export interface EventEntry extends Entry {
  type: 'event';
  on?: string;
  /** By when all must be ready; without it the day itself. */
  readyBy?: string;
  /** The things that go along; without it all of the kit. */
  itemIds?: string[];
  nights?: number;
  place?: string;
}
/** Something done to a machine. */
export interface UpkeepEntry extends Entry {
  type: 'upkeep';
  machineId?: string;
  tasks?: v.UpkeepTask[];
  steps?: DoneStep[];
  supplies?: UsedSupply[];
}
/** One rung of the ladder of a mark, tried by itself, and what it did. */
export interface TreatmentEntry extends Entry {
  type: 'treatment';
  itemId: string;
  soil: v.Soil;
  place?: string;
  part?: v.Part;
  /** The rung's name in the handbook. */
  rung: string;
  result: v.Did;
  supplies?: UsedSupply[];
}
/** A product, or warmer water, tried on a hidden place with a white cloth. */
export interface SpotTestEntry extends Entry {
  type: 'spot-test';
  itemId: string;
  agent: v.SupplyClass | 'warm-water';
  /** The part that it was tried on; absent = what is said holds for the whole thing. */
  part?: v.Part;
  place?: string;
  cloth: v.Cloth;
  photos?: string[];
}
/** Drops on both halves of a thing one of which was treated, grades 0 to 5. */
export interface HalvesSeen {
  at: string;
  treated: number;
  untreated: number;
}
/** One half was treated and the other left as it was: an experiment, and what drops said of it later. */
export interface HalvesEntry extends Entry {
  type: 'halves';
  itemId: string;
  half: v.Half;
  treatment: v.FinishCare;
  supplies?: UsedSupply[];
  readings?: HalvesSeen[];
}
/** Lines of one type. */
export const isEntry =
  <T extends LogEntry['type']>(type: T) =>
  (entry: LogEntry): entry is Extract<LogEntry, { type: T }> =>
    entry.type === type;

/** One line of the record. */
export type LogEntry = UseEntry | CareEntry | EventEntry | UpkeepEntry | LoadEntry | TreatmentEntry | SpotTestEntry | HalvesEntry;
