import type { Action, Item, Kit, Money, SupplyClass, Washer } from '../gear';
import type { ApartRule, BasisKind, CushionRule } from '../knowledge';
import type { Programme, ProgrammeStep, Why } from '../document';
import type { Plan } from '../programme';

/** From and to, instants as RFC 3339. */
export interface Span {
  from: string;
  to: string;
}
export interface Hand {
  name?: string;
  /** When they are there; absent or empty = always. */
  windows?: Span[];
}
/** What is not one's own but at hand for a day: a large dryer elsewhere, a fan by what hangs. */
export const HIRED = ['dryer', 'fan'] as const;
export type Hired = (typeof HIRED)[number];
export const PREFERENCES = ['earliest', 'fewest-visits', 'least-energy'] as const;
export type Prefer = (typeof PREFERENCES)[number];

/** What is asked of a day: `umbrastic/day-request` version 1. */
export interface DayRequest {
  format: 'umbrastic/day-request';
  version: 1;
  kit: Kit;
  items?: string[];
  from: string;
  until?: string;
  due?: Record<string, string>;
  hands?: Hand[];
  quiet?: Span[];
  prefer?: Prefer;
  together?: string[][];
  apart?: string[][];
  begun?: DayTask[];
}

/** A day as a person puts it together: hours by the clock of the place, the same every day. */
export interface DayWish {
  readonly items: readonly string[];
  readonly from: string;
  readonly until?: string;
  /** Who is there; without clock times the whole day. */
  readonly people: readonly {
    readonly name: string;
    readonly from?: string;
    readonly to?: string;
    readonly busy?: readonly Span[];
  }[];
  readonly quiet?: { readonly from: string; readonly to: string };
  readonly prefer: Prefer;
  /** What is at hand for this day only. */
  readonly hired?: readonly Hired[];
  readonly together?: readonly (readonly string[])[];
  readonly apart?: readonly (readonly string[])[];
  /** The day as it was when it was started, and which of its tasks were ticked as begun. */
  readonly started?: {
    readonly day: WashDay;
    readonly begun: readonly string[];
    /** What it was planned for: its steps keep their ids, whatever is recorded meanwhile. */
    readonly kit?: Kit;
    /** What each load, purge or thing by itself was begun as. */
    readonly loads?: Readonly<Record<string, string>>;
  };
}

export interface DayStep {
  readonly itemId: string;
  readonly stepId: string;
}
export interface DayTask {
  readonly id: string;
  readonly itemIds: readonly string[];
  readonly loadId?: string;
  readonly steps: readonly DayStep[];
  readonly do: string;
  /** A washer, dryer, rack or iron by its id; "hands"; or "rest", which needs its place only. */
  readonly on: string;
  readonly from: string;
  readonly to: string;
  readonly attended: readonly (Span & { readonly by: string })[];
  readonly mayWait: boolean;
  /** The same in a few words. */
  readonly title?: string;
  readonly text: string;
}
export type LoadSetting = 'tempC' | 'action' | 'spinRpm' | 'rinses' | 'cleaner' | 'doseMl';
export interface LoadSettings {
  readonly tempC?: number;
  readonly action?: Action;
  readonly spinRpm?: number;
  readonly rinses?: number;
  readonly cleaner?: SupplyClass;
  readonly doseMl?: number;
  readonly cycle?: string;
}
export interface BoundBy {
  readonly itemId: string;
  readonly component?: string;
  readonly rule?: string;
}
export interface DayLoad {
  readonly id: string;
  readonly washerId: string;
  readonly itemIds: readonly string[];
  readonly purpose: 'wash' | 'purge' | 'scent-purge';
  readonly ballast: readonly { readonly what: CushionRule['what']; readonly count: number }[];
  readonly settings: LoadSettings;
  readonly boundBy: Readonly<Partial<Record<LoadSetting, BoundBy>>>;
  readonly massKg: number;
  readonly capacityKg?: number;
  readonly litres?: number;
  readonly drumLitres?: number;
  readonly why: readonly Why[];
}
export interface Apart {
  readonly itemIds: readonly string[];
  readonly rule: ApartRule;
  readonly hard: boolean;
  readonly text: string;
}
/** A change of the request that would make the day possible. */
export interface Remedy {
  readonly text: string;
  readonly change: Partial<Pick<DayRequest, 'from' | 'until' | 'items' | 'hands' | 'quiet'>> & {
    readonly add?: Hired;
  };
  readonly finish: string;
}
export interface Costs {
  readonly kWh: number;
  readonly waterL: number;
  /** Of what has a price; absent when nothing has one. */
  readonly money?: Money;
  /** Something that costs has no price. */
  readonly unpriced?: true;
  /** Of hands. */
  readonly hours?: number;
}
/** `umbrastic/wash-day` version 1. */
export interface WashDay {
  readonly format: 'umbrastic/wash-day';
  readonly version: 1;
  readonly status: 'optimal' | 'planned' | 'impossible';
  readonly verdict: string;
  readonly loads: readonly DayLoad[];
  readonly tasks: readonly DayTask[];
  readonly finish: string;
  readonly handsMin: number;
  readonly visits: number;
  readonly bound: { readonly finish: string; readonly machineRuns: number };
  readonly apart: readonly Apart[];
  readonly impossible?: {
    readonly because: readonly { readonly rule: string; readonly itemIds: readonly string[]; readonly text: string }[];
    readonly remedies: readonly Remedy[];
  };
  readonly leftOut: readonly { readonly itemId: string; readonly text: string }[];
  readonly takes: Costs;
  readonly oneByOne: Costs;
  readonly shopping: Programme['shopping'];
  readonly cautions: readonly string[];
  readonly assumptions: readonly string[];
}

/** A thing as it would be washed in one of the machines that may take it. */
export interface InDrum {
  readonly washer: Washer;
  readonly made: Plan;
}
/** A thing as it would be dried in one of the dryers that take it: the same steps by id and heat, their minutes by the dryer. */
export interface InDryer {
  readonly dryerId: string;
  readonly made: Plan;
  readonly programme: Programme;
  readonly steps: readonly ProgrammeStep[];
}
/** Which dryer each thing turns in, by its id, where that is not the one of its programme. */
export type Drying = ReadonlyMap<string, string>;
/** One thing of the day with its programme. */
export interface Member {
  readonly item: Item;
  readonly made: Plan;
  readonly programme: Programme;
  /** Steps that are always done, in order. */
  readonly steps: readonly ProgrammeStep[];
  /** Machines that may wash it, its own choice first; none when it goes in no drum. */
  readonly drums: readonly InDrum[];
  /** Dryers that take it, its own choice first; none when it turns in no dryer. */
  readonly dryers: readonly InDryer[];
  /** Cleaners it may be washed with, best first. */
  readonly cleaners: readonly SupplyClass[];
  readonly kg: number;
  readonly litres: number;
  readonly dryerLitres: number;
  /** As pairs or pieces are counted. */
  readonly pieces: number;
}
/** A drum of things with its settings. */
export interface Load {
  readonly members: readonly Member[];
  readonly washer: Washer;
  readonly settings: LoadSettings;
  /** The bottle that is poured from; absent when none is owned. */
  readonly supplyId?: string;
  readonly boundBy: DayLoad['boundBy'];
  readonly ballast: DayLoad['ballast'];
  readonly massKg: number;
  readonly litres: number;
  /** Minutes of the cycle, and of the rinse programme behind it. */
  readonly washMin: number;
  readonly rinseMin: number;
}
export interface Conflict {
  readonly rule: ApartRule;
  readonly hard: boolean;
  readonly basis: BasisKind;
}
