import type { ListedBuild, StoredBuild } from '@hobrek/contracts';
import { blankBuild } from '@hobrek/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { useNavigate } from 'react-router';
import { ask, send } from '../../shared/ask.js';
import { hearChanges } from '../../shared/changes.js';
import { PageHead } from '../../shared/page-head.js';
import { BuildRow } from './build-row.js';
import { useDeletion } from './use-deletion.js';

/** All builds, each as the machine it is. */
export function BuildsPage() {
  const navigate = useNavigate();
  const builds = useQuery({ queryKey: ['builds'], queryFn: () => ask<ListedBuild[]>('builds'), staleTime: 0, gcTime: 0 });
  const { refetch } = builds;
  useEffect(() => hearChanges(() => void refetch()), [refetch]);
  const start = useMutation({
    mutationFn: () => send<StoredBuild>('POST', 'builds', blankBuild('New build')),
    onSuccess: (stored) => navigate(`/builds/${stored.id}`),
  });
  const reload = useCallback(() => void refetch(), [refetch]);
  const deletion = useDeletion(reload);
  const failed = start.error ?? builds.error;
  const shown = builds.data?.filter((listed) => listed.id !== deletion.leaving?.id);
  return (
    <>
      <title>Builds · Hobrek</title>
      <PageHead
        end={
          <button
            type="button"
            className="cursor-pointer py-1 text-base font-semibold text-blue hover:underline"
            onClick={() => start.mutate()}
            disabled={start.isPending}
          >
            Start a build
          </button>
        }
      >
        <h1 className="font-head text-xl">Builds</h1>
        {builds.data && (
          <span className="text-sm text-soft">{builds.data.length === 1 ? 'one in the shed' : `${builds.data.length} in the shed`}</span>
        )}
      </PageHead>
      <main>
        {failed && <p className="mx-6 mt-6 text-gives-word">{failed.message} Nothing is lost; try again in a moment.</p>}
        {deletion.failed && <p className="mx-6 mt-6 text-gives-word">{deletion.failed}</p>}
        {deletion.leaving && (
          <p role="status" className="flex flex-wrap gap-x-4 border-b border-hair bg-wash px-6 py-2 max-sm:px-4">
            {deletion.leaving.name} is deleted.
            <button type="button" className="cursor-pointer text-blue underline" onClick={deletion.undo}>
              Undo
            </button>
          </p>
        )}
        {shown?.length === 0 && (
          <p className="mx-6 mt-6 max-w-prose">The shed is empty. Start a build with what is stamped on a motor: its power and its speed.</p>
        )}
        <ul>
          {shown?.map((listed) => (
            <BuildRow key={listed.id} listed={listed} remove={() => deletion.remove(listed)} />
          ))}
        </ul>
      </main>
    </>
  );
}
