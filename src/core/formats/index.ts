/**
 * The public documents: reading, checking and printing them. Refuses: planning, storing.
 */
export {
  checkKit,
  checkPart,
  checkRows,
  faultLine,
  keysOf,
  readJson,
  readKit,
  valueAt,
  type Fault,
  type KitPart,
  type ReadKit,
} from './read-kit';
export { KitDoc } from './kit/kit';
export { KIT_FORMAT, KIT_VERSION, MAX_KIT_CHARS } from './limits';
export { readDayRequest, readWashDay, type ReadDayRequest, type ReadWashDay } from './read-day';
export { soundPart, type LeftOut, type Sound } from './sound';
