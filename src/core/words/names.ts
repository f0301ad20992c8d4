import type {
  Aim,
  Component,
  Damage,
  DryerKind,
  Fabric,
  FINISHES,
  GoneWay,
  Heat,
  Item,
  JOB_CLASSES,
  Kind,
  MakerNote,
  Material,
  Outing,
  Part,
  Residue,
  Soil,
  SupplyClass,
  WasherKind,
  Wear,
  Weather,
} from '../gear';
import type { BasisKind, Dimension } from '../knowledge';

/** What things are called in a sentence. */
export const SUPPLY_WORDS: Record<SupplyClass, string> = {
  'technical-cleaner': 'technical cleaner',
  'down-cleaner': 'down cleaner',
  'plain-liquid': 'plain liquid detergent',
  'bio-liquid': 'biological liquid',
  powder: 'washing powder',
  'oxygen-booster': 'oxygen booster',
  'stain-remover': 'stain remover',
  'shoe-cleaner': 'shoe cleaner',
  'mild-soap': 'mild soap',
  'unscented-cleaner': 'unscented cleaner',
  'microfibre-cleaner': 'microfibre cleaner',
  vinegar: 'white vinegar',
  'baking-soda': 'baking soda',
  'melamine-sponge': 'melamine sponge',
  'wash-in-proofer': 'wash-in proofer',
  'spray-proofer': 'spray proofer',
  'combined-wash-proof': 'combined wash-and-proof',
  'suede-kit': 'suede kit',
  'peroxide-cream': 'peroxide cream',
  acetone: 'acetone',
  'shoe-powder': 'shoe powder',
  deodoriser: 'deodoriser',
  softener: 'fabric softener',
  'dryer-sheets': 'dryer sheets',
  'chlorine-bleach': 'chlorine bleach',
  'dryer-balls': 'dryer balls',
  'felt-balls': 'felt balls',
};
export const KIND_WORDS: Record<Kind, string> = {
  jacket: 'jacket',
  trousers: 'trousers',
  vest: 'vest',
  gloves: 'gloves',
  hat: 'hat',
  'base-layer': 'base layer',
  'mid-layer': 'mid layer',
  jersey: 'jersey',
  socks: 'socks',
  'sleeping-bag': 'sleeping bag',
  quilt: 'quilt',
  tent: 'tent',
  tarp: 'tarp',
  footprint: 'footprint',
  pack: 'pack',
  'running-vest': 'running vest',
  reservoir: 'reservoir',
  'soft-flask': 'soft flask',
  shoe: 'shoes',
  boot: 'boots',
  'studded-boot': 'studded boots',
  towel: 'towel',
  cloth: 'cloth',
  pads: 'pads',
  'costume-body': 'costume body',
  'costume-head': 'costume head',
  bag: 'bag',
  rope: 'rope',
  harness: 'harness',
  helmet: 'helmet',
  'buoyancy-aid': 'buoyancy aid',
  airbag: 'avalanche airbag',
  other: 'something else',
};
export const PART_WORDS: Record<Part, string> = {
  face: 'Face',
  membrane: 'Membrane',
  coating: 'Coating',
  fill: 'Fill',
  lining: 'Lining',
  mesh: 'Mesh',
  upper: 'Upper',
  midsole: 'Midsole',
  outsole: 'Outsole',
  insole: 'Insole',
  laces: 'Laces',
  pile: 'Pile',
  backing: 'Backing',
  foam: 'Foam',
  print: 'Print',
  crest: 'Crest',
  trim: 'Trim',
  shell: 'Shell',
  strap: 'Strap',
};
export const MATERIAL_WORDS: Record<Material, string> = {
  down: 'down',
  'polyester-fill': 'polyester fill',
  'polyester-woven': 'woven polyester',
  'polyester-knit': 'polyester knit',
  'polyester-mesh': 'polyester mesh',
  'polyamide-woven': 'woven polyamide',
  'polyamide-knit': 'polyamide knit',
  membrane: 'waterproof membrane',
  'pu-coating': 'polyurethane coating',
  'silicone-coating': 'silicone coating',
  merino: 'merino',
  wool: 'wool',
  cotton: 'cotton',
  'cotton-canvas': 'cotton canvas',
  'elastane-mesh': 'elastane mesh',
  leather: 'leather',
  suede: 'suede',
  nubuck: 'nubuck',
  patent: 'patent leather',
  rubber: 'rubber',
  'eva-foam': 'EVA foam',
  'pu-foam': 'PU foam',
  'split-microfibre': 'split microfibre',
  'acrylic-pile': 'acrylic pile',
  tpu: 'TPU',
  silicone: 'silicone',
  'heat-press-print': 'heat-pressed print',
  embroidery: 'embroidery',
  fur: 'fur',
  metal: 'metal',
};
/** Soil 0 to 4, in words. */
export const SOIL_WORDS: Record<Soil, string> = {
  mud: 'mud',
  dust: 'dust',
  sweat: 'sweat',
  'sweat-salt': 'dried sweat salt',
  'body-oil': 'skin oil',
  blood: 'blood',
  grease: 'grease',
  wax: 'wax',
  'food-sugar': 'food or sugar',
  'canvas-stain': 'canvas stain',
  scuff: 'scuff',
  transfer: 'rubbed-off colour',
  paint: 'paint',
  dye: 'dye',
  yellowing: 'yellowing',
  mould: 'mould',
  'salt-line': 'salt line',
  smoke: 'smoke',
  resin: 'resin',
  residue: 'cleaner residue',
  unknown: 'unknown',
};
export const DAMAGE_WORDS: Record<Damage, string> = {
  hole: 'hole',
  seam: 'open seam',
  feather: 'feather poking through',
  delamination: 'layers parting',
  sole: 'sole coming off',
  zip: 'broken zip',
  leak: 'water comes through',
  crack: 'crack',
};
/** Generations of repellent finish. */
export const FINISH_WORDS: Record<(typeof FINISHES)[number], string> = {
  unknown: 'generation not known',
  'long-chain': 'old, long-chain fluorinated',
  reduced: 'reduced fluorinated',
  'fluorine-free': 'fluorine-free: wash and warm it more often',
};
export const JOB_WORDS: Record<(typeof JOB_CLASSES)[number], string> = {
  paint: 'paint and lenses',
  drying: 'drying',
  general: 'general',
  dirty: 'dirty jobs',
};
export const WEAR_WORDS: Record<Wear, string> = {
  'dull-eyelets': 'dull eyelets',
  'cracked-rubber': 'cracked rubber',
  'thin-heel': 'thin heel',
  'opening-seam': 'a seam opening',
  'stiff-zip': 'stiff zip',
  splitting: 'splitting',
  'black-nozzle': 'blackened nozzle',
  pilling: 'pilling',
  fading: 'faded',
  'flat-pile': 'flattened pile',
};
export const WEATHER_WORDS: Record<Weather, string> = {
  dry: 'dry',
  damp: 'damp',
  rain: 'rain',
  snow: 'snow',
  frost: 'hard frost',
  heat: 'heat',
};
export const FABRIC_WORDS: Record<Fabric, string> = {
  linen: 'linen',
  denim: 'denim',
  'cotton-knit': 'cotton knit',
  silk: 'silk',
};
/** What a layer is made of: its fabric where that says more than its fibre. */
export const madeOf = ({ material, attributes }: Pick<Component, 'material' | 'attributes'>): string =>
  attributes?.fabric ? FABRIC_WORDS[attributes.fabric] : MATERIAL_WORDS[material];
/** What a thing is called: by its owner, else by its kind. */
export const thingName = ({ name, kind }: Pick<Item, 'name' | 'kind'>): string => name ?? KIND_WORDS[kind];
/** Other names that people search a kind by. */
export const KIND_ALSO: Partial<Record<Kind, string>> = {
  jacket: 'coat anorak parka puffer raincoat rain windbreaker hardshell softshell cagoule blouson waterproof',
  trousers: 'pants leggings bib salopettes overtrousers jeans gaiter gaiters',
  vest: 'gilet bodywarmer waistcoat',
  hat: 'cap beanie balaclava headband',
  gloves: 'mittens mitts gauntlets',
  'base-layer': 'thermal undershirt t-shirt tee',
  'mid-layer': 'fleece jumper sweater pullover hoodie shirt',
  jersey: 'team shirt strip football rugby cycling',
  socks: 'stockings',
  'sleeping-bag': 'mummy bag bivy bivvy',
  quilt: 'duvet blanket comforter',
  tent: 'shelter bivouac marquee',
  towel: 'bath beach travel towel',
  helmet: 'hard hat',
  harness: 'climbing belt',
  tarp: 'tarpaulin fly basha',
  footprint: 'groundsheet ground sheet',
  pack: 'backpack rucksack knapsack daypack',
  'running-vest': 'race vest hydration vest',
  reservoir: 'bladder hydration',
  'soft-flask': 'bottle flask',
  shoe: 'trainer trainers sneaker sneakers runners plimsolls canvas shoes',
  boot: 'hiking walking winter boots wellies wellingtons',
  'studded-boot': 'football boots cleats spikes studs',
  cloth: 'rag duster microfibre polishing cloth chamois',
  pads: 'protectors shin guards knee elbow armour',
  'costume-body': 'mascot suit fursuit plush',
  'costume-head': 'mascot head mask',
  bag: 'holdall meat bag game bag food bag',
  'buoyancy-aid': 'life jacket float vest',
};
/** What things come back from: on a button, and in a title. */
export const OUTING_WORDS: Record<Outing, { readonly name: string; readonly from: string }> = {
  run: { name: 'A run', from: 'a run' },
  trip: { name: 'A trip', from: 'a trip' },
  game: { name: 'A game', from: 'a game' },
  day: { name: 'Everyday use', from: 'everyday use' },
};
export const AIM_WORDS: Record<Aim, string> = {
  refer: 'refer',
  repair: 'repair',
  'spot-clean': 'wipe',
  air: 'air',
  fluff: 'fluff',
  rinse: 'rinse',
  wash: 'wash',
  reactivate: 'warm the finish',
  renew: 'renew the finish',
  downgrade: 'downgrade',
};
/** A maker's note in words: its verb, and what it is about. */
export const MAKER_SAYS: Record<MakerNote['says'] | MakerNote['about'], string> = {
  forbids: 'forbids',
  'advises-against': 'advises against',
  allows: 'allows',
  requires: 'asks for',
  wash: 'washing',
  machine: 'a machine',
  agitator: 'an agitator',
  tumble: 'tumbling',
  iron: 'ironing',
  proofer: 'a proofer',
  detergent: 'detergent',
  softener: 'softener',
  'tie-baffles': 'tying the baffles off',
};
export const WASHER_WORDS: Record<WasherKind, string> = {
  'front-loader': 'front loader',
  agitator: 'agitator top loader',
  impeller: 'impeller top loader',
  tub: 'bathtub',
  basin: 'basin',
};
export const DRYER_WORDS: Record<DryerKind, string> = {
  vented: 'vented dryer',
  condenser: 'condenser dryer',
  'heat-pump': 'heat-pump dryer',
  commercial: 'commercial dryer',
};
/** How a thing left for good, as it is said of it. */
export const GONE_WORDS: Record<GoneWay, string> = {
  'worn-out': 'worn out',
  'given-away': 'given away',
  sold: 'sold',
  lost: 'lost',
  'thrown-away': 'thrown away',
};
export const HEAT_WORDS: Record<Heat, string> = { air: 'no heat', low: 'low', medium: 'medium', high: 'high' };
export const RESIDUE_WORDS: Record<Residue, string> = {
  softener: 'softener',
  powder: 'powder',
  perfume: 'perfume',
  bleach: 'bleach',
  workshop: 'workshop grease',
};
export const DIMENSION_WORDS: Record<Dimension, string> = {
  washMaxC: 'Water',
  action: 'Movement',
  spinMaxRpm: 'Spin',
  tumble: 'Dryer',
  bleach: 'Bleach',
  ironMaxC: 'Iron',
  soakMaxMin: 'Soak',
  enzymes: 'Enzymes',
  softener: 'Softener',
  agitator: 'Agitator',
};
const ACTION_WORDS: Record<string, string> = {
  normal: 'normal',
  mild: 'gentle',
  'very-mild': 'very gentle',
  hand: 'by hand',
  surface: 'damp cloth',
  none: 'nothing wet',
};
const TUMBLE_WORDS: Record<string, string> = { normal: 'up to medium', low: 'low heat', air: 'no heat', none: 'no dryer' };
const BLEACH_WORDS: Record<string, string> = { any: 'any bleach', oxygen: 'oxygen only', none: 'no bleach' };

const BASIS_WORDS: Record<BasisKind, string> = {
  standard: '',
  practice: 'common practice',
  memory: 'from memory',
  label: 'the label',
  maker: 'the maker',
};
/** On what a fact rests: "common practice", "from memory", or the standard's name. */
export const basisText = (basis: BasisKind, source?: string): string =>
  [BASIS_WORDS[basis], source ?? ''].filter(Boolean).join(', ');

/** A limit's value in words, with its unit. */
export function limitText(dimension: Dimension, value: string | number | null): string {
  if (value === null) return 'no limit';
  switch (dimension) {
    case 'washMaxC':
      return value === 0 ? 'no water' : `${value} °C`;
    case 'ironMaxC':
      return value === 0 ? 'no iron' : `iron ${value} °C`;
    case 'spinMaxRpm':
      return value === 0 ? 'no spin' : `${value} rpm`;
    case 'soakMaxMin':
      return value === 0 ? 'no soak' : `${value} min`;
    case 'action':
      return ACTION_WORDS[value] ?? String(value);
    case 'tumble':
      return TUMBLE_WORDS[value] ?? String(value);
    case 'bleach':
      return BLEACH_WORDS[value] ?? String(value);
    case 'enzymes':
      return value === 'ok' ? 'enzymes allowed' : value === 'non-bio' ? 'non-biological advised' : 'no enzymes';
    case 'softener':
      return value === 'ok' ? 'softener allowed' : value === 'sparing' ? 'softener sparingly' : 'no softener';
    case 'agitator':
      return value === 'ok' ? 'any drum' : 'no agitator';
  }
}
