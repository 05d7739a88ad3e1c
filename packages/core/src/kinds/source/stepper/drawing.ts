import { type EndDrawing, round, through } from '../../shared/body.js';

/** A stepper seen along its shaft: its square flange with cut corners, the round boss. */
export const drawsStepper: EndDrawing = (body) => [
  through(body, [
    [-0.78, -1],
    [0.78, -1],
    [1, -0.78],
    [1, 0.78],
    [0.78, 1],
    [-0.78, 1],
    [-1, 0.78],
    [-1, -0.78],
    [-0.78, -1],
  ]),
  round(body, 0.6),
];
