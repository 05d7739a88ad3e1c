import { type EndDrawing, onFeet, through } from '../../shared/body.js';

/** A motor of three phases with its drive on it, seen along its shaft: its body, its feet, the box. */
export const drawsVectorMotor: EndDrawing = (body) => [
  ...onFeet(body),
  through(body, [
    [-0.5, 0.87],
    [-0.5, 1.4],
    [0.5, 1.4],
    [0.5, 0.87],
  ]),
];
