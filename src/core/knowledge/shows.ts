import type { Damage, Fitting, Kind, Material, Part, Soil, Wear } from '../gear';

/*
 * What can be seen on which things at all, so that a look asks for nothing that is not there. A sign without a record may show on every
 * thing; one with records shows where any of its words fits. From memory.
 */
export interface ShowsOn {
  readonly parts?: readonly Part[];
  readonly materials?: readonly Material[];
  readonly fittings?: readonly Fitting[];
  readonly kinds?: readonly Kind[];
}
const SHOES = ['shoe', 'boot', 'studded-boot'] as const;
const COATED = ['membrane', 'pu-coating', 'silicone-coating', 'heat-press-print', 'tpu'] as const;
const HELD_WATER = ['soft-flask', 'reservoir'] as const;

export const WEAR_SHOWS: Partial<Record<Wear, ShowsOn>> = {
  'dull-eyelets': { fittings: ['eyelets', 'laces'], parts: ['laces'] },
  'cracked-rubber': { materials: ['rubber', 'tpu'], parts: ['outsole'] },
  'thin-heel': { parts: ['outsole', 'midsole'], kinds: ['socks', ...SHOES] },
  'stiff-zip': { fittings: ['zip'] },
  splitting: { materials: ['leather', 'patent', 'pu-foam', 'eva-foam', ...COATED] },
  'black-nozzle': { kinds: HELD_WATER },
  pilling: {
    materials: ['polyester-knit', 'polyamide-knit', 'merino', 'wool', 'cotton', 'elastane-mesh', 'split-microfibre'],
  },
  'flat-pile': { materials: ['acrylic-pile', 'split-microfibre', 'fur'] },
};
export const DAMAGE_SHOWS: Partial<Record<Damage, ShowsOn>> = {
  feather: { materials: ['down'] },
  delamination: { materials: COATED, kinds: SHOES },
  sole: { kinds: SHOES },
  zip: { fittings: ['zip'] },
  leak: { materials: ['membrane', 'pu-coating', 'silicone-coating'], kinds: [...HELD_WATER, 'tent', 'tarp'] },
  crack: {
    materials: ['rubber', 'leather', 'patent', 'tpu', 'silicone', 'heat-press-print', 'eva-foam', 'metal'],
    kinds: HELD_WATER,
  },
};
export const SOIL_SHOWS: Partial<Record<Soil, ShowsOn>> = {
  'canvas-stain': { materials: ['cotton-canvas'] },
  scuff: { kinds: [...SHOES, 'pack', 'bag', 'pads'], materials: ['leather', 'patent', 'rubber'] },
  'body-oil': { parts: ['face', 'shell', 'lining', 'fill', 'pile'] },
  wax: { kinds: ['cloth', 'towel', 'jacket', 'trousers', 'gloves', 'tent', ...SHOES] },
};
