import type { Browser } from 'puppeteer-core';
import { inBrowser } from './browser';

/*
 * Each place as it is come to from Now, its files at hand: how long until it stands, and the longest time for which it holds the machine. On a
 * desk, and on a phone four times slower. Bound of the same run: Now itself, come to from the handbook. Needs a build and Chromium.
 */
const PLACES = [
  '/kit',
  '/kit/itm-parka',
  '/kit/itm-parka/programme',
  '/kit/itm-quilt/fill',
  '/kit/itm-quilt/rehearse',
  '/kit/itm-smock/drops',
  '/kit/itm-white-shoes/colour',
  '/kit/shells',
  '/wash-day?items=itm-bib,itm-softshell',
  '/bench',
  '/cupboard',
  '/record',
  '/record/season',
  '/handbook',
] as const;
const LOOKS = [
  { name: 'desk', slower: 1, width: 1280, height: 800, standsMs: 1200, taskMs: 50 },
  { name: 'phone', slower: 4, width: 390, height: 844, standsMs: 1200, taskMs: 200 },
] as const;
const TIMES = 3;

interface Come {
  readonly stands: number;
  readonly task: number;
}
async function look(
  browser: Browser,
  base: string,
  { slower, width, height }: (typeof LOOKS)[number],
): Promise<Map<string, Come>> {
  const context = await browser.createBrowserContext();
  const page = await context.newPage();
  await page.setViewport({ width, height });
  await page.evaluateOnNewDocument(() => {
    const w = window as unknown as { tasks: number[] };
    w.tasks = [];
    new PerformanceObserver((list) => w.tasks.push(...list.getEntries().map((e) => e.duration))).observe({
      entryTypes: ['longtask'],
    });
  });
  await page.goto(base, { waitUntil: 'networkidle0' });
  await page.waitForFunction(() => document.body.innerText.includes('Needs care'));
  await (await page.createCDPSession()).send('Emulation.setCPUThrottlingRate', { rate: slower });
  const go = async (path: string): Promise<Come> => {
    const stands = await page.evaluate(async (to) => {
      const w = window as unknown as { tasks: number[] };
      w.tasks.length = 0;
      const old = document.querySelector('h1');
      const from = performance.now();
      history.pushState(null, '', to);
      dispatchEvent(new PopStateEvent('popstate', { state: null }));
      while (old?.isConnected || !document.querySelector('h1') || document.querySelector('[aria-busy=true]'))
        await new Promise((frame) => requestAnimationFrame(frame));
      return performance.now() - from;
    }, path);
    // What is drawn after it stands counts as well.
    await new Promise((later) => setTimeout(later, 300 * slower));
    return { stands, task: await page.evaluate(() => Math.max(0, ...(window as unknown as { tasks: number[] }).tasks)) };
  };
  const all = new Map<string, Come[]>();
  for (let n = 0; n <= TIMES; n++)
    for (const path of ['/handbook', '/', ...PLACES.flatMap((place) => [place, '/'])]) {
      const come = await go(path);
      // The first time its files are fetched.
      if (n > 0) all.set(path, [...(all.get(path) ?? []), come]);
    }
  await context.close();
  const middle = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1] ?? NaN;
  return new Map(
    [...all].map(([path, come]) => [path, { stands: middle(come.map((c) => c.stands)), task: middle(come.map((c) => c.task)) }]),
  );
}

/** Prints each place’s two figures, beside the aims and beside Now. */
export const benchPlaces = (): Promise<void> =>
  inBrowser(async (browser, base) => {
    for (const as of LOOKS) {
      const seen = await look(browser, base, as);
      const now = seen.get('/')?.stands ?? NaN;
      console.log(
        `\nPlaces on a ${as.name}: until it stands (aim ${as.standsMs} ms; beside Now), longest task (aim ${as.taskMs} ms)`,
      );
      for (const [path, { stands, task }] of seen)
        console.log(
          `  ${path.padEnd(40)} ${stands.toFixed(0).padStart(5)} ms ${(stands / now).toFixed(1).padStart(4)} × · ${task === 0 ? 'under 50' : task.toFixed(0).padStart(8)} ms${task > as.taskMs || stands > as.standsMs ? ' over' : ''}`,
        );
    }
  });
