import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, Outlet } from 'react-router';
// This one can draw the next page before the next key is heard (`flushSync`); that of `react-router` cannot.
import { RouterProvider } from 'react-router/dom';
import { Commands } from '../features/commands/index.js';
import { AskError, useShutOut } from '../shared/ask.js';
import { Tips } from '../shared/tips.js';
import { LetInPage } from './let-in-page.js';
import { LostPage } from './lost-page.js';

/** What nobody answered is tried again by itself. */
const again_ms = 3_000;
const refetchInterval = ({ state: { error } }: { state: { error: unknown } }) => (error instanceof AskError && error.away ? again_ms : false);

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false, refetchInterval } } });

const router = createBrowserRouter([
  {
    HydrateFallback: () => null,
    ErrorBoundary: LostPage,
    children: [
      {
        path: '/builds/:id/:stop?',
        lazy: async () => ({ Component: (await import('./build-page.js')).BuildPage }),
      },
      // A build has commands of its own.
      {
        Component: WithCommands,
        children: [
          { path: '/', lazy: async () => ({ Component: (await import('../features/builds/index.js')).BuildsPage }) },
          { path: '/start/:id?', lazy: async () => ({ Component: (await import('../features/start/index.js')).StartPage }) },
          { path: '/deleted', lazy: async () => ({ Component: (await import('../features/deleted/index.js')).DeletedPage }) },
          { path: '/backups', lazy: async () => ({ Component: (await import('../features/backups/index.js')).BackupsPage }) },
          { path: '/phone', lazy: async () => ({ Component: (await import('../features/phone/index.js')).PhonePage }) },
          { path: '/compare/:a/:b', lazy: async () => ({ Component: (await import('../features/compare/index.js')).ComparePage }) },
          { path: '*', Component: LostPage },
        ],
      },
    ],
  },
]);

function WithCommands() {
  return (
    <>
      <Outlet />
      <Commands />
    </>
  );
}

export function App() {
  const out = useShutOut((state) => state.out);
  return (
    <QueryClientProvider client={queries}>
      <Tips>{out ? <LetInPage /> : <RouterProvider router={router} />}</Tips>
    </QueryClientProvider>
  );
}
