/** So long a page is left to itself between two looks whether it has its answer. */
const QUIET_MS = 500;
const isQuiet = (): boolean => document.querySelector('[aria-busy=true]') === null && document.querySelector('h1') !== null;

/** When the page has its answer: what can wait must not share a thin line with it. Refuses: waiting for anything but the page. */
export async function whenQuiet(): Promise<void> {
  do await new Promise((later) => setTimeout(later, QUIET_MS));
  while (!isQuiet());
}
