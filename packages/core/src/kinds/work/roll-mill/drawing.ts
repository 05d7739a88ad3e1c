import { circle } from '../../../drawing/sketch.js';
import { type EndDrawing, penOf, round, through } from '../../shared/body.js';

/** The driven roll, the one beside it, and the hopper. */
export const drawsRollMill: EndDrawing = (body) => [
  round(body, 1),
  round(body, 0.88),
  circle([body.at[0] + 1.05 * body.across, body.at[1]], body.across / 2, penOf(body)),
  through(body, [
    [-0.6, 1.8],
    [0.3, 1],
  ]),
  through(body, [
    [2.7, 1.8],
    [1.8, 1],
  ]),
];
