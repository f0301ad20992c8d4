import { type ReactNode, StrictMode } from 'react';
import { I18nProvider } from 'react-aria/I18nProvider';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { kitIsRead } from './app/kit';
import { whenQuiet } from './app/quiet';
import { applyTheme, useSession } from './app/session';
import { Shell } from './app/Shell';
import { StoreTrouble, Trouble } from './app/Trouble';
import { openStore, readMeta } from './data/db';
import { GlobalStyle } from './ui/theme';
import { plannerWorker } from './workers';

declare global {
  /** What a first visit asked for already, see public/first-visit.js. */
  var clubAsked: Promise<Response> | undefined;
}

const Loading = () => null;
/** The places that say of every thing what it needs: what plans is made ready while they are fetched. */
const withPlanner = <T,>(page: () => Promise<T>) => {
  return (): Promise<T> => {
    plannerWorker();
    return page();
  };
};

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Trouble />,
    HydrateFallback: Loading,
    children: [
      {
        errorElement: <Trouble />,
        children: [
          { index: true, lazy: withPlanner(async () => ({ Component: (await import('./views/now/Now')).Now })) },
          { path: 'kit', lazy: withPlanner(async () => ({ Component: (await import('./views/kit/KitList')).KitList })) },
          { path: 'kit/new', lazy: async () => ({ Component: (await import('./views/kit/NewItem')).NewItem }) },
          { path: 'begin', lazy: async () => ({ Component: (await import('./views/begin/Begin')).Begin }) },
          { path: 'kit/shells', lazy: async () => ({ Component: (await import('./views/kit/Shells')).Shells }) },
          { path: 'kit/worth', lazy: async () => ({ Component: (await import('./views/kit/WorthList')).WorthList }) },
          { path: 'kit/labels', lazy: async () => ({ Component: (await import('./views/kit/Labels')).Labels }) },
          { path: 'kit/:id', lazy: async () => ({ Component: (await import('./views/kit/ItemPage')).ItemPage }) },
          { path: 'kit/:id/look-over', lazy: async () => ({ Component: (await import('./views/look-over/LookOver')).LookOver }) },
          {
            path: 'kit/:id/programme',
            lazy: async () => ({ Component: (await import('./views/programme/ProgrammePage')).ProgrammePage }),
          },
          { path: 'kit/:id/rehearse', lazy: async () => ({ Component: (await import('./views/rehearse/Rehearse')).Rehearse }) },
          { path: 'kit/:id/fill', lazy: async () => ({ Component: (await import('./views/fill/FillPage')).FillPage }) },
          { path: 'kit/:id/light', lazy: async () => ({ Component: (await import('./views/fill/LightPage')).LightPage }) },
          { path: 'kit/:id/sale', lazy: async () => ({ Component: (await import('./views/kit/SalePage')).SalePage }) },
          { path: 'kit/:id/colour', lazy: async () => ({ Component: (await import('./views/colour/ColourPage')).ColourPage }) },
          {
            path: 'kit/:id/drops',
            lazy: async () => ({ Component: (await import('./views/drops/DropsPage')).DropsPage }),
          },
          {
            path: 'kit/:id/surfaces',
            lazy: async () => ({ Component: (await import('./views/surfaces/SurfacesPage')).SurfacesPage }),
          },
          { path: 'kit/:id/baffles', lazy: async () => ({ Component: (await import('./views/fill/LayoutPage')).LayoutPage }) },
          { path: 'bench/:instrument?', lazy: async () => ({ Component: (await import('./views/bench/Bench')).Bench }) },
          { path: 'run/:id', lazy: async () => ({ Component: (await import('./views/run/RunPage')).RunPage }) },
          { path: 'load/:id', lazy: async () => ({ Component: (await import('./views/run/LoadPage')).LoadPage }) },
          { path: 'cupboard/:section?', lazy: async () => ({ Component: (await import('./views/cupboard/Cupboard')).Cupboard }) },
          {
            path: 'handbook/:section?/:entry?',
            lazy: async () => ({ Component: (await import('./views/handbook/Handbook')).Handbook }),
          },
          { path: 'wash-day', lazy: async () => ({ Component: (await import('./views/wash-day/WashDay')).WashDay }) },
          { path: 'record', lazy: async () => ({ Component: (await import('./views/record/Record')).Record }) },
          { path: 'record/look/:id', lazy: async () => ({ Component: (await import('./views/look-over/LookPage')).LookPage }) },
          { path: 'record/season', lazy: async () => ({ Component: (await import('./views/season/SeasonPage')).SeasonPage }) },
          { path: 'record/done', lazy: async () => ({ Component: (await import('./views/record/DonePage')).DonePage }) },
          { path: 'record/:id', lazy: async () => ({ Component: (await import('./views/record/ReportPage')).ReportPage }) },
          { path: 'gallery', lazy: async () => ({ Component: (await import('./views/gallery/Gallery')).Gallery }) },
          { path: '*', lazy: async () => ({ Component: (await import('./app/Lost')).Lost }) },
        ],
      },
    ],
  },
]);

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
  return overtaken ? <StoreTrouble state="overtaken" /> : <RouterProvider router={router} />;
}

/** Nothing of this file is waited for: pages that come later share its files. */
async function begin(): Promise<void> {
  const opened = await openStore({
    onHeld: () => show(<StoreTrouble state="held" />),
    onOvertaken: () => useSession.setState({ overtaken: true }),
  });
  // Pages ask for it; it is read while they are drawn.
  if (opened.status === 'open') void kitIsRead();
  const isFirst = opened.status === 'open' && !(await readMeta('demoOffered'));
  // The page stands while the demo comes; what it needs is fetched beside it.
  if (isFirst) useSession.setState({ arriving: true });
  if (opened.status === 'open') show(<Places />);
  else if (opened.status === 'newer') show(<StoreTrouble state="newer" message={`Stored as version ${opened.version}.`} />);
  else show(<StoreTrouble state="failed" message={opened.message} />);

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
  } else if (opened.status === 'open' && (await readMeta('demoPictures'))?.length)
    void import('./app/demo').then(({ restOfPictures }) => restOfPictures());
  // The app is kept for when there is no network, but not before the page has its answer: on a thin line it would wait for all of that.
  if (import.meta.env.PROD && 'serviceWorker' in navigator)
    void whenQuiet().then(() => navigator.serviceWorker.register('/sw.js').catch(() => undefined));
}
void begin();
