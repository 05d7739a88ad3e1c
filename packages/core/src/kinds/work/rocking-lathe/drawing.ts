import { around } from '../../../drawing/sketch.js';
import { type EndDrawing, round, through } from '../../shared/body.js';

/** The rosette with its lobes, and the rubber on it. */
export const drawsRockingLathe: EndDrawing = (body) => [
  through(
    body,
    Array.from({ length: 97 }, (_, k) => around([0, 0], 1 + 0.05 * Math.cos((k * 2 * Math.PI * 12) / 96), (k * 2 * Math.PI) / 96)),
  ),
  round(body, 0.35),
  through(body, [
    [1.05, 0],
    [1.4, 0.12],
    [1.4, -0.12],
    [1.05, 0],
  ]),
];
