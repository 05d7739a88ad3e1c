import type { Drawer } from '@hobrek/contracts';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { AskError, ask, send } from '../../shared/ask.js';

/** Without a key for so long it is kept. */
const pause_ms = 700;

export interface DrawerHere {
  /** Null until it is there. */
  readonly text: string | null;
  readonly typed: (text: string) => void;
  /** Whether all of it is kept, or why not. */
  readonly says: string;
  /** What another device has put in meanwhile; null where nobody did. */
  readonly theirs: string | null;
  readonly take: (whose: 'mine' | 'theirs') => void;
}

/** The drawer of the workshop: kept by the server as it is typed, never over what another device has put in meanwhile. */
export function useDrawer(): DrawerHere {
  const [text, setText] = useState<string | null>(null);
  const [says, setSays] = useState('');
  const [theirs, setTheirs] = useState<Drawer | null>(null);
  const version = useRef(0);
  const waiting = useRef<{ readonly text: string; readonly timer: ReturnType<typeof setTimeout> } | null>(null);
  const saving = useRef<Promise<void>>(Promise.resolve());

  useEffect(() => {
    ask<Drawer>('drawer').then(
      (drawer) => {
        version.current = drawer.version;
        setText((now) => now ?? drawer.text);
      },
      (error: Error) => {
        setSays(`${error.message} The drawer is not here; what is typed now is not kept.`);
        setText((now) => now ?? '');
      },
    );
  }, []);

  const keep = useCallback((now: string) => {
    waiting.current = null;
    // One after the other: each starts from the version that the one before it made.
    saving.current = saving.current.then(() =>
      send<Drawer>('PUT', 'drawer', { text: now }, { 'if-match': `"${version.current}"` }).then(
        (saved) => {
          version.current = saved.version;
          setSays(waiting.current ? 'keeping …' : 'kept');
        },
        async (error: Error) => {
          if (error instanceof AskError && error.problem?.code === 'drawer-stale') {
            setTheirs(await ask<Drawer>('drawer').catch(() => null));
            setSays('Another device has changed the drawer.');
          } else setSays(`${error.message} It is not kept yet.`);
        },
      ),
    );
  }, []);

  // Whoever goes on to another page has what was typed kept at once.
  useEffect(
    () => () => {
      if (!waiting.current) return;
      clearTimeout(waiting.current.timer);
      keep(waiting.current.text);
    },
    [keep],
  );

  const typed = useCallback(
    (now: string) => {
      setText(now);
      setSays('keeping …');
      if (waiting.current) clearTimeout(waiting.current.timer);
      waiting.current = { text: now, timer: setTimeout(() => keep(now), pause_ms) };
    },
    [keep],
  );
  const take = useCallback(
    (whose: 'mine' | 'theirs') => {
      if (!theirs) return;
      version.current = theirs.version;
      setTheirs(null);
      if (whose === 'mine') keep(text ?? '');
      else {
        setText(theirs.text);
        setSays('kept');
      }
    },
    [keep, text, theirs],
  );
  return useMemo(() => ({ text, says, theirs: theirs?.text ?? null, typed, take }), [text, says, theirs, typed, take]);
}
