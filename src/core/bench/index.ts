/**
 * Instruments that work alone: what they ask, from an address, and what they answer. A fault is a sentence beside its field, and no answer
 * comes with one. Refuses: storing anything.
 */
export * from './fields';
export * from './dose';
export * from './rinse';
export * from './dilution';
export * from './energy';
export * from './fill';
