import type * as gear from '../../gear';
import * as vocabulary from '../../gear/vocabulary';
import { Bool, Const, Id, Instant, Maybe, Nested, NestedList, NotNegative, OneOf, Percent, Positive, Text } from '../fields';
import { KIT_FORMAT, KIT_VERSION } from '../limits';
import { EquipmentDoc, SupplyDoc } from './equipment';
import { InspectionDoc } from './inspection';
import { ItemDoc } from './item';
import { LogEntryDoc } from './log';
import { PreferencesDoc } from './preferences';

export class WeighInDoc implements gear.WeighIn {
  @Id() itemId!: string;
  @Instant() at!: string;
  @Positive() massG!: number;
  @Maybe() @OneOf(vocabulary.WEIGHED_AFTER) after?: (typeof vocabulary.WEIGHED_AFTER)[number];
  /** The run it was weighed in, and minutes of drying so far. */
  @Maybe() @Id() runId?: string;
  @Maybe() @NotNegative() dryMin?: number;
  /** Humidity of the room, %, so that dry weights can be compared. */
  @Maybe() @Percent() rhPercent?: number;
}

/** Everything a person owns and did. Absent parts are unknown, never empty. */
export class KitDoc implements Omit<gear.Kit, 'log'> {
  @Const(KIT_FORMAT) format!: typeof KIT_FORMAT;
  @Const(KIT_VERSION) version!: typeof KIT_VERSION;
  @NestedList(() => ItemDoc) items!: ItemDoc[];
  @NestedList(() => InspectionDoc) inspections!: InspectionDoc[];
  @Maybe() @Instant() exportedAt?: string;
  @Maybe() @Text(200) title?: string;
  @Maybe() @Bool() invented?: boolean;
  @Maybe() @Nested(() => EquipmentDoc) equipment?: EquipmentDoc;
  @Maybe() @NestedList(() => SupplyDoc) supplies?: SupplyDoc[];
  @Maybe() @Nested(() => PreferencesDoc) preferences?: PreferencesDoc;
  @Maybe() @NestedList(() => WeighInDoc) weighIns?: WeighInDoc[];
  @Maybe() @NestedList(() => LogEntryDoc) log?: LogEntryDoc[];
}
