import type { Item, Soil } from '../../../src/core/gear';
import { CLEAN, comp, DIRTY, item, keys, label, step, withSchool, withSupplies, type Seen } from '../../make';
import { fact, type Fact, MEMORY, PRACTICE, steps } from './fact';

/* Work on a part is bounded by that part and its neighbours, not by the whole thing. */
const white = { class: 'white' } as const;
const leatherShoe = (more: Partial<Item> = {}): Item =>
  item('shoe', [comp('upper', 'leather'), comp('trim', 'rubber'), comp('outsole', 'rubber')], { colour: white, ...more });
const suedeShoe = item('shoe', [comp('upper', 'suede'), comp('outsole', 'rubber')]);
const crested = item('jersey', [comp('face', 'polyester-knit'), comp('crest', 'suede')], {
  colour: white,
  label: label(30, 'mild', { bleach: 'oxygen' }),
});
const trainer = item('shoe', [
  comp('upper', 'polyester-mesh'),
  comp('midsole', 'eva-foam'),
  comp('outsole', 'rubber'),
  comp('lining', 'polyester-knit'),
  comp('insole', 'eva-foam', { removable: false }),
]);
const mark = (soil: Soil, place?: string, set = false): Seen => ({
  ...CLEAN,
  soil: 1,
  stains: [{ soil, ...(place ? { place } : {}), set }],
});
const peroxide = withSupplies('peroxide-cream');

export const PLACE_FACTS: readonly Fact[] = [
  // The yellowed rubber toe of a white leather shoe is whitened with the leather taped off; its yellowed leather is not.
  fact('steps/mask-edge', PRACTICE, leatherShoe(), mark('yellowing', 'rubber toe', true), peroxide, (p) => {
    const done = keys(p);
    return (
      done.indexOf('mask-edge') >= 0 &&
      done.indexOf('mask-edge') < done.indexOf('rubber-sponge') &&
      done.indexOf('rubber-sponge') < done.indexOf('peroxide-rubber') &&
      p.aims.join() === 'spot-clean' &&
      p.method === 'none'
    );
  }),
  fact(
    'steps/treat-hide',
    PRACTICE,
    leatherShoe(),
    mark('yellowing', 'side', true),
    peroxide,
    (p) => keys(p).includes('treat-hide') && !keys(p).includes('peroxide-rubber') && !keys(p).includes('mask-edge'),
  ),
  fact(
    'blocks/no-peroxide-here',
    MEMORY,
    leatherShoe(),
    { ...CLEAN, soil: 1, discoloured: true },
    peroxide,
    (p) => p.blocked.some((b) => b.option === 'peroxide-cream') && !keys(p).includes('peroxide-rubber'),
  ),
  // Tape tears nap and seals no dyed cloth.
  ...[suedeShoe, item('shoe', [comp('upper', 'cotton-canvas'), comp('outsole', 'rubber')], { colour: { class: 'dark' } })].map(
    (thing) =>
      fact(
        'traits/maskable',
        MEMORY,
        thing,
        mark('yellowing', 'sole'),
        peroxide,
        (p) => !keys(p).includes('peroxide-rubber') && p.blocked.some((b) => b.option === 'peroxide-cream'),
      ),
  ),
  fact(
    'planTraits/peroxide-work',
    PRACTICE,
    item('shoe', [comp('upper', 'cotton-canvas'), comp('midsole', 'eva-foam'), comp('outsole', 'rubber')], { colour: white }),
    mark('yellowing', 'midsole'),
    peroxide,
    (p) => keys(p).includes('peroxide-rubber'),
  ),
  // The collar of a jersey has its oxygen while the suede crest is held out of it.
  fact(
    'materials/suede-trim',
    PRACTICE,
    crested,
    { ...DIRTY, stains: [{ soil: 'yellowing', place: 'collar', set: true }] },
    {},
    (p) =>
      /oxygen booster/.test(step(p, 'treat-sweat-yellow')?.text ?? '') &&
      /crest \(suede\)/.test(step(p, 'treat-sweat-yellow')?.text ?? ''),
  ),
  // A cotton collar has its oxygen while the elastic mesh is held out; a membrane cannot be held out of anything.
  ...(['oxygen-booster', 'plain-liquid'] as const).map((owned) =>
    fact(
      'planTraits/oxygen-spot',
      PRACTICE,
      item('base-layer', [comp('face', 'cotton'), comp('mesh', 'elastane-mesh')], { repellency: 'none', colour: white }),
      { ...DIRTY, stains: [{ soil: 'yellowing', place: 'collar', set: true }] },
      withSupplies(owned),
      (p) =>
        /Hold the mesh \(elastane mesh\) out of it/.test(step(p, 'treat-sweat-yellow')?.text ?? '') &&
        !p.blocked.some((b) => b.option === 'oxygen-booster'),
    ),
  ),
  fact(
    'planTraits/oxygen-spot',
    PRACTICE,
    item('base-layer', [comp('face', 'cotton'), comp('mesh', 'elastane-mesh')], { repellency: 'none', colour: white }),
    { ...DIRTY, stains: [{ soil: 'yellowing', place: 'mesh', set: true }] },
    {},
    (p) => !keys(p).includes('treat-sweat-yellow'),
  ),
  fact(
    'planTraits/oxygen-spot',
    PRACTICE,
    item('base-layer', [comp('face', 'cotton'), comp('mesh', 'elastane-mesh')], {
      label: label(40, 'normal', { bleach: 'none' }),
    }),
    { ...DIRTY, stains: [{ soil: 'sweat', place: 'collar', set: true }] },
    withSupplies('oxygen-booster'),
    (p) => !/oxygen/.test(step(p, 'treat-other')?.text ?? 'oxygen') && p.blocked.some((b) => b.option === 'oxygen-booster'),
  ),
  fact(
    'planTraits/oxygen-spot',
    PRACTICE,
    item('jacket', [comp('face', 'polyester-woven'), comp('membrane', 'membrane')], { repellency: 'none' }),
    { ...DIRTY, stains: [{ soil: 'sweat', place: 'collar', set: true }] },
    {},
    (p) => !/oxygen/.test(step(p, 'treat-other')?.text ?? 'oxygen'),
  ),
  // A scuff on the rubber is swabbed though the upper is leather; patent and nap forbid it.
  fact(
    'steps/rubber-solvent',
    PRACTICE,
    item('boot', [comp('upper', 'leather'), comp('outsole', 'rubber')]),
    mark('scuff', 'rim'),
    withSchool('RUBBER', 'solvent'),
    (p) => keys(p).includes('rubber-solvent') && keys(p).includes('mask-edge') && !keys(p).includes('spot-clean'),
  ),
  ...(['patent', 'suede'] as const).map((hide) =>
    fact(
      'blocks/no-acetone-here',
      PRACTICE,
      item('shoe', [comp('upper', hide), comp('outsole', 'rubber')]),
      mark('scuff', 'rim'),
      { ...withSchool('RUBBER', 'solvent'), ...withSupplies('acetone') },
      (p) => !keys(p).includes('rubber-solvent') && p.blocked.some((b) => b.option === 'acetone'),
    ),
  ),
  // Suede has a wet rung, after the dry ones and only if they fail; a scuffed rim is no reason to brush its nap.
  fact(
    'steps/suede-damp',
    PRACTICE,
    suedeShoe,
    mark('grease', 'upper'),
    {},
    (p) => step(p, 'suede-damp')?.when === 'if-failed' && keys(p).indexOf('suede-damp') === keys(p).indexOf('suede-brush') + 1,
  ),
  fact(
    'planTraits/nap-work',
    PRACTICE,
    suedeShoe,
    mark('scuff', 'rim'),
    {},
    (p) => !keys(p).includes('suede-brush') && keys(p).includes('rubber-sponge') && p.verdict.startsWith('Clean the rubber'),
  ),
  fact('planTraits/nap-work', PRACTICE, suedeShoe, { ...CLEAN, soil: 1 }, {}, (p) => keys(p).includes('suede-brush')),
  // The inside, the tongue and the insole are cleaned by themselves.
  fact(
    'steps/clean-inside',
    PRACTICE,
    trainer,
    { soil: 2, odour: 2, stains: [{ soil: 'sweat', place: 'tongue' }] },
    {},
    (p) => /tongue/.test(step(p, 'clean-inside')?.text ?? '') && /insole stays in/.test(step(p, 'clean-inside')?.text ?? ''),
  ),
  fact(
    'planTraits/inside-work',
    PRACTICE,
    trainer,
    mark('sweat', 'insole'),
    {},
    (p) => keys(p).includes('clean-inside') && !keys(p).includes('rubber-sponge') && p.aims.join() === 'spot-clean',
  ),
  // Wherever blood lies, no warm water comes near it.
  fact(
    'traits/bloody',
    PRACTICE,
    item('shoe', [comp('upper', 'cotton-canvas'), comp('outsole', 'rubber')], { colour: white, label: label(60, 'normal') }),
    { soil: 3, odour: 0, stains: [{ soil: 'blood', place: 'rim', set: false }] },
    withSchool('SHOE-HEAT', 'hot'),
    (p) => p.steps.every((s) => (s.settings.tempC ?? 0) <= 20),
  ),
  // Each rung says with what, how much, how long and when to stop.
  fact('stains/grease', PRACTICE, leatherShoe(), mark('grease', 'side'), {}, (p) => {
    const told = step(p, 'treat-hide');
    return (
      /baking soda.*\(8 h\), then the lather of 2 mL of mild soap in 100 mL.*Stop when/.test(told?.text ?? '') &&
      told?.unattendedMin === 480
    );
  }),
  // What is written down of the part goes before the words of its place.
  fact(
    'traits/rubber-marked',
    PRACTICE,
    leatherShoe(),
    { ...CLEAN, soil: 1, stains: [{ soil: 'mud', place: 'left', part: 'outsole' }] },
    {},
    (p) => keys(p).includes('rubber-sponge') && !keys(p).includes('treat-hide'),
  ),

  fact(
    'planTraits/wiped-marks',
    PRACTICE,
    item('base-layer', [comp('face', 'polyester-knit')]),
    mark('scuff', 'front'),
    {},
    (p) => keys(p).includes('spot-clean'),
  ),
  steps(PRACTICE, item('shoe', [comp('upper', 'suede')]), { soil: 2 }, {}, [
    'brush-shoe',
    'suede-brush',
    'suede-damp',
    'clean-inside',
    'shoe-shade',
    'shape-shoes',
    'look-done',
    'store-shoes',
  ]),
];
