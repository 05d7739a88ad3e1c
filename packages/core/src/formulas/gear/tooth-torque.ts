import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * @example toothTorque.compute({ sigma: 46.57, b: 20, m: 2, Y: 0.309, d: 36, K_v: 1.295 }) // ≈ 8.0
 */
export const toothTorque = defineFormula({
  id: 'tooth-torque',
  title: 'torque at which a tooth reaches a stress',
  symbol: 'T',
  unit: 'N·m',
  expr: 'sigma * b * m * Y * d / (2000 * K_v)',
  source: 'Lewis; Shigley’s Mechanical Engineering Design (10e), eq. 14-8 turned round',
  inputs: {
    sigma: inputSlot('MPa', 'stress', [1, 3000]),
    b: inputSlot('mm', 'face width', [1, 500]),
    m: inputSlot('mm', 'module', [0.1, 50]),
    Y: inputSlot('1', 'form factor', [0.15, 0.5]),
    d: inputSlot('mm', 'pitch diameter', [1, 5000]),
    K_v: inputSlot('1', 'velocity factor', [1, 5]),
  },
  compute: ({ sigma, b, m, Y, d, K_v }) => (sigma * b * m * Y * d) / (2000 * K_v),
});
