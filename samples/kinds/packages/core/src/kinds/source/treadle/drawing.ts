import { type EndDrawing, round, through } from '../../shared/body.js';

/** The flywheel, and the rod down to the board. */
export const drawsTreadle: EndDrawing = (body) => [
  round(body, 1),
  through(body, [
    [0.2, 0],
    [0, -1.6],
  ]),
];
