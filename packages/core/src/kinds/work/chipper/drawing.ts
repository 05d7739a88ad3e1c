import { type EndDrawing, round, through } from '../../shared/body.js';

/** The disc with its two knives, and the chute. */
export const drawsChipper: EndDrawing = (body) => [
  round(body, 1),
  round(body, 0.14),
  through(body, [
    [0.3, 0.05],
    [0.94, 0.08],
  ]),
  through(body, [
    [-0.3, -0.05],
    [-0.94, -0.08],
  ]),
  through(body, [
    [0.35, 0.55],
    [0.9, 1.5],
  ]),
  through(body, [
    [0.85, 0.35],
    [1.4, 1.3],
  ]),
];
