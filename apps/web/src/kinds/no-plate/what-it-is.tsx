import { evidenceWords, familyFed, familyLabel, type Ranked, type WhatIsIt } from '@hobrek/core';
import { scaleLog } from 'd3-scale';
import { memo } from 'react';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';
import { useWidth } from '../../shared/use-width.js';
import { percent } from './percent.js';
import { TerminalsDrawing } from './terminals-drawing.js';

/** So many are listed; the rest is out, or nearly. */
const mostListed = 5;
const leastListed = 0.005;

export function StillPossible({ is: { ranking, doubtful, impossible } }: { is: WhatIsIt }) {
  const listed = ranking.filter(({ chance }, k) => k < mostListed && chance >= leastListed);
  return (
    <>
      <Head says="Still possible" beside="how likely" />
      <ol className="grid gap-1">
        {listed.map((each, k) => (
          <Possible key={each.family} ranked={each} isFirst={k === 0} />
        ))}
      </ol>
      {doubtful.length > 0 && (
        <p role="status" className="mt-1 text-close-word">
          Look again: {doubtful.map(({ says }) => `“${says}”`).join(', ')} {doubtful.length > 1 ? 'speak' : 'speaks'} against it.
        </p>
      )}
      {impossible.map(({ says }) => (
        <p key={says} role="alert" className="mt-1 text-fails-word">
          These readings cannot be true: {says}. Measure them again; the others are kept.
        </p>
      ))}
      <p className="mt-1 text-sm text-soft">The colours of the wires are no evidence: makers differ, and green has been a winding.</p>
    </>
  );
}

const Head = ({ says, beside: also }: { says: string; beside?: string }) => (
  <h3 className="mt-3 flex items-baseline justify-between font-head text-lg tracking-wide text-blue uppercase first:mt-0">
    {says} {also && <span className="font-text text-sm tracking-normal text-soft normal-case">{also}</span>}
  </h3>
);

/** A kind of motor, how likely it is, and what speaks for it and against it. */
function Possible({ ranked, isFirst }: { ranked: Ranked; isFirst: boolean }) {
  const { family, chance } = ranked;
  const evidence = evidenceWords(ranked);
  const row = (
    <span className="grid w-full grid-cols-[minmax(0,1fr)_6rem_3rem] items-baseline gap-x-3">
      <span>{familyLabel(family)}</span>
      <span aria-hidden="true" className="relative h-2.5 self-center border-b border-hair">
        <span className="absolute inset-y-0 left-0 bg-brass" style={{ width: `${100 * chance}%` }} />
      </span>
      <b className="text-right font-semibold">{percent(chance)}</b>
    </span>
  );
  if (!evidence || isFirst)
    return (
      <li>
        {row}
        {evidence && <p className="text-sm text-soft">{evidence}</p>}
      </li>
    );
  return (
    <li>
      <details>
        <summary className="flex cursor-pointer pointer-coarse:min-h-11 pointer-coarse:py-2">{row}</summary>
        <p className="text-sm text-soft">{evidence}</p>
      </details>
    </li>
  );
}

const ends_W = [2, 10_000] as const;
/** So wide a range is no answer. */
const tooWide = 40;
const ticks_W = [5, 20, 100, 500, 2000];

export const Power = memo(function Power({ is: { likely, drawn } }: { is: WhatIsIt }) {
  useUnits();
  const [frame, width] = useWidth<HTMLDivElement>();
  const [low, at, high] = likely.power_W;
  const x = scaleLog(ends_W, [4, Math.max(5, width - 4)]).clamp(true);
  const says = high / low > tooWide ? 'not known yet' : `${show(low, 'W')} to ${show(high, 'W')} at the shaft`;
  return (
    <>
      <Head says="Power so far" beside={says} />
      <div ref={frame} className="min-w-0 overflow-hidden">
        <svg width={width} height={44} role="img" aria-label={`power: ${says}`}>
          <path d={`M${x(low)} 6H${x(high)}v12H${x(low)}z`} fill="var(--brass)" opacity="0.45" />
          <path d={`M4 18H${width - 4}${ticks_W.map((tick) => `M${x(tick)} 18v-6`).join('')}`} stroke="var(--ink)" fill="none" />
          <path d={`M${x(at) - 5} 0h10l-5 9z`} fill="var(--brass)" />
          {ticks_W.map((tick) => (
            <text key={tick} x={x(tick)} y={36} fontSize="13" textAnchor="middle" fill="var(--soft)">
              {show(tick, 'W')}
            </text>
          ))}
        </svg>
      </div>
      {drawn && high / low <= tooWide && (
        <p>
          {show(likely.torque_Nm[0], 'N·m')} to {show(likely.torque_Nm[2], 'N·m')} for good; {show(drawn.draws_A[0], 'A')}
          {drawn.draws_A[1] > drawn.draws_A[0] && ` to ${show(drawn.draws_A[1], 'A')}`} at {show(drawn.at_V, 'V')}.
        </p>
      )}
      <p className="text-sm text-soft">
        {show(likely.speed_rpm[0], 'rpm')} to {show(likely.speed_rpm[2], 'rpm')} under load. From {likely.rests.join(', ')}.
      </p>
    </>
  );
});

/** Which wire is which, as far as readings tell. */
export const Wires = memo(function Wires({ is: { terminals, strips } }: { is: WhatIsIt }) {
  if (strips.length === 0) return null;
  return (
    <>
      <Head says="Its wires" beside="if it is the likeliest" />
      <TerminalsDrawing strips={strips} />
      <ul className="grid gap-1">
        {terminals.map(({ wires, says }) => (
          <li key={`${wires.join()} ${says}`} className="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-3">
            <span className="flex gap-1">
              {wires.map((wire) => (
                <b key={wire} className="grid min-w-7 place-items-center rounded-full border border-brass px-1.5 font-semibold">
                  {wire}
                </b>
              ))}
            </span>
            <span>{says}</span>
          </li>
        ))}
      </ul>
    </>
  );
});

/** From here on a kind can be taken as what it is. */
const leastTaken = 0.05;
/** Before that it is looked on. */
const leastFirst = 0.4;

export const Take = memo(function Take({ is: { ranking, next }, take }: { is: WhatIsIt; take: (family: Ranked['family']) => void }) {
  const [first] = ranking;
  if (!first || (first.chance < leastFirst && next.length > 0)) return null;
  const likely = ranking.slice(0, 3).filter(({ chance }) => chance >= leastTaken);
  return (
    <>
      <Head says="Go on as" />
      <ul className="grid gap-2">
        {likely.map(({ family }, k) => (
          <li key={family}>
            <button
              type="button"
              className={`min-h-11 w-full cursor-pointer border px-3 text-left ${k === 0 ? 'border-blue font-semibold text-blue' : 'border-hair'}`}
              onClick={() => take(family)}
            >
              {familyLabel(family)}
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-1">{familyFed(first.family)}.</p>
      <p className="mt-1 text-sm text-soft">What was estimated is entered as a guess, each to be measured later. Undo takes it back.</p>
    </>
  );
});
