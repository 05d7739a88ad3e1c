import { type EndDrawing, round, through } from '../../shared/body.js';

/** The eccentric on its shaft, and the tub over it. */
export const drawsVibratoryTumbler: EndDrawing = (body) => [
  round(body, 0.25),
  through(body, [
    [0.6, -0.3],
    [1, -0.3],
    [1, 0.3],
    [0.6, 0.3],
    [0.6, -0.3],
  ]),
  through(body, [
    [-1.3, 1.5],
    [-1.3, 0.75],
    [1.3, 0.75],
    [1.3, 1.5],
  ]),
];
