import { type EndDrawing, round, through } from '../../shared/body.js';

/** The roll, and the hopper over it. */
export const drawsFruitCrusher: EndDrawing = (body) => [
  round(body, 1),
  round(body, 0.84),
  through(body, [
    [-1.7, 2.2],
    [-1.06, 0.5],
    [-1.06, -1.2],
  ]),
  through(body, [
    [1.7, 2.2],
    [1.06, 0.5],
    [1.06, -1.2],
  ]),
];
