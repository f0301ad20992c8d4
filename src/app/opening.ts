import { openStore, type OtherTabs } from '../data/db';

/* Imported before all else: the store opens while the rest of the app is read. */

/** What is to happen when other tabs are in the way; nothing comes of it before the app has been read. */
export const otherTabs: OtherTabs = {};
export const opening = openStore(otherTabs);
