import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Impact of rollers and bushes bounds a fast one.
 * @example rollerRating.compute({ K_r: 17, z: 15, p: 12.7, n: 600 }) // ≈ 28781
 */
export const rollerRating = defineFormula({
  id: 'roller-rating',
  title: 'power rating by the rollers',
  symbol: 'P_2',
  unit: 'W',
  expr: '745.699872 * 1000 * K_r * z^1.5 * (p / 25.4)^0.8 / n^1.5',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-33 (relation)",
  inputs: {
    K_r: inputSlot('1', '29 up to 3/8 in, 3.4 for chain 41, 17 above', [0.8, 40]),
    z: inputSlot('1', 'teeth of the small sprocket', [9, 150]),
    p: inputSlot('mm', 'pitch of the chain', [6, 50]),
    n: inputSlot('rpm', 'speed of the small sprocket', [10, 5000]),
  },
  compute: ({ K_r, z, p, n }) => (745.699872 * 1000 * K_r * z ** 1.5 * (p / 25.4) ** 0.8) / n ** 1.5,
});
