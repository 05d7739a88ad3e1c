import { type At, type DrawnEnds, type DrawnStage, drawMachine, extent, layOut, type Pen, type Point, type Stroke, ticksOf } from '@hobrek/core';
import { memo } from 'react';

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

interface Space {
  readonly width: number;
  readonly height: number;
  readonly frame?: Frame | undefined;
  readonly ends?: DrawnEnds | undefined;
}

/** How large a machine is drawn in a space: to scale, as large as fits. */
export function fitDrawing(stages: readonly DrawnStage[], space: Space): Drawn {
  const { shafts, assumed } = layOut(stages);
  const { left, right, top, bottom } = drawMachine(stages, [], space.ends);
  const scale = Math.min((space.width - 2 * edge_px) / (right - left), (space.height - 2 * edge_px) / (top - bottom));
  const [width, height] = [(right - left) * scale + 2 * edge_px, (top - bottom) * scale + 2 * edge_px];
  const { frame = { scale, left, top, width, height, origin: { x: 0, y: 0 } } } = space;
  const put = putIn(frame);
  return {
    width: frame.width,
    height: frame.height,
    scale: frame.scale,
    shafts: shafts.map(({ x, y }) => {
      const [px, py] = put([x, y]);
      return { x: px, y: py };
    }),
    assumed,
    frame,
  };
}

/** A view of one stage of a machine, as large as fits, with as much of its neighbours as there is room for. */
export function frameOfStage(stages: readonly DrawnStage[], k: number, space: Pick<Space, 'width' | 'height'>): Frame {
  const { strokes } = drawMachine(stages, []);
  const { left, right, top, bottom } = extent({ strokes: strokes.filter(({ stage }) => stage === k).map(({ stroke }) => stroke) });
  const [width, height] = [space.width - 2 * edge_px, space.height - 2 * edge_px];
  const scale = Math.min(width / Math.max(1, right - left), height / Math.max(1, top - bottom));
  // In the middle of what there is.
  const aside = (width / scale - (right - left)) / 2;
  const above = (height / scale - (top - bottom)) / 2;
  return { scale, left: left - aside, top: top + above, width: space.width, height: space.height, origin: { x: 0, y: 0 } };
}

/** From millimetres of the machine, y upward, to pixels of its view, y downward. */
const putIn =
  ({ scale, left, top, origin }: Frame) =>
  ([x, y]: At): At => [(x + origin.x - left) * scale + edge_px, (top - y - origin.y) * scale + edge_px];

interface MachineDrawn {
  readonly stages: readonly DrawnStage[];
  readonly ends?: DrawnEnds | undefined;
  readonly drawn: Drawn;
  /** Index of the stage that is picked, if any. */
  readonly picked?: number;
  readonly onPick?: (stage: number) => void;
  /** Which of both ends is picked, if any. */
  readonly pickedEnd?: 'source' | 'work' | undefined;
  readonly onPickEnd?: (end: 'source' | 'work') => void;
}

/** How a pen looks on the screen. */
const pens: Readonly<Record<Pen, object>> = {
  line: { strokeWidth: 1.4, fill: 'var(--sheet)' },
  thin: { strokeWidth: 1 },
  stuff: { strokeWidth: 1, fill: 'var(--plate)' },
  centre: { stroke: 'var(--soft)', strokeWidth: 1, strokeDasharray: '12 3 2 3' },
  shaft: { stroke: 'var(--ink)', strokeWidth: 1 },
  pitch: { strokeWidth: 1.2, strokeDasharray: '9 3 2 3', fill: 'var(--sheet)' },
  hidden: { stroke: 'var(--unknown)', strokeWidth: 1.2, strokeDasharray: '4 4', fill: 'var(--sheet)' },
  open: { strokeWidth: 1.2, strokeDasharray: '7 5', fill: 'var(--ground)' },
  belt: { strokeWidth: 2.4 },
  'toothed-belt': { strokeWidth: 4, strokeDasharray: '2.5 1' },
  chain: { strokeWidth: 3, strokeDasharray: '7 3' },
  askew: { stroke: 'var(--close)', strokeWidth: 2.4 },
};

/** Depth of a tooth and distance from one to the next, px: seen as teeth at any scale. */
const tooth_px = { depth: 2.5, pitch: 13 };

interface StrokeDrawn {
  readonly stroke: Stroke;
  readonly frame: Frame;
  /** Drawn below it in brass while its stage is picked. */
  readonly isUnder?: boolean;
}

const under = { stroke: 'var(--brass)', strokeWidth: 8, opacity: 0.45, fill: 'none' };

/** A stroke as the screen shows it. */
export function Drawing({ stroke, frame, isUnder = false }: StrokeDrawn) {
  const put = putIn(frame);
  const look = 'pen' in stroke ? (isUnder ? under : pens[stroke.pen]) : {};
  if (stroke.is === 'circle') {
    const [cx, cy] = put(stroke.at);
    return <circle cx={cx} cy={cy} r={stroke.r * frame.scale} {...look} />;
  }
  if (stroke.is === 'path') {
    const open = stroke.closed || isUnder ? {} : { fill: 'none' };
    return <path d={`M${stroke.through.map((at) => put(at).join(' ')).join('L')}${stroke.closed ? 'Z' : ''}`} {...look} {...open} />;
  }
  if (stroke.is === 'note') {
    const [x, y] = put(stroke.at);
    return (
      <text x={x + 5} y={y + 4} fontSize="12" fill="var(--soft)" paintOrder="stroke" stroke="var(--ground)" strokeWidth={4}>
        {stroke.says}
      </text>
    );
  }
  if (stroke.is !== 'teeth' || isUnder) return null;
  const ticks = ticksOf(stroke, tooth_px.depth / frame.scale, tooth_px.pitch / frame.scale);
  return <path d={ticks.map(([from, to]) => `M${put(from).join(' ')}L${put(to).join(' ')}`).join('')} strokeWidth={1.2} />;
}

/** What is drawn in brass under a stage that is picked: all of it but its centre line. */
const isShape = (stroke: Stroke): boolean => !('pen' in stroke && stroke.pen === 'centre');

/** The power path in side view: wheels at their true diameters, belts on them, shafts as centre marks. */
export const MachineDrawing = memo(function MachineDrawing({ stages, ends, drawn, picked, onPick, pickedEnd, onPickEnd }: MachineDrawn) {
  const { strokes } = drawMachine(stages, [], ends);
  const { shafts, frame } = drawn;
  return (
    <>
      {(['work', 'source'] as const).map((end) => {
        const own = strokes.filter(({ stage }) => stage === end).map(({ stroke }) => stroke);
        const keyed = (isUnder: boolean) =>
          (isUnder ? own.filter(isShape) : own).map((stroke, place) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a stroke is its place in the drawing
            <Drawing key={`${place} ${isUnder}`} stroke={stroke} frame={frame} isUnder={isUnder} />
          ));
        return (
          <g key={end} className={onPickEnd && 'cursor-pointer'} stroke="var(--blue)" fill="none" onPointerDown={onPickEnd && (() => onPickEnd(end))}>
            {pickedEnd === end && keyed(true)}
            {keyed(false)}
          </g>
        );
      })}
      {stages.map((stage, k) => {
        const own = strokes.filter((each) => each.stage === k).map(({ stroke }) => stroke);
        const keyed = (isUnder: boolean) =>
          (isUnder ? own.filter(isShape) : own).map((stroke, place) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a stroke is its place in the drawing
            <Drawing key={`${place} ${isUnder}`} stroke={stroke} frame={frame} isUnder={isUnder} />
          ));
        // Pressing it is a short cut: the same is done by the arrow keys and by entering its fields.
        return (
          <g
            // biome-ignore lint/suspicious/noArrayIndexKey: a stage is its place in the line
            key={`${stage.kind}-${k}`}
            className={onPick && 'cursor-pointer'}
            stroke="var(--blue)"
            fill="none"
            onPointerDown={onPick && (() => onPick(k))}
          >
            {picked === k && keyed(true)}
            {keyed(false)}
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
