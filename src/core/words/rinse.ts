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
