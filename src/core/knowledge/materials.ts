import type { Kind } from '../gear';
import type { Basis } from './condition';
import type { FittingRow, LimitValues, MaterialRow } from './types';

/*
 * Conservative defaults for what each material can stand. All values are from memory (sound practice, no single source) unless the row
 * names a standard. `hard` limits are never passed by a school or a wish.
 */

const SHELTERS: readonly Kind[] = ['tent', 'tarp', 'footprint'];
const SHOES: readonly Kind[] = ['shoe', 'boot', 'studded-boot'];
const ISO_TUMBLE: Basis = { basis: 'standard', source: 'ISO 3758:2012' };

const synthetic: Partial<LimitValues> = {
  washMaxC: 40,
  action: 'normal',
  spinMaxRpm: 1000,
  tumble: 'low',
  bleach: 'oxygen',
  enzymes: 'ok',
  soakMaxMin: 120,
  ironMaxC: 110,
  softener: 'ok',
};
const upper: Partial<LimitValues> = {
  washMaxC: 30,
  action: 'mild',
  spinMaxRpm: 600,
  tumble: 'none',
  bleach: 'oxygen',
  enzymes: 'ok',
  softener: 'none',
  soakMaxMin: 120,
  ironMaxC: 0,
};
const wool: Partial<LimitValues> = {
  washMaxC: 30,
  action: 'very-mild',
  spinMaxRpm: 600,
  tumble: 'none',
  bleach: 'none',
  enzymes: 'none',
  softener: 'sparing',
  soakMaxMin: 15,
  ironMaxC: 110,
};
const cotton: Partial<LimitValues> = {
  washMaxC: 60,
  action: 'normal',
  spinMaxRpm: 1400,
  tumble: 'normal',
  bleach: 'oxygen',
  enzymes: 'ok',
  softener: 'ok',
  soakMaxMin: 720,
  ironMaxC: 200,
};
const canvasShoe: Partial<LimitValues> = { ...upper, soakMaxMin: 720 };
const trim: Partial<LimitValues> = { washMaxC: 40, action: 'mild', tumble: 'none', bleach: 'none', ironMaxC: 0 };
const membrane: Partial<LimitValues> = {
  washMaxC: 40,
  action: 'mild',
  spinMaxRpm: 800,
  tumble: 'none',
  bleach: 'none',
  enzymes: 'non-bio',
  softener: 'none',
  soakMaxMin: 30,
  ironMaxC: 0,
};
const tentCloth: Partial<LimitValues> = {
  washMaxC: 30,
  action: 'hand',
  spinMaxRpm: 0,
  tumble: 'none',
  bleach: 'none',
  enzymes: 'none',
  softener: 'none',
  soakMaxMin: 30,
  ironMaxC: 0,
};
const hide: Partial<LimitValues> = {
  washMaxC: 0,
  action: 'surface',
  spinMaxRpm: 0,
  tumble: 'none',
  bleach: 'none',
  softener: 'none',
  soakMaxMin: 0,
  ironMaxC: 0,
};
/** A hide crest or trim that stays on: no machine, the bath may not reach it, the rest may be washed by hand. */
const hideTrim: Partial<LimitValues> = { action: 'hand', tumble: 'none', soakMaxMin: 0, bleach: 'none', ironMaxC: 0 };
const foam: Partial<LimitValues> = {
  washMaxC: 30,
  action: 'hand',
  spinMaxRpm: 0,
  tumble: 'none',
  bleach: 'none',
  enzymes: 'ok',
  softener: 'none',
  soakMaxMin: 30,
  ironMaxC: 0,
};
const flask: Partial<LimitValues> = { washMaxC: 40, action: 'hand', spinMaxRpm: 0, tumble: 'none', bleach: 'none', ironMaxC: 0 };

const hideHard = ['washMaxC', 'action', 'tumble'] as const;
const hideLabel: Partial<LimitValues> = { washMaxC: 30, action: 'very-mild' };

export const MATERIAL_ROWS = [
  {
    id: 'down',
    material: 'down',
    limits: {
      washMaxC: 40,
      action: 'very-mild',
      spinMaxRpm: 600,
      tumble: 'low',
      bleach: 'none',
      enzymes: 'none',
      softener: 'none',
      soakMaxMin: 60,
      ironMaxC: 0,
      agitator: 'none',
    },
    hard: ['action', 'tumble', 'bleach', 'enzymes', 'softener', 'agitator'],
    labelRaises: { tumble: 'normal' },
    basis: { tumble: ISO_TUMBLE },
  },
  {
    id: 'polyester-fill',
    material: 'polyester-fill',
    limits: {
      washMaxC: 40,
      action: 'mild',
      spinMaxRpm: 800,
      tumble: 'low',
      bleach: 'none',
      enzymes: 'ok',
      softener: 'none',
      soakMaxMin: 60,
      ironMaxC: 0,
      agitator: 'none',
    },
  },
  { id: 'membrane', material: 'membrane', limits: membrane, hard: ['softener'] },
  { id: 'coating-garment', material: 'pu-coating', limits: membrane, hard: ['softener'] },
  { id: 'tpu-membrane', material: 'tpu', parts: ['membrane', 'coating'], limits: membrane, hard: ['softener'] },
  { id: 'silicone-garment', material: 'silicone-coating', limits: membrane, hard: ['softener'] },
  { id: 'coating-shelter', material: 'pu-coating', kinds: SHELTERS, limits: tentCloth, hard: ['action', 'tumble', 'softener'] },
  {
    id: 'silicone-shelter',
    material: 'silicone-coating',
    kinds: SHELTERS,
    limits: tentCloth,
    hard: ['action', 'tumble', 'softener'],
  },
  { id: 'polyester-woven', material: 'polyester-woven', limits: synthetic },
  { id: 'polyester-knit', material: 'polyester-knit', limits: synthetic },
  { id: 'polyester-mesh', material: 'polyester-mesh', limits: synthetic },
  { id: 'polyamide-woven', material: 'polyamide-woven', limits: synthetic },
  { id: 'polyamide-knit', material: 'polyamide-knit', limits: synthetic },
  { id: 'merino', material: 'merino', limits: wool, hard: ['enzymes'] },
  { id: 'wool', material: 'wool', limits: wool, hard: ['enzymes'] },
  {
    id: 'silk',
    material: 'merino',
    fabric: 'silk',
    limits: { ...wool, action: 'hand', spinMaxRpm: 400, soakMaxMin: 10 },
    hard: ['enzymes'],
  },
  { id: 'cotton', material: 'cotton', limits: cotton },
  { id: 'linen', material: 'cotton', fabric: 'linen', limits: { ...cotton, spinMaxRpm: 800, tumble: 'low' } },
  {
    id: 'denim',
    material: 'cotton',
    fabric: 'denim',
    limits: { ...cotton, washMaxC: 40, spinMaxRpm: 1000, tumble: 'low', bleach: 'none', soakMaxMin: 60 },
  },
  {
    id: 'cotton-knit',
    material: 'cotton',
    fabric: 'cotton-knit',
    limits: { ...cotton, washMaxC: 40, action: 'mild', spinMaxRpm: 1000, tumble: 'low', ironMaxC: 150 },
  },
  { id: 'canvas', material: 'cotton-canvas', limits: cotton },
  { id: 'cotton-white', material: 'cotton', colours: ['white'], limits: { ...cotton, bleach: 'any' } },
  { id: 'canvas-white', material: 'cotton-canvas', colours: ['white'], limits: { ...cotton, bleach: 'any' } },
  { id: 'canvas-shoe', material: 'cotton-canvas', kinds: SHOES, limits: canvasShoe },
  { id: 'cotton-upper', material: 'cotton', kinds: SHOES, parts: ['upper'], limits: canvasShoe },
  { id: 'upper-polyester-knit', material: 'polyester-knit', parts: ['upper'], limits: upper, hard: ['tumble'] },
  { id: 'upper-polyester-mesh', material: 'polyester-mesh', parts: ['upper'], limits: upper, hard: ['tumble'] },
  { id: 'upper-polyester-woven', material: 'polyester-woven', parts: ['upper'], limits: upper, hard: ['tumble'] },
  { id: 'upper-polyamide-woven', material: 'polyamide-woven', parts: ['upper'], limits: upper, hard: ['tumble'] },
  { id: 'upper-polyamide-knit', material: 'polyamide-knit', parts: ['upper'], limits: upper, hard: ['tumble'] },
  { id: 'eva-foam', material: 'eva-foam', limits: foam, hard: ['tumble'] },
  { id: 'pu-foam', material: 'pu-foam', limits: foam, hard: ['tumble'] },
  // Bonded midsoles and foams follow the upper's row.
  { id: 'eva-midsole', material: 'eva-foam', parts: ['midsole'], limits: upper, hard: ['tumble'] },
  { id: 'pu-midsole', material: 'pu-foam', parts: ['midsole'], limits: upper, hard: ['tumble'] },
  { id: 'eva-bonded', material: 'eva-foam', bonded: true, limits: upper, hard: ['tumble'] },
  { id: 'pu-bonded', material: 'pu-foam', bonded: true, limits: upper, hard: ['tumble'] },
  {
    id: 'eva-in-shoe',
    material: 'eva-foam',
    kinds: SHOES,
    parts: ['foam', 'lining', 'outsole'],
    limits: upper,
    hard: ['tumble'],
  },
  { id: 'pu-in-shoe', material: 'pu-foam', kinds: SHOES, parts: ['foam', 'lining', 'outsole'], limits: upper, hard: ['tumble'] },
  { id: 'leather', material: 'leather', limits: hide, hard: hideHard, labelRaises: hideLabel },
  { id: 'suede', material: 'suede', limits: hide, hard: hideHard },
  { id: 'nubuck', material: 'nubuck', limits: hide, hard: hideHard },
  { id: 'patent', material: 'patent', limits: hide, hard: hideHard },
  {
    id: 'leather-trim',
    material: 'leather',
    parts: ['crest', 'trim'],
    limits: hideTrim,
    hard: ['action', 'tumble'],
    partScope: ['soakMaxMin', 'bleach', 'ironMaxC'],
  },
  {
    id: 'suede-trim',
    material: 'suede',
    parts: ['crest', 'trim'],
    limits: hideTrim,
    hard: ['action', 'tumble'],
    partScope: ['soakMaxMin', 'bleach', 'ironMaxC'],
  },
  {
    id: 'nubuck-trim',
    material: 'nubuck',
    parts: ['crest', 'trim'],
    limits: hideTrim,
    hard: ['action', 'tumble'],
    partScope: ['soakMaxMin', 'bleach', 'ironMaxC'],
  },
  {
    id: 'patent-trim',
    material: 'patent',
    parts: ['crest', 'trim'],
    limits: hideTrim,
    hard: ['action', 'tumble'],
    partScope: ['soakMaxMin', 'bleach', 'ironMaxC'],
  },
  { id: 'rubber', material: 'rubber', limits: { tumble: 'none', bleach: 'oxygen' }, partScope: ['bleach'] },
  {
    id: 'split-microfibre',
    material: 'split-microfibre',
    limits: {
      washMaxC: 40,
      action: 'normal',
      spinMaxRpm: 1000,
      tumble: 'low',
      bleach: 'none',
      enzymes: 'non-bio',
      softener: 'none',
      soakMaxMin: 120,
      ironMaxC: 0,
    },
    hard: ['softener'],
  },
  {
    id: 'acrylic-pile',
    material: 'acrylic-pile',
    limits: {
      washMaxC: 30,
      action: 'very-mild',
      spinMaxRpm: 400,
      tumble: 'none',
      bleach: 'none',
      enzymes: 'ok',
      softener: 'none',
      soakMaxMin: 30,
      ironMaxC: 0,
    },
    hard: ['tumble', 'ironMaxC'],
  },
  {
    id: 'elastane-mesh',
    material: 'elastane-mesh',
    limits: {
      washMaxC: 40,
      action: 'mild',
      spinMaxRpm: 600,
      tumble: 'none',
      bleach: 'none',
      enzymes: 'none',
      softener: 'none',
      soakMaxMin: 30,
      ironMaxC: 0,
    },
  },
  {
    id: 'heat-press-print',
    material: 'heat-press-print',
    limits: {
      washMaxC: 30,
      action: 'mild',
      spinMaxRpm: 1000,
      tumble: 'none',
      bleach: 'oxygen',
      enzymes: 'ok',
      softener: 'none',
      soakMaxMin: 120,
      ironMaxC: 0,
    },
    hard: ['tumble', 'softener'],
  },
  {
    id: 'embroidery',
    material: 'embroidery',
    limits: { action: 'mild', tumble: 'low', bleach: 'oxygen', enzymes: 'ok', soakMaxMin: 120, ironMaxC: 110 },
    partScope: ['ironMaxC'],
  },
  {
    id: 'fur',
    material: 'fur',
    limits: {
      washMaxC: 0,
      action: 'surface',
      spinMaxRpm: 0,
      tumble: 'none',
      bleach: 'none',
      enzymes: 'none',
      softener: 'none',
      soakMaxMin: 0,
      ironMaxC: 0,
    },
    hard: ['tumble'],
  },
  { id: 'tpu', material: 'tpu', limits: flask, hard: ['tumble'] },
  { id: 'silicone', material: 'silicone', limits: flask, hard: ['tumble'] },
  { id: 'tpu-sole', material: 'tpu', parts: ['outsole', 'midsole', 'trim', 'print'], limits: trim },
  { id: 'silicone-grip', material: 'silicone', parts: ['outsole', 'trim', 'print', 'strap'], limits: trim },
  { id: 'strap-polyamide', material: 'polyamide-woven', parts: ['strap', 'trim'], limits: trim },
  { id: 'strap-polyester', material: 'polyester-woven', parts: ['strap', 'trim'], limits: trim },
  { id: 'metal', material: 'metal', limits: { washMaxC: 40, action: 'mild', bleach: 'none', ironMaxC: 0 } },
] as const satisfies readonly MaterialRow[];

/** A print is taken for a heat-pressed one, the most delicate. */
export const FITTING_ROWS = [
  { id: 'print', fitting: 'print', part: 'print', material: 'heat-press-print' },
] as const satisfies readonly FittingRow[];

/** Parts that the programme takes out before anything wet, so that they do not bind; by the fitting that says so. */
export const TAKEN_OUT = [
  { fitting: 'removable-insole', part: 'insole' },
  { fitting: 'laces', part: 'laces' },
  { fitting: 'fur-trim', material: 'fur' },
  { fitting: 'removable-padding', part: 'foam' },
] as const;
