import { type EndDrawing, round, through } from '../../shared/body.js';

/** A brushless motor seen along its shaft: its rim, the ring of its windings in six, the hub. */
export const drawsBrushless: EndDrawing = (body) => [
  round(body, 1),
  round(body, 0.72),
  round(body, 0.3),
  ...[0, 60, 120, 180, 240, 300].map((degrees) => {
    const [x, y] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    return through(body, [
      [0.35 * x, 0.35 * y],
      [0.68 * x, 0.68 * y],
    ]);
  }),
];
