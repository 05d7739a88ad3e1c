import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * The rating as a torque, with the shocks of the work taken off.
 * @example lastingTorque.compute({ P_a: 575, K_s: 1.3, n: 1425 }) // ≈ 2.964
 */
export const lastingTorque = defineFormula({
  id: 'lasting-torque',
  title: 'torque that the belts carry for years',
  symbol: 'T',
  unit: 'N·m',
  expr: '60 * P_a / (K_s * 2 * pi * n)',
  source: "Shigley's Mechanical Engineering Design (10e), eq. 17-17 and 17-19 (relation)",
  inputs: {
    P_a: inputSlot('W', 'power that the belts are good for', [0, 1000000.0]),
    K_s: inputSlot('1', 'service factor', [1, 2.5]),
    n: inputSlot('rpm', 'speed of the shaft', [10, 20000]),
  },
  compute: ({ P_a, K_s, n }) => (60 * P_a) / (K_s * 2 * Math.PI * n),
});
