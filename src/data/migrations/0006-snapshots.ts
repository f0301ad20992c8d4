/* Frozen. Version 6: whole states from before something large was done, kept for some days. */
export const version = 6;
export const stores = { snapshots: 'id, at' };
