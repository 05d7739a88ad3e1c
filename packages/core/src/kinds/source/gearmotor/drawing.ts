import { type EndDrawing, round, through } from '../../shared/body.js';

/** A gearmotor seen along its output shaft: the box round it, the motor beside and above. */
export const drawsGearmotor: EndDrawing = (body) => [
  through(body, [
    [-0.8, -1],
    [0.8, -1],
    [0.8, 0.7],
    [-0.8, 0.7],
    [-0.8, -1],
  ]),
  round(body, 0.45),
  through(body, [
    [-0.6, 0.7],
    [-0.6, 1.5],
    [0.6, 1.5],
    [0.6, 0.7],
  ]),
];
