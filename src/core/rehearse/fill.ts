/** How much of a filling sits in clumps, 0 to 1. Common practice gives only the direction of its figures. */
import { REHEARSED_FIGURES } from '../knowledge';

/** A wash leaves this share in clumps. */
const CLUMPED_BY_WASH = REHEARSED_FIGURES.clumpedByWash.value;
/** Lying wet, what is still loose clumps with this time constant, min. */
const CLUMPING_MIN = REHEARSED_FIGURES.clumpingMin.value;
/** Share a minute that tumbling opens when the filling is dry and two balls go round. */
const OPENS = REHEARSED_FIGURES.opensPerMin.value;
const BALLS_HELP = REHEARSED_FIGURES.ballsHelp.value;
/** Water in the core, kg per kg dry, from which on clumps do not open. */
const TOO_WET = REHEARSED_FIGURES.tooWetHeld.value;
/** What hands pull apart in one look, and in an levelling. */
const PULLED_APART = REHEARSED_FIGURES.pulledApart.value;
/** Cleaner that is left glues: clumps stay, this much for the share that is left. */
const GLUE = REHEARSED_FIGURES.residueGlues.value;
const MOST_GLUED = REHEARSED_FIGURES.mostGlued.value;
/** Put away damp, the loose part clumps by this much for each kg of water per kg dry. */
const STORED_DAMP = REHEARSED_FIGURES.storedDampClumps.value;

const openness = (coreKgPerKg: number): number => Math.max(0, 1 - coreKgPerKg / TOO_WET);
/** The share of down that cleaner glues together and no pulling frees. @param residue share of the cleaner that is left, 0 to 1. */
export const floorOf = (residue: number): number => Math.min(MOST_GLUED, residue * GLUE);
/** Share clumped after a wash, 0 to 1. */
export const washed = (clumps: number): number => 1 - (1 - clumps) * (1 - CLUMPED_BY_WASH);
/** Share clumped after lying wet for so many minutes. */
export const lain = (clumps: number, minutes: number): number => 1 - (1 - clumps) * Math.exp(-minutes / CLUMPING_MIN);
/** One minute in the drum. `turns` 0 to 1: how freely it falls. */
export function tumbled(clumps: number, floor: number, coreKgPerKg: number, balls: number, turns: number): number {
  const opens = OPENS * turns * openness(coreKgPerKg) * (BALLS_HELP[Math.min(balls, 3)] ?? 1);
  return Math.max(Math.min(floor, clumps), clumps * (1 - opens));
}
/** Share clumped after hands have pulled it apart once. @param coreKgPerKg water in the core, kg per kg dry: wet down does not open. */
export const pulled = (clumps: number, floor: number, coreKgPerKg: number): number =>
  Math.max(Math.min(floor, clumps), clumps * (1 - PULLED_APART * openness(coreKgPerKg)));
/** Share clumped a week after it was put away. @param waterKgPerKg water it was put away with, kg per kg dry. */
export const stored = (clumps: number, waterKgPerKg: number): number =>
  1 - (1 - clumps) * Math.max(0, 1 - STORED_DAMP * waterKgPerKg);
