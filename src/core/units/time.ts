/** Lengths of time, each once. */
export const MINUTE_MS = 60_000;
export const HOUR_MS = 3_600_000;
export const DAY_MS = 86_400_000;
export const DAY_MIN = 1440;
/** Mean year between 1901 and 2099, days: every fourth has one more. */
export const YEAR_DAYS = 365.25;
