import { layoutOf, loftOf, START_LAYOUTS } from '../src/core/loft';

/** A quilt's own baffles: one opening of its foot was tied off, and down has gone to one side. */
const quiltLayout = layoutOf(START_LAYOUTS.quilt);
export const quiltMap = {
  ...quiltLayout,
  openings: quiltLayout.openings.map((o) => (o.from === 'foot 3' && o.to === 'foot 7' ? { ...o, state: 'tied' as const } : o)),
};
export const QUILT_FILL_G = 420;
const QUILT_MM = [58, 55, 49, 44, 38, 30, 25, 52, 50, 46, 40, 55, 51, 44, 36];
export const quiltLoft = quiltLayout.baffles.map(({ id, newThicknessMm = 55 }, n) => ({
  baffle: id,
  nowMm: QUILT_MM[n] ?? 45,
  newMm: newThicknessMm,
}));

/** How its loft went: days ago, and each baffle's share of new. It was washed 394 days ago. */
export const QUILT_WASHED_DAYS_AGO = 394;
const YEARS = [
  [745, 0.97],
  [560, 0.91],
  [400, 0.86],
  [388, 0.95],
  [190, 0.89],
] as const;
export const quiltLooks = YEARS.map(([daysAgo, share]) => {
  const loft = quiltLoft.map(({ baffle, newMm }, n) => ({ baffle, newMm, nowMm: Math.round(newMm * share + ((n * 5) % 3) - 1) }));
  return ['itm-quilt', daysAgo, { soil: 1, odour: 0, loft, loftRatio: loftOf(loft).ratio ?? share, clumped: false }] as const;
});
