import { type Build, type Found, lineOf, type OwnPart, type Reserved, withoutPartsList } from '@hobrek/core';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import { useUnits } from '../../shared/preferences.js';
import { workOut } from '../../workers/calculator.js';

/** Without a change for so long it is looked for; at the first look at once. */
const pause_ms = 80;

export interface Finding {
  /** The newest that is known; of what was asked before while there is nothing newer. */
  readonly found: Found | null;
  readonly isGoing: boolean;
  /** Share that is done, from 0 to 1. */
  readonly share: number;
  readonly failed: string;
  readonly stop: () => void;
}

/** What could lie between motor and tool of a line, looked for beside the page: a few soon, then all; begun again when what it hangs on changes. */
export function useFound(
  build: Build,
  line: string,
  { own, reserved }: { readonly own: readonly OwnPart[] | null; readonly reserved: readonly Reserved[] | null },
  pinned: readonly string[],
): Finding {
  const units = useUnits();
  const [found, setFound] = useState<Found | null>(null);
  const [going, setGoing] = useState<number | null>(0);
  const [failed, setFailed] = useState('');
  const isFirst = useRef(true);
  const [stopping, setStopping] = useState(() => new AbortController());
  // What is between them now, notes and name change nothing of it.
  const { source, work } = lineOf(build, line);
  const { supply, wishes } = build;
  const { finder } = withoutPartsList(build);
  const asked = useMemo(
    () => JSON.stringify([source, work, supply, wishes, finder, own, reserved, pinned]),
    [source, work, supply, wishes, finder, own, reserved, pinned],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: `asked` is all of the build and the drawer that counts
  const given = useMemo(() => (own && reserved ? { build, line, own, reserved, units, pinned } : null), [asked, line, units]);
  useEffect(() => {
    if (!given) return undefined;
    const ending = new AbortController();
    setStopping(ending);
    const { signal } = ending;
    setFailed('');
    setGoing(0);
    const all = async () => {
      const quick = await workOut('find', { ...given, isQuick: true }, { signal });
      // Drawn in slices: a key that is pressed meanwhile comes first.
      if (quick.proposals.length > 0 || quick.missing.length > 0) startTransition(() => setFound(quick));
      const whole = await workOut('find', given, { signal, progress: setGoing });
      startTransition(() => {
        setFound(whole);
        setGoing(null);
      });
    };
    const pause = isFirst.current ? 0 : pause_ms;
    isFirst.current = false;
    const timer = setTimeout(() => {
      all().catch((error: Error) => {
        if (!signal.aborted) setFailed(error.message);
        if (!signal.aborted || (signal.reason as Error).name === 'StopError') setGoing(null);
      });
    }, pause);
    return () => {
      clearTimeout(timer);
      ending.abort(new DOMException('Something else is looked for', 'AbortError'));
    };
  }, [given]);
  return {
    found,
    isGoing: going !== null,
    share: going ?? 1,
    failed,
    stop: () => stopping.abort(Object.assign(new Error('It was stopped'), { name: 'StopError' })),
  };
}
