import { around } from '../../../drawing/sketch.js';
import { type EndDrawing, round, through } from '../../shared/body.js';

/** The blade with some of its teeth. */
export const drawsCircularSaw: EndDrawing = (body) => [
  round(body, 0.94),
  round(body, 0.3),
  through(
    body,
    Array.from({ length: 24 }, (_, k) => [around([0, 0], 0.94, (k * Math.PI) / 12), around([0, 0], 1, ((k + 0.3) * Math.PI) / 12)]).flat(),
  ),
];
