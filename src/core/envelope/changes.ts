import type { Dimension, LimitValues } from '../knowledge';
import type { Bound, Envelope } from './types';
import { DIMENSIONS, looseness } from './scale';

export interface EnvelopeChange {
  readonly dimension: Dimension;
  readonly from: LimitValues[Dimension];
  readonly to: LimitValues[Dimension];
  /** `same`: the value stays, another layer binds it now. */
  readonly way: 'stricter' | 'looser' | 'same';
  /** What binds now. */
  readonly by: Bound['by'];
}

/** What a correction moves, in the order of the dimensions: values, and who binds them. */
export function envelopeChanges(before: Envelope, after: Envelope): EnvelopeChange[] {
  return DIMENSIONS.flatMap((dimension): EnvelopeChange[] => {
    const from = before.bounds[dimension];
    const to = after.bounds[dimension];
    const [was, is] = [looseness(dimension, from.value), looseness(dimension, to.value)];
    const sameCause = from.by?.component === to.by?.component && from.by?.rule === to.by?.rule;
    if (was === is && sameCause) return [];
    return [{ dimension, from: from.value, to: to.value, way: is < was ? 'stricter' : is > was ? 'looser' : 'same', by: to.by }];
  });
}
