import { openBeltSpans } from '@hobrek/core';
import type { DrawnWheel, StageDrawn } from '../drawn-wheel.js';

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
        <Sprocket key={k === 0 ? 'in' : 'out'} {...wheel} />
      ))}
      {spans?.map(([from, to], k) => (
        <line key={k === 0 ? 'upper' : 'lower'} x1={from.x} y1={from.y} x2={to.x} y2={to.y} strokeWidth={3} strokeDasharray="7 3" />
      ))}
    </g>
  );
}

function Sprocket({ x, y, r, known }: DrawnWheel) {
  const teeth = Math.max(8, Math.round(r / 2.5));
  const ticks = Array.from({ length: teeth }, (_, k) => {
    const [c, s] = [Math.cos((2 * Math.PI * k) / teeth), Math.sin((2 * Math.PI * k) / teeth)];
    return `M${x + c * r} ${y + s * r}L${x + c * (r + 2.5)} ${y + s * (r + 2.5)}`;
  });
  return (
    <>
      <circle cx={x} cy={y} r={r} fill="var(--sheet)" strokeDasharray={known ? '5 2' : '4 4'} stroke={known ? undefined : 'var(--unknown)'} />
      {known && <path d={ticks.join('')} />}
    </>
  );
}
