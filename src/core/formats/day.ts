import { ACTIONS, SUPPLY_CLASSES } from '../gear';
import type { Action, SupplyClass } from '../gear';
import { HIRED, PREFERENCES, type DayRequest, type Hand, type Hired, type Prefer, type Span } from '../washday/types';
import {
  Bool,
  Const,
  Finite,
  Id,
  IdGroups,
  Instant,
  InstantById,
  Maybe,
  Nested,
  NestedList,
  NotNegative,
  OneOf,
  Positive,
  Text,
  Texts,
  Whole,
} from './fields';
import { DAY_REQUEST_FORMAT, WASH_DAY_FORMAT } from './limits';

export class SpanDoc implements Span {
  @Instant() from!: string;
  @Instant() to!: string;
}
export class HandDoc implements Hand {
  @Maybe() @Text(200) name?: string;
  @Maybe() @NestedList(() => SpanDoc) windows?: SpanDoc[];
}
class DayStepDoc {
  @Id() itemId!: string;
  @Id() stepId!: string;
}
class AttendedDoc extends SpanDoc {
  @Text(200) by!: string;
}
export class DayTaskDoc {
  @Id() id!: string;
  @Texts(200) itemIds!: string[];
  @Maybe() @Id() loadId?: string;
  @NestedList(() => DayStepDoc) steps!: DayStepDoc[];
  @Id() do!: string;
  @Id() on!: string;
  @Instant() from!: string;
  @Instant() to!: string;
  @NestedList(() => AttendedDoc) attended!: AttendedDoc[];
  @Bool() mayWait!: boolean;
  @Maybe() @Text() title?: string;
  @Text(20_000) text!: string;
}
/** What is asked of a day; its kit is held to the kit's own rules. */
export class DayRequestDoc implements Omit<DayRequest, 'kit'> {
  @Const(DAY_REQUEST_FORMAT) format!: typeof DAY_REQUEST_FORMAT;
  @Const(1) version!: 1;
  kit!: unknown;
  @Maybe() @Texts(200) items?: string[];
  @Instant() from!: string;
  @Maybe() @Instant() until?: string;
  @Maybe() @InstantById() due?: Record<string, string>;
  @Maybe() @NestedList(() => HandDoc) hands?: HandDoc[];
  @Maybe() @NestedList(() => SpanDoc) quiet?: SpanDoc[];
  @Maybe() @OneOf(PREFERENCES) prefer?: Prefer;
  @Maybe() @IdGroups() together?: string[][];
  @Maybe() @IdGroups() apart?: string[][];
  @Maybe() @NestedList(() => DayTaskDoc) begun?: DayTaskDoc[];
}

class BallastDoc {
  @OneOf(['towel', 'white-cotton']) what!: 'towel' | 'white-cotton';
  @Whole(1, 100) count!: number;
}
class LoadSettingsDoc {
  @Maybe() @NotNegative() tempC?: number;
  @Maybe() @OneOf(ACTIONS) action?: Action;
  @Maybe() @NotNegative() spinRpm?: number;
  @Maybe() @Whole(0, 100) rinses?: number;
  @Maybe() @OneOf(SUPPLY_CLASSES) cleaner?: SupplyClass;
  @Maybe() @Positive() doseMl?: number;
  @Maybe() @Text(200) cycle?: string;
}
class WhyDoc {
  @Id() rule!: string;
  @Text() text!: string;
  @OneOf(['standard', 'practice', 'memory', 'label', 'maker']) basis!: string;
  @Maybe() @Text() source?: string;
}
class BoundByOneDoc {
  @Id() itemId!: string;
  @Maybe() @Text(200) component?: string;
  @Maybe() @Text(200) rule?: string;
}
class BoundByDoc {
  @Maybe() @Nested(() => BoundByOneDoc) tempC?: BoundByOneDoc;
  @Maybe() @Nested(() => BoundByOneDoc) action?: BoundByOneDoc;
  @Maybe() @Nested(() => BoundByOneDoc) spinRpm?: BoundByOneDoc;
  @Maybe() @Nested(() => BoundByOneDoc) rinses?: BoundByOneDoc;
  @Maybe() @Nested(() => BoundByOneDoc) cleaner?: BoundByOneDoc;
  @Maybe() @Nested(() => BoundByOneDoc) doseMl?: BoundByOneDoc;
}
class DayLoadDoc {
  @Id() id!: string;
  @Id() washerId!: string;
  @Texts(200) itemIds!: string[];
  @OneOf(['wash', 'purge', 'scent-purge']) purpose!: string;
  @NestedList(() => BallastDoc) ballast!: BallastDoc[];
  @Nested(() => LoadSettingsDoc) settings!: LoadSettingsDoc;
  @Nested(() => BoundByDoc) boundBy!: BoundByDoc;
  @NotNegative() massKg!: number;
  @Maybe() @Positive() capacityKg?: number;
  @Maybe() @Positive() litres?: number;
  @Maybe() @Positive() drumLitres?: number;
  @NestedList(() => WhyDoc) why!: WhyDoc[];
}
class DayBoundDoc {
  @Instant() finish!: string;
  @Whole(0, 10_000) machineRuns!: number;
}
class ApartDoc {
  @Texts(200) itemIds!: string[];
  @Id() rule!: string;
  @Bool() hard!: boolean;
  @Text() text!: string;
}
class BecauseDoc {
  @Id() rule!: string;
  @Texts(200) itemIds!: string[];
  @Text() text!: string;
}
class ChangeDoc {
  @Maybe() @Instant() from?: string;
  @Maybe() @Instant() until?: string;
  @Maybe() @Texts(200) items?: string[];
  @Maybe() @NestedList(() => HandDoc) hands?: HandDoc[];
  @Maybe() @NestedList(() => SpanDoc) quiet?: SpanDoc[];
  @Maybe() @OneOf(HIRED) add?: Hired;
}
class RemedyDoc {
  @Text() text!: string;
  @Nested(() => ChangeDoc) change!: ChangeDoc;
  @Instant() finish!: string;
}
class ImpossibleDoc {
  @NestedList(() => BecauseDoc) because!: BecauseDoc[];
  @NestedList(() => RemedyDoc) remedies!: RemedyDoc[];
}
class LeftOutDoc {
  @Id() itemId!: string;
  @Text() text!: string;
}
class AmountDoc {
  @Finite() amount!: number;
  @Text(3) currency!: string;
}
class CostsDoc {
  @NotNegative() kWh!: number;
  @NotNegative() waterL!: number;
  @Maybe() @Nested(() => AmountDoc) money?: AmountDoc;
  @Maybe() @Bool() unpriced?: boolean;
  @Maybe() @NotNegative() hours?: number;
}
class ShoppingDoc {
  @OneOf(SUPPLY_CLASSES) class!: SupplyClass;
  @Maybe() @NotNegative() needMl?: number;
  @Maybe() @NotNegative() needCount?: number;
  @Maybe() @Bool() perhaps?: boolean;
}
/** The answer: loads, tasks, how far it could be from the best. */
export class WashDayDoc {
  @Const(WASH_DAY_FORMAT) format!: typeof WASH_DAY_FORMAT;
  @Const(1) version!: 1;
  @OneOf(['optimal', 'planned', 'impossible']) status!: string;
  @Text() verdict!: string;
  @NestedList(() => DayLoadDoc) loads!: DayLoadDoc[];
  @NestedList(() => DayTaskDoc) tasks!: DayTaskDoc[];
  @Instant() finish!: string;
  @NotNegative() handsMin!: number;
  @Whole(0, 100_000) visits!: number;
  @Nested(() => DayBoundDoc) bound!: DayBoundDoc;
  @NestedList(() => ApartDoc) apart!: ApartDoc[];
  @Maybe() @Nested(() => ImpossibleDoc) impossible?: ImpossibleDoc;
  @NestedList(() => LeftOutDoc) leftOut!: LeftOutDoc[];
  @Nested(() => CostsDoc) takes!: CostsDoc;
  @Nested(() => CostsDoc) oneByOne!: CostsDoc;
  @NestedList(() => ShoppingDoc) shopping!: ShoppingDoc[];
  @Texts(4000) cautions!: string[];
  @Texts(4000) assumptions!: string[];
}
