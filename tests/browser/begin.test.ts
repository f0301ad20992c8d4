import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants } from 'node:zlib';
import { describe, expect, inject, test, vi } from 'vitest';
import { DEMO_PICTURES } from '../../demo/pictures';
import { scriptsOfPage, scriptText, withImports } from '../../scripts/built';
import { faultsOf, soon, type Visit, visit } from './visit';

/** As small as a build that is shipped packs it: that of the tests packs loosely, and the same server sends what it finds. */
const packed = (text: string): number =>
  brotliCompressSync(text, { params: { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY } }).length;

/** For each script of the app, the scripts that must come before it runs, itself included, but for those that its first page has brought. */
function filesAsked(): Map<string, string[]> {
  const dist = inject('dist');
  const first = withImports(dist, scriptsOfPage(dist));
  const scripts = readdirSync(join(dist, 'assets')).filter((file) => file.endsWith('.js') && !first.has(file));
  return new Map(scripts.map((file) => [file, [...withImports(dist, [file])].filter((one) => !first.has(one))]));
}
/** A first visit, and what had come when its answer stood. */
async function firstVisit(): Promise<{ v: Visit; before: string[]; sent: number }> {
  const v = await visit({ path: '/icon.svg', bare: true, unread: true });
  await v.page.evaluateOnNewDocument(() => {
    new MutationObserver((_, all) => {
      if (!document.body?.textContent?.includes('Needs care')) return;
      all.disconnect();
      const come = performance.getEntriesByType('resource') as PerformanceResourceTiming[];
      const [page] = performance.getEntriesByType('navigation') as PerformanceResourceTiming[];
      Object.assign(window, {
        come: [...come, page!].map((e) => ({
          path: new URL(e.name).pathname,
          bytes: e.encodedBodySize,
          whole: e.decodedBodySize,
        })),
      });
    }).observe(document, { childList: true, subtree: true });
  });
  await v.load('/');
  await v.sees('Needs care');
  const come = await v.page.evaluate(
    () => (window as unknown as { come: { path: string; bytes: number; whole: number }[] }).come,
  );
  const { origin } = new URL(v.page.url());
  const sizes = come.map(async ({ path, bytes, whole }) => {
    const isFile = path === '/' || /\.(js|css|svg)$/.test(path);
    if (isFile) expect(bytes).toBeLessThan(whole);
    return isFile ? packed(await (await fetch(origin + path)).text()) : bytes;
  });
  // About half a kilobyte says what each is.
  const sent = (await Promise.all(sizes)).reduce((sum, bytes) => sum + bytes + 500, 0);
  return { v, before: come.slice(0, -1).map(({ path }) => path), sent };
}
describe('to begin', () => {
  test('the club says on every page that it is invented; it is left as a whole for one’s own, and comes back as a whole', async () => {
    const v = await visit();
    for (const path of ['/', '/kit/itm-parka', '/cupboard', '/wash-day']) {
      await v.go(path);
      await v.sees('An invented club');
    }
    expect(await faultsOf(v)).toEqual([]);
    // Its pictures come after its answer.
    await soon(async () => expect(await v.rows('photos')).toHaveLength(DEMO_PICTURES.length));
    await v.press('begin with your own');
    await v.sees('What can you wash in?');
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Shoes and boots');
    await v.press('Basin');
    await v.press('Heat-pump dryer');
    await v.press('Line');
    await v.write('A name for your kit, if you like', 'Two at the river');
    await v.write('Money is counted in', 'kroner');
    await v.press('Begin, and add the first thing');
    await v.sees('Write the three letters of a currency');
    await v.write('Money is counted in', 'sek');
    await v.press('°F, oz, US fl oz, in');
    await v.press('Begin, and add the first thing');
    await v.sees('Which of these is built like yours?');
    // What was asked for comes first.
    expect(await v.page.$eval('h2', (h) => h.textContent)).toBe('Shoes and boots');
    // The banner goes when the store has said so.
    await soon(async () => expect(await v.text()).not.toContain('An invented club'));
    expect(await v.rows('items')).toEqual([]);
    expect((await v.stored('meta', 'equipment'))?.value).toMatchObject({
      washers: [{ kind: 'basin' }],
      dryers: [{ kind: 'heat-pump' }],
      racks: [{ kind: 'line' }],
    });
    expect((await v.stored('meta', 'preferences'))?.value).toEqual({ units: 'us', currency: 'SEK' });
    expect((await v.stored('meta', 'title'))?.value).toBe('Two at the river');
    await v.reload();
    await v.go('/');
    await v.sees('Look round in an invented club');
    await v.go('/record');
    await v.sees('What you left to begin with your own stays 30 days.');
    await v.press(/Bring it back: today, \d\d:\d\d, before you began with your own/);
    await v.sees('Everything is as it was then.');
    await v.sees('An invented club');
    expect((await v.rows('items')).length).toBeGreaterThan(40);
    expect(await v.rows('photos')).toHaveLength(DEMO_PICTURES.length);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('comes on a first visit without a word of there being nothing, however slow the phone', async () => {
    // Nothing of the app has run there yet.
    const v = await visit({ path: '/icon.svg', bare: true, unread: true, width: 390, height: 844 });
    const cdp = await v.page.createCDPSession();
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    await v.page.evaluateOnNewDocument(() => {
      const w = window as unknown as { said: Set<string> };
      w.said = new Set();
      new MutationObserver(() => {
        for (const heading of document.querySelectorAll('h1')) w.said.add(heading.textContent ?? '');
      }).observe(document, { childList: true, subtree: true, characterData: true });
    });
    await v.load('/');
    await v.sees('Needs care');
    const said = await v.page.evaluate(() => [...(window as unknown as { said: Set<string> }).said]);
    expect(said.at(-1)).toMatch(/things? needs? care\.$/);
    expect(said.filter((text) => /What do you want|Nothing/.test(text))).toEqual([]);
    await v.close();
  });
  test('asks for all the files of a first visit with its page; what plans comes after the answer, and loads no page', async () => {
    let { v, before, sent } = await firstVisit();
    // Where the machine was too busy to draw in its time, what plans is fetched for it: the least of three.
    for (let n = 0; n < 2 && before.some((path) => path.includes('planner.worker')); n++) {
      await v.close();
      ({ v, before, sent } = await firstVisit());
    }
    expect(sent).toBeGreaterThan(150_000);
    expect(sent).toBeLessThanOrEqual(250_000);
    expect(before.filter((path) => path.startsWith('/assets/react-'))).toHaveLength(1);
    expect(before.filter((path) => /plan/.test(path))).toEqual([]);
    const dist = inject('dist');
    const asked = scriptsOfPage(dist);
    expect([...withImports(dist, asked)].sort()).toEqual([...new Set(asked)].sort());
    // The start page is among them.
    expect(asked.some((file) => scriptText(dist, file).includes('Needs care'))).toBe(true);
    // What plans is made ready for the first change.
    const worker = await soon(async () => {
      const come = await v.page.evaluate(() => performance.getEntriesByType('resource').map((e) => new URL(e.name).pathname));
      const found = come.find((path) => path.includes('planner.worker'));
      expect(found).toBeDefined();
      return found!;
    });
    const plans = [...withImports(dist, [worker.replace('/assets/', '')])];
    expect(plans.some((file) => file.startsWith('planning-'))).toBe(true);
    expect(plans.filter((file) => /^(react|index|frame|start)-/.test(file))).toEqual([]);
    await v.close();
  });
  test('no page asks for more files than come in three rounds of six; one that plans nothing does not wait for what plans', () => {
    const asked = filesAsked();
    expect(asked.size).toBeGreaterThan(50);
    expect([...asked].filter(([, files]) => files.length > 18).map(([file, { length }]) => `${file}: ${length}`)).toEqual([]);
    const plan = [...asked].filter(([, files]) => files.some((file) => file.startsWith('planning-'))).map(([file]) => file);
    const those = (...names: string[]): string[] => names.filter((name) => plan.some((file) => file.startsWith(`${name}-`)));
    expect(those('ItemPage', 'Cupboard', 'WashDay', 'Begin', 'EventSheet', 'Keys', 'Labels', 'Toasts')).toEqual([
      'ItemPage',
      'Cupboard',
    ]);
  });
  test('a later visit begins with its answer: nothing is said before it, and nothing is fetched to plan with', async () => {
    const v = await visit({ path: '/icon.svg', bare: true });
    await v.page.evaluateOnNewDocument(() => {
      const said: string[] = [];
      Object.assign(window, { said });
      new MutationObserver((_, all) => {
        const heading = document.querySelector('h1')?.textContent;
        if (!heading) return;
        all.disconnect();
        said.push(heading, ...[...document.querySelectorAll('h2')].map((h) => h.textContent ?? ''));
        Object.assign(window, { fetched: performance.getEntriesByType('resource').map((e) => e.name) });
      }).observe(document, { childList: true, subtree: true });
    });
    await v.load('/');
    await v.sees('Needs care today');
    await soon(async () => expect(await v.rows('answers')).toHaveLength(1));
    await v.load('/');
    await v.sees('Needs care today');
    const { said, fetched } = await v.page.evaluate(() => {
      const w = window as unknown as { said: string[]; fetched: string[] };
      return { said: w.said, fetched: w.fetched };
    });
    expect(said[0]).toMatch(/things? needs? care\.$/);
    expect(said.some((text) => text.startsWith('Needs care today'))).toBe(true);
    expect(fetched.filter((name) => name.includes('plan'))).toEqual([]);
    await v.close();
  });
  test('has its answer drawn before the browser is asked for its tables of languages, which a phone reads for a tenth of a second', async () => {
    const v = await visit({ path: '/icon.svg', bare: true });
    await v.page.evaluateOnNewDocument(() => {
      const asked: string[] = [];
      Object.assign(window, { asked });
      const heard = <T extends object>(name: string, on: T, key: keyof T): void => {
        const real = on[key];
        if (typeof real === 'function')
          Object.defineProperty(on, key, {
            value: new Proxy(real, {
              apply: (f, self, given) => (asked.push(name), Reflect.apply(f, self, given)),
              construct: (f, given) => (asked.push(`new ${name}`), Reflect.construct(f, given)),
            }),
          });
      };
      for (const key of ['DateTimeFormat', 'NumberFormat', 'Collator', 'Locale'] as const) {
        if (key !== 'Locale') heard(`${key}.supportedLocalesOf`, Intl[key], 'supportedLocalesOf');
        heard(key, Intl, key);
      }
      heard('localeCompare', String.prototype, 'localeCompare');
      for (const key of ['toLocaleString', 'toLocaleDateString', 'toLocaleTimeString'] as const) heard(key, Date.prototype, key);
    });
    const asked = (): Promise<unknown> => v.page.evaluate(() => (window as unknown as { asked: string[] }).asked);
    await v.load('/');
    await v.sees('Needs care today');
    expect(await asked()).toEqual([]);
    // Where one language’s own order is wanted it is asked for, and heard here.
    await v.go('/kit');
    await v.sees('Old storm shell');
    expect(await asked()).not.toEqual([]);
    await v.close();
  });
  test('the other door, on a phone: the club is looked round in', async () => {
    const v = await visit({ path: '/begin', width: 390, height: 844 });
    await v.press('Begin, and add the first thing');
    await v.sees('Which of these is built like yours?');
    await v.go('/');
    await v.sees('Three questions, then the thing that worries you');
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Look round in an invented club');
    await v.sees('An invented club');
    await v.sees('Needs care today');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('the kit has a name, people, units and money, each to be changed and taken back', async () => {
    const v = await visit({ path: '/record' });
    await v.press('Name, people, units, money');
    await v.write('Its name', 'The river house');
    await v.write('Runa', 'Runa the elder');
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Save');
    await v.sees('The kit is written so from now on.');
    const owners = async (): Promise<unknown[]> => (await v.rows('items')).map((i) => i.owner);
    expect(await owners()).toContain('Runa the elder');
    expect(await owners()).not.toContain('Runa');
    expect((await v.stored('meta', 'title'))?.value).toBe('The river house');
    await v.press('Undo');
    // What was said goes at once; taking it back takes its time.
    await vi.waitFor(async () => expect(await owners()).toContain('Runa'), { timeout: 10_000 });
    expect(await owners()).not.toContain('Runa the elder');
    await vi.waitFor(async () => expect((await v.stored('meta', 'title'))?.value).toBe('Lanternmere Ice Touring Club'), {
      timeout: 10_000,
    });
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
