import { describe, expect, test, vi } from 'vitest';
import { planned } from './day-page';
import { visit, type Visit } from './visit';

/** Pages of paper that this page takes, and what stands on them. */
async function printed(v: Visit, format: 'A4' | 'Letter'): Promise<{ pages: number; text: string }> {
  const asPaper = (): Promise<{ readonly text: string; readonly controls: readonly string[] }> =>
    vi.waitFor(
      async () => {
        await v.page.emulateMediaType('print');
        // In one look: a print may leave the page as on a screen, at times a moment late.
        const seen = await v.page.evaluate(() => ({
          paper: matchMedia('print').matches,
          text: document.body.innerText,
          controls: [...document.querySelectorAll('main button, main input, nav a')]
            .filter((e) => e.checkVisibility() && !e.querySelector('img'))
            .map((e) => e.textContent),
        }));
        expect(seen.paper).toBe(true);
        return seen;
      },
      { timeout: 20_000, interval: 200 },
    );
  await asPaper();
  const pdf = Buffer.from(await v.page.pdf({ format })).toString('latin1');
  const { text, controls } = await asPaper();
  await v.page.emulateMediaType('screen');
  expect(controls.filter((c) => c.trim() && !/^Kit$/.test(c))).toEqual([]);
  return { pages: pdf.match(/\/Type\s*\/Page[^s]/g)?.length ?? 0, text };
}

describe('on paper', () => {
  test.each([
    ['itm-parka', 'Long grey parka'],
    ['itm-quilt', 'Hut quilt'],
    ['itm-storm', 'Old storm shell'],
    ['itm-white-shoes', 'White canvas shoes'],
  ])('the programme of %s: two sheets at most, its name on top, every step with a box, no controls', async (id, name) => {
    const v = await visit({ path: `/kit/${id}/programme` });
    await v.sees('Hand it to somebody');
    for (const format of ['A4', 'Letter'] as const) {
      const { pages, text } = await printed(v, format);
      expect(pages).toBeGreaterThan(0);
      expect(pages).toBeLessThanOrEqual(2);
      expect(text.slice(0, 200)).toContain(name);
      expect(text).not.toContain('Handbook');
    }
    const boxes = await v.page.$$eval('[data-paper] li i', (all) => all.length);
    const steps = await v.page.$$eval('section[aria-label=Steps] > ol > li', (all) => all.length);
    expect(boxes).toBeGreaterThanOrEqual(steps);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a thing with its pictures, and a sale sheet: the name, no controls', async () => {
    const v = await visit({ path: '/kit/itm-white-shoes' });
    await v.named(/Open the photograph of 2 days ago/, 'button');
    const thing = await printed(v, 'A4');
    expect(thing.text).toContain('White canvas shoes');
    expect(thing.pages).toBeLessThanOrEqual(2);
    await v.go('/kit/itm-white-shoes/sale');
    await v.sees('What is still there');
    expect((await printed(v, 'Letter')).pages).toBe(1);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('the club’s weekend: drums, settings and every turn with a box, on three sheets at most', async () => {
    const v = await visit({ path: '/wash-day' });
    await planned(v);
    const turns = await v.page.$$eval('[aria-label="When you are needed"] ul > li', (all) => all.length);
    for (const format of ['A4', 'Letter'] as const) {
      const { pages, text } = await printed(v, format);
      expect(pages).toBeLessThanOrEqual(3);
      expect(text).toContain('Wash day');
    }
    expect(await v.page.$$eval('[data-paper] ol > li', (all) => all.length)).toBe(turns);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('the same as Markdown', async () => {
    const v = await visit({ path: '/kit/itm-parka/programme' });
    const { readFileSync } = await import('node:fs');
    await v.press('Hand it to somebody');
    const text = readFileSync(await v.saved('As Markdown'), 'utf8');
    expect(text.startsWith('# Long grey parka\n')).toBe(true);
    expect(text).toContain('## Only if a look fails');
    expect(text).toMatch(/^1\. \*\*/m);
    await v.close();
  });
});
