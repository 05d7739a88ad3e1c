import type { StoredBuild } from '@hobrek/contracts';
import { useQuery } from '@tanstack/react-query';
import { type ComponentType, memo, type ReactNode, useCallback, useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { OpenBuildHere, useDocument, useOpen } from '../../open-build/here.js';
import { isSafe } from '../../open-build/journal.js';
import { loadTools } from '../../open-build/loaded-tools.js';
import { MergeConflict } from '../../open-build/merge-conflict.js';
import { SaveWord } from '../../open-build/save-word.js';
import type { Stop } from '../../open-build/stop.js';
import { UndoKeys } from '../../open-build/undo-keys.js';
import { useOpened } from '../../open-build/use-opened.js';
import { ask } from '../../shared/ask.js';
import { OneStop } from '../../shared/one-stop.js';
import { PageHead } from '../../shared/page-head.js';
import { PreferencesSheet } from '../../shared/preferences-sheet.js';
import { CommandList, fetchCommands } from './command-list.js';
import { Lines } from './lines.js';
import { MachineStrip } from './machine-strip.js';
import { usePathKeys } from './path-keys.js';
import { usePlaceInAddress } from './place-in-address.js';
import { Sentence } from './sentence.js';
import { StopLink } from './stop-link.js';
import { TakeAway } from './take-away.js';
import { Thumbs } from './thumbs.js';
import { UnitsChoice } from './units-choice.js';
import { Unread } from './unread.js';
import { useRounds } from './use-rounds.js';
import { WhyWorst } from './why-worst.js';

/** One build at one of its stops, under what stays: its name, the stops, one sentence and the machine. */
export function BuildFrame({ stops, meanwhile }: { stops: readonly Stop[]; meanwhile: ReactNode }) {
  const { id = '', stop: path = '' } = useParams();
  const stored = useQuery({
    queryKey: ['build', id],
    queryFn: () => ask<StoredBuild>(`builds/${id}`),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const open = useOpened(stored.data);
  const stop = stops.find((each) => each.path === path);
  const Content = usePageOf(stop, stops, open !== null);
  if (!stop) return <Message says="There is no such stop of the work." />;
  if (stored.error) return <Message says={stored.error.message} />;
  if (Content === 'away') return <Message says="This page did not come: the server does not answer. Load it again when it does." />;
  // The first page is seen whole. On the way to another one, what is the same for all of them stays: a key that is pressed meanwhile is heard.
  if (!open || (!Content && loaded.size === 0)) return meanwhile ?? <Message says="" />;
  return (
    <OpenBuildHere key={id} open={open}>
      <Page stops={stops} stop={stop}>
        {Content && <Content />}
      </Page>
    </OpenBuildHere>
  );
}

function Page({ stops, stop, children }: { stops: readonly Stop[]; stop: Stop; children: ReactNode }) {
  useLeaveGuard();
  usePlaceInAddress(stop, stops);
  usePathKeys();
  useRounds();
  return (
    // Above the thumbs a page can be scrolled to its end.
    <div className="flex min-h-dvh flex-col max-sm:pb-[4.5rem]">
      <a href="#content" className="sr-only focus:not-sr-only focus:px-6 focus:py-2">
        To what is entered here
      </a>
      <div className="stays">
        <Head stops={stops} isFirst={stop.path === ''} />
        <Stops stops={stops} />
        <MergeConflict />
        <section data-round="machine" className="px-6 pt-1 max-sm:px-4" aria-label="how it is, and the machine">
          <Sentence stop={stop} />
          {stop.machine === 'strip' && (
            // On a phone the machine has a place of its own.
            <div className="max-sm:hidden">
              <MachineStrip />
            </div>
          )}
        </section>
      </div>
      <main id="content" data-round="content" tabIndex={-1} className="flex grow flex-col outline-none">
        {children}
      </main>
      <Thumbs stops={stops} />
    </div>
  );
}

/** Name, saving, and what is done with the build as a whole: the same at every stop and for every part that is picked. */
const Head = memo(function Head({ stops, isFirst }: { stops: readonly Stop[]; isFirst: boolean }) {
  return (
    <PageHead
      isRuled={false}
      isRoomy={false}
      hasCommands={false}
      end={
        <>
          <SaveWord />
          <Unread />
          <OneStop role="toolbar" aria-label="the build as a whole" className="flex items-baseline gap-5">
            <UndoKeys />
            <div className="contents max-sm:hidden">
              <WhyWorst hasKey />
              <CommandList stops={stops} />
              <TakeAway />
              <PreferencesSheet />
              <div className="contents max-lg:hidden">
                <UnitsChoice />
              </div>
            </div>
          </OneStop>
        </>
      }
    >
      <BuildName isHere={isFirst} />
    </PageHead>
  );
});

const loaded = new Map<Stop, ComponentType>();

/** So long after a page is there the others are fetched, and last what is heavy of them, so that they are there when the machine is gone. */
const [othersAfter_ms, heavyAfter_ms] = [1_000, 8_000];

/** The page of a stop, once its code is there, or that it could not come. The other pages come once this one is seen, those with charts last. */
function usePageOf(stop: Stop | undefined, stops: readonly Stop[], isSeen: boolean): ComponentType | 'away' | null {
  const [, setLoaded] = useState(loaded.size);
  const [away, setAway] = useState<Stop | null>(null);
  const load = useCallback(
    (each: Stop) =>
      // Where something is entered, the tools of its kind are beside it.
      Promise.all([each.load(), each.of && loadTools()]).then(
        ([page]) => {
          loaded.set(each, page);
          setLoaded(loaded.size);
        },
        () => setAway(each),
      ),
    [],
  );
  useEffect(() => {
    if (stop) void load(stop);
  }, [stop, load]);
  useEffect(() => {
    if (!isSeen) return undefined;
    const fetchAll = (areHeavy: boolean) => () => {
      for (const each of stops) if ((each.hasCharts === true) === areHeavy) void load(each);
      if (!areHeavy) fetchCommands();
    };
    const timers = [setTimeout(fetchAll(false), othersAfter_ms), setTimeout(fetchAll(true), heavyAfter_ms)];
    return () => timers.forEach(clearTimeout);
  }, [isSeen, stops, load]);
  if (!stop) return null;
  return loaded.get(stop) ?? (away === stop ? 'away' : null);
}

/** The stops there are, in the order in which people work, each with the worst verdict of what belongs to it; the lines of the build beside them. */
const Stops = memo(function Stops({ stops }: { stops: readonly Stop[] }) {
  return (
    <div data-round="stops" className="flex flex-wrap items-stretch gap-x-8 px-6 max-sm:px-4">
      <nav aria-label="stops" className="scribed grow max-sm:hidden">
        <OneStop className="flex flex-wrap">
          {stops
            .filter(({ beside }) => !beside)
            .map((stop) => (
              <StopLink key={stop.path} stop={stop} stops={stops} />
            ))}
        </OneStop>
      </nav>
      <Lines />
    </div>
  );
});

/** On the first page the name can be changed; elsewhere it leads there. */
function BuildName({ isHere }: { isHere: boolean }) {
  const { id, renamed, fieldLeft } = useOpen();
  const name = useDocument(({ build }) => build.name);
  // While it is being typed it may be empty; the build keeps its last name meanwhile.
  const [typing, setTyping] = useState<string | null>(null);
  return (
    <h1 className="font-head min-w-0 grow basis-32 text-2xl">
      <title>{`${name} · Hobrek`}</title>
      {isHere ? (
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
      ) : (
        <Link to={`/builds/${id}`} className="block truncate hover:underline">
          {name}
        </Link>
      )}
    </h1>
  );
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
      <PageHead hasCommands={false} />
      <main className="mx-6 mt-6 max-sm:mx-4">
        {says && (
          <>
            <title>Not here · Hobrek</title>
            <h1 className="font-head text-2xl">This build is not on the page</h1>
            <p className="mt-1">{says}</p>
            <p className="mt-1">
              <Link to="/" className="text-blue underline">
                See all builds
              </Link>
            </p>
          </>
        )}
      </main>
    </>
  );
}
