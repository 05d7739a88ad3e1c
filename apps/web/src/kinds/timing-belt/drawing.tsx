import { openBeltSpans } from '@hobrek/core';
import type { StageDrawn } from '../drawn-wheel.js';
import { ToothedWheel } from '../toothed-wheel.js';

/** Two toothed pulleys at their pitch diameters, and the belt as a back along its spans with its teeth inside. */
export function TimingBeltDrawing({ driver, driven, picked }: StageDrawn) {
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
        <ToothedWheel key={k === 0 ? 'in' : 'out'} {...wheel} teeth="inward" />
      ))}
      {spans?.map(([from, to], k) => {
        const along = { x1: from.x, y1: from.y, x2: to.x, y2: to.y };
        return (
          <g key={k === 0 ? 'upper' : 'lower'}>
            <line {...along} strokeWidth={2} />
            <line {...along} strokeWidth={6} strokeDasharray="2 4" opacity={0.6} />
          </g>
        );
      })}
    </g>
  );
}
