import type * as gear from '../../gear';
import * as v from '../../gear/vocabulary';
import { Bool, Day, Id, Instant, ListOf, Maybe, Nested, NestedList, NotNegative, OneOf, Text, Whole } from '../fields';

const LOG_TYPES = ['use', 'care', 'event', 'upkeep'] as const;

export class UsedSupplyDoc implements gear.UsedSupply {
  @Id() supplyId!: string;
  @Maybe() @NotNegative() ml?: number;
}

/** What one step of a finished run came to. */
export class DoneStepDoc implements gear.DoneStep {
  @Id() stepId!: string;
  @Text(100) do!: string;
  @OneOf(['done', 'passed', 'failed', 'skipped']) outcome!: 'done' | 'passed' | 'failed' | 'skipped';
  @Maybe() @Instant() at?: string;
  @Maybe() @NotNegative() times?: number;
  @Maybe() @Text() note?: string;
}

/** After how many fresh fills the water stayed clear, and what was rinsed how. */
export class RinseSeenDoc implements gear.RinseSeen {
  @OneOf(['hand', 'drum']) by!: 'hand' | 'drum';
  @Whole(1, 50) clearAfter!: number;
}

/**
 * One line of the record. `use`: it was worn or used. `care`: a finished programme, with what it took and when the next look is due.
 * `event`: a day the kit must be ready for (no item of its own). `upkeep`: something done to a machine.
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
  @Maybe() @ListOf(v.WEATHERS) weather?: v.Weather[];
  @Maybe() @Text(200) place?: string;
  /** Harder than usual: dirt, rubbing, straps. */
  @Maybe() @Bool() hard?: boolean;
  @Maybe() @ListOf(v.AIMS) aims?: v.Aim[];
  @Maybe() @OneOf(v.METHODS) method?: v.Method;
  @Maybe() @NestedList(() => DoneStepDoc) steps?: DoneStepDoc[];
  @Maybe() @NestedList(() => UsedSupplyDoc) supplies?: UsedSupplyDoc[];
  @Maybe() @Id() washerId?: string;
  @Maybe() @Id() dryerId?: string;
  @Maybe() @Nested(() => RinseSeenDoc) rinsed?: RinseSeenDoc;
  /** Of upkeep: which machine and what was done. */
  @Maybe() @Id() machineId?: string;
  @Maybe() @ListOf(v.UPKEEP_TASKS) tasks?: v.UpkeepTask[];
  @Maybe() @Day() nextDue?: string;
  @Maybe() @Text() dueReason?: string;
  @Maybe() @Text() note?: string;
}
