import type { StoredBuild } from '@hobrek/contracts';
import { bestFirst, type InPlace, type WouldDrive } from '@hobrek/core';
import { startTransition, useEffect, useRef, useState } from 'react';
import { afterFrame } from '../shared/after-frame.js';
import { ask } from '../shared/ask.js';
import { useUnits } from '../shared/preferences.js';
import { buildsTried, stopWorks, worksTried } from './tried.js';
import { portionAt } from './try-ahead.js';

export interface Drives {
  readonly rows: readonly WouldDrive[];
  /** Whether there is more to come. */
  readonly isGoing: boolean;
  /** Why builds are missing, in words. */
  readonly failed: string;
  readonly stop: () => void;
}

/** Without a change for so long there is time to try it; the first is tried at once. */
const pause_ms = 200;
/** So many portions are under way together: a worker for each that there is, and one that is ready. */
const ahead = 4;

/** All builds, a portion at every call and null behind the last; while one is waited for the next is on its way. */
function fetchedAhead(signal: AbortSignal): () => Promise<readonly StoredBuild[] | null> {
  let from = 0;
  const begin = () => {
    const many = portionAt(from);
    const builds = ask<StoredBuild[]>(`builds/whole?from=${from}&many=${many}`, { signal });
    // Why it failed is told to who waits for it.
    builds.catch(() => {});
    from += many;
    return { many, builds };
  };
  const coming = [begin(), begin()];
  return async () => {
    const next = coming.shift();
    if (!next) return null;
    const builds = await next.builds;
    if (builds.length === next.many) coming.push(begin());
    else coming.length = 0;
    return builds;
  };
}

interface Found {
  readonly of: InPlace;
  readonly rows: readonly WouldDrive[];
  readonly isGoing: boolean;
  readonly failed: string;
}
const nothing: Omit<Found, 'of'> = { rows: [], isGoing: true, failed: '' };

/** What a motor would drive, worked out beside the page as far as it goes: kinds of work first, then all builds but the one that is open. */
export function useDrives(motor: InPlace | null, without: string): Drives {
  const units = useUnits();
  const [found, setFound] = useState<Found | null>(null);
  const [stopping, setStopping] = useState(() => new AbortController());
  const isFirst = useRef(true);
  useEffect(() => {
    if (!motor) return undefined;
    const ending = new AbortController();
    setStopping(ending);
    const { signal } = ending;
    const add = (rows: readonly WouldDrive[], isGoing: boolean, failed = '') =>
      setFound((before) => {
        const { rows: there, failed: was } = before?.of === motor ? before : nothing;
        // A build that is saved meanwhile moves the others on: one that came already comes again.
        const fresh = rows.filter(({ id, line }) => id === null || !there.some((row) => row.id === id && row.line === line));
        return { of: motor, rows: bestFirst([...there, ...fresh]), isGoing: isGoing && !was, failed: failed || was };
      });
    const all = async () => {
      setFound({ of: motor, ...nothing });
      const going: Promise<void>[] = [];
      const also = (tried: Promise<readonly WouldDrive[]>) => {
        const told = tried.then((rows) => {
          if (signal.aborted) return;
          // Of a hundred rows no key has to wait for all; the first are waited for.
          if (told === going[0]) add(rows, true);
          else startTransition(() => add(rows, true));
        });
        // Why it failed is told with the others, below.
        told.catch(() => {});
        going.push(told);
      };
      for (const works of worksTried(motor, units)) also(works);
      // Nothing is fetched before the first are seen: on two cores that would keep them waiting.
      await going[0];
      await new Promise<void>((done) => afterFrame(done));
      const fetched = fetchedAhead(signal);
      for (let builds = await fetched(); builds !== null; builds = await fetched()) {
        const others = builds.filter(({ id }) => id !== without);
        if (others.length > 0) also(buildsTried(motor, units, others, signal));
        await going.at(-ahead);
      }
      await Promise.all(going);
      add([], false);
    };
    const begin = () => {
      isFirst.current = false;
      all().catch((error: Error) => {
        if (signal.aborted) setFound((now) => now && (now.of === motor ? { ...now, isGoing: false } : now));
        else {
          stopWorks();
          ending.abort(error);
          add([], false, error.message);
        }
      });
    };
    // The page is there first.
    const timer = setTimeout(begin, isFirst.current ? 0 : pause_ms);
    return () => {
      clearTimeout(timer);
      ending.abort(new DOMException('Another motor is tried', 'AbortError'));
    };
  }, [motor, units, without]);
  const { rows, isGoing, failed } = found && found.of === motor ? found : nothing;
  const stop = () => {
    stopWorks();
    stopping.abort(new DOMException('It was stopped', 'AbortError'));
  };
  return { rows, isGoing: isGoing && motor !== null, failed, stop };
}
