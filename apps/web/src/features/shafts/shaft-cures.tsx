import { type EvaluatedShaft, type ShaftCureSaid, withShaftAs } from '@hobrek/core';
import { useEffect, useState } from 'react';
import { useDocument, useOpen } from '../../open-build/here.js';
import { VerdictMark } from '../../shared/verdict-mark.js';
import { workOut } from '../../workers/calculator.js';

const does = { cracks: 'cracks', yields: 'bends' } as const;

/** What would make a shaft last that does not hold with room: looked for beside the page, each change in full. */
export function ShaftCures({ shaft: { id, laid, how, speed_rpm, checks } }: { shaft: EvaluatedShaft }) {
  const { shaftCured } = useOpen();
  const build = useDocument((document) => document.build);
  const [found, setFound] = useState<{ readonly of: typeof laid; readonly cures: readonly ShaftCureSaid[] } | null>(null);
  const isWanted = laid !== null && checks.some(({ verdict }) => verdict === 'fails' || verdict === 'close');
  useEffect(() => {
    if (!isWanted || !laid) return undefined;
    const ending = new AbortController();
    workOut('shaftCures', { laid, how, speed_rpm }, { signal: ending.signal }).then(
      (cures) => setFound({ of: laid, cures }),
      () => {},
    );
    return () => ending.abort();
  }, [isWanted, laid, how, speed_rpm]);
  // What is only close at the ends of what is guessed holds as likely: there is nothing to cure.
  const isShort = checks.some(({ verdict }) => verdict === 'fails');
  if (!isWanted || found?.of !== laid || (found.cures.length === 0 && !isShort)) return null;
  return (
    <section aria-label="what would cure it" className="mt-3 border-t border-ink pt-1">
      <h3 className="font-head text-lg tracking-wide uppercase">
        What would do <span className="font-text text-sm tracking-normal text-soft normal-case">each alone, worked out in full</span>
      </h3>
      {found.cures.length === 0 ? (
        <p>No single change that is tried does: thicker, of better steel, other places and pulls.</p>
      ) : (
        <ol>
          {found.cures.map(({ says, of, verdict, reserve, isCured, laid: then }) => (
            <li key={says} className="grid grid-cols-[1.75rem_1fr_auto] items-center gap-x-2 border-b border-hair py-1">
              <VerdictMark verdict={verdict} />
              <span>
                <span className="block first-letter:uppercase">{says}</span>
                <span className="block text-sm text-soft">{isCured ? 'nothing of it fails then' : 'helps, and is not enough alone'}</span>
              </span>
              <span className="grid justify-items-end text-right text-sm text-soft">
                {of === 'whirls'
                  ? `${Math.round(100 * reserve)}\u00a0% from whirl`
                  : `${does[of]} at ${reserve < 2 ? reserve.toFixed(2) : reserve.toPrecision(2)} times`}
                {withShaftAs(build, id, laid, then) ? (
                  <button
                    type="button"
                    className="min-h-8 cursor-pointer text-blue hover:underline pointer-coarse:min-h-11 pointer-coarse:px-3"
                    onClick={() => shaftCured(id, laid, then)}
                  >
                    Change it so<span className="sr-only">: {says}</span>
                  </button>
                ) : (
                  'turn it at its stage'
                )}
              </span>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}
