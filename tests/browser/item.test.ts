import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { faultsOf, newFolder, visit, type Visit } from './visit';

/** A JPEG of this size, made in the page, with an Exif segment that carries a place written into it. */
async function jpegWithPlace(v: Visit, width: number, height: number): Promise<Buffer> {
  const base64 = await v.page.evaluate(
    async (w, h) => {
      const canvas = new OffscreenCanvas(w, h);
      const context = canvas.getContext('2d')!;
      for (let n = 0; n < 400; n++) {
        context.fillStyle = `hsl(${(n * 47) % 360} 60% 50%)`;
        context.fillRect((n * 911) % w, (n * 577) % h, w / 8, h / 8);
      }
      const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })).arrayBuffer());
      let text = '';
      for (let i = 0; i < bytes.length; i += 30000) text += String.fromCharCode(...bytes.subarray(i, i + 30000));
      return btoa(text);
    },
    width,
    height,
  );
  const plain = Buffer.from(base64, 'base64');
  const body = Buffer.concat([
    Buffer.from('Exif\0\0', 'latin1'),
    Buffer.from('MM\0*\0\0\0\x08\0\0\0\0\0\0GPS-68.1234N', 'latin1'),
  ]);
  const head = Buffer.from([0xff, 0xe1, (body.length + 2) >> 8, (body.length + 2) & 255]);
  return Buffer.concat([plain.subarray(0, 2), head, body, plain.subarray(2)]);
}

const BESIDE_PHOTOGRAPHS = ['Correct it', 'Add a photograph', 'Colour, before and after'];
describe('photographs', () => {
  test('12 megapixels are made small off the page, lose their place, are kept over a reload, and can be deleted and brought back', async () => {
    const folder = newFolder();
    const v = await visit({ path: '/kit/itm-parka' });
    const bytes = await jpegWithPlace(v, 4000, 3000);
    expect(bytes.includes('GPS-68.1234N')).toBe(true);
    writeFileSync(join(folder, 'big.jpg'), bytes);
    writeFileSync(join(folder, 'no.jpg'), 'not a picture');
    await v.page.evaluate(() => {
      const w = window as unknown as { long: number };
      w.long = 0;
      new PerformanceObserver((list) => list.getEntries().forEach((e) => (w.long = Math.max(w.long, e.duration)))).observe({
        entryTypes: ['longtask'],
      });
    });
    const places = (): Promise<Record<string, number>> =>
      v.page.evaluate((names) => {
        const top = (name: string): number => {
          const found = [...document.querySelectorAll<HTMLElement>('main button, main a')].find((e) => window.nameOf(e) === name);
          return found ? Math.round(found.getBoundingClientRect().top + window.scrollY) : NaN;
        };
        return Object.fromEntries(names.map((name) => [name, top(name)]));
      }, BESIDE_PHOTOGRAPHS);
    const before = await places();
    await v.file('Add a photograph', join(folder, 'big.jpg'));
    await v.sees('One, ');
    // What is pressed stands where it stood.
    expect(Object.values(before).every((top) => top > 0)).toBe(true);
    expect(await places()).toEqual(before);
    console.log(
      `12 MP photograph: longest task on the page ${Math.round(await v.page.evaluate(() => (window as unknown as { long: number }).long))} ms`,
    );
    const kept = await v.page.evaluate(
      () =>
        new Promise<{ width: number; height: number; head: string }>((resolve) => {
          const request = indexedDB.open('umbrastic');
          request.onsuccess = () => {
            const got = request.result.transaction('photos').objectStore('photos').getAll();
            got.onsuccess = async () => {
              // The demo brings photographs of another thing.
              const all = got.result as { itemId: string; width: number; height: number; blob: Blob }[];
              const photo = all.find((p) => p.itemId === 'itm-parka');
              const text = new TextDecoder('latin1').decode(await photo!.blob.arrayBuffer());
              request.result.close();
              resolve({ width: photo!.width, height: photo!.height, head: /Exif|GPS/.exec(text)?.[0] ?? 'none' });
            };
          };
        }),
    );
    expect(kept).toEqual({ width: 1600, height: 1200, head: 'none' });
    await v.file('Add a photograph', join(folder, 'no.jpg'));
    await v.sees('no.jpg is no picture that can be read');
    await v.reload();
    await v.sees('One, ');
    await v.press(/Open the photograph of today, \d\d:\d\d/);
    await v.press('Delete it');
    await v.sees('The photograph is deleted');
    await v.press('Undo');
    await v.sees('One, ');
    await v.close();
  });
});

describe('a thing’s life', () => {
  test('one tap on Now logs a use, more can be said, and the thing’s record shows it', async () => {
    const v = await visit();
    await v.sees('Used today?');
    await v.press('Rust smock');
    await v.sees('Rust smock, used today: say more');
    await v.press('Rust smock, used today: say more');
    await v.press('rain');
    await v.press('Hard');
    await v.press('Record it');
    await v.sees('is recorded');
    const use = (await v.rows('log')).find((e) => e.type === 'use' && e.hard === true);
    expect(use).toMatchObject({ itemId: 'itm-smock', weather: ['rain'] });
    await v.go('/kit/itm-smock');
    await v.sees('used, rain, hard');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('back from a run: last time’s things are chosen, the vest is due at once, and all is taken back in one go', async () => {
    const v = await visit();
    await v.press('A run');
    await v.sees('Back from a run');
    expect(
      await v.page.$$eval('[role=dialog] [aria-pressed=true], [role=dialog] [data-selected=true]', (e) =>
        e.map((x) => x.textContent),
      ),
    ).toEqual(expect.arrayContaining([expect.stringContaining('Distance vest'), expect.stringContaining('Soft flask')]));
    await v.press('Hard');
    await v.press('rain');
    await v.press('Record it');
    await v.sees('What they need now');
    await v.sees('Rinse it with plain water');
    const uses = (await v.rows('log')).filter((e) => e.type === 'use' && e.hard === true);
    expect(uses.map((u) => u.itemId).sort()).toEqual(['itm-flask', 'itm-race-vest', 'itm-trainers']);
    expect(new Set(uses.map((u) => u.outingId)).size).toBe(1);
    await v.press('Done');
    await v.press('Undo');
    await v.page.waitForFunction(() => !document.body.innerText.includes('Undo'));
    expect((await v.rows('log')).some((e) => e.type === 'use' && e.hard === true)).toBe(false);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('what is ahead is written down, says what to begin when, is changed and taken out', async () => {
    const v = await visit();
    await v.press('What to begin when');
    await v.sees('begin by');
    await v.press('Write down what is ahead');
    await v.write('What is it?', 'Harbour race');
    const day = await v.page.evaluate(() => new Date(Date.now() + 3 * 86_400_000).toLocaleDateString('sv-SE'));
    await v.day('On', day);
    await v.press('These things');
    await v.press('Distance vest Siv');
    await v.press('Write it down');
    await v.sees('Harbour race in 3 days');
    await v.sees('One thing goes along.');
    const event = (await v.rows('log')).find((e) => e.name === 'Harbour race');
    expect(event).toMatchObject({ type: 'event', on: day, itemIds: ['itm-race-vest'] });
    expect((event?.readyBy as string) < day).toBe(true);
    await v.press('Change it');
    await v.press('Take it out');
    await v.sees('is taken out');
    expect((await v.rows('log')).some((e) => e.name === 'Harbour race')).toBe(false);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('is lent, comes back, is put away and asks for nothing, retired and taken back', async () => {
    const v = await visit({ path: '/kit/itm-smock' });
    await v.press('Lend it');
    await v.write('To whom?', 'Tor');
    await v.page.keyboard.press('Enter');
    await v.sees('With Tor since');
    await v.press('It came back');
    await v.sees('Lend it');
    await v.press('Put it away');
    await v.sees('Put away on');
    await v.go('/');
    await v.sees('Needs care');
    expect(await v.text()).not.toContain('Rust smock Warm');
    await v.go('/kit?need=away');
    await v.sees('Rust smock');
    await v.go('/kit/itm-smock');
    await v.press('Bring it back');
    await v.sees('Put it away');
    await v.press('It goes for good');
    await v.sees('It asks for nothing any more');
    await v.press('Given away');
    await v.sees('To whom?');
    await v.write('To whom?', 'Siv');
    expect(await faultsOf(v)).toEqual([]);
    await v.press('It is given away');
    await v.sees('Given away to Siv on');
    expect(await v.stored('items', 'itm-smock')).toMatchObject({ gone: { how: 'given-away', to: 'Siv' } });
    await v.press('Take it back into use');
    await v.sees('It goes for good');
    expect((await v.stored('items', 'itm-smock'))?.gone).toBeUndefined();
    await v.press('How long should it last?');
    await v.write('Years', '20');
    await v.press('Set it');
    await v.sees('meant to last 20 years');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('labels carry a code that opens the thing, and text that finds it', async () => {
    const v = await visit({ path: '/kit/labels?ids=itm-parka,itm-tent,itm-quilt' });
    await v.sees('3 labels');
    const code = await v.named('Code that opens Long grey parka', 'image');
    const size = await code.evaluate((img) => (img as HTMLImageElement).naturalWidth);
    expect(size).toBeGreaterThanOrEqual(200);
    // Where there is a photograph of it, it stands beside.
    await v.named('Hut quilt', 'image');
    await v.go('/kit?q=itm-tent');
    await v.sees('Wind shelter tent');
    await v.close();
  });
});
