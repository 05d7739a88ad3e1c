import {
  type Build,
  type EvaluatedLine,
  goesWrongAt,
  headlineOf,
  headlineOfLine,
  headlineOfPart,
  lineOf,
  type Sentence as Said,
  unreadIn,
  worstLine,
} from '@hobrek/core';
import { useEffect, useRef, useState } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { useOpen, useSession } from '../../open-build/here.js';
import { evaluatedLine, useFollowed } from '../../open-build/in-sight.js';
import type { OpenBuild } from '../../open-build/open-build.js';
import type { DerivedState } from '../../open-build/state.js';
import { elementsAt, type Stop } from '../../open-build/stop.js';
import { WithTerms } from '../../open-build/with-terms.js';
import { worstAt } from '../../open-build/worst-at.js';
import { unbroken } from '../../shared/unbroken.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { Cures } from './cures.js';
import { WhyWorst } from './why-worst.js';

/** Another line that is worse than the one that is shown. */
const worstElsewhere = (lines: readonly EvaluatedLine[], line: EvaluatedLine): EvaluatedLine | undefined => {
  const worst = worstLine(lines);
  return worst.verdict !== line.verdict ? worst : undefined;
};

/** What is said over a stop, and how bad that is: of its own part, or of the whole where it has none. */
function headlineAt({ build, evaluation }: DerivedState, shown: EvaluatedLine | undefined, stop: Stop) {
  const line = shown && lineOf(build, shown.id);
  const mine = line && [...elementsAt(stop, line), ...(stop.of?.includes('wishes') ? ['wishes'] : [])];
  const isAt = (path: string) => mine?.includes(path) === true;
  const own = line && stop.says ? headlineOfPart(line, shown, stop.says, isAt) : null;
  // Whether the source is strong enough belongs to the work, and is told of the source as well.
  const work = shown?.checks[0]?.at;
  const verdict = own && worstAt({ evaluation }, (at) => isAt(at) || (stop.says === 'source' && at === work));
  if (own && verdict) return { headline: own as Said, verdict };
  const whole = evaluation.lines.length > 1 && line ? headlineOfLine(line, shown) : headlineOf(build, evaluation);
  return { headline: whole, verdict: (evaluation.lines.length > 1 && shown ? shown : evaluation).verdict };
}

const wrongSaid = (build: Build, line: EvaluatedLine | undefined, said: OpenBuild['said']): string => {
  const wrong = line ? goesWrongAt(build, line) : null;
  return wrong ? said(wrong) : '';
};

/** The state of a stop in one short sentence, and what was tried that would cure what is wrong. */
export function Sentence({ stop }: { stop: Stop }) {
  const { said, allSaid, noticed } = useOpen();
  const at = useSession(({ line }) => line);
  const notices = useSession((session) => session.notices);
  const shown = useFollowed(
    true,
    useShallow((derived) => {
      const { build, evaluation, remedy, greyed } = derived;
      const { says, verdict, lines } = evaluation;
      const line = evaluatedLine(derived, at);
      // Of several lines each has its own; what is at odds between them is said of the whole.
      const one = lines.length > 1 ? line : undefined;
      const elsewhere = one && worstElsewhere(lines, one);
      const told = headlineAt(derived, line, stop);
      return {
        headline: said(told.headline),
        mark: told.verdict,
        says: allSaid(one?.says ?? says),
        verdict: one?.verdict ?? verdict,
        elsewhere: elsewhere ? `${elsewhere.name}: ${allSaid(elsewhere.says.slice(0, 1))}` : '',
        atOdds: allSaid(evaluation.atOdds),
        wrong: wrongSaid(build, line, said),
        remedy,
        stale: greyed.size > 0,
        unread: greyed.size > 0 ? allSaid(unreadIn(build)) : '',
      };
    }),
  );
  const { headline, mark, says, verdict, elsewhere, atOdds, wrong, remedy, stale, unread } = shown;
  return (
    <div>
      <p className={`text-[1.3rem] leading-snug ${stale ? 'stale' : ''}`}>
        <span data-testid="headline">
          <VerdictMark verdict={mark} /> <WithTerms text={unbroken(headline)} />
        </span>{' '}
        <span className="-my-3 inline-block text-base sm:hidden">
          <WhyWorst />
        </span>
      </p>
      <p className="sr-only" data-testid="sentence" data-verdict={verdict} data-stale={stale || undefined}>
        {unbroken(says)}
      </p>
      {atOdds && <p className="text-close-word">{atOdds}</p>}
      {wrong && <p className="text-close-word">{unbroken(wrong)}</p>}
      {elsewhere && <p className="text-soft">{unbroken(elsewhere)}</p>}
      {stale && <p className="text-soft">{unread} This is for the entry that was there before.</p>}
      {remedy.cures.length > 0 && <Cures remedy={remedy} isShort={stop.machine === 'strip'} />}
      <Spoken says={stale ? '' : says} />
      {notices.map((notice) => (
        <p key={notice} className="text-sm text-close-word">
          {notice}{' '}
          <button type="button" className="min-h-6 cursor-pointer text-blue hover:underline" onClick={() => noticed(notice)}>
            seen
          </button>
        </p>
      ))}
    </div>
  );
}

/** Long enough that a sentence is not spoken at every key. */
const pause_ms = 1_200;

/** What has changed, spoken once typing has paused; what is there when the page opens is read with the page. */
function Spoken({ says }: { says: string }) {
  const first = useRef(says);
  const [spoken, setSpoken] = useState('');
  useEffect(() => {
    if (says === '' || says === first.current) return;
    const timer = setTimeout(() => {
      first.current = says;
      setSpoken(says);
    }, pause_ms);
    return () => clearTimeout(timer);
  }, [says]);
  return (
    <p className="sr-only" role="status" data-testid="spoken">
      {spoken}
    </p>
  );
}
