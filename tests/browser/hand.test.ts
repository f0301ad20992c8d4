import { describe, expect, test } from 'vitest';
import { click } from './hand';
import { byName } from './names';
import { visit, type Visit } from './visit';

/* The hand of the tests itself: what it does where a page moves under it. */
const KEPT = '::-p-aria([name="Keep it"][role="button"])';
/** A page of two buttons, of which the first slides down once, at the first event of this name, and the other takes its place. */
async function slidingAt(event: string): Promise<Visit> {
  const v = await visit({ path: '/icon.svg', bare: true });
  await v.page.goto('about:blank');
  await v.page.setContent('<button>Keep it</button><button>Delete</button>');
  await v.page.evaluate((name) => {
    const [kept, other] = document.querySelectorAll('button');
    const done: string[] = [];
    Object.assign(window, { done });
    for (const button of [kept!, other!]) {
      button.style.cssText = 'position:fixed;left:0;width:100px;height:40px';
      // A press is a press where the finger comes down and goes up on the same.
      button.addEventListener('click', () => done.push(button.textContent));
    }
    other!.style.top = '200px';
    kept!.addEventListener(name, () => ((kept!.style.top = '200px'), (other!.style.top = '0')), { once: true });
  }, event);
  return v;
}
const done = (v: Visit): Promise<string[]> => v.page.evaluate(() => (window as unknown as { done: string[] }).done);

describe('the hand of the tests', () => {
  test.each(['mousemove', 'pointerdown', 'mousedown'])(
    'presses again what slid away at its %s, and not what came in its place',
    async (event) => {
      const v = await slidingAt(event);
      await click(await byName(v.page, KEPT));
      expect(await done(v)).toEqual(['Keep it']);
      await v.close();
    },
  );
  test('says so when what it was to press is gone, or never stands still, or never was', async () => {
    const v = await slidingAt('never');
    const kept = await byName(v.page, KEPT);
    await expect(byName(v.page, '::-p-aria([name="Nothing"])', { timeout: 200 })).rejects.toThrow('There was never one of');
    await kept.evaluate((e) =>
      e.addEventListener('mousemove', () => ((e as HTMLElement).style.top = e.getBoundingClientRect().top > 200 ? '0' : '400px')),
    );
    await expect(click(kept)).rejects.toThrow('slid away');
    await kept.evaluate((e) => e.remove());
    await expect(click(kept)).rejects.toThrow('detached');
    expect(await done(v)).toEqual([]);
    await v.close();
  });
});
