import { type EndDrawing, round, through } from '../../shared/body.js';

/** A motor of which nothing is known, seen along its shaft: its body, and the place where its plate was. */
export const drawsNoPlate: EndDrawing = (body) => [
  round(body, 1),
  through(body, [
    [-0.4, 0.55],
    [-0.4, 0.2],
    [0.4, 0.2],
    [0.4, 0.55],
    [-0.4, 0.55],
  ]),
];
