import type { SupplyClass } from '../gear';
import type { Basis } from './condition';

/** Substances whose strength has classes in law, and others that have none by strength alone. */
export const SUBSTANCES = ['peroxide', 'acetic-acid', 'hypochlorite', 'percarbonate', 'other'] as const;
export type Substance = (typeof SUBSTANCES)[number];

/** From which strength on, % by mass, a mixture carries a class. */
export interface Hazard extends Basis {
  readonly id: string;
  readonly substance: Substance;
  readonly from: number;
  /** Another class speaks from here on. */
  readonly below?: number;
}
const CLP = { basis: 'standard', source: 'EU CLP Regulation (EC) No 1272/2008, Annex VI' } as const;

export const HAZARDS = [
  { id: 'peroxide-corrosive', substance: 'peroxide', from: 50, ...CLP },
  { id: 'peroxide-airways', substance: 'peroxide', from: 35, ...CLP },
  { id: 'peroxide-eye-damage', substance: 'peroxide', from: 8, ...CLP },
  { id: 'peroxide-eye-irritant', substance: 'peroxide', from: 5, below: 8, ...CLP },
  { id: 'acid-corrosive', substance: 'acetic-acid', from: 25, ...CLP },
  { id: 'acid-irritant', substance: 'acetic-acid', from: 10, below: 25, ...CLP },
  { id: 'hypochlorite-gas', substance: 'hypochlorite', from: 5, ...CLP },
  { id: 'hypochlorite-any', substance: 'hypochlorite', from: 0.1, basis: 'practice' },
  { id: 'percarbonate-eye-damage', substance: 'percarbonate', from: 25, basis: 'memory' },
  { id: 'percarbonate-eye-irritant', substance: 'percarbonate', from: 7.5, below: 25, basis: 'memory' },
] as const satisfies readonly Hazard[];
export type HazardId = (typeof HAZARDS)[number]['id'];

/** What a supply of a class is a solution of. */
export const SUBSTANCE_OF: Partial<Record<SupplyClass, Substance>> = {
  'peroxide-cream': 'peroxide',
  vinegar: 'acetic-acid',
  'chlorine-bleach': 'hypochlorite',
  'oxygen-booster': 'percarbonate',
};
