/**
 * The words for what is seen, once for every page, print and command. Rules for choosing one stand in docs/wording.md.
 */

/** What a drop does, by grade: the spray test's ratings (ISO 4920), in the words of a kitchen table. */
export const DROP_WORDS = [
  { short: 'soaks through', at: 'water comes through at', left: 'wet through to the back' },
  { short: 'soaks in', at: 'water soaks in at', left: 'wet all over' },
  { short: 'wets around', at: 'drops spread at', left: 'wet beyond the drops' },
  { short: 'wet spots', at: 'drops leave wet spots at', left: 'wet where drops fell' },
  { short: 'a few specks', at: 'drops bead at', left: 'a few wet specks' },
  { short: 'beads, dry', at: 'drops bead at', left: 'dry' },
] as const;
/** The lowest grade at which drops bead. */
export const BEADS_FROM = 4;

/** How dirty, 0 to 4. */
export const SOIL_GRADE_WORDS = ['clean', 'a few marks', 'slightly dirty', 'dirty', 'very dirty'] as const;
/** How it smells, 0 to 3. */
export const ODOUR_WORDS = ['no smell', 'faint smell', 'clear smell', 'strong smell'] as const;
