import { type EndDrawing, round, through } from '../../shared/body.js';

/** The bar in its chuck from its end, and the tool below it. */
export const drawsMetalLathe: EndDrawing = (body) => [
  round(body, 1.8),
  round(body, 1),
  through(body, [
    [0, -1],
    [0.4, -1.3],
    [0.4, -1.7],
  ]),
];
