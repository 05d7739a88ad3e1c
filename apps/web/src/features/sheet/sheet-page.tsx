import type { StoredBuild } from '@hobrek/contracts';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useParams } from 'react-router';
import { closeBuild, keepMine, openBuild, renamed, useOpenBuild } from '../../build/open-build.js';
import { SaveWord } from '../../build/save-word.js';
import { ask } from '../../shared/ask.js';
import { PageHead } from '../../shared/page-head.js';
import { Bench } from './bench.js';
import { Ledger } from './ledger.js';
import { PowerPath } from './power-path.js';
import { Sentence } from './sentence.js';

/** One build on one screen: the sentence, the power path to scale, the ledger and the bench. */
export function SheetPage() {
  const { id = '' } = useParams();
  const stored = useQuery({
    queryKey: ['build', id],
    queryFn: () => ask<StoredBuild>(`builds/${id}`),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  useEffect(() => {
    if (stored.data) void openBuild(stored.data);
    return closeBuild;
  }, [stored.data]);
  const open = useOpenBuild((store) => store.open?.id === id);
  useLeaveGuard();
  if (stored.error) return <Message says={stored.error.message} />;
  if (!open) return <Message says="" />;
  return (
    <div className="flex min-h-dvh flex-col">
      <PageHead end={<SaveWord />}>
        <BuildName />
      </PageHead>
      <Stale reload={() => void stored.refetch()} />
      <main className="flex grow flex-col">
        <section className="px-6 pt-4 max-sm:px-4">
          <Sentence />
          <PowerPath />
        </section>
        <div className="grid grow grid-cols-[minmax(0,11fr)_minmax(0,9fr)] border-t border-ink max-lg:grid-cols-1">
          <Ledger />
          <Bench />
        </div>
      </main>
    </div>
  );
}

function BuildName() {
  const name = useOpenBuild(({ open }) => open?.build.name ?? '');
  return (
    <h1 className="font-head min-w-0 grow text-2xl">
      <title>{`${name} · Hobrek`}</title>
      <input
        aria-label="name of the build"
        defaultValue={name}
        maxLength={120}
        className="w-full bg-transparent outline-none focus-visible:bg-wash"
        onChange={(event) => renamed(event.target.value)}
        onBlur={(event) => {
          if (event.target.value.trim() === '') event.target.value = name;
        }}
      />
    </h1>
  );
}

/** The build was changed elsewhere: the person chooses, nothing is overwritten by itself. */
function Stale({ reload }: { reload: () => void }) {
  const save = useOpenBuild(({ open }) => open?.save);
  if (!save || (save.state !== 'stale' && save.state !== 'away' && save.state !== 'refused')) return null;
  return (
    <div role="alert" className="flex flex-wrap gap-x-6 gap-y-1 border-b border-hair bg-wash px-6 py-2 max-sm:px-4">
      <span>{save.says}</span>
      {save.state === 'stale' && (
        <>
          <button type="button" className="cursor-pointer text-blue underline" onClick={reload}>
            Show what stands now
          </button>
          {save.stands !== undefined && (
            <button type="button" className="cursor-pointer text-blue underline" onClick={keepMine}>
              Put mine in its place
            </button>
          )}
        </>
      )}
    </div>
  );
}

/** A tab closed with changes that nobody has yet is asked about first. */
function useLeaveGuard(): void {
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => {
      const state = useOpenBuild.getState().open?.save.state;
      if (state !== undefined && state !== 'kept') event.preventDefault();
    };
    addEventListener('beforeunload', ask);
    return () => removeEventListener('beforeunload', ask);
  }, []);
}

function Message({ says }: { says: string }) {
  return (
    <>
      <PageHead />
      <p className="mx-6 mt-6">{says}</p>
    </>
  );
}
