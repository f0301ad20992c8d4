import type * as gear from '../../gear';
import * as v from '../../gear/vocabulary';
import { SchoolChoicesDoc } from './preferences';
import {
  Between,
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
  OrNull,
  Points,
  Positive,
  Share,
  Text,
  Texts,
  Whole,
} from '../fields';

export class MoneyDoc implements gear.Money {
  @NotNegative() amount!: number;
  @Text(8) currency!: string;
}

export class AttributesDoc implements gear.Attributes {
  @Maybe() @Positive() denier?: number;
  @Maybe() @Positive() fillPowerCuInPerOz?: number;
  @Maybe() @Positive() fillMassG?: number;
  @Maybe() @Bool() hydrophobic?: boolean;
  @Maybe() @Positive() thicknessMm?: number;
  @Maybe() @OneOf(v.FABRICS) fabric?: v.Fabric;
}

export class ComponentDoc implements gear.Component {
  @OneOf(v.PARTS) part!: v.Part;
  @OneOf(v.MATERIALS) material!: v.Material;
  @Maybe() @Nested(() => AttributesDoc) attributes?: AttributesDoc;
  @Maybe() @Bool() removable?: boolean;
  @Maybe() @OneOf(v.BONDS) bonded?: (typeof v.BONDS)[number];
}

export class ColourDoc implements gear.Colour {
  @Maybe() @OneOf(v.COLOURS) class?: (typeof v.COLOURS)[number];
  @Maybe() @OneOf(v.BLEEDS) bleed?: (typeof v.BLEEDS)[number];
}

export class WashLabelDoc implements gear.WashLabel {
  @Bool() allowed!: boolean;
  @Maybe() @OneOf(v.LABEL_WASH_C) maxC?: (typeof v.LABEL_WASH_C)[number];
  @Maybe() @OneOf(v.LABEL_ACTIONS) action?: (typeof v.LABEL_ACTIONS)[number];
}

/** A care label as printed. A key absent = the label is silent on it. */
export class CareLabelDoc implements gear.CareLabel {
  @Maybe() @Nested(() => WashLabelDoc) wash?: WashLabelDoc;
  @Maybe() @OneOf(v.BLEACHES) bleach?: v.Bleach;
  @Maybe() @OneOf(v.LABEL_TUMBLES) tumble?: (typeof v.LABEL_TUMBLES)[number];
  @Maybe() @ListOf(v.NATURAL_DRYINGS) naturalDrying?: (typeof v.NATURAL_DRYINGS)[number][];
  @Maybe() @OneOf(v.LABEL_IRON_C) ironMaxC?: (typeof v.LABEL_IRON_C)[number];
  @Maybe() @OneOf(v.PROFESSIONALS) professional?: (typeof v.PROFESSIONALS)[number];
}

export class MakerNoteDoc implements gear.MakerNote {
  @OneOf(v.MAKER_TOPICS) about!: (typeof v.MAKER_TOPICS)[number];
  @OneOf(v.MAKER_VERBS) says!: (typeof v.MAKER_VERBS)[number];
  @Maybe() @Text() text?: string;
}

export class BaffleDoc implements gear.Baffle {
  @Id() id!: string;
  @Maybe() @Positive() volumeCm3?: number;
  @Maybe() @Points() polygonMm?: [number, number][];
  @Maybe() @Positive() newThicknessMm?: number;
}

export class OpeningDoc implements gear.Opening {
  @Id() from!: string;
  @Id() to!: string;
  @Maybe() @OneOf(v.OPENING_STATES) state?: (typeof v.OPENING_STATES)[number];
  @Maybe() @Positive() widthMm?: number;
}

export class FillMapDoc implements gear.FillMap {
  @NestedList(() => BaffleDoc) baffles!: BaffleDoc[];
  @Maybe() @NestedList(() => OpeningDoc) openings?: OpeningDoc[];
}

/** Who has it. */
export class LentDoc implements gear.Lent {
  @Text(200) to!: string;
  @Day() on!: string;
  /** When it is wanted back. */
  @Maybe() @Day() back?: string;
}

/** A day that its owner has set for its next care or look. */
export class PlannedCareDoc implements gear.PlannedCare {
  @Day() on!: string;
  @Instant() since!: string;
}

export class GoneDoc implements gear.Gone {
  @OneOf(v.GONE_WAYS) how!: v.GoneWay;
  @Maybe() @Text(200) to?: string;
}

export class OwnDosesDoc implements gear.OwnDoses {
  [supply: string]: number | undefined;
}
for (const cls of v.SUPPLY_CLASSES) {
  Maybe()(OwnDosesDoc.prototype, cls);
  Positive()(OwnDosesDoc.prototype, cls);
}

/** Figures the user worked out or knows better, used inside the limits: doses in mL by class, fresh fills in all, °C of the wash. */
export class OwnFiguresDoc implements gear.OwnFigures {
  @Maybe() @Nested(() => OwnDosesDoc) dosesMl?: OwnDosesDoc;
  @Maybe() @Whole(1, 20) drumRinses?: number;
  @Maybe() @Whole(1, 20) bathRinses?: number;
  @Maybe() @NotNegative() tempC?: number;
}

/**
 * What runs have taught about it: the share of held residue that one fill lets go, pressed by hand and in a drum; how much faster it dries
 * and evens out than its kind, as natural logarithms.
 */
export class LearnedDoc implements gear.Learned {
  @Maybe() @Share() handRelease?: number;
  @Maybe() @Share() drumRelease?: number;
  @Maybe() @Whole(0, 1000) rinseRuns?: number;
  @Maybe() @Finite() dryRate?: number;
  @Maybe() @Finite() dryExchange?: number;
  @Maybe() @Whole(0, 1000) dryRuns?: number;
}

export class GuessDoc implements gear.Guess {
  @NotNegative() low!: number;
  @NotNegative() high!: number;
}
export class ListingDoc implements gear.Listing {
  @Day() on!: string;
  @NotNegative() amount!: number;
  @Maybe() @Text(200) where?: string;
}
export class SaleDoc implements gear.Sale {
  @Day() on!: string;
  @NotNegative() amount!: number;
  @Maybe() @NotNegative() fees?: number;
  @Maybe() @NotNegative() post?: number;
  @Maybe() @Text(200) to?: string;
}
/** What it would fetch as it was found and after the work, and what became of that; in the currency of the preferences. */
export class WorthDoc implements gear.Worth {
  @Maybe() @Nested(() => GuessDoc) asFound?: GuessDoc;
  @Maybe() @Nested(() => GuessDoc) after?: GuessDoc;
  @Maybe() @Nested(() => ListingDoc) listed?: ListingDoc;
  @Maybe() @Nested(() => SaleDoc) sold?: SaleDoc;
}

/** One owned thing. `label: null` = missing or unreadable. Masses are dry, in grams. */
export class ItemDoc implements gear.Item {
  @Id() id!: string;
  @OneOf(v.KINDS) kind!: v.Kind;
  @NestedList(() => ComponentDoc) components!: ComponentDoc[];
  @OrNull() @Nested(() => CareLabelDoc) label!: CareLabelDoc | null;
  @Maybe() @Text(200) name?: string;
  @Maybe() @Text(200) owner?: string;
  @Maybe() @Day() boughtOn?: string;
  @Maybe() @Nested(() => MoneyDoc) price?: MoneyDoc;
  @Maybe() @Nested(() => WorthDoc) worth?: WorthDoc;
  @Maybe() @Positive() massG?: number;
  @Maybe() @OneOf(v.BULKS) bulk?: v.Bulk;
  @Maybe() @Nested(() => ColourDoc) colour?: ColourDoc;
  @Maybe() @ListOf(v.MARKS) marks?: (typeof v.MARKS)[number][];
  @Maybe() @OneOf(v.JOB_CLASSES) jobClass?: (typeof v.JOB_CLASSES)[number];
  @Maybe() @ListOf(v.FITTINGS) fittings?: v.Fitting[];
  @Maybe() @OneOf(v.REPELLENCIES) repellency?: (typeof v.REPELLENCIES)[number];
  @Maybe() @OneOf(v.FINISHES) finish?: (typeof v.FINISHES)[number];
  @Maybe() @OneOf(v.LININGS) lining?: (typeof v.LININGS)[number];
  @Maybe() @NestedList(() => MakerNoteDoc) makerSays?: MakerNoteDoc[];
  @Maybe() @Nested(() => FillMapDoc) fillMap?: FillMapDoc;
  @Maybe() @Texts(60) tags?: string[];
  @Maybe() @Nested(() => LentDoc) lent?: LentDoc;
  /** Put away: it is kept with its record, and asks for nothing. */
  @Maybe() @Day() archivedOn?: string;
  /** Given up for good. */
  @Maybe() @Day() retiredOn?: string;
  /** How it went then, and to whom. */
  @Maybe() @Nested(() => GoneDoc) gone?: GoneDoc;
  /** How long it is meant to last. */
  @Maybe() @Between(0.01, 1000) targetYears?: number;
  @Maybe() @Nested(() => PlannedCareDoc) planned?: PlannedCareDoc;
  /** The day on which its owner said to keep it although nobody used it. */
  @Maybe() @Day() keptOn?: string;
  @Maybe() @Nested(() => OwnFiguresDoc) own?: OwnFiguresDoc;
  /** Its own choices where practice disagrees, before the kit's. */
  @Maybe() @Nested(() => SchoolChoicesDoc) schools?: SchoolChoicesDoc;
  /** How many of it are kept as one, a stack of cloths; masses are of one. */
  @Maybe() @Whole(1, 1000) count?: number;
  @Maybe() @Nested(() => LearnedDoc) learned?: LearnedDoc;
  @Maybe() @Bool() inFreezer?: boolean;
}
