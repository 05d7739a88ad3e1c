import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Where the stiffness between wheel and obstruction is known.
 * @example stiffStoppingTorque.compute({ T_0: 10, J: 0.02, k: 900, n: 427.5 }) // ≈ 200.2
 */
export const stiffStoppingTorque = defineFormula({
  id: 'stiff-stopping-torque',
  title: 'peak torque against a stiffness',
  symbol: 'T',
  unit: 'N·m',
  expr: 'T_0 + sqrt(T_0^2 + J * k * (pi * n / 30)^2)',
  source: 'Conservation of energy against a spring (closed form)',
  inputs: {
    T_0: inputSlot('N·m', 'torque of the drive itself', [0, 1000000.0]),
    J: inputSlot('kg·m²', 'moment of inertia', [1e-7, 1000]),
    k: inputSlot('N·m/rad', 'torsional stiffness to the obstruction', [0.1, 10000000.0]),
    n: inputSlot('rpm', 'speed', [0, 20000]),
  },
  compute: ({ T_0, J, k, n }) => T_0 + Math.sqrt(T_0 ** 2 + J * k * ((Math.PI * n) / 30) ** 2),
});
