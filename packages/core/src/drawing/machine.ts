import { layOut } from '../geometry/lay-out.js';
import { sourceDrawings, stageDrawings, workDrawings } from '../kinds/drawings.js';
import { isOpen } from '../kinds/is-open.js';
import type { DrawnEnd, DrawnEnds, DrawnStage } from '../kinds/kind.js';
import type { EndDrawing } from '../kinds/shared/body.js';
import type { DrawnWheel, StageDrawing } from '../kinds/shared/drawn-wheels.js';
import { type At, extent, path, type Stroke } from './sketch.js';

/** A stroke with what it belongs to: a stage by its kind, or what is drawn of every machine. */
export interface MachineStroke {
  readonly layer: string;
  /** Place of the stage in its line, or which end it is; null of shafts, centre lines and names. */
  readonly stage: number | 'source' | 'work' | null;
  readonly stroke: Stroke;
}

export interface MachineDrawing {
  readonly strokes: readonly MachineStroke[];
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** Whether every size and distance is entered: what is not is drawn where it only clears. */
  readonly trueScale: boolean;
  /** Whether something is drawn at a usual size, dashed, since nobody has entered it. */
  readonly hasUsual: boolean;
}

/** Half a centre mark, mm. */
const mark_mm = 8;

const drawingOf = (kind: string): StageDrawing | undefined => (stageDrawings as Readonly<Record<string, StageDrawing>>)[kind];
const endDrawings: Readonly<Record<'source' | 'work', Readonly<Record<string, EndDrawing>>>> = { source: sourceDrawings, work: workDrawings };

/**
 * A line in side view as strokes in true millimetres, x to the right, y upward, its first shaft at nought: what is shown on a screen, on paper and in a file. What lies on one
 * axis is drawn beside each other.
 * @param names of its shafts, written below them
 * @param ends what drives it and what it drives, behind its wheels
 */
export function drawMachine(stages: readonly DrawnStage[], names: readonly string[], ends?: DrawnEnds): MachineDrawing {
  const laid = layOut(stages);
  const { shafts, wheels, assumed } = laid;
  const wheel = (stage: number, end: 'in' | 'out'): DrawnWheel => {
    const found = wheels.find((each) => each.stage === stage && each.end === end);
    const size = end === 'in' ? stages[stage]?.driver : stages[stage]?.driven;
    return { at: [found?.x ?? 0, found?.y ?? 0], r: found?.r ?? 0, known: size !== null && size !== undefined };
  };
  const ofStages = stages.flatMap(({ kind }, stage) =>
    (drawingOf(kind)?.({ driver: wheel(stage, 'in'), driven: wheel(stage, 'out') }) ?? []).map(
      (stroke): MachineStroke => ({ layer: kind, stage, stroke }),
    ),
  );
  const of = (layer: string, stroke: Stroke): MachineStroke => ({ layer, stage: null, stroke });
  const at = (k: number): At => [shafts[k]?.x ?? 0, shafts[k]?.y ?? 0];
  const end = (which: 'source' | 'work', { kind, ...body }: DrawnEnd, shaft: number): MachineStroke[] =>
    (endDrawings[which][kind]?.({ ...body, at: at(shaft) }) ?? []).map((stroke) => ({ layer: kind, stage: which, stroke }));
  const atEnds = ends ? [...end('work', ends.work, shafts.length - 1), ...end('source', ends.source, 0)] : [];
  const centreLines = stages.map((_, k) => of('centre-lines', path([at(k), at(k + 1)], 'centre')));
  const marks = shafts.flatMap(({ x, y }, k) => [
    of(
      'shafts',
      path(
        [
          [x - mark_mm, y],
          [x + mark_mm, y],
        ],
        'shaft',
      ),
    ),
    of(
      'shafts',
      path(
        [
          [x, y - mark_mm],
          [x, y + mark_mm],
        ],
        'shaft',
      ),
    ),
    of('words', { is: 'name', at: [x, y - mark_mm], says: names[k] ?? '' }),
  ]);
  const trueScale = assumed.length === 0 && stages.every((stage) => stage.driver !== null && stage.driven !== null && !isOpen(stage));
  const strokes = [...atEnds, ...ofStages, ...centreLines, ...marks];
  const hasUsual = strokes.some(({ stroke }) => 'pen' in stroke && stroke.pen === 'hidden');
  return { strokes, ...roomOf(laid, atEnds), trueScale, hasUsual };
}

type Room = Pick<MachineDrawing, 'left' | 'right' | 'top' | 'bottom'>;

/** What wheels and shafts take up, and what is at both ends. */
function roomOf({ left, right, top, bottom }: Room, atEnds: readonly MachineStroke[]): Room {
  if (atEnds.length === 0) return { left, right, top, bottom };
  const ends = extent({ strokes: atEnds.map(({ stroke }) => stroke) });
  return {
    left: Math.min(left, ends.left),
    right: Math.max(right, ends.right),
    top: Math.max(top, ends.top),
    bottom: Math.min(bottom, ends.bottom),
  };
}
