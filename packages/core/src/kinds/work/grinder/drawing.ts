import { type EndDrawing, round, through } from '../../shared/body.js';

/** The wheel in its guard, and the rest. */
export const drawsGrinder: EndDrawing = (body) => [
  round(body, 1),
  round(body, 0.3),
  through(body, [
    [1.04, 0],
    [1.5, 0],
    [1.5, -0.14],
    [1.04, -0.14],
  ]),
];
