import type * as gear from '../../gear';
import * as vocabulary from '../../gear/vocabulary';
import {
  Bool,
  Day,
  Id,
  Instant,
  ListOf,
  Maybe,
  Nested,
  NestedList,
  NotNegative,
  NotNegatives,
  OneOf,
  Text,
  Texts,
  Whole,
} from '../fields';

const LOG_TYPES = ['use', 'care', 'event', 'upkeep', 'load', 'treatment', 'spot-test', 'halves'] as const;

export class UsedSupplyDoc implements gear.UsedSupply {
  @Maybe() @Id() supplyId?: string;
  @Maybe() @OneOf(vocabulary.SUPPLY_CLASSES) class?: vocabulary.SupplyClass;
  @Maybe() @NotNegative() ml?: number;
}

/** One answer to a look. */
export class LookAnswerDoc implements gear.LookAnswer {
  @Instant() at!: string;
  @Bool() passed!: boolean;
  @Maybe() @OneOf(['weights', 'hand']) proof?: 'weights' | 'hand';
}

/** Energy, water and money that a run took. */
export class TookDoc implements gear.Took {
  @NotNegative() kWh!: number;
  @NotNegative() litres!: number;
  @Maybe() @NotNegative() money?: number;
  @Maybe() @Bool() unpriced?: boolean;
}

/** What one step of a finished run came to. */
export class DoneStepDoc implements gear.DoneStep {
  @Id() stepId!: string;
  @Text(100) do!: string;
  @OneOf(['done', 'passed', 'failed', 'skipped']) outcome!: 'done' | 'passed' | 'failed' | 'skipped';
  @Maybe() @Instant() at?: string;
  @Maybe() @NotNegative() times?: number;
  @Maybe() @Text() note?: string;
  @Maybe() @Text(200) title?: string;
  @Maybe() @NotNegatives() minutes?: number[];
  @Maybe() @NotNegative() plannedMin?: number;
  @Maybe() @NotNegative() satMin?: number;
  @Maybe() @NestedList(() => LookAnswerDoc) looks?: LookAnswerDoc[];
  @Maybe() @Text(60) way?: string;
  @Maybe() @Text() why?: string;
  @Maybe() @Bool() together?: boolean;
}

/** After how many fresh fills the water stayed clear, and what was rinsed how. */
export class RinseSeenDoc implements gear.RinseSeen {
  @OneOf(['hand', 'drum']) by!: 'hand' | 'drum';
  @Whole(1, 50) clearAfter!: number;
}

/** Drops on both halves, grades 0 to 5. */
export class HalvesSeenDoc implements gear.HalvesSeen {
  @Instant() at!: string;
  @Whole(0, 5) treated!: number;
  @Whole(0, 5) untreated!: number;
}

/**
 * One line of the record. `use`: it was worn or used. `care`: a finished programme, with what it took and when the next look is due.
 * `event`: a day the kit must be ready for (no item of its own). `upkeep`: something done to a machine.
 * `load`: one drum of several things, with what was done once for all; the care of each names it by `loadId`.
 * `treatment`: one rung tried on one mark. `spot-test`: a product tried on a hidden place. `halves`: one half treated, the other left.
 */
export class LogEntryDoc {
  @Id() id!: string;
  @OneOf(LOG_TYPES) type!: (typeof LOG_TYPES)[number];
  @Instant() at!: string;
  @Maybe() @Id() itemId?: string;
  @Maybe() @Text(200) name?: string;
  @Maybe() @Day() on?: string;
  @Maybe() @NotNegative() hours?: number;
  @Maybe() @NotNegative() nights?: number;
  @Maybe() @NotNegative() km?: number;
  @Maybe() @ListOf(vocabulary.WEATHERS) weather?: vocabulary.Weather[];
  @Maybe() @Text(200) place?: string;
  /** Harder than usual: dirt, rubbing, straps. */
  @Maybe() @Bool() hard?: boolean;
  /** What it was part of; things used together share the id. */
  @Maybe() @OneOf(vocabulary.OUTINGS) outing?: vocabulary.Outing;
  @Maybe() @Id() outingId?: string;
  /** Of an event: by when all must be ready, and the things that go along; of a load: what was in it. */
  @Maybe() @Day() readyBy?: string;
  @Maybe() @Texts(10_000) itemIds?: string[];
  @Maybe() @ListOf(vocabulary.AIMS) aims?: vocabulary.Aim[];
  @Maybe() @OneOf(vocabulary.METHODS) method?: vocabulary.Method;
  @Maybe() @NestedList(() => DoneStepDoc) steps?: DoneStepDoc[];
  @Maybe() @NestedList(() => UsedSupplyDoc) supplies?: UsedSupplyDoc[];
  @Maybe() @Id() washerId?: string;
  @Maybe() @Id() dryerId?: string;
  @Maybe() @Nested(() => RinseSeenDoc) rinsed?: RinseSeenDoc;
  /** Of upkeep: which machine and what was done. */
  @Maybe() @Id() machineId?: string;
  @Maybe() @ListOf(vocabulary.UPKEEP_TASKS) tasks?: vocabulary.UpkeepTask[];
  @Maybe() @Id() loadId?: string;
  /** Of care: the run it came from, what its plan said, what was really done, and what it took. */
  @Maybe() @Id() runId?: string;
  @Maybe() @Instant() startedAt?: string;
  @Maybe() @Text() verdict?: string;
  @Maybe() @ListOf(vocabulary.CARES) did?: vocabulary.Care[];
  @Maybe() @Bool() stopped?: boolean;
  @Maybe() @Bool() asItIs?: boolean;
  @Maybe() @NotNegative() tookMin?: number;
  @Maybe() @NotNegative() handsMin?: number;
  @Maybe() @NotNegative() plannedMin?: number;
  @Maybe() @Nested(() => TookDoc) takes?: TookDoc;
  /** The looks before and after it, and photographs taken in it. */
  @Maybe() @Id() before?: string;
  @Maybe() @Id() after?: string;
  @Maybe() @Texts(200) photos?: string[];
  /** Of a treatment: the mark, the rung and what it did. Of a spot test: what was tried where, and what the cloth showed. */
  @Maybe() @OneOf(vocabulary.SOILS) soil?: vocabulary.Soil;
  @Maybe() @OneOf(vocabulary.PARTS) part?: vocabulary.Part;
  @Maybe() @Text(60) rung?: string;
  @Maybe() @OneOf(vocabulary.DIDS) result?: vocabulary.Did;
  @Maybe() @OneOf([...vocabulary.SUPPLY_CLASSES, 'warm-water']) agent?: vocabulary.SupplyClass | 'warm-water';
  @Maybe() @OneOf(vocabulary.CLOTHS) cloth?: vocabulary.Cloth;
  /** Of halves: which was treated, how, and what drops said of both. */
  @Maybe() @OneOf(vocabulary.HALVES) half?: vocabulary.Half;
  @Maybe() @OneOf(vocabulary.FINISH_CARES) treatment?: vocabulary.FinishCare;
  @Maybe() @NestedList(() => HalvesSeenDoc) readings?: HalvesSeenDoc[];
  @Maybe() @Day() nextDue?: string;
  @Maybe() @Text() dueReason?: string;
  @Maybe() @Text() note?: string;
}
