import { type DrawnStage, layOut } from '@hobrek/core';
import type { DrawnWheel } from './drawn-wheel.js';
import { stageDrawings } from './registry.js';

export interface Drawn {
  readonly width: number;
  readonly height: number;
  /** Pixels for one millimetre. */
  readonly scale: number;
  /** Where each shaft stands, px from the left. */
  readonly shafts: readonly number[];
  readonly axis: number;
  readonly assumed: readonly number[];
}

const edge_px = 6;

/** How large a machine stands in a space: to scale, as large as fits. */
export function fitDrawing(stages: readonly DrawnStage[], space: { width: number; height: number }): Drawn {
  const { left, right, reach, shafts, assumed } = layOut(stages);
  const scale = Math.min((space.width - 2 * edge_px) / (right - left), (space.height - 2 * edge_px) / (2 * reach));
  return {
    width: (right - left) * scale + 2 * edge_px,
    height: 2 * reach * scale + 2 * edge_px,
    scale,
    shafts: shafts.map((x) => (x - left) * scale + edge_px),
    axis: reach * scale + edge_px,
    assumed,
  };
}

interface MachineDrawn {
  readonly stages: readonly DrawnStage[];
  readonly drawn: Drawn;
  /** Index of the stage that is picked, if any. */
  readonly picked?: number;
  readonly onPick?: (stage: number) => void;
}

/** The power path in side view: wheels at their true diameters, belts on them, shafts as centre marks. */
export function MachineDrawing({ stages, drawn, picked, onPick }: MachineDrawn) {
  const { wheels } = layOut(stages);
  const { scale, axis, shafts } = drawn;
  const circle = (stage: number, end: 'in' | 'out'): DrawnWheel => {
    const wheel = wheels.find((each) => each.stage === stage && each.end === end);
    const known = (end === 'in' ? stages[stage]?.driver : stages[stage]?.driven) !== null;
    return { x: shafts[stage + (end === 'out' ? 1 : 0)] ?? 0, y: axis, r: (wheel?.r ?? 0) * scale, known };
  };
  return (
    <>
      {stages.map((stage, k) => {
        const Drawing = stageDrawings[stage.kind];
        const key = `${stage.kind}-${k}`;
        if (!Drawing) return null;
        const drawing = <Drawing driver={circle(k, 'in')} driven={circle(k, 'out')} picked={picked === k} />;
        // Pressing it is a short cut: the same is done by the arrow keys and by entering its fields.
        return (
          <g key={key} className={onPick && 'cursor-pointer'} onPointerDown={onPick && (() => onPick(k))}>
            {drawing}
          </g>
        );
      })}
      {shafts.map((x) => (
        <g key={x} stroke="var(--ink)" strokeWidth={1}>
          <path d={`M${x - 9} ${axis}h18M${x} ${axis - 9}v18`} />
          <circle cx={x} cy={axis} r={3.2} fill="var(--ink)" />
        </g>
      ))}
    </>
  );
}
