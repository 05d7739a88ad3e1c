import { type Check, restsOn, type Verdict } from '@hobrek/core';
import { memo } from 'react';
import { checkOf } from '../open-build/check-of.js';
import { CheckWhy } from '../open-build/check-why.js';
import { useOpen } from '../open-build/here.js';
import { InSight, useFollowed, useInSight } from '../open-build/in-sight.js';
import type { OpenBuild } from '../open-build/open-build.js';
import type { DerivedState } from '../open-build/state.js';
import { WithTerms } from '../open-build/with-terms.js';
import { unbroken } from '../shared/unbroken.js';
import { VerdictMark } from '../shared/verdict-mark.js';

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

interface RowShown {
  readonly id: string;
  /** Pressed, it leads to the part that it is about. */
  readonly leads?: boolean;
  /** Where there is little room it is without its scale. */
  readonly narrow?: boolean;
}

/** A check with what is left of its limit. Drawn again only when what it says changes. */
export const CheckRow = memo(function CheckRow({ id, leads = false, narrow = false }: RowShown) {
  const [ref, inSight] = useInSight<HTMLLIElement>();
  const { pick, said } = useOpen();
  const shown = useFollowed(inSight, (derived) => shownOf(derived, id, said));
  const [verdict = '', left = '', estimate, stale, at = '', ...words] = shown.split('|');
  if (shown === '') return null;
  const says = unbroken(words.join('|'));
  const columns = narrow ? 'grid-cols-[1.75rem_1fr_5rem]' : 'grid-cols-[1.75rem_1fr_7.5rem_5rem] max-sm:grid-cols-[1.75rem_1fr_5rem]';
  return (
    <li
      ref={ref}
      data-at={at}
      className={`grid ${columns} items-center gap-x-2 [contain-intrinsic-size:auto_3rem] [content-visibility:auto] border-b border-hair py-1.5 pointer-coarse:py-2 ${stale ? 'stale' : ''}`}
    >
      <VerdictMark verdict={verdict as Verdict} byEstimate={estimate !== ''} />
      {leads ? (
        <button type="button" className="cursor-pointer text-left hover:underline" onClick={() => pick(at)}>
          {says}
        </button>
      ) : (
        <p>
          <WithTerms text={says} />
        </p>
      )}
      {!narrow && <MarginScale verdict={verdict as Verdict} worst={left === '' ? undefined : Number(left)} />}
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
