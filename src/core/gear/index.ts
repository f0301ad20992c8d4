/**
 * What things are: the vocabulary and the record types of a kit. The classes of `formats/kit` implement these types with
 * their rules; the engine never depends on a validator. Refuses: any decision.
 */
export * from './vocabulary';
export * from './finish';
export type * from './item';
export * from './inspection';
export * from './latest';
export type * from './equipment';
export type * from './kit';
export * from './log';
export type * from './preferences';
