/** The fixed words of the kit format. One home: the validators, the JSON Schema, the pages and the engine all read these lists. */

export const KINDS = [
  'jacket',
  'trousers',
  'vest',
  'gloves',
  'hat',
  'base-layer',
  'mid-layer',
  'jersey',
  'socks',
  'sleeping-bag',
  'quilt',
  'tent',
  'tarp',
  'footprint',
  'pack',
  'running-vest',
  'reservoir',
  'soft-flask',
  'shoe',
  'boot',
  'studded-boot',
  'towel',
  'cloth',
  'pads',
  'costume-body',
  'costume-head',
  'bag',
  'rope',
  'harness',
  'helmet',
  'buoyancy-aid',
  'airbag',
  'other',
] as const;

export const PARTS = [
  'face',
  'membrane',
  'coating',
  'fill',
  'lining',
  'mesh',
  'upper',
  'midsole',
  'outsole',
  'insole',
  'laces',
  'pile',
  'backing',
  'foam',
  'print',
  'crest',
  'trim',
  'shell',
  'strap',
] as const;

export const MATERIALS = [
  'down',
  'polyester-fill',
  'polyester-woven',
  'polyester-knit',
  'polyester-mesh',
  'polyamide-woven',
  'polyamide-knit',
  'membrane',
  'pu-coating',
  'silicone-coating',
  'merino',
  'wool',
  'cotton',
  'cotton-canvas',
  'elastane-mesh',
  'leather',
  'suede',
  'nubuck',
  'patent',
  'rubber',
  'eva-foam',
  'pu-foam',
  'split-microfibre',
  'acrylic-pile',
  'tpu',
  'silicone',
  'heat-press-print',
  'embroidery',
  'fur',
  'metal',
] as const;

/** Everyday fabrics that their fibre alone does not tell: linen and denim are told with cotton, silk with merino. */
export const FABRICS = ['linen', 'denim', 'cotton-knit', 'silk'] as const;

export const FITTINGS = [
  'zip',
  'hook-and-loop',
  'drawcord',
  'fur-trim',
  'removable-studs',
  'removable-insole',
  'laces',
  'removable-padding',
  'electronics',
  'eyelets',
  'eyes',
  'print',
  'crest',
  'reflective',
] as const;

export const SOILS = [
  'mud',
  'dust',
  'sweat',
  'sweat-salt',
  'body-oil',
  'blood',
  'grease',
  'wax',
  'food-sugar',
  'canvas-stain',
  'scuff',
  'transfer',
  'paint',
  'dye',
  'yellowing',
  'mould',
  'salt-line',
  'smoke',
  'resin',
  'residue',
  'unknown',
] as const;

export const SUPPLY_CLASSES = [
  'technical-cleaner',
  'down-cleaner',
  'plain-liquid',
  'bio-liquid',
  'powder',
  'oxygen-booster',
  'stain-remover',
  'shoe-cleaner',
  'mild-soap',
  'unscented-cleaner',
  'microfibre-cleaner',
  'vinegar',
  'baking-soda',
  'melamine-sponge',
  'wash-in-proofer',
  'spray-proofer',
  'combined-wash-proof',
  'suede-kit',
  'peroxide-cream',
  'acetone',
  'shoe-powder',
  'deodoriser',
  'softener',
  'dryer-sheets',
  'chlorine-bleach',
  'dryer-balls',
  'felt-balls',
] as const;
/** Those that give a finish back. */
export const PROOFER_CLASSES = [
  'wash-in-proofer',
  'spray-proofer',
  'combined-wash-proof',
] as const satisfies readonly (typeof SUPPLY_CLASSES)[number][];

/** Household agents that no programme uses, but that may have been used in a machine or bath. */
export const HOUSEHOLD_AGENTS = ['descaler', 'ammonia'] as const;

export const MARKS = ['scent-critical', 'life-safety', 'heirloom'] as const;
export const BULKS = ['small', 'medium', 'large'] as const;
export const COLOURS = ['white', 'light', 'dark', 'vivid'] as const;
export const BLEEDS = ['unknown', 'safe', 'bleeds'] as const;
export const JOB_CLASSES = ['paint', 'drying', 'general', 'dirty'] as const;
export const BONDS = ['sewn', 'cemented', 'fused'] as const;
export const REPELLENCIES = ['none', 'finish', 'exposed-membrane'] as const;
export const FINISHES = ['unknown', 'long-chain', 'reduced', 'fluorine-free'] as const;
export const LININGS = ['none', 'plain', 'wicking', 'insulated'] as const;
/** Wash temperatures, actions, dryer marks, iron temperatures and the rest as a care label prints them (ISO 3758:2012). */
export const LABEL_WASH_C = [30, 40, 50, 60, 70, 95] as const;
export const LABEL_ACTIONS = ['normal', 'mild', 'very-mild', 'hand'] as const;
export const BLEACHES = ['any', 'oxygen', 'none'] as const;
export const LABEL_TUMBLES = ['none', 'low', 'normal'] as const;
export const NATURAL_DRYINGS = ['line', 'drip', 'flat', 'shade'] as const;
export const LABEL_IRON_C = [0, 110, 150, 200] as const;
export const PROFESSIONALS = ['none', 'P', 'F', 'W'] as const;
export const MAKER_TOPICS = [
  'wash',
  'machine',
  'agitator',
  'tumble',
  'iron',
  'proofer',
  'detergent',
  'softener',
  'tie-baffles',
] as const;
export const MAKER_VERBS = ['forbids', 'advises-against', 'allows', 'requires'] as const;
export const OPENING_STATES = ['open', 'tied', 'sewn'] as const;
export const DROPLET_ZONES = [
  'hood',
  'shoulders',
  'chest',
  'back',
  'sleeves',
  'hem',
  'seat',
  'knees',
  'body',
  'toe',
  'fingers',
  'roof',
  'ends',
] as const;
/** Water that drops are tried with. */
export const DROP_WATERS = ['distilled', 'tap'] as const;
export const DAMAGES = ['hole', 'seam', 'feather', 'delamination', 'sole', 'zip', 'leak', 'crack'] as const;
/** Signs of wear, from use and from washing. */
export const WEARS = [
  'dull-eyelets',
  'cracked-rubber',
  'thin-heel',
  'opening-seam',
  'stiff-zip',
  'splitting',
  'black-nozzle',
  'pilling',
  'fading',
  'flat-pile',
] as const;
export const WEATHERS = ['dry', 'damp', 'rain', 'snow', 'frost', 'heat'] as const;
/** What things come back from. */
export const OUTINGS = ['run', 'trip', 'game', 'day'] as const;
export const WASHER_KINDS = ['front-loader', 'agitator', 'impeller', 'tub', 'basin'] as const;
export const RESIDUES = ['softener', 'powder', 'perfume', 'bleach', 'workshop'] as const;
export const DRYER_KINDS = ['vented', 'condenser', 'heat-pump', 'commercial'] as const;
export const HEATS = ['air', 'low', 'medium', 'high'] as const;
/** Where wet things dry. */
export const RACK_KINDS = ['line', 'rack', 'flat'] as const;
/** How a thing left for good. */
export const GONE_WAYS = ['worn-out', 'given-away', 'sold', 'lost', 'thrown-away'] as const;
/** What a bottle says of itself; preferences, never limits. */
export const SUPPLY_TRAITS = ['plant-based', 'perfume-free', 'dye-free'] as const;
export const SUPPLY_PREFERENCES = [...SUPPLY_TRAITS, 'low-cost'] as const;
/** What keeps a machine fit for technical loads. */
export const UPKEEP_TASKS = ['hot-empty', 'descale', 'drawer', 'lint', 'filter', 'door'] as const;
/** Units in which waterworks and test strips state hardness. */
export const HARDNESS_UNITS = ['mg/L', '°dH', 'gpg', '°fH', '°Clark', 'mmol/L'] as const;
export const UNIT_SYSTEMS = ['metric', 'us'] as const;
export const WEIGHED_AFTER = ['dry', 'spin', 'round'] as const;

export const AIMS = [
  'refer',
  'repair',
  'spot-clean',
  'air',
  'fluff',
  'rinse',
  'wash',
  'reactivate',
  'renew',
  'downgrade',
] as const;
/** What was really done to a thing. */
export const CARES = [
  'washed',
  'rinsed',
  'spot-cleaned',
  'aired',
  'fluffed',
  'warmed',
  'renewed',
  'mended',
  'conditioned',
] as const;
/** What a rung of a ladder did to a mark: gone; paler; the same; the white cloth took colour; the surface took harm. */
export const DIDS = ['gone', 'paler', 'same', 'colour', 'harmed'] as const;
/** Halves of a thing, as it is worn. */
export const HALVES = ['left', 'right'] as const;
/** What brings a finish back. */
export const FINISH_CARES = ['heat', 'wash', 'wash-heat', 'renew'] as const;
/** What the white cloth and the hidden place showed. */
export const CLOTHS = ['clean', 'colour', 'harmed'] as const;
/** Faces of the outline of a thing; the last two are of shoes. */
export const SIDES = ['front', 'back', 'sole', 'inside'] as const;
export const FEET = ['left', 'right'] as const;
export const METHODS = ['machine', 'tub', 'hand', 'surface', 'extract', 'none', 'refer'] as const;
export const PHASES = [
  'prepare-machine',
  'prepare-item',
  'pretreat',
  'wash',
  'rinse',
  'extract',
  'dry',
  'restore',
  'repel',
  'verify',
  'store',
] as const;
/** Mechanical action, loosest first. `surface` is a damp cloth; `none` is nothing wet at all. */
export const ACTIONS = ['normal', 'mild', 'very-mild', 'hand', 'surface', 'none'] as const;
/** What a tumble dryer may do, loosest first; `normal` permits the medium heat. */
export const TUMBLES = ['normal', 'low', 'air', 'none'] as const;

export type Kind = (typeof KINDS)[number];
export type Part = (typeof PARTS)[number];
export type Material = (typeof MATERIALS)[number];
export type Fitting = (typeof FITTINGS)[number];
export type Fabric = (typeof FABRICS)[number];
export type Soil = (typeof SOILS)[number];
export type SupplyClass = (typeof SUPPLY_CLASSES)[number];
/** Whatever may stand in a machine or bath. */
export type Agent = SupplyClass | (typeof HOUSEHOLD_AGENTS)[number];
export type Bulk = (typeof BULKS)[number];
export type JobClass = (typeof JOB_CLASSES)[number];
export type DropWater = (typeof DROP_WATERS)[number];
export type DropletZone = (typeof DROPLET_ZONES)[number];
export type Damage = (typeof DAMAGES)[number];
export type Wear = (typeof WEARS)[number];
export type Weather = (typeof WEATHERS)[number];
export type Outing = (typeof OUTINGS)[number];
export type WasherKind = (typeof WASHER_KINDS)[number];
export type DryerKind = (typeof DRYER_KINDS)[number];
export type RackKind = (typeof RACK_KINDS)[number];
export type GoneWay = (typeof GONE_WAYS)[number];
export type SupplyTrait = (typeof SUPPLY_TRAITS)[number];
export type SupplyPreference = (typeof SUPPLY_PREFERENCES)[number];
export type UpkeepTask = (typeof UPKEEP_TASKS)[number];
export type HardnessUnit = (typeof HARDNESS_UNITS)[number];
export type Heat = (typeof HEATS)[number];
export type Residue = (typeof RESIDUES)[number];
export type Aim = (typeof AIMS)[number];
export type Care = (typeof CARES)[number];
export type Did = (typeof DIDS)[number];
export type Half = (typeof HALVES)[number];
export type FinishCare = (typeof FINISH_CARES)[number];
export type Cloth = (typeof CLOTHS)[number];
export type Side = (typeof SIDES)[number];
export type Foot = (typeof FEET)[number];
export type Method = (typeof METHODS)[number];
export type Phase = (typeof PHASES)[number];
export type Action = (typeof ACTIONS)[number];
export type Tumble = (typeof TUMBLES)[number];
export type Bleach = (typeof BLEACHES)[number];
