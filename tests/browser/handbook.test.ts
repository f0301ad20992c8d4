import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { WAIT } from './names';
import { giveKit, soon, visit, type Visit } from './visit';

const demo = makeDemoKit(Date.now()).kit;

/** What was asked for has the focus, and is in sight. */
const isRead = async (v: Visit, id: string): Promise<void> => {
  await v.page.waitForFunction((wanted) => document.activeElement?.id === wanted, WAIT, id);
  await soon(async () =>
    expect(
      await v.page.evaluate(() => {
        const { top = -1 } = document.activeElement?.getBoundingClientRect() ?? {};
        return top >= 0 && top < innerHeight - 60;
      }),
    ).toBe(true),
  );
};

describe('the handbook', () => {
  test('is reached from a why, and leads back to the things that rest on it', async () => {
    const v = await visit({ path: '/kit/itm-parka/programme' });
    const reasons = async (step: string): Promise<string[]> => {
      await v.press(step);
      await v.press(`Why: ${step}`);
      await v.page.waitForSelector('[role=dialog]');
      return v.page.$$eval('[role=dialog] a', (links) => links.map((l) => l.getAttribute('href') ?? ''));
    };
    expect(await reasons('Wash it alone in “Cellar machine”')).toContain('/handbook/material/down');
    await v.page.keyboard.press('Escape');
    await v.page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    expect(await reasons('Weigh it dry')).toContain('/handbook/reason/weigh-dry');
    const [why] = await v.page.$$('::-p-aria([role="dialog"]) ::-p-aria([role="link"])');
    await why?.press('Enter');
    await v.sees('one honest test of dry');
    await isRead(v, 'reason/weigh-dry');
    await v.sees('In your kit:');
    await v.press('Long grey parka');
    await v.sees('Long grey parka');
    // The last of 200, and one above which your own lines and things come later: by link, and by one who types the address.
    await v.go('/handbook/figure/visitGapMin');
    await isRead(v, 'figure/visitGapMin');
    await v.load('/handbook/seen/cloth-downgrade');
    await v.sees('In your kit:');
    await isRead(v, 'seen/cloth-downgrade');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('is searched by keyboard, says when nothing is found, and keeps the search in the address', async () => {
    const v = await visit();
    await v.page.keyboard.press('g');
    await v.page.keyboard.press('h');
    await v.sees('Why do you say so?');
    await v.page.keyboard.press('f');
    await v.type('acetone patent');
    await v.sees('Never acetone on patent');
    expect(v.page.url()).toContain('q=acetone');
    await v.reload();
    await v.sees('with “acetone patent”');
    await (await v.named('Search the handbook', 'searchbox')).focus();
    await v.page.keyboard.type(' zzz');
    await v.sees('Nothing says that');
    await v.close();
  });
  test('moves a threshold for everything, and brings ours back', async () => {
    const v = await visit({ path: '/handbook/seen' });
    await v.sees('Your thresholds');
    await v.choose('Wash from soil', '4, very dirty');
    await v.sees('The threshold is moved');
    // The rules on the same page say it too.
    await v.sees('If it were less than very dirty I would only wipe it.');
    await v.go('/kit/itm-boots');
    await v.sees('Wipe the marks off');
    await v.go('/handbook/seen');
    await v.press('Back to ours');
    await v.sees('Our thresholds are back');
    await v.go('/kit/itm-boots');
    await v.sees('Clean their surface');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('the construction editor', () => {
  test('adds, moves and removes a layer; stack and limits follow and say what moved', async () => {
    const v = await visit({ path: '/kit/itm-blue-shoes?correct=1' });
    await v.sees('No limit has moved.');
    await v.press('Add a layer');
    // The newest row stands last.
    await v.choose('Part', 'Trim');
    await v.choose('Material', 'suede');
    await v.sees('Movement gentle → by hand stricter, for the trim (suede)');
    await v.press('Move Trim up');
    const order = async (): Promise<string[]> =>
      v.page.$$eval('ol[aria-label="Layers, outside first"] b', (all) => all.map((b) => b.textContent ?? ''));
    await soon(async () => expect((await order()).at(-2)).not.toBe('Trim'));
    await v.press('Order them outside first');
    await v.page.waitForFunction(
      () => document.querySelector('[role=dialog] ol[aria-label="Layers, outside first"] b')?.textContent === 'Trim',
    );
    await v.press('Remove Trim');
    await v.sees('No limit has moved.');
    await v.close();
  });
});

describe('a large kit', () => {
  test('500 things are planned in one go, with progress and a way out that keeps what was done', async () => {
    const v = await visit();
    const items = Array.from({ length: 4000 }, (_, n) => ({
      ...demo.items[n % demo.items.length]!,
      id: `m-${n}`,
      name: `Thing ${n}`,
    }));
    const inspections = items.map((i, n) => ({
      id: `mi-${n}`,
      itemId: i.id,
      at: '2026-01-03T08:00:00Z',
      soil: n % 5,
      odour: n % 3,
    }));
    await giveKit(v, { ...demo, items: items.slice(0, 500), inspections: inspections.slice(0, 500), log: [], weighIns: [] });
    await v.go('/kit');
    await v.sees('need care');
    // Eight times as many take long enough to be stopped: pressed as soon as it is offered, for every kit that is still being read in.
    await giveKit(v, { ...demo, items, inspections, log: [], weighIns: [] });
    await v.page.evaluate(() => {
      const observer = new MutationObserver(() =>
        [...document.querySelectorAll('button')].find((b) => b.textContent === 'Stop')?.click(),
      );
      observer.observe(document.body, { subtree: true, childList: true });
      (window as unknown as { enough: () => void }).enough = () => observer.disconnect();
    });
    await v.press('Kit');
    // In one go with the last look: between the two another kit may have been read in, and nobody would stop that one.
    await v.page.waitForFunction(
      () => {
        const rest = [...document.querySelectorAll('button')].find((b) => b.textContent === 'Look through the rest');
        const there = ['4000 things', 'Stopped: not all were looked through.', 'need care'];
        if (!rest || !there.every((t) => document.body.innerText.includes(t))) return false;
        (window as unknown as { enough: () => void }).enough();
        rest.click();
        return true;
      },
      { timeout: 45_000 },
    );
    await v.page.waitForFunction(() => !document.body.innerText.includes('Stopped:'));
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
