import { useLiveQuery } from 'dexie-react-hooks';
import { lazy, type ReactNode, Suspense, useEffect, useLayoutEffect, useState } from 'react';
import { Link, NavLink, useLocation, useNavigate } from 'react-router';
import styled from 'styled-components';
import { readMeta } from '../data/db';
import type { UnitSystem } from '../core/units/quantity';
import { Units } from '../ui/units';
import { Search } from 'lucide-react';
import { PressArea } from '../ui/Button';
import { goToFilter, pressMain, useShortcuts } from '../ui/shortcuts';
import { color, phone } from '../ui/theme';
import { useArrival } from './arrival';
import { PLACES } from './places';
import { whenQuiet } from './quiet';
import { goToNotice, takeBack, useSession } from './session';
import { PATHS, isRunPage } from './routes';

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
    font-size: 12.5px;
    letter-spacing: -0.01em;
    white-space: nowrap;
    padding: 4px 2px;
    &.active {
      border-top-color: ${color.ink};
    }
  }
`;
const FindButton = styled(PressArea)`
  margin-top: auto;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  padding: 8px 4px;
  min-height: 56px;
  border: 0;
  background: none;
  color: ${color.quiet};
  font-size: 14px;
  cursor: pointer;
  ${phone} {
    display: none;
  }
`;
/** There it scrolls away with the top of the page. */
const FindOnPhone = styled(FindButton)`
  display: none;
  ${phone} {
    display: flex;
    position: absolute;
    top: 0;
    right: 8px;
    margin: 0;
    min-height: 44px;
    flex-direction: row;
    z-index: 6;
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

// Loaded after the first page: they must not hold it up.
const Toasts = lazy(async () => ({ default: (await import('../ui/Toasts')).Toasts }));
const Keys = lazy(() => import('./Keys'));
const Finder = lazy(() => import('./Finder'));

const Content = styled.div`
  min-width: 0;
  position: relative;
`;
const Club = styled.p`
  margin: 0;
  padding: 10px 32px 0;
  font-size: 14px;
  color: ${color.quiet};
  ${phone} {
    padding: 8px 16px 0;
  }
`;
/**
 * Something small of the store, as it was last time until the store has answered: nothing moves, and nothing is read in two ways, when it has.
 * @param key where the browser keeps it. @param read from the store.
 */
function useRemembered<T extends string>(key: string, fallback: T, read: () => Promise<T>): T {
  const [was] = useState(() => (globalThis.localStorage?.getItem(key) as T | null) ?? fallback);
  const now = useLiveQuery(read, []);
  useEffect(() => {
    if (now !== undefined) localStorage.setItem(key, now);
  }, [key, now]);
  return now ?? was;
}
/** Said wherever the things are nobody's own. What it was last time stands at once, so that nothing moves when the store has answered. */
function ClubLine() {
  const invented = useRemembered('umbrastic-club', 'no', async () =>
    (await readMeta('rest'))?.invented === true ? 'yes' : 'no',
  );
  if (invented !== 'yes') return null;
  return (
    <Club className="no-print">
      An invented club · <Link to={PATHS.begin}>begin with your own</Link>
    </Club>
  );
}

/** The frame around every place. Run takes the whole screen on a phone. */
export function Shell({ children }: { children: ReactNode }) {
  const navigate = useNavigate();
  const [keys, setKeys] = useState(false);
  const [finding, setFinding] = useState(false);
  useShortcuts({
    ...Object.fromEntries(PLACES.map(({ key, path }) => [`g ${key}`, () => void navigate(path)])),
    '/': () => setFinding(true),
    '.': pressMain,
    f: goToFilter,
    n: () => void navigate(PATHS.newThing),
    'mod z': () => void takeBack(),
    F6: goToNotice,
    '?': () => setKeys(true),
  });
  useEffect(() => {
    // Loaded after the first page: it must not hold it up.
    // A notice must be there to be said when there is no network any more.
    void whenQuiet().then(() => useSession.setState({ said: true }));
    let stop = (): void => undefined;
    let left = false;
    void Promise.all([import('./alarms'), import('./clock')]).then(([{ watchAlarms }, { watchClock }]) => {
      if (left) return;
      const stops = [watchAlarms(), watchClock()];
      stop = () => stops.forEach((end) => end());
    });
    return () => {
      left = true;
      stop();
    };
  }, []);
  const system = useRemembered<UnitSystem>(
    'umbrastic-units',
    'metric',
    async () => (await readMeta('preferences'))?.units ?? 'metric',
  );
  const said = useSession((s) => s.said);
  const { pathname } = useLocation();
  useArrival(pathname);
  const running = isRunPage(pathname);
  // Before the page itself says where in it one wants to be.
  useLayoutEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);
  return (
    <Units.Provider value={system}>
      <Frame data-running={running || undefined}>
        <Rail aria-label="Places">
          <Logo />
          {PLACES.map(({ path, name, icon: Icon }) => (
            <Place key={path} to={path} end={path === '/'}>
              <Icon size={24} strokeWidth={1.75} aria-hidden="true" />
              {name}
            </Place>
          ))}
          <FindButton onPress={() => setFinding(true)}>
            <Search size={22} strokeWidth={1.75} aria-hidden="true" />
            Find
          </FindButton>
        </Rail>
        <Content>
          {!running && (
            <FindOnPhone onPress={() => setFinding(true)}>
              <Search size={20} strokeWidth={1.75} aria-hidden="true" />
              Find
            </FindOnPhone>
          )}
          {!running && pathname !== PATHS.begin && <ClubLine />}
          {children}
        </Content>
        {/* Each waits for itself: what still comes would take away another that stands, and its focus. */}
        <Suspense fallback={null}>{said && <Toasts top={running} />}</Suspense>
        <Suspense fallback={null}>
          {finding && <Finder onClose={() => setFinding(false)} showKeys={() => setKeys(true)} />}
        </Suspense>
        <Suspense fallback={null}>{keys && <Keys onClose={() => setKeys(false)} />}</Suspense>
      </Frame>
    </Units.Provider>
  );
}
