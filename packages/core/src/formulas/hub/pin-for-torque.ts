import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Sizing a weakest link on purpose.
 * @example pinForTorque.compute({ T: 162.7, z: 1, tau: 310.3, r: 44.45 }) // ≈ 3.875
 */
export const pinForTorque = defineFormula({
  id: 'pin-for-torque',
  title: 'diameter of a pin that shears at a torque',
  symbol: 'd',
  unit: 'mm',
  expr: 'sqrt(4 * T * 1000 / (pi * z * tau * r))',
  source: 'Closed form',
  inputs: {
    T: inputSlot('N·m', 'torque needed', [0.1, 100000.0]),
    z: inputSlot('1', 'shear planes', [1, 4]),
    tau: inputSlot('MPa', 'shear strength', [50, 900]),
    r: inputSlot('mm', 'radius at which it shears', [2, 300]),
  },
  compute: ({ T, z, tau, r }) => Math.sqrt((4 * T * 1000) / (Math.PI * z * tau * r)),
});
