import { type At, box, circle, type Pen, path, type Stroke, shape } from '../../drawing/sketch.js';
import { openBeltSpans } from '../../geometry/open-belt.js';

/** A wheel at its place in the side view, mm; not `known` where its size is not entered and it is drawn at a usual one. */
export interface DrawnWheel {
  readonly at: At;
  readonly r: number;
  readonly known: boolean;
}

/** What the drawing of a stage is made from. */
export interface StagePlaced {
  readonly driver: DrawnWheel;
  readonly driven: DrawnWheel;
}

/** The strokes of a stage in side view, in true millimetres. */
export type StageDrawing = (placed: StagePlaced) => readonly Stroke[];

/** Both wheels, dashed where a size is not entered. */
export const wheels = ({ driver, driven }: StagePlaced, pen: Pen): Stroke[] =>
  [driver, driven].map(({ at, r, known }) => circle(at, r, known ? pen : 'hidden'));

/** Teeth round the wheels of which the size is known. */
export const teeth = ({ driver, driven }: StagePlaced, side: 'out' | 'in' | 'both'): Stroke[] =>
  [driver, driven].flatMap(({ at, r, known }): Stroke[] => (known ? [{ is: 'teeth', at, r, side }] : []));

/** The two straight spans of what runs round both wheels; none where one is inside the other. */
export function spans({ driver, driven }: StagePlaced, pen: Pen): Stroke[] {
  const circleOf = ({ at: [x, y], r }: DrawnWheel) => ({ x, y, r });
  return (openBeltSpans(circleOf(driver), circleOf(driven)) ?? []).map(([from, to]) =>
    path(
      [
        [from.x, from.y],
        [to.x, to.y],
      ],
      pen,
    ),
  );
}

/** What is known of both wheels is drawn by one pen, what hangs on a size that is not entered by another. */
export const penFor = ({ driver, driven }: StagePlaced, pen: Pen): Pen => (driver.known && driven.known ? pen : 'hidden');

/** A stage on one axis, seen from above, both shafts beside each other: its axis, and its middle. */
export function onAxis({ driver, driven }: StagePlaced) {
  const y = driver.at[1];
  const [left, right] = [driver.at[0] - driver.r / 2, driven.at[0] + driven.r / 2];
  const middle = (driver.at[0] + driven.at[0]) / 2;
  return {
    y,
    middle,
    half: Math.max(driver.r, driven.r),
    axis: path(
      [
        [left, y],
        [right, y],
      ],
      'centre',
    ),
    apart: driven.at[0] - driver.at[0],
  };
}

/** Its two halves, facing each other across a gap. */
export function halves(placed: StagePlaced, gap: number): Stroke[] {
  const { y, middle, half, apart } = onAxis(placed);
  const long = 0.3 * apart;
  return [middle - gap / 2 - long, middle + gap / 2].map((x) => shape(box(x, y - half, x + long, y + half)));
}
