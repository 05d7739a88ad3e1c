import { type DrawnStage, drawFromAbove, kindHead, rim_mm } from '@hobrek/core';
import { memo } from 'react';
import { Drawing, type Drawn } from '../../kinds/machine-drawing.js';
import { show } from '../../shared/in-my-units.js';
import { useUnits } from '../../shared/preferences.js';

interface Seen {
  readonly stages: readonly DrawnStage[];
  readonly names: readonly string[];
  readonly drawn: Drawn;
}

/** The shafts seen from above, to the scale of the side view and below it; nothing until the places of two wheels are entered. */
export const FromAbove = memo(function FromAbove({ stages, names, drawn }: Seen) {
  const units = useUnits();
  const drawing = drawFromAbove(stages, names, units);
  if (!drawing) return null;
  const { strokes, top, bottom } = drawing;
  const frame = { ...drawn.frame, top };
  const says = strokes.flatMap(({ stroke, stage }) =>
    stroke.is === 'note' && typeof stage === 'number'
      ? [`a wheel of the ${kindHead('stage', stages[stage]?.kind ?? '')?.noun} at ${stroke.says}`]
      : [],
  );
  return (
    <figure className="mt-3">
      <figcaption className="text-sm text-soft">
        seen from above: places of the wheels along their shafts; each is drawn {show(rim_mm, 'mm')} wide
      </figcaption>
      <svg width={drawn.width} height={(top - bottom) * drawn.scale} role="img" aria-label={says.join(', ')} className="overflow-visible" fill="none">
        <g stroke="var(--blue)">
          {strokes.map(({ stroke }, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a stroke is its place in the drawing
            <Drawing key={k} stroke={stroke} frame={frame} />
          ))}
        </g>
      </svg>
    </figure>
  );
});
