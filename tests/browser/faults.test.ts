import { readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, inject, test, vi } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import type { Item, Kit } from '../../src/core/gear';
import { foldRun, type Run, type RunRecord } from '../../src/core/run';
import { invented } from '../make';
import { ownServer } from './own-server';
import { faultsOf, giveFile, giveKit, passMinutes, putInStore, visit, type Visit, soon } from './visit';

/* What goes wrong, and what is promised then: docs/faults.md names each of these. */
const demo = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const runsOf = async (v: Visit): Promise<Run[]> => ((await v.rows('runs')) as unknown as RunRecord[]).map(foldRun);
const liveOf = async (v: Visit): Promise<Run> => (await runsOf(v)).find((r) => r.status === 'live')!;
/** The device's clock is set by so many minutes from what it truly is; the page's own count of time goes on. */
const setClock = (v: Visit, minutes: number): Promise<void> =>
  v.page.evaluate(async (by: number) => {
    const w = window as unknown as { __wall?: () => number };
    const later = (ms: number): Promise<void> => new Promise((over) => setTimeout(over, ms));
    // What watches the clock comes after the page: it has looked at it soon after.
    const watched = (): boolean => performance.getEntriesByType('resource').some(({ name }) => name.includes('/clock-'));
    for (let n = 0; !w.__wall && n < 100 && !watched(); n++) await later(50);
    if (!w.__wall) await later(300);
    const real = (w.__wall ??= Date.now.bind(Date));
    Date.now = () => real() + by;
  }, minutes * 60_000);

describe('a copy', () => {
  test('is read back before it is called saved; of a faulty one the rest can be opened, after it was seen', async () => {
    const v = await visit({ path: '/record' });
    await v.press('Save a copy');
    await v.sees('it was read back and is whole');
    await putInStore(v, 'supplies', { ...(await v.stored('supplies', 's-down')), expiresOn: '12029-05-01' });
    await v.press('Save a copy');
    await v.sees('1 entry breaks the rules of the format');
    await giveFile(
      v,
      'faulty.json',
      JSON.stringify({
        ...demo,
        supplies: [...demo.supplies!.slice(0, 2), { id: 's-x', class: 'vinegar', name: 'Old vinegar', expiresOn: '12029-05-01' }],
        items: [...demo.items.slice(0, 3), { ...demo.items[3]!, kind: 'spaceship' }],
        inspections: [],
        log: [],
        weighIns: [],
      }),
    );
    await v.sees('This file was not imported.');
    await v.sees('Your kit is as it was.');
    expect(await v.rows('items')).toHaveLength(demo.items.length);
    await v.press('See what would be opened');
    await v.sees('This cannot be read, and counts as not known:');
    const left = await v.page.$$eval('ul[aria-label="Left out"] li', (all) => all.map((li) => li.textContent));
    expect(left).toContainEqual(expect.stringMatching(/^Old vinegar expiresOn must be a day/) as string);
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Replace it');
    await v.sees('3 things are in your kit now');
    expect(await v.stored('supplies', 's-x')).toEqual({ id: 's-x', class: 'vinegar', name: 'Old vinegar' });
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

/** Fills the browser's store to the brim. */
const fill = (v: Visit): Promise<number> =>
  v.page.evaluate(
    () =>
      new Promise<number>((resolve, reject) => {
        const open = indexedDB.open('umbrastic');
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          let rows = 0;
          const put = (bytes: number): void => {
            const tx = open.result.transaction('meta', 'readwrite');
            // Random, so that nothing presses it smaller.
            const value = new Uint8Array(bytes).map(() => Math.random() * 256);
            tx.objectStore('meta').put({ key: `filler-${rows}`, value });
            tx.oncomplete = () => (++rows, put(bytes));
            tx.onabort = () => {
              if (bytes > 200) return put(bytes / 8);
              open.result.close();
              resolve(rows);
            };
          };
          put(800_000);
        };
      }),
  );
describe('a full store', () => {
  test('is told at every kind of change; what was typed stays, and is kept when there is room', async () => {
    const v = await visit({ path: '/icon.svg', bare: true });
    const client = await v.page.createCDPSession();
    const origin = new URL(inject('baseUrl')).origin;
    let quotaSize = 0;
    const moreRoom = async (): Promise<void> => {
      await client.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: (quotaSize += 12_000_000) });
    };
    await moreRoom();
    await v.load('/kit/itm-smock?correct=1');
    await v.sees('Correct');
    await v.write('Owner', 'Runa');
    // What was typed is kept first: refused later, it would be told in the same words as the change itself, before that has failed.
    await soon(async () => expect(JSON.stringify(await v.rows('sheets'))).toContain('Runa'));
    await fill(v);
    await v.press('Save');
    await v.sees('The browser’s store is full: that was not kept');
    expect((await v.stored('items', 'itm-smock'))?.owner).not.toBe('Runa');
    // The sheet stands as it was.
    expect(await (await v.named('Owner', 'textbox')).evaluate((e) => (e as HTMLInputElement).value)).toBe('Runa');
    await moreRoom();
    await v.press('Save');
    await v.sees('is corrected');
    expect((await v.stored('items', 'itm-smock'))?.owner).toBe('Runa');
    for (const [press, ...paths] of [
      ['Start', '/kit/itm-bib/programme', '/kit/itm-storm/programme'],
      ['Duplicate', '/kit/itm-bib', '/kit/itm-storm'],
    ] as const) {
      const rows = async (): Promise<number> => (await v.rows('items')).length + (await v.rows('runs')).length;
      const isTold = async (path: string): Promise<boolean> => {
        await v.load(path);
        await fill(v);
        const before = await rows();
        await v.press(press);
        const told = await v.page
          .waitForFunction(() => document.body.innerText.includes('The browser’s store is full: that was not kept'), {
            timeout: 20_000,
          })
          .catch(() => null);
        // The store may have made room meanwhile, by tidying up what it holds: then it is kept, and nothing is said.
        expect((await rows()) - before).toBe(told ? 0 : 1);
        return told !== null;
      };
      expect((await isTold(paths[0])) || (await isTold(paths[1]))).toBe(true);
      await moreRoom();
    }
    await v.close();
  });
});

/**
 * Presses the same in several tabs at the same moment: none has heard of the others. Each is held until then, as what it hears would reach it.
 * @throws Error when a tab was asked after that moment.
 */
async function together(tabs: readonly Visit[], selector: string, times: number, name: string | null = null): Promise<void> {
  const at = Date.now() + 1500;
  const press = (when: number, what: string, often: number, called: string | null): void => {
    const found = [...document.querySelectorAll<HTMLElement>(what)].find((e) => called === null || window.nameOf(e) === called);
    if (!found) throw new Error(`There is no ${called ?? what} to press.`);
    if (Date.now() > when) throw new Error('This tab was asked too late to press with the others.');
    while (Date.now() < when);
    for (let n = 0; n < often; n++) found.click();
  };
  await Promise.all(tabs.map((tab) => tab.page.evaluate(press, at, selector, times, name)));
}

describe('two tabs', () => {
  test('start one run, whoever presses first', async () => {
    const v = await visit({ path: '/kit/itm-bib/programme' });
    await v.sees('Start');
    const w = await v.tab('/kit/itm-bib/programme');
    for (const tab of [v, w]) await tab.page.waitForFunction(() => window.withName('button', 'Start', null).length > 0);
    const before = (await v.rows('runs')).length;
    await together([v, w], 'main button', 1, 'Start');
    for (const tab of [v, w]) {
      // A tab in the background draws no frames to wait by.
      await tab.page.bringToFront();
      await tab.page.waitForFunction(() => location.pathname.startsWith('/run/'));
    }
    expect(await v.rows('runs')).toHaveLength(before + 1);
    expect(new URL(v.page.url()).pathname).toBe(new URL(w.page.url()).pathname);
    await v.close();
  });
  test('that correct one thing lose nothing without a word, and an undo takes back only its own', async () => {
    const v = await visit({ path: '/kit/itm-smock?correct=1' });
    await v.write('Owner', 'Runa');
    await v.write('Name', 'Grey smock');
    const w = await v.tab('/kit/itm-smock?correct=1');
    // The other tab finds what this one has begun; it begins anew with its own.
    await w.sees('These are your changes from before');
    await w.press('Begin again');
    await w.write('Owner', 'Ole');
    await w.press('Save');
    await w.sees('is corrected');
    await v.page.bringToFront();
    await v.sees('Changed in another tab too: owner. Here: Runa. There: Ole. Choose before you save.');
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Save');
    // What is still to be chosen comes into sight, with the focus on it.
    await v.page.waitForFunction(() => document.activeElement?.textContent?.includes('Changed in another tab too') ?? false);
    expect(await v.stored('items', 'itm-smock')).toMatchObject({
      owner: 'Ole',
      name: demo.items.find((i) => i.id === 'itm-smock')!.name,
    });
    await v.press('Take theirs');
    await v.press('Save');
    await v.sees('is corrected');
    expect(await v.stored('items', 'itm-smock')).toMatchObject({ owner: 'Ole', name: 'Grey smock' });
    await putInStore(w, 'items', { ...(await v.stored('items', 'itm-smock')), massG: 444 });
    await v.press('Undo');
    await soon(async () =>
      expect(await v.stored('items', 'itm-smock')).toMatchObject({
        massG: 444,
        name: demo.items.find((i) => i.id === 'itm-smock')!.name,
      }),
    );
    await v.close();
  });
  test('a bottle of which another tab took some keeps that, when its name is corrected here', async () => {
    const v = await visit({ path: '/cupboard' });
    await v.press('Correct Down cleaner');
    await v.named('Your name for it', 'textbox');
    const w = await v.tab('/cupboard');
    await w.press('Correct Down cleaner');
    await w.write('Left in it, mL', '77');
    await w.press('Save');
    await w.sees('is in the cupboard');
    await v.page.bringToFront();
    await v.write('Your name for it', 'Old down cleaner');
    await v.press('Save');
    await v.sees('is in the cupboard');
    expect(await v.stored('supplies', 's-down')).toMatchObject({ name: 'Old down cleaner', remainingMl: 77 });
    await v.close();
  });
});

describe('the device’s clock', () => {
  const clockEvents = (run: Run): number[] => run.events.flatMap((e) => (e.type === 'clock' ? [e.byMs / 60_000] : []));
  test('set back with two tabs open moves the timers once, whatever page is open', async () => {
    const v = await visit({ path: '/kit' });
    const w = await v.tab('/cupboard');
    const before = await liveOf(v);
    for (const tab of [v, w]) await setClock(tab, -180);
    await vi.waitFor(async () => expect(clockEvents(await liveOf(v))).toHaveLength(1), { timeout: 15_000, interval: 300 });
    await new Promise((resolve) => setTimeout(resolve, 1500));
    const [by = 0] = clockEvents(await liveOf(v));
    expect(Math.abs(by + 180)).toBeLessThan(0.1);
    expect(clockEvents(await liveOf(v))).toHaveLength(1);
    // It rings when that much time has truly passed, on this page too.
    await v.page.bringToFront();
    await passMinutes(v.page, 75);
    await v.page.waitForFunction(() => document.title.startsWith('Look now: '));
    expect(before.currentId).toBe((await liveOf(v)).currentId);
    await v.close();
  });
  test('set forward is asked about, also after a reload; forward and back is nothing', async () => {
    const v = await visit();
    await v.sees('under way');
    await v.goToRun();
    await v.page.waitForSelector('[role=timer]');
    const left = (): Promise<number> =>
      v.page.$eval('[role=timer]', (e) => {
        const parts = (e.textContent ?? '').match(/\d+/g)?.map(Number) ?? [];
        return parts.length > 2 ? parts[0]! * 60 + parts[1]! : parts[0]!;
      });
    const was = await left();
    await setClock(v, 10);
    await v.sees('The clock moved by 10 min. What was it?');
    await setClock(v, 0);
    await v.page.waitForFunction(() => !document.body.innerText.includes('The clock moved by'));
    expect(clockEvents(await liveOf(v))).toEqual([]);
    await soon(async () => expect(Math.abs((await left()) - was)).toBeLessThanOrEqual(1));
    // Once more, and now it stays so: what is asked outlives a reload.
    await setClock(v, 9);
    await v.sees('The clock moved by 9 min.');
    expect(await faultsOf(v)).toEqual([]);
    await v.reload();
    await v.sees('The clock moved by 9 min.');
    await v.press('The clock was set: keep my time');
    await v.page.waitForFunction(() => !document.body.innerText.includes('The clock moved by'));
    expect(clockEvents(await liveOf(v)).map(Math.round)).toEqual([9]);
    await v.close();
  });
});

describe('a run', () => {
  test('is where it was after its tab was killed, with its timer', async () => {
    const v = await visit({ kept: true });
    await v.sees('under way');
    await v.goToRun();
    await v.page.waitForSelector('[role=timer]');
    const { pathname } = new URL(v.page.url());
    const before = await liveOf(v);
    const client = await v.page.createCDPSession();
    // It never answers that.
    void client.send('Page.crash').catch(() => undefined);
    const w = await v.tab(pathname);
    await w.page.waitForSelector('[role=timer]');
    expect(await liveOf(w)).toEqual(before);
    await w.close();
  });
  test('takes two presses at once for one, and so do two tabs at the same step', async () => {
    const v = await visit({ path: '/kit/itm-bib/programme' });
    await v.press('Start');
    await v.page.waitForFunction(() => location.pathname.startsWith('/run/'));
    await v.sees('step 1 of');
    const w = await v.tab(new URL(v.page.url()).pathname);
    await w.sees('step 1 of');
    const own = async (): Promise<Run> => (await runsOf(v)).find((r) => r.itemId === 'itm-bib')!;
    // Twice in each tab, as fast as a page can: four presses on one step.
    await together([v, w], '[data-main-action]', 2);
    await w.page.bringToFront();
    await w.page.waitForSelector('[role=timer]');
    await new Promise((resolve) => setTimeout(resolve, 500));
    expect((await own()).events.map((e) => e.type)).toEqual(['timer']);
    await v.close();
  });
});

describe('one thing that cannot be planned', () => {
  test('silences no other, is named, and can be sent', async () => {
    const v = await visit();
    await v.sees('need care');
    await putInStore(v, 'items', { ...(await v.stored('items', 'itm-parka')), fittings: {} });
    await v.reload();
    await v.sees('one thing could not be planned');
    await v.sees('Could not be planned');
    await v.sees('Needs care today');
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Save it to send');
    await v.go('/kit');
    await v.sees('could not be planned');
    // Its own page cannot be drawn without a plan; it can be sent from there too.
    await v.load('/kit/itm-parka/programme');
    await v.sees('This page stopped working.');
    expect(await faultsOf(v)).toEqual([]);
    const sent = JSON.parse(readFileSync(await v.saved('Save it to send'), 'utf8')) as Kit & { failed: string };
    expect(sent.items.map((i) => i.id)).toEqual(['itm-parka']);
    expect(sent.inspections?.every((i) => i.itemId === 'itm-parka')).toBe(true);
    expect(sent.failed).not.toBe('');
    // One that came back with others keeps nothing of them back.
    await putInStore(v, 'items', { ...(await v.stored('items', 'itm-race-vest')), fittings: {} });
    await v.load('/');
    await v.press('A run');
    await v.press('Record it');
    await v.sees('Could not be planned: Distance vest. The page of each says what to do.');
    await v.load('/wash-day?items=itm-parka,itm-softshell');
    await v.sees('Long grey parka could not be planned; the page of that thing says what to do.');
    await v.close();
  });
  test('a planner that cannot be loaded is told, and asked again; nothing is said to be well meanwhile', async () => {
    const { dist, base, end } = await ownServer();
    const worker = readdirSync(join(dist, 'assets')).filter((file) => file.startsWith('planner.worker-'));
    for (const file of worker) renameSync(join(dist, 'assets', file), join(dist, `away-${file}`));
    const v = await visit({ base, bare: true });
    // The club came with its answers; where something was changed they are answers no longer.
    await v.sees('Needs care today');
    await soon(async () => expect(await v.rows('answers')).toHaveLength(1));
    const parka = await v.stored('items', 'itm-parka');
    await putInStore(v, 'items', { ...parka, massG: 812 });
    await v.reload();
    await v.sees('Your things could not be looked through; nothing of them is lost.');
    expect(await v.text()).not.toContain('Nothing needs');
    await v.go('/kit');
    await v.sees('They could not be looked through.');
    expect(await v.text()).not.toContain('shown need care');
    await v.go('/');
    await v.sees('Look through them again');
    for (const file of worker) renameSync(join(dist, `away-${file}`), join(dist, 'assets', file));
    await v.press('Look through them again');
    await v.sees('Needs care today');
    // That is kept: another visit has its answer with nothing to plan.
    await soon(async () => {
      const [row] = (await v.rows('answers')) as { ground: string; made: unknown }[];
      expect(row?.ground).toContain('planner.worker');
    });
    await v.close();
    end();
  });
});

describe('versions side by side', () => {
  test('a newer one takes the store over: the older page says so and writes no more', async () => {
    const v = await visit({ path: '/cupboard' });
    await v.sees('Down cleaner');
    const w = await v.tab('/kit');
    await w.page.goto(new URL('/icon.svg', w.page.url()).href);
    const version = await w.page.evaluate(
      () =>
        new Promise<number>((resolve, reject) => {
          const open = indexedDB.open('umbrastic', 99_990);
          open.onerror = () => reject(open.error);
          open.onsuccess = () => {
            resolve(open.result.version);
            open.result.close();
          };
        }),
    );
    expect(version).toBe(99_990);
    await v.page.bringToFront();
    await v.sees('A newer Umbrastic has taken over in another tab.');
    expect(await faultsOf(v)).toEqual([]);
    await v.close();
  });
  test('an older one that holds the store is told, and the page goes on when it is gone', async () => {
    const v = await visit({ path: '/icon.svg', bare: true });
    await v.page.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const open = indexedDB.open('umbrastic', 1);
          open.onerror = () => reject(open.error);
          open.onsuccess = () => {
            (window as unknown as { held: IDBDatabase }).held = open.result;
            resolve();
          };
        }),
    );
    const w = await v.tab('/kit', true);
    await w.sees('Another tab is in the way.');
    await v.page.evaluate(() => (window as unknown as { held: IDBDatabase }).held.close());
    await w.sees('things');
    await v.close();
  });
  test('an update under an open tab: it goes on as it is, with its timer; the new one comes when all are closed', async () => {
    const { dist, base, end } = await ownServer();
    const v = await visit({ base, kept: true });
    await v.sees('under way');
    await v.page.waitForFunction(async () => !!(await navigator.serviceWorker.getRegistration())?.active, { timeout: 60_000 });
    await v.reload();
    await v.page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    // A newer version is laid on the server.
    const html = readFileSync(join(dist, 'index.html'), 'utf8').replace('<head>', '<head><meta name="edition" content="newer">');
    writeFileSync(join(dist, 'index.html'), html);
    const worker = readFileSync(join(dist, 'sw.js'), 'utf8');
    const changed = worker.replace(/(url:"index\.html",revision:")[^"]*"/, '$1newer"');
    expect(changed).not.toBe(worker);
    writeFileSync(join(dist, 'sw.js'), changed);
    await v.page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update());
    await v.page.waitForFunction(async () => !!(await navigator.serviceWorker.getRegistration())?.waiting, { timeout: 60_000 });
    const edition = (w: Visit): Promise<boolean> => w.page.evaluate(() => document.querySelector('meta[name=edition]') !== null);
    // The open tab goes on as it is, reloaded and without a network too; its timer runs.
    await v.offline(true);
    await v.goToRun();
    await v.page.waitForSelector('[role=timer]');
    await v.page.reload({ waitUntil: 'domcontentloaded' });
    await v.page.waitForSelector('[role=timer]');
    expect(await edition(v)).toBe(false);
    await v.press('Bench');
    await v.sees('Bench');
    await v.offline(false);
    const run = await liveOf(v);
    const idle = await v.tab('/icon.svg', true);
    await v.page.close();
    await idle.page.goto('about:blank');
    await vi.waitFor(
      async () => {
        await idle.page.goto(base, { waitUntil: 'load' });
        if (!(await edition(idle))) {
          await idle.page.goto('about:blank');
          throw new Error('still the older one');
        }
      },
      { timeout: 30_000, interval: 1000 },
    );
    await idle.sees('under way');
    expect((await liveOf(idle)).events).toEqual(run.events);
    await idle.close();
    end();
  });
});

describe('ids and names from elsewhere', () => {
  const IDS = ['__proto__', 'constructor', 'a/b', 'a#b?c=1', '..', '.', 'new', 'labels', '~x', '%2e%2e', 'toString', 'ü 雪'];
  const LONG = 'W'.repeat(180);
  // Every thing of the club has such a name, so that each list of each page shows some.
  const items: Item[] = demo.items.map((item, n) => ({
    ...item,
    id: IDS[n] ?? item.id,
    name: n < IDS.length && n % 2 === 0 ? `Thing ${n}` : LONG,
  }));
  const here = new Set(items.map((i) => i.id));
  const kit: Kit = {
    ...demo,
    items,
    inspections: [
      ...demo.inspections.filter((i) => here.has(i.itemId)),
      ...IDS.map((itemId, n) => ({ id: `ins/${n}`, itemId, at: '2027-01-02T08:00:00Z', soil: 2 })),
    ],
    log: [
      ...demo.log!.filter((e) => e.itemId === undefined || here.has(e.itemId)),
      invented({ id: '../a', type: 'care', itemId: 'a/b', at: '2027-01-02T09:00:00Z', aims: ['wash'] }),
    ],
    weighIns: [],
  };
  test('every thing has its page, its programme and its look, and no page is wider than a phone', async () => {
    const v = await visit({ width: 390, height: 844, long: true });
    await giveKit(v, kit);
    await v.go('/kit');
    await v.sees(`${items.length} things`);
    const wide: string[] = [];
    for (const [n, item] of items.slice(0, IDS.length).entries()) {
      if (n % 2 === 0) {
        await v.go(`/kit?q=${encodeURIComponent(item.name!)}`);
        await v.sees(item.name!);
        await v.press(item.name!);
        await v.sees('What it is made of');
        await v.press('See the programme');
        await v.sees('What it can stand');
        await v.page.goBack();
        await v.sees('What it is made of');
      }
    }
    // A thing with a long name is in a run as well.
    await v.go('/kit/constructor/programme');
    await v.press('Start');
    await v.page.waitForFunction(() => location.pathname.startsWith('/run/'));
    const run = new URL(v.page.url()).pathname;
    for (const path of [
      run,
      '/',
      '/kit',
      '/record',
      '/wash-day',
      '/bench',
      '/kit/labels',
      '/record/..%2Fa',
      '/kit/constructor',
      '/kit/constructor/programme',
      '/kit/constructor/look-over',
      '/kit/constructor/rehearse',
      '/kit/constructor?correct=1',
      '/wash-day?items=constructor,toString',
      '/bench/dose?item=constructor',
      '/cupboard',
      '/kit/~new',
    ]) {
      await v.go(path);
      if (path.startsWith('/wash-day?')) await v.page.waitForSelector('section[aria-label="Loads"]', { timeout: 45_000 });
      if (path === '/') await v.sees('Used today?');
      const over = await v.page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      if (over > 0) wide.push(`${path}: ${over} px`);
      // A table that gives way letter by letter would not be too wide either.
      const thin = await v.page.$$eval(
        'td, th',
        (all) => all.filter((e) => e.clientWidth > 0 && e.clientWidth < 30 && (e.textContent ?? '').length > 8).length,
      );
      if (thin > 0) wide.push(`${path}: ${thin} cells of a letter a line`);
    }
    expect(wide).toEqual([]);
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('devices that fall silent', () => {
  test('dryer and room are not believed any more, each by itself', async () => {
    const v = await visit();
    await v.device('/reset', { seed: 4, speed: 60 });
    await v.goToRun();
    await v.press('Connect scale, dryer and room sensor');
    await v.sees('dryer on ');
    await v.device('/dryer', { heat: 'high' });
    await v.sees('The knob stands on HIGH.');
    await v.device('/dryer/fault', { fault: 'drop-out' });
    await v.sees('The dryer is not heard any more: look yourself where its knob stands');
    expect(await v.text()).not.toContain('The knob stands on HIGH.');
    await v.device('/room/fault', { fault: 'drop-out' });
    await v.sees('The room sensor is not heard any more');
    await v.sees('Take this weight');
    await v.close();
  });
});

describe('what is made by others', () => {
  test('is named with its licence, and sent with the app', async () => {
    const v = await visit({ path: '/record' });
    await v.page.waitForSelector('a[href="/licences.txt"]');
    const text = await v.page.evaluate(() => fetch('/licences.txt').then((r) => r.text()));
    for (const name of ['react-aria', 'dexie', 'class-validator', 'recharts', 'SIL OPEN FONT LICENSE', 'workbox-core'])
      expect(text.toLowerCase()).toContain(name.toLowerCase());
    await v.close();
  });
});
