import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer, { type Browser } from 'puppeteer-core';
import type { TestProject } from 'vitest/node';
import { makeApp } from '../../server/app';
import { buildApp } from '../../scripts/build-app';
import { CHROMIUM, CHROMIUM_ARGS } from '../../scripts/chromium';

declare module 'vitest' {
  export interface ProvidedContext {
    baseUrl: string;
    /** Where the built app lies. */
    dist: string;
    /** The browser of most visits, and that of those where a page computes for long. */
    browsers: { readonly brief: string; readonly long: string };
    /** Where files may be laid; gone with the last test. */
    folder: string;
  }
}

/**
 * Without the engine's optimizing compilers: pages are loaded anew by the hundred here, and few live long enough to earn back what these spend.
 * Most take a tenth less so; what computes for long takes a sixth more, and has a browser with the compilers.
 */
const UNOPTIMIZED = '--js-flags=--max-opt=1';

/** Builds the app, serves it with the demo kit, and starts the browser that the tests drive. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const executablePath = CHROMIUM;
  if (!executablePath) throw new Error('The browser tests need Chromium: npm test installs it, or set CHROMIUM_PATH.');
  const folder = mkdtempSync(join(tmpdir(), 'umbrastic-tests-'));
  // Not where the one lies that is shipped; or one that was built before, for many runs.
  const dist = process.env.BUILT_APP ?? join(folder, 'dist');
  if (!process.env.BUILT_APP && !buildApp({ dist, loosely: true })) throw new Error('The app did not build.');
  const server = makeApp({ dist, demo: true, now: Date.now }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const launch = (name: string, ...more: string[]): Promise<Browser> =>
    puppeteer.launch({ executablePath, userDataDir: join(folder, name), args: [...CHROMIUM_ARGS, ...more] });
  const [brief, long] = await Promise.all([launch('brief', UNOPTIMIZED), launch('long')]);
  project.provide('baseUrl', `http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  project.provide('dist', dist);
  project.provide('folder', folder);
  project.provide('browsers', { brief: brief.wsEndpoint(), long: long.wsEndpoint() });
  return async () => {
    await Promise.all([brief.close(), long.close()]);
    server.close();
    rmSync(folder, { recursive: true, force: true });
  };
}
