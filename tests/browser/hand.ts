import type { ClickOptions, ElementHandle } from 'puppeteer-core';

declare global {
  interface Window {
    /** The press that is waited for, and whether it came down beside what was to be pressed. */
    watched?: AbortController;
    missed: boolean;
  }
}
/**
 * Brings it into view and waits, as a hand does, until it stands still and nothing lies over it. Where it moves all the same before the
 * finger is down, what has come under the finger is not pressed, and `window.missed` says so.
 */
const still = (element: ElementHandle<Element>): Promise<void> =>
  element.evaluate(async (e) => {
    window.watched?.abort();
    const watched = (window.watched = new AbortController());
    const watch = (event: Event): void => {
      const under = event.target as Node;
      window.missed ||= !(e.contains(under) || under.contains(e));
      if (window.missed) {
        event.preventDefault();
        event.stopImmediatePropagation();
      } else watched.abort();
    };
    window.missed = false;
    for (const ofPress of ['pointerdown', 'mousedown', 'pointerup', 'mouseup', 'click'])
      window.addEventListener(ofPress, watch, { capture: true, signal: watched.signal });
    e.scrollIntoView({ block: 'center' });
    let was = NaN;
    for (let n = 0; n < 40; n++) {
      const { left, top, width, height } = e.getBoundingClientRect();
      const over = document.elementFromPoint(left + width / 2, top + height / 2);
      const free = over !== null && (e.contains(over) || over.contains(e));
      if (top === was && free) return;
      // Moved meanwhile, by the focus or by what has come: looked for again.
      if (!free) e.scrollIntoView({ block: 'center' });
      was = top;
      await new Promise((resolve) => setTimeout(resolve, 30));
    }
  });
/** How often what slides away is pressed again. */
const TIMES = 3;
/** Presses it, or presses it again where it slid away. @throws Error when it never stands still under the finger. */
export async function click(element: ElementHandle<Element>, how?: ClickOptions): Promise<void> {
  for (let n = 0; n < TIMES; n++) {
    await still(element);
    await element.click(how);
    const missed = await element
      .evaluate(() => {
        window.watched?.abort();
        return window.missed;
      })
      // The page has gone with it.
      .catch(() => false);
    if (!missed) return;
  }
  throw new Error('It slid away from under the finger every time.');
}
