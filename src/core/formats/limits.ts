/** Name and version of the kit format, and the bounds of reading it; apart from the validators, so that pages need not load them. */
export const KIT_FORMAT = 'umbrastic/kit';
export const KIT_VERSION = 1;
/** Largest kit file that is read at all, in characters. */
export const MAX_KIT_CHARS = 64_000_000;
/** The documents of a wash day. */
export const DAY_REQUEST_FORMAT = 'umbrastic/day-request';
export const WASH_DAY_FORMAT = 'umbrastic/wash-day';
/** Most that a copy with photographs unpacks to, bytes. */
export const MAX_COPY_BYTES = 1_000_000_000;
