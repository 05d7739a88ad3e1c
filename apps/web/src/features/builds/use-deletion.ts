import type { ListedBuild } from '@hobrek/contracts';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ask } from '../../shared/ask.js';

/** How long a deleted build can still be had back, ms. */
const grace_ms = 8_000;

export interface Deletion {
  /** Out of the list, and not yet gone. */
  readonly leaving: ListedBuild | null;
  readonly failed: string;
  readonly remove: (build: ListedBuild) => void;
  readonly undo: () => void;
}

const send = (build: ListedBuild, keepalive = false) =>
  ask<void>(`builds/${build.id}`, { method: 'DELETE', headers: { 'if-match': `"${build.version}"` }, keepalive });

/** Deleting takes a build out of the list at once and from the shed after a while, or when the page is left; until then it can be undone whole, log and all. */
export function useDeletion(done: () => void): Deletion {
  const [leaving, setLeaving] = useState<ListedBuild | null>(null);
  const [failed, setFailed] = useState('');
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const due = useRef<ListedBuild | null>(null);

  const finish = useCallback(
    async (keepalive: boolean) => {
      clearTimeout(timer.current);
      const build = due.current;
      if (!build) return;
      due.current = null;
      setLeaving(null);
      await send(build, keepalive).catch((error: Error) => setFailed(`${build.name} was not deleted: ${error.message}`));
      done();
    },
    [done],
  );

  useEffect(() => {
    const leave = () => void finish(true);
    addEventListener('pagehide', leave);
    return () => {
      removeEventListener('pagehide', leave);
      leave();
    };
  }, [finish]);

  const remove = (build: ListedBuild) => {
    void finish(false);
    setFailed('');
    due.current = build;
    setLeaving(build);
    timer.current = setTimeout(() => void finish(false), grace_ms);
  };
  const undo = () => {
    clearTimeout(timer.current);
    due.current = null;
    setLeaving(null);
  };
  return { leaving, failed, remove, undo };
}
