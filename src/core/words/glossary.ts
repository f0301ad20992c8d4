/**
 * The words for what is seen, once for every page, print and command. Rules for choosing one stand in docs/wording.md.
 */

import type { Droplet } from '../gear';

/** What a drop does, by grade: the spray test's ratings (ISO 4920), in the words of a kitchen table; `at`: of those where it no longer beads. */
export const DROP_WORDS = [
  { short: 'soaks through', at: 'water comes through at', left: 'wet through to the back' },
  { short: 'soaks in', at: 'water soaks in at', left: 'wet all over' },
  { short: 'wets around', at: 'drops spread at', left: 'wet beyond the drops' },
  { short: 'wet spots', at: 'drops leave wet spots at', left: 'wet where drops fell' },
  { short: 'a few specks', at: '', left: 'a few wet specks' },
  { short: 'beads, dry', at: '', left: 'dry' },
] as const;
/** The lowest grade at which drops bead. */
const BEADS_FROM = 4;
/** Zones where drops no longer bead, by grade, the worst first; and whether they bead on others. @param name how a zone is called. */
export function zonesByGrade(
  droplet: Droplet,
  name: (zone: string) => string,
): { readonly wet: readonly { readonly grade: number; readonly at: readonly string[] }[]; readonly beads: boolean } {
  const zones = Object.entries(droplet).filter((z): z is [string, number] => z[1] !== undefined);
  const wet = Array.from({ length: BEADS_FROM }, (_, grade) => ({
    grade,
    at: zones.filter(([, g]) => Math.floor(g) === grade).map(([zone]) => name(zone)),
  }));
  return { wet: wet.filter(({ at }) => at.length > 0), beads: zones.some(([, g]) => g >= BEADS_FROM) };
}

/** How dirty, 0 to 4. */
export const SOIL_GRADE_WORDS = ['clean', 'a few marks', 'slightly dirty', 'dirty', 'very dirty'] as const;
/** How it smells, 0 to 3. */
export const ODOUR_WORDS = ['no smell', 'faint smell', 'clear smell', 'strong smell'] as const;
