import { type EndDrawing, round, through } from '../../shared/body.js';

/** A driven wheel with its tyre, on the ground. */
export const drawsWheelDrive: EndDrawing = (body) => [
  round(body, 1),
  round(body, 0.72),
  through(body, [
    [-1.3, -1],
    [1.3, -1],
  ]),
];
