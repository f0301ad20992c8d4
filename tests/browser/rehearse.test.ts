import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { newFolder, soon, visit } from './visit';

describe('rehearse', () => {
  test('a programme is run forward, another choice stands beside it, and its address carries it', async () => {
    const v = await visit({ path: '/kit/itm-quilt/programme' });
    await v.press('Rehearse');
    await v.sees('nothing is hurt');
    await v.sees('Round 1 starts, heat on low.');
    expect(await v.text()).not.toContain('Side by side');
    await v.choose('Heat', 'high');
    await v.sees('That goes wrong: too hot');
    await v.sees('where 60 °C is the most it may');
    await v.sees('Side by side');
    expect(v.page.url()).toContain('heat=high');
    await v.reload();
    await v.sees('That goes wrong: too hot');
    await (await v.named('Minutes from the start', 'slider')).focus();
    const told = (): Promise<string> => v.page.$eval('p[aria-live]', (e) => (e as HTMLElement).innerText);
    const before = await told();
    for (let n = 0; n < 30; n++) await v.page.keyboard.press('ArrowLeft');
    expect(await told()).not.toBe(before);
    await v.press('All as planned');
    await v.sees('nothing is hurt');
    expect(v.page.url()).not.toContain('heat=');
    expect(v.errors).toEqual([]);
    await v.close();
  });

  test('draws its charts one after the other: a hand is heard in between', async () => {
    const v = await visit({ path: '/kit/itm-quilt/programme' });
    await v.page.evaluate(() => {
      const came: number[] = [];
      /** Charts that have their axes and no line yet. */
      const bare = new Set<Element>();
      Object.assign(window, { came, bare });
      const charts = (): number => document.querySelectorAll('main figure svg.recharts-surface').length;
      // Heard of at the end of the task in which they came.
      new MutationObserver(() => {
        const [here, before] = [charts(), came.at(-1) ?? 0];
        if (here > before) came.push(here);
        for (const chart of document.querySelectorAll('main figure svg.recharts-surface'))
          if (chart.querySelector('.recharts-yAxis') && !chart.querySelector('.recharts-line')) bare.add(chart);
      }).observe(document, { childList: true, subtree: true });
    });
    await v.press('Rehearse');
    await v.sees('nothing is hurt');
    const came = (): Promise<unknown> => v.page.evaluate(() => (window as unknown as { came: number[] }).came);
    await soon(async () => expect(await came()).toEqual([1, 2, 3]));
    // The lines of each come in a task of their own, after its axes.
    await soon(async () =>
      expect((await v.page.$$('main figure svg.recharts-surface .recharts-line')).length).toBeGreaterThan(2),
    );
    expect(await v.page.evaluate(() => (window as unknown as { bare: Set<Element> }).bare.size)).toBe(3);
    expect(v.errors).toEqual([]);
    await v.close();
  });

  test('a lesson sets a goal, hides the course until it is carried out, and says what did it', async () => {
    const v = await visit({ path: '/kit/itm-quilt/rehearse', width: 390, height: 844 });
    await v.sees('nothing is hurt');
    await v.press('Set me a goal');
    await v.sees('dry, whole and put away by');
    expect(await v.text()).not.toContain('What happens');
    await v.press('Carry it out');
    await v.sees('What each of your choices does to the plan');
    await v.sees('Put this right first');
    await v.sees('instead of');
    await v.press('Same day, other choices');
    await v.choose('Stop', 'when it weighs dry, and one more');
    await v.choose('In the drum', 'it alone');
    await v.choose('Heat', 'low');
    await v.choose('Balls', '3');
    await v.choose('Washed, it lies wet for', 'no time at all');
    await v.choose('Before every round', 'look at the knob');
    await v.press('Carry it out');
    await v.sees('Dry to the core');
    await v.sees('Nothing hurt');
    expect(v.errors).toEqual([]);
    await v.close();
  });

  test('where nothing gets wet its next wash is offered; life-safety kit offers nothing', async () => {
    const v = await visit({ path: '/kit/itm-vest/rehearse' });
    await v.sees('There is nothing to rehearse');
    await v.press('Rehearse its next wash');
    await v.sees('goes away');
    await v.go('/kit/itm-rope/rehearse');
    await v.sees('There is nothing to rehearse');
    expect(await v.text()).not.toContain('next wash');
    await v.close();
  });
});

/** A picture of one pixel. */
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);
describe('a photograph in Run', () => {
  test('is kept with the thing under the step’s name', async () => {
    const v = await visit();
    await v.sees('under way');
    await v.goToRun();
    await v.sees('of drying yet');
    const folder = newFolder();
    writeFileSync(join(folder, 'cuff.png'), PNG);
    await v.file('Photograph', join(folder, 'cuff.png'));
    await v.sees('The photograph is kept with it');
    const run = (await v.rows('runs'))[0] as { itemId: string };
    const photos = (await v.rows('photos')) as { itemId: string; step: string }[];
    expect(photos.filter((p) => /Tumble/i.test(p.step)).map((p) => p.itemId)).toEqual([run.itemId]);
    await v.close();
  });
});

describe('where the down is', () => {
  test('a layout is taken, a ruler read by keyboard, and the moves follow; an opening that is shut changes them', async () => {
    const v = await visit({ path: '/kit/itm-vest/fill' });
    await v.press('Like a jacket');
    await v.sees('Its baffles are laid out');
    await (await v.named(/back 1\b.*/, 'button')).evaluate((e) => e.focus());
    await v.page.keyboard.press('Enter');
    await v.sees('back 1');
    await v.write('Thickness now, mm', '80');
    await (await v.named(/back 1\b.*/, 'button')).evaluate((e) => e.focus());
    await v.page.keyboard.press('ArrowDown');
    await v.page.waitForFunction(() => window.nameFits(document.activeElement as HTMLElement, '', 'back 2\\b.*'));
    await v.sees('Opening to back 1');
    await v.write('Thickness now, mm', '10');
    await v.sees('from back 1 into back 2');
    const before = await v.page.$eval('h1', (h) => (h as HTMLElement).innerText);
    await v.choose('Opening to back 1', 'sewn shut');
    await v.sees('sewn shut');
    await v.sees('no open way in or out');
    expect(await v.page.$eval('h1', (h) => (h as HTMLElement).innerText)).not.toBe(before);
    const kept = (await v.stored('items', 'itm-vest')) as { fillMap: { openings: { state: string }[] } };
    expect(kept.fillMap.openings.filter((o) => o.state === 'sewn')).toHaveLength(1);
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
