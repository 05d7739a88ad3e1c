import { type EndDrawing, round, through } from '../../shared/body.js';

/** The cutter from its end, with its teeth. */
export const drawsMill: EndDrawing = (body) => [
  round(body, 1.7),
  round(body, 1),
  ...[0, 1, 2, 3].map((k) => {
    const at = (r: number, angle: number) => [r * Math.cos(angle), r * Math.sin(angle)] as const;
    const from = (k * Math.PI) / 2;
    return through(body, [at(0.25, from), at(1, from), at(0.55, from + 0.7)]);
  }),
];
