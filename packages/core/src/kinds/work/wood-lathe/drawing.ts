import { type EndDrawing, round, through } from '../../shared/body.js';

/** The blank from its end, and the rest before it. */
export const drawsWoodLathe: EndDrawing = (body) => [
  round(body, 1),
  round(body, 0.2),
  through(body, [
    [1.1, 0.1],
    [1.1, -0.6],
    [0.95, -1.1],
    [1.3, -1.1],
  ]),
];
