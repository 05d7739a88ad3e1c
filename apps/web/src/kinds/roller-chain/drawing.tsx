import { openBeltSpans } from '@hobrek/core';
import type { StageDrawn } from '../drawn-wheel.js';
import { ToothedWheel } from '../toothed-wheel.js';

/** Two sprockets at their pitch diameters with their teeth hinted at, and the chain as a row of links along its spans. */
export function RollerChainDrawing({ driver, driven, picked }: StageDrawn) {
  const spans = openBeltSpans(driver, driven);
  return (
    <g fill="none" stroke="var(--blue)" strokeWidth={1.2}>
      {picked && (
        <g stroke="var(--brass)" strokeWidth={8} opacity={0.45}>
          <circle cx={driver.x} cy={driver.y} r={driver.r} />
          <circle cx={driven.x} cy={driven.y} r={driven.r} />
          {spans && <path d={spans.map(([from, to]) => `M${from.x} ${from.y}L${to.x} ${to.y}`).join('')} />}
        </g>
      )}
      {[driver, driven].map((wheel, k) => (
        <ToothedWheel key={k === 0 ? 'in' : 'out'} {...wheel} teeth="outward" />
      ))}
      {spans?.map(([from, to], k) => (
        <line key={k === 0 ? 'upper' : 'lower'} x1={from.x} y1={from.y} x2={to.x} y2={to.y} strokeWidth={3} strokeDasharray="7 3" />
      ))}
    </g>
  );
}
