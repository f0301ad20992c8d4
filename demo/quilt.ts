import { layoutOf, START_LAYOUTS } from '../src/core/loft';

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
