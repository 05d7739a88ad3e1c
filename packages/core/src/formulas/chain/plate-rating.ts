import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Fatigue of the plates bounds a slow chain.
 * @example plateRating.compute({ k: 0.004, z: 15, n: 600, p: 12.7 }) // ≈ 2252
 */
export const plateRating = defineFormula({
  id: 'plate-rating',
  title: 'power rating by the link plates',
  symbol: 'P_1',
  unit: 'W',
  expr: '745.699872 * k * z^1.08 * n^0.9 * (p / 25.4)^(3 - 0.07 * p / 25.4)',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-32 (relation)",
  inputs: {
    k: inputSlot('1', '0.004, or 0.0022 for chain 41', [0.0015, 0.0055]),
    z: inputSlot('1', 'teeth of the small sprocket', [9, 150]),
    n: inputSlot('rpm', 'speed of the small sprocket', [10, 5000]),
    p: inputSlot('mm', 'pitch of the chain', [6, 50]),
  },
  compute: ({ k, z, n, p }) => 745.699872 * k * z ** 1.08 * n ** 0.9 * (p / 25.4) ** (3 - (0.07 * p) / 25.4),
});
