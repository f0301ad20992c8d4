import { describe, expect, test } from 'vitest';
import { faultsOf, soon, visit } from './visit';

describe('the weeks ahead', () => {
  test('say what they take and which asks for too much; things move by one press, stand under a later day in Now, come back by undo; by keyboard, with other hours; an unused thing is kept; what is out of season is put away', async () => {
    const v = await visit();
    await v.sees('Needs care');
    await v.press('The weeks ahead');
    await v.sees('of your time; the week of');
    await v.sees('Ready for Long crossing of Lanternmere');
    await v.sees('What runs out');
    expect(await faultsOf(v)).toEqual([]);
    const planned = async (): Promise<string[]> =>
      (await v.rows('items')).filter((i) => i.planned !== undefined).map((i) => String(i.name ?? i.id));
    expect(await planned()).toEqual([]);
    // The main action by its key, while a hint shows it.
    await v.page.keyboard.press('.');
    await soon(async () => expect((await planned()).length).toBeGreaterThan(2));
    const names = await planned();
    await v.sees('are set for a quieter week.');
    await v.go('/');
    await v.sees('Set for a later day');
    for (const name of names) await v.sees(name);
    const moved = (await v.rows('items')).find((i) => i.planned !== undefined);
    await v.go(`/kit/${String(moved?.id)}`);
    await v.sees('You have set');
    await v.press('Forget that day');
    await soon(async () => expect((await planned()).length).toBe(names.length - 1));
    // Its own way back, not that of the press before.
    await v.sees('That day is forgotten.');
    await v.press('Undo');
    await soon(async () => expect((await planned()).length).toBe(names.length));

    // Whoever has the whole week free moves nothing.
    await v.go('/record/season?hours=60');
    await v.sees('and no week more than 60 h');
    await v.press('Keep it: Ice bib');
    await v.sees('Ice bib is kept');
    await soon(async () => expect((await v.stored('items', 'itm-bib'))?.keptOn).toBeDefined());
    await v.press('Lend it');
    await v.named('To whom?', 'textbox');
    await v.page.keyboard.press('Escape');
    await v.page.waitForFunction(() => document.querySelector('[role=dialog]') === null && location.search === '');
    await v.go('/record/season?hours=60');
    await v.press('Put 2 things away');
    await soon(async () => expect((await v.stored('items', 'itm-jersey'))?.archivedOn).toBeDefined());
    await v.sees('Put away: 2 things');
    await v.press('Undo');
    await soon(async () => expect((await v.stored('items', 'itm-jersey'))?.archivedOn).toBeUndefined());
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('an empty kit has nothing ahead; on a phone, in the dark', async () => {
    const v = await visit({ path: '/begin', width: 390, height: 844, dark: true });
    await v.press('Begin, and add the first thing');
    await v.sees('Which of these is built like yours?');
    await v.go('/record/season');
    await v.sees('Nothing is due in the next 13 weeks.');
    expect(await faultsOf(v)).toEqual([]);
    await v.close();
  });
});
