import { type EndDrawing, round, through } from '../../shared/body.js';

/** A worm from its end, the cage round it, the hopper. */
export const drawsWormPress: EndDrawing = (body) => [
  round(body, 1.2),
  round(body, 1),
  round(body, 0.5),
  through(body, [
    [-0.6, 1],
    [-1.1, 1.8],
    [1.1, 1.8],
    [0.6, 1],
  ]),
];
