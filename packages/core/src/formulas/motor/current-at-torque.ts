import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Current for a torque at the shaft.
 * @example currentAtTorque.compute({ T: 2.35, k: 0.25, T_f: 0.15 }) // 10
 */
export const currentAtTorque = defineFormula({
  id: 'current-at-torque',
  title: 'current for a torque',
  symbol: 'I',
  unit: 'A',
  expr: '(T + T_f) / k',
  source: 'textbooks on electric machines (relation)',
  inputs: {
    T: inputSlot('N·m', 'torque at the shaft', [0, 100000]),
    k: inputSlot('V·s/rad', 'constant of the motor', [0.0001, 100]),
    T_f: inputSlot('N·m', 'friction of the motor', [0, 1000]),
  },
  compute: ({ T, k, T_f }) => (T + T_f) / k,
});
