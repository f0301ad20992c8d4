import * as v from '../../gear/vocabulary';
import { Bool, Day, Id, Instant, ListOf, Maybe, NestedList, NotNegative, OneOf, Text } from '../fields';

export const LOG_TYPES = ['use', 'care', 'event'] as const;

export class UsedSupplyDoc {
  @Id() supplyId!: string;
  @Maybe() @NotNegative() ml?: number;
}

/** What one step of a finished run came to. */
export class DoneStepDoc {
  @Id() stepId!: string;
  @Text(100) do!: string;
  @OneOf(['done', 'passed', 'failed', 'skipped']) outcome!: 'done' | 'passed' | 'failed' | 'skipped';
  @Maybe() @Instant() at?: string;
  @Maybe() @NotNegative() times?: number;
  @Maybe() @Text() note?: string;
}

/**
 * One line of the record. `use`: it was worn or used. `care`: a finished programme, with what it took and when the next look is due.
 * `event`: a day the kit must be ready for (no item of its own).
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
  @Maybe() @Day() nextDue?: string;
  @Maybe() @Text() dueReason?: string;
  @Maybe() @Text() note?: string;
}
