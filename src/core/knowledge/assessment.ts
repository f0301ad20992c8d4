import type { Aim } from '../gear';
import type { AssessRule, When } from './types';

/*
 * From what was seen to what is needed. All from memory unless marked; the user may move the loft thresholds. A rule may build on
 * an aim ("aim:wash") that one of a lower order sets.
 */
const M = { basis: 'memory' } as const;
const P = { basis: 'practice' } as const;
const SPRAY = { basis: 'standard', source: 'ISO 4920:2012' } as const;
const notSafety = ['life-safety'] as const;

export const ASSESS_RULES = [
  {
    id: 'life-safety-refer',
    order: 10,
    ...P,
    when: { all: ['life-safety'] },
    aim: 'refer',
    decidedBy: ['kind'],
    relevant: { all: ['life-safety'] },
  },
  {
    id: 'hole-first',
    order: 20,
    ...P,
    when: { all: ['hole'], none: notSafety },
    aim: 'repair',
    decidedBy: ['damage'],
    relevant: { all: ['hole'] },
  },
  {
    id: 'leak-route',
    order: 30,
    ...P,
    when: { all: ['leaking'], none: notSafety },
    aim: 'repair',
    decidedBy: ['damage'],
    relevant: { all: ['leaking'] },
  },
  {
    id: 'feather-back',
    order: 40,
    ...P,
    when: { all: ['damage:feather'], none: notSafety },
    aim: 'repair',
    decidedBy: ['damage'],
    relevant: { all: ['damage:feather'] },
  },
  {
    id: 'mend-part',
    order: 50,
    ...P,
    when: { any: ['damage:zip', 'damage:sole', 'damage:crack'], none: notSafety },
    aim: 'repair',
    decidedBy: ['damage'],
    relevant: { any: ['damage:zip', 'damage:sole', 'damage:crack'] },
  },
  {
    id: 'soil-wash',
    order: 60,
    ...M,
    when: { all: ['soil:wash'], none: notSafety },
    aim: 'wash',
    decidedBy: ['soil'],
    relevant: { none: notSafety },
  },
  {
    id: 'odour-wash',
    order: 70,
    ...M,
    when: { all: ['odour:wash'], none: notSafety },
    aim: 'wash',
    decidedBy: ['odour'],
    relevant: { none: notSafety },
  },
  {
    id: 'set-stain-wash',
    order: 80,
    ...M,
    when: { all: ['stain-set'], none: ['life-safety', 'cloth-like'] },
    aim: 'wash',
    decidedBy: ['stains'],
    relevant: { all: ['stained'], none: ['life-safety', 'cloth-like'] },
  },
  {
    id: 'mould-wash',
    order: 90,
    ...P,
    when: { all: ['mouldy'], none: ['life-safety', 'hide-upper'] },
    aim: 'wash',
    decidedBy: ['soils', 'stains'],
    relevant: { all: ['mouldy'], none: notSafety },
  },
  {
    id: 'cloth-used',
    order: 100,
    ...P,
    when: { all: ['cloth-like', 'sweated'] },
    aim: 'wash',
    decidedBy: ['soil'],
    relevant: { all: ['cloth-like'] },
  },
  {
    id: 'jersey-sweated',
    order: 110,
    ...P,
    when: { all: ['kind:jersey', 'sweated'] },
    aim: 'wash',
    decidedBy: ['soil', 'odour'],
    relevant: { all: ['kind:jersey'] },
  },
  {
    id: 'loft-wash',
    order: 120,
    ...M,
    when: { all: ['filled', 'loft:low'], none: ['from-storage', 'life-safety'] },
    aim: 'wash',
    decidedBy: ['loftRatio'],
    relevant: { all: ['filled'], none: notSafety },
  },
  {
    id: 'clumped-wash',
    order: 130,
    ...M,
    when: { all: ['filled', 'clumped'], none: notSafety },
    aim: 'wash',
    decidedBy: ['clumped'],
    relevant: { all: ['filled'], none: notSafety },
  },
  {
    id: 'discoloured-wash',
    order: 140,
    ...M,
    when: { all: ['filled', 'discoloured'], none: notSafety },
    aim: 'wash',
    decidedBy: ['discoloured'],
    relevant: { all: ['filled', 'pale'], none: notSafety },
  },
  {
    id: 'soil-spot',
    order: 150,
    ...M,
    when: { all: ['soil>=1'], none: ['life-safety', 'rinse-only', 'cloth-like', 'aim:wash'] },
    aim: 'spot-clean',
    decidedBy: ['soil'],
    relevant: { none: ['life-safety', 'rinse-only', 'cloth-like'] },
  },
  {
    id: 'mark-spot',
    order: 160,
    ...M,
    when: { all: ['stain-fresh'], none: ['life-safety', 'aim:wash', 'rinse-only', 'cloth-like'] },
    aim: 'spot-clean',
    decidedBy: ['stains'],
    relevant: { all: ['stained'], none: notSafety },
  },
  {
    id: 'yellow-spot',
    order: 170,
    ...M,
    when: { all: ['discoloured'], none: ['filled', 'life-safety', 'aim:wash', 'cloth-like'] },
    aim: 'spot-clean',
    decidedBy: ['discoloured'],
    relevant: { all: ['discoloured'], none: ['filled', 'life-safety'] },
  },
  {
    id: 'rinse-after-use',
    order: 180,
    ...P,
    when: { all: ['rinse-only'], any: ['soil>=1', 'odour>=1', 'stained'], none: ['aim:wash', 'life-safety'] },
    aim: 'rinse',
    decidedBy: ['soil', 'odour', 'stains'],
    relevant: { all: ['rinse-only'], none: notSafety },
  },
  {
    id: 'odour-air',
    order: 190,
    ...M,
    when: { all: ['odour>=1'], none: ['aim:wash', 'aim:rinse', 'life-safety'] },
    aim: 'air',
    decidedBy: ['odour'],
    relevant: { none: notSafety },
  },
  {
    id: 'damp-air',
    order: 200,
    ...M,
    when: { all: ['damp'], none: ['aim:wash', 'life-safety', 'aim:rinse'] },
    aim: 'air',
    decidedBy: ['damp'],
    relevant: { all: ['damp'], none: notSafety },
  },
  {
    id: 'loft-fluff',
    order: 210,
    ...M,
    when: { all: ['filled', 'loft:flat'], none: ['aim:wash', 'life-safety'] },
    aim: 'fluff',
    decidedBy: ['loftRatio'],
    relevant: { all: ['filled'], none: notSafety },
  },
  {
    id: 'storage-fluff',
    order: 220,
    ...P,
    when: { all: ['filled', 'from-storage'], none: ['aim:wash', 'life-safety'] },
    aim: 'fluff',
    decidedBy: ['fromStorage'],
    relevant: { all: ['filled', 'from-storage'], none: notSafety },
  },
  {
    id: 'drops-tired',
    order: 230,
    ...M,
    when: { all: ['has-finish', 'drop:tired', 'drop:exposed'], none: ['aim:wash', 'life-safety', 'leaking'] },
    aim: 'reactivate',
    decidedBy: ['droplet'],
    adds: ['test-after'],
    relevant: { all: ['has-finish'], none: ['aim:wash', 'life-safety'] },
  },
  {
    id: 'drops-sheltered',
    order: 240,
    ...M,
    when: { all: ['has-finish', 'drop:tired'], none: ['drop:exposed', 'aim:wash', 'life-safety'] },
    aim: 'none',
    decidedBy: ['droplet'],
    relevant: { all: ['has-finish', 'drop:tired'], none: ['aim:wash'] },
  },
  {
    id: 'drops-poor',
    order: 250,
    ...M,
    when: { all: ['has-finish', 'drop:poor'], none: ['aim:wash', 'life-safety', 'leaking'] },
    aim: 'reactivate',
    decidedBy: ['droplet'],
    adds: ['test-after', 'renew-if-failed'],
    relevant: { all: ['has-finish'], none: ['aim:wash', 'life-safety'] },
  },
  {
    id: 'drops-gone-filthy',
    order: 260,
    ...M,
    when: { all: ['has-finish', 'soil>=4', 'drop<=1'], none: ['life-safety', 'leaking'] },
    aim: 'renew',
    decidedBy: ['soil', 'droplet'],
    adds: ['test-after'],
    relevant: { all: ['has-finish', 'soil:wash'], none: notSafety },
  },
  {
    id: 'washed-then-heat',
    order: 270,
    ...P,
    when: { all: ['has-finish', 'aim:wash'], none: ['life-safety'] },
    aim: 'reactivate',
    decidedBy: [],
    adds: ['test-after', 'renew-if-failed'],
    relevant: { all: ['has-finish', 'aim:wash'] },
  },
  {
    id: 'washed-then-test',
    order: 280,
    ...P,
    when: { all: ['cold-finish', 'aim:wash'] },
    aim: 'none',
    decidedBy: [],
    adds: ['test-after', 'renew-if-failed'],
    relevant: { all: ['cold-finish', 'aim:wash'] },
  },
  {
    id: 'drops-poor-cold',
    order: 290,
    ...M,
    when: { all: ['cold-finish', 'drop:poor'], none: ['aim:wash', 'leaking'] },
    aim: 'renew',
    decidedBy: ['droplet'],
    adds: ['test-after'],
    relevant: { all: ['cold-finish'], none: ['aim:wash'] },
  },
  {
    id: 'drops-fine',
    order: 300,
    ...SPRAY,
    when: { all: ['repellent', 'drop:fine'], none: ['aim:wash', 'life-safety'] },
    aim: 'none',
    decidedBy: ['droplet'],
    relevant: { all: ['repellent', 'drop:fine'], none: ['aim:wash'] },
  },
  {
    id: 'cloth-downgrade',
    order: 310,
    ...P,
    when: { all: ['cloth-like', 'stain-set'] },
    aim: 'downgrade',
    decidedBy: ['stains'],
    relevant: { all: ['cloth-like', 'stained'] },
  },
] as const satisfies readonly AssessRule[];

/** When an observation was really made, so that a verdict is never said to rest on what nobody looked at. Others always were. */
export const OBSERVED: Readonly<Record<string, When>> = {
  soil: { none: ['unseen:soil'] },
  odour: { none: ['unseen:odour'] },
  droplet: { none: ['unseen:droplet'] },
  loftRatio: { none: ['unseen:loftRatio'] },
  soils: { none: ['unseen:soils'] },
  stains: { all: ['stained'] },
};

/** Zones that rain and straps reach first. */
export const EXPOSED_ZONES: readonly string[] = ['hood', 'shoulders', 'back', 'sleeves'];

/**
 * Where one answer turns into another; from memory, and the user may move each. Soil 0–4, smell 0–3, drop grades 0–5 (ISO 4920), loft as a
 * share of new. `soilWash`, `odourWash`: washed from here on. `dropFine`: from here on the finish is fine; up to `dropPoor` it is renewed if
 * heat does not help; between them it is warmed where rain falls. Below `loftWash` it is washed, up to `loftFluff` it is fluffed.
 */
export const THRESHOLDS = { soilWash: 2, odourWash: 2, dropFine: 4, dropPoor: 2, loftWash: 0.85, loftFluff: 0.95 } as const;
export type Thresholds = { readonly [K in keyof typeof THRESHOLDS]: number };

/** An aim on the left makes the ones on the right needless. */
export const SUPERSEDES: Readonly<Partial<Record<Aim, readonly Aim[]>>> = {
  refer: ['repair', 'spot-clean', 'air', 'fluff', 'rinse', 'wash', 'reactivate', 'renew', 'downgrade'],
  wash: ['spot-clean', 'air', 'fluff', 'rinse'],
  rinse: ['spot-clean', 'air'],
  downgrade: ['spot-clean'],
};

/** Aims in the order they are carried out; a renewed finish is heated afterwards. */
export const AIM_SEQUENCE = [
  'refer',
  'repair',
  'spot-clean',
  'air',
  'fluff',
  'rinse',
  'wash',
  'renew',
  'reactivate',
  'downgrade',
] as const;
