import { type Evaluation, type Figure, figureAt, isNoShaft, joinParts, restsOn, showAtShaft } from '@hobrek/core';
import { memo } from 'react';
import { showParts, showRange } from '../shared/in-my-units.js';
import { usePreferences } from '../shared/preferences.js';
import { useDerived } from './in-sight.js';
import type { DerivedState } from './state.js';
import { WhyOf } from './why.js';
import { AskWhy } from './why-here.js';

/**
 * The one way a figure is shown on a screen: large number, small unit, greyed when it is the last good one; pressed, it says why. It follows its own number
 * and nothing else: while that stays the same, it is not drawn again.
 */
interface FigureShown {
  readonly path: string;
  readonly name: string;
  readonly size?: string;
  /** Beside a shaft what no machine has is told as that. */
  readonly isAtShaft?: boolean;
}

export const FigureText = memo(function FigureText({ path, name, size = 'text-base', isAtShaft = false }: FigureShown) {
  const seen = useDerived((derived) => appearance(derived, path, isAtShaft));
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
function appearance({ evaluation, greyed }: DerivedState, path: string, isAtShaft: boolean): string {
  const all = made.get(evaluation) ?? new Map<string, Made>();
  made.set(evaluation, all);
  const known = all.get(path);
  const now = known ?? make(figureAt(evaluation, path), isAtShaft);
  if (!known) all.set(path, now);
  const { figure, seen } = now;
  return figure?.known && restsOn(figure, greyed) ? `stale|${seen}` : `|${seen}`;
}

function make(figure: Figure | undefined, isAtShaft: boolean): Made {
  if (!figure?.known) return { figure, seen: '' };
  if (isAtShaft && isNoShaft(figure.value)) {
    const { number, symbol } = showAtShaft(figure.value, figure.unit, usePreferences.getState().units);
    return { figure, seen: `${number}|${symbol}|` };
  }
  const { number, symbol } = showParts(figure.value, figure.unit);
  const range = figure.low === undefined || figure.high === undefined ? '' : showRange(figure.low, figure.high, figure.unit);
  // A range too narrow to be seen says nothing.
  return { figure, seen: `${number}|${symbol}|${range === joinParts({ number, symbol }) ? '' : range}` };
}
