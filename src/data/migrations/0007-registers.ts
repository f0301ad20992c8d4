/* Frozen. Version 7: who changed which row when, so that two browsers can be brought together. What was there before is as it came. */
export const version = 7;
export const stores = { registers: 'key' };
