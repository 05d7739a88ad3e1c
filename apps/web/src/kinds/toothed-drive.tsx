import { openBeltSpans } from '@hobrek/core';
import type { ReactNode } from 'react';
import type { DrawnWheel, StageDrawn } from './drawn-wheel.js';

/** One straight run of a chain or a belt. */
export interface Run {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

interface ToothedDriveShown extends StageDrawn {
  /** Outward of the pitch circle for a chain, inward for a belt, whose cords run over the teeth. */
  readonly teeth: 'outward' | 'inward';
  /** What runs along each straight. */
  readonly along: (run: Run) => ReactNode;
}

/** Two wheels at their pitch diameters with their teeth hinted at, and what runs between them. */
export function ToothedDrive({ driver, driven, picked, teeth, along }: ToothedDriveShown) {
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
        <ToothedWheel key={k === 0 ? 'in' : 'out'} {...wheel} teeth={teeth} />
      ))}
      {spans?.map(([from, to], k) => (
        <g key={k === 0 ? 'upper' : 'lower'}>{along({ x1: from.x, y1: from.y, x2: to.x, y2: to.y })}</g>
      ))}
    </g>
  );
}

function ToothedWheel({ x, y, r, known, teeth }: DrawnWheel & Pick<ToothedDriveShown, 'teeth'>) {
  const many = Math.max(8, Math.round(r / 2.5));
  const [from, to] = teeth === 'outward' ? [r, r + 2.5] : [r - 3, r - 0.5];
  const ticks = Array.from({ length: many }, (_, k) => {
    const [c, s] = [Math.cos((2 * Math.PI * k) / many), Math.sin((2 * Math.PI * k) / many)];
    return `M${x + c * from} ${y + s * from}L${x + c * to} ${y + s * to}`;
  });
  return (
    <>
      <circle cx={x} cy={y} r={r} fill="var(--sheet)" strokeDasharray={known ? '5 2' : '4 4'} stroke={known ? undefined : 'var(--unknown)'} />
      {known && <path d={ticks.join('')} />}
    </>
  );
}
