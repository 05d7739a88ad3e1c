import { defineFormula, inputSlot } from '../../figure/formula.js';

/**
 * Torque at the shaft: what the current makes, less what bearings, brushes and air take.
 * @example torqueAtCurrent.compute({ k: 0.25, I: 10, T_f: 0.15 }) // 2.35
 */
export const torqueAtCurrent = defineFormula({
  id: 'torque-at-current',
  title: 'torque at a current',
  symbol: 'T',
  unit: 'N·m',
  expr: 'k * I - T_f',
  source: 'textbooks on electric machines (relation)',
  inputs: {
    k: inputSlot('V·s/rad', 'constant of the motor', [0.0001, 100]),
    I: inputSlot('A', 'current, its mean', [0, 2000]),
    T_f: inputSlot('N·m', 'friction of the motor', [0, 1000]),
  },
  compute: ({ k, I, T_f }) => k * I - T_f,
});
