/* Frozen. Version 8: what was done in the last day, each with what takes it back. */
export const version = 8;
export const stores = { undos: 'id, at' };
