import type * as v from './vocabulary';

/** Chosen options by school id; an absent school takes its default. */
export interface SchoolChoices {
  [school: string]: string | undefined;
}

/** Where the user moved the assessment's thresholds; an absent one is ours. Loft as a share of new. */
export interface Thresholds {
  soilWash?: number;
  odourWash?: number;
  dropFine?: number;
  dropPoor?: number;
  loftWash?: number;
  loftFluff?: number;
}

/** What the user pays, in the currency of the preferences. */
export interface Prices {
  electricityPerKWh?: number;
  waterPerM3?: number;
  /** What an hour of one's own hands must bring. */
  hourOfHands?: number;
}

export interface Preferences {
  schools?: SchoolChoices;
  units?: (typeof v.UNIT_SYSTEMS)[number];
  currency?: string;
  thresholds?: Thresholds;
  /** Which of two bottles of a class is taken first; never a limit. */
  prefer?: v.SupplyPreference[];
  prices?: Prices;
  /** How hardness is shown and typed; stored as mg/L. */
  hardnessUnit?: v.HardnessUnit;
}
