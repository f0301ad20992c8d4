import { describe, expect, test, vi } from 'vitest';
import { click } from './hand';
import { byName } from './names';
import { faultsOf, passMinutes, putInStore, soon, visit, type Visit } from './visit';

/* Everything can be found from everywhere, every page says what it is, and what was done can be taken back for a day. */
const titleOf = (v: Visit): Promise<string> => v.page.title();
const hasTitle = (v: Visit, title: string): Promise<void> =>
  soon(async () => expect(await titleOf(v)).toBe(`${title} · Umbrastic`));
const options = (v: Visit): Promise<string[]> =>
  v.page.$$eval('[role=dialog] [role=option]', (all) => all.map((o) => (o as HTMLElement).innerText.replace(/\s+/g, ' ').trim()));

describe('one search everywhere', () => {
  test('a thing by its everyday word, a bottle, a page, the handbook, a command: by keyboard alone; what was chosen comes first', async () => {
    const v = await visit({ path: '/bench' });
    const look = async (query: string, first = query.split(' ')[0]!): Promise<string[]> => {
      await v.page.keyboard.press('/');
      await v.named('Find anything', 'dialog');
      await v.type(query);
      // What stood there before is gone.
      await soon(async () => expect((await options(v))[0]?.toLowerCase() ?? '').toContain(first));
      return options(v);
    };
    const take = async (): Promise<void> => {
      // What fits best is chosen already.
      await v.page.keyboard.press('Enter');
      await v.page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    };
    expect((await look('rust'))[0]).toContain('Rust smock');
    expect(await faultsOf(v)).toEqual([]);
    await take();
    await v.sees('What it is made of');
    await hasTitle(v, 'Rust smock');
    expect((await look('programme smo'))[0]).toContain('Programme of Rust smock');
    await take();
    await v.sees('Warm the finish');
    await hasTitle(v, 'Programme, Rust smock');
    expect((await look('duvet', 'hut quilt')).join()).toContain('Hut quilt');
    await v.page.keyboard.press('Escape');
    await v.page.keyboard.press('Escape');
    await v.page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    expect((await look('never tog'))[0]).toContain('Never together');
    await take();
    await hasTitle(v, 'Never together');
    // The focus is at the heading of what has come, so that it is read out.
    await soon(async () => expect(await v.page.evaluate(() => document.activeElement?.tagName)).toBe('H1'));
    await look('dark');
    await take();
    expect(await v.page.evaluate(() => document.documentElement.dataset.theme)).toBe('dark');
    // Nothing typed: what was chosen before.
    await v.page.keyboard.press('/');
    await v.named('Find anything', 'dialog');
    await soon(async () => expect((await options(v)).slice(0, 2)).toEqual(['Dark look', 'Never together page']));
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('on a phone it opens from the corner; an unknown word finds nothing, and says so', async () => {
    const v = await visit({ path: '/', width: 390, height: 844 });
    await v.sees('Needs care');
    await v.press('Find');
    await v.named('Find anything', 'dialog');
    await v.type('xyzzy');
    await v.sees('Nothing is called that.');
    expect(await faultsOf(v)).toEqual([]);
    await v.close();
  });
});

describe('while the app still comes', () => {
  test('the search keeps what is typed and its focus when the place for notices has come', async () => {
    const v = await visit({ path: '/icon.svg', bare: true, unread: true });
    const wire = await v.page.createCDPSession();
    const held: string[] = [];
    wire.on('Fetch.requestPaused', ({ requestId }) => held.push(requestId));
    await wire.send('Fetch.enable', { patterns: [{ urlPattern: '*/Toasts-*.js' }] });
    await v.load('/');
    await v.sees('Needs care');
    await v.page.keyboard.press('/');
    await v.named('Find anything', 'dialog');
    await v.type('be');
    await vi.waitFor(() => expect(held).not.toEqual([]), { timeout: 15_000 });
    await wire.send('Fetch.disable');
    await v.page.waitForFunction(() => performance.getEntriesByType('resource').some((r) => /Toasts-.+js$/.test(r.name)));
    await v.page.evaluate(() => new Promise((drawn) => requestIdleCallback(drawn)));
    await v.page.keyboard.type('nch');
    await soon(async () => expect(await options(v)).toContain('Bench page'));
    await v.close();
  });
});

describe('what can be found', () => {
  test('several pages under one address are each found once, by their own name', async () => {
    const v = await visit({ path: '/' });
    await v.sees('Needs care');
    await v.page.keyboard.press('/');
    await v.named('Find anything', 'dialog');
    await v.type('bench');
    await soon(async () => expect(await options(v)).toEqual(expect.arrayContaining(['Bench page', 'Dose page', 'Rinses page'])));
    const found = await options(v);
    expect(new Set(found).size).toBe(found.length);
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('an address that leads nowhere', () => {
  test.each([
    ['/nowhere/at/all', 'There is no such page.'],
    ['/bench/astrolabe', 'There is no such instrument.'],
    ['/kit/itm-gone', 'This thing is not in your kit.'],
    ['/kit/itm-gone/programme', 'This thing is not in your kit.'],
    ['/record/log-gone', 'This line is not in the record.'],
    ['/run/run-gone', 'This programme is not under way.'],
  ])('%s says so, instead of showing something else', async (path, said) => {
    const v = await visit({ path });
    await v.sees(said);
    expect(await v.page.evaluate(() => location.pathname)).toBe(path);
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('what was done can be taken back for a day', () => {
  test('after a reload too, by itself from the list, or the newest by key', async () => {
    const v = await visit({ path: '/kit/itm-smock' });
    const uses = async (): Promise<number> => (await v.rows('log')).filter((e) => e.type === 'use').length;
    const before = await uses();
    const kept = async (): Promise<number> => (await v.rows('undos')).length;
    for (const [n, name] of ['Rust smock', 'Long grey parka'].entries()) {
      await v.go('/');
      await v.sees('Used today?');
      const used = await v.named('Used today?', 'region');
      await click(await byName(used, `::-p-aria([name="${name}"][role="button"])`));
      await v.sees(`${name}, used today: say more`);
      await soon(async () => expect(await kept()).toBe(n + 1));
    }
    await soon(async () => expect(await uses()).toBe(before + 2));
    await v.go('/record/done');
    await v.page.waitForSelector('[aria-label="Done in the last day"] li');
    const lines = await v.page.$$eval('[aria-label="Done in the last day"] li', (all) =>
      all.map((l) => (l as HTMLElement).innerText),
    );
    expect(lines).toHaveLength(2);
    expect(lines[0]).toContain('Long grey parka');
    expect(await faultsOf(v)).toEqual([]);
    // The older of the two, and the newer stays.
    await v.press('Take it back: Rust smock: used today.');
    await v.sees('Taken back: Rust smock');
    expect(await uses()).toBe(before + 1);
    expect((await v.rows('log')).some((e) => e.type === 'use' && e.itemId === 'itm-parka')).toBe(true);
    await v.reload();
    await v.sees('Long grey parka');
    await v.page.keyboard.down('Control');
    await v.page.keyboard.press('z');
    await v.page.keyboard.up('Control');
    await v.sees('Taken back: Long grey parka');
    expect(await uses()).toBe(before);
    await v.sees('Nothing was done in the last day.');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('a programme in one look', () => {
  test('what was ticked before the start is done; the rest is ticked on one screen, and gone back over as one', async () => {
    const v = await visit({ path: '/kit/itm-ice-trousers/programme' });
    await v.press('Empty every pocket');
    await v.press('Start');
    // What comes next is named on the page too: where one stands is the heading.
    const stands = (title: string): Promise<unknown> =>
      v.page.waitForFunction((t) => document.getElementById('step')?.innerText.startsWith(t), { timeout: 30_000 }, title);
    await stands('Purge the washing machine');
    await v.press('Start, 1 h 15');
    await v.page.waitForSelector('[role=timer]');
    await passMinutes(v.page, 80);
    await v.sees('Look now');
    await v.press('Done');
    await stands('Make them ready');
    const ticked = (): Promise<boolean[]> =>
      v.page.$$eval('main input[type=checkbox]', (all) => all.map((one) => (one as HTMLInputElement).checked));
    expect(await ticked()).toEqual([true, false, false]);
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Done');
    await stands('Wash them in');
    await v.press('One step back');
    await stands('Make them ready');
    expect(await ticked()).toEqual([true, false, false]);
    // One left out with its reason, the other ticked by hand: the last tick leads on.
    await v.press('Knock the mud off');
    await soon(async () => expect((await ticked()).filter(Boolean)).toHaveLength(2));
    await v.press('Skip');
    await v.write('Why leave out what is not ticked?', 'has no zips');
    await v.page.keyboard.press('Enter');
    await stands('Wash them in');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a choice stays where the eye has it and says there what it changed', async () => {
    const v = await visit({ path: '/kit/itm-white-shoes/programme', width: 390, height: 844 });
    // Not every browser keeps a place by itself.
    await v.page.addStyleTag({ content: '* { overflow-anchor: none !important; }' });
    const question = await v.named('How warm to wash white canvas', 'button');
    await v.press('How warm to wash white canvas');
    const top = (): Promise<number> => question.evaluate((b) => b.getBoundingClientRect().top);
    await (await v.named('Hot with oxygen', 'radio')).evaluate((e) => e.closest('label')?.scrollIntoView({ block: 'center' }));
    const before = await top();
    await v.press('Hot with oxygen');
    await v.sees('Now ');
    await v.page.waitForFunction(() => document.body.innerText.includes('goes past the usual limit'));
    expect(Math.abs((await top()) - before)).toBeLessThan(4);
    expect(await faultsOf(v)).toEqual([]);
    await v.close();
  });
  test('read aloud by the browser’s own voice where it has one, step after step', async () => {
    const v = await visit();
    await v.page.evaluateOnNewDocument(() => {
      const said: string[] = [];
      Object.assign(globalThis, {
        said,
        SpeechSynthesisUtterance: class {
          text;
          lang = '';
          constructor(text: string) {
            this.text = text;
          }
        },
      });
      Object.defineProperty(globalThis, 'speechSynthesis', {
        value: {
          getVoices: () => [{}],
          addEventListener() {},
          removeEventListener() {},
          cancel() {},
          speak: (u: { text: string }) => said.push(u.text),
        },
      });
    });
    await v.load('/kit/itm-white-shoes/programme');
    await v.press('Start');
    await v.sees('Make them ready');
    await v.press('Read it to me');
    const said = (): Promise<string[]> => v.page.evaluate(() => (globalThis as unknown as { said: string[] }).said);
    expect((await said()).at(-1)).toContain('Take the laces out');
    await v.press('Done');
    await v.sees('Work out what the mark is');
    await soon(async () => expect((await said()).at(-1)).toContain('Work out what the mark is'));
    await v.press('Stop reading');
    const then = (await said()).length;
    await v.press('Done');
    await v.sees('Scrub the rubber');
    expect((await said()).length).toBe(then);
    await v.close();
  });
});

describe('a look over on a desk', () => {
  test('by keys alone: figures answer, arrows lead on and back; what was answered stands beside the questions', async () => {
    const v = await visit({ path: '/kit/itm-smock/look-over' });
    await v.sees('How dirty is it?');
    await v.page.waitForFunction(() => document.activeElement?.id === 'question');
    await v.page.keyboard.press('3');
    await v.sees('Moved by how dirty it is');
    const soFar = (): Promise<string> =>
      v.page.$eval('[aria-label="So far"]', (e) => (e as HTMLElement).innerText.replace(/\s+/g, ' '));
    await soon(async () => expect(await soFar()).toContain('How dirty it is slightly dirty'));
    await v.page.keyboard.press('ArrowRight');
    await v.sees('What is it dirty with?');
    await v.page.keyboard.press('ArrowRight');
    await v.sees('How does it smell?');
    await v.page.keyboard.press('3');
    await soon(async () => expect(await soFar()).toContain('Smell clear smell'));
    await v.page.keyboard.press('ArrowLeft');
    await v.sees('What is it dirty with?');
    // Within the answers the arrows are the answers' own.
    expect(await faultsOf(v)).toEqual([]);
    await v.press('How dirty it is');
    await v.sees('How dirty is it?');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('°F, ounces, fluid ounces and inches', () => {
  /** What is metric on the page, but for names in quotes, names of things, and sums that are worked out in metric. */
  const metricOn = (v: Visit): Promise<string[]> =>
    v.page.evaluate(() => {
      const text = (document.querySelector('main')?.innerText ?? '').replace(/“[^”]*”/g, '');
      return [...text.matchAll(/.{0,24}\d[\u00a0 ](?:°C|mL|L|kg|g|mm|cm)(?![\w/²³·’-]).{0,12}/g)].map((m) =>
        m[0].replace(/\s+/g, ' '),
      );
    });
  test('hold on every page once chosen, in a run and its fields; the record stays metric', async () => {
    const v = await visit();
    await v.sees('Needs care');
    const kept = (await v.stored('meta', 'preferences')) as { key: string; value: object };
    await putInStore(v, 'meta', { ...kept, value: { ...kept.value, units: 'us' } });
    const metric: Record<string, string[]> = {};
    for (const path of [
      '/',
      '/kit',
      '/kit/itm-parka',
      '/kit/itm-parka/programme',
      '/kit/itm-storm/programme',
      '/kit/itm-smock/drops',
      '/kit/shells',
      '/kit/itm-white-shoes/surfaces',
      '/cupboard',
      '/cupboard/machines',
      '/record',
      '/record/log-1',
      '/handbook/material/down',
      '/bench?item=itm-quilt',
    ]) {
      await v.go(path);
      await v.page.waitForFunction(() => document.querySelector('main h1') !== null);
      const left = await metricOn(v);
      if (left.length > 0) metric[path] = left;
    }
    expect(metric).toEqual({});
    // An instrument is typed in either; its address, which others open, says it as the record does.
    await v.write('Dose on the label, US fl oz', '4');
    await v.page.waitForFunction(() => Math.abs(Number(new URLSearchParams(location.search).get('label')) - 118.294) < 0.01);
    await v.write('Dose on the label, US fl oz', '60 mL');
    await v.page.waitForFunction(() => new URLSearchParams(location.search).get('label') === '60');
    await v.sees('2 US fl oz');
    await v.go('/');
    await v.goToRun();
    await v.sees('of drying yet');
    expect(await metricOn(v)).toEqual([]);
    await v.write('Weight now, oz', '2 lb');
    await v.page.keyboard.press('Enter');
    await soon(async () => {
      const [run] = (await v.rows('runs')) as { events: { type: string; massG?: number }[] }[];
      expect(run?.events.findLast((e) => e.type === 'weighed')?.massG).toBeCloseTo(907.18, 0);
    });
    await v.close();
  });
});
