import { useEffect, useRef } from 'react';

/** What a key does, as `key` names it; two in a row as "g k". Keys with Control or Command as "mod z". */
export type Shortcuts = Readonly<Record<string, () => void>>;

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  !(target instanceof HTMLInputElement && ['checkbox', 'radio', 'range'].includes(target.type)) &&
  (target.isContentEditable ||
    ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) ||
    target.closest('[role=spinbutton]') !== null);
/** Something stands over the page: its keys are its own. */
const covered = (): boolean =>
  document.querySelector('[role=dialog], [role=alertdialog]:not([aria-modal=false]), [role=listbox], [role=menu]') !== null;

/** Keys that work anywhere on a page, except while one types or something stands over it. */
export function useShortcuts(shortcuts: Shortcuts): void {
  const kept = useRef(shortcuts);
  const first = useRef('');
  useEffect(() => {
    kept.current = shortcuts;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.altKey || typing(event.target) || covered()) return;
      const key = event.ctrlKey || event.metaKey ? `mod ${event.key.toLowerCase()}` : event.key;
      const both = `${first.current} ${key}`;
      first.current = '';
      const does = kept.current[both] ?? kept.current[key];
      if (does) {
        event.preventDefault();
        does();
      } else if (Object.keys(kept.current).some((other) => other.startsWith(`${key} `))) first.current = key;
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
}

const inSight = (element: HTMLElement): boolean => {
  const { top, bottom, width } = element.getBoundingClientRect();
  return width > 0 && top >= 0 && bottom <= window.innerHeight;
};
/** The page's main action where it is in sight, in words; null where there is none: then nothing is pressed unseen. */
export const mainHere = (): HTMLElement | null =>
  [...document.querySelectorAll<HTMLElement>('[data-main-action]')].find(inSight) ?? null;
export const pressMain = (): void => mainHere()?.click();
/** The search within this page's own list; null where it has none. */
export const filterHere = (): HTMLElement | null => document.querySelector<HTMLElement>('[data-filter]');
export const goToFilter = (): void => filterHere()?.focus();

/** Arrows belong to what they move in. */
const ownArrows = (): boolean =>
  document.activeElement?.closest(
    '[role=radiogroup], [role=slider], [type=range], [role=tablist], [role=application], [role=grid]',
  ) !== null && document.activeElement !== null;
/**
 * Keys on a question: 1 to 9 press the answers inside `[data-answers]`, in order, and the arrows lead to the question before and after.
 * @param move by −1 or 1. @param pressed after an answer: the arrows lead on from there, not among the answers.
 */
export function useAnswerKeys(move: (by: -1 | 1) => void, pressed: () => void): void {
  const press = (n: number): void => {
    const group = document.querySelector('[data-answers]');
    const all = [
      ...(group?.querySelectorAll<HTMLElement>('label:has(input[type=radio]), button[aria-pressed], [role=radio]') ?? []),
    ];
    if (!all[n]) return;
    all[n].click();
    pressed();
  };
  useShortcuts({
    ...Object.fromEntries(Array.from({ length: 9 }, (_, n) => [String(n + 1), () => press(n)])),
    ArrowLeft: () => !ownArrows() && move(-1),
    ArrowRight: () => !ownArrows() && move(1),
  });
}
