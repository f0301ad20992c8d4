import type { ProgrammeStep } from '../core/document';
import { latestStart } from '../core/due/backwards';
import type { Ahead } from '../core/due/forecast';
import { midnightOf } from './time';
import { MINUTE_MS } from '../core/units/time';

/** All is ready in the evening of its day, minutes after midnight. */
const READY_AT_MIN = 20 * 60;
/** When a thing must be begun at the latest to be ready for an outing, as an instant, ms. */
export const beginBy = (
  programme: {
    readonly steps: readonly Pick<ProgrammeStep, 'id' | 'key' | 'when' | 'phase' | 'attendedMin' | 'unattendedMin' | 'mayWait'>[];
  } | null,
  event: Pick<Ahead, 'readyBy'>,
): number => midnightOf(event.readyBy) + latestStart(programme?.steps ?? [], READY_AT_MIN).startMin * MINUTE_MS;
