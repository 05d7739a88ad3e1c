import { type EndDrawing, round, through } from '../../shared/body.js';

/** The crank with its pin and the rod. */
export const drawsScrollSaw: EndDrawing = (body) => [
  round(body, 1.4),
  round(body, 0.3),
  through(body, [
    [0.7, 0.7],
    [0, 4.5],
  ]),
];
