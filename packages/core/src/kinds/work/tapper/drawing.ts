import { type EndDrawing, round, through } from '../../shared/body.js';

/** The tap from its end, with its flutes. */
export const drawsTapper: EndDrawing = (body) => [
  round(body, 1),
  round(body, 0.82),
  through(body, [
    [-1, 0],
    [1, 0],
  ]),
  through(body, [
    [0, -1],
    [0, 1],
  ]),
];
