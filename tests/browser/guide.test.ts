import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { passMinutes, visit, type Visit } from './visit';

/* Every page of the guide, word by word: what it says is pressed is pressed, what it says is seen is seen, in its order. */
const FOLDER = 'docs/guide';
/** Pages that describe, and lead nobody through a job. */
const NO_JOB = ['README.md', 'places.md'];
const PAGES = readdirSync(FOLDER).filter((f) => f.endsWith('.md') && !NO_JOB.includes(f));
type Deed =
  | { readonly does: 'go' | 'press' | 'see' | 'save' | 'give'; readonly what: string }
  | { readonly does: 'write'; readonly what: string; readonly into: string }
  | { readonly does: 'pass'; readonly minutes: number };
const FORMS =
  /Go to `([^`]+)`|[Pp]ress _([^_]+)_|Write _([^_]+)_ into _([^_]+)_|[Yy]ou see _([^_]+)_|(\d+) minutes later|Save the file with _([^_]+)_|Give the file to _([^_]+)_/g;

function deedsOf(text: string): Deed[] {
  const body = text.replace(/^#.*$/gm, '').replace(/\s+/g, ' ');
  const deeds = [...body.matchAll(FORMS)].map(([, go, press, value, field, seen, minutes, save, give]): Deed => {
    if (go) return { does: 'go', what: go };
    if (press) return { does: 'press', what: press };
    if (value) return { does: 'write', what: value, into: field ?? '' };
    if (seen) return { does: 'see', what: seen };
    if (minutes) return { does: 'pass', minutes: Number(minutes) };
    return save ? { does: 'save', what: save } : { does: 'give', what: give ?? '' };
  });
  // Whatever is set in italics is tried: a form that is not known would pass unread.
  expect(body.replace(FORMS, '')).not.toMatch(/_[^_ ][^_]*_/);
  return deeds;
}
/** Done, and the next step stands: what is named next may stand in the list below already. */
async function doneWith(v: Visit): Promise<void> {
  const [step] = /step \d+ of \d+/.exec(await v.text()) ?? [''];
  await v.press('Done');
  await v.page.waitForFunction((before) => before === '' || !document.body.innerText.includes(before), {}, step);
}
async function follow(deeds: readonly Deed[]): Promise<void> {
  let v: Visit = await visit();
  const others: Visit[] = [];
  await v.sees('Needs care');
  let file = '';
  for (const deed of deeds) {
    switch (deed.does) {
      case 'go':
        await v.go(deed.what);
        break;
      case 'press':
        if (deed.what === 'Done') await doneWith(v);
        else await v.press(deed.what);
        if (/^Start(,| round)/.test(deed.what)) await v.page.waitForSelector('[role=timer]');
        break;
      case 'see':
        await v.sees(deed.what);
        break;
      case 'write':
        await v.write(deed.into, deed.what);
        break;
      case 'pass':
        await passMinutes(v.page, deed.minutes);
        break;
      case 'save':
        file = await v.saved(deed.what);
        break;
      case 'give': {
        others.push(v);
        // Somebody who has only just begun there.
        v = await visit({ path: '/begin' });
        await v.press('Begin, and add the first thing');
        await v.sees('Which of these is built like yours?');
        await v.go('/record');
        await v.file(deed.what, file);
      }
    }
  }
  expect(v.errors).toEqual([]);
  for (const one of [v, ...others]) await one.close();
}

describe('the guide, word by word', () => {
  test('has a page for each job that the README names', () => {
    const named = [...readFileSync('README.md', 'utf8').matchAll(/\(docs\/guide\/([^)]+)\)/g)].map(([, f]) => f);
    expect(named.filter((f) => f !== 'README.md' && f !== 'places.md').sort()).toEqual([...PAGES].sort());
  });
  test.each(PAGES)('%s', async (page) => {
    const deeds = deedsOf(readFileSync(`${FOLDER}/${page}`, 'utf8'));
    expect(deeds.length).toBeGreaterThan(6);
    await follow(deeds);
  });
});

/* What a stranger does from the screen alone: how many presses lead there at most. */
describe('tasks, counted in presses', () => {
  const presses = (deeds: readonly Deed[]): number =>
    deeds.filter((d) => ['press', 'write', 'give', 'save'].includes(d.does)).length;
  test.each<[string, string, number, Deed[]]>([
    [
      'the muddy shell, from adding it to the answer',
      '/kit/new',
      6,
      [
        { does: 'press', what: 'Waterproof jacket' },
        { does: 'press', what: 'Add it and look it over' },
        { does: 'press', what: 'Dirty' },
        { does: 'see', what: 'Wash it, then warm the finish.' },
        { does: 'press', what: 'That is enough' },
        { does: 'press', what: 'Record it and see the programme' },
        { does: 'see', what: 'Cleaner' },
      ],
    ],
    [
      'a down thing in a bath, to the start',
      '/kit/itm-pale-jacket/programme',
      8,
      [
        { does: 'press', what: 'Where to wash down' },
        { does: 'press', what: 'Bathtub' },
        { does: 'see', what: 'Now ' },
        { does: 'press', what: 'Start' },
        { does: 'see', what: 'step 1 of' },
      ],
    ],
    [
      'to another browser',
      '/record',
      6,
      [
        { does: 'save', what: 'Save a copy' },
        { does: 'give', what: 'Import a kit' },
        { does: 'press', what: 'Replace it' },
        { does: 'see', what: 'Undo' },
      ],
    ],
  ])('%s', async (_name, path, most, deeds) => {
    expect(presses(deeds)).toBeLessThanOrEqual(most);
    await follow([{ does: 'go', what: path }, ...deeds]);
  });
  test('where is the dose? in sight with no press, on a desk and on a phone', async () => {
    for (const [width, height] of [
      [1280, 800],
      [390, 844],
    ] as const) {
      const v = await visit({ path: '/kit/itm-bib/programme', width, height });
      await v.sees('Cleaner');
      const bottom = await v.page.evaluate(
        () =>
          [...document.querySelectorAll('dd strong')].find((e) => /mL$/.test(e.textContent ?? ''))!.getBoundingClientRect()
            .bottom,
      );
      expect(bottom).toBeLessThan(height - 130);
      // The answer, its figures and the way on: the whole page is no longer than three screens of a phone.
      if (width === 390) expect(await v.page.evaluate(() => document.body.scrollHeight)).toBeLessThan(3 * 844 + 400);
      await v.close();
    }
  });
  test('a second weight in a round: three at most', async () => {
    const v = await visit();
    await v.goToRun();
    await v.page.waitForSelector('[role=timer]');
    for (const grams of ['1150', '1100']) {
      let pressed = 0;
      await v.press('Weigh it');
      pressed++;
      await v.page.waitForFunction(() => (document.activeElement as HTMLInputElement | null)?.inputMode === 'decimal');
      await v.page.keyboard.type(grams);
      await v.press('Keep it');
      pressed++;
      await v.sees(`${grams} g are kept`);
      expect(pressed).toBeLessThanOrEqual(3);
    }
    await v.close();
  });
});
