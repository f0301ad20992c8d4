import { readdirSync } from 'node:fs';
import express from 'express';
import staticGzip from 'express-static-gzip';
import type { Browser, Page } from 'puppeteer-core';
import { inBrowser, served } from './browser';

/*
 * The first visit as somebody at the tub has it: Chromium four times slower than here, over "Slow 4G" (1.6 Mbit/s down, 0.75 up, 150 ms). When
 * something is painted, when the verdict stands, what was sent until then. Bound of the same run: a bare page with the framework's chunk alone.
 * Needs a build and Chromium.
 */
const SLOW_4G = { offline: false, latency: 150, downloadThroughput: (1.6e6 / 8) * 0.9, uploadThroughput: (0.75e6 / 8) * 0.9 };
const CPU_SLOWER = 4;
const VERDICT = 'need care';
const AIMS = { paintMs: 1500, verdictMs: 4000, laterMs: 1000, sentKb: 250 } as const;
const TIMES = 3;

interface Seen {
  readonly paintMs: number;
  readonly verdictMs: number;
  readonly sentKb: number;
}
async function seen(page: Page, url: string, verdict: string): Promise<Seen> {
  const client = await page.createCDPSession();
  await client.send('Network.enable');
  await client.send('Network.emulateNetworkConditions', SLOW_4G);
  await client.send('Emulation.setCPUThrottlingRate', { rate: CPU_SLOWER });
  let sent = 0;
  client.on('Network.loadingFinished', (e) => (sent += e.encodedDataLength));
  const started = Date.now();
  await page.goto(url, { waitUntil: 'domcontentloaded', timeout: 60_000 });
  await page.waitForFunction((wanted) => document.body?.innerText.includes(wanted), { timeout: 60_000, polling: 50 }, verdict);
  const verdictMs = Date.now() - started;
  const sentKb = sent / 1000;
  const paintMs = await page.evaluate(() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN);
  await client.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await client.detach();
  return { paintMs, verdictMs, sentKb };
}
const middle = (all: readonly number[]): number => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? NaN;
const middleOf = (all: readonly Seen[]): Seen => ({
  paintMs: middle(all.map((s) => s.paintMs)),
  verdictMs: middle(all.map((s) => s.verdictMs)),
  sentKb: middle(all.map((s) => s.sentKb)),
});
async function fresh<T>(browser: Browser, what: (page: Page) => Promise<T>): Promise<T> {
  const context = await browser.createBrowserContext();
  try {
    const page = await context.newPage();
    await page.setViewport({ width: 390, height: 844 });
    return await what(page);
  } finally {
    await context.close();
  }
}

/** Prints the figures of a first and a later visit beside the bare framework. */
export const benchFirst = (): Promise<void> =>
  inBrowser((browser, base) =>
    served(bareServer(), async (bare) => {
      const [first, later, frame]: [Seen[], Seen[], Seen[]] = [[], [], []];
      for (let n = 0; n < TIMES; n++) {
        frame.push(await fresh(browser, (page) => seen(page, bare, 'Bare')));
        await fresh(browser, async (page) => {
          first.push(await seen(page, base, VERDICT));
          // It is left when it has been read: what a page does when it is quiet is done by then.
          await page.evaluate(async () => void (await navigator.serviceWorker.ready));
          await page.goto('about:blank');
          later.push(await seen(page, base, VERDICT));
        });
      }
      const [a, b, c] = [middleOf(first), middleOf(later), middleOf(frame)];
      const row = (name: string, s: Seen): string =>
        `  ${name.padEnd(16)} paint ${Math.round(s.paintMs)} ms · verdict ${Math.round(s.verdictMs)} ms · sent ${Math.round(s.sentKb)} kB`;
      console.log('\nFirst visit on a phone: CPU four times slower, Slow 4G; middle of three');
      console.log([row('bare framework', c), row('first visit', a), row('later visit', b)].join('\n'));
      console.log(
        `  paint ${(a.paintMs / c.paintMs).toFixed(1)} × the bare framework (aim ${AIMS.paintMs} ms) · verdict ${(a.verdictMs / c.verdictMs).toFixed(1)} × (aim ${AIMS.verdictMs} ms first, ${AIMS.laterMs} ms later) · sent (aim ${AIMS.sentKb} kB)`,
      );
    }),
  );

/** A page that loads the framework's own chunk, sent as the app sends it, and writes one word. */
function bareServer(): express.Express {
  const chunk = readdirSync('dist/assets').find((f) => /^react-.*\.js$/.test(f)) ?? '';
  const app = express();
  app.use('/assets', staticGzip('dist/assets', { enableBrotli: true, orderPreference: ['br', 'gz'], index: false }));
  app.get('/', (_request, response) => {
    response
      .type('html')
      .send(
        `<!doctype html><title>Bare</title><body><script type="module">import "/assets/${chunk}"; document.body.textContent = "Bare";</script></body>`,
      );
  });
  return app;
}
