import { canvas, CLEAN, comp, down, downBag, item, label, shell, warmShell, withEquipment, withSchool, withSupplies } from '../../make';
import { type Fact, PRACTICE, steps } from './fact';

/* What is done for each construction, in order. Common practice, no source. */
const residue = withEquipment({ washers: [{ id: 'w1', kind: 'front-loader', drumLitres: 58, lastLoads: ['softener'] }] });
const tubOnly = withEquipment({ washers: [{ id: 't1', kind: 'tub' }] });
const noDryer = withEquipment({ dryers: [] });
const leather = item('boot', [comp('upper', 'leather'), comp('outsole', 'rubber')], { fittings: ['laces', 'removable-studs'] });
const suede = item('shoe', [comp('upper', 'suede')]);
const tent = item('tent', [comp('face', 'polyester-woven'), comp('coating', 'pu-coating')], { repellency: 'none' });
const cloth = item('cloth', [comp('face', 'split-microfibre')], { jobClass: 'paint' });
const pile = item('costume-body', [comp('pile', 'acrylic-pile'), comp('backing', 'polyester-knit')]);
const head = item('costume-head', [comp('foam', 'pu-foam'), comp('pile', 'acrylic-pile')], { fittings: ['eyes', 'electronics'] });
const layer = item('base-layer', [comp('face', 'polyester-knit')], { repellency: 'none', colour: { class: 'white', bleed: 'unknown' } });

export const STEP_FACTS: readonly Fact[] = [
  steps(PRACTICE, item('helmet', [comp('foam', 'pu-foam')]), { soil: 2 }, {}, ['refer-life-safety']),
  steps(PRACTICE, down({ label: { wash: { allowed: false }, professional: 'P' } }), { soil: 2 }, {}, ['refer-professional']),
  steps(PRACTICE, downBag(), { soil: 2 }, withEquipment({ washers: [] }), ['refer-no-place']),
  steps(PRACTICE, down({ label: label(30, 'mild', { tumble: 'none' }) }), { soil: 2 }, {}, ['refer-down-dryer']),
  steps(PRACTICE, item('hat', [comp('face', 'polyester-woven'), comp('fill', 'polyester-fill'), comp('trim', 'fur', { removable: false })]), { soil: 2 }, {}, ['refer-furrier']),
  steps(PRACTICE, down(), { ...CLEAN, damage: [{ kind: 'seam' }, { kind: 'feather' }, { kind: 'zip' }] }, {}, ['mend-hole', 'feather-in', 'mend-part']),
  steps(PRACTICE, shell(), { ...CLEAN, damage: [{ kind: 'leak' }] }, {}, ['repair-route']),
  steps(PRACTICE, down({ fittings: ['zip', 'fur-trim'], repellency: 'none', makerSays: [{ about: 'tie-baffles', says: 'requires' }] }), { soil: 2, clumped: true, soils: ['body-oil'] }, residue, [
    'check-dryer-fit', 'purge-machine', 'weigh-dry', 'empty-pockets', 'close-up', 'fur-off', 'tie-baffles', 'inside-out', 'treat-oil-down', 'wash-down-machine', 'rinse-machine', 'lift-wet', 'tumble-down', 'hang-after', 'even-fill', 'weigh-loft', 'dry-again', 'store-loose',
  ]),
  steps(PRACTICE, downBag({ fittings: [] }), { soil: 2 }, tubOnly, ['check-dryer-fit', 'scrub-tub', 'weigh-dry', 'inside-out', 'wash-tub', 'rinse-bath', 'press-out', 'lift-wet', 'tumble-down', 'hang-after', 'even-fill', 'weigh-loft', 'dry-again', 'store-loose']),
  steps(PRACTICE, down({ fittings: [] }), { soil: 2 }, withSchool('DOWN-RINSE', 'second-cycle'), ['check-dryer-fit', 'wipe-drawer', 'weigh-dry', 'empty-pockets', 'inside-out', 'wash-down-machine', 'rinse-second-cycle', 'lift-wet', 'tumble-down', 'hang-after', 'weigh-loft', 'dry-again', 'store-loose']),
  steps(PRACTICE, down(), { ...CLEAN, loftRatio: 0.9 }, {}, ['fluff', 'measure-loft', 'store-loose']),
  steps(PRACTICE, down(), { ...CLEAN, loftRatio: 0.9 }, noDryer, ['fluff-by-hand', 'measure-loft', 'store-loose']),
  steps(PRACTICE, down(), { ...CLEAN, damp: true }, {}, ['air-damp-down', 'store-loose']),
  steps(PRACTICE, down(), { ...CLEAN, damp: true }, noDryer, ['air-damp', 'store-loose']),
  steps(PRACTICE, shell({ fittings: [] }), { soil: 2, soils: ['sweat'] }, {}, ['wipe-drawer', 'empty-pockets', 'treat-collar-shell', 'wash-shell-machine', 'line-dry', 'heat-tumble', 'droplet-test', 'spray-if-failed', 'reheat-tumble', 'retest', 'look-done', 'store-hung']),
  steps(PRACTICE, shell(), { ...CLEAN, droplet: { back: 2 } }, {}, ['heat-tumble', 'droplet-test', 'spray-if-failed', 'reheat-tumble', 'retest', 'store-hung']),
  steps(PRACTICE, shell(), { ...CLEAN, droplet: { back: 2 } }, withSchool('PROOF-METHOD', 'wash-in'), ['heat-tumble', 'droplet-test', 'wash-in-if-failed', 'reheat-tumble', 'retest', 'store-hung']),
  steps(PRACTICE, shell({ fittings: [] }), { soil: 2 }, withSchool('PROOF-METHOD', 'wash-in'), ['wipe-drawer', 'empty-pockets', 'wash-shell-machine', 'line-dry', 'heat-tumble', 'droplet-test', 'wash-in-if-failed', 'reheat-tumble', 'retest', 'look-done', 'store-hung']),
  steps(PRACTICE, shell({ fittings: [] }), { soil: 4, droplet: { back: 0 } }, {}, ['wipe-drawer', 'empty-pockets', 'wash-shell-machine', 'spray-now', 'line-dry', 'heat-tumble', 'droplet-test', 'look-done', 'store-hung']),
  steps(PRACTICE, shell({ fittings: [] }), { soil: 4, droplet: { back: 0 } }, withSchool('PROOF-METHOD', 'wash-in'), ['wipe-drawer', 'empty-pockets', 'wash-shell-machine', 'wash-in-now', 'line-dry', 'heat-tumble', 'droplet-test', 'look-done', 'store-hung']),
  steps(PRACTICE, shell({ label: label(40, 'mild', { ironMaxC: 110, tumble: 'none' }) }), { ...CLEAN, droplet: { hood: 3 } }, {}, ['heat-iron', 'droplet-test', 'store-hung']),
  steps(PRACTICE, shell({ label: label(40, 'mild', { ironMaxC: 110, tumble: 'none' }) }), { ...CLEAN, droplet: { hood: 1 } }, {}, ['heat-iron', 'droplet-test', 'spray-if-failed', 'reheat-iron', 'retest', 'store-hung']),
  steps(PRACTICE, shell({ label: null }), { ...CLEAN, droplet: { hood: 1 } }, {}, ['heat-hair-dryer', 'droplet-test', 'spray-if-failed', 'reheat-hair-dryer', 'retest', 'store-hung']),
  steps(PRACTICE, shell(), { ...CLEAN, droplet: { hood: 1 } }, withSchool('PROOF-HEAT', 'radiator'), ['heat-radiator', 'droplet-test', 'spray-if-failed', 'reheat-radiator', 'retest', 'store-hung']),
  steps(PRACTICE, warmShell({ fittings: [] }), { soil: 2 }, {}, ['wipe-drawer', 'weigh-dry', 'empty-pockets', 'inside-out', 'wash-shell-machine', 'line-insulated', 'heat-hair-dryer', 'droplet-test', 'spray-if-failed', 'reheat-hair-dryer', 'retest', 'weigh-loft', 'store-loose']),
  steps(PRACTICE, canvas(), { soil: 3, soils: ['mud'] }, {}, ['laces-out', 'insole-wipe', 'knock-off-mud', 'bag-shoes', 'rubber-sponge', 'soak-canvas', 'wash-shoe-machine', 'shoe-shade', 'shape-shoes', 'look-done', 'store-shoes']),
  steps(PRACTICE, canvas(), { soil: 3 }, { preferences: { schools: { 'SHOE-HEAT': 'hot', LACES: 'out-by-hand', INSOLE: 'soak', RUBBER: 'paste', 'SHOE-DRY': 'sun' } } }, ['laces-by-hand', 'insole-soak', 'brush-shoe', 'bag-shoes', 'rubber-paste', 'soak-canvas-hot', 'wash-shoe-hot', 'shoe-sun', 'shape-shoes', 'look-done', 'store-shoes']),
  steps(PRACTICE, canvas({ fittings: [], components: [comp('upper', 'cotton-canvas'), comp('outsole', 'rubber'), comp('trim', 'suede')] }), { soil: 2 }, { preferences: { schools: { RUBBER: 'stiff-brush', 'SHOE-DRY': 'rack' } } }, ['scrub-tub', 'brush-shoe', 'keep-crest-dry', 'rubber-brush', 'wash-hand-shoe', 'rinse-bath', 'squeeze', 'shoe-rack', 'shape-shoes', 'look-done', 'store-shoes']),
  steps(PRACTICE, canvas(), { soil: 1, soils: ['yellowing'] }, { ...withSupplies('peroxide-cream'), ...withSchool('RUBBER', 'solvent') }, ['rubber-solvent', 'peroxide-rubber', 'spot-clean']),
  steps(PRACTICE, canvas(), { ...CLEAN, damp: true }, {}, ['air-shoe', 'store-shoes']),
  steps(PRACTICE, leather, { soil: 2 }, {}, ['studs-out', 'laces-out', 'brush-shoe', 'rubber-sponge', 'wash-surface', 'shoe-shade', 'condition-hide', 'shape-shoes', 'look-done', 'store-shoes']),
  steps(PRACTICE, suede, { soil: 2 }, {}, ['brush-shoe', 'suede-brush', 'shoe-shade', 'shape-shoes', 'look-done', 'store-shoes']),
  steps(PRACTICE, tent, { ...CLEAN, damp: true }, {}, ['air-shelter', 'store-tent']),
  steps(PRACTICE, tent, { soil: 2, soils: ['mould'] }, {}, ['scrub-tub', 'sweep-shelter', 'treat-mould', 'wash-shelter', 'rinse-bath', 'dry-pitched', 'look-done', 'store-tent']),
  steps(PRACTICE, cloth, { soil: 1 }, {}, ['wipe-drawer', 'bag-small', 'wash-machine', 'dry-indoors', 'look-done', 'store-cloths']),
  steps(PRACTICE, cloth, { soil: 2, soils: ['grease'], stains: [{ soil: 'grease', set: true }] }, withSchool('CLOTH-VINEGAR', 'yes'), ['wipe-drawer', 'bag-small', 'spot-test', 'treat-grease', 'wash-machine', 'vinegar-rinse', 'look-wet', 'treat-again', 'dry-indoors', 'look-done', 'downgrade', 'store-cloths']),
  steps(PRACTICE, cloth, { soil: 1 }, withSchool('CLOTH-DRY', 'low-tumble'), ['wipe-drawer', 'bag-small', 'wash-machine', 'tumble-low', 'look-done', 'store-cloths']),
  steps(PRACTICE, pile, { soil: 2 }, {}, ['inside-out', 'wash-machine', 'rinse-machine', 'brush-pile', 'dry-moving-air', 'look-done', 'store-other']),
  steps(PRACTICE, head, { soil: 2 }, {}, ['electronics-out', 'cover-eyes', 'wash-extract', 'brush-pile', 'dry-moving-air', 'look-done', 'store-other']),
  steps(PRACTICE, item('jersey', [comp('face', 'polyester-knit'), comp('print', 'heat-press-print')]), { soil: 1 }, {}, ['scrub-tub', 'inside-out', 'wash-hand', 'rinse-bath', 'squeeze', 'dry-fan', 'look-done', 'store-hung']),
  steps(PRACTICE, item('base-layer', [comp('face', 'merino')]), { soil: 2 }, {}, ['wipe-drawer', 'wash-machine', 'dry-flat', 'look-done', 'store-folded']),
  steps(PRACTICE, item('base-layer', [comp('face', 'merino')]), { soil: 0, odour: 1 }, {}, ['air-out', 'store-folded']),
  steps(PRACTICE, item('running-vest', [comp('mesh', 'elastane-mesh')], { fittings: ['zip', 'removable-padding'] }), { soil: 2, soils: ['food-sugar'] }, {}, ['scrub-tub', 'empty-pockets', 'close-up', 'padding-out', 'treat-sugar', 'wash-water-only', 'squeeze', 'dry-drip', 'look-done', 'store-other']),
  steps(PRACTICE, item('soft-flask', [comp('shell', 'tpu')]), { soil: 1 }, {}, ['rinse-off', 'dry-drip', 'store-flask']),
  steps(PRACTICE, layer, { ...CLEAN, soil: 2, stains: [{ soil: 'yellowing', set: true }] }, {}, ['spot-test', 'treat-sweat-yellow', 'treat-other', 'wash-machine', 'look-wet', 'treat-again', 'line-dry', 'look-done', 'store-hung']),
  steps(PRACTICE, layer, { soil: 1, odour: 0, soils: ['blood'] }, {}, ['treat-blood']),
  steps(PRACTICE, down(), { soil: 1, odour: 0, soils: ['salt-line'] }, {}, ['wipe-salt']),
  steps(PRACTICE, item('jacket', [comp('face', 'polyester-woven')], { marks: ['scent-critical'], fittings: [], repellency: 'none' }), { soil: 2 }, withSupplies('unscented-cleaner'), ['purge-scent', 'empty-pockets', 'wash-machine', 'line-dry', 'look-done', 'store-sealed']),
];
