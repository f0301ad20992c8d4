import { BookOpen, Clock, FlaskConical, Layers, Ruler, ScrollText } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import styled from 'styled-components';
import { Button, TextButton } from '../ui/basics';
import { color, phone } from '../ui/theme';
import { dismiss, showHelp, useSession } from './session';

/** Places that are built. A place not built yet is absent. */
export const PLACES = [
  { key: 'n', path: '/', name: 'Now', icon: Clock },
  { key: 'k', path: '/kit', name: 'Kit', icon: Layers },
  { key: 'b', path: '/bench', name: 'Bench', icon: Ruler },
  { key: 'c', path: '/cupboard', name: 'Cupboard', icon: FlaskConical },
  { key: 'r', path: '/record', name: 'Record', icon: ScrollText },
  { key: 'h', path: '/handbook', name: 'Handbook', icon: BookOpen },
] as const;

const Frame = styled.div`
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  min-height: 100vh;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
    &[data-running] > nav {
      display: none;
    }
  }
`;
const Rail = styled.nav`
  border-right: 1px solid ${color.line};
  position: sticky;
  top: 0;
  height: 100vh;
  display: flex;
  flex-direction: column;
  align-items: stretch;
  padding: 20px 0;
  gap: 4px;
  ${phone} {
    position: fixed;
    inset: auto 0 0 0;
    height: auto;
    flex-direction: row;
    justify-content: space-around;
    padding: 4px 4px calc(4px + env(safe-area-inset-bottom));
    background: ${color.panel};
    border-right: 0;
    border-top: 1px solid ${color.line};
    z-index: 20;
  }
`;
const Mark = styled.svg`
  width: 36px;
  height: 36px;
  margin: 0 auto 16px;
  ${phone} {
    display: none;
  }
`;
const Place = styled(NavLink)`
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  padding: 8px 4px;
  min-height: 56px;
  font-size: 14px;
  text-decoration: none;
  color: ${color.quiet};
  border-left: 3px solid transparent;
  &.active {
    color: ${color.ink};
    font-weight: 700;
    border-left-color: ${color.ink};
  }
  ${phone} {
    flex: 1;
    border-left: 0;
    border-top: 3px solid transparent;
    font-size: 13px;
    padding: 4px;
    &.active {
      border-top-color: ${color.ink};
    }
  }
`;
/* In a run what is pressed next stands at the bottom: there they come at the top. */
const Toasts = styled.div<{ $top: boolean }>`
  position: fixed;
  ${(p) => (p.$top ? 'right: 32px; top: 72px;' : 'left: 108px; bottom: 20px;')}
  display: flex;
  flex-direction: column;
  gap: 8px;
  z-index: 30;
  ${phone} {
    left: 12px;
    right: 12px;
    ${(p) => (p.$top ? '' : 'bottom: 84px;')}
    /* A stack would cover what the hand is about to press. */
    > :not(:last-child) {
      display: none;
    }
  }
`;
const ToastBox = styled.div`
  background: ${color.ink};
  color: ${color.onInk};
  border-radius: 4px;
  padding: 6px 8px 6px 16px;
  display: flex;
  align-items: center;
  gap: 16px;
  box-shadow: 0 4px 16px rgb(0 0 0 / 0.25);
`;
const Help = styled.dialog`
  border: 1px solid ${color.line};
  border-radius: 4px;
  background: ${color.panel};
  color: ${color.ink};
  padding: 24px;
  min-width: 320px;
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 6px 20px;
    margin: 16px 0;
  }
  dd {
    margin: 0;
  }
  kbd {
    font:
      600 15px 'Atkinson Hyperlegible Mono Variable',
      monospace;
  }
`;

/** Our mark: three waved layers. */
function Logo() {
  return (
    <Mark viewBox="0 0 32 28" aria-hidden="true">
      <path d="M2 6c9-6 19 6 28 0v5c-9 6-19-6-28 0z" fill="var(--ink)" />
      <path d="M2 13c9-6 19 6 28 0v7c-9 6-19-6-28 0z" fill="var(--water)" />
      <path d="M2 22c9-6 19 6 28 0v3c-9 6-19-6-28 0z" fill="var(--heat)" />
    </Mark>
  );
}

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** `g` then a place's letter; `/` search; `n` new; `.` the page's main action; `?` the list. */
function useShortcuts(): void {
  const navigate = useNavigate();
  const going = useRef(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || document.querySelector('[role=dialog]'))
        return;
      if (going.current) {
        going.current = false;
        const place = PLACES.find((p) => p.key === event.key);
        if (place) {
          event.preventDefault();
          void navigate(place.path);
        }
        return;
      }
      const press = (selector: string): void => {
        const element = document.querySelector<HTMLElement>(selector);
        if (element) {
          event.preventDefault();
          if (element instanceof HTMLInputElement) element.focus();
          else element.click();
        }
      };
      if (event.key === 'g') going.current = true;
      else if (event.key === '/') press('[data-search]');
      else if (event.key === '.') press('[data-main-action]');
      else if (event.key === 'n') void navigate('/kit/new');
      else if (event.key === '?') showHelp(true);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [navigate]);
}

function HelpList() {
  const open = useSession((s) => s.helpOpen);
  const ref = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (open) ref.current?.showModal();
    else ref.current?.close();
  }, [open]);
  return (
    <Help ref={ref} onClose={() => showHelp(false)} aria-label="Keyboard shortcuts">
      <h2>Keys</h2>
      <dl>
        {PLACES.map((p) => (
          <Pair key={p.key} keys={`g ${p.key}`} does={p.name} />
        ))}
        <Pair keys="/" does="Search" />
        <Pair keys="n" does="Add a thing" />
        <Pair keys="." does="The main action here" />
        <Pair keys="?" does="This list" />
      </dl>
      <Button onClick={() => showHelp(false)}>Close</Button>
    </Help>
  );
}
const Pair = ({ keys, does }: { keys: string; does: string }) => (
  <>
    <dt>
      <kbd>{keys}</kbd>
    </dt>
    <dd>{does}</dd>
  </>
);

/** The frame around every place. Run takes the whole screen on a phone. */
export function Shell() {
  useShortcuts();
  useEffect(() => {
    // Loaded after the first page: it must not hold it up.
    let stop = (): void => undefined;
    let left = false;
    void import('./alarms').then(({ watchAlarms }) => {
      if (!left) stop = watchAlarms();
    });
    return () => {
      left = true;
      stop();
    };
  }, []);
  const toasts = useSession((s) => s.toasts);
  const { pathname } = useLocation();
  const running = pathname.startsWith('/run/');
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);
  return (
    <Frame data-running={running || undefined}>
      <Rail aria-label="Places">
        <Logo />
        {PLACES.map(({ path, name, icon: Icon }) => (
          <Place key={path} to={path} end={path === '/'}>
            <Icon size={24} strokeWidth={1.75} aria-hidden="true" />
            {name}
          </Place>
        ))}
      </Rail>
      <Outlet />
      <Toasts $top={running} role="status" aria-live="polite">
        {toasts.map((toast) => (
          <ToastBox key={toast.id}>
            {toast.text}
            {toast.undo && (
              <TextButton
                onClick={() => {
                  void toast.undo?.();
                  dismiss(toast.id);
                }}
              >
                Undo
              </TextButton>
            )}
          </ToastBox>
        ))}
      </Toasts>
      <HelpList />
    </Frame>
  );
}
