import { allLimits } from '../../../src/core/envelope';
import type { Component, Item, Material } from '../../../src/core/gear';
import type { Dimension, Knowledge } from '../../../src/core/knowledge';
import { comp, item, programme } from '../../make';
import { type Fact, MEMORY } from './fact';

/*
 * What each material can stand, column by column: wash °C, action, spin, tumble, bleach, enzymes, softener, soak min, iron °C; "-" = no limit
 * of its own. A "!" marks a hard limit. All from memory except the dryer limit of down (exhaust ≤ 60 °C: ISO 3758:2012).
 */
const COLUMNS: readonly Dimension[] = [
  'washMaxC',
  'action',
  'spinMaxRpm',
  'tumble',
  'bleach',
  'enzymes',
  'softener',
  'soakMaxMin',
  'ironMaxC',
];
type Row = readonly [
  id: string,
  kind: Item['kind'],
  part: Component['part'],
  material: Material,
  columns: string,
  extra?: Partial<Component>,
];

const ROWS: readonly Row[] = [
  ['down', 'jacket', 'fill', 'down', '40 very-mild! 600 low! none! none! none! 60 0'],
  ['polyester-fill', 'jacket', 'fill', 'polyester-fill', '40 mild 800 low none ok none 60 0'],
  ['membrane', 'jacket', 'membrane', 'membrane', '40 mild 800 none none non-bio none! 30 0'],
  ['coating-garment', 'jacket', 'coating', 'pu-coating', '40 mild 800 none none non-bio none! 30 0'],
  ['silicone-garment', 'jacket', 'coating', 'silicone-coating', '40 mild 800 none none non-bio none! 30 0'],
  ['coating-shelter', 'tent', 'coating', 'pu-coating', '30 hand! 0 none! none none none! 30 0'],
  ['silicone-shelter', 'tarp', 'coating', 'silicone-coating', '30 hand! 0 none! none none none! 30 0'],
  ['polyester-woven', 'jacket', 'face', 'polyester-woven', '40 normal 1000 low oxygen ok ok 120 110'],
  ['polyester-knit', 'base-layer', 'face', 'polyester-knit', '40 normal 1000 low oxygen ok ok 120 110'],
  ['polyester-mesh', 'base-layer', 'mesh', 'polyester-mesh', '40 normal 1000 low oxygen ok ok 120 110'],
  ['polyamide-woven', 'jacket', 'face', 'polyamide-woven', '40 normal 1000 low oxygen ok ok 120 110'],
  ['polyamide-knit', 'base-layer', 'face', 'polyamide-knit', '40 normal 1000 low oxygen ok ok 120 110'],
  ['merino', 'base-layer', 'face', 'merino', '30 very-mild 600 none none none! sparing 15 110'],
  ['wool', 'hat', 'face', 'wool', '30 very-mild 600 none none none! sparing 15 110'],
  ['cotton', 'other', 'face', 'cotton', '60 normal 1400 normal oxygen ok ok 720 200'],
  ['canvas', 'pack', 'face', 'cotton-canvas', '60 normal 1400 normal oxygen ok ok 720 200'],
  ['canvas-shoe', 'shoe', 'upper', 'cotton-canvas', '30 mild 600 none oxygen ok none 720 0'],
  ['upper-polyester-knit', 'shoe', 'upper', 'polyester-knit', '30 mild 600 none! oxygen ok none 120 0'],
  ['upper-polyester-mesh', 'shoe', 'upper', 'polyester-mesh', '30 mild 600 none! oxygen ok none 120 0'],
  ['upper-polyester-woven', 'shoe', 'upper', 'polyester-woven', '30 mild 600 none! oxygen ok none 120 0'],
  ['upper-polyamide-woven', 'boot', 'upper', 'polyamide-woven', '30 mild 600 none! oxygen ok none 120 0'],
  ['upper-polyamide-knit', 'shoe', 'upper', 'polyamide-knit', '30 mild 600 none! oxygen ok none 120 0'],
  ['eva-foam', 'pads', 'foam', 'eva-foam', '30 hand 0 none! none ok none 30 0'],
  ['pu-foam', 'pads', 'foam', 'pu-foam', '30 hand 0 none! none ok none 30 0'],
  ['eva-midsole', 'shoe', 'midsole', 'eva-foam', '30 mild 600 none! oxygen ok none 120 0'],
  ['pu-midsole', 'shoe', 'midsole', 'pu-foam', '30 mild 600 none! oxygen ok none 120 0'],
  ['eva-bonded', 'shoe', 'insole', 'eva-foam', '30 mild 600 none! oxygen ok none 120 0', { bonded: 'cemented' }],
  ['pu-bonded', 'shoe', 'insole', 'pu-foam', '30 mild 600 none! oxygen ok none 120 0', { bonded: 'cemented' }],
  ['leather', 'boot', 'upper', 'leather', '0! surface! 0 none! none - none 0 0'],
  ['suede', 'shoe', 'upper', 'suede', '0! surface! 0 none! none - none 0 0'],
  ['nubuck', 'shoe', 'upper', 'nubuck', '0! surface! 0 none! none - none 0 0'],
  ['patent', 'shoe', 'upper', 'patent', '0! surface! 0 none! none - none 0 0'],
  ['leather-trim', 'jersey', 'crest', 'leather', '- hand! - none! none - - 0 0'],
  ['suede-trim', 'jersey', 'crest', 'suede', '- hand! - none! none - - 0 0'],
  ['nubuck-trim', 'shoe', 'trim', 'nubuck', '- hand! - none! none - - 0 0'],
  ['rubber', 'shoe', 'outsole', 'rubber', '- - - none oxygen - - - -'],
  ['split-microfibre', 'cloth', 'face', 'split-microfibre', '40 normal 1000 low none non-bio none! 120 0'],
  ['acrylic-pile', 'costume-body', 'pile', 'acrylic-pile', '30 very-mild 400 none! none ok none 30 0!'],
  ['elastane-mesh', 'running-vest', 'mesh', 'elastane-mesh', '40 mild 600 none none none none 30 0'],
  ['heat-press-print', 'jersey', 'print', 'heat-press-print', '30 mild 1000 none! oxygen ok none! 120 0'],
  ['embroidery', 'jersey', 'crest', 'embroidery', '- mild - low oxygen ok - 120 110'],
  ['fur', 'jacket', 'trim', 'fur', '0 surface 0 none! none none none 0 0'],
  ['tpu', 'soft-flask', 'shell', 'tpu', '40 hand 0 none! none - - - 0'],
  ['silicone', 'reservoir', 'shell', 'silicone', '40 hand 0 none! none - - - 0'],
  ['strap-polyamide', 'pack', 'strap', 'polyamide-woven', '40 mild - none none - - - 0'],
  ['tpu-membrane', 'jacket', 'membrane', 'tpu', '40 mild 800 none none non-bio none! 30 0'],
  ['cotton-upper', 'shoe', 'upper', 'cotton', '30 mild 600 none oxygen ok none 720 0'],
  ['eva-in-shoe', 'shoe', 'foam', 'eva-foam', '30 mild 600 none! oxygen ok none 120 0'],
  ['pu-in-shoe', 'boot', 'lining', 'pu-foam', '30 mild 600 none! oxygen ok none 120 0'],
  ['patent-trim', 'shoe', 'trim', 'patent', '- hand! - none! none - - 0 0'],
  ['tpu-sole', 'studded-boot', 'outsole', 'tpu', '40 mild - none none - - - 0'],
  ['silicone-grip', 'jacket', 'trim', 'silicone', '40 mild - none none - - - 0'],
  ['strap-polyester', 'pack', 'strap', 'polyester-woven', '40 mild - none none - - - 0'],
  ['linen', 'other', 'face', 'cotton', '60 normal 800 low oxygen ok ok 720 200', { attributes: { fabric: 'linen' } }],
  ['denim', 'trousers', 'face', 'cotton', '40 normal 1000 low none ok ok 60 200', { attributes: { fabric: 'denim' } }],
  [
    'cotton-knit',
    'mid-layer',
    'face',
    'cotton',
    '40 mild 1000 low oxygen ok ok 720 150',
    { attributes: { fabric: 'cotton-knit' } },
  ],
  ['silk', 'other', 'face', 'merino', '30 hand 400 none none none! sparing 10 110', { attributes: { fabric: 'silk' } }],
  ['metal', 'other', 'trim', 'metal', '40 mild - - none - - - 0'],
];

function columnsOf(knowledge: Knowledge, [, kind, part, material, , extra]: Row): string {
  const limits = allLimits(item(kind, [comp(part, material, extra)]), knowledge);
  return COLUMNS.map((dimension) => {
    const limit = limits.find((l) => l.dimension === dimension);
    return limit ? `${String(limit.value)}${limit.hard ? '!' : ''}` : '-';
  }).join(' ');
}

/** "any on white, else oxygen". */
const WHITES: readonly Fact[] = (['cotton', 'cotton-canvas'] as const).map((material) => ({
  about: [`materials/${material === 'cotton' ? 'cotton' : 'canvas'}-white`],
  basis: MEMORY,
  holds: (knowledge) =>
    programme(item('other', [comp('face', material)], { colour: { class: 'white' } }), null, {}, knowledge).envelope.bleach
      .value === 'any',
}));
/** A print that is only named as a fitting is as delicate as a heat-pressed one. */
const PRINT: Fact = {
  about: ['fittings/print'],
  basis: MEMORY,
  holds: (knowledge) => {
    const { envelope } = programme(
      item('jersey', [comp('face', 'polyester-knit')], { fittings: ['print'] }),
      null,
      {},
      knowledge,
    );
    return envelope.washMaxC.value === 30 && envelope.washMaxC.boundBy.component === 'print' && envelope.tumble.value === 'none';
  },
};

export const MATERIAL_FACTS: readonly Fact[] = [
  ...WHITES,
  PRINT,
  ...ROWS.map((row): Fact => ({
    about: [`materials/${row[0]}`],
    basis: MEMORY,
    holds: (knowledge) => columnsOf(knowledge, row) === row[4],
  })),
];
