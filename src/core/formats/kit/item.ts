import type * as gear from '../../gear';
import * as vocabulary from '../../gear/vocabulary';
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
  @Maybe() @OneOf(vocabulary.FABRICS) fabric?: vocabulary.Fabric;
}

export class ComponentDoc implements gear.Component {
  @OneOf(vocabulary.PARTS) part!: vocabulary.Part;
  @OneOf(vocabulary.MATERIALS) material!: vocabulary.Material;
  @Maybe() @Nested(() => AttributesDoc) attributes?: AttributesDoc;
  @Maybe() @Bool() removable?: boolean;
  @Maybe() @OneOf(vocabulary.BONDS) bonded?: (typeof vocabulary.BONDS)[number];
}

export class ColourDoc implements gear.Colour {
  @Maybe() @OneOf(vocabulary.COLOURS) class?: (typeof vocabulary.COLOURS)[number];
  @Maybe() @OneOf(vocabulary.BLEEDS) bleed?: (typeof vocabulary.BLEEDS)[number];
}

export class WashLabelDoc implements gear.WashLabel {
  @Bool() allowed!: boolean;
  @Maybe() @OneOf(vocabulary.LABEL_WASH_C) maxC?: (typeof vocabulary.LABEL_WASH_C)[number];
  @Maybe() @OneOf(vocabulary.LABEL_ACTIONS) action?: (typeof vocabulary.LABEL_ACTIONS)[number];
}

/** A care label as printed. A key absent = the label is silent on it. */
export class CareLabelDoc implements gear.CareLabel {
  @Maybe() @Nested(() => WashLabelDoc) wash?: WashLabelDoc;
  @Maybe() @OneOf(vocabulary.BLEACHES) bleach?: vocabulary.Bleach;
  @Maybe() @OneOf(vocabulary.LABEL_TUMBLES) tumble?: (typeof vocabulary.LABEL_TUMBLES)[number];
  @Maybe() @ListOf(vocabulary.NATURAL_DRYINGS) naturalDrying?: (typeof vocabulary.NATURAL_DRYINGS)[number][];
  @Maybe() @OneOf(vocabulary.LABEL_IRON_C) ironMaxC?: (typeof vocabulary.LABEL_IRON_C)[number];
  @Maybe() @OneOf(vocabulary.PROFESSIONALS) professional?: (typeof vocabulary.PROFESSIONALS)[number];
}

export class MakerNoteDoc implements gear.MakerNote {
  @OneOf(vocabulary.MAKER_TOPICS) about!: (typeof vocabulary.MAKER_TOPICS)[number];
  @OneOf(vocabulary.MAKER_VERBS) says!: (typeof vocabulary.MAKER_VERBS)[number];
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
  @Maybe() @OneOf(vocabulary.OPENING_STATES) state?: (typeof vocabulary.OPENING_STATES)[number];
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
  @OneOf(vocabulary.GONE_WAYS) how!: vocabulary.GoneWay;
  @Maybe() @Text(200) to?: string;
}

export class OwnDosesDoc implements gear.OwnDoses {
  [supply: string]: number | undefined;
}
for (const cls of vocabulary.SUPPLY_CLASSES) {
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
  @OneOf(vocabulary.KINDS) kind!: vocabulary.Kind;
  @NestedList(() => ComponentDoc) components!: ComponentDoc[];
  @OrNull() @Nested(() => CareLabelDoc) label!: CareLabelDoc | null;
  @Maybe() @Text(200) name?: string;
  @Maybe() @Text(200) owner?: string;
  @Maybe() @Day() boughtOn?: string;
  @Maybe() @Nested(() => MoneyDoc) price?: MoneyDoc;
  @Maybe() @Nested(() => WorthDoc) worth?: WorthDoc;
  @Maybe() @Positive() massG?: number;
  @Maybe() @OneOf(vocabulary.BULKS) bulk?: vocabulary.Bulk;
  @Maybe() @Nested(() => ColourDoc) colour?: ColourDoc;
  @Maybe() @ListOf(vocabulary.MARKS) marks?: (typeof vocabulary.MARKS)[number][];
  @Maybe() @OneOf(vocabulary.JOB_CLASSES) jobClass?: (typeof vocabulary.JOB_CLASSES)[number];
  @Maybe() @ListOf(vocabulary.FITTINGS) fittings?: vocabulary.Fitting[];
  @Maybe() @OneOf(vocabulary.REPELLENCIES) repellency?: (typeof vocabulary.REPELLENCIES)[number];
  @Maybe() @OneOf(vocabulary.FINISHES) finish?: (typeof vocabulary.FINISHES)[number];
  @Maybe() @OneOf(vocabulary.LININGS) lining?: (typeof vocabulary.LININGS)[number];
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
