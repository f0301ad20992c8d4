import { create } from 'zustand';
import type { Undo } from '../data/repo';

export interface Toast {
  readonly id: number;
  readonly text: string;
  readonly undo: Undo | null;
}
interface Session {
  readonly toasts: readonly Toast[];
  readonly helpOpen: boolean;
  readonly theme: 'auto' | 'light' | 'dark';
}
const THEME_KEY = 'umbrastic-theme';
const storedTheme = (): Session['theme'] => {
  const stored = globalThis.localStorage?.getItem(THEME_KEY);
  return stored === 'light' || stored === 'dark' ? stored : 'auto';
};

/** Passing state of this tab. Kept things live in the store. */
export const useSession = create<Session>(() => ({ toasts: [], helpOpen: false, theme: storedTheme() }));

const TOAST_MS = 9000;
let nextToast = 1;

/** Says what happened, and offers to take it back. */
export function tell(text: string, undo: Undo | null = null): void {
  const id = nextToast++;
  useSession.setState((s) => ({ toasts: [...s.toasts.slice(-2), { id, text, undo }] }));
  setTimeout(() => dismiss(id), TOAST_MS);
}
export const dismiss = (id: number): void => useSession.setState((s) => ({ toasts: s.toasts.filter((t) => t.id !== id) }));
export const showHelp = (helpOpen: boolean): void => useSession.setState({ helpOpen });

export function applyTheme(theme: Session['theme']): void {
  if (theme === 'auto') delete document.documentElement.dataset.theme;
  else document.documentElement.dataset.theme = theme;
}
export function setTheme(theme: Session['theme']): void {
  localStorage.setItem(THEME_KEY, theme);
  applyTheme(theme);
  useSession.setState({ theme });
}
