import { StrictMode } from 'react';
import { I18nProvider } from 'react-aria/I18nProvider';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { applyTheme, useSession } from './app/session';
import { Shell } from './app/Shell';
import { StoreTrouble, Trouble } from './app/Trouble';
import { openStore, readMeta } from './data/db';
import { GlobalStyle } from './ui/theme';

const Loading = () => null;

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Trouble />,
    HydrateFallback: Loading,
    children: [
      {
        errorElement: <Trouble />,
        children: [
          { index: true, lazy: async () => ({ Component: (await import('./views/now/Now')).Now }) },
          { path: 'kit', lazy: async () => ({ Component: (await import('./views/kit/KitList')).KitList }) },
          { path: 'kit/new', lazy: async () => ({ Component: (await import('./views/kit/NewItem')).NewItem }) },
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
          { path: 'kit/:id/baffles', lazy: async () => ({ Component: (await import('./views/fill/LayoutPage')).LayoutPage }) },
          { path: 'bench/:instrument?', lazy: async () => ({ Component: (await import('./views/bench/Bench')).Bench }) },
          { path: 'run/:id', lazy: async () => ({ Component: (await import('./views/run/RunPage')).RunPage }) },
          { path: 'cupboard/:section?', lazy: async () => ({ Component: (await import('./views/cupboard/Cupboard')).Cupboard }) },
          {
            path: 'handbook/:section?/:entry?',
            lazy: async () => ({ Component: (await import('./views/handbook/Handbook')).Handbook }),
          },
          { path: 'wash-day', lazy: async () => ({ Component: (await import('./views/wash-day/WashDay')).WashDay }) },
          { path: 'record', lazy: async () => ({ Component: (await import('./views/record/Record')).Record }) },
          { path: 'record/:id', lazy: async () => ({ Component: (await import('./views/record/ReportPage')).ReportPage }) },
          { path: 'gallery', lazy: async () => ({ Component: (await import('./views/gallery/Gallery')).Gallery }) },
          { path: '*', element: <Navigate to="/" replace /> },
        ],
      },
    ],
  },
]);

applyTheme(useSession.getState().theme);
const root = createRoot(document.getElementById('root') as HTMLElement);
const opened = await openStore();
if (opened.status === 'open' && !(await readMeta('demoOffered'))) await (await import('./app/demo')).firstVisit();
root.render(
  <StrictMode>
    <GlobalStyle />
    {/* Days and figures read the same on every machine. */}
    <I18nProvider locale="en-GB">
      {opened.status === 'open' ? (
        <RouterProvider router={router} />
      ) : (
        <StoreTrouble
          newer={opened.status === 'newer'}
          message={opened.status === 'newer' ? `Stored as version ${opened.version}.` : opened.message}
        />
      )}
    </I18nProvider>
  </StrictMode>,
);

if (import.meta.env.PROD && 'serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
