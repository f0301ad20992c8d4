import { describe, expect, inject, test } from 'vitest';
import type { Kit } from '../../src/core/gear';
import { visit } from './visit';

/* At the tub there may be no network. Numbered as a newcomer would do it. */
describe('without a network, after one visit', () => {
  test('every place opens, a thing is added and looked over, and a programme is run', async () => {
    // 1. One visit with a network: the app is kept.
    const v = await visit({ width: 390, height: 844, kept: true });
    await v.sees('under way');
    await v.page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await v.page.waitForFunction(async () => (await caches.keys()).some((k) => k.includes('precache')), { timeout: 60_000 });
    await v.reload();
    await v.page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    // 2. The network is gone: nothing but the kept app answers.
    await v.offline(true);
    const reached = await v.page.evaluate(() =>
      fetch('/api/demo').then(
        () => true,
        () => false,
      ),
    );
    expect(reached).toBe(false);
    // 3. Every place opens, typed into the address.
    for (const [path, says] of [
      ['/kit', 'things'],
      ['/kit/itm-parka', 'What it is made of'],
      ['/kit/itm-parka/programme', 'What it can stand'],
      ['/kit/itm-lender-41/surfaces', 'on the rubber rim'],
      ['/kit/itm-smock/drops', 'Drops'],
      ['/cupboard', 'Down cleaner'],
      ['/record', 'This browser'],
      ['/wash-day?items=itm-bib,itm-parka', 'When you are needed'],
      ['/handbook/material/down', 'Why do you say so?'],
    ] as const) {
      await v.page.goto(new URL(path, v.page.url()).href, { waitUntil: 'domcontentloaded' });
      await v.sees(says);
    }
    // 4. A thing is added and looked over.
    await v.page.goto(new URL('/kit/new', v.page.url()).href, { waitUntil: 'domcontentloaded' });
    await v.press('Wool sweater');
    await v.press('Add it and look it over');
    await v.press('Slightly dirty');
    await v.press('That is enough');
    await v.press('Record it and see the programme');
    await v.sees('Wash it.');
    // 5. Its programme is started, and is still there after a reload.
    await v.press('Start');
    await v.sees('step 1 of');
    await v.page.reload({ waitUntil: 'domcontentloaded' });
    await v.sees('step 1 of');
    expect(v.errors.filter((e) => !e.includes('ERR_INTERNET_DISCONNECTED'))).toEqual([]);
    await v.close();
  });
});

describe('over the wire', () => {
  test('scripts come as small as the build has made them, and whole to whoever takes neither form', async () => {
    const base = inject('baseUrl');
    const html = await (await fetch(base)).text();
    const script = /src="(\/assets\/[^"]+\.js)"/.exec(html)?.[1] ?? '';
    const get = async (encoding: string): Promise<{ encoding: string | null; text: string }> => {
      const response = await fetch(base + script, { headers: { 'Accept-Encoding': encoding } });
      return { encoding: response.headers.get('content-encoding'), text: await response.text() };
    };
    const plain = await get('identity');
    expect(plain.encoding).toBeNull();
    expect(await get('gzip, br')).toEqual({ encoding: 'br', text: plain.text });
    expect(await get('gzip')).toEqual({ encoding: 'gzip', text: plain.text });
    const club = async (encoding: string): Promise<{ encoding: string | null; things: number }> => {
      const response = await fetch(`${base}/api/demo`, { headers: { 'Accept-Encoding': encoding } });
      const { kit } = (await response.json()) as { kit: Kit };
      return { encoding: response.headers.get('content-encoding'), things: kit.items.length };
    };
    const small = await club('gzip, br');
    expect(small.encoding).toBe('br');
    expect(await club('identity')).toEqual({ encoding: null, things: small.things });
  });
});
