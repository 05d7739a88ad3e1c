import { around } from '../../../drawing/sketch.js';
import { type EndDrawing, round, through } from '../../shared/body.js';

const hooks = 3;
/** A blade with hooks, and the wall that it cuts against. */
export const drawsShredder: EndDrawing = (body) => [
  round(body, 0.8),
  round(body, 0.28),
  ...Array.from({ length: hooks }, (_, k) => (2 * Math.PI * k) / hooks + 0.6).map((angle) =>
    through(body, [around([0, 0], 0.8, angle + 1.2), around([0, 0], 0.95, angle + 0.4), around([0, 0], 1, angle), around([0, 0], 0.8, angle - 0.05)]),
  ),
  through(body, [
    [1.25, 1.2],
    [1.05, 0.2],
    [1.05, -1.1],
  ]),
];
