import { type EndDrawing, round, through } from '../../shared/body.js';

/** A universal motor seen along its shaft: the stack of its field with flat sides, the armature, two brush holders. */
export const drawsUniversal: EndDrawing = (body) => [
  through(body, [
    [-0.6, -0.8],
    [0.6, -0.8],
    [0.9, -0.45],
    [0.9, 0.45],
    [0.6, 0.8],
    [-0.6, 0.8],
    [-0.9, 0.45],
    [-0.9, -0.45],
    [-0.6, -0.8],
  ]),
  round(body, 0.55),
  through(body, [
    [-1.05, 0.12],
    [-0.55, 0.12],
    [-0.55, -0.12],
    [-1.05, -0.12],
  ]),
  through(body, [
    [1.05, 0.12],
    [0.55, 0.12],
    [0.55, -0.12],
    [1.05, -0.12],
  ]),
];
