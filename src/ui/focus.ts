/** Puts the focus on what came new, so that a screen reader reads it and Tab goes on from there. The page does not jump. */
export function focusOn(id: string): void {
  document.getElementById(id)?.focus({ preventScroll: true });
}
/** Brings what is to be answered first into sight, with the focus on it. */
export function showAt(id: string): void {
  const there = document.getElementById(id);
  there?.focus();
  there?.scrollIntoView({ block: 'center' });
}
/** Puts the focus on the heading of a page that has just come, without a ring around it: it is read out, and Tab goes on from there. */
export function focusHeading(heading: HTMLElement): void {
  heading.tabIndex = -1;
  heading.style.outline = 'none';
  heading.focus({ preventScroll: true });
}
/** Makes a heading one that `focusOn` can reach, without standing in the way of Tab. */
export const reachable = (id: string) => ({ id, tabIndex: -1, style: { outline: 'none' } }) as const;
