import type { StoredBuild } from '@hobrek/contracts';
import { kindHead } from '@hobrek/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { NavLink, Outlet, useParams, useSearchParams } from 'react-router';
import { focusField } from '../../open-build/focus-field.js';
import { OpenBuildHere, useDocument, useOpen } from '../../open-build/here.js';
import { useLine } from '../../open-build/in-sight.js';
import { isSafe } from '../../open-build/journal.js';
import { MergeConflict } from '../../open-build/merge-conflict.js';
import { SaveWord } from '../../open-build/save-word.js';
import { UndoKeys } from '../../open-build/undo-keys.js';
import { useOpened } from '../../open-build/use-opened.js';
import { ask } from '../../shared/ask.js';
import { PageHead } from '../../shared/page-head.js';
import { PreferencesSheet } from '../../shared/preferences-sheet.js';
import { CommandList } from './command-list.js';
import { Lines } from './lines.js';
import { PowerPath } from './power-path.js';
import { Sentence } from './sentence.js';
import { TakeAway } from './take-away.js';

/** One build on one screen: the sentence, the power path to scale, the ledger and the bench. */
export function SheetPage() {
  const { id = '' } = useParams();
  const stored = useQuery({
    queryKey: ['build', id],
    queryFn: () => ask<StoredBuild>(`builds/${id}`),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const open = useOpened(stored.data);
  if (stored.error) return <Message says={stored.error.message} />;
  if (!open) return <Message says="" />;
  return (
    <OpenBuildHere key={id} open={open}>
      <Page />
    </OpenBuildHere>
  );
}

function Page() {
  useLeaveGuard();
  useField();
  return (
    <div className="flex min-h-dvh flex-col">
      <PageHead
        end={
          <>
            <SaveWord />
            <UndoKeys />
            <CommandList />
            <TakeAway />
            <PreferencesSheet />
          </>
        }
      >
        <BuildName />
        <Stops />
      </PageHead>
      <MergeConflict />
      <main className="flex grow flex-col">
        <section className="px-6 pt-4 max-sm:px-4">
          <Lines />
          <Sentence />
          <PowerPath />
        </section>
        <Outlet />
      </main>
    </div>
  );
}

/** The stops there are, in the order in which people work. */
function Stops() {
  const { id } = useOpen();
  const stop = ({ isActive }: { isActive: boolean }) =>
    `font-head min-w-6 text-center text-lg ${isActive ? 'border-b-[3px] border-brass' : 'text-soft hover:text-ink'}`;
  return (
    <nav aria-label="stops" className="flex gap-4">
      <NavLink to={`/builds/${id}/brief`} className={stop}>
        Brief
      </NavLink>
      <NavLink to={`/builds/${id}`} end className={stop}>
        Sheet
      </NavLink>
      <NavLink to={`/builds/${id}/motor`} className={stop}>
        <SourceName />
      </NavLink>
      <NavLink to={`/builds/${id}/log`} className={stop}>
        Log
      </NavLink>
    </nav>
  );
}

/** What the source is called: a motor, an engine, a crank. */
function SourceName() {
  const noun = useLine(({ source }) => kindHead('source', source.kind)?.noun) ?? 'source';
  return noun.charAt(0).toUpperCase() + noun.slice(1);
}

function BuildName() {
  const { renamed, fieldLeft } = useOpen();
  const name = useDocument(({ build }) => build.name);
  // While it is being typed it may be empty; the build keeps its last name meanwhile.
  const [typing, setTyping] = useState<string | null>(null);
  return (
    <h1 className="font-head min-w-0 grow text-2xl">
      <title>{`${name} · Hobrek`}</title>
      <input
        aria-label="name of the build"
        value={typing ?? name}
        maxLength={120}
        className="w-full bg-transparent outline-none focus-visible:bg-wash"
        onChange={(event) => {
          setTyping(event.target.value === '' ? '' : null);
          renamed(event.target.value);
        }}
        onBlur={() => {
          setTyping(null);
          fieldLeft();
        }}
      />
    </h1>
  );
}

/** Who comes from another page to enter something finds its field: `?at=main/source/power`. */
function useField(): void {
  const open = useOpen();
  const [search, setSearch] = useSearchParams();
  const at = search.get('at');
  useEffect(() => {
    if (!at) return undefined;
    const timer = setTimeout(() => {
      focusField(open, at);
      setSearch({}, { replace: true });
    });
    return () => clearTimeout(timer);
  }, [open, at, setSearch]);
}

/** What is not kept yet is in this device's journal; only where that failed is a tab asked about before it closes. */
function useLeaveGuard(): void {
  const { saving } = useOpen();
  useEffect(() => {
    const guard = (event: BeforeUnloadEvent) => {
      if (!isSafe() && saving.getState().state !== 'kept') event.preventDefault();
    };
    addEventListener('beforeunload', guard);
    return () => removeEventListener('beforeunload', guard);
  }, [saving]);
}

function Message({ says }: { says: string }) {
  return (
    <>
      <PageHead />
      <p className="mx-6 mt-6">{says}</p>
    </>
  );
}
