import type { EvaluateFunc, HandleFor, Page } from 'puppeteer-core';
import { WAIT } from './names';

/** How often the page asks itself, ms. */
const ASKED_EVERY = 50;
/** What a wait is told when the page that it was asked of is being left: the next one is asked. */
const LEFT = /Execution context was destroyed|Cannot find context with specified id|Inspected target navigated/;
type What = EvaluateFunc<unknown[]> | string;

/** A function for the page, made of its text, in which another may stand. */
const forPage = <F>(text: string): F => new Function(`return ${text}`)() as F;
/** For the page: asks until something comes of it, or so many times. */
const asking = (what: What): ((every: number, times: number, ...of: unknown[]) => Promise<unknown>) =>
  forPage(`async (every, times, ...of) => {
    const what = ${typeof what === 'string' ? `() => (${what})` : String(what)};
    for (let n = 0; n < times; n++) {
      const got = await what(...of);
      if (got) return got;
      await new Promise((resolve) => setTimeout(resolve, every));
    }
    return null;
  }`);

/**
 * Waits until something comes of what is asked of the page, also over a page that is left meanwhile. The page asks itself and answers once: the
 * driver's own waiting sends six to eight messages for each, and where it holds already, as mostly, those were the work.
 * @returns a handle of what came of it. @throws Error when nothing has come in time.
 */
export async function waitFor<Of extends unknown[], F extends EvaluateFunc<Of>>(
  page: Page,
  what: F | string,
  { timeout = WAIT.timeout as number, polling = ASKED_EVERY } = {},
  ...of: Of
): Promise<HandleFor<Awaited<ReturnType<F>>>> {
  const asked = asking(what as What);
  const late = new Error(`Nothing came in ${timeout} ms of: ${String(what)}`);
  let timer: NodeJS.Timeout | undefined;
  const over = new Promise<never>((_, reject) => (timer = setTimeout(reject, timeout, late)));
  try {
    for (;;) {
      const answer = page.evaluateHandle(asked, polling, Math.ceil(timeout / polling), ...of);
      const handle = await Promise.race([answer, over]).catch((error: unknown) => {
        answer.catch(() => undefined);
        if (!LEFT.test(String(error))) throw error;
        return null;
      });
      if (handle) {
        if (handle.remoteObject().subtype === 'null') throw late;
        return handle as HandleFor<Awaited<ReturnType<F>>>;
      }
      await new Promise((resolve) => setTimeout(resolve, polling));
    }
  } finally {
    clearTimeout(timer);
  }
}

/**
 * What the page makes out of all that fit this CSS selector; out of the first, where `first` says so. One message: the driver's own way hands each
 * element out and in again.
 * @throws Error when the first is asked for and there is none.
 */
export const outOf = (
  page: Page,
  selector: string,
  first: boolean,
  what: string | ((...of: never[]) => unknown),
  of: unknown[],
): Promise<unknown> =>
  page.evaluate(
    forPage<(selector: string, ...of: unknown[]) => unknown>(`(selector, ...of) => {
      const found = [...document.querySelectorAll(selector)];
      if (${String(first)} && found.length === 0) throw new Error('The page has no ' + selector);
      return (${String(what)})(${first ? 'found[0]' : 'found'}, ...of);
    }`),
    selector,
    ...of,
  );
