import { type EndDrawing, round, through } from '../../shared/body.js';

/** The way of the handle, and the crank. */
export const drawsHandCrank: EndDrawing = (body) => [
  round(body, 1),
  through(body, [
    [0, 0],
    [-0.71, 0.71],
  ]),
];
