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

/** Presses what the page marks as its main action, or goes into its search. */
export function pressMarked(mark: 'data-main-action' | 'data-search'): void {
  const element = document.querySelector<HTMLElement>(`[${mark}]`);
  if (element instanceof HTMLInputElement) element.focus();
  else element?.click();
}
