import type { ListedBuild } from '@hobrek/contracts';
import { memo } from 'react';
import { Link } from 'react-router';
import { DrawnToScale } from '../../kinds/drawn-to-scale.js';
import { unbroken } from '../../shared/unbroken.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { leaveFrom } from './use-finding.js';

/** What is done to one of the list. */
export interface RowActs {
  readonly remove: (build: ListedBuild) => void;
  readonly copy: (build: ListedBuild) => void;
  readonly lay: (id: string) => void;
}

interface Row {
  readonly listed: ListedBuild;
  readonly acts: RowActs;
  /** The other build to lay it beside; null until one is chosen, and then this may be it. */
  readonly beside: string | null;
}

/** Id of the link that opens a build from its row. */
export const rowLink = (id: string): string => `row-${id}`;

/** One build: drawn, named, with its sentence and what reaches the tool. */
export const BuildRow = memo(function BuildRow({ listed, acts, beside }: Row) {
  const { id, name, summary } = listed;
  return (
    <div className="relative border-b border-hair">
      <Link
        id={rowLink(id)}
        to={`/builds/${id}`}
        onClick={() => leaveFrom(id)}
        className="grid grid-cols-[minmax(0,27rem)_1fr_auto] items-center gap-6 px-6 pt-3 pb-8 pointer-coarse:pb-2 hover:bg-wash max-md:grid-cols-1 max-md:gap-2 max-md:px-4"
      >
        <DrawnToScale name={name} summary={summary} width={400} height={96} />
        <div>
          <h2 className="font-head text-2xl">{name}</h2>
          <p>
            <VerdictMark verdict={summary.verdict} /> <span className="ml-1">{unbroken(summary.says)}</span>
          </p>
          <p className="text-sm text-soft">{summary.path}</p>
        </div>
        <dl className="text-right max-md:flex max-md:gap-4 max-md:text-left">
          {[
            { said: 'speed at the tool', shown: summary.speed, behind: '' },
            { said: 'torque at the tool', shown: summary.torque, behind: ' at the tool' },
          ].map(({ said, shown, behind }) => (
            <div key={said}>
              <dt className="sr-only">{said}</dt>
              <dd>
                {shown ? (
                  <>
                    <span className="text-2xl font-semibold">{shown.number}</span>
                    <span className="text-sm text-soft">
                      {' '}
                      {shown.symbol}
                      {behind}
                    </span>
                  </>
                ) : (
                  <span className="text-sm text-soft">not known yet</span>
                )}
              </dd>
            </div>
          ))}
        </dl>
      </Link>
      <div className="absolute right-6 bottom-2 flex gap-4 pointer-coarse:static pointer-coarse:justify-end pointer-coarse:px-6 pointer-coarse:py-2 max-sm:right-4">
        <Act says={beside === id ? 'beside which?' : beside ? 'beside this' : 'compare'} name={`Compare ${name}`} act={() => acts.lay(id)} />
        <Act says="copy" name={`Copy ${name}`} act={() => acts.copy(listed)} />
        <Act says="delete" name={`Delete ${name}`} act={() => acts.remove(listed)} />
      </div>
    </div>
  );
});

function Act({ says, name, act }: { says: string; name: string; act: () => void }) {
  return (
    <button type="button" aria-label={name} className="min-h-6 cursor-pointer text-sm text-soft hover:text-ink hover:underline" onClick={act}>
      {says}
    </button>
  );
}
