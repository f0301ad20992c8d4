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
/** Makes a heading one that `focusOn` can reach, without standing in the way of Tab. */
export const reachable = (id: string) => ({ id, tabIndex: -1, style: { outline: 'none' } }) as const;
