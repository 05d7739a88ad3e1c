import { type Figure, showParts, showRange } from '@hobrek/core';
import { useStale } from './use-figure.js';
import { Why } from './why.js';

/** The one way a figure stands on a screen: large number, small unit, greyed when it is the last good one; pressed, it says why. */
export function FigureText({ figure, name, size = 'text-base' }: { figure: Figure; name: string; size?: string }) {
  const stale = useStale(figure);
  if (!figure.known) {
    return (
      <Why figure={figure} name={name}>
        <span className="text-soft">not known</span>
      </Why>
    );
  }
  const { number, symbol } = showParts(figure.value, figure.unit);
  const range = figure.low === undefined || figure.high === undefined ? undefined : showRange(figure.low, figure.high, figure.unit);
  return (
    <Why figure={figure} name={name}>
      <span className={`whitespace-nowrap ${stale ? 'stale' : ''}`} data-stale={stale || undefined} title={range}>
        <span className={`font-semibold ${size}`}>{number}</span>
        {symbol === '°' ? '°' : <span className="text-[0.85em] text-soft"> {symbol}</span>}
      </span>
    </Why>
  );
}
