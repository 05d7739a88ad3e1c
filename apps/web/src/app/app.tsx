import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Suspense } from 'react';
import { matchPath, Outlet, Route, Routes, useLocation } from 'react-router';
import { Commands } from '../features/commands/index.js';
import { AskError, useShutOut } from '../shared/ask.js';
import { Tips } from '../shared/tips.js';
import { BuildSoon } from './build-soon.js';
import { IfItFails, InAddress, PageShown, page } from './in-address.js';
import { LetInPage } from './let-in-page.js';
import { LostPage } from './lost-page.js';

/** What nobody answered is tried again by itself. */
const again_ms = 3_000;
const refetchInterval = ({ state: { error } }: { state: { error: unknown } }) => (error instanceof AskError && error.away ? again_ms : false);

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false, refetchInterval } } });

/** A build has commands of its own; these have none. */
const pages = {
  '/': page(async () => (await import('../features/builds/index.js')).BuildsPage),
  '/start/:id?': page(async () => (await import('../features/start/index.js')).StartPage),
  '/deleted': page(async () => (await import('../features/deleted/index.js')).DeletedPage),
  '/backups': page(async () => (await import('../features/backups/index.js')).BackupsPage),
  '/phone': page(async () => (await import('../features/phone/index.js')).PhonePage),
  '/compare/:a/:b': page(async () => (await import('../features/compare/index.js')).ComparePage),
} as const;

/** Fetches the page that the address names; where it cannot be fetched, the page says so itself. */
export const fetchFirst = (): Promise<void> =>
  Object.entries(pages)
    .find(([path]) => matchPath(path, location.pathname))?.[1]
    .fetch()
    .catch(() => undefined) ?? Promise.resolve();

function Pages() {
  const { pathname } = useLocation();
  return (
    <IfItFails at={pathname} otherwise={<LostPage />}>
      <Suspense>
        <Routes>
          <Route path="/builds/:id/:stop?" element={<BuildSoon />} />
          <Route element={<WithCommands />}>
            {Object.entries(pages).map(([path, each]) => (
              <Route key={path} path={path} element={<PageShown page={each} />} />
            ))}
            <Route path="*" element={<LostPage />} />
          </Route>
        </Routes>
      </Suspense>
    </IfItFails>
  );
}

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
      <Tips>
        {out ? (
          <LetInPage />
        ) : (
          <InAddress>
            <Pages />
          </InAddress>
        )}
      </Tips>
    </QueryClientProvider>
  );
}
