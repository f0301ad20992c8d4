import { dayOf } from '../core/units/day';
/** The clock of this device; everything below the app is handed its instants, but for the note of who changed what when (`data/registers`). */
export const nowMs = (): number => Date.now();
export const nowIso = (): string => `${new Date().toISOString().slice(0, 19)}Z`;
/** Today as a day of this place, "2027-01-03". */
export const today = (): string => dayOf(new Date().toISOString());
export const newId = (prefix: string): string => `${prefix}-${crypto.randomUUID().slice(0, 13)}`;
