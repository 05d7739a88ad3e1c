import { type EndDrawing, round, through } from '../../shared/body.js';

/** A hydraulic or air motor seen along its shaft: its square body, the flange, two ports above. */
export const drawsFluidMotor: EndDrawing = (body) => [
  through(body, [
    [-0.8, -0.8],
    [0.8, -0.8],
    [0.8, 0.8],
    [-0.8, 0.8],
    [-0.8, -0.8],
  ]),
  round(body, 0.7),
  ...[-0.4, 0.4].map((x) =>
    through(body, [
      [x - 0.15, 0.8],
      [x - 0.15, 1.1],
      [x + 0.15, 1.1],
      [x + 0.15, 0.8],
    ]),
  ),
];
