import type { ElementHandle, Page } from 'puppeteer-core';

/** An accessible name: the whole of it, or a pattern for the whole of it. */
export type Name = string | RegExp;
/** For the page: a name as it is written, and what a pattern is made of. */
export const asked = (name: Name): [string, string | null] => [String(name), typeof name === 'string' ? null : name.source];

/** What the page says of itself when it is asked by a test. */
declare global {
  interface Window {
    nameOf: (e: HTMLElement) => string;
    /** Whether it has the name that is asked for. */
    nameFits: (e: HTMLElement, wanted: string, pattern: string | null) => boolean;
    /** What has a role of its own, or of its element, and such a name. */
    withName: (role: string, wanted: string, pattern: string | null) => HTMLElement[];
  }
}
/** In the page: the accessible name of what is pressed, by what names it, by its label, or by what stands on it. */
export function readNames(): void {
  window.nameOf = (e) => {
    const held = e.tagName === 'LABEL' ? (e.querySelector('input') ?? e) : e;
    const by = (held.getAttribute('aria-labelledby') ?? '').split(' ').flatMap((id) => document.getElementById(id) ?? []);
    const text =
      by.length > 0
        ? by.map((part) => part.getAttribute('aria-label') ?? part.innerText).join(' ')
        : (held.getAttribute('aria-label') ?? held.getAttribute('alt') ?? e.innerText);
    // What is drawn has no text that stands on it.
    return (text ?? '').trim().replace(/\s+/g, ' ');
  };
  window.nameFits = (e, wanted, pattern) =>
    pattern === null ? window.nameOf(e) === wanted : new RegExp(`^(?:${pattern})$`).test(window.nameOf(e));
  const own: Readonly<Record<string, string>> = {
    button: 'button',
    img: 'img',
    region: 'section[aria-label]',
    slider: 'input[type=range]',
    radio: 'input[type=radio]',
  };
  window.withName = (role, wanted, pattern) =>
    [...document.querySelectorAll<HTMLElement>([`[role=${role}]`, ...(own[role] ? [own[role]] : [])].join())].filter((e) =>
      window.nameFits(e, wanted, pattern),
    );
}

/** As long as a page may take on a slow machine. */
export const WAIT = { timeout: 45_000 } as const;
/** How often the browser is asked what it names so, ms: each time it makes out the roles and names of the whole page. */
const ASKED_EVERY = 80;
/**
 * The first that the browser itself gives this name or role, once it is there. The driver's own waiting for names asks at every frame, and
 * that keeps both browser and driver busier than the page does.
 * @param how.visible until it can be seen, too. @throws Error when it has not come in time.
 */
export async function byName(
  root: Pick<Page, '$'>,
  selector: string,
  { timeout = WAIT.timeout as number, visible = false } = {},
): Promise<ElementHandle<Element>> {
  const last = Date.now() + timeout;
  for (;;) {
    let cause: unknown;
    // A page that is just being left cannot be asked.
    const found = await root.$(selector).catch((error: unknown) => ((cause = error), null));
    if (found && (!visible || (await found.isVisible()))) return found;
    if (Date.now() > last) throw new Error(`There was never one of ${selector}.`, { cause });
    await new Promise((resolve) => setTimeout(resolve, ASKED_EVERY));
  }
}
