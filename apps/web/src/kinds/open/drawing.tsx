import { openBeltSpans } from '@hobrek/core';
import type { StageDrawn } from '../drawn-wheel.js';

/** A place that is kept: wheels of the size that the work suggests, and what would run on them, in dashes. */
export function OpenDrawing({ driver, driven, picked }: StageDrawn) {
  const spans = openBeltSpans(driver, driven) ?? [];
  return (
    <g fill="none" stroke="var(--blue)" strokeWidth={1.2} strokeDasharray="7 5">
      {[driver, driven].map(({ x, y, r }, k) => (
        <g key={k === 0 ? 'in' : 'out'}>
          {picked && <circle cx={x} cy={y} r={r} stroke="var(--brass)" strokeWidth={8} strokeDasharray="none" opacity={0.45} />}
          <circle cx={x} cy={y} r={r} fill="var(--ground)" />
        </g>
      ))}
      {spans.map(([from, to], k) => (
        <path key={k === 0 ? 'upper' : 'lower'} d={`M${from.x} ${from.y}L${to.x} ${to.y}`} />
      ))}
    </g>
  );
}
