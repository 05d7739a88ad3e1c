import type { ListedBuild } from '@hobrek/contracts';
import { useQuery } from '@tanstack/react-query';
import { type ComponentType, type ReactNode, useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { isUnsent } from '../open-build/unsent-keys.js';
import { afterFrame } from '../shared/after-frame.js';
import { ask } from '../shared/ask.js';
import { usePreferences } from '../shared/preferences.js';
import { Glance } from './glance.js';

type BuildPage = ComponentType<{ readonly meanwhile: ReactNode }>;

let loaded: BuildPage | null = null;

/** The glance is waited for no longer than this before the page itself is fetched. */
const patience_ms = 1_500;

/**
 * A build. Whoever has not had one open yet sees it first as the server has it, at a third of the weight; then comes what works it out on this device, and takes its
 * place.
 */
export function BuildSoon() {
  const { id = '', stop } = useParams();
  const [Page, setPage] = useState<BuildPage | null>(() => loaded);
  const [failed, setFailed] = useState<unknown>(null);
  const [isWanted] = useState(() => loaded === null && !isUnsent(id));
  const { units } = usePreferences.getState();
  const { data: listed, isLoading } = useQuery({
    queryKey: ['glance', id, units],
    queryFn: () => ask<ListedBuild>(`builds/${id}/listed?units=${units}`),
    enabled: isWanted && Page === null,
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const isWaiting = isWanted && isLoading;
  useEffect(() => {
    if (Page) return undefined;
    const load = () =>
      import('./build-page.js').then(({ BuildPage }) => {
        loaded = BuildPage;
        setPage(() => BuildPage);
      }, setFailed);
    if (!isWaiting) return afterFrame(() => void load());
    const timer = setTimeout(load, patience_ms);
    return () => clearTimeout(timer);
  }, [Page, isWaiting]);
  if (failed) throw failed;
  const glance = listed ? <Glance listed={listed} hasMachine={!stop} /> : null;
  return Page ? <Page meanwhile={glance} /> : glance;
}
