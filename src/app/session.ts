import { create } from 'zustand';
import type { Undo } from '../data/repo';

interface Session {
  readonly theme: 'auto' | 'light' | 'dark';
  /** A first visit: the demo kit is on its way, and no page says yet that there is nothing. */
  readonly arriving: boolean;
  /** A newer version has taken the store over, in another tab. */
  readonly overtaken: boolean;
}
const THEME_KEY = 'umbrastic-theme';
const storedTheme = (): Session['theme'] => {
  const stored = globalThis.localStorage?.getItem(THEME_KEY);
  return stored === 'light' || stored === 'dark' ? stored : 'auto';
};

/** Passing state of this tab. Kept things live in the store. */
export const useSession = create<Session>(() => ({ theme: storedTheme(), arriving: false, overtaken: false }));

/** What says it, loaded after the first page. */
const toasts = () => import('../ui/Toasts');
/** Says what happened, and offers to take it back. */
export function tell(text: string, undo: Undo | null = null): void {
  void toasts().then(({ show }) => show({ text, undo }));
}
/** Puts the focus on what was said last. */
export const goToTold = (): void => void toasts().then(({ enterToasts }) => enterToasts());
/** Takes back what was said last, while it is still on show. */
export const takeBack = (): void => void toasts().then(({ undoNewest }) => undoNewest());

export function applyTheme(theme: Session['theme']): void {
  if (theme === 'auto') delete document.documentElement.dataset.theme;
  else document.documentElement.dataset.theme = theme;
}
export function setTheme(theme: Session['theme']): void {
  localStorage.setItem(THEME_KEY, theme);
  applyTheme(theme);
  useSession.setState({ theme });
}
