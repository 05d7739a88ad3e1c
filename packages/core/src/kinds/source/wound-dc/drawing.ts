import { type EndDrawing, round, through } from '../../shared/body.js';

/** A motor with a wound field seen along its shaft: its frame, two poles with their coils, the feet. */
export const drawsWoundDc: EndDrawing = (body) => [
  round(body, 1),
  round(body, 0.5),
  through(body, [
    [-0.3, 0.92],
    [-0.3, 0.52],
    [0.3, 0.52],
    [0.3, 0.92],
  ]),
  through(body, [
    [-0.3, -0.92],
    [-0.3, -0.52],
    [0.3, -0.52],
    [0.3, -0.92],
  ]),
  through(body, [
    [-0.75, -0.66],
    [-0.95, -1.05],
    [0.95, -1.05],
    [0.75, -0.66],
  ]),
];
