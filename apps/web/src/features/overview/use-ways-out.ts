import type { Build, WayOut } from '@hobrek/core';
import { useEffect, useState } from 'react';
import { useUnits } from '../../shared/preferences.js';
import { newest, workOut } from '../../workers/calculator.js';

type WaysOut = Readonly<Record<string, WayOut>>;
const none: WaysOut = {};

/** Without a change for so long there is time to try what would do against each check. */
const pause_ms = 150;

/** What would do against each of the worst checks, worked out beside the page; none of it until there was time, and for a build that has changed since. */
export function useWaysOut(build: Build, most: number): WaysOut {
  const units = useUnits();
  const [found, setFound] = useState<{ readonly of: Build; readonly waysOut: WaysOut }>();
  useEffect(() => {
    const trying = newest();
    const timer = setTimeout(() => {
      const signal = trying.begin();
      // That it could not be tried is no news to the person.
      workOut('waysOut', { build, units, most }, { signal }).then(
        (waysOut) => !signal.aborted && setFound({ of: build, waysOut }),
        () => undefined,
      );
    }, pause_ms);
    return () => {
      clearTimeout(timer);
      trying.stop();
    };
  }, [build, units, most]);
  return found?.of === build ? found.waysOut : none;
}
