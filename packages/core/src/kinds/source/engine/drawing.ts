import { type EndDrawing, round, through } from '../../shared/body.js';

/** A small engine seen along its shaft: its flywheel, the crankcase on its feet, the cylinder above. */
export const drawsEngine: EndDrawing = (body) => [
  round(body, 1),
  through(body, [
    [-0.9, -0.45],
    [-0.95, -1.05],
    [0.95, -1.05],
    [0.9, -0.45],
  ]),
  through(body, [
    [-0.45, 0.9],
    [-0.45, 1.6],
    [0.45, 1.6],
    [0.45, 0.9],
  ]),
];
