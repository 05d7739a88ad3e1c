import type { StoredBuild } from '@hobrek/contracts';
import { useEffect, useState } from 'react';
import { type OpenBuild, openBuild } from './open-build.js';

/** A stored build, open on this page for as long as it is shown here. @returns null until its kinds are loaded */
export function useOpened(stored: StoredBuild | undefined): OpenBuild | null {
  const [open, setOpen] = useState<OpenBuild | null>(null);
  useEffect(() => {
    if (!stored) return undefined;
    let isLeft = false;
    const opening = openBuild(stored).then((now) => {
      if (!isLeft) setOpen(now);
      return now;
    });
    return () => {
      isLeft = true;
      setOpen(null);
      void opening.then((now) => now.close());
    };
  }, [stored]);
  return open?.id === stored?.id ? open : null;
}
