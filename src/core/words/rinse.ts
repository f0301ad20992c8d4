import type { RinseModel } from '../document';

/** One more rinse, asked for because suds are still there. */
export const RINSE_WORDS = {
  title: 'One more rinse',
  text: 'Give it one more rinse, cold, without cleaner, and set the spin yourself: the rinse programme may have gone back to high.',
  look: 'Press it by hand: are there suds?',
  pass: 'No suds, clear water.',
} as const;

/** What a bath rinse says at each fill. */
export const fillText = (fill: number, planned: number): string =>
  fill <= planned ? `Fill ${fill} of about ${planned}` : `Fill ${fill}: more than the ${planned} that were counted`;

const tenth = (x: number): string => (Math.round(x * 10) / 10).toString();
/** What the number of rinses was worked out from. */
export const rinseBasis = (m: RinseModel): string =>
  `Counted for ${tenth(m.dryKg)} kg dry that holds ${tenth(m.heldKgPerKg)} times its weight of water, with ${Math.round(m.freshL)} L of fresh water a rinse; ${Math.round(m.release * 100)} % of the cleaner that clings lets go each time, and ${Math.round(m.target * 100)} % of the start counts as clear.`;
