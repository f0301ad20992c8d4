import type { Visit } from './visit';

/* The page of a wash day, as hands and keys meet it. */

/** Waits until the day is planned, and no better one is looked for. */
export const planned = (v: Visit): Promise<unknown> =>
  v.page.waitForFunction(
    () =>
      document.querySelector('section[aria-label="Loads"]') !== null &&
      ![...document.querySelectorAll('[role=status]')].some((e) => e.textContent?.includes('Looking for')),
    { timeout: 45_000 },
  );
/** Moves a thing by keyboard alone, after what it changes was shown: to the first drum that may be chosen, the other's or its own. */
export async function moveByKeys(v: Visit, name: string): Promise<void> {
  await (await v.named(`Move ${name} elsewhere`, 'button')).focus();
  await v.page.keyboard.press('Enter');
  await v.sees(`Where does ${name} go?`);
  await v.page.keyboard.press('Tab');
  await v.page.keyboard.press('Space');
  await v.sees('Runs of a machine');
  await v.page.keyboard.press('Tab');
  await v.page.keyboard.press('Enter');
  await v.sees('is in another drum');
}
