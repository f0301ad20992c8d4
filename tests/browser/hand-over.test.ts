import { describe, expect, test } from 'vitest';
import { soon, visit } from './visit';

describe('handed over as a file', () => {
  test('a programme, to be carried out by a relative beside their own things; a run, from where it stands; a wash day', async () => {
    const mine = await visit();
    await mine.sees('Needs care');
    await mine.go('/kit/itm-smock/programme');
    await mine.press('Hand it to somebody');
    const file = await mine.saved('As a file, to carry out in their Umbrastic');
    await mine.sees('The programme of Rust smock is in your downloads');

    const theirs = await visit({ path: '/begin', width: 390, height: 844 });
    await theirs.press('Begin, and add the first thing');
    await theirs.sees('Which of these is built like yours?');
    await theirs.go('/record');
    await theirs.file('Import a kit', file);
    // What they wash and dry in stays theirs.
    await theirs.press('Take it in beside mine');
    await theirs.sees('What is to be done with it stands under Now.');
    expect(await theirs.stored('meta', 'equipment')).toBeDefined();
    await theirs.go('/');
    await theirs.sees('One thing is under way');
    const run = (await theirs.rows('runs'))[0] as { id: string; itemId: string };
    expect(run.itemId).toBe('itm-smock');
    await theirs.go(`/run/${run.id}`);
    await theirs.press('More');
    await theirs.press('Skip');
    await theirs.named('Why skip it?', 'textbox');
    expect(theirs.errors).toEqual([]);

    // The club's own quilt, which is being dried, with the minutes that it has had.
    await mine.go('/');
    const live = (await mine.rows('runs'))[0] as { id: string; events: unknown[] };
    await mine.go(`/run/${live.id}`);
    const standing = await mine.saved('Hand it over');
    await theirs.go('/record');
    await theirs.file('Import a kit', standing);
    await theirs.press('Take it in beside mine');
    await theirs.sees('What is to be done with it stands under Now.');
    await soon(async () => expect((await theirs.rows('runs')).length).toBe(2));
    const taken = (await theirs.rows('runs')).find((r) => r.id === live.id) as { events: unknown[] };
    expect(taken.events.length).toBe(live.events.length);
    await theirs.go(`/run/${live.id}`);
    await theirs.page.waitForSelector('[role=timer]');
    await theirs.go('/record');
    await theirs.file('Import a kit', standing);
    await theirs.sees('All of its things are here already');
    await theirs.press('Keep mine');

    await mine.go('/wash-day');
    await mine.press('More');
    const day = await mine.saved('As a file for somebody');
    await theirs.file('Import a kit', day);
    await theirs.press(/Take \d+ in beside mine/);
    await theirs.sees('Their day stands under Wash day.');
    expect(mine.errors).toEqual([]);
    await mine.close();
    await theirs.close();
  });
});
