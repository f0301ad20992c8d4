import type { ClickOptions, ElementHandle, Page } from 'puppeteer-core';

declare global {
  interface Window {
    /** The press that is waited for, and whether it came down beside what was to be pressed. */
    watched?: AbortController;
    missed: boolean;
  }
}
/**
 * Brings it into view and waits, as a hand does, until it stands still and nothing lies over it. Where it moves all the same before the
 * finger is down, what has come under the finger is not pressed, and `window.missed` says so; and so it does where it moves away before
 * the finger is up.
 * @returns its middle, px in the window; nothing when it is not there any more.
 */
const still = (element: ElementHandle<Element>): Promise<{ x: number; y: number } | null> =>
  element.evaluate(async (e) => {
    window.watched?.abort();
    const { signal } = (window.watched = new AbortController());
    let down = false;
    const watch = (event: Event): void => {
      const under = event.target as Node;
      const { left, right, top, bottom } = e.getBoundingClientRect();
      const { clientX: x, clientY: y } = event as MouseEvent;
      const away = x < left || x > right || y < top || y > bottom;
      if (down) {
        // What opens a list has done so when the finger comes down, and what goes with the press has had it.
        const slid = away && !e.contains(under) && e.isConnected && e.ariaExpanded !== 'true';
        if (event.type === 'pointerup') window.missed = slid;
        return;
      }
      // What holds it has the press where it lets such through itself; where it has moved away, that is the empty page.
      window.missed ||= !(e.contains(under) || (under.contains(e) && !away));
      down = !window.missed;
      if (down) return;
      event.preventDefault();
      event.stopImmediatePropagation();
    };
    window.missed = false;
    for (const ofPress of ['pointerdown', 'mousedown', 'pointerup', 'mouseup', 'click'])
      window.addEventListener(ofPress, watch, { capture: true, signal });
    e.scrollIntoView({ block: 'center' });
    for (let n = 0, was = NaN; e.isConnected; n++) {
      const { left, top, width, height } = e.getBoundingClientRect();
      const middle = { x: left + width / 2, y: top + height / 2 };
      const over = document.elementFromPoint(middle.x, middle.y);
      const free = over !== null && (e.contains(over) || over.contains(e));
      if ((top === was && free) || n === 40) return middle;
      // Moved meanwhile, by the focus or by what has come: looked for again.
      if (!free) e.scrollIntoView({ block: 'center' });
      was = top;
      await new Promise((resolve) => setTimeout(resolve, 30));
    }
    return null;
  });
/** How often what slides away is pressed again. */
const TIMES = 3;
/** Presses it, or presses it again where it slid away. @throws Error when it is gone, or never stands still under the finger. */
export async function click(element: ElementHandle<Element>, how?: ClickOptions): Promise<void> {
  for (let n = 0; n < TIMES; n++) {
    const middle = await still(element);
    if (!middle) throw new Error('What was to be pressed is detached.');
    await element.frame.page().mouse.click(middle.x, middle.y, how);
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

/** What has been set down takes the focus once more when it has come to lie, ms. */
const LYING = 80;
/** Focuses it until the focus stays. @throws Error when something takes it every time. */
export async function holdFocus(element: ElementHandle<Element>): Promise<void> {
  for (let n = 0; n < 10 * TIMES; n++) {
    await element.focus();
    const held = (e: Element, long: number): Promise<boolean> =>
      new Promise((tell) => setTimeout(() => tell(e === document.activeElement), long));
    if (await element.evaluate(held, LYING)) return;
  }
  throw new Error('Something took the focus every time.');
}

/** Presses these keys, one after the other. */
export const keys = async (v: { readonly page: Page }, ...all: string[]): Promise<void> => {
  for (const key of all) await v.page.keyboard.press(key as 'Tab');
};
