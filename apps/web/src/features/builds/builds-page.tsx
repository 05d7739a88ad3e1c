import type { ListedBuild, StoredBuild } from '@hobrek/contracts';
import { blankBuild } from '@hobrek/core';
import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { ask, send } from '../../shared/ask.js';
import { hearChanges } from '../../shared/changes.js';
import { PageHead } from '../../shared/page-head.js';
import { BringIn } from './bring-in.js';
import { BuildRow } from './build-row.js';
import { useDeletion } from './use-deletion.js';

/** All builds, each as the machine it is. */
export function BuildsPage() {
  const navigate = useNavigate();
  const [find, setFind] = useState('');
  const [worst, setWorst] = useState(false);
  const builds = useQuery({
    queryKey: ['builds', find, worst],
    queryFn: () => ask<ListedBuild[]>(`builds?find=${encodeURIComponent(find)}${worst ? '&sort=worst' : ''}`),
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 0,
  });
  const { refetch } = builds;
  useEffect(() => hearChanges(() => void refetch()), [refetch]);
  const reload = useCallback(() => void refetch(), [refetch]);
  const start = useMutation({
    mutationFn: () => send<StoredBuild>('POST', 'builds', blankBuild('New build')),
    onSuccess: (stored) => navigate(`/builds/${stored.id}`),
  });
  const copy = useMutation({
    mutationFn: async ({ id, name }: ListedBuild) => {
      const { build } = await ask<StoredBuild>(`builds/${id}`);
      return send<StoredBuild>('POST', 'builds', { ...build, name: `${name}, copy`.slice(0, 120) });
    },
    onSuccess: reload,
  });
  const [beside, setBeside] = useState<string | null>(null);
  const lay = (id: string) => {
    if (beside && beside !== id) void navigate(`/compare/${beside}/${id}`);
    else setBeside(beside === id ? null : id);
  };
  const deletion = useDeletion(reload);
  const failed = start.error ?? copy.error ?? builds.error;
  const shown = builds.data?.filter((listed) => listed.id !== deletion.leaving?.id);
  return (
    <>
      <title>Builds · Hobrek</title>
      <PageHead
        end={
          <>
            <button
              type="button"
              className="cursor-pointer py-1 text-base font-semibold text-blue hover:underline"
              onClick={() => start.mutate()}
              disabled={start.isPending}
            >
              Start a build
            </button>
            <BringIn known={builds.data ?? []} done={reload} />
          </>
        }
      >
        <h1 className="font-head text-xl">Builds</h1>
        {builds.data && <span className="text-sm text-soft">{tally(builds.data.length, find !== '')}</span>}
        <Finder find={find} setFind={setFind} worst={worst} setWorst={setWorst} />
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
        {shown?.length === 0 && find !== '' && <p className="mx-6 mt-6">Nothing in the shed is called so, or says so.</p>}
        {shown?.length === 0 && find === '' && (
          <p className="mx-6 mt-6 max-w-prose">The shed is empty. Start a build with what is stamped on a motor: its power and its speed.</p>
        )}
        <ul>
          {shown?.map((listed) => (
            <BuildRow
              key={listed.id}
              listed={listed}
              remove={() => deletion.remove(listed)}
              copy={() => copy.mutate(listed)}
              beside={beside}
              lay={lay}
            />
          ))}
        </ul>
      </main>
    </>
  );
}

/** As many as the server lists at once. */
const longest = 500;

const tally = (many: number, found: boolean): string =>
  `${many === longest ? 'the latest ' : ''}${many === 1 ? 'one' : many} ${found ? 'found' : 'in the shed'}`;

interface Finding {
  readonly find: string;
  readonly setFind: (find: string) => void;
  readonly worst: boolean;
  readonly setWorst: (worst: boolean) => void;
}

function Finder({ find, setFind, worst, setWorst }: Finding) {
  return (
    <search className="flex items-baseline gap-4 text-sm">
      <input
        type="search"
        aria-label="find a build"
        placeholder="find by name or sentence"
        value={find}
        onChange={(event) => setFind(event.target.value)}
        className="w-52 border-b border-ink bg-transparent py-0.5 text-base outline-none placeholder:text-soft focus:bg-wash"
      />
      <label className="flex cursor-pointer items-baseline gap-1.5 whitespace-nowrap">
        <input type="checkbox" checked={worst} onChange={(event) => setWorst(event.target.checked)} /> worst first
      </label>
    </search>
  );
}
