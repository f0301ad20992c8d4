import { expect, test } from 'vitest';
import { visit, type Visit } from './visit';

/* A pair is "them" on every page of its own, whoever wrote the sentence. */

/** Sentences in which "it" is something else than the thing. */
const OTHER_THINGS = [
  // Minutes.
  /by itself/,
  // A curve, a point of it, a sum, a run, the look, the programme, the day, the copy.
  /Press a point for its look|^(Save )?[Ii]ts figures$|At this estimate it leaves|^Record it and see the programme$|^Hand it to somebody$/,
  /does not count as fine|^(Run it forward|Running it forward…|Do it otherwise|Learn it without risk)$|^It stays on this device/,
  // The label, and what is drawn on it.
  /^Missing or unreadable|leave out what it does not say|: hang it$|under it$|^So it says|^choose a thing like it$/,
  // A place, a mark, a panel, a picture.
  /into the toe: does it|[Tt]ouch .+ where it sits|^What is it\?$|^Has it dried in|^Does it only look bad|^it works less well$/,
  /what it bears|anyone sees it|It will not get below|In the light before it|before it dries/,
  // Water.
  /of it in the core/,
];
/** What becomes of one that acts when it is taken for one that something is done to. */
const NOBODY_SAYS =
  /\bthem (is|was|has|does|can|may|will|must|might|could|should|would|had|were|are|have|[a-z]{3,}[^s\W]s)\b|\b(is|are|was|were|has|have|do|does|can|may|will|must|might|could|should|would) them\b/i;
const linesHere = (v: Visit): Promise<string[]> =>
  v.page.evaluate(() =>
    ((document.querySelector('[role=dialog]') ?? document.querySelector('main')) as HTMLElement).innerText
      .split('\n')
      .map((line) => line.trim()),
  );

test.each([
  ['itm-white-shoes', ['', '/programme', '/drops', '/surfaces', '/colour', '/rehearse', '/sale', '?correct=1', '/look-over']],
  ['itm-ice-trousers', ['', '/programme', '/rehearse', '/look-over']],
])('no page of %s speaks of it as of one', async (id, pages) => {
  const v = await visit({ path: '/kit' });
  const wrong = new Set<string>();
  const read = async (page: string): Promise<void> => {
    for (const line of await linesHere(v))
      if ((/\b(its?|itself)\b/i.test(line) && !OTHER_THINGS.some((other) => other.test(line))) || NOBODY_SAYS.test(line))
        wrong.add(`${page}: ${line}`);
  };
  for (const page of pages) {
    await v.go(`/kit/${id}${page}`);
    await v.page.waitForFunction(() => (document.querySelector('main')?.innerText.length ?? 0) > 60);
    await read(page);
  }
  // The look-over is the last of them: on to its end, question by question.
  for (let n = 0; n < 12; n++) {
    const question = await v.page.$eval('h1', (h) => h.innerText);
    await read(question);
    const [skip] = await v.all('Skip', 'button');
    if (!skip) break;
    await skip.click();
    await v.page.waitForFunction((was) => document.querySelector('h1')?.innerText !== was, {}, question);
  }
  expect([...wrong]).toEqual([]);
  await v.close();
});
