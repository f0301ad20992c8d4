import * as gear from '../../gear';
import * as vocabulary from '../../gear/vocabulary';
import {
  Bool,
  Id,
  Instant,
  ListOf,
  Maybe,
  Nested,
  NestedList,
  NotNegative,
  OneOf,
  Positive,
  Share,
  Text,
  Whole,
} from '../fields';

/** Droplet grades by zone, 0–5, worded as the spray test ISO 4920 / AATCC TM22 does. An absent zone was not tested. */
export class DropletDoc implements gear.Droplet {
  [zone: string]: number | undefined;
}
for (const zone of vocabulary.DROPLET_ZONES) {
  Maybe()(DropletDoc.prototype, zone);
  Whole(0, 5)(DropletDoc.prototype, zone);
}

/** Seconds until a drop was drunk, by zone. */
export class DrunkDoc implements gear.Droplet {
  [zone: string]: number | undefined;
}
for (const zone of vocabulary.DROPLET_ZONES) {
  Maybe()(DrunkDoc.prototype, zone);
  NotNegative()(DrunkDoc.prototype, zone);
}
/** How drops were tried. Heights in mm, times in s. */
export class DropTestDoc implements gear.DropTest {
  @Maybe() @OneOf(vocabulary.DROP_WATERS) water?: vocabulary.DropWater;
  @Maybe() @Positive() heightMm?: number;
  @Maybe() @Whole(1, 50) drops?: number;
  @Maybe() @Positive() waitS?: number;
  @Maybe() @Nested(() => DrunkDoc) drunkS?: DrunkDoc;
}

/** When what was not looked at this time was last seen so, by field. */
export class AsOfDoc implements gear.AsOf {
  [field: string]: string | undefined;
}
for (const field of gear.INSPECTION_FIELDS) {
  Maybe()(AsOfDoc.prototype, field);
  Instant()(AsOfDoc.prototype, field);
}

/** Where on the outline, as shares of its width and height; of a pair, on which of the two. */
export class SpotDoc implements gear.Spot {
  @OneOf(vocabulary.SIDES) side!: vocabulary.Side;
  @Maybe() @OneOf(vocabulary.FEET) foot?: vocabulary.Foot;
  @Share() x!: number;
  @Share() y!: number;
}

/** Thickness of one baffle beside a ruler, mm. */
export class LoftReadingDoc implements gear.LoftReading {
  @Text(60) baffle!: string;
  @Positive() nowMm!: number;
  @Maybe() @Positive() newMm?: number;
}

/** A mark. `set` = it has dried in or survived a treatment. */
export class StainDoc implements gear.Stain {
  @OneOf(vocabulary.SOILS) soil!: vocabulary.Soil;
  @Maybe() @Text(200) place?: string;
  @Maybe() @OneOf(vocabulary.PARTS) part?: vocabulary.Part;
  @Maybe() @Bool() set?: boolean;
  @Maybe() @Nested(() => SpotDoc) spot?: SpotDoc;
}

export class DamageDoc implements gear.DamageSeen {
  @OneOf(vocabulary.DAMAGES) kind!: vocabulary.Damage;
  @Maybe() @Text(200) place?: string;
  /** True when it only looks bad. */
  @Maybe() @Bool() cosmetic?: boolean;
  @Maybe() @Nested(() => SpotDoc) spot?: SpotDoc;
}

/** What somebody saw on one look. Absent = not looked at, never fine. */
export class InspectionDoc implements gear.Inspection {
  @Id() id!: string;
  @Id() itemId!: string;
  @Instant() at!: string;
  @Maybe() @Whole(0, 4) soil?: number;
  @Maybe() @ListOf(vocabulary.SOILS) soils?: vocabulary.Soil[];
  @Maybe() @Whole(0, 3) odour?: number;
  @Maybe() @Nested(() => DropletDoc) droplet?: DropletDoc;
  @Maybe() @Nested(() => DropTestDoc) dropTest?: DropTestDoc;
  @Maybe() @NotNegative() loftRatio?: number;
  @Maybe() @Bool() clumped?: boolean;
  @Maybe() @Bool() damp?: boolean;
  @Maybe() @Bool() discoloured?: boolean;
  @Maybe() @Bool() fromStorage?: boolean;
  @Maybe() @NestedList(() => StainDoc) stains?: StainDoc[];
  @Maybe() @NestedList(() => DamageDoc) damage?: DamageDoc[];
  @Maybe() @NestedList(() => LoftReadingDoc) loft?: LoftReadingDoc[];
  @Maybe() @ListOf(vocabulary.WEARS) wear?: vocabulary.Wear[];
  @Maybe() @Text() note?: string;
  @Maybe() @Nested(() => AsOfDoc) asOf?: AsOfDoc;
}
