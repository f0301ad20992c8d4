import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import jpeg from 'jpeg-js';
import JSZip from 'jszip';
import { describe, expect, test } from 'vitest';
import { SHOE_SCENES } from '../../demo/pictures';
import { PLACES, renderShoe, seenIn, type ShoeScene, truthOf } from '../../demo/shoe';
import { steer } from './steer';
import { faultsOf, newFolder, soon, visit, type Visit } from './visit';

function picture(dir: string, name: string, scene: ShoeScene): string {
  const { width, height, rgba } = renderShoe(scene);
  const path = join(dir, name);
  writeFileSync(path, jpeg.encode({ width, height, data: rgba }, 90).data);
  return path;
}
const OLD: ShoeScene = { ...(SHOE_SCENES[0] as ShoeScene), width: 600, height: 420, cloth: 'navy', yellowed: 0.8, seed: 5 };
const NEW: ShoeScene = { ...(SHOE_SCENES[1] as ShoeScene), width: 600, height: 420, cloth: 'navy', yellowed: 0.2, seed: 6 };
/** What the answer says: bounds of how much less yellow. */
const told = async (v: Visit): Promise<[number, number]> => {
  const text = await v.page.$eval('h1', (h) => h.textContent ?? '');
  const [, low = '', high = ''] = /is (\d+) to (\d+) less yellow/.exec(text) ?? [];
  return [Number(low), Number(high)];
};

describe('the colour of a thing, before and after', () => {
  test('two pictures, a letter put on the toe by keyboard in both: how much less yellow, and the truth lies in it; it outlives a reload', async () => {
    const dir = newFolder();
    const v = await visit({ path: '/kit/itm-blue-shoes/colour', long: true });
    await v.sees('Lay them on a white sheet');
    await v.file('Choose the picture before', picture(dir, 'before.jpg', OLD));
    await v.sees('Move the letter onto the place that is to be read.');
    await steer(v, 'Spot A', seenIn(OLD, PLACES.toe));
    await v.sees('Spot A: yellowness');
    await v.file('Choose the picture after', picture(dir, 'after.jpg', NEW));
    await v.sees('Move the letters onto the same places in both pictures.');
    await steer(v, 'Spot A', seenIn(NEW, PLACES.toe));
    await v.sees('less yellow; anyone sees it.');
    const truth = truthOf('toe', OLD).yellow - truthOf('toe', NEW).yellow;
    const [low, high] = await told(v);
    expect(truth).toBeGreaterThan(low - 1);
    expect(truth).toBeLessThan(high + 1);
    await v.press('Name the places');
    await v.write('Place A', 'Toe cap');
    await v.sees('Toe cap is');
    await v.page.waitForFunction(async () => {
      const open = await new Promise<IDBDatabase>((done) => {
        const asked = indexedDB.open('umbrastic');
        asked.onsuccess = () => done(asked.result);
      });
      const rows = await new Promise<{ itemId: string; colour?: { marks: { spots: { name: string }[] } } }[]>((done) => {
        const asked = open.transaction('photos').objectStore('photos').getAll();
        asked.onsuccess = () => done(asked.result);
      });
      open.close();
      return rows.filter((r) => r.itemId === 'itm-blue-shoes' && r.colour?.marks.spots[0]?.name === 'Toe cap').length === 2;
    });
    await v.go('/kit/itm-blue-shoes/colour');
    await v.sees('Toe cap is');
    expect(await told(v)).toEqual([low, high]);
    // How long it lay in the light makes a course of it.
    await v.write('Hours in the light before the picture after', '1');
    await v.sees('One session so far.');
    await v.sees('Never with vinegar or another bleach.');
    expect(await faultsOf(v)).toEqual([]);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a picture with no usable white is refused with how to take it better; the sheet may be shown', async () => {
    const dir = newFolder();
    const v = await visit({ path: '/kit/itm-blue-shoes/colour', long: true });
    await v.file('Choose the picture before', picture(dir, 'bright.jpg', { ...OLD, exposure: 4 }));
    await v.sees('brighter than the camera could count. Take it again a little darker');
    await v.press('Other pictures');
    await v.file('Choose the picture before', picture(dir, 'good.jpg', OLD));
    // The sheet is shown in the picture that is on the table.
    await soon(async () => expect(await v.text()).not.toContain('brighter than the camera could count'));
    await v.press('Show where the sheet is');
    await steer(v, 'White sheet, place 1', seenIn(OLD, [650, 260]));
    await steer(v, 'Spot A', seenIn(OLD, PLACES.toe));
    await v.sees('Spot A: yellowness');
    await v.press('Look for the sheet again');
    await v.sees('Spot A: yellowness');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('the demo’s shoes: sessions in the sun and when to stop, over each other by keyboard, on a phone', async () => {
    const v = await visit({ path: '/kit/itm-white-shoes', width: 390, height: 844 });
    // The page is left while the club's pictures still come: the next one goes on with them.
    await v.named(/Open the photograph of 12 days ago/, 'button');
    await v.go('/kit/itm-white-shoes');
    await v.named(/Open the photograph of 2 days ago/, 'button');
    await v.page.evaluate(() => {
      const heard = new Set<string>();
      new MutationObserver(() => heard.add(document.querySelector('h1')?.textContent ?? '')).observe(document.body, {
        childList: true,
        characterData: true,
        subtree: true,
      });
      Object.assign(window, { heard });
    });
    await v.go('/kit/itm-white-shoes/colour');
    await v.sees('less yellow; anyone sees it.');
    // What was read the last time stands at once: nobody is asked to move what lies right.
    const heard = await v.page.evaluate(() => [...(window as unknown as { heard: Set<string> }).heard]);
    expect(heard.filter((text) => text.startsWith('Move the letter'))).toEqual([]);
    await v.sees('Stop here: no further gain that one sees. 3 sessions so far.');
    const slider = await v.named('How much of before', 'slider');
    const value = (): Promise<string> => slider.evaluate((s) => (s as HTMLInputElement).value);
    await slider.evaluate((s) => (s as HTMLElement).focus());
    await v.page.keyboard.press('ArrowLeft');
    expect(await value()).toBe('49');
    await v.press('After');
    await v.named(/Toe cap, .+ The arrow keys move it\./, 'application');
    // The sheet is drawn where it lies, the toe left out.
    await soon(async () => expect(await v.page.$$eval('svg line', (all) => all.length)).toBeGreaterThan(20));
    expect(await faultsOf(v)).toEqual([]);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a sale sheet: what was seen and measured, what is still there, pictures left out or not, as a ZIP that other software opens', async () => {
    const v = await visit({ path: '/kit/itm-white-shoes' });
    await v.named(/Open the photograph of 2 days ago/, 'button');
    await v.press('Sale sheet');
    await v.sees('What is still there');
    await v.sees('Canvas stain (toe), set in.');
    await v.sees('Nobody looked for damage.');
    await v.sees('less yellow');
    await (await v.named('Show the picture of 8 days ago', 'checkbox')).evaluate((e) => (e as HTMLElement).click());
    const zip = await JSZip.loadAsync(readFileSync(await v.saved('With pictures (ZIP)')));
    expect(Object.keys(zip.files).sort()).toEqual(['picture-1.jpg', 'picture-2.jpg', 'picture-3.jpg', 'sale.md']);
    const text = (await zip.file('sale.md')?.async('string')) ?? '';
    expect(text).toContain('![As found');
    expect(text).not.toContain('After one session');
    expect(text).toContain('- Canvas stain (toe), set in.');
    const picture = await zip.file('picture-1.jpg')?.async('uint8array');
    expect(jpeg.decode(picture ?? new Uint8Array()).width).toBe(1000);
    expect(await faultsOf(v)).toEqual([]);
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
