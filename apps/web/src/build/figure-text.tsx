import { fieldsUnder, figuresByPath, showFigure, showParts, showRange } from '@hobrek/core';
import { memo } from 'react';
import { type OpenBuild, useOpenBuild } from './open-build.js';
import { Why } from './why.js';

/**
 * The one way a figure stands on a screen: large number, small unit, greyed when it is the last good one; pressed, it says why.
 * It follows its own number and nothing else: while that stays the same, it is not drawn again.
 */
export const FigureText = memo(function FigureText({ path, name, size = 'text-base' }: { path: string; name: string; size?: string }) {
  const seen = useOpenBuild(({ open }) => (open ? appearance(open, path) : ''));
  const [number = '', symbol = '', range = '', stale = '', spoken = ''] = seen.split('|');
  return (
    <Why path={path} name={name} spoken={spoken}>
      {number === '' ? (
        <span className="text-soft">not known</span>
      ) : (
        <span className={`whitespace-nowrap ${stale ? 'stale' : ''}`} data-stale={stale ? true : undefined} title={range || undefined}>
          <span className={`font-semibold ${size}`}>{number}</span>
          {symbol === '°' ? '°' : <span className="text-[0.85em] text-soft"> {symbol}</span>}
        </span>
      )}
    </Why>
  );
});

/** All that can be seen of a figure, as one text: equal texts look alike. */
function appearance(open: OpenBuild, path: string): string {
  const figure = figuresByPath(open.evaluation).get(path);
  if (!figure?.known) return '';
  const { number, symbol } = showParts(figure.value, figure.unit);
  const range = figure.low === undefined || figure.high === undefined ? '' : showRange(figure.low, figure.high, figure.unit);
  const stale = open.drafted.size > 0 && [...fieldsUnder(figure)].some((field) => open.drafted.has(field));
  return [number, symbol, range, stale ? 'stale' : '', showFigure(figure)].join('|');
}
