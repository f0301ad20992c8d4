import type { Aim, Bulk, Damage, Fabric, Fitting, Kind, Material, Method, Part, Soil, SupplyClass, WasherKind } from '../gear';
import type * as v from '../gear';
import type { Surface } from './places';
import type { SCHOOL_OPTIONS } from './school-options';

/*
 * Every fact that may be known about one request. Names are built from the vocabularies, so that a misspelt one does not compile. Named
 * facts stand in lists here; a test finds the ones that nothing sets or nothing reads.
 */

type Of<T extends readonly (string | number)[]> = T[number];

/** Derived from what a thing is and what was seen on it (`traits.ts`). */
export const TRAIT_NAMES = [
  'shoe-like',
  'shelter',
  'bag-like',
  'garment',
  'life-safety',
  'down-filled',
  'filled',
  'waterproof',
  'protein',
  'technical',
  'has-finish',
  'cold-finish',
  'repellent',
  'finish-assumed',
  'pale',
  'thin-shell',
  'hide-upper',
  'hide',
  'napped',
  'hide-stays-on',
  'cloth-like',
  'rinse-only',
  'printed',
  'fur-off',
  'insole-out',
  'laces-on',
  'rubber-rim',
  'residue-sensitive',
  'ties-wanted',
  'heirloom',
  'sweated',
  'greasy',
  'greasy-cloth',
  'bloody',
  'blood-on-cloth',
  'mouldy',
  'muddy',
  'unclear-mark',
  'salty-zips',
  'salt-line',
  'rubber-yellowed',
  'rubber-marked',
  'hide-marked',
  'maskable',
  'marked',
  'leaking',
  'hole',
] as const;
/** Derived once the aims, the envelope, the schools and the machines are known (`plan-traits.ts`). */
export const PLAN_TRAIT_NAMES = [
  'wet',
  'wet-garment',
  'wet-pack',
  'wet-filled',
  'wet-pile',
  'wet-printed',
  'wet-denim',
  'wet-or-spot',
  'closures',
  'stored',
  'air-by-tumble',
  'fluff-by-machine',
  'proof:spray',
  'proof:wash-in',
  'proof-after-test',
  'scent-routine',
  'turned-for-pile',
  'turned-for-spray',
  'turned-for-drops',
  'peroxide-work',
  'soak-in-drum',
  'drawer-wiped',
  'proof-sprayed',
  'loft-told',
  'coat-if-failed',
  'never-lined',
  'scent-irrelevant',
  'heat-at-stake',
  'no-drum',
  'rubber-work',
  'inside-work',
  'oxygen-spot',
  'nap-work',
  'wiped-marks',
  'heavy-wet',
] as const;
/** Read off a thing's own record. */
export const THING_NAMES = [
  'hydrophobic',
  'denier<=10',
  'insole-not-known',
  'maker-forbids-heat',
  'maker-and-label-differ',
  'bleed-unproved',
  'rung-untested',
  'bleeds',
  'own-temp',
  'in-freezer',
  'label:read',
  'label:none',
] as const;
/** Read off a look. */
export const SEEN_NAMES = [
  'soil:wash',
  'odour:wash',
  'stained',
  'stain-set',
  'stain-fresh',
  'stain-other',
  'cloth-marked',
  'clumped',
  'damp',
  'discoloured',
  'from-storage',
  'used',
  'used-hard',
  'used-wet',
  'used-nights',
  'new-thing',
  'loft:low',
  'loft:flat',
  'drop:fine',
  'drop:tired',
  'drop:poor',
  'drop:exposed',
] as const;
/** Said by assessment rules, for the planner. */
export const JUDGED_NAMES = ['test-after', 'renew-if-failed'] as const;
/** Said by the planner as it goes. */
export const PLANNED_NAMES = [
  'no-agitator',
  'can:machine',
  'can:hand',
  'can:surface',
  'can:soak',
  'can:softener',
  'hard:machine',
  'several',
  'machine-washes-spent',
  'oxygen-by-place',
  'method-machine-owned',
  'no-washer-fits',
  'washer-residue',
  'washer-past-unknown',
  'scent-purged',
  'dryer-residue',
  'drum-unknown',
  'bath-not-listed',
  'vessel-standing',
  'dryer-fits',
  'launderette',
  'heats-unknown',
  'dryer-runs-hot',
  'iron-too-hot',
  'proof-at-stake',
  'no-cleaner',
  'extra-rinse',
  'rinse-learned',
  'own:dryer',
  'own:fan',
] as const;
/** Ways of drying that a family may choose. */
export const DRY_WAYS = [
  'drip',
  'fan',
  'flat',
  'indoors',
  'insulated-line',
  'line',
  'moving-air',
  'pitched',
  'radiator',
  'shoe-rack',
  'shoe-shade',
  'shoe-sun',
  'tumble-down',
  'tumble-finish',
  'tumble-low',
  'tumble-purged',
] as const;
/** Ways of bringing heat to a finish. */
export const WARM_WAYS_NAMES = ['tumble', 'iron', 'hair-dryer', 'radiator'] as const;
/** Why a thing is referred though its wash was due. */
export const REFERRALS = ['no-place', 'label', 'material', 'down-tumble'] as const;
export const STAIN_NATURES = ['soil', 'transfer', 'paint', 'deep', 'oxidation', 'unclear'] as const;
/** What may be unknown about a request, and what a look may have left out. */
export const UNKNOWNS = ['mass', 'bulk', 'washers', 'room', 'hardness'] as const;
export const UNSEEN = ['soil', 'odour', 'soils', 'loftRatio', 'droplet'] as const;
/** Constructions, as `families.ts` names them. */
export const FAMILY_NAMES = [
  'costume-head',
  'pile',
  'hide-shoe',
  'hide',
  'studded-boot',
  'canvas-shoe',
  'trainer',
  'shelter',
  'flask',
  'running-vest',
  'pack',
  'pads',
  'meat-bag',
  'microfibre',
  'jersey',
  'down-bag',
  'insulated-shell',
  'down-garment',
  'membrane-shell',
  'field',
  'synthetic-insulation',
  'wool',
  'softshell',
  'cotton',
  'synthetic',
] as const;
/** Temperatures that conditions ask about, °C: of the wash, and of an iron's dots (ISO 3758:2012). */
export const WASH_MARKS_C = [15, 20, 30, 40, 50, 60, 70, 95] as const;
export const IRON_MARKS_C = [110, 150, 200] as const;
export const SOIL_GRADES = [0, 1, 2, 3, 4] as const;
export const ODOUR_GRADES = [0, 1, 2, 3] as const;
export const DROP_GRADES = [0, 1, 2, 3, 4, 5] as const;

/** Kinds of programme, as a dial names them. */
export const CYCLE_STYLES = ['delicate', 'gentle', 'normal', 'quick', 'easy-care', 'long-slow'] as const;
export type CycleStyle = Of<typeof CYCLE_STYLES>;

export type TraitName = Of<typeof TRAIT_NAMES>;
export type PlanTraitName = Of<typeof PLAN_TRAIT_NAMES>;
export type DryWay = Of<typeof DRY_WAYS>;
export type WarmWay = Of<typeof WARM_WAYS_NAMES>;
export type Referral = Of<typeof REFERRALS>;
export type StainNature = Of<typeof STAIN_NATURES>;
export type FamilyName = Of<typeof FAMILY_NAMES>;

export type SchoolName = keyof typeof SCHOOL_OPTIONS;
export type SchoolOptionName = { [S in SchoolName]: (typeof SCHOOL_OPTIONS)[S][number] }[SchoolName];
/** "ID=option" for every option of every school. */
export type SchoolChoice = { [S in SchoolName]: `${S}=${(typeof SCHOOL_OPTIONS)[S][number]}` }[SchoolName];

type ThingFact =
  | Of<typeof THING_NAMES>
  | `kind:${Kind}`
  | `part:${Part}`
  | `mat:${Material}`
  | `${Part}:${Material}`
  | `stays:${Part}:${Material}`
  | `out:${Part}:${Material}`
  | `fitting:${Fitting}`
  | `fabric:${Fabric}`
  | `mark:${Of<typeof v.MARKS>}`
  | `maker:${Of<typeof v.MAKER_VERBS>}:${Of<typeof v.MAKER_TOPICS>}`
  | `repellency:${Of<typeof v.REPELLENCIES> | 'unknown'}`
  | `lining:${Of<typeof v.LININGS>}`
  | `job:${Of<typeof v.JOB_CLASSES>}`
  | `colour:${Of<typeof v.COLOURS>}`
  | `label-dries:${Of<typeof v.NATURAL_DRYINGS>}`;
type SeenFact =
  | Of<typeof SEEN_NAMES>
  | `unseen:${Of<typeof UNSEEN>}`
  | `soil>=${Of<typeof SOIL_GRADES>}`
  | `odour>=${Of<typeof ODOUR_GRADES>}`
  | `drop<=${Of<typeof DROP_GRADES>}`
  | `soils:${Soil}`
  | `stain:${Soil}`
  | `nature:${StainNature}`
  | `at:${Surface}`
  | `on:${Surface}:${Soil}`
  | `damage:${Damage}`;
type OwnedFact = `own:${WasherKind}` | `have:${SupplyClass}` | `unscented:${SupplyClass}` | `unknown:${Of<typeof UNKNOWNS>}`;
type PlanFact =
  | Of<typeof PLANNED_NAMES>
  | Of<typeof JUDGED_NAMES>
  | PlanTraitName
  | `aim:${Aim}`
  | `method:${Method}`
  | `family:${FamilyName}`
  | `bulk:${Bulk}`
  | `washer:${WasherKind}`
  | `dry:${DryWay}`
  | `warm:${WarmWay}`
  | `refer:${Referral}`
  | `can:wash>=${Of<typeof WASH_MARKS_C>}`
  | `can:iron>=${Of<typeof IRON_MARKS_C>}`
  | `can:tumble:${'air' | 'low' | 'normal'}`
  | `can:bleach:${'oxygen' | 'any'}`
  | `hard:wash>=${Of<typeof WASH_MARKS_C>}`
  | `school:${SchoolChoice}`
  | `cycle-same:${CycleStyle | 'kind'}`;

/** One thing known about a request. */
export type Fact = ThingFact | SeenFact | TraitName | OwnedFact | PlanFact;
