import type { ListedBuild } from '@hobrek/contracts';
import type { Starter } from '@hobrek/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../../shared/ask.js';
import { type Begin, loadStarters } from './use-begin.js';

/** For who does not begin with the work: a motor in hand, a build to copy, a machine laid out as such machines mostly are, a blank sheet. */
export function OtherEnd({ begin, haveMotor }: { begin: Begin; haveMotor: () => void }) {
  const [shown, setShown] = useState<'copy' | 'laid-out' | null>(null);
  const link = 'min-h-7 pointer-coarse:mb-2 w-full cursor-pointer border-b border-hair py-1 text-left text-blue hover:underline';
  return (
    <section aria-label="other beginnings" className="border-l-2 border-brass pl-4">
      <h2 className="font-head tracking-wide uppercase">Or begin at the other end</h2>
      <button type="button" className={link} onClick={haveMotor}>
        I have a motor
      </button>
      <button type="button" className={link} aria-expanded={shown === 'copy'} onClick={() => setShown(shown === 'copy' ? null : 'copy')}>
        I have a build to copy
      </button>
      {shown === 'copy' && <Copies copy={begin.copy} />}
      <button type="button" className={link} aria-expanded={shown === 'laid-out'} onClick={() => setShown(shown === 'laid-out' ? null : 'laid-out')}>
        A machine laid out as such machines mostly are
      </button>
      {shown === 'laid-out' && <LaidOut start={begin.startFrom} />}
      <button type="button" className={link} onClick={() => begin.startFrom('blank')}>
        A blank sheet
      </button>
      {begin.failed && <p className="text-fails-word">{begin.failed}</p>}
    </section>
  );
}

const item = 'min-h-7 pointer-coarse:mb-2 w-full cursor-pointer py-1 pl-4 text-left hover:bg-wash';

function Copies({ copy }: { copy: (listed: ListedBuild) => void }) {
  const builds = useQuery({ queryKey: ['to-copy'], queryFn: () => ask<ListedBuild[]>('builds?from=0'), staleTime: 0 });
  if (builds.error) return <p className="py-1 pl-4 text-fails-word">{builds.error.message}</p>;
  if (builds.data?.length === 0) return <p className="py-1 pl-4 text-soft">The shed is empty: there is none yet.</p>;
  return (
    <ul aria-label="builds to copy" className="max-h-60 overflow-auto">
      {builds.data?.map((listed) => (
        <li key={listed.id}>
          <button type="button" className={item} onClick={() => copy(listed)}>
            {listed.name} <span className="text-sm text-soft">{listed.summary.path}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function LaidOut({ start }: { start: (id: string) => void }) {
  const starters = useQuery({
    queryKey: ['starters'],
    queryFn: async (): Promise<readonly Starter[]> => (await loadStarters()).starters,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <ul aria-label="machines laid out">
      {starters.data
        ?.filter(({ id }) => id !== 'blank')
        .map(({ id, name, says }) => (
          <li key={id}>
            <button type="button" className={item} onClick={() => start(id)}>
              {name} <span className="text-sm text-soft">{says}</span>
            </button>
          </li>
        ))}
    </ul>
  );
}
