/** Days that a field takes, both ends included: YYYY-MM-DD with four figures of a year, as the format has it. */
export const FIRST_DAY = '1900-01-01';
export const LAST_DAY = '2199-12-31';
