import type * as gear from '../../gear';
import * as vocabulary from '../../gear/vocabulary';
import { SCHOOL_OPTIONS } from '../../knowledge';
import { ListOf, Maybe, Nested, NotNegative, OneOf, Text, Whole } from '../fields';

/** Chosen options by school id; an absent school takes its default. */
export class SchoolChoicesDoc implements gear.SchoolChoices {
  [school: string]: string | undefined;
}
for (const [school, options] of Object.entries(SCHOOL_OPTIONS)) {
  Maybe()(SchoolChoicesDoc.prototype, school);
  OneOf(options)(SchoolChoicesDoc.prototype, school);
}

/** Where the user moved the assessment's thresholds; an absent one is ours. Loft as a share of new. */
export class ThresholdsDoc implements gear.Thresholds {
  @Maybe() @Whole(1, 4) soilWash?: number;
  @Maybe() @Whole(1, 3) odourWash?: number;
  @Maybe() @Whole(1, 5) dropFine?: number;
  @Maybe() @Whole(0, 4) dropPoor?: number;
  @Maybe() @NotNegative() loftWash?: number;
  @Maybe() @NotNegative() loftFluff?: number;
}

/** What the user pays, in the currency of the preferences. */
export class PricesDoc implements gear.Prices {
  @Maybe() @NotNegative() electricityPerKWh?: number;
  @Maybe() @NotNegative() waterPerM3?: number;
  /** What an hour of one's own hands must bring. */
  @Maybe() @NotNegative() hourOfHands?: number;
}

export class PreferencesDoc implements gear.Preferences {
  @Maybe() @Nested(() => SchoolChoicesDoc) schools?: SchoolChoicesDoc;
  @Maybe() @OneOf(vocabulary.UNIT_SYSTEMS) units?: (typeof vocabulary.UNIT_SYSTEMS)[number];
  @Maybe() @Text(8) currency?: string;
  @Maybe() @Nested(() => ThresholdsDoc) thresholds?: ThresholdsDoc;
  /** Which of two bottles of a class is taken first; never a limit. */
  @Maybe() @ListOf(vocabulary.SUPPLY_PREFERENCES) prefer?: vocabulary.SupplyPreference[];
  @Maybe() @Nested(() => PricesDoc) prices?: PricesDoc;
  /** How hardness is shown and typed; stored as mg/L. */
  @Maybe() @OneOf(vocabulary.HARDNESS_UNITS) hardnessUnit?: vocabulary.HardnessUnit;
}
