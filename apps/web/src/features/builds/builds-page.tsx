import type { ListedBuild, StoredBuild } from '@hobrek/contracts';
import { keepPreviousData, useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { ask, send } from '../../shared/ask.js';
import { hearChanges } from '../../shared/changes.js';
import { PageHead } from '../../shared/page-head.js';
import { useUnits } from '../../shared/preferences.js';
import { BringIn } from './bring-in.js';
import { BuildRow } from './build-row.js';
import { EmptyShed } from './empty-shed.js';
import { useDeletion } from './use-deletion.js';

/** All builds, each as the machine it is. */
export function BuildsPage() {
  const navigate = useNavigate();
  const { find, typed, setFind, worst, setWorst } = useFinding();
  const words = encodeURIComponent(find);
  const units = useUnits();
  const builds = useInfiniteQuery({
    queryKey: ['builds', find, worst, units],
    queryFn: ({ pageParam }) => ask<ListedBuild[]>(`builds?find=${words}&from=${pageParam}&units=${units}${worst ? '&sort=worst' : ''}`),
    initialPageParam: 0,
    getNextPageParam: (last, pages) => (last.length === pageLong ? pages.length * pageLong : undefined),
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 0,
  });
  const many = useQuery({ queryKey: ['count', find], queryFn: () => ask<{ builds: number }>(`builds/count?find=${words}`), staleTime: 0, gcTime: 0 });
  const { refetch } = builds;
  const recount = many.refetch;
  const reload = useCallback(() => {
    void refetch();
    void recount();
  }, [refetch, recount]);
  useEffect(() => hearChanges(reload), [reload]);
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
  const failed = copy.error ?? builds.error;
  const all = builds.data?.pages.flat();
  const shown = all?.filter((listed) => listed.id !== deletion.leaving?.id);
  return (
    <>
      <title>Builds · Hobrek</title>
      <PageHead
        end={
          <>
            <Link to="/start" className="py-1 text-base font-semibold text-blue hover:underline">
              Start a build
            </Link>
            <a href={`/api/shed?find=${words}`} download className="py-1 text-base text-blue hover:underline">
              {find === '' ? 'Export all' : 'Export these'}
            </a>
            <Link to="/deleted" className="py-1 text-base text-blue hover:underline">
              Deleted
            </Link>
            <Link to="/backups" className="py-1 text-base text-blue hover:underline">
              Backups
            </Link>
            <Link to="/phone" className="py-1 text-base text-blue hover:underline">
              Phone
            </Link>
            <BringIn names={new Set(all?.map(({ name }) => name))} done={reload} />
          </>
        }
      >
        <h1 className="font-head text-xl">Builds</h1>
        {many.data && <span className="text-sm text-soft">{tally(many.data.builds, find !== '')}</span>}
        <Finder find={typed} setFind={setFind} worst={worst} setWorst={setWorst} />
      </PageHead>
      <main>
        {failed && <p className="mx-6 mt-6 text-fails-word">{failed.message} Nothing is lost; try again in a moment.</p>}
        {deletion.failed && <p className="mx-6 mt-6 text-fails-word">{deletion.failed}</p>}
        {deletion.leaving && (
          <p role="status" className="flex flex-wrap gap-x-4 border-b border-hair bg-wash px-6 py-2 max-sm:px-4">
            {deletion.leaving.name} is deleted.
            <button type="button" className="cursor-pointer text-blue underline" onClick={deletion.undo}>
              Undo
            </button>
          </p>
        )}
        {shown?.length === 0 && find !== '' && <p className="mx-6 mt-6">Nothing in the shed is called so, or says so.</p>}
        {shown?.length === 0 && find === '' && <EmptyShed />}
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
        {builds.hasNextPage && (
          <button
            type="button"
            className="mx-6 my-4 cursor-pointer font-semibold text-blue hover:underline"
            disabled={builds.isFetchingNextPage}
            onClick={() => void builds.fetchNextPage()}
          >
            show {Math.min(pageLong, (many.data?.builds ?? 0) - (all?.length ?? 0))} more of {(many.data?.builds ?? 0) - (all?.length ?? 0)}
          </button>
        )}
      </main>
    </>
  );
}

/** A search waits until typing pauses so long. */
const pause_ms = 150;

/** What is looked for and in which order, in the address: back and a reload come back to it. */
function useFinding() {
  const [search, setSearch] = useSearchParams();
  const find = search.get('find') ?? '';
  const worst = search.get('order') === 'worst';
  const [typed, setTyped] = useState(find);
  const set = useCallback(
    (name: string, value: string) =>
      setSearch(
        (now) => {
          const next = new URLSearchParams(now);
          if (value) next.set(name, value);
          else next.delete(name);
          return next;
        },
        { replace: true },
      ),
    [setSearch],
  );
  // What the address says counts when it was not typed here: the browser went back.
  const said = useRef(find);
  useEffect(() => {
    if (find !== said.current) setTyped(find);
    said.current = find;
  }, [find]);
  useEffect(() => {
    if (typed === find) return undefined;
    const timer = setTimeout(() => {
      said.current = typed;
      set('find', typed);
    }, pause_ms);
    return () => clearTimeout(timer);
  }, [typed, find, set]);
  return { find, typed, setFind: setTyped, worst, setWorst: (now: boolean) => set('order', now ? 'worst' : '') };
}

/** As many as the server lists at once. */
const pageLong = 100;

const tally = (many: number, found: boolean): string => `${many === 1 ? 'one' : many} ${found ? 'found' : 'in the shed'}`;

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
