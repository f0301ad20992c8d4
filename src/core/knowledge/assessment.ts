import { CARE_RULES } from './assess/care';
import { WASH_RULES } from './assess/wash';
import type { Aim } from '../gear';
import type { When } from './condition';
import type { AssessRule } from './types';

/*
 * From what was seen to what is needed. All from memory unless marked; the user may move the loft thresholds. A rule may build on
 * an aim ("aim:wash") that one of a lower order sets.
 */

export const ASSESS_RULES = [...WASH_RULES, ...CARE_RULES] as const satisfies readonly AssessRule[];

/** When an observation was really made, so that a verdict is never said to rest on what nobody looked at. Others always were. */
export const OBSERVED: Readonly<Record<string, When>> = {
  soil: { none: ['unseen:soil'] },
  odour: { none: ['unseen:odour'] },
  droplet: { none: ['unseen:droplet'] },
  loftRatio: { none: ['unseen:loftRatio'] },
  soils: { none: ['unseen:soils'] },
  stains: { all: ['stained'] },
  log: { all: ['used'] },
};

/** Open questions from which nobody is very sure, and from which nobody is sure at all [from memory]. */
export const OPEN_QUESTIONS = { medium: 4, low: 7 } as const;

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
