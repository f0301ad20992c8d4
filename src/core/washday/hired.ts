import type { Dryer, Kit } from '../gear';
import { HIRED_WORDS } from '../telling/wash-day';
import type { Hired } from './types';

/** Takes anything; a thing goes there where no dryer of one's own takes it, or where the day would not fit otherwise. */
const DRYER: Dryer = { id: 'launderette-dryer', kind: 'commercial', name: HIRED_WORDS.dryer.name };

/** True for a dryer that is not one's own. */
export const isElsewhere = (dryerId: string): boolean => dryerId === DRYER.id;
/** True when the kit has that already. */
export const hasHired = ({ equipment }: Kit, hired: Hired): boolean =>
  hired === 'fan' ? equipment?.room?.fan === true : (equipment?.dryers ?? []).some((d) => d.id === DRYER.id);
/** The kit with what is at hand for the day; what it has already stays one. */
export function withHired(kit: Kit, hired: readonly Hired[] = []): Kit {
  let { equipment = {} } = kit;
  for (const one of hired) {
    if (hasHired({ ...kit, equipment }, one)) continue;
    if (one === 'dryer') equipment = { ...equipment, dryers: [...(equipment.dryers ?? []), DRYER] };
    // How warm and moist the air is nobody has said with it: the usual room.
    else equipment = { ...equipment, room: { ...equipment.room, fan: true } };
  }
  return equipment === kit.equipment ? kit : { ...kit, equipment };
}
