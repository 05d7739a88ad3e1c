import { type EndDrawing, round, through } from '../../shared/body.js';

/** The cutter block from its end, with its knives. */
export const drawsPlaner: EndDrawing = (body) => [
  round(body, 0.9),
  ...[0, 1, 2].map((k) => {
    const angle = (k * 2 * Math.PI) / 3;
    return through(body, [
      [0.6 * Math.cos(angle - 0.35), 0.6 * Math.sin(angle - 0.35)],
      [Math.cos(angle), Math.sin(angle)],
      [0.85 * Math.cos(angle + 0.12), 0.85 * Math.sin(angle + 0.12)],
    ]);
  }),
];
