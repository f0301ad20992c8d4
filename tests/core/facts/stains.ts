import type { Soil } from '../../../src/core/gear';
import type { StainNature } from '../../../src/core/knowledge';
import { CLEAN, comp, DIRTY, item, step } from '../../make';
import { fact, type Fact, MEMORY, PRACTICE } from './fact';

/* What each mark is, and the mildest thing that meets it. */
const ROWS: readonly (readonly [Soil, StainNature, firstRung: string, basis: string])[] = [
  ['mud', 'soil', 'dry-brush', PRACTICE],
  ['dust', 'soil', 'dry-brush', PRACTICE],
  ['sweat', 'soil', 'cool-water', PRACTICE],
  ['sweat-salt', 'soil', 'cool-water', PRACTICE],
  ['body-oil', 'soil', 'cleaner-drop', PRACTICE],
  ['blood', 'soil', 'cold-dab', PRACTICE],
  ['grease', 'soil', 'cleaner-drop', PRACTICE],
  ['wax', 'soil', 'chill-lift', PRACTICE],
  ['food-sugar', 'soil', 'lukewarm-brush', PRACTICE],
  ['canvas-stain', 'deep', 'stain-remover', PRACTICE],
  ['scuff', 'transfer', 'damp-cloth', PRACTICE],
  ['transfer', 'transfer', 'damp-cloth', PRACTICE],
  ['paint', 'paint', 'lift-dry', PRACTICE],
  ['dye', 'deep', 'cold-dab', MEMORY],
  ['yellowing', 'oxidation', 'oxygen-brush', PRACTICE],
  ['mould', 'soil', 'brush-outside', PRACTICE],
  ['salt-line', 'soil', 'damp-cloth', PRACTICE],
  ['smoke', 'soil', 'air-out', MEMORY],
  ['resin', 'soil', 'chill-lift', MEMORY],
  ['residue', 'soil', 'cool-water', PRACTICE],
  ['unknown', 'unclear', 'cool-water', PRACTICE],
];
const layer = item('base-layer', [comp('face', 'polyester-knit')], { repellency: 'none', colour: { class: 'white' } });

export const STAIN_FACTS: readonly Fact[] = [
  ...ROWS.map(([soil, nature, rung, basis]): Fact => ({
    about: [`stains/${soil}`],
    basis,
    holds: (k) => k.stains.some((s) => s.id === soil && s.nature === nature && s.ladder[0]?.rung === rung),
  })),
  // The rungs stand in the step, mildest first, with their rests, and with what never touches the mark.
  fact('steps/treat-other', PRACTICE, layer, { ...DIRTY, stains: [{ soil: 'scuff' }, { soil: 'sweat' }] }, {}, (p) => {
    const text = step(p, 'treat-other')?.text ?? '';
    return (
      /Sweat: plain cool water.*, then a few drops \(2 mL\) of the cleaner.*\(15 min\), then .*oxygen booster.*\(90 min\)/.test(
        text,
      ) &&
      /Scuff: a damp cloth.*, then the cleaner/.test(text) &&
      text.includes('Never acetone on patent')
    );
  }),
  // An oxygen soak is no rung where nothing may be bleached.
  fact(
    'steps/treat-other',
    PRACTICE,
    item('base-layer', [comp('face', 'merino')]),
    { ...CLEAN, stains: [{ soil: 'sweat', set: true }] },
    {},
    (p) => !(step(p, 'treat-other')?.text ?? 'oxygen').includes('oxygen'),
  ),
  // On rubber: a damp cloth, the sponge, the soda paste; a swab of acetone only where its owner chose solvents.
  fact(
    'steps/rubber-sponge',
    PRACTICE,
    item('shoe', [comp('upper', 'cotton-canvas'), comp('outsole', 'rubber')]),
    { ...DIRTY, stains: [{ soil: 'transfer', set: true }] },
    {},
    (p) =>
      /colour: a damp cloth.*melamine sponge.*baking soda/.test(step(p, 'rubber-sponge')?.text ?? '') &&
      !/acetone on/.test(step(p, 'rubber-sponge')?.text ?? ''),
  ),
];
