import { type Evaluation, figureAt, restsOn, showFigure, showParts, showRange } from '@hobrek/core';
import { memo } from 'react';
import { type OpenBuild, useOpenBuild } from './open-build.js';
import { Why } from './why.js';

/** The one way a figure stands on a screen: large number, small unit, greyed when it is the last good one; pressed, it says why. */
export const FigureText = memo(function FigureText({ path, name, size = 'text-base' }: { path: string; name: string; size?: string }) {
  return (
    <Why path={path} name={name}>
      <Digits path={path} name={name} size={size} />
    </Why>
  );
});

/** Follows its own number and nothing else: while that stays the same, it is not drawn again. */
function Digits({ path, name, size }: { path: string; name: string; size: string }) {
  const seen = useOpenBuild(({ open }) => (open ? appearance(open, path) : ''));
  const [number = '', symbol = '', range = '', stale = '', spoken = ''] = seen.split('|');
  return (
    <>
      <span className="sr-only">{`${name}: ${spoken || 'not known'}. Why?`}</span>
      {number === '' ? (
        <span aria-hidden="true" className="text-soft">
          not known
        </span>
      ) : (
        <span
          aria-hidden="true"
          className={`whitespace-nowrap ${stale ? 'stale' : ''}`}
          data-stale={stale ? true : undefined}
          title={range || undefined}
        >
          <span className={`font-semibold ${size}`}>{number}</span>
          {symbol === '°' ? '°' : <span className="text-[0.85em] text-soft"> {symbol}</span>}
        </span>
      )}
    </>
  );
}

/** What was made of an evaluation's figures already: the store speaks more often than figures change. */
const made = new WeakMap<Evaluation, Map<string, string>>();

/** All that can be seen of a figure, as one text: equal texts look alike. */
function appearance({ evaluation, drafted }: OpenBuild, path: string): string {
  const all = made.get(evaluation) ?? new Map<string, string>();
  made.set(evaluation, all);
  const known = all.get(path);
  if (known !== undefined) return known;
  const figure = figureAt(evaluation, path);
  let seen = '';
  if (figure?.known) {
    const { number, symbol } = showParts(figure.value, figure.unit);
    const range = figure.low === undefined || figure.high === undefined ? '' : showRange(figure.low, figure.high, figure.unit);
    seen = [number, symbol, range, restsOn(figure, drafted) ? 'stale' : '', showFigure(figure)].join('|');
  }
  all.set(path, seen);
  return seen;
}
