import { type DrawnStage, layOut, type Point } from '@hobrek/core';
import { memo } from 'react';
import type { DrawnWheel } from './drawn-wheel.js';
import { stageDrawings } from './registry.js';

export interface Drawn {
  readonly width: number;
  readonly height: number;
  /** Pixels for one millimetre. */
  readonly scale: number;
  /** Place of each shaft, px from the left and from the top. */
  readonly shafts: readonly Point[];
  readonly assumed: readonly number[];
  readonly frame: Frame;
}

/** A view that stays still while something in it is dragged: scale, what is at its left and top edge, and the place of the first shaft in it, mm. */
export interface Frame {
  readonly scale: number;
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  readonly origin: Point;
}

const edge_px = 6;

/** How large a machine is drawn in a space: to scale, as large as fits. */
export function fitDrawing(stages: readonly DrawnStage[], space: { width: number; height: number; frame?: Frame | undefined }): Drawn {
  const { left, right, top, bottom, shafts, assumed } = layOut(stages);
  const scale = Math.min((space.width - 2 * edge_px) / (right - left), (space.height - 2 * edge_px) / (top - bottom));
  const [width, height] = [(right - left) * scale + 2 * edge_px, (top - bottom) * scale + 2 * edge_px];
  const { frame = { scale, left, top, width, height, origin: { x: 0, y: 0 } } } = space;
  return {
    width: frame.width,
    height: frame.height,
    scale: frame.scale,
    shafts: shafts.map(({ x, y }) => ({
      x: (x + frame.origin.x - frame.left) * frame.scale + edge_px,
      y: (frame.top - y - frame.origin.y) * frame.scale + edge_px,
    })),
    assumed,
    frame,
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
export const MachineDrawing = memo(function MachineDrawing({ stages, drawn, picked, onPick }: MachineDrawn) {
  const { wheels } = layOut(stages);
  const { scale, shafts } = drawn;
  const circle = (stage: number, end: 'in' | 'out'): DrawnWheel => {
    const wheel = wheels.find((each) => each.stage === stage && each.end === end);
    const known = (end === 'in' ? stages[stage]?.driver : stages[stage]?.driven) !== null;
    const { x, y } = shafts[stage + (end === 'out' ? 1 : 0)] ?? { x: 0, y: 0 };
    return { x, y, r: (wheel?.r ?? 0) * scale, known };
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
      {shafts.map(({ x, y }, k) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a shaft is its place in the line
        <g key={k} stroke="var(--ink)" strokeWidth={1}>
          <path d={`M${x - 9} ${y}h18M${x} ${y - 9}v18`} />
          <circle cx={x} cy={y} r={3.2} fill="var(--ink)" />
        </g>
      ))}
    </>
  );
});
