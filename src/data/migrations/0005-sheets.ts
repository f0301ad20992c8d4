/* Frozen. Version 5: what is changed in a sheet and not kept yet is a row of its own, so that a reload or a closed tab loses nothing. */
export const version = 5;
export const stores = { sheets: 'key' };
