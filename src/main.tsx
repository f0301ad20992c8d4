// Before all else.
import { opening, otherTabs } from './app/opening';
import { type ComponentType, createElement, type ReactNode, StrictMode, Suspense, use } from 'react';
import { I18nProvider } from 'react-aria/I18nProvider';
import { createRoot } from 'react-dom/client';
import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter, matchPath, useLocation, useRoutes } from 'react-router';
import { readFirst } from './app/kit';
import { whenQuiet } from './app/quiet';
import { applyTheme, useSession } from './app/session';
import { Shell } from './app/Shell';
import { StoreTrouble, Trouble } from './app/Trouble';
import { readMeta } from './data/db';
import { GlobalStyle } from './ui/theme';

declare global {
  /** What a first visit asked for already, see public/first-visit.js. */
  var clubAsked: Promise<Response> | undefined;
}

/** A page that is fetched when it is gone to. */
interface Place {
  readonly path: string;
  readonly load: () => Promise<ComponentType>;
}
/** Those with a word of their own stand before those with an id. */
const PLACES: readonly Place[] = [
  { path: '/', load: async () => (await import('./views/now/Now')).Now },
  { path: 'kit', load: async () => (await import('./views/kit/KitList')).KitList },
  { path: 'kit/new', load: async () => (await import('./views/kit/NewItem')).NewItem },
  { path: 'begin', load: async () => (await import('./views/begin/Begin')).Begin },
  { path: 'kit/shells', load: async () => (await import('./views/kit/Shells')).Shells },
  { path: 'kit/worth', load: async () => (await import('./views/kit/WorthList')).WorthList },
  { path: 'kit/labels', load: async () => (await import('./views/kit/Labels')).Labels },
  { path: 'kit/:id', load: async () => (await import('./views/kit/ItemPage')).ItemPage },
  { path: 'kit/:id/look-over', load: async () => (await import('./views/look-over/LookOver')).LookOver },
  { path: 'kit/:id/programme', load: async () => (await import('./views/programme/ProgrammePage')).ProgrammePage },
  { path: 'kit/:id/rehearse', load: async () => (await import('./views/rehearse/Rehearse')).Rehearse },
  { path: 'kit/:id/fill', load: async () => (await import('./views/fill/FillPage')).FillPage },
  { path: 'kit/:id/light', load: async () => (await import('./views/fill/LightPage')).LightPage },
  { path: 'kit/:id/sale', load: async () => (await import('./views/kit/SalePage')).SalePage },
  { path: 'kit/:id/colour', load: async () => (await import('./views/colour/ColourPage')).ColourPage },
  { path: 'kit/:id/drops', load: async () => (await import('./views/drops/DropsPage')).DropsPage },
  { path: 'kit/:id/surfaces', load: async () => (await import('./views/surfaces/SurfacesPage')).SurfacesPage },
  { path: 'kit/:id/baffles', load: async () => (await import('./views/fill/LayoutPage')).LayoutPage },
  { path: 'bench/:instrument?', load: async () => (await import('./views/bench/Bench')).Bench },
  { path: 'run/:id', load: async () => (await import('./views/run/RunPage')).RunPage },
  { path: 'load/:id', load: async () => (await import('./views/run/LoadPage')).LoadPage },
  { path: 'cupboard/:section?', load: async () => (await import('./views/cupboard/Cupboard')).Cupboard },
  { path: 'handbook/:section?/:entry?', load: async () => (await import('./views/handbook/Handbook')).Handbook },
  { path: 'wash-day', load: async () => (await import('./views/wash-day/WashDay')).WashDay },
  { path: 'record', load: async () => (await import('./views/record/Record')).Record },
  { path: 'record/look/:id', load: async () => (await import('./views/look-over/LookPage')).LookPage },
  { path: 'record/season', load: async () => (await import('./views/season/SeasonPage')).SeasonPage },
  { path: 'record/done', load: async () => (await import('./views/record/DonePage')).DonePage },
  { path: 'record/:id', load: async () => (await import('./views/record/ReportPage')).ReportPage },
  { path: 'gallery', load: async () => (await import('./views/gallery/Gallery')).Gallery },
  { path: '*', load: async () => (await import('./app/Lost')).Lost },
];

/** A page that was asked for. */
interface Coming {
  readonly asked: Promise<void>;
  page?: ComponentType;
  failed?: true;
}
const pages = new Map<string, Coming>();
/** Asks for a page once. */
function comingOf({ path, load }: Place): Coming {
  const known = pages.get(path);
  if (known) return known;
  const coming: Coming = { asked: load().then((page) => void (coming.page = page)) };
  coming.asked.catch(() => (coming.failed = true));
  pages.set(path, coming);
  return coming;
}
/** What could not be fetched is asked for again when somebody comes back to it. */
function forgetFailed(): void {
  for (const [path, { failed }] of pages) if (failed) pages.delete(path);
}
/** Not the framework's own `lazy`: that keeps what failed for good, and lets a page that is here already wait for a moment. */
function Fetched({ place }: { place: Place }) {
  const coming = comingOf(place);
  if (!coming.page) use(coming.asked);
  return coming.page && createElement(coming.page);
}
/** The place of an address: the first whose path it fits. */
const placeAt = (pathname: string): Place => PLACES.find(({ path }) => matchPath(path, pathname)) as Place;
/** The page that is opened is fetched while the store is; what goes wrong is said where it would stand. */
const first = comingOf(placeAt(location.pathname)).asked.catch(() => undefined);

/** The page of this address in its frame. Until the next one has come, the one before stands. */
function Pages() {
  const { pathname } = useLocation();
  const place = placeAt(pathname);
  const page = useRoutes([{ path: place.path, element: <Fetched key={place.path} place={place} /> }]);
  return (
    <ErrorBoundary FallbackComponent={Trouble}>
      <Shell>
        <ErrorBoundary FallbackComponent={Trouble} resetKeys={[pathname]} onReset={forgetFailed}>
          <Suspense fallback={null}>{page}</Suspense>
        </ErrorBoundary>
      </Shell>
    </ErrorBoundary>
  );
}

applyTheme(useSession.getState().theme);
const root = createRoot(document.getElementById('root') as HTMLElement);
/** Days and figures read the same on every machine. */
const show = (page: ReactNode): void =>
  root.render(
    <StrictMode>
      <GlobalStyle />
      <I18nProvider locale="en-GB">{page}</I18nProvider>
    </StrictMode>,
  );
/** The places, until a newer version takes the store over. */
function Places() {
  const overtaken = useSession((s) => s.overtaken);
  return overtaken ? (
    <StoreTrouble state="overtaken" />
  ) : (
    <BrowserRouter>
      <Pages />
    </BrowserRouter>
  );
}

otherTabs.onHeld = () => show(<StoreTrouble state="held" />);
otherTabs.onOvertaken = () => useSession.setState({ overtaken: true });

/** Nothing of this file is waited for: pages that come later share its files. */
async function begin(): Promise<void> {
  const store = await opening;
  const ready = store.status === 'open' && readFirst();
  const isFirst = store.status === 'open' && !(await readMeta('demoOffered'));
  await Promise.all([first, ready]);
  // The page stands while the demo comes; what it needs is fetched beside it.
  if (isFirst) useSession.setState({ arriving: true });
  if (store.status === 'open') show(<Places />);
  else if (store.status === 'newer') show(<StoreTrouble state="newer" message={`Stored as version ${store.version}.`} />);
  else show(<StoreTrouble state="failed" message={store.message} />);

  // Loaded beside the page, which it must not hold up.
  void import('./app/faults').then(({ hearFaults }) => hearFaults());

  if (isFirst) {
    const here = (): void => useSession.setState({ arriving: false });
    const asked = globalThis.clubAsked ?? fetch('/api/demo');
    // Without a network it is met with where it is awaited.
    asked.catch(() => undefined);
    try {
      await (await import('./app/demo')).firstVisit(asked, here);
    } finally {
      here();
    }
  } else if (store.status === 'open' && (await readMeta('demoPictures'))?.length)
    void import('./app/demo').then(({ restOfPictures }) => restOfPictures());
  // The app is kept for when there is no network, but not before the page has its answer: on a thin line it would wait for all of that.
  if (import.meta.env.PROD && 'serviceWorker' in navigator)
    void whenQuiet().then(() => navigator.serviceWorker.register('/sw.js').catch(() => undefined));
}
void begin();
