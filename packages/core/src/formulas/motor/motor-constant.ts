import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Volts that a motor with a steady field makes a radian a second, and torque that it makes an ampere: one figure.
 * @example motorConstant.compute({ V: 65, I: 0, R: 1.2, V_b: 0, n: 1000 }) // ≈ 0.6207
 */
export const motorConstant = defineFormula({
  id: 'motor-constant',
  title: 'constant of the motor',
  symbol: 'k',
  unit: 'V·s/rad',
  expr: '30 * (V - I * R - V_b) / (pi * n)',
  source: 'textbooks on electric machines (relation); k_T in N·m/A is k_E in V·s/rad',
  inputs: {
    V: inputSlot('V', 'voltage at the brushes', [0.5, 1000]),
    I: inputSlot('A', 'current', [0, 2000]),
    R: inputSlot('Ω', 'resistance of the armature', [0, 500]),
    V_b: inputSlot('V', 'drop at the brushes', [0, 4]),
    n: inputSlot('rpm', 'speed', [1, 60000]),
  },
  compute: ({ V, I, R, V_b, n }) => (30 * (V - I * R - V_b)) / (Math.PI * n),
});
