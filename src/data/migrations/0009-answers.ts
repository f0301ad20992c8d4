/* Frozen. Version 9: what was answered of the kit last, so that the next visit begins with it. */
export const version = 9;
export const stores = { answers: 'id' };
