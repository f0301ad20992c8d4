import { readdirSync } from 'node:fs';
import express from 'express';
import staticGzip from 'express-static-gzip';
import type { Browser, CDPSession, Target } from 'puppeteer-core';
import { inBrowser, served } from './browser';

/*
 * The first visit as somebody at the tub has it: Chromium four times slower than here, over "Slow 4G" (1.6 Mbit/s down, 0.75 up, 150 ms). When
 * something is painted, when the verdict stands, what was sent until then; and when a place stands for one who comes by a link to it. Bound of the
 * same run: a bare page with the framework's chunk alone. Needs a build and Chromium.
 */
const SLOW_4G = { offline: false, latency: 150, downloadThroughput: (1.6e6 / 8) * 0.9, uploadThroughput: (0.75e6 / 8) * 0.9 };
const CPU_SLOWER = 4;
const VERDICT = 'need care';
/** Where a link may lead. */
const LINKED = [
  '/kit',
  '/kit/itm-parka',
  '/kit/itm-smock',
  '/kit/itm-smock/drops',
  '/cupboard',
  '/wash-day',
  '/record',
  '/handbook',
] as const;
const LONGEST_MS = 60_000;
const AIMS = { paintMs: 1500, verdictMs: 4000, laterMs: 1000, sentKb: 250 } as const;
const TIMES = 5;

interface Seen {
  readonly paintMs: number;
  readonly verdictMs: number;
  readonly sentKb: number;
}
/** A tab of a new browser, spoken to over the wire alone: what a library for tests switches on would cost a phone a tenth of a second. */
async function fresh<T>(browser: Browser, what: (tab: CDPSession) => Promise<T>): Promise<T> {
  const context = await browser.createBrowserContext();
  try {
    const [opened] = await Promise.all([
      new Promise<Target>((resolve) => context.once('targetcreated', resolve)),
      browser
        .target()
        .createCDPSession()
        .then((session) =>
          session.send('Target.createTarget', { url: 'about:blank', ...(context.id ? { browserContextId: context.id } : {}) }),
        ),
    ]);
    const tab = await opened.createCDPSession();
    await tab.send('Page.enable');
    await tab.send('Network.enable');
    await tab.send('Emulation.setDeviceMetricsOverride', { width: 390, height: 844, deviceScaleFactor: 1, mobile: false });
    return await what(tab);
  } finally {
    await context.close();
  }
}
const ask = async <T>(tab: CDPSession, expression: string): Promise<T> =>
  (await tab.send('Runtime.evaluate', { expression, returnByValue: true, awaitPromise: true })).result.value as T;

/** Notes the frame in which the verdict is first to be seen, on the page's own clock, which begins when its address is gone to. */
const WATCH = `new MutationObserver((_, all) => {
  if (!document.body?.textContent?.includes(${JSON.stringify(VERDICT)})) return;
  all.disconnect();
  requestAnimationFrame(() => {
    const drawn = new MessageChannel();
    drawn.port1.onmessage = () => (globalThis.verdictMs = performance.now());
    drawn.port2.postMessage(null);
  });
}).observe(document, { childList: true, subtree: true, characterData: true });`;
/** When something was first painted, also where the browser has yet to say so. */
const PAINT = `new Promise((resolve) =>
  new PerformanceObserver((list) => {
    const first = list.getEntriesByName('first-contentful-paint')[0];
    if (first) resolve(first.startTime);
  }).observe({ type: 'paint', buffered: true }),
)`;

async function seen(tab: CDPSession, url: string): Promise<Seen> {
  await tab.send('Network.emulateNetworkConditions', SLOW_4G);
  await tab.send('Emulation.setCPUThrottlingRate', { rate: CPU_SLOWER });
  const { identifier } = await tab.send('Page.addScriptToEvaluateOnNewDocument', { source: WATCH });
  let sent = 0;
  const add = (e: { encodedDataLength: number }): void => void (sent += e.encodedDataLength);
  tab.on('Network.loadingFinished', add);
  await tab.send('Page.navigate', { url });
  const until = Date.now() + LONGEST_MS;
  let verdictMs: number | null = null;
  while (verdictMs === null) {
    if (Date.now() > until) throw new Error(`No verdict at ${url}.`);
    await new Promise((later) => setTimeout(later, 50));
    verdictMs = await ask<number | null>(tab, 'globalThis.verdictMs ?? null').catch(() => null);
  }
  const sentKb = sent / 1000;
  tab.off('Network.loadingFinished', add);
  const paintMs = await ask<number>(tab, PAINT);
  await tab.send('Page.removeScriptToEvaluateOnNewDocument', { identifier });
  await tab.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  return { paintMs, verdictMs, sentKb };
}
/** How far what stood has moved of itself, up to two seconds from now. Bound: a cumulative layout shift of 0.1 is good (web.dev/cls). */
const MOST_MOVED = 0.1;
const MOVED = `new Promise((resolve) => {
  let sum = 0;
  new PerformanceObserver((list) => {
    for (const { value, hadRecentInput } of list.getEntries()) if (!hadRecentInput) sum += value;
  }).observe({ type: 'layout-shift', buffered: true });
  setTimeout(() => resolve(sum), 2000);
})`;
interface Linked {
  readonly standsMs: number;
  readonly sentKb: number;
  readonly files: number;
  readonly moved: number;
}
/** By a link, nothing of the app read before: until the place stands, and how far it moves. */
async function linked(tab: CDPSession, url: string): Promise<Linked> {
  await tab.send('Network.emulateNetworkConditions', SLOW_4G);
  await tab.send('Emulation.setCPUThrottlingRate', { rate: CPU_SLOWER });
  let [sent, files] = [0, 0];
  tab.on('Network.loadingFinished', (e: { encodedDataLength: number }) => {
    sent += e.encodedDataLength;
    files++;
  });
  await tab.send('Page.navigate', { url });
  const until = Date.now() + LONGEST_MS;
  const stands = `document.querySelector('h1') && !document.querySelector('[aria-busy=true]') ? performance.now() : null`;
  for (;;) {
    const standsMs = await ask<number | null>(tab, stands).catch(() => null);
    if (standsMs !== null) {
      const come = { standsMs, sentKb: sent / 1000, files };
      return { ...come, moved: await ask<number>(tab, MOVED) };
    }
    if (Date.now() > until) throw new Error(`Nothing stands at ${url}.`);
    await new Promise((later) => setTimeout(later, 50));
  }
}
/** Of each figure the one at this place, the least first. */
const atPlace = (all: readonly Seen[], place: number): Seen => {
  const of = (key: keyof Seen): number => all.map((s) => s[key]).sort((a, b) => a - b)[place] ?? NaN;
  return { paintMs: of('paintMs'), verdictMs: of('verdictMs'), sentKb: of('sentKb') };
};
/** Prints the figures of a first and a later visit beside the bare framework. */
export const benchFirst = (): Promise<void> =>
  inBrowser((browser, base) =>
    served(bareServer(), async (bare) => {
      const [first, later, frame]: [Seen[], Seen[], Seen[]] = [[], [], []];
      for (let n = 0; n < TIMES; n++) {
        frame.push(await fresh(browser, (tab) => seen(tab, bare)));
        await fresh(browser, async (tab) => {
          first.push(await seen(tab, base));
          // It is left when it has been read: what a page does when it is quiet is done by then.
          await ask(tab, 'navigator.serviceWorker.ready.then(() => true)');
          await tab.send('Page.navigate', { url: 'about:blank' });
          later.push(await seen(tab, base));
        });
      }
      const row = (name: string, s: Seen): string =>
        `  ${name.padEnd(16)} paint ${Math.round(s.paintMs)} ms · verdict ${Math.round(s.verdictMs)} ms · sent ${Math.round(s.sentKb)} kB`;
      console.log(
        `\nFirst visit on a phone: CPU four times slower, Slow 4G; aims: paint ${AIMS.paintMs} ms, verdict ${AIMS.verdictMs} ms first and ${AIMS.laterMs} ms later, sent ${AIMS.sentKb} kB`,
      );
      // What else runs on the machine only ever makes a visit slower.
      for (const [said, place] of [
        ['quickest', 0],
        ['middle', TIMES >> 1],
      ] as const) {
        const [bare, a, b] = [atPlace(frame, place), atPlace(first, place), atPlace(later, place)];
        console.log(
          [`  the ${said} of ${TIMES}`, row('bare framework', bare), row('first visit', a), row('later visit', b)].join('\n'),
        );
        console.log(
          `  first: paint ${(a.paintMs / bare.paintMs).toFixed(1)} × and verdict ${(a.verdictMs / bare.verdictMs).toFixed(1)} × the bare framework`,
        );
      }
      console.log('  by a link, until the place stands, and how far it moves beside what is good (middle of 3)');
      for (const path of LINKED) {
        const come = [];
        for (let n = 0; n < 3; n++) come.push(await fresh(browser, (tab) => linked(tab, base + path)));
        come.sort((a, b) => a.standsMs - b.standsMs);
        const { standsMs = NaN, sentKb = NaN, files = NaN, moved = NaN } = come[1] ?? {};
        const ratio = standsMs / atPlace(frame, TIMES >> 1).verdictMs;
        console.log(
          `    ${path.padEnd(22)} ${standsMs.toFixed(0)} ms, ${ratio.toFixed(1)} × the bare framework · ${files} files, ${sentKb.toFixed(0)} kB · moved ${(moved / MOST_MOVED).toFixed(2)} ×`,
        );
      }
    }),
  );

/** A page that loads the framework's own chunk, sent as the app sends it, and writes two words. */
function bareServer(): express.Express {
  const chunk = readdirSync('dist/assets').find((f) => /^react-.*\.js$/.test(f)) ?? '';
  const app = express();
  app.use('/assets', staticGzip('dist/assets', { enableBrotli: true, orderPreference: ['br', 'gz'], index: false }));
  app.get('/', (_request, response) => {
    response
      .type('html')
      .send(
        `<!doctype html><title>Bare</title><body><script type="module">import "/assets/${chunk}"; document.body.textContent = ["things", "need care"].join(" ");</script></body>`,
      );
  });
  return app;
}
