import type { DRY_STEPS } from './steps/dry';
import type { FINISH_STEPS } from './steps/finish';
import type { PREPARE_STEPS } from './steps/prepare';
import type { PRETREAT_STEPS } from './steps/pretreat';
import type { WASH_STEPS } from './steps/wash';
import type { LookRecord, WayRecord } from './types';

/** Steps that a look may stand at or a remedy may consist of. A purge is no template; its look is `purge-look`. */
type StepKey =
  | (typeof DRY_STEPS | typeof FINISH_STEPS | typeof PREPARE_STEPS | typeof PRETREAT_STEPS | typeof WASH_STEPS)[number]['id']
  | 'purge-look';

const WARM = ['reheat-tumble', 'reheat-iron', 'reheat-hair-dryer', 'reheat-radiator'] as const;
const WARM_AGAIN = ['heat-tumble', 'heat-iron', 'heat-hair-dryer', 'heat-radiator'] as const;
const COAT = ['spray-if-failed', 'wash-in-if-failed'] as const;
const COAT_AGAIN = ['spray-now', 'spray-down-now', 'wash-in-now'] as const;
const HUNG = [
  'line-insulated',
  'line-dry',
  'dry-moving-air',
  'dry-flat',
  'dry-indoors',
  'dry-fan',
  'dry-drip',
  'tumble-low',
  'dry-radiator',
  'tumble-finish',
] as const;
/** After a spray, before heat. */
const DRY_COAT = ['dry-sprayed'] as const;

/** What is done when a look has failed too often. Each belongs to looks that name it. */
export const WAYS = [
  { id: 'once-more', does: 'again' },
  { id: 'longer', does: 'again' },
  { id: 'rung-up', does: 'again' },
  { id: 'soak-plain', does: 'again' },
  { id: 'airier', does: 'again', needs: 'air' },
  { id: 'bigger-dryer', does: 'elsewhere', needs: 'dryer' },
  { id: 'launderette', does: 'moves' },
  {
    id: 'this-zone',
    does: 'again',
    remedy: [COAT, DRY_COAT, [...WARM, ...WARM_AGAIN]],
  },
  { id: 'wash-again', does: 'wash' },
  { id: 'to-the-wash', does: 'later' },
  { id: 'wash-next', does: 'leave' },
  { id: 'specialist', does: 'leave' },
  { id: 'leave-marks', does: 'leave' },
  { id: 'leave-suds', does: 'leave' },
  { id: 'leave-damp', does: 'leave' },
  { id: 'leave-drops', does: 'leave' },
  { id: 'leave-flat', does: 'leave' },
  { id: 'leave-smell', does: 'leave' },
  { id: 'leave-seen', does: 'leave' },
  { id: 'leave-machine', does: 'leave' },
  { id: 'leave-leak', does: 'leave' },
  { id: 'leave-flask', does: 'leave' },
  { id: 'leave-tight', does: 'leave' },
] as const satisfies readonly WayRecord[];

/**
 * Every look of the work: what is done before the same look is taken again, how often, why it may fail, and the ways out then
 * [common practice, no source; numbers of tries from memory].
 */
export const LOOKS = [
  {
    id: 'fit',
    at: ['check-dryer-fit'],
    tries: 1,
    causes: [],
    ways: ['launderette', 'leave-tight'],
  },
  {
    id: 'leak',
    at: ['check-leak'],
    tries: 2,
    remedies: [[['leak-route']]],
    causes: [],
    ways: ['specialist', 'leave-leak'],
  },
  {
    id: 'treated',
    at: ['treat-blood', 'treat-grease', 'treat-sweat-yellow', 'treat-other', 'treat-hide', 'spot-clean'],
    tries: 3,
    causes: ['mark-set', 'mark-deep', 'wrong-agent'],
    ways: ['to-the-wash', 'rung-up', 'specialist', 'leave-marks'],
  },
  {
    id: 'flask',
    at: ['treat-flask-mould'],
    tries: 2,
    causes: ['mark-set'],
    ways: ['leave-flask'],
  },
  {
    id: 'nap',
    at: ['suede-brush'],
    tries: 2,
    remedies: [[['suede-damp']]],
    causes: ['mark-set', 'mark-deep'],
    ways: ['specialist', 'leave-marks'],
  },
  {
    id: 'rubber',
    at: ['rubber-sponge', 'rubber-paste', 'rubber-brush', 'rubber-solvent', 'peroxide-rubber'],
    tries: 2,
    causes: ['mark-set', 'mark-deep', 'wrong-agent'],
    ways: ['rung-up', 'specialist', 'leave-marks'],
  },
  {
    id: 'marks',
    at: ['look-wet'],
    covers: ['treated', 'rubber', 'nap'],
    tries: 2,
    remedies: [[['treat-again'], ['rinse-treated']]],
    causes: ['mark-set', 'mark-dye', 'wrong-agent'],
    ways: ['rung-up', 'wash-again', 'specialist', 'leave-marks'],
  },
  {
    id: 'suds',
    at: ['rinse-machine', 'rinse-second-cycle', 'rinse-bath'],
    tries: 'twice-counted',
    causes: ['too-much-cleaner', 'old-residue', 'thick-fill'],
    ways: ['soak-plain', 'once-more', 'leave-suds'],
  },
  {
    id: 'drawn-out',
    at: ['wash-extract'],
    tries: 4,
    causes: ['deep-soil', 'too-much-cleaner'],
    ways: ['once-more', 'specialist', 'leave-seen'],
  },
  {
    id: 'dry',
    at: [
      'tumble-down',
      'tumble-last',
      ...HUNG,
      'dry-pitched',
      'shoe-shade',
      'shoe-sun',
      'shoe-rack',
      'air-damp-down',
      'air-damp',
      'air-shelter',
      'air-shoe',
    ],
    tries: 'rounds-and-two',
    causes: ['room-humid', 'overfull', 'thick-core'],
    ways: ['longer', 'bigger-dryer', 'airier', 'leave-damp'],
  },
  {
    id: 'weighed',
    at: ['weigh-loft'],
    covers: ['dry'],
    tries: 4,
    remedies: [[['dry-again', ...HUNG]]],
    causes: ['thick-core', 'overfull', 'weight-unsure'],
    ways: ['once-more', 'bigger-dryer', 'leave-damp'],
  },
  {
    id: 'drops',
    at: ['droplet-test', 'retest'],
    tries: 3,
    remedies: [[COAT, DRY_COAT, WARM], [COAT, DRY_COAT, WARM], [WARM_AGAIN]],
    // What was coated a moment ago is warmed once more before it is coated again.
    ifDone: { any: COAT_AGAIN, remedies: [[WARM_AGAIN], [COAT, DRY_COAT, WARM]] },
    causes: ['residue-in-face', 'not-warm', 'thin-coat', 'worn-face'],
    ways: ['this-zone', 'wash-again', 'specialist', 'leave-drops'],
  },
  {
    id: 'loft',
    at: ['fluff', 'fluff-by-hand'],
    tries: 3,
    causes: ['oils', 'damp-core', 'lost-fill'],
    ways: ['longer', 'wash-next', 'specialist', 'leave-flat'],
  },
  {
    id: 'smell',
    at: ['air-out', 'powder-inside', 'deodorise-inside'],
    tries: 3,
    causes: ['oils', 'damp-core'],
    ways: ['longer', 'wash-next', 'leave-smell'],
  },
  {
    id: 'whole',
    at: ['look-done'],
    covers: ['treated', 'marks', 'rubber', 'nap'],
    tries: 1,
    causes: [],
    ways: ['wash-again', 'specialist', 'leave-seen'],
  },
  {
    id: 'machine',
    at: ['purge-look'],
    tries: 3,
    remedies: [[['purge-hot']]],
    causes: ['old-residue', 'too-much-cleaner'],
    ways: ['once-more', 'leave-machine'],
  },
] as const satisfies readonly (LookRecord & { readonly at: readonly StepKey[] })[];

export type LookId = (typeof LOOKS)[number]['id'];
export type WayId = (typeof WAYS)[number]['id'];
export type CauseId = (typeof LOOKS)[number]['causes'][number];
