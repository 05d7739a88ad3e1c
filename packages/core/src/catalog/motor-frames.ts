import { bandAt } from '../numeric/band-at.js';

/** Height of a foot-mounted motor's shaft over its feet, mm, by output, kW: frames of EN 50347 for four poles (from memory). The body is a little less than twice as wide (common practice, no source). */
const heights = [
  [0.06, 56],
  [0.12, 63],
  [0.25, 71],
  [0.55, 80],
  [1.1, 90],
  [2.2, 100],
  [4, 112],
  [5.5, 132],
  [11, 160],
  [18.5, 180],
].map(([kW, H]): readonly [number, readonly [number, number, number]] => [kW as number, [H as number, H as number, H as number]]);

/** Usual width of a motor's body, mm, as it is drawn while nobody has measured it. @param kW rated output */
export const motorBody = (kW: number): number => 1.9 * bandAt(heights, kW)[1];
