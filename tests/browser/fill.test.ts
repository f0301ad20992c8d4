import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { QUILT_SCENE, quiltGrams } from '../../demo/pictures';
import type { RunRecord } from '../../src/core/run';
import { steer } from './steer';
import { byName } from './names';
import { faultsOf, newFolder, putInStore, visit } from './visit';

describe('where the down is', () => {
  test('from a picture against the light, by keyboard, to an evening that is ticked off and outlives a reload', async () => {
    const v = await visit({ path: '/kit/itm-quilt/light' });
    await v.sees('Or one of its photographs');
    await v.named(/Take the photograph of .+, The light alone, as .+/, 'button');
    await (await v.named(/Take the photograph of .+, Against the light, as .+/, 'button')).focus();
    await v.page.keyboard.press('Enter');
    await v.sees('Put 1 to 4 on its outer corners');
    for (const [n, corner] of QUILT_SCENE.corners.entries()) await steer(v, `Corner ${n + 1}`, [corner[0], corner[1]]);
    await v.page.$eval('button[aria-label$="as the light alone"]', (e) => (e as HTMLElement).focus());
    await v.page.keyboard.press('Enter');
    await v.sees('The light is taken from its own picture.');
    await v.sees('Most is missing from body 7');
    const told = await v.page.$$eval('tbody tr', (rows) =>
      rows.map((r) => [r.children[0]?.textContent ?? '', parseFloat(r.children[1]?.textContent ?? '')] as const),
    );
    const truth = quiltGrams();
    const mean = 420 / truth.size;
    const off = told.map(([baffle, grams]) => Math.abs(grams - (truth.get(baffle) ?? 0)) / mean).sort((a, b) => a - b);
    expect(off).toHaveLength(15);
    // One picture through the whole app: within the aim for a law that is not the estimator's, doubled for a single one.
    expect(off[7]).toBeLessThan(0.2);
    expect(off[13]).toBeLessThan(0.4);
    await v.press('Keep it and plan the moves');
    await v.sees('By light');
    await v.sees('of handwork');
    const first = await byName(v.page, '::-p-aria([name="By hand, in this order"][role="region"]) ::-p-aria([role="checkbox"])');
    await first.evaluate((e) => (e as HTMLElement).click());
    await v.sees('1 of');
    await v.reload();
    await v.sees('1 of');
    // That one and no other.
    const ticked = await v.page.$$eval('li input[type=checkbox]', (all) => all.map((e) => (e as HTMLInputElement).checked));
    expect(ticked).toEqual([true, ...ticked.slice(1).map(() => false)]);
    expect(ticked.length).toBeGreaterThan(1);
    await v.press('By ruler, 1 day ago');
    await v.sees('192 pinches');
    expect(v.errors).toEqual([]);
    await v.close();
  });

  test('on a small phone every baffle is as large as a finger, and the page no wider than the screen', async () => {
    const v = await visit({ path: '/kit/itm-quilt/fill', width: 320, height: 640 });
    // The answer comes before the ways to it.
    const inOrder = await v.page.$$eval('main h1, main [href$="/light"], main [href$="/baffles"]', (all) =>
      all.map((e) => e.tagName),
    );
    expect(inOrder).toEqual(['H1', 'A', 'A']);
    const sides = await v.page.$$eval('polygon[role=button]', (all) =>
      all.map((e) => e.getBoundingClientRect()).map(({ width, height }) => Math.min(width, height)),
    );
    expect(sides.length).toBeGreaterThan(10);
    // SVG is drawn in parts of a px.
    expect(Math.min(...sides)).toBeGreaterThan(43.5);
    expect(await faultsOf(v)).toEqual([]);
    // What was felt in its drying stands on its map.
    const run = (await v.rows('runs')).find(({ itemId }) => itemId === 'itm-quilt') as unknown as RunRecord;
    const felt = { type: 'clump', baffle: 'body 3', felt: true, at: run.startedAtMs + 1, stepId: run.programme.steps.at(-1)?.id };
    await putInStore(v, 'runs', { ...run, events: [...run.events, felt] });
    await v.reload();
    await v.sees('Clumps were felt in body 3');
    await v.close();
  });
  test('a file that is no picture says so and changes nothing', async () => {
    const v = await visit({ path: '/kit/itm-quilt/light' });
    const folder = newFolder();
    const path = join(folder, 'letter.jpg');
    writeFileSync(path, 'no picture');
    await v.file('Choose a picture', path);
    await v.sees('letter.jpg is no picture that can be read. Nothing else was changed.');
    expect(v.errors).toEqual([]);
    await v.close();
  });

  test('a layout is changed by keyboard and taken back; a foot box is added', async () => {
    const v = await visit({ path: '/kit/itm-quilt/baffles' });
    await v.sees('15 baffles, 128.9 L sewn volume.');
    await (await v.named('body 1', 'button')).evaluate((e) => e.focus());
    await v.page.keyboard.press('Enter');
    await v.sees('body 1, 186 × 1450 mm');
    await v.press('Corner 2');
    await v.page.keyboard.press('ArrowRight');
    await v.sees('body 1, 196 × 1450 mm');
    await v.press('Undo');
    await v.sees('body 1, 186 × 1450 mm');
    await v.press('Part it one above the other');
    await v.sees('16 baffles, 128.9 L');
    await v.press('Undo');
    await v.sees('15 baffles');
    await v.choose('Its baffles', 'foot box, cut differentially');
    await v.sees('the volume between two cylinders');
    await v.press('Add it below');
    await v.sees('27 baffles');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
