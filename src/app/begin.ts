import type { DryerKind, Kit, RackKind, WasherKind } from '../core/gear';
import { DRYER_KINDS, RACK_KINDS, UNIT_SYSTEMS, WASHER_KINDS } from '../core/gear/vocabulary';
import { KIT_FORMAT, KIT_VERSION } from '../core/formats/limits';
import { loadKit, replaceKit } from '../data/kit';
import { snapshot } from './copy';
import { newId } from './now';
import { notify } from './session';

/** What is asked before the first thing. */
export interface Answers {
  readonly title: string;
  readonly washIn: readonly string[];
  readonly dryIn: readonly string[];
  readonly units: string;
  readonly currency: string;
}
const oneOf = <T extends string>(all: readonly T[], ids: readonly string[]): T[] => all.filter((one) => ids.includes(one));

/** A kit with no thing in it yet: what one washes and dries in, and how figures are written. */
export function kitOf({ title, washIn, dryIn, units, currency }: Answers): Kit {
  const washers: WasherKind[] = oneOf(WASHER_KINDS, washIn);
  const dryers: DryerKind[] = oneOf(DRYER_KINDS, dryIn);
  const racks: RackKind[] = oneOf(RACK_KINDS, dryIn);
  const [system] = oneOf(UNIT_SYSTEMS, [units]);
  return {
    format: KIT_FORMAT,
    version: KIT_VERSION,
    ...(title.trim() ? { title: title.trim() } : {}),
    items: [],
    inspections: [],
    equipment: {
      washers: washers.map((kind) => ({ id: newId('w'), kind })),
      dryers: dryers.map((kind) => ({ id: newId('d'), kind })),
      racks: racks.map((kind) => ({ id: newId('r'), kind })),
    },
    preferences: { ...(system ? { units: system } : {}), ...(currency ? { currency } : {}) },
  };
}
/** Begins with one's own. What was here is kept for a while, to be brought back under Record. */
export async function begin(answers: Answers): Promise<void> {
  const { items } = await loadKit();
  await snapshot('begin');
  const undo = await replaceKit(kitOf(answers));
  notify(items.length > 0 ? 'Your own kit begins. What was here stays under Record for 30 days.' : 'Your own kit begins.', undo);
}
