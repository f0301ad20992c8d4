import type { Trait } from './types';

/** Facts about an item that follow from its parts. One may build on others, wherever they stand. */
export const TRAITS = [
  { id: 'shoe-like', when: { any: ['kind:shoe', 'kind:boot', 'kind:studded-boot'] } },
  { id: 'shelter', when: { any: ['kind:tent', 'kind:tarp', 'kind:footprint'] } },
  { id: 'bag-like', when: { any: ['kind:sleeping-bag', 'kind:quilt'] } },
  {
    id: 'garment',
    when: {
      any: [
        'kind:jacket',
        'kind:trousers',
        'kind:vest',
        'kind:gloves',
        'kind:hat',
        'kind:base-layer',
        'kind:mid-layer',
        'kind:jersey',
        'kind:socks',
      ],
    },
  },
  {
    id: 'life-safety',
    when: { any: ['mark:life-safety', 'kind:rope', 'kind:harness', 'kind:helmet', 'kind:buoyancy-aid', 'kind:airbag'] },
  },
  { id: 'down-filled', when: { any: ['fill:down'] } },
  { id: 'filled', when: { any: ['fill:down', 'fill:polyester-fill', 'lining:insulated'] } },
  {
    id: 'waterproof',
    when: {
      any: ['mat:membrane', 'mat:pu-coating', 'mat:silicone-coating', 'repellency:exposed-membrane'],
      none: ['shelter', 'shoe-like', 'kind:pack', 'kind:bag', 'kind:reservoir', 'kind:soft-flask', 'kind:pads'],
    },
  },
  { id: 'protein', when: { any: ['mat:down', 'mat:merino', 'mat:wool'] } },
  {
    id: 'technical',
    when: {
      any: [
        'waterproof',
        'filled',
        'repellency:finish',
        'lining:wicking',
        'mark:scent-critical',
        'mat:split-microfibre',
        'mat:merino',
        'mat:wool',
      ],
    },
  },
  { id: 'has-finish', when: { any: ['repellency:finish'], none: ['shelter', 'shoe-like'] } },
  // Glue and coatings bear no heat: their finish is tested and sprayed, never warmed.
  { id: 'cold-finish', when: { all: ['repellency:finish'], any: ['shelter', 'shoe-like'], none: ['life-safety'] } },
  { id: 'repellent', when: { any: ['has-finish', 'cold-finish'] } },
  { id: 'has-finish', when: { all: ['waterproof', 'repellency:unknown'], none: ['life-safety'] } },
  { id: 'finish-assumed', when: { all: ['has-finish', 'repellency:unknown'] } },
  { id: 'pale', when: { any: ['colour:white', 'colour:light'] } },
  { id: 'thin-shell', when: { any: ['denier<=10'] } },
  { id: 'hide-upper', when: { any: ['upper:leather', 'upper:suede', 'upper:nubuck', 'upper:patent'] } },
  { id: 'hide', when: { any: ['mat:leather', 'mat:suede', 'mat:nubuck', 'mat:patent'] } },
  { id: 'napped', when: { any: ['upper:suede', 'upper:nubuck', 'face:suede', 'face:nubuck'] } },
  {
    id: 'hide-stays-on',
    when: {
      any: [
        'stays:trim:leather',
        'stays:trim:suede',
        'stays:trim:nubuck',
        'stays:crest:leather',
        'stays:crest:suede',
        'stays:crest:nubuck',
        'stays:trim:patent',
        'stays:crest:patent',
      ],
    },
  },
  { id: 'cloth-like', when: { any: ['kind:cloth', 'kind:towel'] } },
  { id: 'rinse-only', when: { any: ['kind:running-vest', 'kind:soft-flask', 'kind:reservoir', 'kind:pads'] } },
  { id: 'printed', when: { any: ['mat:heat-press-print', 'fitting:print', 'fitting:crest', 'mat:embroidery', 'part:crest'] } },
  { id: 'fur-off', when: { any: ['fitting:fur-trim', 'out:trim:fur'] } },
  {
    id: 'insole-out',
    when: {
      any: ['fitting:removable-insole', 'out:insole:eva-foam', 'out:insole:pu-foam', 'out:insole:leather', 'out:insole:cotton'],
    },
  },
  { id: 'laces-on', when: { any: ['fitting:laces', 'part:laces'] } },
  { id: 'rubber-rim', when: { any: ['outsole:rubber', 'trim:rubber'] } },
  { id: 'residue-sensitive', when: { any: ['technical', 'kind:base-layer', 'kind:jersey', 'kind:running-vest'] } },
  { id: 'ties-wanted', when: { any: ['maker:requires:tie-baffles', 'maker:allows:tie-baffles'] } },
  { id: 'heirloom', when: { any: ['mark:heirloom'] } },
] as const satisfies readonly Trait[];

/** Facts about what was seen. */
export const SEEN_TRAITS = [
  { id: 'sweated', when: { any: ['soils:sweat', 'soils:sweat-salt', 'odour>=1', 'soil>=1'] } },
  { id: 'greasy', when: { any: ['soils:grease', 'soils:wax', 'stain:grease', 'stain:wax'] } },
  { id: 'greasy-cloth', when: { all: ['greasy', 'cloth-like'] } },
  { id: 'blood-on-cloth', when: { any: ['soils:blood', 'stain:blood'] } },
  { id: 'bloody', when: { any: ['blood-on-cloth'] } },
  {
    id: 'bloody',
    when: {
      any: [
        'on:rubber:blood',
        'on:foam:blood',
        'on:leather:blood',
        'on:nap:blood',
        'on:patent:blood',
        'on:lining:blood',
        'on:insole:blood',
      ],
    },
  },
  { id: 'mouldy', when: { any: ['soils:mould', 'stain:mould'] } },
  { id: 'muddy', when: { any: ['soils:mud', 'soils:dust'] } },
  { id: 'unclear-mark', when: { any: ['nature:transfer', 'nature:paint', 'nature:deep', 'nature:unclear'] } },
  { id: 'salty-zips', when: { all: ['soils:sweat-salt', 'fitting:zip'] } },
  { id: 'salt-line', when: { any: ['soils:salt-line', 'stain:salt-line'] } },
  { id: 'rubber-yellowed', when: { any: ['on:rubber:yellowing', 'on:foam:yellowing'] } },
  { id: 'rubber-yellowed', when: { any: ['soils:yellowing', 'discoloured'], none: ['stained'] } },
  { id: 'rubber-marked', when: { any: ['at:rubber', 'at:foam'] } },
  { id: 'hide-marked', when: { any: ['at:leather', 'at:patent'] } },
  // Tape seals the edge of smooth leather; it tears nap and lifts a varnish, and cloth wicks under it.
  { id: 'maskable', when: { all: ['rubber-marked', 'upper:leather'], none: ['napped', 'upper:patent'] } },
  { id: 'marked', when: { any: ['stained', 'soil>=1'] } },
  { id: 'leaking', when: { any: ['damage:leak', 'damage:delamination'] } },
  { id: 'hole', when: { any: ['damage:hole', 'damage:seam'] } },
] as const satisfies readonly Trait[];
