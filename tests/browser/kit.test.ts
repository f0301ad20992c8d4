import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { ElementHandle } from 'puppeteer-core';
import { describe, expect, test } from 'vitest';
import { byName } from './names';
import { newFolder, visit, type Visit } from './visit';

const names = (v: Visit): Promise<string[]> =>
  v.page.$$eval('tbody tr[aria-rowindex] a', (all) => all.map((a) => a.textContent ?? ''));
const choose = async (v: Visit, name: string): Promise<void> => {
  const box = await byName(v.page, `::-p-aria([name="Choose ${name}"][role="checkbox"])`);
  // By the element, not by its place: rows may be moving to their new order.
  await box.evaluate((e) => (e as HTMLInputElement).click());
};

describe('the kit table', () => {
  test('filters, sorts, and keeps a view under a name, all in the address', async () => {
    const v = await visit({ path: '/kit' });
    await v.page.waitForSelector('tbody a');
    await v.choose('Show only this kind', 'jacket');
    await v.sees('shown,');
    expect(v.page.url()).toContain('kind=jacket');
    expect((await names(v)).includes('Hut quilt')).toBe(false);
    await v.press('Thing');
    await v.page.waitForSelector('th[aria-sort=ascending]');
    const sorted = await names(v);
    expect(sorted).toEqual([...sorted].sort((a, b) => a.localeCompare(b)));
    await v.press('Save this view');
    await v.write('Name', 'My jackets');
    await v.press('Save it');
    await v.sees('is saved');
    await v.go('/kit');
    await v.press('My jackets');
    await v.sees('shown,');
    expect(v.page.url()).toContain('kind=jacket');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('tags, lends and puts away several at once, and takes it back', async () => {
    const v = await visit({ path: '/kit?kind=jacket' });
    await choose(v, 'Rust smock');
    await choose(v, 'Long grey parka');
    await v.sees('2 things chosen');
    await v.named('Wash day (2)', 'link');
    await v.press('Tag');
    await v.write('Tag', 'spring tour');
    await v.press('Tag them');
    await v.sees('jacket, spring tour');
    expect(await v.rows('snapshots')).toMatchObject([{ why: 'bulk' }]);
    expect(await v.stored('items', 'itm-smock')).toMatchObject({ tags: ['spring tour'] });
    // What several are changed by soon after is the same change; what one thing is changed by is none.
    await choose(v, 'Rust smock');
    await choose(v, 'Long grey parka');
    await v.press('Tag');
    await v.write('Tag', 'autumn');
    await v.press('Tag them');
    await v.sees('jacket, spring tour, autumn');
    expect(await v.rows('snapshots')).toHaveLength(1);
    await choose(v, 'Rust smock');
    await v.press('Lend');
    await v.write('To whom?', 'Tor');
    await v.page.keyboard.press('Enter');
    await v.sees('with Tor');
    await choose(v, 'Rust smock');
    await v.press('Came back');
    await v.sees('came back');
    await choose(v, 'Rust smock');
    await v.press('Put away');
    await v.page.waitForFunction(() => !document.querySelector('tbody')?.textContent?.includes('Rust smock'));
    expect((await v.stored('items', 'itm-smock'))?.archivedOn).toBeTruthy();
    await v.press('Undo');
    await v.page.waitForFunction(() => document.querySelector('tbody')?.textContent?.includes('Rust smock'));
    await v.close();
  });
  test('goes out as CSV and comes in again, with every bad row named and nothing half taken', async () => {
    const folder = newFolder();
    const v = await visit({ path: '/kit' });
    await v.sees('need care');
    const text = readFileSync(await v.saved('Save as CSV'), 'utf8');
    const path = join(folder, 'back.csv');
    writeFileSync(path, `${text}\r\n,Night bivy,sleeping-bag,,500\r\n,Spoon,spoon,,5`);
    const before = (await v.rows('items')).length;
    await v.file('Take from CSV', path);
    await v.sees('0 to take');
    await v.sees('components: must name at least one');
    await v.sees('kind: "spoon" is not one of');
    await v.press('Leave my kit as it is');
    writeFileSync(
      path,
      'id,name,kind,components\n,Night bivy,sleeping-bag,face:polyamide-woven; fill:down\n,Spoon,spoon,face:wood',
    );
    await v.file('Take from CSV', path);
    await v.sees('1 to take');
    await v.press('Take 1');
    await v.sees('1 row is taken');
    expect((await v.rows('items')).length).toBe(before + 1);
    // All as it was before is kept.
    expect(await v.rows('snapshots')).toMatchObject([{ why: 'csv', things: before }]);
    await v.press('Undo');
    await v.page.waitForFunction(() => !document.body.innerText.includes('Undo'));
    expect((await v.rows('items')).length).toBe(before);
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('the look-over on a phone', () => {
  test('places drops and a pin by hand and by keyboard, keeps all over a reload at any card, and compares with the last look', async () => {
    const v = await visit({ width: 390, height: 844, path: '/kit/itm-smock/look-over' });
    await v.press('What do drops do on it?');
    await v.sees('Which place?');
    await (await v.named('chest, front, not tried', 'button')).click();
    await v.sees('What do drops leave on the chest?');
    await v.press('2');
    await v.sees('grade 2');
    await v.reload();
    await v.sees('grade 2');
    await v.press('Are there marks?');
    await v.sees('touch the outline');
    const svg = (await v.page.waitForSelector('[aria-roledescription=outline]')) as ElementHandle<SVGElement>;
    await svg.evaluate((e) => e.scrollIntoView({ block: 'center' }));
    const box = await svg.boundingBox();
    await v.page.mouse.click((box?.x ?? 0) + (box?.width ?? 0) / 2, (box?.y ?? 0) + (box?.height ?? 0) / 2);
    await v.sees('pinned on the front');
    await v.reload();
    await v.sees('pinned on the front');
    // By keys: the cross is brought to its place, Enter sets the pin; it says where it is.
    await (
      await v.named(/.+ down the back: the arrow keys move it, Enter sets a pin\./, 'application')
    ).evaluate((e) => e.focus());
    await v.page.keyboard.press('ArrowUp');
    await v.page.keyboard.down('Shift');
    await v.page.keyboard.press('ArrowRight');
    await v.page.keyboard.up('Shift');
    await v.named(/.+ 60 % across, 48 % down the back: the arrow keys move it, Enter sets a pin\./, 'application');
    await v.page.keyboard.press('Enter');
    await v.sees('pinned on the back');
    await v.press('How worn is it?');
    await v.press('stiff zip');
    await v.press('That is all I need.');
    await v.sees('chest 2');
    await v.sees('chest 4');
    await v.press('Record it and see the programme');
    await v.sees('The look is recorded');
    const looks = (await v.rows('inspections')).filter((i) => i.itemId === 'itm-smock');
    expect(looks.find((i) => i.wear)).toMatchObject({
      droplet: { chest: 2 },
      wear: ['stiff-zip'],
      stains: [
        { soil: 'unknown', spot: { side: 'front' } },
        { soil: 'unknown', spot: { side: 'back', x: 0.6, y: 0.48 } },
      ],
    });
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
