import { type EndDrawing, round, through } from '../../shared/body.js';

/** A motor seen along its shaft: its body, and the feet that it is on. */
export const drawsPlateMotor: EndDrawing = (body) => [
  round(body, 1),
  through(body, [
    [-0.75, -0.66],
    [-0.95, -1.05],
    [0.95, -1.05],
    [0.75, -0.66],
  ]),
];
