import { type Check, restsOn, type Verdict } from '@hobrek/core';
import { memo } from 'react';
import { checkOf } from '../../open-build/check-of.js';
import { CheckWhy } from '../../open-build/check-why.js';
import { useOpen, useSession } from '../../open-build/here.js';
import { evaluatedLine, InSight, useDerived, useEvaluated, useFollowed, useInSight, WhenInSight } from '../../open-build/in-sight.js';
import type { OpenBuild } from '../../open-build/open-build.js';
import type { DerivedState } from '../../open-build/state.js';
import { unbroken } from '../../shared/unbroken.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

const one = { close: 'one is close', fails: 'one fails', unknown: 'one is not known yet' } as const;
const several = { close: 'are close', fails: 'fail', unknown: 'are not known yet' } as const;

/** Every check, worst first, with how much of its limit is left. A key draws only the rows that say something else. */
export function Ledger() {
  return (
    <WhenInSight>
      <Checks />
    </WhenInSight>
  );
}

function Checks() {
  // Rows change places when typing has paused: while it goes on each says at once what is so, in its place.
  const shown = useSession(({ line }) => line);
  const listed = useFollowed(false, (derived) =>
    evaluatedLine(derived, shown)
      ?.ledger.map(({ id }) => id)
      .join('\n'),
  );
  if (listed === undefined) return null;
  const ids = listed === '' ? [] : listed.split('\n');
  return (
    <section className="px-6 py-3 max-sm:px-4">
      <h2 className="font-head text-lg tracking-wide uppercase">
        Ledger{' '}
        <span className="font-text text-sm tracking-normal text-soft normal-case">
          {ids.length === 1 ? 'one check' : `${ids.length} checks, worst first`} · <Odd />
        </span>
      </h2>
      <ul className="mt-2">
        {ids.map((id) => (
          <Row key={id} id={id} />
        ))}
      </ul>
      <Cautions />
    </section>
  );
}

/** How many do not hold. Apart, so that the rows are not gone through when it changes. */
function Odd() {
  return useEvaluated(({ ledger }) => tally(ledger)) || 'all hold';
}

/** What to beware of with the elements that are here, each once. */
function Cautions() {
  const { said } = useOpen();
  const cautions = useDerived(({ evaluation }) => evaluation.cautions.map(said).join('\n'));
  return (
    <ul aria-label="cautions" className="mt-5 border-l-2 border-brass pl-3 text-sm text-soft">
      {cautions.split('\n').map((caution) => (
        <li key={caution} className="mb-1">
          {caution}
        </li>
      ))}
    </ul>
  );
}

function tally(checks: readonly Check[]): string {
  return (['fails', 'unknown', 'close'] as const)
    .map((verdict) => ({ verdict, n: checks.filter((check) => check.verdict === verdict).length }))
    .filter(({ n }) => n > 0)
    .map(({ verdict, n }) => (n === 1 ? one[verdict] : `${n} ${several[verdict]}`))
    .join(', ');
}

/** Whether a check rests on an entry that is not read yet. */
const rests = ({ has, needs }: Check, fields: ReadonlySet<string>) => restsOn(has, fields) || restsOn(needs, fields);

/** All that a row shows, as one text: equal texts look alike. */
function shownOf({ evaluation, greyed, decided }: DerivedState, id: string, said: OpenBuild['said']): string {
  const check = checkOf(evaluation, id);
  if (!check) return '';
  const { at, says, verdict, byEstimate, margin } = check;
  const left = verdict === 'unknown' ? '' : (margin?.worst.toFixed(4) ?? '');
  const marks = `${byEstimate ? 'estimate' : ''}|${rests(check, greyed) ? 'stale' : ''}`;
  return `${verdict}|${left}|${marks}|${at}|${decided[id] ?? said(says)}`;
}

/** Drawn again only when what it says changes. */
const Row = memo(function Row({ id }: { id: string }) {
  const [ref, inSight] = useInSight<HTMLLIElement>();
  const { pick, said } = useOpen();
  const shown = useFollowed(inSight, (derived) => shownOf(derived, id, said));
  const [verdict = '', left = '', estimate, stale, at = '', ...says] = shown.split('|');
  const picked = useSession((session) => session.picked === at);
  if (shown === '') return null;
  return (
    <li
      ref={ref}
      onPointerDown={() => pick(at)}
      className={`${picked ? '-ml-6 border-l-4 border-l-brass bg-wash pl-5 max-sm:-ml-4 max-sm:pl-3' : ''} grid grid-cols-[1.75rem_1fr_7.5rem_5rem] items-center gap-x-2 [contain-intrinsic-size:auto_3rem] [content-visibility:auto] border-b border-hair py-2.5 max-sm:grid-cols-[1.75rem_1fr_5rem] ${stale ? 'stale' : ''}`}
    >
      <VerdictMark verdict={verdict as Verdict} byEstimate={estimate !== ''} />
      <p>{unbroken(says.join('|'))}</p>
      <MarginScale verdict={verdict as Verdict} worst={left === '' ? undefined : Number(left)} />
      <InSight value={inSight}>
        <CheckWhy id={id} />
      </InSight>
    </li>
  );
});

const scale_px = 116;

/** How far the need has come along the limit: full is at the limit. */
function MarginScale({ verdict, worst }: { verdict: Verdict; worst: number | undefined }) {
  const used = worst === undefined ? 0 : Math.min(1, Math.max(0, 1 - worst)) * scale_px;
  return (
    <svg width={scale_px + 8} height={18} className="max-sm:hidden" aria-hidden="true">
      <g transform="translate(4 0)" fill="none">
        <path
          d={`M0 14H${scale_px}${[0, 0.2, 0.4, 0.6, 0.8, 1].map((t) => `M${t * scale_px} 14v-${t === 0 || t === 1 ? 6 : 3}`).join('')}`}
          stroke="var(--hair)"
        />
        {worst !== undefined ? (
          <>
            <path d={`M0 14H${used}`} stroke={`var(--${verdict})`} strokeWidth={2.5} />
            <path d={`M${used - 4} 3h8l-4 8z`} fill={`var(--${verdict})`} />
          </>
        ) : (
          <path d={`M0 14H${scale_px}`} stroke="var(--unknown)" strokeWidth={2.5} strokeDasharray="3 3" />
        )}
      </g>
    </svg>
  );
}
