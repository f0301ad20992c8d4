/**
 * The public documents: reading, checking and printing them. Refuses: planning, storing.
 */
export { checkKit, faultLine, MAX_KIT_CHARS, readKit, type Fault, type ReadKit } from './read-kit';
export { KIT_FORMAT, KIT_VERSION, KitDoc } from './kit/kit';
