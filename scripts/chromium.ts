import { existsSync } from 'node:fs';

/**
 * The Chromium to drive: the one that is named, else Debian's, without a screen where it is there: it does the same in three quarters of the time.
 * Undefined when there is none.
 */
export const CHROMIUM = [
  process.env.CHROMIUM_PATH,
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
].find((path): path is string => !!path && existsSync(path));
/** Quiet, without a network of its own. */
export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
