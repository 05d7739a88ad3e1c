import { type EndDrawing, round, through } from '../../shared/body.js';

/** The drill from its point, with its two edges. */
export const drawsDrill: EndDrawing = (body) => [
  round(body, 2.4),
  round(body, 1),
  through(body, [
    [-0.9, 0.25],
    [0.12, 0.12],
    [-0.12, -0.12],
    [0.9, -0.25],
  ]),
];
