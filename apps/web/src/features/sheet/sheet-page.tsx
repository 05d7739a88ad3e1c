import type { StoredBuild } from '@hobrek/contracts';
import { lineOf } from '@hobrek/core';
import { useQuery } from '@tanstack/react-query';
import { type ComponentType, type ReactNode, useEffect, useState } from 'react';
import { NavLink, useParams, useSearchParams } from 'react-router';
import { focusField } from '../../open-build/focus-field.js';
import { OpenBuildHere, useDocument, useOpen, useSession } from '../../open-build/here.js';
import { useFollowed, useLine } from '../../open-build/in-sight.js';
import { isSafe } from '../../open-build/journal.js';
import { MergeConflict } from '../../open-build/merge-conflict.js';
import { SaveWord } from '../../open-build/save-word.js';
import type { Stop } from '../../open-build/stop.js';
import { UndoKeys } from '../../open-build/undo-keys.js';
import { useOpened } from '../../open-build/use-opened.js';
import { ask } from '../../shared/ask.js';
import { PageHead } from '../../shared/page-head.js';
import { PreferencesSheet } from '../../shared/preferences-sheet.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { CommandList } from './command-list.js';
import { Lines } from './lines.js';
import { MachineStrip } from './machine-strip.js';
import { PowerPath } from './power-path.js';
import { Sentence } from './sentence.js';
import { TakeAway } from './take-away.js';

/** One build at one of its stops, under what stays: its name, the stops, one sentence and the machine. */
export function SheetPage({ stops }: { stops: readonly Stop[] }) {
  const { id = '', stop: path = '' } = useParams();
  const stored = useQuery({
    queryKey: ['build', id],
    queryFn: () => ask<StoredBuild>(`builds/${id}`),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const open = useOpened(stored.data);
  const stop = stops.find((each) => each.path === path);
  const Content = usePageOf(stop, stops);
  if (!stop) return <Message says="There is no such stop of the work." />;
  if (stored.error) return <Message says={stored.error.message} />;
  if (Content === 'away') return <Message says="This page did not come: the server does not answer. Load it again when it does." />;
  if (!open || !Content) return <Message says="" />;
  return (
    <OpenBuildHere key={id} open={open}>
      <Page stops={stops} stop={stop}>
        <Content />
      </Page>
    </OpenBuildHere>
  );
}

function Page({ stops, stop, children }: { stops: readonly Stop[]; stop: Stop; children: ReactNode }) {
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
        <Stops stops={stops} />
      </PageHead>
      <MergeConflict />
      <main className="flex grow flex-col">
        <section className="px-6 pt-4 max-sm:px-4">
          <Lines />
          <Sentence isShort={stop.machine === 'strip' || stop.path === 'overview'} />
          {stop.machine === 'whole' ? <PowerPath /> : <MachineStrip />}
        </section>
        {children}
      </main>
    </div>
  );
}

const loaded = new Map<Stop, ComponentType>();

/** The page of a stop, once its code is there, or that it could not come; the pages of the other stops come in meanwhile. */
function usePageOf(stop: Stop | undefined, stops: readonly Stop[]): ComponentType | 'away' | null {
  const [, setLoaded] = useState(loaded.size);
  const [away, setAway] = useState<Stop | null>(null);
  useEffect(() => {
    for (const each of stop ? [stop, ...stops] : stops) {
      each.load().then(
        (page) => {
          loaded.set(each, page);
          setLoaded(loaded.size);
        },
        () => setAway(each),
      );
    }
  }, [stop, stops]);
  if (!stop) return null;
  return loaded.get(stop) ?? (away === stop ? 'away' : null);
}

/** The stops there are, in the order in which people work, each with the worst verdict of what belongs to it. */
function Stops({ stops }: { stops: readonly Stop[] }) {
  return (
    <nav aria-label="stops" className="flex flex-wrap gap-x-4">
      {stops.map((stop) => (
        <StopLink key={stop.path} stop={stop} />
      ))}
    </nav>
  );
}

function StopLink({ stop }: { stop: Stop }) {
  const { id } = useOpen();
  const name = useLine((line) => stop.name(line));
  const shown = useSession(({ line }) => line);
  const mark = useFollowed(true, (derived) => stop.mark?.(derived, lineOf(derived.build, shown)) ?? null);
  return (
    <NavLink
      to={`/builds/${id}${stop.path ? `/${stop.path}` : ''}`}
      end
      className={({ isActive }) =>
        `font-head min-w-6 text-center text-lg whitespace-nowrap ${isActive ? 'border-b-[3px] border-brass' : 'text-soft hover:text-ink'}`
      }
    >
      {name} {mark && <VerdictMark verdict={mark} />}
    </NavLink>
  );
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
