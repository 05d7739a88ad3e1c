import { type DrawnStage, isOpen, type Point } from '@hobrek/core';
import { memo } from 'react';
import { show, unitShown } from '../shared/in-my-units.js';
import { useUnits } from '../shared/preferences.js';
import type { Drawn } from './machine-drawing.js';

interface CentresShown {
  readonly drawn: Drawn;
  readonly stages: readonly DrawnStage[];
  /** Only that of one stage. */
  readonly only?: number;
}

/** Centre lines from shaft to shaft, with their lengths where those are entered. */
export const CentreLine = memo(function CentreLine({ drawn, stages, only }: CentresShown) {
  useUnits();
  const { shafts, assumed } = drawn;
  return stages.map(({ centres: centre }, k) => {
    if (only !== undefined && k !== only) return null;
    const [from, to] = [shafts[k] as Point, shafts[k + 1] as Point];
    const known = centre !== null && !assumed.includes(k) && !isOpen(stages[k] as DrawnStage);
    const steep = Math.abs(to.y - from.y) > Math.abs(to.x - from.x);
    return (
      // biome-ignore lint/suspicious/noArrayIndexKey: a centre line is its place in the line
      <g key={k}>
        <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} stroke="var(--soft)" strokeDasharray="12 3 2 3" />
        {known && (
          <text
            x={(from.x + to.x) / 2 + (steep ? 8 : 0)}
            y={(from.y + to.y) / 2 - (steep ? -5 : 6)}
            textAnchor={steep ? 'start' : 'middle'}
            fontSize="13"
            fill="var(--ink)"
            paintOrder="stroke"
            stroke="var(--ground)"
            strokeWidth={5}
          >
            {show(centre, 'mm')}
          </text>
        )}
      </g>
    );
  });
});

const bars = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];

export const isToScale = (stages: readonly DrawnStage[], drawn: Drawn) =>
  drawn.assumed.length === 0 && stages.every((stage) => stage.driver !== null && stage.driven !== null && !isOpen(stage));

interface ScaleShown {
  readonly drawn: Drawn;
  readonly room: number;
  readonly trueScale: boolean;
  /** Where it is drawn; otherwise beside the last wheel, or below the first. */
  readonly at?: Point;
  /** Something is dashed: it is said what that means. */
  readonly hasUsual: boolean;
}

export const ScaleBar = memo(function ScaleBar({ drawn, room, trueScale, hasUsual, at }: ScaleShown) {
  useUnits();
  const { factor } = unitShown('mm');
  const long = (bars.find((each) => (each / factor) * drawn.scale >= 50) ?? 5000) / factor;
  const length = long * drawn.scale;
  // Beside the last wheel where there is room, so that nothing of the machine is crossed.
  const beside = drawn.width + length + 16 <= room;
  const [x, y] = at ? [at.x, at.y] : beside ? [drawn.width + 12, drawn.height - 6] : [(drawn.shafts[0]?.x ?? 0) + 24, drawn.height + 4];
  if (!trueScale) {
    return (
      <text x={x} y={y} fontSize="13" fill="var(--soft)">
        not to scale yet
      </text>
    );
  }
  return (
    <g stroke="var(--soft)" fill="none">
      <path d={`M${x} ${y - 5}V${y}H${x + length}V${y - 5}`} />
      <text
        x={at ? x + length + 6 : x + length / 2}
        y={at ? y : y - 8}
        textAnchor={at ? 'start' : 'middle'}
        fontSize="12"
        fill="var(--soft)"
        stroke="none"
      >
        {show(long, 'mm')}
      </text>
      {hasUsual && (
        <text x={at ? x + length + 80 : x} y={at ? y : y + 15} fontSize="12" fill="var(--soft)" stroke="none">
          dashed: a usual size
        </text>
      )}
    </g>
  );
});
