import { create } from 'zustand';
import type { Undo } from '../data/repo';
import { forgetUndo, keepUndo, takeBackKept, undosKept } from '../data/undo';
import { newId, nowMs } from './now';

interface Session {
  readonly theme: 'auto' | 'light' | 'dark';
  /** A first visit: the demo kit is on its way, and no page says yet that there is nothing. */
  readonly arriving: boolean;
  /** A newer version has taken the store over, in another tab. */
  readonly overtaken: boolean;
  /** Where what is said stands is drawn: from the page's answer on, or from the first that is said. */
  readonly said: boolean;
}
const THEME_KEY = 'umbrastic-theme';
const storedTheme = (): Session['theme'] => {
  const stored = globalThis.localStorage?.getItem(THEME_KEY);
  return stored === 'light' || stored === 'dark' ? stored : 'auto';
};

/** Passing state of this tab. Kept things live in the store. */
export const useSession = create<Session>(() => ({ theme: storedTheme(), arriving: false, overtaken: false, said: false }));

/** What says it, loaded after the first page. */
const toasts = () => import('../ui/Toasts');
/** Says what happened, and offers to take it back: for a moment here, for a day in the list of what was done. */
export function notify(text: string, undo: Undo | null = null): void {
  const id = undo && keepUndo(newId('undo'), text, undo, nowMs()).catch(() => null);
  const back =
    undo &&
    (async (): Promise<void> => {
      await undo();
      const known = await id;
      if (known) await forgetUndo(known);
    });
  useSession.setState({ said: true });
  // Where what says it cannot be had, that cannot be said either.
  void toasts().then(
    ({ show }) => show({ text, undo: back }),
    () => undefined,
  );
}
/** Puts the focus on what was said last. */
export const goToNotice = (): void => void toasts().then(({ enterToasts }) => enterToasts());
/** Takes back what was done last: what is still on show, or else the newest of the last day. */
export async function takeBack(): Promise<void> {
  const { undoNewest } = await toasts();
  if (undoNewest()) return;
  const [newest] = await undosKept(nowMs());
  const text = newest && (await takeBackKept(newest.id));
  notify(text ? `Taken back: ${text}` : 'Nothing was done in the last day that could be taken back.');
}

export function applyTheme(theme: Session['theme']): void {
  if (theme === 'auto') delete document.documentElement.dataset.theme;
  else document.documentElement.dataset.theme = theme;
}
export function setTheme(theme: Session['theme']): void {
  localStorage.setItem(THEME_KEY, theme);
  applyTheme(theme);
  useSession.setState({ theme });
}
