import type * as gear from '../../gear';
import * as vocabulary from '../../gear/vocabulary';
import {
  Bool,
  Day,
  Finite,
  Id,
  Instant,
  ListOf,
  Maybe,
  Nested,
  NestedList,
  NotNegative,
  OneOf,
  Percent,
  Positive,
  PositiveList,
  RangeOfTwo,
  Text,
  Whole,
} from '../fields';
import { MoneyDoc } from './item';

export class CycleDoc implements gear.Cycle {
  @Text(100) name!: string;
  @Maybe() @Finite() tempC?: number;
  @Maybe() @Positive() minutes?: number;
  @Maybe() @NotNegative() spinRpm?: number;
  @Maybe() @Whole(0, 20) rinses?: number;
  @Maybe() @Positive() litres?: number;
  /** How gently it moves; absent = judged by its name. */
  @Maybe() @OneOf(vocabulary.ACTIONS) action?: vocabulary.Action;
}

/** A supply that went into a machine or bath and has not been rinsed out of it. */
export class StandingDoc implements gear.Standing {
  @OneOf([...vocabulary.SUPPLY_CLASSES, ...vocabulary.HOUSEHOLD_AGENTS]) class!: vocabulary.Agent;
  @Instant() at!: string;
}

/** `lastLoads`: residues left in it since its last purge. */
export class WasherDoc implements gear.Washer {
  @Id() id!: string;
  @OneOf(vocabulary.WASHER_KINDS) kind!: vocabulary.WasherKind;
  @Maybe() @Text(200) name?: string;
  @Maybe() @Positive() capacityKg?: number;
  @Maybe() @Positive() drumLitres?: number;
  @Maybe() @PositiveList() spinRpm?: number[];
  @Maybe() @NestedList(() => CycleDoc) cycles?: CycleDoc[];
  @Maybe() @ListOf(vocabulary.RESIDUES) lastLoads?: vocabulary.Residue[];
  @Maybe() @NestedList(() => StandingDoc) unrinsed?: StandingDoc[];
  /** When it was last purged of scent. */
  @Maybe() @Instant() scentPurgedAt?: string;
}

/** Air temperatures of a dryer's settings as measured, °C. */
export class HeatCDoc implements gear.HeatC {
  [heat: string]: number | undefined;
}
for (const heat of vocabulary.HEATS) {
  Maybe()(HeatCDoc.prototype, heat);
  Positive()(HeatCDoc.prototype, heat);
}

export class DryerDoc implements gear.Dryer {
  @Id() id!: string;
  @OneOf(vocabulary.DRYER_KINDS) kind!: vocabulary.DryerKind;
  @Maybe() @Text(200) name?: string;
  @Maybe() @Positive() drumLitres?: number;
  @Maybe() @ListOf(vocabulary.HEATS) heats?: vocabulary.Heat[];
  @Maybe() @Nested(() => HeatCDoc) heatC?: HeatCDoc;
  @Maybe() @ListOf(vocabulary.RESIDUES) lastLoads?: vocabulary.Residue[];
}

/** A line, a rack or a flat place. `metres`: length of line. */
export class RackDoc implements gear.Rack {
  @Id() id!: string;
  @OneOf(vocabulary.RACK_KINDS) kind!: vocabulary.RackKind;
  @Maybe() @Text(200) name?: string;
  @Maybe() @Positive() metres?: number;
  @Maybe() @Bool() outdoors?: boolean;
}

/** `oneDotC`: sole-plate temperature at its lowest mark as measured, °C. */
export class IronDoc implements gear.Iron {
  @Id() id!: string;
  @Maybe() @Text(200) name?: string;
  @Maybe() @Positive() oneDotC?: number;
}

export class RoomDoc implements gear.Room {
  @Maybe() @Finite() airC?: number;
  @Maybe() @Percent() rhPercent?: number;
  @Maybe() @Bool() fan?: boolean;
  @Maybe() @Bool() outdoorShade?: boolean;
}

export class EquipmentDoc implements gear.Equipment {
  @Maybe() @NestedList(() => WasherDoc) washers?: WasherDoc[];
  @Maybe() @NestedList(() => DryerDoc) dryers?: DryerDoc[];
  @Maybe() @NestedList(() => RackDoc) racks?: RackDoc[];
  @Maybe() @NestedList(() => IronDoc) irons?: IronDoc[];
  @Maybe() @Nested(() => RoomDoc) room?: RoomDoc;
  @Maybe() @NotNegative() waterHardnessMgPerL?: number;
  @Maybe() @Finite() inletC?: number;
}

export class DoseByWasherDoc implements gear.DoseByWasher {
  [kind: string]: number | undefined;
}
for (const kind of vocabulary.WASHER_KINDS) {
  Maybe()(DoseByWasherDoc.prototype, kind);
  Positive()(DoseByWasherDoc.prototype, kind);
}

/** One bottle, box or set. Without any `remaining…` there is enough of it. */
export class SupplyDoc implements gear.Supply {
  @Id() id!: string;
  @OneOf(vocabulary.SUPPLY_CLASSES) class!: vocabulary.SupplyClass;
  @Maybe() @Text(200) name?: string;
  @Maybe() @NotNegative() remainingMl?: number;
  @Maybe() @NotNegative() remainingCount?: number;
  @Maybe() @Positive() labelDoseMl?: number;
  @Maybe() @RangeOfTwo() labelDoseRangeMl?: [number, number];
  @Maybe() @Nested(() => DoseByWasherDoc) labelDoseByWasher?: DoseByWasherDoc;
  @Maybe() @Positive() capMl?: number;
  @Maybe() @Percent() concentrationPercent?: number;
  /** Of the whole bottle or box. */
  @Maybe() @Nested(() => MoneyDoc) price?: MoneyDoc;
  /** How much it held when it was new. */
  @Maybe() @Positive() sizeMl?: number;
  @Maybe() @Day() expiresOn?: string;
  @Maybe() @ListOf(vocabulary.SUPPLY_TRAITS) traits?: vocabulary.SupplyTrait[];
  /** Of a spray bottle: what one pull of its trigger gives, as measured. */
  @Maybe() @Positive() pullMl?: number;
}
