import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example toothStress.compute({ K_v: 1.295, W_t: 444.4, b: 20, m: 2, Y: 0.309 }) // ≈ 46.6
 */
export const toothStress = defineFormula({
  id: 'tooth-stress',
  title: 'bending stress at the foot of a tooth',
  symbol: 'sigma',
  unit: 'MPa',
  expr: 'K_v * W_t / (b * m * Y)',
  source: 'Lewis; Shigley’s Mechanical Engineering Design (10e), eq. 14-8',
  inputs: {
    K_v: inputSlot('1', 'velocity factor', [1, 5]),
    W_t: inputSlot('N', 'force along the pitch circle', [0, 1000000]),
    b: inputSlot('mm', 'face width', [1, 500]),
    m: inputSlot('mm', 'module', [0.1, 50]),
    Y: inputSlot('1', 'form factor', [0.15, 0.5]),
  },
  compute: ({ K_v, W_t, b, m, Y }) => (K_v * W_t) / (b * m * Y),
});
