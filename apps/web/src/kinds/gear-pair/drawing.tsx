import type { DrawnWheel, StageDrawn } from '../drawn-wheel.js';

/** Two gears that touch at their pitch circles, their teeth hinted at outside and inside of them. */
export function GearPairDrawing({ driver, driven, picked }: StageDrawn) {
  return (
    <g fill="none" stroke="var(--blue)" strokeWidth={1.2}>
      {picked && (
        <g stroke="var(--brass)" strokeWidth={8} opacity={0.45}>
          <circle cx={driver.x} cy={driver.y} r={driver.r} />
          <circle cx={driven.x} cy={driven.y} r={driven.r} />
        </g>
      )}
      {[driver, driven].map((wheel, k) => (
        <Gear key={k === 0 ? 'in' : 'out'} {...wheel} />
      ))}
    </g>
  );
}

function Gear({ x, y, r, known }: DrawnWheel) {
  const teeth = Math.max(8, Math.round(r / 2));
  const depth = Math.min(2.5, r / 6);
  const ticks = Array.from({ length: teeth }, (_, k) => {
    const [c, s] = [Math.cos((2 * Math.PI * k) / teeth), Math.sin((2 * Math.PI * k) / teeth)];
    return `M${x + c * (r - depth)} ${y + s * (r - depth)}L${x + c * (r + depth)} ${y + s * (r + depth)}`;
  });
  return (
    <>
      <circle cx={x} cy={y} r={r} fill="var(--sheet)" strokeDasharray="9 3 2 3" stroke={known ? undefined : 'var(--unknown)'} />
      {known && <path d={ticks.join('')} />}
    </>
  );
}
