import type { ReactNode } from 'react';
import type { StageDrawn } from './drawn-wheel.js';

/** A stage whose two shafts lie on one axis: seen from the side they are one point, so it is drawn from above, both shafts beside each other. */
function Inline({ driver, driven, picked, children }: StageDrawn & { children: ReactNode }) {
  const [left, right] = [driver.x - driver.r * 0.5, driven.x + driven.r * 0.5];
  const half = Math.max(driver.r, 8);
  return (
    <g fill="var(--sheet)" stroke="var(--blue)" strokeWidth={1.4}>
      {picked && <rect x={left} y={driver.y - half} width={right - left} height={2 * half} stroke="var(--brass)" strokeWidth={8} opacity={0.45} />}
      <path d={`M${left} ${driver.y}H${right}`} stroke="var(--soft)" strokeDasharray="12 3 2 3" />
      {children}
    </g>
  );
}

/** Two halves, facing each other. */
function halves({ driver, driven }: StageDrawn, gap: number) {
  const half = Math.max(driver.r, 8);
  const middle = (driver.x + driven.x) / 2;
  const long = Math.max((driven.x - driver.x) * 0.3, 6);
  return {
    half,
    middle,
    boxes: [middle - gap / 2 - long, middle + gap / 2].map((x) => <rect key={x} x={x} y={driver.y - half} width={long} height={2 * half} />),
  };
}

export function CouplingDrawing(drawn: StageDrawn) {
  const { half, middle, boxes } = halves(drawn, 5);
  const y = drawn.driver.y;
  return (
    <Inline {...drawn}>
      {boxes}
      <path d={`M${middle} ${y - half}v${half * 0.5}h4v${half * 0.5}h-4v${half * 0.5}h4v${half * 0.5}`} fill="none" />
    </Inline>
  );
}

export function TorqueLimiterDrawing(drawn: StageDrawn) {
  const { half, middle, boxes } = halves(drawn, 2);
  return (
    <Inline {...drawn}>
      {boxes}
      <path d={`M${middle - 9} ${drawn.driver.y - half * 0.6}h18`} strokeWidth={3} />
    </Inline>
  );
}

export function GearboxDrawing(drawn: StageDrawn) {
  const { half, middle } = halves(drawn, 0);
  const y = drawn.driver.y;
  return (
    <Inline {...drawn}>
      <rect x={middle - half} y={y - half} width={2 * half} height={2 * half} />
      <circle cx={middle - half * 0.4} cy={y} r={half * 0.3} strokeDasharray="4 2" />
      <circle cx={middle + half * 0.35} cy={y} r={half * 0.5} strokeDasharray="4 2" />
    </Inline>
  );
}
