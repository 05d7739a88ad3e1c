import { type Found, readDrawer } from '@hobrek/core';
import { memo, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { DriveViews } from '../../element/drive-views.js';
import { useDocument } from '../../open-build/here.js';
import { useLine } from '../../open-build/in-sight.js';
import { unbroken } from '../../shared/unbroken.js';
import { useNarrow } from '../../shared/use-narrow.js';
import { usePieces } from '../../shared/use-pieces.js';
import { Between } from './between.js';
import { CostChart, chartRoom_px } from './cost-chart.js';
import { DrawerText } from './drawer-text.js';
import { PartsList } from './parts-list.js';
import { groupsOf, Proposals } from './proposals.js';
import { type Keeping, type Pinned, Taken } from './taken.js';
import { useDrawer } from './use-drawer.js';
import { useFound } from './use-found.js';
import { useReserved } from './use-reserved.js';
import { DriveWishes } from './wishes.js';

/** What the page has over its rows, one a frame: the page that was left is taken away in the first of them. */
const pieces = { wishes: 2, drawer: 3, parts: 4, folded: 5 } as const;

/** What could lie between motor and tool: proposals from stock and from the drawer, each worked out in full, and the wishes that they have to meet. */
export function FinderStop() {
  const line = useLine(({ id }) => id);
  const build = useDocument((document) => document.build);
  const drawer = useDrawer();
  // Some forty lines take as long as a frame: a key in them comes first.
  const text = useDeferredValue(drawer.text);
  const read = useMemo(() => (text === null ? null : readDrawer(text)), [text]);
  const [pinned, setPinned] = useState<readonly Pinned[]>([]);
  const pinnedIds = useMemo(() => pinned.map(({ id }) => id), [pinned]);
  const reserved = useReserved();
  const { found, isGoing, share, failed, stop } = useFound(build, line, { own: read?.own ?? null, reserved }, pinnedIds);
  const keeping = useMemo(
    () => ({
      pinned,
      keep: (stage: Pinned, is: boolean) => setPinned((now) => [...now.filter(({ id }) => id !== stage.id), ...(is ? [stage] : [])]),
    }),
    [pinned],
  );
  // The answer is seen first; what is folded away comes behind it.
  const there = usePieces(pieces.folded);
  const hasFolded = there >= pieces.folded;
  return (
    <div className="grow border-t border-ink px-6 pt-1 pb-6 max-sm:px-4">
      <DriveViews />
      {found?.between && <Between between={found.between} />}
      <Answer says={found?.says ?? ''} isGoing={isGoing} share={share} failed={failed} stop={stop} />
      {/* Above the rows that they change: nothing moves under the hand that types. */}
      {there >= pieces.wishes && <DriveWishes isWhole={hasFolded} />}
      {there >= pieces.drawer && <DrawerText drawer={drawer} read={read} reserved={reserved} />}
      {there >= pieces.parts && <PartsList />}
      <Kept keeping={keeping} />
      {found && <Results found={found} line={line} isGoing={isGoing} keeping={keeping} />}
    </div>
  );
}

interface ResultsShown {
  readonly found: Found;
  readonly line: string;
  readonly isGoing: boolean;
  readonly keeping: Keeping;
}

/** What was found: made anew when something else is, not for how far the search is. */
const Results = memo(function Results({ found, line, isGoing, keeping }: ResultsShown) {
  const { proposals, hints } = found;
  const groups = useMemo(() => groupsOf(proposals), [proposals]);
  const shown = useMemo(() => ({ groups, proposals }), [groups, proposals]);
  // The chart comes in a piece of its own, once everything was looked through: not while both cores are at it.
  const [hasChart, setHasChart] = useState(false);
  useEffect(() => {
    if (!isGoing) setHasChart(true);
  }, [isGoing]);
  const charted = useDeferredValue(hasChart ? shown : null, null);
  const isNarrow = useNarrow();
  const [pickedId, pick] = useState<string | null>(null);
  const picked = proposals.find(({ id }) => id === pickedId) ?? groups[0]?.best ?? null;
  return (
    <>
      <WhyNone found={found} />
      {hints.map((each) => (
        <p key={each} className="text-sm">
          {unbroken(each)}
        </p>
      ))}
      <div className="mt-2 grid grid-cols-[minmax(0,7fr)_minmax(0,4fr)] gap-x-8 max-lg:grid-cols-1">
        <section aria-label="proposals">
          {picked && (
            <Proposals groups={groups} picked={picked} pick={pick} behind={isNarrow && <Taken line={line} proposal={picked} keeping={keeping} />} />
          )}
        </section>
        <div className="min-w-0">
          {picked && (
            <>
              {charted ? (
                <CostChart groups={charted.groups} proposals={charted.proposals} picked={picked} pick={pick} />
              ) : (
                <div style={{ height: chartRoom_px }} />
              )}
              {!isNarrow && <Taken line={line} proposal={picked} keeping={keeping} />}
            </>
          )}
        </div>
      </div>
    </>
  );
});

/** Stages that are kept while others are looked for around them. */
function Kept({ keeping: { pinned, keep } }: { keeping: Keeping }) {
  if (pinned.length === 0) return null;
  return (
    <p className="flex flex-wrap items-baseline gap-x-4 text-sm">
      Kept in each:
      {pinned.map((stage) => (
        <span key={stage.id}>
          {unbroken(stage.says)}{' '}
          <button
            type="button"
            aria-label={`no longer keep ${stage.says}`}
            className="min-h-7 cursor-pointer text-blue underline pointer-coarse:min-h-11 pointer-coarse:px-3"
            onClick={() => keep(stage, false)}
          >
            no longer
          </button>
        </span>
      ))}
    </p>
  );
}

interface AnswerShown {
  readonly says: string;
  readonly isGoing: boolean;
  readonly share: number;
  readonly failed: string;
  readonly stop: () => void;
}

/** The sentence over it, and how far it is. */
function Answer({ says, isGoing, share, failed, stop }: AnswerShown) {
  return (
    <div className="mt-2 flex min-h-8 flex-wrap items-baseline gap-x-4">
      <p className="text-xl leading-snug" role="status" aria-busy={isGoing} data-testid="found-says">
        {says ? unbroken(says) : 'Looking for drives …'}
      </p>
      {isGoing && (
        <p className="flex items-baseline gap-x-3 text-sm text-soft">
          {Math.round(100 * share)}&nbsp;% looked through
          <button type="button" className="min-h-7 cursor-pointer font-semibold text-blue pointer-coarse:min-h-11 pointer-coarse:px-3" onClick={stop}>
            Stop
          </button>
        </p>
      )}
      {failed && <p className="text-fails-word">{failed}</p>}
    </div>
  );
}

/** What rules everything out, and what would loosen it. */
function WhyNone({ found: { contradictions, misses, none: nothing } }: { found: Found }) {
  if (contradictions.length + misses.length + nothing.length === 0) return null;
  return (
    <ul aria-label="what rules it out" className="mt-1 max-w-4xl">
      {[...contradictions, ...nothing].map((each) => (
        <li key={each} className="border-b border-hair py-1">
          {unbroken(each)}
        </li>
      ))}
      {misses.map(({ wish, says }) => (
        <li key={`${wish} ${says}`} className="grid grid-cols-[15rem_minmax(0,1fr)] gap-x-4 border-b border-hair py-1 max-sm:grid-cols-1">
          <b className="font-semibold">{wish}</b>
          <span>{unbroken(says)}</span>
        </li>
      ))}
    </ul>
  );
}
