import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';
import { makeApp } from '../server/app';
import { CHROMIUM, CHROMIUM_ARGS } from './chromium';

/** Takes one picture of each main view from the demo data into docs/screenshots. Needs a build (npm run build) and Chromium. */
const SHOTS: readonly {
  readonly name: string;
  readonly path: string;
  readonly phone?: true;
  readonly dark?: true;
  readonly run?: true;
}[] = [
  { name: 'now', path: '/' },
  { name: 'kit', path: '/kit' },
  { name: 'new', path: '/kit/new' },
  { name: 'item', path: '/kit/itm-parka' },
  { name: 'surfaces', path: '/kit/itm-lender-41/surfaces' },
  { name: 'colour-dark', path: '/kit/itm-white-shoes/colour', dark: true },
  { name: 'programme', path: '/kit/itm-parka/programme' },
  { name: 'look-over-phone', path: '/kit/itm-smock/look-over', phone: true },
  { name: 'rehearse', path: '/kit/itm-quilt/rehearse?heat=medium&rounds=feels&loads=2' },
  { name: 'fill', path: '/kit/itm-quilt/fill' },
  { name: 'drops', path: '/kit/itm-smock/drops' },
  { name: 'run', path: '', run: true },
  { name: 'run-phone', path: '', run: true, phone: true },
  { name: 'cupboard', path: '/cupboard' },
  { name: 'bench', path: '/bench/rinse?item=itm-night-bag&by=hand&held=4&fresh=40&release=50' },
  { name: 'wash-day', path: '/wash-day' },
  { name: 'record', path: '/record' },
  { name: 'handbook', path: '/handbook/material/down' },
  { name: 'report', path: '/record/log-1' },
];

if (!CHROMIUM || !existsSync('dist/index.html')) {
  console.error('This needs Chromium and a build: npm run build');
  process.exit(1);
}
const server = makeApp({ dist: 'dist', demo: true, now: Date.now }).listen(0, '127.0.0.1');
await new Promise((resolve) => server.once('listening', resolve));
const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
const profile = mkdtempSync(join(tmpdir(), 'umbrastic-shots-'));
const browser = await puppeteer.launch({
  executablePath: CHROMIUM,
  userDataDir: profile,
  args: CHROMIUM_ARGS,
});
const page = await browser.newPage();
await page.goto(base, { waitUntil: 'networkidle0' });
await page.waitForSelector('a[href^="/run/"]');
const runPath = await page.$eval('a[href^="/run/"]', (link) => link.getAttribute('href') ?? '/');
for (const shot of SHOTS) {
  await page.setViewport(shot.phone ? { width: 390, height: 844 } : { width: 1280, height: 800 });
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: shot.dark ? 'dark' : 'light' }]);
  await page.goto(base + (shot.run ? runPath : shot.path), { waitUntil: 'networkidle0' });
  if (shot.name === 'wash-day') await page.waitForSelector('section[aria-label="Loads"]');
  await page.waitForSelector('h1');
  await new Promise((resolve) => setTimeout(resolve, 500));
  await page.screenshot({ path: `docs/screenshots/${shot.name}.png` });
  console.log(`docs/screenshots/${shot.name}.png`);
}
await browser.close();
server.close();
rmSync(profile, { recursive: true, force: true });
