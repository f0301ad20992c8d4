import type { Codes, FactBits } from './codes';
import type { Fact } from './fact';

/** Facts as a condition reads them. Plain, because comparing whole set types over so many names takes the compiler a minute. */
export interface FactsRead {
  has(fact: Fact): boolean;
  /** The same as bits, where they are kept. */
  readonly bits?: FactBits;
}

/**
 * A condition over the set of facts known about one request ("fill:down", "soil>=2", "can:tumble:low").
 * Every name in `all` must be present, at least one of `any`, and none of `none`. An empty condition holds.
 */
export interface When {
  readonly all?: readonly Fact[];
  readonly any?: readonly Fact[];
  readonly none?: readonly Fact[];
  /** The same as numbers; made for the tables of the knowledge. */
  readonly codes?: Codes;
}

export type BasisKind = 'standard' | 'practice' | 'memory' | 'label' | 'maker';
export interface Basis {
  readonly basis: BasisKind;
  /** Name of the published standard, handbook or law; only with `standard`. */
  readonly source?: string | undefined;
}

/** One of several values; in a list the first whose condition holds is taken. */
export interface Choice<T> {
  readonly use: T;
  readonly when?: When;
}
