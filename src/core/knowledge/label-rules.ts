import type { Bulk, MakerNote, Residue } from '../gear';
import type { Basis } from './condition';
import type { Dimension, LimitValues } from './types';

const ISO: Basis = { basis: 'label', source: 'ISO 3758:2012' };

/** How a care label's words become limits. All are hard. */
export const LABEL_RULES = {
  washMaxC: { id: 'label-wash-temperature', ...ISO },
  action: { id: 'label-wash-action', ...ISO },
  handMaxC: { id: 'label-hand-wash-40', ...ISO, maxC: 40 },
  washNo: { id: 'label-do-not-wash', ...ISO },
  bleach: { id: 'label-bleach', ...ISO },
  tumble: { id: 'label-tumble', ...ISO },
  ironMaxC: { id: 'label-iron', ...ISO },
  drip: { id: 'label-drip', ...ISO },
} as const;

/** Highest air temperature of a dryer under each tumble mark, °C. Source: ISO 3758:2012 (exhaust 60 and 80 °C); without heat from memory. */
export const TUMBLE_MAX_C = { air: 40, low: 60, normal: 80 } as const;
/** Highest sole-plate temperature at one dot, °C. Source: ISO 3758:2012. */
export const ONE_DOT_C = 110;

/** Residues that carry scent. */
export const SCENTED: readonly Residue[] = ['softener', 'perfume', 'powder'];

interface MakerRule {
  readonly about: MakerNote['about'];
  readonly says: MakerNote['says'];
  readonly limits: Partial<LimitValues>;
  readonly hard: boolean;
}

/** What a maker's own note limits. `forbids` is hard, `advises-against` soft. Notes that limit nothing act through facts. */
export const MAKER_RULES: readonly MakerRule[] = [
  { about: 'wash', says: 'forbids', limits: { washMaxC: 0, action: 'surface' }, hard: true },
  { about: 'wash', says: 'advises-against', limits: { action: 'hand' }, hard: false },
  { about: 'machine', says: 'forbids', limits: { action: 'hand' }, hard: true },
  { about: 'machine', says: 'advises-against', limits: { action: 'hand' }, hard: false },
  { about: 'agitator', says: 'forbids', limits: { agitator: 'none' }, hard: true },
  { about: 'agitator', says: 'advises-against', limits: { agitator: 'none' }, hard: false },
  { about: 'tumble', says: 'forbids', limits: { tumble: 'none' }, hard: true },
  { about: 'tumble', says: 'advises-against', limits: { tumble: 'air' }, hard: false },
  { about: 'iron', says: 'forbids', limits: { ironMaxC: 0 }, hard: true },
  { about: 'iron', says: 'advises-against', limits: { ironMaxC: 0 }, hard: false },
  { about: 'softener', says: 'forbids', limits: { softener: 'none' }, hard: true },
  { about: 'softener', says: 'advises-against', limits: { softener: 'none' }, hard: false },
];

/** What a maker who allows something raises a soft limit to, when label and table are silent or stricter. */
export const MAKER_ALLOWS: Partial<Record<MakerNote['about'], Partial<LimitValues>>> = {
  tumble: { tumble: 'low' },
  machine: { action: 'very-mild' },
  iron: { ironMaxC: 110 },
};

/** Smallest drums that a thing of this bulk turns freely in, litres [from memory]. */
export const EQUIPMENT_RULES = {
  minWasherLitres: { small: 0, medium: 30, large: 50 } satisfies Record<Bulk, number>,
  minDryerLitres: { small: 0, medium: 60, large: 100 } satisfies Record<Bulk, number>,
} as const;

/** The dimensions a label has words for, so that an explicit label may raise a soft limit. */
export const LABEL_DIMENSIONS: readonly Dimension[] = ['washMaxC', 'action', 'tumble', 'bleach', 'ironMaxC'];
