import { describe, expect, test } from 'vitest';
import type { Kit } from '../../src/core/gear';
import { item, shell } from '../make';
import { faultsOf, giveKit, soon, visit, type Visit } from './visit';

/* Two browsers of one kit: a phone at the tub, a laptop in the kitchen. Each knows of the other by a saved copy only. */
const kit: Kit = {
  format: 'umbrastic/kit',
  version: 1,
  title: 'Test shelf',
  items: [
    { ...shell(), id: 'x', name: 'Grey shell' },
    { ...shell(), id: 'y', name: 'Red shell' },
    item('tarp', [{ part: 'face', material: 'polyamide-woven' }], { id: 'z', name: 'Old pair' }),
  ],
  equipment: { washers: [{ id: 'w', kind: 'front-loader' }], dryers: [], racks: [] },
  inspections: [],
  log: [],
};
const owner = async (v: Visit, id: string, name: string): Promise<void> => {
  await v.go(`/kit/${id}?correct=1`);
  await v.sees('Correct');
  await v.write('Owner', name);
  await v.press('Save');
  await v.sees('is corrected');
  await soon(async () => expect((await v.stored('items', id))?.owner).toBe(name));
};
const copy = async (v: Visit): Promise<string> => {
  await v.go('/record');
  return v.saved('Save a copy');
};

describe('two browsers', () => {
  test('are brought together: what comes, changes and goes is said before; a clash is settled by keyboard; undone; the other follows; then nothing is new', async () => {
    const phone = await visit({ width: 390, height: 844 });
    await giveKit(phone, kit);
    const start = await copy(phone);

    const laptop = await visit({ path: '/record' });
    await laptop.sees('This year: care');
    await laptop.file('Import a kit', start);
    // The club is no other half of this kit.
    await laptop.sees('Replace your kit by this file?');
    await laptop.press('Replace it');
    await laptop.sees('3 things are in your kit now');

    await owner(phone, 'x', 'Runa');
    await owner(phone, 'y', 'Ansa');
    await phone.go('/kit/z');
    await phone.press('Delete');
    await soon(async () => expect(await phone.stored('items', 'z')).toBeUndefined());
    await owner(laptop, 'x', 'Tor');
    const fromPhone = await copy(phone);

    await laptop.go('/record');
    await laptop.file('Import a kit', fromPhone);
    await laptop.sees('Bring both together?');
    await laptop.sees('This is what changes here: 1 thing changed there since; 1 thing deleted there. What was done here stays.');
    await laptop.sees('1 record was changed in both');
    await laptop.sees('owner: Runa');
    await laptop.sees('owner: Tor');
    expect(await faultsOf(laptop)).toEqual([]);
    await laptop.press('Show each of these changes (2)');
    await laptop.sees('Deleted: Old pair');
    // The newer is chosen; the arrow takes the other.
    await (await laptop.named('Grey shell', 'radiogroup')).waitForSelector('[data-selected]');
    await laptop.page.evaluate(() =>
      document.querySelector<HTMLElement>('[role=dialog] [role=radiogroup] input:checked')?.focus(),
    );
    await laptop.page.keyboard.press('ArrowDown');
    await laptop.press('Bring both together');
    await laptop.sees('Both are together now');
    const held = async (v: Visit): Promise<unknown> => (await v.rows('items')).map((i) => [i.id, i.owner]).sort();
    await soon(async () =>
      expect(await held(laptop)).toEqual([
        ['x', 'Runa'],
        ['y', 'Ansa'],
      ]),
    );
    await laptop.press('Undo');
    await soon(async () =>
      expect(await held(laptop)).toEqual([
        ['x', 'Tor'],
        ['y', undefined],
        ['z', undefined],
      ]),
    );
    // The state of before is kept as a whole, too.
    await laptop.sees('before two browsers were brought together');

    await laptop.file('Import a kit', fromPhone);
    await laptop.sees('Bring both together?');
    await laptop.press('Bring both together');
    await soon(async () =>
      expect(await held(laptop)).toEqual([
        ['x', 'Tor'],
        ['y', 'Ansa'],
      ]),
    );
    const fromLaptop = await copy(laptop);
    await phone.go('/record');
    await phone.file('Import a kit', fromLaptop);
    await phone.sees('Bring both together?');
    await phone.sees('1 thing changed there since');
    expect(await faultsOf(phone)).toEqual([]);
    await phone.press('Bring both together');
    await soon(async () => expect(await held(phone)).toEqual(await held(laptop)));
    await laptop.file('Import a kit', await copy(phone));
    await laptop.sees('Nothing in it is new here.');
    expect([...phone.errors, ...laptop.errors]).toEqual([]);
    await phone.close();
    await laptop.close();
  });
  test('a copy goes where one wants it, where the browser can ask; given up, nothing is saved; a place that cannot be written to is said', async () => {
    const v = await visit({ path: '/record' });
    await v.sees('This year: care');
    const how = (mode: string): Promise<void> =>
      v.page.evaluate((mode) => {
        const written: Blob[] = [];
        const file = {
          name: 'kitchen.zip',
          createWritable: async () => ({
            write: async (blob: Blob) => {
              if (mode === 'full') throw new Error('no room');
              written.push(blob);
            },
            close: async () => undefined,
          }),
        };
        Object.assign(globalThis, {
          written,
          asked: null,
          showSaveFilePicker: async (options: object) => {
            Object.assign(globalThis, { asked: options });
            if (mode === 'given up') throw new DOMException('', 'AbortError');
            return file;
          },
        });
      }, mode);
    const asked = (): Promise<unknown> => v.page.evaluate(() => (globalThis as { asked?: unknown }).asked);
    await how('given up');
    await v.press('Save a copy');
    await soon(async () => expect(await asked()).toMatchObject({ id: 'copy' }));
    await v.sees('No copy was saved from this browser yet.');
    await how('full');
    await v.press('Save a copy');
    await v.sees('The copy could not be written there; nothing of yours is lost.');
    await v.sees('No copy was saved from this browser yet.');
    await how('kept');
    await v.press('Save a copy');
    await v.sees('The copy is where you chose, as kitchen.zip');
    await v.sees('The last copy was saved today');
    const first = await v.page.evaluate(async () => {
      const [blob] = (globalThis as unknown as { written: Blob[] }).written;
      return [...new Uint8Array(await blob!.slice(0, 2).arrayBuffer())];
    });
    expect(String.fromCharCode(...first)).toBe('PK');
    await v.close();
  });
});
