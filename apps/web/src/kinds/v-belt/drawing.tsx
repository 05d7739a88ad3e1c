import { openBeltSpans } from '@hobrek/core';
import type { StageDrawn } from '../drawn-wheel.js';

/** The two pulleys at their pitch diameters and the belt's straight spans, in the units of the drawing. */
export function VBeltDrawing({ driver, driven, picked }: StageDrawn) {
  const spans = openBeltSpans(driver, driven);
  const guessed = !driver.known || !driven.known;
  return (
    <g fill="none" stroke="var(--blue)" strokeWidth={1.4}>
      {picked && (
        <g stroke="var(--brass)" strokeWidth={8} opacity={0.45}>
          <circle cx={driver.x} cy={driver.y} r={driver.r} />
          <circle cx={driven.x} cy={driven.y} r={driven.r} />
          {spans && <path d={spans.map(([from, to]) => `M${from.x} ${from.y}L${to.x} ${to.y}`).join('')} />}
        </g>
      )}
      {[driver, driven].map(({ x, y, r, known }, k) => (
        <circle key={k === 0 ? 'in' : 'out'} cx={x} cy={y} r={r} fill="var(--sheet)" {...(known ? {} : unknownLine)} />
      ))}
      {spans?.map(([from, to], k) => (
        <line key={k === 0 ? 'upper' : 'lower'} x1={from.x} y1={from.y} x2={to.x} y2={to.y} strokeWidth={2.4} {...(guessed ? unknownLine : {})} />
      ))}
    </g>
  );
}

/** What is drawn only so that something is there. */
const unknownLine = { stroke: 'var(--unknown)', strokeWidth: 1.2, strokeDasharray: '4 4' } as const;
