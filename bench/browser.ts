import { mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Express } from 'express';
import puppeteer, { type Browser } from 'puppeteer-core';
import { CHROMIUM, CHROMIUM_ARGS } from '../scripts/chromium';
import { makeApp } from '../server/app';

/** Serves an app for as long as `what` takes. @param what is given its address. */
export async function served(app: Express, what: (base: string) => Promise<void>): Promise<void> {
  const server = await new Promise<Server>((resolve) => {
    const made = app.listen(0, '127.0.0.1', () => resolve(made));
  });
  try {
    await what(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  } finally {
    server.close();
  }
}
/**
 * The built app with the demo kit, in a new Chromium; all of it is gone afterwards. Where there is no Chromium it says so and does nothing.
 * @param what is given the browser, the app's address and a folder of its own.
 */
export async function inBrowser(what: (browser: Browser, base: string, folder: string) => Promise<void>): Promise<void> {
  if (!CHROMIUM) return console.log('No Chromium here: pages are not measured.');
  const folder = mkdtempSync(join(tmpdir(), 'umbrastic-bench-'));
  const browser = await puppeteer.launch({ executablePath: CHROMIUM, userDataDir: join(folder, 'profile'), args: CHROMIUM_ARGS });
  try {
    await served(makeApp({ dist: 'dist', demo: true, now: Date.now }), (base) => what(browser, base, folder));
  } finally {
    await browser.close();
    rmSync(folder, { recursive: true, force: true });
  }
}
