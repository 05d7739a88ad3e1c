import { type EndDrawing, round, through } from '../../shared/body.js';

/** A motor of three phases with its drive on it, seen along its shaft: its body, its feet, the box. */
export const drawsVectorMotor: EndDrawing = (body) => [
  round(body, 1),
  through(body, [
    [-0.75, -0.66],
    [-0.95, -1.05],
    [0.95, -1.05],
    [0.75, -0.66],
  ]),
  through(body, [
    [-0.5, 0.87],
    [-0.5, 1.4],
    [0.5, 1.4],
    [0.5, 0.87],
  ]),
];
