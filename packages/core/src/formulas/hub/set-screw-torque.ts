import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Seated screws on a plain shaft; holding scatters, so that half to two thirds of the table is what to count on.
 * @example setScrewTorque.compute({ k: 1, z: 1, F: 4448.2, d: 15.875 }) // ≈ 35.3
 */
export const setScrewTorque = defineFormula({
  id: 'set-screw-torque',
  title: 'torque that set screws hold',
  symbol: 'T',
  unit: 'N·m',
  expr: 'k * z * F * d / 2000',
  source: "Shigley's Mechanical Engineering Design (10e), table 7-4 (relation)",
  inputs: {
    k: inputSlot('1', 'share of the table’s holding force', [0.2, 2]),
    z: inputSlot('1', 'number of screws', [1, 4]),
    F: inputSlot('N', 'holding force of one cup-point screw', [100, 40000]),
    d: inputSlot('mm', 'diameter of the shaft', [3, 150]),
  },
  compute: ({ k, z, F, d }) => (k * z * F * d) / 2000,
});
