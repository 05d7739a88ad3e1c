import { type Evaluation, type Figure, figureAt, joinParts, restsOn } from '@hobrek/core';
import { memo } from 'react';
import { showParts, showRange } from '../shared/in-my-units.js';
import { useDerived } from './in-sight.js';
import type { DerivedState } from './state.js';
import { WhyOf } from './why.js';
import { AskWhy } from './why-here.js';

/**
 * The one way a figure is shown on a screen: large number, small unit, greyed when it is the last good one; pressed, it says why. It follows its own number
 * and nothing else: while that stays the same, it is not drawn again.
 */
export const FigureText = memo(function FigureText({ path, name, size = 'text-base' }: { path: string; name: string; size?: string }) {
  const seen = useDerived((derived) => appearance(derived, path));
  const [stale = '', number = '', symbol = '', range = ''] = seen.split('|');
  const spoken = number === '' ? 'not known' : `${joinParts({ number, symbol })}${range ? ` (${range})` : ''}`;
  return (
    <AskWhy
      answer={<WhyOf path={path} name={name} />}
      className={`min-w-6 text-left whitespace-nowrap ${stale ? 'stale' : ''}`}
      aria-label={`${name}: ${spoken}. Why?`}
      data-stale={stale ? true : undefined}
      data-tip={range || undefined}
    >
      {number === '' ? (
        <span className="text-soft">not known</span>
      ) : (
        <>
          <span className={`font-semibold ${size}`}>{number}</span>
          {symbol === '°' ? '°' : <span className="text-[0.85em] text-soft"> {symbol}</span>}
        </>
      )}
    </AskWhy>
  );
});

/** What was made of an evaluation's figures already: the store speaks more often than figures change. */
const made = new WeakMap<Evaluation, Map<string, Made>>();

interface Made {
  readonly figure: Figure | undefined;
  readonly seen: string;
}

/** All that can be seen of a figure, as one text: equal texts look alike. */
function appearance({ evaluation, greyed }: DerivedState, path: string): string {
  const all = made.get(evaluation) ?? new Map<string, Made>();
  made.set(evaluation, all);
  const known = all.get(path);
  const now = known ?? make(figureAt(evaluation, path));
  if (!known) all.set(path, now);
  const { figure, seen } = now;
  return figure?.known && restsOn(figure, greyed) ? `stale|${seen}` : `|${seen}`;
}

function make(figure: Figure | undefined): Made {
  if (!figure?.known) return { figure, seen: '' };
  const { number, symbol } = showParts(figure.value, figure.unit);
  const range = figure.low === undefined || figure.high === undefined ? '' : showRange(figure.low, figure.high, figure.unit);
  // A range too narrow to be seen says nothing.
  return { figure, seen: `${number}|${symbol}|${range === joinParts({ number, symbol }) ? '' : range}` };
}
