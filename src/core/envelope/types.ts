import type { Dimension, LimitValues } from '../knowledge';
import type { Limit } from './limits';

export interface Bound<D extends Dimension = Dimension> {
  readonly value: LimitValues[D];
  /** The limit that binds, or null when nothing does. */
  readonly by: Limit | null;
}
/** A soft limit that was passed, and by whose word. */
export interface Waiver {
  readonly dimension: Dimension;
  readonly from: LimitValues[Dimension];
  readonly to: LimitValues[Dimension];
  /** "label", "maker" or a school id. */
  readonly by: string;
  readonly limit: Limit;
}
export interface Envelope {
  readonly bounds: { readonly [D in Dimension]: Bound<D> };
  /** The meet of the hard limits alone: what no school could ever pass. */
  readonly hard: { readonly [D in Dimension]: LimitValues[D] };
  readonly waived: readonly Waiver[];
  readonly limits: readonly Limit[];
}
