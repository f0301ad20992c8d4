import type { UpkeepTask } from '../gear';
import type { HardnessClass } from '../units';
import type { Basis } from './condition';

const P = { basis: 'practice' } as const;
const M = { basis: 'memory' } as const;

/** What keeps a machine fit, how often in days, and which machines it is for. null = at every load, or a habit without a day. */
export interface UpkeepRecord extends Basis {
  readonly id: UpkeepTask;
  readonly for: readonly string[];
  readonly everyDays: number | null | Readonly<Record<HardnessClass, number>>;
}
/** How long an empty hot cycle serves. */
export const HOT_EMPTY_DAYS = 30;
const DRUMS = ['front-loader', 'agitator', 'impeller'] as const;

/** Common practice: empty hot cycle monthly, descale every three to four months, sooner in hard water, lint at each load, door ajar. */
export const UPKEEP: readonly UpkeepRecord[] = [
  { id: 'hot-empty', ...P, for: DRUMS, everyDays: HOT_EMPTY_DAYS },
  { id: 'descale', ...P, for: DRUMS, everyDays: { soft: 180, 'moderately hard': 120, hard: 90, 'very hard': 60 } },
  { id: 'drawer', ...M, for: DRUMS, everyDays: 30 },
  { id: 'door', ...P, for: DRUMS, everyDays: null },
  { id: 'lint', ...P, for: ['vented', 'condenser', 'heat-pump', 'commercial'], everyDays: null },
  { id: 'filter', ...M, for: ['condenser', 'heat-pump'], everyDays: 60 },
];
