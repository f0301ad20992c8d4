import { CLEAN, comp, down, item, shell, warmShell, withSchool } from '../../make';
import { DOWN_WASHED, type Fact, PRACTICE, steps } from './fact';

/* How a finish is warmed and renewed, and how cloths are dried, by choice: what is done, in order. Common practice, no source. */
const tent = item('tent', [comp('face', 'polyester-woven'), comp('coating', 'pu-coating')], { repellency: 'none' });
const cloth = item('cloth', [comp('face', 'split-microfibre')], { jobClass: 'paint' });

const WASHED = ['wipe-drawer', 'empty-pockets', 'wash-shell-machine'] as const;
const AWAY = ['look-done', 'store-hung'] as const;
/** Behind drops that soak in: a coat, dried, warmed where there is heat, and the same drops. */
const coatedIfFailed = (...heat: readonly string[]): readonly string[] => ['spray-if-failed', 'dry-sprayed', ...heat, 'retest'];

export const RENEWAL_FACTS: readonly Fact[] = [
  // A finish known to be dead is renewed while damp: the spray stands before any drying, and one drying serves both.
  steps(PRACTICE, shell({ fittings: [] }), { soil: 2, droplet: { back: 1 } }, withSchool('PROOF-WHEN', 'while-damp'), [
    ...WASHED,
    'spray-now',
    'line-dry',
    'heat-tumble',
    'droplet-test',
    ...coatedIfFailed('reheat-tumble'),
    ...AWAY,
  ]),
  // Tumbled dry on the warmest setting it bears, with looks, instead of hours on the line; warmed when it is dry.
  steps(PRACTICE, shell({ fittings: [] }), { soil: 2, droplet: { back: 4 } }, withSchool('PROOF-HEAT', 'tumble'), [
    ...WASHED,
    'tumble-finish',
    'heat-tumble',
    'droplet-test',
    ...coatedIfFailed('reheat-tumble'),
    ...AWAY,
  ]),
  // Warming declined: dried in the air, and tested all the same.
  steps(PRACTICE, shell({ fittings: [] }), { soil: 2, droplet: { back: 4 } }, withSchool('PROOF-HEAT', 'none'), [
    ...WASHED,
    'line-dry',
    'droplet-test',
    ...coatedIfFailed(),
    ...AWAY,
  ]),
  // Cloths over a warm radiator.
  steps(PRACTICE, cloth, { soil: 1 }, withSchool('CLOTH-DRY', 'radiator'), [
    'wipe-drawer',
    'bag-small',
    'wash-machine',
    'rinse-machine',
    'dry-radiator',
    'look-done',
    'store-cloths',
  ]),
  // Turned inside out for the wash, and back before its face is sprayed.
  steps(PRACTICE, warmShell({ fittings: [] }), { soil: 2, droplet: { back: 1 } }, withSchool('PROOF-WHEN', 'while-damp'), [
    'wipe-drawer',
    'weigh-dry',
    'empty-pockets',
    'inside-out',
    'wash-shell-machine',
    'turn-back',
    'spray-now',
    'line-insulated',
    'weigh-loft',
    'heat-hair-dryer',
    'droplet-test',
    'spray-if-failed',
    'dry-sprayed',
    'reheat-hair-dryer',
    'retest',
    'measure-loft',
    'look-done',
    'store-loose',
  ]),
  // Glue and coating bear no heat: a finish on them is sprayed and tested.
  steps(PRACTICE, item('boot', [comp('upper', 'leather')], { repellency: 'finish' }), { ...CLEAN, droplet: { body: 1 } }, {}, [
    'spray-now',
    'dry-sprayed-now',
    'droplet-test',
    'spray-if-failed',
    'dry-sprayed',
    'retest',
    'store-shoes',
  ]),
  steps(PRACTICE, { ...tent, repellency: 'finish' }, { soil: 2 }, {}, [
    'scrub-tub',
    'sweep-shelter',
    'wash-shelter',
    'rinse-bath',
    'dry-pitched',
    'droplet-test',
    'spray-if-failed',
    'dry-sprayed',
    'retest',
    'look-done',
    'store-tent',
  ]),
  // Down whose finish is dead: sprayed while damp, tumbled on, warmed when its weight is back.
  steps(PRACTICE, down({ repellency: 'finish', fittings: [] }), { soil: 4, droplet: { back: 1 } }, {}, [
    ...DOWN_WASHED,
    'rinse-machine',
    'lift-wet',
    'tumble-down',
    'turn-back-down',
    'spray-down-now',
    'tumble-last',
    'hang-after',
    'weigh-loft',
    'dry-again',
    'heat-tumble',
    'droplet-test',
    ...coatedIfFailed('reheat-tumble'),
    'measure-loft',
    'look-done',
    'store-loose',
  ]),
];
