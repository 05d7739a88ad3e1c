import { layOut } from '../geometry/lay-out.js';
import type { DrawnStage } from '../kinds/kind.js';
import { show, type UnitHabit } from '../quantity/show.js';
import type { MachineDrawing, MachineStroke } from './machine.js';
import { box, path, type Stroke, shape } from './sketch.js';

/** A wheel is drawn so wide, mm: how wide it is is not entered. */
export const rim_mm = 20;
/** How far a shaft is drawn beyond its last wheel, mm. */
const beyond_mm = 35;

/** A wheel at its place along its shaft. */
interface Placed {
  readonly stage: number;
  readonly shaft: number;
  /** mm from one face of the machine. */
  readonly at: number;
  readonly size: number | null;
}

/**
 * A line seen from above, in true millimetres, x as in its side view: shafts as lines, each wheel at its place along its shaft, each belt and chain from one to the other, so that
 * what runs askew is seen.
 * @param units in which the places are written
 * @returns null until the places of two wheels are entered
 */
export function drawFromAbove(stages: readonly DrawnStage[], names: readonly string[], units: UnitHabit = 'metric'): MachineDrawing | null {
  const placed = stages.flatMap(({ line, driver, driven }, stage): Placed[] => {
    const [a, b] = line ?? [null, null];
    return [
      ...(a === null ? [] : [{ stage, shaft: stage, at: a, size: driver }]),
      ...(b === null ? [] : [{ stage, shaft: stage + 1, at: b, size: driven }]),
    ];
  });
  if (placed.length < 2) return null;
  const { shafts, left, right } = layOut(stages);
  const x = (shaft: number) => shafts[shaft]?.x ?? 0;
  const least = Math.min(...placed.map(({ at }) => at));
  const y = (at: number) => least - at;
  const [top, bottom] = [beyond_mm, Math.min(...placed.map(({ at }) => y(at))) - beyond_mm];
  const of = (layer: string, stage: number | null, stroke: Stroke): MachineStroke => ({ layer, stage, stroke });
  const lines = shafts.flatMap((_, k) => [
    of(
      'shafts',
      null,
      path(
        [
          [x(k), top],
          [x(k), bottom],
        ],
        'centre',
      ),
    ),
    of('words', null, { is: 'name', at: [x(k), bottom], says: names[k] ?? '' }),
  ]);
  const runs = stages.flatMap(({ line, kind }, k) => {
    const [a, b] = line ?? [null, null];
    if (a === null || b === null) return [];
    return of(
      kind,
      k,
      path(
        [
          [x(k), y(a)],
          [x(k + 1), y(b)],
        ],
        a === b ? 'belt' : 'askew',
      ),
    );
  });
  const wheels = placed.flatMap(({ stage, shaft, at, size }) => {
    const r = (size ?? usual_mm) / 2;
    const corners = box(x(shaft) - r, y(at) - rim_mm / 2, x(shaft) + r, y(at) + rim_mm / 2);
    const layer = stages[stage]?.kind ?? '';
    return [
      of(layer, stage, shape(corners, size === null ? 'hidden' : 'line')),
      of('words', stage, { is: 'note', at: [x(shaft) + r, y(at)], says: show(at, 'mm', units) }),
    ];
  });
  return { strokes: [...lines, ...runs, ...wheels], left, right, top, bottom, trueScale: true, hasUsual: placed.some(({ size }) => size === null) };
}

/** A wheel of which no size is entered, mm. */
const usual_mm = 60;

/** Two views of a machine in one drawing, the second below the first at the same x. */
export function oneBelow(above: MachineDrawing, below: MachineDrawing | null, gap_mm: number): MachineDrawing {
  if (!below) return above;
  const down = above.bottom - gap_mm - below.top;
  return {
    strokes: [...above.strokes, ...below.strokes.map((each) => ({ ...each, stroke: moved(each.stroke, down) }))],
    left: Math.min(above.left, below.left),
    right: Math.max(above.right, below.right),
    top: above.top,
    bottom: below.bottom + down,
    trueScale: above.trueScale,
    hasUsual: above.hasUsual || below.hasUsual,
  };
}

/** A stroke so much higher. */
function moved(stroke: Stroke, by: number): Stroke {
  const put = ([x, y]: readonly [number, number]) => [x, y + by] as const;
  if (stroke.is === 'path') return { ...stroke, through: stroke.through.map(put) };
  if (stroke.is === 'measure') return { ...stroke, from: put(stroke.from), to: put(stroke.to) };
  return { ...stroke, at: put(stroke.at) };
}
