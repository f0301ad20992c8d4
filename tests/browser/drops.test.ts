import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import jpeg from 'jpeg-js';
import { describe, expect, test } from 'vitest';
import { type DropScene, renderDrops } from '../../demo/drops';
import { DROP_SCENES } from '../../demo/pictures';
import type { HalvesEntry, Inspection } from '../../src/core/gear';
import { steer } from './steer';
import { faultsOf, newFolder, passMinutes, soon, visit, type Visit } from './visit';

const looksOf = async (v: Visit, itemId: string): Promise<Inspection[]> =>
  ((await v.rows('inspections')) as unknown as Inspection[])
    .filter((i) => i.itemId === itemId)
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
const halvesIn = async (v: Visit): Promise<HalvesEntry[]> =>
  ((await v.rows('log')) as unknown as HalvesEntry[])
    .filter((e) => e.type === 'halves')
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
const left = async (v: Visit): Promise<number> => Number((await v.stored('supplies', 's-spray'))?.remainingMl);

describe('a drop test, guided', () => {
  test('on a phone, a tent panel by panel: drops lie while others fall, one is drunk, a grade that contradicts that is told; recorded and undone', async () => {
    const v = await visit({ path: '/kit/itm-tent/drops', width: 390, height: 844 });
    await v.sees('Nobody has tried it with drops yet.');
    await v.press('Test it with drops');
    await v.sees('5 drops of tap water from 10 cm on each place; after 1 min shake them off and look.');
    await v.press('Drops are on the roof');
    // While they lie, the next place.
    await v.press('Drops are on the sides');
    await v.press('Roof');
    await v.page.waitForSelector('[role=timer]');
    await passMinutes(v.page, 0.5);
    await v.press('A drop is drunk');
    await v.sees('Soaked in after');
    await passMinutes(v.page, 0.6);
    await v.sees('Shake the roof and look');
    await v.press('4');
    await v.press('Roof');
    await v.sees('A drop was drunk on the roof within 1 min: cloth that has drunk is 3 at most. Look again.');
    await v.press('3');
    await v.page.waitForFunction(() => !document.body.innerText.includes('cloth that has drunk'));
    // What was graded outlives a reload.
    await soon(async () => expect(JSON.stringify(await v.rows('sheets'))).toContain('"roof":3'));
    await v.reload();
    await v.press('Test it with drops');
    await v.sees('grade 3');
    await v.press('Sides');
    await v.press('5');
    expect(await faultsOf(v)).toEqual([]);
    const [before] = await looksOf(v, 'itm-tent');
    await v.press('Record the drops');
    await v.sees('Roof 3, wet where drops fell; the rest beads.');
    const [now] = await looksOf(v, 'itm-tent');
    expect(now?.droplet).toEqual({ roof: 3, body: 5 });
    expect(now?.dropTest).toMatchObject({ water: 'tap', heightMm: 100, drops: 5, waitS: 60 });
    expect(now?.dropTest?.drunkS?.roof).toBeGreaterThanOrEqual(30);
    expect(now?.dropTest?.drunkS?.roof).toBeLessThan(60);
    // What else was seen keeps its day.
    expect(now).toMatchObject({ soil: before?.soil, damp: before?.damp, asOf: { soil: before?.at, damp: before?.at } });
    await v.press('Undo');
    await v.sees('Nobody has tried it with drops yet.');
    expect((await looksOf(v, 'itm-tent'))[0]?.id).toBe(before?.id);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('in another way, by keyboard; two tests that were not alike are held against each other with care', async () => {
    const v = await visit({ path: '/kit/itm-smock/drops' });
    await v.sees('Shoulders 2, wet beyond the drops');
    await v.sees('Soaked in: shoulders after 18 s and back after 45 s.');
    await v.press('Test it with drops');
    await v.press('Another way');
    await v.press('Distilled');
    await v.write('Wait, s', '90');
    await v.sees('5 drops of distilled water from 10 cm on each place; after 1 min 30 s');
    await (await v.named(/shoulders, front, .+/, 'button')).evaluate((e) => e.focus());
    await v.page.keyboard.press('Enter');
    await v.sees('What do drops leave on the shoulders?');
    await (await v.named('5', 'radio')).focus();
    await v.page.keyboard.press('Space');
    await v.sees('grade 5');
    await v.press('Record the drops');
    await v.sees('Drops bead wherever they were tried.');
    await v.sees('The two were not tried alike');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('a grade from a picture', () => {
  const write = (dir: string, name: string, scene: DropScene): string => {
    const { rgba, width, height } = renderDrops(scene);
    const path = join(dir, name);
    writeFileSync(path, jpeg.encode({ width, height, data: rgba }, 90).data);
    return path;
  };
  test('the club’s picture of the shoulders is read and taken with a press; one with glare is refused with what to do; no picture at all says so', async () => {
    const dir = newFolder();
    const v = await visit({ path: '/kit/itm-smock/drops' });
    await soon(async () => expect((await v.rows('photos')).map((p) => p.step)).toContain('Drops on the shoulders'));
    await v.press('Test it with drops');
    await v.press('Shoulders');
    await v.press('From a picture of the shoulders');
    await v.press('Take the photograph of 1 day ago, Drops on the shoulders, as the picture of its drops');
    await v.sees('It looks like a 2');
    await v.sees('has darkened');
    expect(await faultsOf(v)).toEqual([]);
    // The corners are moved by key too: too near each other, and it says what to do.
    await steer(v, 'Second corner of dry cloth', [0.06, 0.9]);
    await v.sees('too small in this picture');
    const scene = DROP_SCENES[0] as DropScene;
    await v.file('Another picture', write(dir, 'glare.jpg', { ...scene, width: 500, height: 375, glare: 0.2 }));
    await v.sees('Something shines in it');
    const none = join(dir, 'none.jpg');
    writeFileSync(none, 'no picture');
    await v.file('Another picture', none);
    await v.sees('none.jpg is no picture that can be read.');
    await v.press('Hood');
    await v.press('Shoulders');
    await v.press('From a picture of the shoulders');
    await v.press('Take the photograph of 1 day ago, Drops on the shoulders, as the picture of its drops');
    await v.press('Take the 2 for the shoulders');
    await v.sees('grade 2');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('halves and leaks', () => {
  test('half is treated, the bottle gives half of the whole, both halves are read; the record of the thing says so; undone', async () => {
    const v = await visit({ path: '/kit/itm-smock/drops' });
    await v.sees('It helped, and it lasts: the other half is worth the same.');
    const before = await left(v);
    await v.press('Treat one half');
    await v.sees('never breathe the mist');
    await v.press('Right');
    await v.sees('Cover the left half or keep it away, spray the right half on its clean damp face');
    await v.press('The right half is treated');
    await v.sees('Not read yet: let drops fall on both halves.');
    const [entry] = await halvesIn(v);
    const ml = entry?.supplies?.[0]?.ml ?? 0;
    expect(ml).toBeGreaterThan(20);
    expect(await left(v)).toBe(before - ml);
    expect(entry).toMatchObject({ itemId: 'itm-smock', half: 'right', treatment: 'renew' });
    await v.press('Read both halves now');
    await v.pick(/Right half, treated.*/, '3');
    await v.pick(/Left half, left as it was.*/, '3');
    await v.press('Keep the reading');
    await v.sees('It made no difference: the other half need not be treated.');
    await v.press('Undo');
    await v.sees('Not read yet: let drops fall on both halves.');
    await v.go('/kit/itm-smock');
    await v.sees('Right half: a renewal');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a wet face is no leak; water on the paper is, is written down as damage, and is mended first', async () => {
    const v = await visit({ path: '/kit/itm-new-shell/drops', dark: true });
    await v.press('A wet, cold face, or a leak?');
    await v.pick(/Is the paper wet\?.*/, 'No');
    await v.sees('Has the face soaked it up: is it darker?');
    await v.pick(/Has the face soaked it up: is it darker\?.*/, 'Yes');
    await v.sees('it feels like a leak and is none');
    await v.pick(/Is the paper wet\?.*/, 'Yes');
    await v.sees('It leaks.');
    expect(await faultsOf(v)).toEqual([]);
    await v.write('Where it came through', 'left shoulder seam');
    await v.press('Write the leak down');
    await v.sees('Have it mended first: no care of the finish closes a leak.');
    const [now] = await looksOf(v, 'itm-new-shell');
    expect(now?.damage).toEqual([{ kind: 'leak', place: 'left shoulder seam' }]);
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
