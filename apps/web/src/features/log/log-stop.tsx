import type { BuildLog, Note, Revision } from '@hobrek/contracts';
import { type Build, compareBuilds, describeChange, evaluateBuild, loadKinds, type UnitHabit } from '@hobrek/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useDocument, useOpen, useSaving } from '../../open-build/here.js';
import { ask } from '../../shared/ask.js';
import { when } from '../../shared/dates.js';
import { useUnits } from '../../shared/preferences.js';
import { takeFile } from '../../shared/take-file.js';
import { unbroken } from '../../shared/unbroken.js';
import { logAsMarkdown } from './log-as-markdown.js';
import { Notes } from './notes.js';

/** What was done to the build and what was written down about it, newest first. */
export function LogStop() {
  const { id = '' } = useParams();
  const { broughtBack } = useOpen();
  const saved = useSaving(({ state }) => state === 'kept');
  const log = useQuery({
    queryKey: ['log', id, saved],
    queryFn: () => ask<BuildLog>(`builds/${id}/log`),
    staleTime: 0,
    gcTime: 0,
    placeholderData: (before) => before,
  });
  const bringBack = useMutation({ mutationFn: (version: number) => ask<Build>(`builds/${id}/revisions/${version}`), onSuccess: broughtBack });
  const newest = log.data?.revisions[0]?.version;
  const [find, setFind] = useState('');
  const [pair, setPair] = useState<readonly number[]>([]);
  // The two chosen last.
  const mark = (version: number) => setPair((now) => (now.includes(version) ? now.filter((each) => each !== version) : [...now, version].slice(-2)));
  return (
    <div className="grid grow grid-cols-[minmax(0,11fr)_minmax(0,9fr)] border-t border-ink max-lg:grid-cols-1">
      <section className="px-6 py-3 max-sm:px-4">
        <div className="flex flex-wrap items-baseline justify-between gap-x-4">
          <h2 className="font-head text-lg tracking-wide uppercase">
            Log <span className="font-text text-sm tracking-normal text-soft normal-case">what changed, newest first; any state can be restored</span>
          </h2>
          {log.data && <TakeLog id={id} log={log.data} />}
        </div>
        {(log.data?.revisions.length ?? 0) > fewRevisions && (
          <input
            type="search"
            aria-label="find in the log"
            placeholder="find what changed, when, by whom"
            value={find}
            onChange={(event) => setFind(event.target.value)}
            className="mt-1 w-72 max-w-full border-b border-ink bg-transparent py-0.5 outline-none placeholder:text-soft focus:bg-wash"
          />
        )}
        {pair.length === 2 && <Between id={id} versions={pair} close={() => setPair([])} />}
        {(log.error ?? bringBack.error) && <p className="text-fails-word">{(log.error ?? bringBack.error)?.message}</p>}
        <ol className="mt-2">
          {log.data?.revisions.filter(holds(find)).map((revision) => (
            <RevisionRow
              key={revision.version}
              revision={revision}
              marked={pair.includes(revision.version)}
              mark={() => mark(revision.version)}
              back={revision.version === newest ? null : () => bringBack.mutate(revision.version)}
            />
          ))}
        </ol>
      </section>
      <Notes id={id} notes={log.data?.notes ?? []} older={log.data?.olderNotes ?? 0} />
    </div>
  );
}

/** A log of no more states is seen at a glance. */
const fewRevisions = 5;

/** Whether a state has every word that is looked for: in what changed, when, by whom. */
const holds = (find: string) => {
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  return ({ changes, savedAt, by }: Revision): boolean => {
    const text = `${changes.join(' ')} ${when(savedAt)} ${by}`.toLowerCase();
    return words.every((word) => text.includes(word));
  };
};

/** The log with every note there is, however many. */
async function whole(id: string, log: BuildLog): Promise<BuildLog> {
  const notes = [...log.notes];
  while (notes.length < log.notes.length + log.olderNotes) {
    const next = await ask<Note[]>(`builds/${id}/notes?from=${notes.length}`);
    if (next.length === 0) break;
    notes.push(...next);
  }
  return { ...log, notes };
}

function TakeLog({ id, log }: { id: string; log: BuildLog }) {
  const name = useDocument(({ build }) => build.name);
  const take = useMutation({
    mutationFn: () => whole(id, log),
    onSuccess: (all) => takeFile(name, '-log.md', 'text/markdown', logAsMarkdown(name, all)),
  });
  return (
    <button type="button" className="min-h-6 cursor-pointer text-sm text-blue underline" onClick={() => take.mutate()}>
      {take.error ? `not taken: ${take.error.message}` : 'take it as text'}
    </button>
  );
}

/** Two states laid beside each other: what it takes to come from the older to the newer, in words. */
function Between({ id, versions, close }: { id: string; versions: readonly number[]; close: () => void }) {
  const [from = 0, to = 0] = [...versions].sort((a, b) => a - b);
  const units = useUnits();
  const state = (version: number) => ask<Build>(`builds/${id}/revisions/${version}`);
  const found = useQuery({
    queryKey: ['between', id, from, to, units],
    queryFn: async () => {
      const [before, after] = await Promise.all([state(from), state(to)]);
      return { changes: describeChange(before, after), better: await betterOf(before, after, units) };
    },
    gcTime: 0,
  });
  return (
    <section aria-label="between the two" className="mt-2 border border-brass bg-sheet px-4 py-2">
      <div className="flex items-baseline justify-between">
        <h3 className="font-semibold">From the older to the newer</h3>
        <button type="button" className="cursor-pointer text-sm text-blue underline" onClick={close}>
          close
        </button>
      </div>
      {found.error && <p className="text-fails-word">{found.error.message}</p>}
      <ul>
        {found.data?.changes.map((words) => (
          <li key={words}>{unbroken(words)}</li>
        ))}
      </ul>
      {found.data?.changes.length === 0 ? <p>They are the same.</p> : found.data && <p className="mt-1">{unbroken(found.data.better)}</p>}
    </section>
  );
}

/** Which of two states is better, and in what. */
async function betterOf(before: Build, after: Build, units: UnitHabit): Promise<string> {
  const worked = async (build: Build) => ({ build, evaluation: evaluateBuild(build, await loadKinds(build)) });
  const [older, newer] = await Promise.all([worked({ ...before, name: 'older state' }), worked({ ...after, name: 'newer state' })]);
  return compareBuilds(older, newer, units).better;
}

interface RevisionShown {
  readonly revision: Revision;
  readonly back: (() => void) | null;
  /** Chosen to be compared with another. */
  readonly marked: boolean;
  readonly mark: () => void;
}

function RevisionRow({ revision: { changes, savedAt, by }, back, marked, mark }: RevisionShown) {
  return (
    <li className="grid grid-cols-[1fr_auto] gap-x-4 border-b border-hair py-2">
      <p>{unbroken(changes.join('; ') || 'Kept as it was')}</p>
      {back && (
        <button type="button" className="cursor-pointer text-sm text-blue underline" onClick={back}>
          restore this
        </button>
      )}
      <p className="col-start-1 text-sm text-soft">
        {when(savedAt)}
        {by && `, ${by}`}
        <label className="ml-4 cursor-pointer">
          <input type="checkbox" checked={marked} onChange={mark} /> compare
        </label>
      </p>
    </li>
  );
}
