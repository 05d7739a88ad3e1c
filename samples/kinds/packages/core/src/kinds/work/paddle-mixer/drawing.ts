import { type EndDrawing, round, through } from '../../shared/body.js';

/** The way of the tips, and the paddle. */
export const drawsPaddleMixer: EndDrawing = (body) => [
  round(body, 1),
  through(body, [
    [-1, 0],
    [1, 0],
  ]),
];
