import { type EndDrawing, round, through } from '../../shared/body.js';

/** A motor with magnets seen along its shaft: its can, the two magnets in it, the foot. */
export const drawsPmDc: EndDrawing = (body) => [
  round(body, 1),
  through(body, [
    [-0.82, 0.35],
    [-0.88, 0],
    [-0.82, -0.35],
  ]),
  through(body, [
    [0.82, 0.35],
    [0.88, 0],
    [0.82, -0.35],
  ]),
  through(body, [
    [-0.5, -0.87],
    [-0.6, -1.05],
    [0.6, -1.05],
    [0.5, -0.87],
  ]),
];
