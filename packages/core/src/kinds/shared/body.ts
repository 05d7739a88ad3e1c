import { type At, circle, type Pen, path, type Stroke } from '../../drawing/sketch.js';
import type { Figure } from '../../figure/figure.js';
import { likely } from './likely.js';

/** What is at an end of a line, to scale. */
export interface Body {
  /** How wide it is, seen along its shaft, mm. */
  readonly across: number;
  /** Not where it is drawn at a usual size, dashed, since nobody has entered it. */
  readonly known: boolean;
}

/** A body at its shaft in the side view. */
export interface BodyPlaced extends Body {
  readonly at: At;
}

/** The strokes of what is at an end of a line, in true millimetres. */
export type EndDrawing = (body: BodyPlaced) => readonly Stroke[];

/** As wide as it was entered, else as it usually is. */
export function bodyOf(across: Figure<'mm'>, usual: number): Body {
  const entered = likely(across);
  return entered !== null && entered > 0 ? { across: entered, known: true } : { across: usual, known: false };
}

/** A pen for what was entered, or that of what was not. */
export const penOf = ({ known }: Body, pen: Pen = 'thin'): Pen => (known ? pen : 'hidden');

/** A circle round the shaft, as a share of the body. */
export const round = (body: BodyPlaced, share: number, pen: Pen = 'thin'): Stroke => circle(body.at, (share * body.across) / 2, penOf(body, pen));

/** A line through points given as shares of half the body from its shaft. */
export const through = (body: BodyPlaced, points: readonly At[]): Stroke =>
  path(
    points.map(([x, y]): At => [body.at[0] + (x * body.across) / 2, body.at[1] + (y * body.across) / 2]),
    penOf(body),
  );

/** A motor seen along its shaft: its body, and the feet that it is on. */
export const onFeet: EndDrawing = (body) => [
  round(body, 1),
  through(body, [
    [-0.75, -0.66],
    [-0.95, -1.05],
    [0.95, -1.05],
    [0.75, -0.66],
  ]),
];
