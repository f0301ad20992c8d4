/**
 * What lists show of the programmes of a whole kit; `known.ts`: the texts by which an answer is known again. Refuses: storing, and planning for
 * work: who carries a programme out takes it whole, of `programme`.
 */
import type { Programme, ProgrammeStep } from '../document';
import { rhythmOf } from '../due';
import type { Item, Kit } from '../gear';
import { planItem } from '../programme';
import { needsOf, type Need } from '../supplies';

/** What lists show of a step; whole programmes would be costly to hand over by the hundred. */
export type StepOutline = Pick<
  ProgrammeStep,
  'id' | 'key' | 'phase' | 'do' | 'when' | 'settings' | 'attendedMin' | 'unattendedMin' | 'mayWait'
>;
export interface ProgrammeOutline extends Pick<Programme, 'itemId' | 'verdict' | 'because' | 'aims' | 'method' | 'confidence'> {
  readonly steps: readonly StepOutline[];
  /** What it takes from the cupboard, steps behind a failed check left out. */
  readonly needs: readonly Need[];
  /** Days of ordinary use until the next look. */
  readonly lookDays: number;
  /** It could not be planned, and why; nothing else of it is known then. */
  readonly failed?: string;
}

function outline({ itemId, verdict, because, aims, method, confidence, steps }: Programme, item: Item): ProgrammeOutline {
  return {
    itemId,
    verdict,
    because,
    aims,
    method,
    confidence,
    lookDays: rhythmOf(item).days,
    needs: needsOf(itemId, steps),
    steps: steps.map(({ id, key, phase, do: verb, when, settings, attendedMin, unattendedMin, mayWait }) => ({
      id,
      key,
      phase,
      do: verb,
      when,
      settings: {
        ...(settings.heat === undefined ? {} : { heat: settings.heat }),
        ...(settings.place === undefined ? {} : { place: settings.place }),
      },
      attendedMin,
      unattendedMin,
      mayWait,
    })),
  };
}

/** The outline of one thing's programme. One thing that cannot be planned silences no other: it says why. */
export function outlineOf(kit: Kit, item: Item): ProgrammeOutline {
  try {
    return outline(planItem(kit, item), item);
  } catch (error) {
    return {
      itemId: item.id,
      verdict: 'It could not be planned.',
      because: [],
      aims: [],
      method: 'none',
      confidence: 'low',
      lookDays: 0,
      needs: [],
      steps: [],
      failed: error instanceof Error ? error.message : String(error),
    };
  }
}
