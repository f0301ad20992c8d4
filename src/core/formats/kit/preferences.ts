import * as v from '../../gear/vocabulary';
import { SCHOOLS } from '../../knowledge/schools';
import { Maybe, Nested, NotNegative, OneOf, Text } from '../fields';

/** Chosen options by school id; an absent school takes its default. */
export class SchoolChoicesDoc {
  [school: string]: string | undefined;
}
for (const school of SCHOOLS) {
  Maybe()(SchoolChoicesDoc.prototype, school.id);
  OneOf(school.options.map((option) => option.id))(SchoolChoicesDoc.prototype, school.id);
}

/** Where the user moved the assessment's thresholds. Ratios of loft when new. */
export class ThresholdsDoc {
  @Maybe() @NotNegative() loftWash?: number;
  @Maybe() @NotNegative() loftFluff?: number;
}

export class PreferencesDoc {
  @Maybe() @Nested(() => SchoolChoicesDoc) schools?: SchoolChoicesDoc;
  @Maybe() @OneOf(v.UNIT_SYSTEMS) units?: (typeof v.UNIT_SYSTEMS)[number];
  @Maybe() @Text(8) currency?: string;
  @Maybe() @Nested(() => ThresholdsDoc) thresholds?: ThresholdsDoc;
}
