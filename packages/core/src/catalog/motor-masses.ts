import { type Band, bandAt } from '../numeric/band-at.js';

export const motorMassSource = 'Mass of foot-mounted induction motors of four poles, aluminium: catalogue averages (from memory)';

/** Mass, kg, by output, kW: three phases and single phase, aluminium and iron between the ends. */
const masses: readonly (readonly [kW: number, Band])[] = [
  [0.06, [2.5, 3.2, 4.5]],
  [0.12, [3.2, 4, 5.5]],
  [0.25, [4.8, 6, 8]],
  [0.55, [7.5, 9.5, 13]],
  [0.75, [9, 11.5, 16]],
  [1.1, [11, 14, 20]],
  [1.5, [13, 17, 24]],
  [2.2, [18, 23, 32]],
  [3, [21, 27, 38]],
  [4, [26, 33, 46]],
  [5.5, [36, 45, 65]],
  [7.5, [45, 56, 80]],
  [11, [70, 85, 120]],
  [15, [85, 105, 140]],
  [22, [120, 150, 190]],
];

/** @param kW rated output */
export const motorMass = (kW: number): Band => bandAt(masses, kW);
