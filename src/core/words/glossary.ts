/**
 * The words for what is seen, once for every page, print and command. Rules for choosing one stand in docs/wording.md.
 */

import type { Droplet } from '../gear';
import { listed } from './text';

/** What a drop does, by grade: the spray test's ratings (ISO 4920), in the words of a kitchen table; `at`: of those where it leaves anything. */
export const DROP_WORDS = [
  { short: 'soaks through', at: 'water comes through at', left: 'wet through to the back' },
  { short: 'soaks in', at: 'water soaks in at', left: 'wet all over' },
  { short: 'wets around', at: 'drops spread at', left: 'wet beyond the drops' },
  { short: 'wet spots', at: 'drops leave wet spots at', left: 'wet where drops fell' },
  { short: 'a few specks', at: 'drops leave a few specks at', left: 'a few wet specks' },
  { short: 'beads, dry', at: '', left: 'dry' },
] as const;
/** The lowest grade at which drops bead. */
export const BEADS_FROM = 4;
/**
 * Zones where drops no longer bead, by grade, the worst first; and whether they bead on others.
 * @param name how a zone is called. @param from the lowest grade at which they bead, 1 to 5.
 */
export function zonesByGrade(
  droplet: Droplet,
  name: (zone: string) => string,
  from: number = BEADS_FROM,
): { readonly wet: readonly { readonly grade: number; readonly at: readonly string[] }[]; readonly beads: boolean } {
  const zones = Object.entries(droplet).filter((z): z is [string, number] => z[1] !== undefined);
  const wet = Array.from({ length: from }, (_, grade) => ({
    grade,
    at: zones.filter(([, g]) => Math.floor(g) === grade).map(([zone]) => name(zone)),
  }));
  return { wet: wet.filter(({ at }) => at.length > 0), beads: zones.some(([, g]) => g >= from) };
}

/** Grades that are told; more would not be read. */
const MOST_GRADES = 2;
/**
 * What the worst zones do, and the rest: "water soaks in at the shoulders (1 of 5), the rest beads"; undefined where no drop fell, or none left
 * anything. @param name how a zone is called. @param from the lowest grade at which they bead.
 */
export function dropsText(droplet: Droplet, name: (zone: string) => string, from?: number): string | undefined {
  const { wet, beads } = zonesByGrade(droplet, name, from);
  if (wet.length === 0) return undefined;
  const said = wet
    .slice(0, MOST_GRADES)
    .map(({ grade, at }) => `${DROP_WORDS[grade]?.at ?? ''} the ${listed(at)} (${grade} of 5)`);
  return [...said, ...(beads ? ['the rest beads'] : [])].join(', ');
}

/** How dirty, 0 to 4. */
export const SOIL_GRADE_WORDS = ['clean', 'a few marks', 'slightly dirty', 'dirty', 'very dirty'] as const;
/** How it smells, 0 to 3. */
export const ODOUR_WORDS = ['no smell', 'faint smell', 'clear smell', 'strong smell'] as const;
