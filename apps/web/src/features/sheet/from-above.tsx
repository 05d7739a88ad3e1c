import { type DrawnStage } from '@hobrek/core';
import { memo } from 'react';
import type { Drawn } from '../../kinds/machine-drawing.js';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';

interface Seen {
  readonly stages: readonly DrawnStage[];
  readonly names: readonly string[];
  readonly drawn: Drawn;
}

/** Drawn width of a rim, px: how wide wheels are is not entered. */
const rim_px = 7;

/**
 * The shafts as lines seen from above, each wheel at its place along its shaft, each belt and chain from one to the other: what runs askew is seen.
 * To the scale of the side view, both ways; nothing until the places of both wheels of at least one stage are entered.
 */
export const FromAbove = memo(function FromAbove({ stages, names, drawn }: Seen) {
  useUnits();
  const placed = stages.flatMap(({ line, driver, driven }, k) => {
    const [a, b] = line ?? [null, null];
    return [
      ...(a === null ? [] : [{ k, end: 'in' as const, shaft: k, at: a, size: driver }]),
      ...(b === null ? [] : [{ k, end: 'out' as const, shaft: k + 1, at: b, size: driven }]),
    ];
  });
  if (placed.length < 2) return null;
  const [least, most] = [Math.min(...placed.map(({ at }) => at)), Math.max(...placed.map(({ at }) => at))];
  const top = 16;
  const y = (at: number) => top + (at - least) * drawn.scale;
  const height = y(most) + 16;
  const x = (shaft: number) => drawn.shafts[shaft]?.x ?? 0;
  const says = placed.map(({ shaft, at }) => `a wheel on the ${names[shaft]} at ${show(at, 'mm')}`).join(', ');
  return (
    <figure className="mt-3">
      <figcaption className="text-sm text-soft">seen from above: places of the wheels along their shafts</figcaption>
      <svg width={drawn.width} height={height} role="img" aria-label={says} className="overflow-visible">
        {names.map((name, k) => (
          <path key={name} d={`M${x(k)} 2V${height - 2}`} stroke="var(--brass)" strokeDasharray="9 3 2 3" />
        ))}
        {stages.map(({ line, kind }, k) => {
          const [a, b] = line ?? [null, null];
          if (a === null || b === null) return null;
          return (
            <path
              key={`${kind} at ${x(k)}`}
              d={`M${x(k)} ${y(a)}L${x(k + 1)} ${y(b)}`}
              stroke={a === b ? 'var(--blue)' : 'var(--close)'}
              strokeWidth={2.4}
            />
          );
        })}
        {placed.map(({ k, end, shaft, at, size }) => {
          const half = ((size ?? 30) / 2) * drawn.scale;
          return (
            <g key={`${k}-${end}`}>
              <rect
                x={x(shaft) - half}
                y={y(at) - rim_px / 2}
                width={2 * half}
                height={rim_px}
                fill="var(--sheet)"
                stroke="var(--blue)"
                strokeWidth={1.4}
              />
              <text x={x(shaft) + half + 5} y={y(at) + 4} fontSize="12" fill="var(--soft)" paintOrder="stroke" stroke="var(--ground)" strokeWidth={4}>
                {show(at, 'mm')}
              </text>
            </g>
          );
        })}
      </svg>
    </figure>
  );
});
