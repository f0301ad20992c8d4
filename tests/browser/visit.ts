import axe from 'axe-core';
import { mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import puppeteer, { type Browser, type BrowserContext, type CDPSession, type ElementHandle, type Page } from 'puppeteer-core';
import { inject, vi } from 'vitest';
import type { Kit } from '../../src/core/gear';
import { click } from './hand';
import { asked, byName, type Name, readNames, WAIT } from './names';
import { outOf, waitFor } from './asking';

/** What begins a step or a round of it, for so many minutes. */
export const START = /Start( [a-z]+ \d+)?(, heat on \w+)?, \d.*/;
export interface Visit {
  readonly page: Page;
  readonly errors: string[];
  /** To this address as a link leads there, the app staying loaded; by way of elsewhere where a link would not bring another page. */
  readonly go: (path: string) => Promise<void>;
  /** To this address as one who types it: everything is loaded anew. */
  readonly load: (path: string) => Promise<void>;
  /** Presses what has this name, or a name that is wholly of this pattern: minutes and days are not the same every time. Waits for it. */
  readonly press: (name: Name) => Promise<void>;
  /** From *Now* to the first of what is under way. */
  readonly goToRun: () => Promise<void>;
  /** Waits until the page shows this text. */
  readonly sees: (text: string) => Promise<void>;
  readonly text: () => Promise<string>;
  /** Reads one row of the page's own store. */
  readonly stored: (table: string, key: string) => Promise<Record<string, unknown> | undefined>;
  readonly rows: (table: string) => Promise<Record<string, unknown>[]>;
  /** What has this role and this name, once it is there. */
  readonly named: (name: Name, role: string) => Promise<ElementHandle<HTMLElement>>;
  /** Takes this answer of the question of this name. */
  readonly pick: (question: Name, answer: string) => Promise<void>;
  /** All that have this role and this name now. */
  readonly all: (name: Name, role: string) => Promise<ElementHandle<HTMLElement>[]>;
  /** Writes into the field of this name, in place of what stands there. */
  readonly write: (name: string, text: string) => Promise<void>;
  /** Types where the focus comes to stand: into the line that a key has led to. */
  readonly type: (text: string) => Promise<void>;
  /** The button that opens the list of this name. */
  readonly list: (name: string) => Promise<ElementHandle<HTMLElement>>;
  /** Takes this option of the list of this name. */
  readonly choose: (name: string, option: string) => Promise<void>;
  /** Types a day, YYYY-MM-DD, into the field of this name. */
  readonly day: (name: string, day: string) => Promise<void>;
  /** Gives a file to the button of this name, as the system's own window would. */
  readonly file: (name: string, path: string) => Promise<void>;
  /** Presses the button of this name and waits for the file that it saves; it is gone with the last test. @returns where it lies. */
  readonly saved: (name: string) => Promise<string>;
  /** Steers the stand-in devices that this visitor has to themselves. */
  readonly device: (path: string, body: unknown) => Promise<void>;
  readonly reload: () => Promise<void>;
  /** Takes this page’s network away, or gives it back. */
  readonly offline: (away: boolean) => Promise<void>;
  /** Another tab of the same browser. */
  readonly tab: (path: string, bare?: boolean) => Promise<Visit>;
  readonly close: () => Promise<void>;
}
interface Look {
  width?: number;
  height?: number;
  path?: string;
  dark?: boolean;
  /** The app is kept for when there is no network, as it is for everybody. */
  kept?: boolean;
  /** A browser that has never read anything of the app, and that nobody has after. */
  unread?: boolean;
  /** No page of the app is waited for. */
  bare?: boolean;
  /** In a browser whose engine makes quick what is computed for long, and takes more to read each page. */
  long?: boolean;
}

/** Asks again until it holds, as long as a page may take on a slow machine. */
export const soon = <T>(check: () => Promise<T>): Promise<T> => vi.waitFor(check, { ...WAIT, interval: 100 });

/** A page that is there: its heading stands, nothing of it is still busy, its letters are loaded. */
export async function settled(page: Page): Promise<void> {
  await page.waitForFunction(
    () => document.querySelector('h1, [role=dialog]') !== null && document.querySelector('[aria-busy=true]') === null,
    WAIT,
  );
  await page.evaluate(() => document.fonts.ready.then(() => undefined));
}
/** Until it has been drawn as it is now. */
export const drawn = (page: Page): Promise<void> =>
  page.evaluate(() => new Promise<void>((done) => requestAnimationFrame(() => requestAnimationFrame(() => done()))));
let worlds = 0;

/*
 * Browsers that somebody has left: all that was theirs is gone, the app's own files are still at hand, and a page stands in each that has read
 * them. A new one for each visit would read the whole app anew.
 */
interface Left {
  readonly context: BrowserContext;
  readonly page: Page | null;
}
type Which = 'brief' | 'long';
const left: Readonly<Record<Which, Left[]>> = { brief: [], long: [] };
/** A new folder for files that are given or saved; gone at the end. */
export const newFolder = (): string => mkdtempSync(join(inject('folder'), 'files-'));
/** Pages that somebody has done more to than a visitor can, with wires of their own: they are not visited again. */
const odd = new WeakSet<Page>();
/** A wire to the page that leaves nothing behind. */
const wireTo = (page: Page): Promise<CDPSession> =>
  Object.getPrototypeOf(page).createCDPSession.call(page) as Promise<CDPSession>;
const connected: Partial<Record<Which, Browser>> = {};
/** What goes over the wire is nobody’s business here: told of each file of each page, the driver is busier than the page. */
const connect = async (which: Which): Promise<Browser> =>
  (connected[which] ??= await puppeteer.connect({
    browserWSEndpoint: inject('browsers')[which],
    networkEnabled: false,
    issuesEnabled: false,
  }));
/** Leaves a browser: what was stored is cleared away, and every page is shut but the first, if it is as it was. */
async function leave(context: BrowserContext, base: string, first: Page, to: Left[]): Promise<void> {
  await context.clearPermissionOverrides();
  const kept = first.isClosed() || odd.has(first) ? null : first;
  const broom = kept ?? (await context.newPage());
  for (const page of await context.pages()) if (page !== broom) await page.close();
  if (kept) {
    // Nothing of the app runs there.
    await kept.goto(`${base}/icon.svg`);
    await kept.emulateMediaFeatures([]);
    await kept.emulateMediaType();
    kept.removeAllListeners('pageerror').removeAllListeners('console');
  }
  const session = await wireTo(broom);
  await session.send('Storage.clearDataForOrigin', {
    origin: new URL(base).origin,
    storageTypes: 'cookies,indexeddb,local_storage',
  });
  await session.detach();
  if (!kept) await broom.close();
  to.push({ context, page: kept });
}

/** Places that are soon there, and how the frame says that one is there: by way of them a page is left that would stay as it is. */
const ELSEWHERE = [
  ['/bench', '[aria-current][href="/bench"]'],
  ['/cupboard/never', '[aria-current][href="/cupboard"]'],
] as const;
/** Whether both addresses are, or could be, of one page: it would stay as it is. */
function sameShape(one: string, path: string): boolean {
  const [a, b] = [one, path.replace(/[?#].*$/, '')].map((p) => p.split('/').filter((part) => part !== ''));
  if (a?.[0] !== b?.[0]) return false;
  return a?.[0] !== 'kit' || (a.length === b?.length && a[2] === b[2]);
}

/**
 * A fresh person with an empty browser, on the demo server.
 * @param options.kept the app is kept for when there is no network, as it is for everybody; a browser of its own, because that outlasts a visit.
 */
export async function visit(options: Look & { base?: string } = {}): Promise<Visit> {
  const which = options.long ? 'long' : 'brief';
  const browser = await connect(which);
  // What is kept for when there is no network outlasts a visit, and belongs to its server.
  const own = options.kept === true || options.unread === true || options.base !== undefined;
  const found = own ? undefined : left[which].pop();
  const context = found?.context ?? (await browser.createBrowserContext());
  const base = options.base ?? inject('baseUrl');
  // Devices of their own, so that tests side by side do not turn each other's knobs.
  const world = `w-${process.pid}-${worlds++}`;
  await context.setCookie({ name: 'devices', value: world, domain: new URL(base).hostname, path: '/' });
  const page = found?.page ?? (await context.newPage());
  return tab(
    page,
    base,
    world,
    options,
    () => (own ? context.close() : leave(context, base, page, left[which])),
    page !== found?.page,
  );
}
/** One page of a browser, and the hands and eyes in front of it. */
async function tab(
  page: Page,
  base: string,
  world: string,
  options: Look,
  close: () => Promise<void>,
  fresh: boolean,
): Promise<Visit> {
  const context = page.browserContext();
  if (fresh && !options.kept)
    await page.evaluateOnNewDocument(() =>
      Object.defineProperty(navigator.serviceWorker, 'register', { value: () => new Promise(() => undefined) }),
    );
  // Where a file goes is asked in a window of the system, which no test can press: files go to the downloads.
  if (fresh) {
    await page.evaluateOnNewDocument(readNames);
    await page.evaluateOnNewDocument(() => Reflect.deleteProperty(globalThis, 'showSaveFilePicker'));
    const onesOwn: Pick<Page, 'waitForFunction' | '$eval' | '$$eval'> = {
      waitForFunction: (what, how, ...of) => waitFor(page, what, how as Parameters<typeof waitFor>[2], ...of),
      $eval: ((selector, what, ...of) => outOf(page, selector, true, what, of)) as Page['$eval'],
      $$eval: ((selector, what, ...of) => outOf(page, selector, false, what, of)) as Page['$$eval'],
    };
    Object.assign(page, onesOwn);
    for (const name of ['createCDPSession', 'evaluateOnNewDocument'] as const) {
      const real = page[name].bind(page) as (...told: unknown[]) => unknown;
      Object.assign(page, { [name]: (...told: unknown[]) => (odd.add(page), real(...told)) });
    }
  }
  if (!fresh) await page.bringToFront();
  await page.setViewport({ width: options.width ?? 1280, height: options.height ?? 800 });
  if (options.dark) await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }]);
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(String(error)));
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  const device = async (path: string, body: unknown): Promise<void> => {
    await fetch(`${base}/api/devices${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Cookie: `devices=${world}` },
      body: JSON.stringify(body),
    });
  };
  const load = async (path: string): Promise<void> => {
    await page.goto(base + path, { waitUntil: 'load' });
    await settled(page);
  };
  /** As a link leads there. */
  const follow = async (path: string, landmark = 'body'): Promise<void> => {
    const old = await page.evaluateHandle(() => document.querySelector('h1'));
    await page.evaluate((to) => {
      history.pushState(null, '', to);
      dispatchEvent(new PopStateEvent('popstate', { state: null }));
    }, path);
    // The page before stays until the other has come; it may be drawn anew meanwhile, after what was done on it.
    await page.waitForFunction(
      (was, its) => (was === null || !was.isConnected) && document.querySelector(its) !== null,
      WAIT,
      old,
      landmark,
    );
    await settled(page);
  };
  const go = async (path: string): Promise<void> => {
    const here = new URL(page.url());
    // A clock that was moved on is what it is as long as the page stands, and what came into the store behind its back it has not heard of.
    const stale = page.url() !== 'about:blank' && (await page.evaluate(() => '__by' in window || '__anew' in window));
    if (options.kept || here.origin !== base || stale) return load(path);
    const way = ELSEWHERE.find(([other]) => !sameShape(other, path));
    if (way && sameShape(here.pathname, path)) await follow(way[0], way[1]);
    await follow(path);
  };
  const press = async (name: Name, again = 2): Promise<void> => {
    const found = page.waitForFunction(
      (wanted, pattern) => {
        // What lies on top, in the order in which it was opened; what was said last is no window.
        const open =
          [...document.querySelectorAll('[role=dialog], [role=alertdialog]:not([aria-modal=false])')].at(-1) ?? document;
        const all = [
          ...open.querySelectorAll<HTMLElement>('button, a, label, [role=radio], [role=option], [role=menuitem], [role=tab]'),
        ].filter((e) => e.offsetParent !== null && !(e as HTMLButtonElement).disabled);
        return all.find((e) => window.nameFits(e, wanted, pattern));
      },
      WAIT,
      ...asked(name),
    );
    const handle = await found.catch(async () => {
      const shown = await page.evaluate(() => document.body.innerText);
      throw new Error(`There was never a "${String(name)}" to press. The page shows: ${shown.slice(0, 1500)}`);
    });
    const element = handle.asElement() as ElementHandle<Element> | null;
    try {
      if (element) await click(element);
    } catch (error) {
      // What was there was made anew under the hand: the hand finds it again.
      if (again === 0 || !/detached/.test(String(error))) throw error;
      await press(name, again - 1);
    }
  };
  const named = async (name: Name, role: string): Promise<ElementHandle<HTMLElement>> => {
    // The whole name as the browser itself makes it out; a pattern by the same rules.
    const found =
      typeof name === 'string'
        ? await byName(page, `::-p-aria([name="${name}"][role="${role}"])`)
        : (await page.waitForFunction((...of) => window.withName(...of)[0], WAIT, role, ...asked(name))).asElement();
    if (!found) throw new Error(`There was never a ${role} named "${String(name)}".`);
    return found as ElementHandle<HTMLElement>;
  };
  const pick = async (question: Name, answer: string): Promise<void> => {
    const asking = await named(question, 'radiogroup');
    const radio = await byName(asking, `::-p-aria([name="${answer}"][role="radio"])`);
    await radio.evaluate((e) => e.closest('label')?.click());
  };
  const all = async (name: Name, role: string): Promise<ElementHandle<HTMLElement>[]> => {
    const found = await page.evaluateHandle((...of) => window.withName(...of), role, ...asked(name));
    return [...(await found.getProperties()).values()].flatMap(
      (one) => (one.asElement() as ElementHandle<HTMLElement> | null) ?? [],
    );
  };
  const write = async (name: string, text: string): Promise<void> => {
    const line = await byName(page, `::-p-aria([name="${name}"])`);
    await click(line, { count: 3 });
    await page.keyboard.press('Backspace');
    await line.type(text);
  };
  const type = async (text: string): Promise<void> => {
    await page.waitForFunction(() => document.activeElement?.matches('input, textarea') === true, WAIT);
    await page.keyboard.type(text);
  };
  const list = async (name: string): Promise<ElementHandle<HTMLElement>> => {
    const found = await page.waitForFunction(
      (wanted) =>
        [...document.querySelectorAll<HTMLElement>('[aria-haspopup=listbox]')].findLast((e) => {
          const parts = (e.getAttribute('aria-labelledby') ?? '').split(' ').map((id) => document.getElementById(id));
          return parts.some((p) => (p?.getAttribute('aria-label') ?? p?.textContent) === wanted) || e.ariaLabel === wanted;
        }),
      WAIT,
      name,
    );
    return found.asElement() as ElementHandle<HTMLElement>;
  };
  const choose = async (name: string, option: string): Promise<void> => {
    // A hand that saw no list open presses once more: the page may have moved under it.
    let offered: ElementHandle<Element> | null = null;
    for (let n = 0; n < 10 && !offered; n++) {
      const opener = await list(name);
      await click(opener);
      offered = await byName(page, `::-p-aria([name="${option}"][role="option"])`, { timeout: 4000, visible: true }).catch(
        () => null,
      );
    }
    if (!offered) throw new Error(`The list "${name}" never offered "${option}".`);
    await click(offered);
    await page.waitForFunction(() => document.querySelector('[role=listbox]') === null, WAIT);
  };
  const day = async (name: string, wanted: string): Promise<void> => {
    const [year, month, date] = wanted.split('-');
    await click(await byName(page, `::-p-aria([role="group"][name="${name}"]) [role=spinbutton]`));
    await page.keyboard.type(`${date}${month}${year}`);
  };
  const file = async (name: string, path: string): Promise<void> => {
    const [chooser] = await Promise.all([page.waitForFileChooser(WAIT), press(name)]);
    await chooser.accept([path]);
  };
  const saved = async (name: string): Promise<string> => {
    const downloadPath = newFolder();
    const client = await wireTo(page);
    const browserContextId = page.browserContext().id ?? '';
    await client.send('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath, browserContextId });
    for (let n = 0; n < 200; n++) {
      // Beside other tests a press may come while the page is being drawn: it is pressed again, as a hand would.
      if (n % 80 === 0) await press(name);
      const file = readdirSync(downloadPath).find((f) => !f.endsWith('.crdownload') && !f.startsWith('.'));
      if (file) return join(downloadPath, file);
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error(`"${name}" saved nothing.`);
  };
  const sees = async (text: string): Promise<void> => {
    try {
      await page.waitForFunction((wanted) => document.body.innerText.replace(/\s+/g, ' ').includes(wanted), WAIT, text);
    } catch {
      throw new Error(
        `The page never showed "${text}". It shows: ${(await page.evaluate(() => document.body.innerText)).slice(0, 1500)}`,
      );
    }
  };
  const read = (table: string, key: string | null): Promise<unknown> =>
    page.evaluate(
      (t, k) =>
        new Promise((resolve, reject) => {
          const request = indexedDB.open('umbrastic');
          request.onerror = () => reject(request.error);
          request.onsuccess = () => {
            const store = request.result.transaction(t).objectStore(t);
            const got = k === null ? store.getAll() : store.get(k);
            got.onsuccess = () => {
              request.result.close();
              resolve(got.result);
            };
          };
        }),
      table,
      key,
    );
  const goToRun = async (): Promise<void> => {
    await click(await byName(page, '::-p-aria([name="Under way"][role="region"]) ::-p-aria([role="link"])'));
    await page.waitForFunction(() => /^\/(run|load)\//.test(location.pathname), WAIT);
  };
  const offline = async (away: boolean): Promise<void> => {
    odd.add(page);
    wire ??= await wireTo(page);
    await wire.send('Network.enable');
    await wire.send('Network.emulateNetworkConditions', {
      offline: away,
      latency: 0,
      downloadThroughput: -1,
      uploadThroughput: -1,
    });
  };
  let wire: CDPSession | undefined;
  if (options.bare) await page.goto(base + (options.path ?? '/'));
  else await load(options.path ?? '/');
  return {
    page,
    errors,
    go,
    load,
    device,
    reload: async () => {
      await page.reload({ waitUntil: 'load' });
      await settled(page);
    },
    press,
    goToRun,
    offline,
    named,
    all,
    pick,
    write,
    type,
    list,
    choose,
    day,
    file,
    saved,
    sees,
    text: () => page.evaluate(() => document.body.innerText.replace(/\s+/g, ' ')),
    stored: async (table, key) => (await read(table, key)) as Record<string, unknown> | undefined,
    rows: async (table) => (await read(table, null)) as Record<string, unknown>[],
    tab: async (path, bare = false) => tab(await context.newPage(), base, world, { ...options, path, bare }, close, true),
    close,
  };
}

/**
 * Where Tab goes up or back within a column instead of on, by where things are seen: WCAG 2.4.3, the order of focus keeps the meaning.
 * Tab goes as the page is written, for nothing here has a place of its own in that order (a lint rule).
 */
const backwards = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const fixed = (e: Element | null): boolean =>
      e !== null && (/fixed|sticky/.test(getComputedStyle(e).position) || fixed(e.parentElement));
    const stops = [...document.querySelectorAll<HTMLElement>('a[href], button:not([disabled]), input, textarea, [tabindex="0"]')]
      .filter((e) => e.tabIndex >= 0 && e.offsetParent !== null && e.checkVisibility() && !fixed(e))
      .map((e) => ({ e, box: e.getBoundingClientRect() }))
      .filter(({ box }) => box.width > 1 && box.height > 1);
    const said = (e: HTMLElement): string => e.getAttribute('aria-label') ?? e.innerText.slice(0, 40);
    return stops.flatMap(({ e, box }, n) => {
      const next = stops[n + 1];
      // Up and not to a column on the right.
      return next && !e.contains(next.e) && next.box.bottom <= box.top && next.box.left < box.left
        ? [`order: from “${said(e)}” up to “${said(next.e)}”`]
        : [];
    });
  });

/** What is wider than the screen, if it is. */
export async function tooWide(page: Page): Promise<string[]> {
  const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  return over > 0 ? [`${over} px too wide`] : [];
}
/** What of a page depends on its width and its colours; the rest of it is the same document. */
export const OF_THE_LOOK = [
  'color-contrast',
  'target-size',
  'scrollable-region-focusable',
  'link-in-text-block',
  'aria-hidden-focus',
  'button-name',
  'link-name',
  'label',
  'nested-interactive',
] as const;
/** Serious faults of the page as it stands: those that axe finds, what is wider than the screen, and where Tab goes astray. */
export async function faultsOf(v: Visit, rules?: readonly string[]): Promise<string[]> {
  if (!(await v.page.evaluate(() => 'axe' in window))) await v.page.evaluate(axe.source);
  const found = await v.page.evaluate(async (only) => {
    const result = await (window as unknown as { axe: typeof axe }).axe.run(document, {
      resultTypes: ['violations'],
      // What is at fault is shown by its own text.
      selectors: false,
      // What pages link to is the app’s own.
      preload: false,
      // The two slowest of those that are never more than moderate.
      rules: { region: { enabled: false }, 'hidden-content': { enabled: false } },
      ...(only ? { runOnly: { type: 'rule', values: [...only] } } : {}),
    });
    return result.violations
      .filter((x) => x.impact === 'serious' || x.impact === 'critical')
      .map(
        (x) =>
          `${x.id}: ${x.nodes
            .slice(0, 3)
            .map((n) => n.html.slice(0, 160))
            .join(' | ')}`,
      );
  }, rules);
  return [...found, ...(await tooWide(v.page)), ...(await backwards(v.page))];
}

/** Gives a file to import on the Record page. */
export async function giveFile(v: Visit, name: string, text: string): Promise<void> {
  const path = join(newFolder(), name);
  writeFileSync(path, text);
  await v.go('/record');
  await v.file('Import a kit', path);
}
/** Replaces the kit by this one, through the page. */
export async function giveKit(v: Visit, kit: Kit): Promise<void> {
  await giveFile(v, 'kit.json', JSON.stringify(kit));
  await v.press('Replace it');
  await v.sees(`${kit.items.length === 1 ? '1 thing is' : `${kit.items.length} things are`} in your kit now`);
}

/** Lets the page believe that time has passed: its clock is moved on by so many minutes. */
export async function passMinutes(page: Page, minutes: number): Promise<void> {
  const shift = (by: number): void => {
    const w = window as unknown as { __by?: number; __now?: () => number; __mono?: () => number };
    if (!w.__now) {
      w.__now = Date.now.bind(Date);
      w.__mono = performance.now.bind(performance);
      w.__by = 0;
      Date.now = () => (w.__now as () => number)() + (w.__by ?? 0);
      performance.now = () => (w.__mono as () => number)() + (w.__by ?? 0);
    }
    w.__by = (w.__by ?? 0) + by;
  };
  await page.evaluate(shift, minutes * 60_000);
}
/** Keeps the moved clock over a reload, as a real clock would. */
export async function reloadLater(page: Page): Promise<void> {
  const by = await page.evaluate(() => (window as unknown as { __by?: number }).__by ?? 0);
  if (by > 0) {
    const { identifier } = await page.evaluateOnNewDocument((shift: number) => {
      const w = window as unknown as { __by?: number; __now?: () => number; __mono?: () => number };
      w.__now = Date.now.bind(Date);
      w.__mono = performance.now.bind(performance);
      w.__by = shift;
      Date.now = () => (w.__now as () => number)() + (w.__by ?? 0);
      performance.now = () => (w.__mono as () => number)() + (w.__by ?? 0);
    }, by);
    await page.reload({ waitUntil: 'load' });
    await settled(page);
    await page.removeScriptToEvaluateOnNewDocument(identifier);
  } else {
    await page.reload({ waitUntil: 'load' });
    await settled(page);
  }
}

/** A row as an older version, or something else meanwhile, has left it. */
export const putInStore = (v: Visit, table: string, row: object): Promise<void> =>
  v.page.evaluate(
    (t, r) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('umbrastic');
        open.onerror = () => reject(open.error);
        Object.assign(window, { __anew: true });
        open.onsuccess = () => {
          const tx = open.result.transaction(t, 'readwrite');
          tx.objectStore(t).put(r);
          tx.oncomplete = () => {
            open.result.close();
            resolve();
          };
        };
      }),
    table,
    row,
  );
