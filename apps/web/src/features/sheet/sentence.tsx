import { type EvaluatedLine, headlineOf, headlineOfLine, lineOf, unreadIn, worstLine } from '@hobrek/core';
import { useEffect, useRef, useState } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { useOpen, useSession } from '../../open-build/here.js';
import { evaluatedLine, useFollowed } from '../../open-build/in-sight.js';
import { unbroken } from '../../shared/unbroken.js';
import { VerdictMark } from '../../shared/verdict-mark.js';

/** Another line that is worse than the one that is shown. */
const worstElsewhere = (lines: readonly EvaluatedLine[], line: EvaluatedLine): EvaluatedLine | undefined => {
  const worst = worstLine(lines);
  return worst.verdict !== line.verdict ? worst : undefined;
};

/** The state of the whole in one short sentence, and what was tried that would cure it; on the sheet, all that is to be said of it. */
export function Sentence({ isShort }: { isShort: boolean }) {
  const { said, allSaid, noticed } = useOpen();
  const at = useSession(({ line }) => line);
  const notices = useSession((session) => session.notices);
  const shown = useFollowed(
    true,
    useShallow((derived) => {
      const { build, evaluation, remedy, guesses, greyed } = derived;
      const { says, verdict, jam, notWorkedOut, lines } = evaluation;
      // Of several lines each has its own; what is at odds between them is said of the whole.
      const line = lines.length > 1 ? evaluatedLine(derived, at) : undefined;
      const elsewhere = line && worstElsewhere(lines, line);
      return {
        headline: said(line ? headlineOfLine(lineOf(build, line.id), line) : headlineOf(build, evaluation)),
        says: allSaid(line?.says ?? says),
        verdict: line?.verdict ?? verdict,
        elsewhere: elsewhere ? `${elsewhere.name}: ${allSaid(elsewhere.says.slice(0, 1))}` : '',
        atOdds: allSaid(evaluation.atOdds),
        jam: allSaid(line?.inJam ?? jam),
        notWorkedOut: allSaid(notWorkedOut),
        remedy,
        guesses,
        stale: greyed.size > 0,
        unread: greyed.size > 0 ? allSaid(unreadIn(build)) : '',
      };
    }),
  );
  const { headline, says, verdict, elsewhere, atOdds, jam, notWorkedOut, remedy, guesses, stale, unread } = shown;
  return (
    <div>
      <p className={`text-[1.35rem] leading-snug ${stale ? 'stale' : ''}`} data-testid="headline">
        <VerdictMark verdict={verdict} /> {unbroken(headline)}
      </p>
      <p
        className={`text-[0.95rem] leading-snug ${stale ? 'stale' : ''} ${isShort ? 'sr-only' : ''}`}
        data-testid="sentence"
        data-verdict={verdict}
        data-stale={stale || undefined}
      >
        {unbroken(says)}
      </p>
      {atOdds && <p className="text-close-word">{atOdds}</p>}
      {elsewhere && <p className="text-soft">{unbroken(elsewhere)}</p>}
      <p className={`mt-0.5 text-soft ${isShort ? '' : 'text-[0.95rem] leading-snug'}`}>
        {stale ? `${unread} This is for the entry that was there before. ` : ''}
        {!isShort && unbroken(jam)} {remedy && <span className={`text-ink ${isShort ? 'text-[0.95rem]' : 'font-semibold'}`}>{unbroken(remedy)}</span>}
      </p>
      {!isShort && guesses && <p className="text-[0.95rem] leading-snug text-soft">{unbroken(guesses)}</p>}
      {!isShort && <p className="text-sm text-soft">{notWorkedOut}</p>}
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
