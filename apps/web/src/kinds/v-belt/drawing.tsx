import { type Circle, openBeltSpans } from '@hobrek/core';

/** The two pulleys at their pitch diameters and the belt's straight spans, in the units of the drawing. */
export function VBeltDrawing({ driver, driven, picked = false }: { driver: Circle; driven: Circle; picked?: boolean }) {
  const spans = openBeltSpans(driver, driven);
  return (
    <g fill="none" stroke="var(--blue)" strokeWidth={1.4} vectorEffect="non-scaling-stroke">
      {[driver, driven].map((wheel, k) => (
        <circle key={k === 0 ? 'in' : 'out'} cx={wheel.x} cy={wheel.y} r={wheel.r} fill="var(--sheet)" />
      ))}
      {spans?.map(([from, to], k) => (
        <line key={k === 0 ? 'upper' : 'lower'} x1={from.x} y1={from.y} x2={to.x} y2={to.y} strokeWidth={picked ? 3 : 2.4} />
      ))}
    </g>
  );
}
