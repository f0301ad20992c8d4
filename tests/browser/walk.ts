import { asked, type Name } from './names';
import { passMinutes, START, type Visit } from './visit';

/** Where a run stands, by what is on the screen. */
export interface Screen {
  readonly title: string;
  readonly buttons: readonly string[];
  readonly text: string;
}
export const screen = (v: Visit): Promise<Screen> =>
  v.page.evaluate(() => ({
    title: document.querySelector<HTMLElement>('#step, main h1')?.innerText ?? '',
    buttons: [...document.querySelectorAll<HTMLButtonElement>('main button')]
      .filter((b) => b.offsetParent !== null && !b.disabled)
      .map((b) => window.nameOf(b)),
    text: document.querySelector<HTMLElement>('main')?.innerText.replace(/\s+/g, ' ') ?? '',
  }));
/** Whether one of these is wholly of this pattern. */
export const has = (names: readonly string[], name: RegExp): boolean =>
  names.some((n) => new RegExp(`^(?:${name.source})$`).test(n));
/** Presses what has this name on the page of the run, at once; false when it is not there. */
export const tap = (v: Visit, name: Name): Promise<boolean> =>
  v.page.evaluate(
    (wanted, pattern) => {
      const all = [...document.querySelectorAll<HTMLElement>('main button, main [role=radio], main label')].filter(
        (e) => e.offsetParent !== null && !(e as HTMLButtonElement).disabled,
      );
      const found = all.find((e) => window.nameFits(e, wanted, pattern));
      found?.click();
      return found !== undefined;
    },
    ...asked(name),
  );
/** Waits until the screen shows something else: a clock that has gone on is nothing else. */
async function moved(v: Visit, was: Screen): Promise<void> {
  await v.page.waitForFunction(
    (before) => {
      const still = (text: string): string => text.replace(/\d+:\d\d/g, '').replace(/\s+/g, ' ');
      return still(document.querySelector<HTMLElement>('main')?.innerText ?? '') !== still(before);
    },
    { timeout: 30_000, polling: 50 },
    was.text,
  );
}
/** One step back, and it is there: the heading is another. */
export async function stepBack(v: Visit): Promise<void> {
  const was = (await screen(v)).title;
  await v.press('One step back');
  await v.page.waitForFunction(
    (title) => document.querySelector<HTMLElement>('#step')?.innerText !== title,
    { timeout: 30_000 },
    was,
  );
}
/** Presses, and waits until something else is on the screen. */
export async function goOn(
  v: Visit,
  name: Name,
  how: (v: Visit, name: Name) => Promise<unknown> = (x, n) => x.press(n),
): Promise<void> {
  const was = await screen(v);
  await how(v, name);
  await moved(v, was);
}
/** What to press there, or nothing for what is usual. */
export type Policy = (at: Screen, seen: number) => Name | readonly Name[] | null;

/** What a test with drops is left by when they roll off: said of one, or of several. */
export const SHEDS = /(It sheds|They shed): go on/;
/** The first of these that can be pressed, in the order in which somebody in no trouble would. */
const USUAL = [
  /They go in together/,
  /There is room for both/,
  /Go on all the same/,
  SHEDS,
  /Clean, no smell/,
  /Clear/,
  /(It feels|They feel) dry/,
  /Dry: weight, hands and chill/,
  /Dry by hand/,
  /All of it: .+/,
  /It is good/,
  /No scale: go on/,
  /Not all tried: go on/,
  /Done/,
  /Finish early/,
] as const;

/**
 * Goes on with a run on the page, as the policy says and else as usual, until a title or the end.
 * @returns the titles passed, in order.
 */
export async function walk(v: Visit, until: string | null, policy: Policy = () => null): Promise<string[]> {
  const titles: string[] = [];
  let patience = 50;
  for (let n = 0; n < 300; n++) {
    const at = await screen(v);
    if (at.title === '') {
      // Between one screen and the next.
      await new Promise((resolve) => setTimeout(resolve, 50));
      continue;
    }
    if (until !== null && at.title.includes(until)) return titles;
    if (/ is through\.$|^You stopped/.test(at.title)) return titles;
    if (titles.at(-1) !== at.title) titles.push(at.title);
    const seen = titles.filter((t) => t === at.title).length;
    const wish = policy(at, seen);
    const start = has(at.buttons, START);
    const grade = at.buttons.find((b) => b === 'Grade at least one place') ?? at.text.includes('What do drops leave');
    if (wish !== null) for (const one of typeof wish === 'string' || wish instanceof RegExp ? [wish] : wish) await tap(v, one);
    else if (at.buttons.includes('Go on all the same')) await tap(v, 'Go on all the same');
    else if (at.buttons.includes('They go in together')) await tap(v, 'They go in together');
    else if (start && !has(at.buttons, /(It feels|They feel) dry/)) {
      await tap(v, START);
      // Who is in the machine may be known only now: then another question stands there instead, and is answered.
      await v.page.waitForFunction(
        (before) =>
          document.querySelector('[role=timer]') !== null ||
          document.querySelector<HTMLElement>('main')?.innerText.replace(/\s+/g, ' ') !== before,
        { polling: 50 },
        at.text,
      );
      if (!(await v.page.$('[role=timer]'))) continue;
      await passMinutes(v.page, 1800);
      await v.page.waitForFunction(() => /Look now|Knead it now/.test(document.body.innerText), { timeout: 30_000, polling: 50 });
      continue;
    } else if (grade && !has(at.buttons, SHEDS)) {
      await tap(v, '5');
      await v.page.waitForFunction(() => /It sheds|They shed/.test(document.body.innerText), { polling: 50 });
      await tap(v, SHEDS);
    } else {
      const next = USUAL.find((u) => has(at.buttons, u));
      if (!next && patience-- > 0) {
        // It is not known yet who is in the machine, or a page is still coming.
        await new Promise((resolve) => setTimeout(resolve, 100));
        continue;
      }
      if (!next) throw new Error(`Nothing usual to press at "${at.title}": ${at.buttons.join(' | ')}`);
      await tap(v, next);
    }
    await moved(v, at).catch(() => undefined);
  }
  throw new Error(`The run never came to "${until ?? 'its end'}": ${titles.slice(-6).join(' → ')}`);
}
